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
import { isDuplicateError, type Db } from '../db';

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

interface AssignmentRow {
  id: number;
  club_id: number;
  class_id: number;
  class_name: string;
  student_id: number | null;
  set_version_id: number;
  set_name: string;
  version: number;
  given_at: Date;
  puzzles: number;
}

function toAssignment(row: AssignmentRow): AssignmentRecord {
  return {
    assignmentId: row.id as AssignmentId,
    clubId: row.club_id as ClubId,
    classId: row.class_id as ClassId,
    className: row.class_name,
    studentId: (row.student_id ?? undefined) as StudentId | undefined,
    setVersionId: row.set_version_id as SetVersionId,
    setName: row.set_name,
    version: row.version,
    givenAt: row.given_at,
    puzzleCount: row.puzzles,
  };
}

/** A fresh builder of assignments with set and class; it never leaves this file. */
function selectAssignments(db: Db) {
  return db('assignments')
    .join('set_versions', 'set_versions.id', 'assignments.set_version_id')
    .join('sets', 'sets.id', 'set_versions.set_id')
    .join('classes', 'classes.id', 'assignments.class_id')
    .select(
      'assignments.id',
      'classes.club_id',
      'assignments.class_id',
      'classes.name as class_name',
      'assignments.student_id',
      'assignments.set_version_id',
      'sets.name as set_name',
      'set_versions.version',
      'assignments.given_at',
      db('set_items').count().whereRaw('set_version_id = assignments.set_version_id').as('puzzles'),
    )
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
  const [id] = await db('assignments').insert({
    set_version_id: input.setVersionId,
    class_id: input.classId,
    student_id: input.studentId ?? null,
    given_by: input.givenBy,
    given_at: input.now,
    request_id: input.requestId,
  });
  return id as AssignmentId;
}

export async function findAssignmentByRequest(db: Db, requestId: string): Promise<AssignmentId | undefined> {
  const row = await db('assignments').where({ request_id: requestId }).first('id');
  return row?.id as AssignmentId | undefined;
}

/** The same version given to the same class before. */
export async function findGivenBefore(
  db: Db,
  setVersionId: SetVersionId,
  classId: ClassId,
): Promise<AssignmentId | undefined> {
  const row = await db('assignments')
    .where({ set_version_id: setVersionId, class_id: classId })
    .whereNull('student_id')
    .first('id');
  return row?.id as AssignmentId | undefined;
}

export async function findAssignment(
  db: Db,
  assignmentId: AssignmentId,
): Promise<AssignmentRecord | undefined> {
  const row: AssignmentRow | undefined = await selectAssignments(db)
    .where('assignments.id', assignmentId)
    .first();
  return row && toAssignment(row);
}

/** Newest first. */
export async function listAssignmentsOfClass(db: Db, classId: ClassId): Promise<AssignmentRecord[]> {
  const rows: AssignmentRow[] = await selectAssignments(db).where('assignments.class_id', classId);
  return rows.map(toAssignment);
}

/** Newest first, all versions. */
export async function listAssignmentsOfSet(db: Db, setId: SetId): Promise<AssignmentRecord[]> {
  const rows: AssignmentRow[] = await selectAssignments(db).where('sets.id', setId);
  return rows.map(toAssignment);
}

/** What lies on this student's place: everything given to a class it is in now, newest first. */
export async function listAssignmentsOfStudent(db: Db, studentId: StudentId): Promise<AssignmentRecord[]> {
  const rows: AssignmentRow[] = await selectAssignments(db)
    .whereIn(
      'assignments.class_id',
      db('enrolments').select('class_id').where({ student_id: studentId }).whereNull('ends_on'),
    )
    .where((some) => {
      void some.whereNull('assignments.student_id').orWhere('assignments.student_id', studentId);
    });
  return rows.map(toAssignment);
}

/** The student's one round of an assignment; made at the first opening, the same one ever after. */
export async function openRound(
  db: Db,
  assignmentId: AssignmentId,
  studentId: StudentId,
  now: Date,
): Promise<RoundId> {
  const find = () => db('rounds').where({ assignment_id: assignmentId, student_id: studentId }).first('id');
  const known = await find();
  if (known !== undefined) return known.id as RoundId;
  try {
    const [id] = await db('rounds').insert({
      assignment_id: assignmentId,
      student_id: studentId,
      started_at: now,
    });
    return id as RoundId;
  } catch (error) {
    // Two tabs opened it at once: the other one's round is ours too.
    if (!isDuplicateError(error)) throw error;
    const other = await find();
    if (other === undefined) throw error;
    return other.id as RoundId;
  }
}
