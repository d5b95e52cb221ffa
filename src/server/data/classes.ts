import type { ClassId, ClubId, CoachId, StudentId, TermId } from '@/contracts/ids';
import type { ClassCoach, ClassPost, ClassSummary, JoinCard, NameCard } from '@/contracts/people';
import { LEVELS, type Level } from '@/core/exercises';
import type { Db } from '../db';

export interface ClassRecord {
  readonly classId: ClassId;
  readonly clubId: ClubId;
  readonly name: string;
  readonly termId: TermId;
  readonly termName: string;
  readonly level: Level | undefined;
  readonly joinCode: string;
}

interface ClassRow {
  id: number;
  club_id: number;
  name: string;
  term_id: number;
  term_name: string;
  level: number | null;
  join_code: string;
}

function toClass(row: ClassRow): ClassRecord {
  return {
    classId: row.id as ClassId,
    clubId: row.club_id as ClubId,
    name: row.name,
    termId: row.term_id as TermId,
    termName: row.term_name,
    level: LEVELS.find((level) => level === row.level),
    joinCode: row.join_code,
  };
}

/** A fresh builder of classes with their term's name; it never leaves this file. */
function selectClasses(db: Db) {
  return db('classes')
    .join('terms', 'terms.id', 'classes.term_id')
    .leftJoin('class_levels', 'class_levels.class_id', 'classes.id')
    .select(
      'classes.id',
      'classes.club_id',
      'classes.term_id',
      'classes.name',
      'classes.join_code',
      'terms.name as term_name',
      'class_levels.level',
    );
}

export async function createClass(
  db: Db,
  input: { clubId: ClubId; termId: TermId; name: string; joinCode: string; requestId?: string },
): Promise<ClassId> {
  const [id] = await db('classes').insert({
    club_id: input.clubId,
    term_id: input.termId,
    name: input.name,
    join_code: input.joinCode,
    request_id: input.requestId ?? null,
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

const POST_TABLES = { coach: 'class_coaches', assistant: 'class_assistants' } as const;

/** What a coach is in a class from now on; undefined: nothing. */
export async function setClassPost(
  db: Db,
  classId: ClassId,
  coachId: CoachId,
  post: ClassPost | undefined,
): Promise<void> {
  const row = { class_id: classId, coach_id: coachId };
  for (const table of Object.values(POST_TABLES)) await db(table).where(row).delete();
  if (post !== undefined) await db(POST_TABLES[post]).insert(row);
}

export async function findClassPost(
  db: Db,
  classId: ClassId,
  coachId: CoachId,
): Promise<ClassPost | undefined> {
  if (await isCoachOfClass(db, classId, coachId)) return 'coach';
  const row = await db('class_assistants').where({ class_id: classId, coach_id: coachId }).first('class_id');
  return row === undefined ? undefined : 'assistant';
}

/** The coaches of the club with what each is in this class, by name. */
export async function listClassCoaches(db: Db, clubId: ClubId, classId: ClassId): Promise<ClassCoach[]> {
  const rows: { id: number; display_name: string; coach: number | null; assistant: number | null }[] =
    await db('people')
      .leftJoin('class_coaches', (join) => {
        join.on('class_coaches.coach_id', 'people.id').andOnVal('class_coaches.class_id', classId);
      })
      .leftJoin('class_assistants', (join) => {
        join.on('class_assistants.coach_id', 'people.id').andOnVal('class_assistants.class_id', classId);
      })
      .where('people.club_id', clubId)
      .whereIn('people.kind', ['lead', 'coach'])
      .whereNull('people.erased_at')
      .orderBy('people.display_name')
      .select(
        'people.id',
        'people.display_name',
        'class_coaches.coach_id as coach',
        'class_assistants.coach_id as assistant',
      );
  return rows.map((row) => ({
    coachId: row.id as CoachId,
    name: row.display_name,
    post: row.coach !== null ? 'coach' : row.assistant !== null ? 'assistant' : undefined,
  }));
}

/** Undefined: children of all levels. */
export async function setClassLevel(db: Db, classId: ClassId, level: Level | undefined): Promise<void> {
  await db('class_levels').where({ class_id: classId }).delete();
  if (level !== undefined) await db('class_levels').insert({ class_id: classId, level });
}

/** What makes a class this class: who teaches and helps, its words and reading level, its path. */
const WAYS_OF_A_CLASS = ['class_coaches', 'class_assistants', 'class_stages', 'class_voices', 'house_words'];

/** Gives a new class the ways of another one. */
export async function copyClassWays(db: Db, from: ClassId, to: ClassId): Promise<void> {
  for (const table of WAYS_OF_A_CLASS) {
    const rows: Readonly<Record<string, unknown>>[] = await db(table).where({ class_id: from });
    const copies = rows.map(({ id: _, ...row }) => ({ ...row, class_id: to }));
    if (copies.length > 0) await db(table).insert(copies);
  }
}

/** Lets two classes exchange their codes; the code is unique at every moment. */
export async function exchangeJoinCodes(
  db: Db,
  [one, other]: readonly [ClassId, ClassId],
  between: string,
): Promise<void> {
  const codeOf = async (classId: ClassId): Promise<string> => {
    const row: { join_code: string } | undefined = await db('classes')
      .where({ id: classId })
      .first('join_code');
    if (row === undefined) throw new Error(`no class ${classId}`);
    return row.join_code;
  };
  const [first, second] = [await codeOf(one), await codeOf(other)];
  await db('classes').where({ id: one }).update({ join_code: between });
  await db('classes').where({ id: other }).update({ join_code: first });
  await db('classes').where({ id: one }).update({ join_code: second });
}

/** Has anything been given, answered or practised in one of these classes? */
export async function hasWork(db: Db, classIds: readonly ClassId[]): Promise<boolean> {
  for (const table of ['assignments', 'attempts', 'practices', 'lessons', 'lesson_plans']) {
    const row = await db(table)
      .whereIn('class_id', [...classIds])
      .first('class_id');
    if (row !== undefined) return true;
  }
  return false;
}

/** Takes away classes in which nothing was ever done. */
export async function deleteClasses(db: Db, classIds: readonly ClassId[]): Promise<void> {
  for (const table of [...WAYS_OF_A_CLASS, 'class_levels']) {
    await db(table)
      .whereIn('class_id', [...classIds])
      .delete();
  }
  await db('classes')
    .whereIn('id', [...classIds])
    .delete();
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

/** Classes of a club, or only those in which one coach teaches or helps, the newest term first, with the number of students in them now. */
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
      db('enrolments')
        .countDistinct('enrolments.student_id')
        .whereRaw('enrolments.class_id = classes.id')
        .as('ever'),
    )
    .where('classes.club_id', clubId)
    .orderBy([{ column: 'terms.starts_on', order: 'desc' }, { column: 'classes.name' }]);
  if (onlyOf !== undefined) {
    query.where((own) => {
      void own
        .whereIn('classes.id', db('class_coaches').select('class_id').where({ coach_id: onlyOf }))
        .orWhereIn('classes.id', db('class_assistants').select('class_id').where({ coach_id: onlyOf }));
    });
  }
  const rows: (ClassRow & { students: number; ever: number })[] = await query;
  return rows.map((row) => ({ ...toClass(row), studentCount: row.students, everCount: row.ever }));
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
  return (await listJoinCards(db, classId)).map(({ studentId, name }) => ({ studentId, name }));
}

/** The same, with how many pictures each key has. */
export async function listJoinCards(db: Db, classId: ClassId): Promise<JoinCard[]> {
  const rows: { id: number; display_name: string; key_length: number }[] = await db('enrolments')
    .join('people', 'people.id', 'enrolments.student_id')
    .where('enrolments.class_id', classId)
    .whereNull('enrolments.ends_on')
    .whereNull('people.erased_at')
    .orderBy('people.display_name')
    .select('people.id', 'people.display_name', 'people.key_length');
  return rows.map((row) => ({
    studentId: row.id as StudentId,
    name: row.display_name,
    keyLength: row.key_length,
  }));
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
