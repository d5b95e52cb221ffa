/** The outbox. A mail is kept as the whole file it would be sent as. */
import { MOST_LISTED } from '@/contracts/bounds';
import type { ClassId, ClubId, CoachId, MailId, StudentId } from '@/contracts/ids';
import type { MailPage, MailSummary } from '@/contracts/reports';
import { columnsOf, findRow, findValue, insertRow, listRows, parsed, type Db } from '../db';
import { toMoment } from './days';

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
  return findValue(db('mails').where({ request_id: requestId }), 'mails.id');
}

export async function addMail(db: Db, mail: NewMailRow): Promise<MailId> {
  return insertRow(db, 'mails', {
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
}

function selectMails(db: Db, clubId: ClubId, onlyOf: CoachId | undefined) {
  const query = db('mails').join('people', 'people.id', 'mails.written_by').where('mails.club_id', clubId);
  if (onlyOf !== undefined) void query.where('mails.written_by', onlyOf);
  return query;
}

const SUMMARY_COLUMNS = columnsOf({
  mailId: 'mails.id',
  to: 'mails.to_address',
  subject: 'mails.subject',
  fileName: 'mails.file_name',
  writtenAt: parsed('mails.written_at', toMoment),
  writtenBy: 'people.display_name',
});

/** The newest first; of one coach only, or of the whole club. */
export async function listMails(db: Db, clubId: ClubId, onlyOf: CoachId | undefined): Promise<MailSummary[]> {
  const newest = selectMails(db, clubId, onlyOf).orderBy('mails.id', 'desc').limit(MOST_LISTED);
  return listRows(newest, SUMMARY_COLUMNS);
}

/** Mails with a child's own report, the oldest first. */
export async function listMailsOf(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly to: string; readonly subject: string; readonly writtenAt: string }[]> {
  return listRows(db('mails').where({ student_id: studentId }).orderBy('id'), {
    to: 'mails.to_address',
    subject: 'mails.subject',
    writtenAt: parsed('mails.written_at', toMoment),
  });
}

export async function findMail(
  db: Db,
  clubId: ClubId,
  onlyOf: CoachId | undefined,
  mailId: MailId,
): Promise<(MailPage & { readonly eml: Uint8Array }) | undefined> {
  return findRow(selectMails(db, clubId, onlyOf).where('mails.id', mailId), {
    ...SUMMARY_COLUMNS,
    text: 'mails.body',
    eml: 'mails.eml',
  });
}

export async function deleteMail(db: Db, mailId: MailId): Promise<void> {
  await db('mails').where({ id: mailId }).delete();
}
