import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, CoachId, StudentId } from '@/contracts/ids';
import type {
  AssignmentSummary,
  ClassPage,
  ClassPost,
  ClassSummary,
  KeyPicture,
  NameCard,
} from '@/contracts/people';
import type { Level } from '@/core/exercises';
import { listTroubleSpots } from '@/core/progress';
import { failure, success, type Result } from '@/core/shared';
import * as classesText from '@/text/screens/classes';
import { findClassFor, requireVisibleClass, requireEditableClass, type CoachActor } from '../auth/actors';
import { drawJoinCode, drawKey, hashKey } from '../auth/secrets';
import { forgetTries, listWaiting } from '../auth/throttle';
import { listAssignmentsOfClass } from '../data/assignments';
import { listLatestAnswers, listProgressAnswers, listSolvedCounts } from '../data/attempts';
import { addAuditEntry, type AuditAction } from '../data/auditLog';
import {
  addClassCoach,
  createClass,
  endEnrolment,
  enrol,
  findClassByRequest,
  findClassPost,
  isStudentOfClass,
  listClassCoaches,
  listClasses,
  listStudents,
  setClassLevel,
  setClassPost,
  type ClassRecord,
} from '../data/classes';
import { getClub } from '../data/clubs';
import { listRefusedAnswers } from '../data/refusedAnswers';
import { listUnsentAnswers } from '../data/unsentAnswers';
import { findCurrentTerm } from '../data/terms';
import { listEnrolments } from '../data/enrolments';
import {
  createStudent,
  findCoach,
  findStudentByRequest,
  renameStudent,
  replaceStudentSecret,
} from '../data/people';
import { getDb, storeOnce, withTransaction, type Db } from '../db';
import { getNow } from './clock';
import { dayIn } from './today';

const LATEST_ANSWERS = 12;

/** A student with a key nobody can read again later: only its hash is stored. */
export interface NewKey {
  readonly studentId: StudentId;
  readonly name: string;
  readonly key: readonly KeyPicture[];
}

/** The classes this coach works with; all of the club for a lead. */
export function listOwnClasses(actor: CoachActor): Promise<ClassSummary[]> {
  return listClasses(getDb(), actor.clubId, actor.isLead ? undefined : actor.coachId);
}

/** Makes a class in the current term, taught by whoever made it, with a fresh code unless one is given. The same request id makes it once. */
export async function addClass(
  actor: CoachActor,
  input: { requestId: string; name: string; joinCode?: string },
): Promise<Result<ClassId, ServiceFault>> {
  const now = getNow();
  return storeOnce(async (db) => {
    const known = await findClassByRequest(db, input.requestId);
    if (known !== undefined) return success(known);
    const { timeZone } = await getClub(db, actor.clubId);
    const termId = await findCurrentTerm(db, actor.clubId, dayIn(timeZone, now));
    if (termId === undefined) return failure<ServiceFault>({ code: 'term/none' });
    const { requestId, name, joinCode = drawJoinCode() } = input;
    const classId = await createClass(db, { clubId: actor.clubId, termId, requestId, name, joinCode });
    await addClassCoach(db, classId, actor.coachId);
    await note(db, actor, 'class/created', { classId }, now);
    return success(classId);
  });
}

/** The class when this coach may change who is in it. */
export function findChangeableClass(actor: CoachActor, classId: ClassId): Promise<ClassRecord | undefined> {
  return requireEditableClass(getDb(), actor, classId);
}

/** Everything the class page shows. */
export async function getClassPage(
  actor: CoachActor,
  classId: ClassId,
): Promise<Result<ClassPage, ServiceFault>> {
  const db = getDb();
  const found = await requireVisibleClass(db, actor, classId);
  if (found === undefined) return failure({ code: 'class/not-found' });
  const students = await listStudents(db, classId);
  const enrolments = await listEnrolments(db, { classId });
  const post = await findClassPost(db, classId, actor.coachId);
  const coaches = await listClassCoaches(db, actor.clubId, classId);
  return success({
    ...found,
    mayChange: actor.isLead || post === 'coach',
    past: enrolments.filter(({ endsOn }) => endsOn !== undefined),
    everCount: new Set(enrolments.map(({ studentId }) => studentId)).size,
    coaches: actor.isLead ? coaches : coaches.filter((coach) => coach.post !== undefined),
    studentCount: students.length,
    students,
    lockedIds: await listLocked(students),
    latestAnswers: await listLatestAnswers(db, classId, LATEST_ANSWERS),
    refusedAnswers: await listRefusedAnswers(db, classId),
    unsentAnswers: await listUnsentAnswers(db, classId, getNow()),
    troubleSpots: listTroubleSpots(await listProgressAnswers(db, { classId })),
    assignments: await summariseAssignments(db, classId, students),
  });
}

/** What a coach of the club is in a class. Only a lead decides that. */
export async function setPost(
  actor: CoachActor,
  { classId, coachId, post }: { classId: ClassId; coachId: CoachId; post?: ClassPost | undefined },
): Promise<Result<undefined, ServiceFault>> {
  if (!actor.isLead) return failure({ code: 'access/not-allowed' });
  return withTransaction(async (db) => {
    if ((await requireVisibleClass(db, actor, classId)) === undefined)
      return failure<ServiceFault>({ code: 'class/not-found' });
    if ((await findCoach(db, coachId))?.clubId !== actor.clubId)
      return failure<ServiceFault>({ code: 'access/not-allowed' });
    await setClassPost(db, classId, coachId, post);
    await note(db, actor, 'class/post', { classId, coachId }, getNow());
    return success(undefined);
  });
}

export async function setLevel(
  actor: CoachActor,
  { classId, level }: { classId: ClassId; level?: Level | undefined },
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    if ((await requireEditableClass(db, actor, classId)) === undefined)
      return failure<ServiceFault>({ code: 'class/not-found' });
    await setClassLevel(db, classId, level);
    return success(undefined);
  });
}

async function summariseAssignments(
  db: Db,
  classId: ClassId,
  students: readonly NameCard[],
): Promise<AssignmentSummary[]> {
  const names = new Map(students.map(({ studentId, name }) => [studentId, name] as const));
  const assignments = await listAssignmentsOfClass(db, classId);
  const solved = await listSolvedCounts(
    db,
    assignments.map(({ assignmentId }) => assignmentId),
  );
  return assignments.map(({ assignmentId, studentId, setName, puzzleCount, givenAt }) => ({
    assignmentId,
    setName,
    puzzleCount,
    givenAt: givenAt.toISOString(),
    forStudent: studentId === undefined ? undefined : (names.get(studentId) ?? classesText.childWhoLeft),
    finishedCount: solved.filter(
      (row) => row.assignmentId === assignmentId && names.has(row.studentId) && row.solved >= puzzleCount,
    ).length,
  }));
}

/** Adds a student with a fresh key. A repeated request gives the same student another fresh key. */
export async function addStudent(
  actor: CoachActor,
  input: { requestId: string; classId: ClassId; name: string; key?: readonly KeyPicture[] },
): Promise<Result<NewKey, ServiceFault>> {
  if ((await requireEditableClass(getDb(), actor, input.classId)) === undefined)
    return failure({ code: 'class/not-found' });
  const { settings } = await getClub(getDb(), actor.clubId);
  const key = input.key ?? drawKey(settings.keyLength);
  const secretHash = await hashKey(key);
  const now = getNow();
  return storeOnce(async (db) => {
    const found = await requireEditableClass(db, actor, input.classId);
    if (found === undefined) return failure<ServiceFault>({ code: 'class/not-found' });
    const known = await findStudentByRequest(db, input.requestId);
    if (known !== undefined) {
      if (known.clubId !== actor.clubId) return failure<ServiceFault>({ code: 'access/not-allowed' });
      await replaceStudentSecret(db, known.studentId, { secretHash, keyLength: key.length });
      return success({ studentId: known.studentId, name: known.name, key });
    }
    const { timeZone } = await getClub(db, actor.clubId);
    const studentId = await createStudent(db, {
      clubId: actor.clubId,
      name: input.name,
      secretHash,
      keyLength: key.length,
      requestId: input.requestId,
    });
    await enrol(db, input.classId, studentId, dayIn(timeZone, now));
    await note(db, actor, 'student/added', { classId: input.classId, studentId }, now);
    return success({ studentId, name: input.name, key });
  });
}

export async function renameOwnStudent(
  actor: CoachActor,
  input: { classId: ClassId; studentId: StudentId; name: string },
): Promise<Result<undefined, ServiceFault>> {
  return changeStudent(actor, input, 'student/renamed', (db) =>
    renameStudent(db, input.studentId, input.name),
  );
}

/** Ends the enrolment today; answers stay, and the student can no longer sign in with this class. */
export async function removeStudent(
  actor: CoachActor,
  input: { classId: ClassId; studentId: StudentId },
): Promise<Result<undefined, ServiceFault>> {
  return changeStudent(actor, input, 'student/removed', async (db) => {
    const { timeZone } = await getClub(db, actor.clubId);
    await endEnrolment(db, input.classId, input.studentId, dayIn(timeZone, getNow()));
  });
}

/** Gives a student a new key and ends its open sessions. */
export async function giveNewKey(
  actor: CoachActor,
  input: { classId: ClassId; studentId: StudentId },
): Promise<Result<readonly KeyPicture[], ServiceFault>> {
  if ((await findClassFor(getDb(), actor, input.classId, 'student/new-key')) === undefined)
    return failure({ code: 'class/not-found' });
  const { settings } = await getClub(getDb(), actor.clubId);
  const key = drawKey(settings.keyLength);
  const secretHash = await hashKey(key);
  const changed = await changeStudent(actor, input, 'student/new-key', (db) =>
    replaceStudentSecret(db, input.studentId, { secretHash, keyLength: key.length }),
  );
  return changed.ok ? success(key) : changed;
}

/** Lets a child try their pictures again at once, after too many wrong ones were tapped on their card. */
export async function unlockStudent(
  actor: CoachActor,
  input: { classId: ClassId; studentId: StudentId },
): Promise<Result<undefined, ServiceFault>> {
  const noted = await changeStudent(actor, input, 'student/unlocked', () => Promise.resolve());
  if (noted.ok) {
    await forgetTries('key', String(input.studentId));
    await forgetTries('key-class', String(input.classId));
  }
  return noted;
}

/** The children of these whose pictures are refused for a while. */
export async function listLocked(students: readonly NameCard[]): Promise<StudentId[]> {
  const waiting = await listWaiting(
    'key',
    students.map(({ studentId }) => String(studentId)),
  );
  return students.flatMap(({ studentId }) => (waiting.includes(String(studentId)) ? [studentId] : []));
}

async function changeStudent(
  actor: CoachActor,
  { classId, studentId }: { classId: ClassId; studentId: StudentId },
  action: AuditAction,
  change: (db: Db) => Promise<void>,
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    const found = await findClassFor(db, actor, classId, action);
    if (found === undefined) return failure<ServiceFault>({ code: 'class/not-found' });
    if (!(await isStudentOfClass(db, classId, studentId))) {
      return failure<ServiceFault>({ code: 'join/not-in-class' });
    }
    await change(db);
    await note(db, actor, action, { classId, studentId }, getNow());
    return success(undefined);
  });
}

function note(
  db: Db,
  actor: CoachActor,
  action: AuditAction,
  details: Readonly<Record<string, number>>,
  now: Date,
): Promise<void> {
  return addAuditEntry(db, { clubId: actor.clubId, personId: actor.coachId, action, details, now });
}
