import type { ClassId, ClubId, CoachId, StudentId, TermId } from '@/contracts/ids';
import type { ClassSummary, NameCard } from '@/contracts/people';
import type { Db } from '../db';

export interface ClassRecord {
  readonly classId: ClassId;
  readonly clubId: ClubId;
  readonly name: string;
  readonly termName: string;
  readonly joinCode: string;
}

interface ClassRow {
  id: number;
  club_id: number;
  name: string;
  term_name: string;
  join_code: string;
}

function toClass(row: ClassRow): ClassRecord {
  return {
    classId: row.id as ClassId,
    clubId: row.club_id as ClubId,
    name: row.name,
    termName: row.term_name,
    joinCode: row.join_code,
  };
}

/** A fresh builder of classes with their term's name; it never leaves this file. */
function selectClasses(db: Db) {
  return db('classes')
    .join('terms', 'terms.id', 'classes.term_id')
    .select('classes.id', 'classes.club_id', 'classes.name', 'classes.join_code', 'terms.name as term_name');
}

export async function createClass(
  db: Db,
  input: { clubId: ClubId; termId: TermId; name: string; joinCode: string; requestId: string },
): Promise<ClassId> {
  const [id] = await db('classes').insert({
    club_id: input.clubId,
    term_id: input.termId,
    name: input.name,
    join_code: input.joinCode,
    request_id: input.requestId,
  });
  return id as ClassId;
}

export async function findClassByRequest(db: Db, requestId: string): Promise<ClassId | undefined> {
  const row = await db('classes').where({ request_id: requestId }).first('id');
  return row?.id as ClassId | undefined;
}

export async function addClassCoach(db: Db, classId: ClassId, coachId: CoachId): Promise<void> {
  await db('class_coaches').insert({ class_id: classId, coach_id: coachId });
}

export async function isCoachOfClass(db: Db, classId: ClassId, coachId: CoachId): Promise<boolean> {
  const row = await db('class_coaches').where({ class_id: classId, coach_id: coachId }).first('class_id');
  return row !== undefined;
}

export async function findClass(db: Db, classId: ClassId): Promise<ClassRecord | undefined> {
  const row: ClassRow | undefined = await selectClasses(db).where('classes.id', classId).first();
  return row && toClass(row);
}

export async function findClassByJoinCode(db: Db, joinCode: string): Promise<ClassRecord | undefined> {
  const row: ClassRow | undefined = await selectClasses(db).where('classes.join_code', joinCode).first();
  return row && toClass(row);
}

/** Classes of a club, or only those one coach teaches, with the number of students in them now. */
export async function listClasses(
  db: Db,
  clubId: ClubId,
  onlyOf: CoachId | undefined,
): Promise<ClassSummary[]> {
  const query = selectClasses(db)
    .select(
      db('enrolments')
        .count()
        .whereRaw('enrolments.class_id = classes.id')
        .whereNull('enrolments.ends_on')
        .as('students'),
    )
    .where('classes.club_id', clubId)
    .orderBy('classes.name');
  if (onlyOf !== undefined) {
    query.whereIn('classes.id', db('class_coaches').select('class_id').where({ coach_id: onlyOf }));
  }
  const rows: (ClassRow & { students: number })[] = await query;
  return rows.map((row) => ({ ...toClass(row), studentCount: row.students }));
}

export async function enrol(db: Db, classId: ClassId, studentId: StudentId, startsOn: string): Promise<void> {
  await db('enrolments').insert({ class_id: classId, student_id: studentId, starts_on: startsOn });
}

/** Ends the open enrolment; the history stays. Returns false when there was none. */
export async function endEnrolment(
  db: Db,
  classId: ClassId,
  studentId: StudentId,
  endsOn: string,
): Promise<boolean> {
  const changed = await db('enrolments')
    .where({ class_id: classId, student_id: studentId })
    .whereNull('ends_on')
    .update({ ends_on: endsOn });
  return changed > 0;
}

/** Students of the class now, by name. */
export async function listStudents(db: Db, classId: ClassId): Promise<NameCard[]> {
  const rows: { id: number; display_name: string }[] = await db('enrolments')
    .join('people', 'people.id', 'enrolments.student_id')
    .where('enrolments.class_id', classId)
    .whereNull('enrolments.ends_on')
    .whereNull('people.erased_at')
    .orderBy('people.display_name')
    .select('people.id', 'people.display_name');
  return rows.map((row) => ({ studentId: row.id as StudentId, name: row.display_name }));
}

/** The class a student is in now, the newest enrolment where there are several. */
export async function findClassOfStudent(db: Db, studentId: StudentId): Promise<ClassRecord | undefined> {
  const row = await db('enrolments')
    .where({ student_id: studentId })
    .whereNull('ends_on')
    .orderBy('id', 'desc')
    .first('class_id');
  return row && findClass(db, row.class_id as ClassId);
}

export async function isStudentOfClass(db: Db, classId: ClassId, studentId: StudentId): Promise<boolean> {
  const row = await db('enrolments')
    .where({ class_id: classId, student_id: studentId })
    .whereNull('ends_on')
    .first('id');
  return row !== undefined;
}
