/**
 * The outbox: a mail server's stand-in. A report is put into a mail file (RFC 5322, composed by the package `nodemailer` into a buffer), to
 * be looked at and taken along to whatever sends mail; nothing is sent from here.
 */
import { createTransport } from 'nodemailer';
import type { ServiceFault } from '@/contracts/faults';
import type { MailId } from '@/contracts/ids';
import type { PrintedFile } from '@/contracts/print';
import type { MailPage, MailSummary, NewMail } from '@/contracts/reports';
import { failure, success, type Result } from '@/core/shared';
import { classMailText, reportMailText } from '@/text';
import { requireEditableClass, type CoachActor } from '../auth/actors';
import { addAuditEntry } from '../data/auditLog';
import { getClub } from '../data/clubs';
import { addMail, deleteMail, findMail, findMailByRequest, listMails } from '../data/mails';
import { findStudent } from '../data/people';
import { getDb, storeOnce } from '../db';
import { getNow } from './clock';
import { makeFileName } from './fileName';
import { printReport } from './reports';
import * as reportsText from '@/text/screens/reports';

/** No server of that name exists (RFC 2606): whoever sends the file puts the own address there. */
const FROM_ADDRESS = 'outbox@vorschule.invalid';

/** A lead sees every mail of the club, a coach the own ones. */
const onlyOf = (actor: CoachActor) => (actor.isLead ? undefined : actor.coachId);

/** Makes the report of a child or of the class and puts it into a mail. The same request puts it there once. */
export async function writeMail(actor: CoachActor, input: NewMail): Promise<Result<MailId, ServiceFault>> {
  const db = getDb();
  const known = await findMailByRequest(db, input.requestId);
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
      ? classMailText(found.name, clubName)
      : reportMailText(child.name, found.name, clubName);
  const now = getNow();
  const eml = await composeMail({ from: clubName, to, subject, text, now, requestId }, report.value);
  return storeOnce(async (inside) => {
    const other = await findMailByRequest(inside, requestId);
    if (other !== undefined) return success(other);
    const mailId = await addMail(inside, {
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
      action: 'mail/written',
      details: { classId, ...(studentId === undefined ? {} : { studentId }) },
      now,
    });
    return success(mailId);
  });
}

async function composeMail(
  mail: {
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
    from: { name: mail.from, address: FROM_ADDRESS },
    to: mail.to,
    subject: mail.subject,
    text: mail.text,
    date: mail.now,
    messageId: `<${mail.requestId}@vorschule.invalid>`,
    attachments: [
      { filename: report.name, content: Buffer.from(report.bytes), contentType: 'application/pdf' },
    ],
  });
  if (!Buffer.isBuffer(message)) throw new Error('the mail was to be composed into a buffer');
  return message;
}

export function listOutbox(actor: CoachActor): Promise<MailSummary[]> {
  return listMails(getDb(), actor.clubId, onlyOf(actor));
}

/** A mail as it can be read here. */
export async function getMailPage(
  actor: CoachActor,
  mailId: MailId,
): Promise<Result<MailPage, ServiceFault>> {
  const found = await findMail(getDb(), actor.clubId, onlyOf(actor), mailId);
  if (found === undefined) return failure({ code: 'mail/not-found' });
  const { eml: _, ...page } = found;
  return success(page);
}

/** The mail as a file. */
export async function exportMail(
  actor: CoachActor,
  { mailId }: { readonly mailId: MailId },
): Promise<Result<PrintedFile, ServiceFault>> {
  const found = await findMail(getDb(), actor.clubId, onlyOf(actor), mailId);
  if (found === undefined) return failure({ code: 'mail/not-found' });
  return success({ name: found.fileName, bytes: found.eml });
}

/** Takes a mail out of the outbox; one that is gone already is gone. */
export async function removeMail(
  actor: CoachActor,
  { mailId }: { readonly mailId: MailId },
): Promise<Result<undefined, ServiceFault>> {
  const db = getDb();
  if ((await findMail(db, actor.clubId, onlyOf(actor), mailId)) !== undefined) await deleteMail(db, mailId);
  return success(undefined);
}
