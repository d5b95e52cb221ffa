/** The outbox. An email is kept as the whole file it would be sent as. */
import { MOST_LISTED } from '@/contracts/bounds';
import type { ClassId, ClubId, CoachId, EmailId, StudentId } from '@/contracts/ids';
import type { EmailPage, EmailSummary } from '@/contracts/reports';
import { columnsOf, findRow, findValue, insertRow, listRows, parsed, type Db } from '../db';
import { toMoment } from './days';

export interface NewEmailRow {
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

export async function findEmailByRequest(db: Db, requestId: string): Promise<EmailId | undefined> {
  return findValue(db('mails').where({ request_id: requestId }), 'mails.id');
}

export async function addEmail(db: Db, email: NewEmailRow): Promise<EmailId> {
  return insertRow(db, 'mails', {
    club_id: email.clubId,
    written_by: email.writtenBy,
    class_id: email.classId,
    student_id: email.studentId ?? null,
    request_id: email.requestId,
    to_address: email.to,
    subject: email.subject,
    body: email.text,
    file_name: email.fileName,
    eml: Buffer.from(email.eml),
    written_at: email.writtenAt,
  });
}

function selectEmails(db: Db, clubId: ClubId, onlyOf: CoachId | undefined) {
  const query = db('mails').join('people', 'people.id', 'mails.written_by').where('mails.club_id', clubId);
  if (onlyOf !== undefined) void query.where('mails.written_by', onlyOf);
  return query;
}

const SUMMARY_COLUMNS = columnsOf({
  emailId: 'mails.id',
  to: 'mails.to_address',
  subject: 'mails.subject',
  fileName: 'mails.file_name',
  writtenAt: parsed('mails.written_at', toMoment),
  writtenBy: 'people.display_name',
});

/** The newest first; of one coach only, or of the whole club. */
export async function listEmails(
  db: Db,
  clubId: ClubId,
  onlyOf: CoachId | undefined,
): Promise<EmailSummary[]> {
  const newest = selectEmails(db, clubId, onlyOf).orderBy('mails.id', 'desc').limit(MOST_LISTED);
  return listRows(newest, SUMMARY_COLUMNS);
}

/** Emails with a child's own report, the oldest first. */
export async function listEmailsOf(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly to: string; readonly subject: string; readonly writtenAt: string }[]> {
  return listRows(db('mails').where({ student_id: studentId }).orderBy('id'), {
    to: 'mails.to_address',
    subject: 'mails.subject',
    writtenAt: parsed('mails.written_at', toMoment),
  });
}

export async function findEmail(
  db: Db,
  clubId: ClubId,
  onlyOf: CoachId | undefined,
  emailId: EmailId,
): Promise<(EmailPage & { readonly eml: Uint8Array }) | undefined> {
  return findRow(selectEmails(db, clubId, onlyOf).where('mails.id', emailId), {
    ...SUMMARY_COLUMNS,
    text: 'mails.body',
    eml: 'mails.eml',
  });
}

export async function deleteEmail(db: Db, emailId: EmailId): Promise<void> {
  await db('mails').where({ id: emailId }).delete();
}
