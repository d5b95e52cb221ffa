/**
 * The outbox: a mail server's stand-in. A report is put into an email file (RFC 5322, composed by the package `nodemailer` into a buffer), to
 * be looked at and taken along to whatever sends email; nothing is sent from here.
 */
import { createTransport } from 'nodemailer';
import type { ServiceFault } from '@/contracts/faults';
import type { EmailId } from '@/contracts/ids';
import type { PrintedFile } from '@/contracts/print';
import type { EmailPage, EmailSummary, NewEmail } from '@/contracts/reports';
import { failure, success, type Result } from '@/core/shared';
import { classEmailText, reportEmailText } from '@/text';
import { requireEditableClass, type CoachActor } from '../auth/actors';
import { addAuditEntry } from '../data/auditLog';
import { getClub } from '../data/clubs';
import { addEmail, deleteEmail, findEmail, findEmailByRequest, listEmails } from '../data/emails';
import { findStudent } from '../data/people';
import { getDb, storeOnce } from '../db';
import { getNow } from './clock';
import { makeFileName } from './fileName';
import { printReport } from './reports';
import * as reportsText from '@/text/screens/reports';

/** No server of that name exists (RFC 2606): whoever sends the file puts the own address there. */
const FROM_ADDRESS = 'outbox@vorschule.invalid';

/** A lead sees every email of the club, a coach the own ones. */
const onlyOf = (actor: CoachActor) => (actor.isLead ? undefined : actor.coachId);

/** Makes the report of a child or of the class and puts it into an email. The same request puts it there once. */
export async function writeEmail(actor: CoachActor, input: NewEmail): Promise<Result<EmailId, ServiceFault>> {
  const db = getDb();
  const known = await findEmailByRequest(db, input.requestId);
  if (known !== undefined) return success(known);
  const { classId, studentId, to, requestId } = input;
  const found = await requireEditableClass(db, actor, classId);
  if (found === undefined) return failure({ code: 'class/not-found' });
  const child = studentId === undefined ? undefined : await findStudent(db, studentId);
  const report = await printReport(
    actor,
    studentId === undefined
      ? { what: 'class', classId, paper: 'a4' }
      : { what: 'children', classId, studentId, paper: 'a4' },
  );
  if (!report.ok) return report;
  const { name: clubName } = await getClub(db, actor.clubId);
  const subject =
    child === undefined ? reportsText.reportOf(found.name) : reportsText.reportOfIn(child.name, found.name);
  const text =
    child === undefined
      ? classEmailText(found.name, clubName)
      : reportEmailText(child.name, found.name, clubName);
  const now = getNow();
  const eml = await composeEmail({ from: clubName, to, subject, text, now, requestId }, report.value);
  return storeOnce(async (inside) => {
    const other = await findEmailByRequest(inside, requestId);
    if (other !== undefined) return success(other);
    const emailId = await addEmail(inside, {
      clubId: actor.clubId,
      writtenBy: actor.coachId,
      classId,
      studentId,
      requestId,
      to,
      subject,
      text,
      fileName: makeFileName(subject, 'eml'),
      eml,
      writtenAt: now,
    });
    await addAuditEntry(inside, {
      clubId: actor.clubId,
      personId: actor.coachId,
      action: 'email/written',
      details: { classId, ...(studentId === undefined ? {} : { studentId }) },
      now,
    });
    return success(emailId);
  });
}

async function composeEmail(
  email: {
    readonly from: string;
    readonly to: string;
    readonly subject: string;
    readonly text: string;
    readonly now: Date;
    readonly requestId: string;
  },
  report: PrintedFile,
): Promise<Uint8Array> {
  const transport = createTransport({ streamTransport: true, buffer: true, newline: 'windows' });
  const { message } = await transport.sendMail({
    from: { name: email.from, address: FROM_ADDRESS },
    to: email.to,
    subject: email.subject,
    text: email.text,
    date: email.now,
    messageId: `<${email.requestId}@vorschule.invalid>`,
    attachments: [
      { filename: report.name, content: Buffer.from(report.bytes), contentType: 'application/pdf' },
    ],
  });
  if (!Buffer.isBuffer(message)) throw new Error('the email was to be composed into a buffer');
  return message;
}

export function listOutbox(actor: CoachActor): Promise<EmailSummary[]> {
  return listEmails(getDb(), actor.clubId, onlyOf(actor));
}

/** An email as it can be read here. */
export async function getEmailPage(
  actor: CoachActor,
  emailId: EmailId,
): Promise<Result<EmailPage, ServiceFault>> {
  const found = await findEmail(getDb(), actor.clubId, onlyOf(actor), emailId);
  if (found === undefined) return failure({ code: 'email/not-found' });
  const { eml: _, ...page } = found;
  return success(page);
}

/** The email as a file. */
export async function exportEmail(
  actor: CoachActor,
  { emailId }: { readonly emailId: EmailId },
): Promise<Result<PrintedFile, ServiceFault>> {
  const found = await findEmail(getDb(), actor.clubId, onlyOf(actor), emailId);
  if (found === undefined) return failure({ code: 'email/not-found' });
  return success({ name: found.fileName, bytes: found.eml });
}

/** Takes an email out of the outbox; one that is gone already is gone. */
export async function removeEmail(
  actor: CoachActor,
  { emailId }: { readonly emailId: EmailId },
): Promise<Result<undefined, ServiceFault>> {
  const db = getDb();
  if ((await findEmail(db, actor.clubId, onlyOf(actor), emailId)) !== undefined)
    await deleteEmail(db, emailId);
  return success(undefined);
}
