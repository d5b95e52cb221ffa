/** The outbox. A mail is kept as the whole file it would be sent as. */
import { MOST_LISTED } from '@/contracts/bounds';
import type { ClassId, ClubId, CoachId, MailId, StudentId } from '@/contracts/ids';
import type { MailPage, MailSummary } from '@/contracts/reports';
import type { Db } from '../db';

export interface NewMailRow {
  readonly clubId: ClubId;
  readonly writtenBy: CoachId;
  readonly classId: ClassId;
  readonly studentId: StudentId | undefined;
  readonly requestId: string;
  readonly to: string;
  readonly subject: string;
  readonly text: string;
  readonly fileName: string;
  readonly eml: Uint8Array;
  readonly writtenAt: Date;
}

export async function findMailByRequest(db: Db, requestId: string): Promise<MailId | undefined> {
  const row: { id: number } | undefined = await db('mails').where({ request_id: requestId }).first('id');
  return row?.id as MailId | undefined;
}

export async function addMail(db: Db, mail: NewMailRow): Promise<MailId> {
  const [id] = await db('mails').insert({
    club_id: mail.clubId,
    written_by: mail.writtenBy,
    class_id: mail.classId,
    student_id: mail.studentId ?? null,
    request_id: mail.requestId,
    to_address: mail.to,
    subject: mail.subject,
    body: mail.text,
    file_name: mail.fileName,
    eml: Buffer.from(mail.eml),
    written_at: mail.writtenAt,
  });
  return id as MailId;
}

interface MailRow {
  id: number;
  to_address: string;
  subject: string;
  body: string;
  file_name: string;
  written_at: Date;
  display_name: string;
}

function selectMails(db: Db, clubId: ClubId, onlyOf: CoachId | undefined) {
  const query = db('mails').join('people', 'people.id', 'mails.written_by').where('mails.club_id', clubId);
  if (onlyOf !== undefined) void query.where('mails.written_by', onlyOf);
  return query;
}

const COLUMNS = [
  'mails.id',
  'mails.to_address',
  'mails.subject',
  'mails.body',
  'mails.file_name',
  'mails.written_at',
  'people.display_name',
];

const toSummary = (row: MailRow): MailSummary => ({
  mailId: row.id as MailId,
  to: row.to_address,
  subject: row.subject,
  fileName: row.file_name,
  writtenAt: row.written_at.toISOString(),
  writtenBy: row.display_name,
});

/** The newest first; of one coach only, or of the whole club. */
export async function listMails(db: Db, clubId: ClubId, onlyOf: CoachId | undefined): Promise<MailSummary[]> {
  const rows: MailRow[] = await selectMails(db, clubId, onlyOf)
    .orderBy('mails.id', 'desc')
    .limit(MOST_LISTED)
    .select(COLUMNS);
  return rows.map(toSummary);
}

/** Mails with a child's own report, the oldest first. */
export async function listMailsOf(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly to: string; readonly subject: string; readonly writtenAt: string }[]> {
  const rows: { to_address: string; subject: string; written_at: Date }[] = await db('mails')
    .where({ student_id: studentId })
    .orderBy('id')
    .select('to_address', 'subject', 'written_at');
  return rows.map((row) => ({
    to: row.to_address,
    subject: row.subject,
    writtenAt: row.written_at.toISOString(),
  }));
}

export async function findMail(
  db: Db,
  clubId: ClubId,
  onlyOf: CoachId | undefined,
  mailId: MailId,
): Promise<(MailPage & { readonly eml: Uint8Array }) | undefined> {
  const row: (MailRow & { eml: Buffer }) | undefined = await selectMails(db, clubId, onlyOf)
    .where('mails.id', mailId)
    .first([...COLUMNS, 'mails.eml']);
  return row && { ...toSummary(row), text: row.body, eml: row.eml };
}

export async function deleteMail(db: Db, mailId: MailId): Promise<void> {
  await db('mails').where({ id: mailId }).delete();
}
