import { MOST_LISTED } from '@/contracts/bounds';
import type {
  AssignmentId,
  ClassId,
  ClubId,
  CoachId,
  RoundId,
  SetId,
  SetVersionId,
  StudentId,
} from '@/contracts/ids';
import type { Knex } from 'knex';
import { computed, findValue, insertRow, isDuplicateError, listRows, parsed, type Db } from '../db';

export interface AssignmentRecord {
  readonly assignmentId: AssignmentId;
  readonly clubId: ClubId;
  readonly classId: ClassId;
  readonly className: string;
  /** For this child alone. */
  readonly studentId: StudentId | undefined;
  readonly setVersionId: SetVersionId;
  readonly setName: string;
  readonly version: number;
  readonly givenAt: Date;
  readonly puzzleCount: number;
}

/** The assignments of `assignmentsWithSets`. */
function readAssignments(db: Db, assignments: Knex.QueryBuilder): Promise<AssignmentRecord[]> {
  const items = db('set_items').whereRaw('set_version_id = assignments.set_version_id');
  return listRows(assignments, {
    assignmentId: 'assignments.id',
    clubId: 'classes.club_id',
    classId: 'assignments.class_id',
    className: 'classes.name',
    studentId: parsed('assignments.student_id', (studentId) => studentId ?? undefined),
    setVersionId: 'assignments.set_version_id',
    setName: 'sets.name',
    version: 'set_versions.version',
    givenAt: 'assignments.given_at',
    puzzleCount: computed(items.count(), Number),
  });
}

/** Assignments with set and class, the newest first. */
function assignmentsWithSets(db: Db) {
  return db('assignments')
    .join('set_versions', 'set_versions.id', 'assignments.set_version_id')
    .join('sets', 'sets.id', 'set_versions.set_id')
    .join('classes', 'classes.id', 'assignments.class_id')
    .orderBy('assignments.given_at', 'desc')
    .orderBy('assignments.id', 'desc')
    .limit(MOST_LISTED);
}

export async function createAssignment(
  db: Db,
  input: {
    setVersionId: SetVersionId;
    classId: ClassId;
    /** For this child alone. */
    studentId?: StudentId;
    givenBy: CoachId;
    now: Date;
    requestId: string;
  },
): Promise<AssignmentId> {
  return insertRow(db, 'assignments', {
    set_version_id: input.setVersionId,
    class_id: input.classId,
    student_id: input.studentId ?? null,
    given_by: input.givenBy,
    given_at: input.now,
    request_id: input.requestId,
  });
}

export async function findAssignmentByRequest(db: Db, requestId: string): Promise<AssignmentId | undefined> {
  return findValue(db('assignments').where({ request_id: requestId }), 'assignments.id');
}

/** The same version given to the same class before. */
export async function findGivenBefore(
  db: Db,
  setVersionId: SetVersionId,
  classId: ClassId,
): Promise<AssignmentId | undefined> {
  const given = db('assignments')
    .where({ set_version_id: setVersionId, class_id: classId })
    .whereNull('student_id');
  return findValue(given, 'assignments.id');
}

export async function findAssignment(
  db: Db,
  assignmentId: AssignmentId,
): Promise<AssignmentRecord | undefined> {
  return (await readAssignments(db, assignmentsWithSets(db).where('assignments.id', assignmentId)))[0];
}

/** Newest first. */
export async function listAssignmentsOfClass(db: Db, classId: ClassId): Promise<AssignmentRecord[]> {
  return readAssignments(db, assignmentsWithSets(db).where('assignments.class_id', classId));
}

/** Newest first, all versions. */
export async function listAssignmentsOfSet(db: Db, setId: SetId): Promise<AssignmentRecord[]> {
  return readAssignments(db, assignmentsWithSets(db).where('sets.id', setId));
}

/** What lies on this student's place: everything given to a class it is in now, newest first. */
export async function listAssignmentsOfStudent(db: Db, studentId: StudentId): Promise<AssignmentRecord[]> {
  const own = assignmentsWithSets(db)
    .whereIn(
      'assignments.class_id',
      db('enrolments').select('class_id').where({ student_id: studentId }).whereNull('ends_on'),
    )
    .where((some) => {
      void some.whereNull('assignments.student_id').orWhere('assignments.student_id', studentId);
    });
  return readAssignments(db, own);
}

/** The student's one round of an assignment; made at the first opening, the same one ever after. */
export async function openRound(
  db: Db,
  assignmentId: AssignmentId,
  studentId: StudentId,
  now: Date,
): Promise<RoundId> {
  const own = { assignment_id: assignmentId, student_id: studentId };
  const find = () => findValue(db('rounds').where(own), 'rounds.id');
  const known = await find();
  if (known !== undefined) return known;
  try {
    return await insertRow(db, 'rounds', { ...own, started_at: now });
  } catch (error) {
    // Two tabs opened it at once: the other one's round is ours too.
    if (!isDuplicateError(error)) throw error;
    const other = await find();
    if (other === undefined) throw error;
    return other;
  }
}
