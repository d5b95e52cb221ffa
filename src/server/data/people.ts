import type { ClubId, CoachId, StudentId } from '@/contracts/ids';
import type { ClubCoach } from '@/contracts/people';
import type { Knex } from 'knex';
import { columnsOf, findRow, insertRow, listRows, listValues, parsed, type Db } from '../db';
import { deleteSessionsOf, onlyOfSession } from './sessions';

export interface CoachRecord {
  readonly coachId: CoachId;
  readonly clubId: ClubId;
  readonly isLead: boolean;
  readonly name: string;
  readonly secretHash: string | undefined;
}

export interface StudentRecord {
  readonly studentId: StudentId;
  readonly clubId: ClubId;
  readonly name: string;
  readonly secretHash: string | undefined;
}

/** Of a person who is known to be a coach. */
export const toCoachId = (id: CoachId | StudentId) => id as CoachId;
/** Of a person who is known to be a student. */
const toStudentId = (id: CoachId | StudentId) => id as StudentId;

const PERSON_COLUMNS = columnsOf({
  clubId: 'people.club_id',
  name: 'people.display_name',
  secretHash: parsed('people.secret_hash', (hash) => hash ?? undefined),
});

const COACH_COLUMNS = columnsOf({
  ...PERSON_COLUMNS,
  coachId: parsed('people.id', toCoachId),
  isLead: parsed('people.kind', (kind) => kind === 'lead'),
});

const STUDENT_COLUMNS = columnsOf({ ...PERSON_COLUMNS, studentId: parsed('people.id', toStudentId) });

const coachesOf = (db: Db) =>
  db('people').whereIn('people.kind', ['lead', 'coach']).whereNull('people.erased_at');

/** The ids of people who are known to be students. */
export async function listStudentIds(students: Knex.QueryBuilder): Promise<StudentId[]> {
  return (await listValues(students, 'people.id')).map(toStudentId);
}

export async function findCoachBySignInName(db: Db, signInName: string): Promise<CoachRecord | undefined> {
  return findRow(coachesOf(db).where({ sign_in_name: signInName }), COACH_COLUMNS);
}

export async function findCoach(db: Db, coachId: CoachId): Promise<CoachRecord | undefined> {
  return findRow(coachesOf(db).where({ id: coachId }), COACH_COLUMNS);
}

/** The coach of this session; see `onlyOfSession`. */
export async function findCoachOfSession(
  db: Db,
  sessionId: string,
  startedSince: Date,
): Promise<CoachRecord | undefined> {
  return findRow(coachesOf(db).modify(onlyOfSession, sessionId, startedSince), COACH_COLUMNS);
}

export async function listCoaches(db: Db, clubId: ClubId): Promise<ClubCoach[]> {
  const { coachId, name, isLead } = COACH_COLUMNS;
  const coaches = coachesOf(db).where({ club_id: clubId }).orderBy('display_name');
  return listRows(coaches, { coachId, name, isLead });
}

export async function findStudent(db: Db, studentId: StudentId): Promise<StudentRecord | undefined> {
  const student = db('people').where({ id: studentId, kind: 'student' }).whereNull('erased_at');
  return findRow(student, STUDENT_COLUMNS);
}

/** The student of this session; see `onlyOfSession`. */
export async function findStudentOfSession(
  db: Db,
  sessionId: string,
  startedSince: Date,
): Promise<StudentRecord | undefined> {
  const student = db('people')
    .modify(onlyOfSession, sessionId, startedSince)
    .where('people.kind', 'student')
    .whereNull('people.erased_at');
  return findRow(student, STUDENT_COLUMNS);
}

export async function createCoach(
  db: Db,
  coach: { clubId: ClubId; kind: 'lead' | 'coach'; name: string; signInName: string; secretHash: string },
): Promise<CoachId> {
  const id = await insertRow(db, 'people', {
    club_id: coach.clubId,
    kind: coach.kind,
    display_name: coach.name,
    sign_in_name: coach.signInName,
    secret_hash: coach.secretHash,
  });
  return toCoachId(id);
}

/** A second call with the same request id finds the first one's student. */
export async function createStudent(
  db: Db,
  student: { clubId: ClubId; name: string; secretHash: string; keyLength: number; requestId: string },
): Promise<StudentId> {
  const id = await insertRow(db, 'people', {
    club_id: student.clubId,
    kind: 'student',
    display_name: student.name,
    secret_hash: student.secretHash,
    key_length: student.keyLength,
    request_id: student.requestId,
  });
  return toStudentId(id);
}

export async function findStudentByRequest(db: Db, requestId: string): Promise<StudentRecord | undefined> {
  return findRow(db('people').where({ request_id: requestId, kind: 'student' }), STUDENT_COLUMNS);
}

export async function renameStudent(db: Db, studentId: StudentId, name: string): Promise<void> {
  expectOne(await db('people').where({ id: studentId, kind: 'student' }).update({ display_name: name }));
}

/** Stores a new secret and ends every open session of the student. */
export async function replaceStudentSecret(
  db: Db,
  studentId: StudentId,
  { secretHash, keyLength }: { readonly secretHash: string; readonly keyLength: number },
): Promise<void> {
  const changed = { secret_hash: secretHash, key_length: keyLength };
  expectOne(await db('people').where({ id: studentId, kind: 'student' }).update(changed));
  await deleteSessionsOf(db, studentId);
}

/** Stores a coach's new password and ends every open session, but for one where that is named. */
export async function replaceCoachSecret(
  db: Db,
  coachId: CoachId,
  secretHash: string,
  exceptSession?: string,
): Promise<void> {
  const coach = db('people').where({ id: coachId }).whereIn('kind', ['lead', 'coach']);
  expectOne(await coach.update({ secret_hash: secretHash }));
  await deleteSessionsOf(db, coachId, exceptSession);
}

/** Takes a coach out of the club: no sign-in, no class; what was done stays under the name. The sign-in name is free again. */
export async function removeCoachRow(db: Db, coachId: CoachId, now: Date): Promise<void> {
  const removed = { erased_at: now, secret_hash: null, sign_in_name: null };
  expectOne(await db('people').where({ id: coachId, kind: 'coach' }).whereNull('erased_at').update(removed));
  for (const table of ['class_coaches', 'class_assistants'])
    await db(table).where({ coach_id: coachId }).delete();
  await deleteSessionsOf(db, coachId);
}

function expectOne(changed: number): void {
  if (changed !== 1) throw new Error(`expected to change one person, changed ${changed}`);
}
