/** What is stored about a child: seen by its coaches, handed out, erased; and the audit log of who did so. */
import type { ServiceFault } from '@/contracts/faults';
import type { StudentId } from '@/contracts/ids';
import type { ChildPage, childSchema, EraseStudent, GoneChild, AuditLogEntry } from '@/contracts/records';
import { failure, success, type Result } from '@/core/shared';
import type { z } from 'zod/mini';
import { requireVisibleClass, requireEditableClass, type CoachActor } from '../auth/actors';
import { addAuditEntry, listAuditEntries, type AuditAction } from '../data/auditLog';
import { isStudentOfClass } from '../data/classes';
import { getClub } from '../data/clubs';
import { toDay } from '../data/days';
import { listRefusedOfStudent } from '../data/refusedAnswers';
import { listEnrolments } from '../data/enrolments';
import { eraseStudentRows, listGoneStudents } from '../data/erasure';
import { listEmailsOf } from '../data/emails';
import { findStudent } from '../data/people';
import { findStudentRating } from '../data/ratings';
import {
  countAnswers,
  listRecordedAnswers,
  listRecordedAttendance,
  countGames,
  listRecordedGames,
  listRecordedShown,
  listRecordedSuggestions,
} from '../data/records';
import { listTerms } from '../data/terms';
import { getDb, withTransaction, type Db } from '../db';
import { getNow } from './clock';
import { getChildStory } from './childStory';
import { getChildProgress } from './progress';
import { makeFileName } from './fileName';
import { rebuildRatings } from './ratings';
import { dayIn } from './today';

type Child = z.infer<typeof childSchema>;

/** The format of a record that is handed out; raised when its shape changes. */
const RECORD_VERSION = 2;
const MOST_TRAIL = 200;

/** A child as its coach sees it: one that is in the class now. That it was looked at goes into the audit log. */
export async function getChildPage(
  actor: CoachActor,
  { classId, studentId }: Child,
): Promise<Result<ChildPage, ServiceFault>> {
  const db = getDb();
  const found = await requireVisibleClass(db, actor, classId);
  if (found === undefined) return failure({ code: 'class/not-found' });
  const student = await findStudent(db, studentId);
  if (student === undefined || !(await isStudentOfClass(db, classId, studentId)))
    return failure({ code: 'join/not-in-class' });
  const [enrolments, answers, attendance, gameCount] = await Promise.all([
    listEnrolments(db, { studentId }),
    countAnswers(db, studentId),
    listRecordedAttendance(db, studentId),
    countGames(db, studentId),
  ]);
  await note(db, actor, 'student/seen', studentId);
  return success({
    studentId,
    name: student.name,
    classId,
    className: found.name,
    mayErase: actor.isLead,
    enrolments,
    answerCount: answers.count,
    firstAnswerAt: answers.firstAt?.toISOString(),
    hereCount: attendance.filter(({ wasHere }) => wasHere).length,
    awayCount: attendance.filter(({ wasHere }) => !wasHere).length,
    gameCount,
    progress: await getChildProgress(db, studentId),
    story: await getChildStory(db, studentId, (await getClub(db, actor.clubId)).timeZone),
  });
}

/** Everything stored about the child, as JSON. */
export async function exportRecord(
  actor: CoachActor,
  { classId, studentId }: Child,
): Promise<Result<{ readonly name: string; readonly text: string }, ServiceFault>> {
  const db = getDb();
  if ((await requireEditableClass(db, actor, classId)) === undefined)
    return failure({ code: 'class/not-found' });
  const student = await findStudent(db, studentId);
  if (student === undefined || !(await isStudentOfClass(db, classId, studentId)))
    return failure({ code: 'join/not-in-class' });
  const record = {
    format: 'vorschule-record',
    version: RECORD_VERSION,
    madeAt: getNow().toISOString(),
    child: student.name,
    classes: (await listEnrolments(db, { studentId })).map(({ className, termName, startsOn, endsOn }) => ({
      className,
      termName,
      startsOn,
      endsOn: endsOn ?? null,
    })),
    attendance: await listRecordedAttendance(db, studentId),
    rating: (await findStudentRating(db, studentId)) ?? null,
    games: await listRecordedGames(db, studentId),
    suggestions: await listRecordedSuggestions(db, studentId),
    shownSolutions: await listRecordedShown(db, studentId),
    emails: await listEmailsOf(db, studentId),
    answers: await listRecordedAnswers(db, studentId),
    notSaved: await listRefusedOfStudent(db, studentId),
  };
  await note(db, actor, 'student/record-saved', studentId);
  return success({
    name: makeFileName(`record ${student.name}`, 'json'),
    text: `${JSON.stringify(record, undefined, 2)}\n`,
  });
}

/**
 * Erases a child everywhere. Only a lead may, and the name has to be typed. One that is gone already is not found, so a second request
 * does no harm.
 */
export async function eraseStudent(
  actor: CoachActor,
  { studentId, name }: EraseStudent,
): Promise<Result<undefined, ServiceFault>> {
  if (!actor.isLead) return failure({ code: 'access/not-allowed' });
  const erased = await withTransaction(async (db) => {
    const student = await findStudent(db, studentId);
    if (student?.clubId !== actor.clubId) return failure<ServiceFault>({ code: 'join/not-in-class' });
    if (student.name !== name) return failure<ServiceFault>({ code: 'student/other-name' });
    await eraseStudentRows(db, actor.clubId, { studentId, name: student.name });
    const { clubId, coachId } = actor;
    await addAuditEntry(db, {
      clubId,
      personId: coachId,
      action: 'student/erased',
      details: {},
      now: getNow(),
    });
    return success(undefined);
  });
  // What its answers said of puzzles goes with them.
  if (erased.ok) await rebuildRatings();
  return erased;
}

/** Children in no class since before the last whole term: what is kept of them should be asked about. */
export async function listGone(actor: CoachActor): Promise<GoneChild[]> {
  if (!actor.isLead) return [];
  const db = getDb();
  const { timeZone } = await getClub(db, actor.clubId);
  const today = dayIn(timeZone, getNow());
  const begun = (await listTerms(db, actor.clubId)).filter(({ startsOn }) => startsOn <= today);
  // The term that runs, and the one before it.
  const since = begun[1]?.startsOn;
  if (since === undefined) return [];
  return (await listGoneStudents(db, actor.clubId))
    .map(({ lastDay, ...child }) => ({ ...child, lastDay: toDay(lastDay) }))
    .filter(({ lastDay }) => lastDay < since);
}

/** What was done and looked at, the newest first. Only a lead reads it. */
export async function listAuditLog(actor: CoachActor): Promise<Result<AuditLogEntry[], ServiceFault>> {
  if (!actor.isLead) return failure({ code: 'access/not-allowed' });
  return success(await listAuditEntries(getDb(), actor.clubId, MOST_TRAIL));
}

function note(db: Db, actor: CoachActor, action: AuditAction, studentId: StudentId): Promise<void> {
  const { clubId, coachId: personId } = actor;
  return addAuditEntry(db, { clubId, personId, action, details: { studentId }, now: getNow() });
}
