import type { ClassId, ClubId, CoachId, StudentId, TermId } from '@/contracts/ids';
import type { ClassCoach, ClassPost, ClassSummary, JoinCard, NameCard } from '@/contracts/people';
import { LEVELS, type Level } from '@/core/exercises';
import {
  columnsOf,
  computed,
  findRow,
  findValue,
  insertRow,
  listRows,
  optional,
  parsed,
  type Db,
} from '../db';
import { toCoachId } from './people';

export interface ClassRecord {
  readonly classId: ClassId;
  readonly clubId: ClubId;
  readonly name: string;
  readonly termId: TermId;
  readonly termName: string;
  readonly level: Level | undefined;
  readonly joinCode: string;
}

const CLASS_COLUMNS = columnsOf({
  classId: 'classes.id',
  clubId: 'classes.club_id',
  name: 'classes.name',
  termId: 'classes.term_id',
  termName: 'terms.name',
  level: parsed('class_levels.level', (stored) => LEVELS.find((level) => level === stored)),
  joinCode: 'classes.join_code',
});

/** Classes with what `CLASS_COLUMNS` ask of them. */
function selectClasses(db: Db) {
  return db('classes')
    .join('terms', 'terms.id', 'classes.term_id')
    .leftJoin('class_levels', 'class_levels.class_id', 'classes.id');
}

export async function createClass(
  db: Db,
  input: { clubId: ClubId; termId: TermId; name: string; joinCode: string; requestId?: string },
): Promise<ClassId> {
  return insertRow(db, 'classes', {
    club_id: input.clubId,
    term_id: input.termId,
    name: input.name,
    join_code: input.joinCode,
    request_id: input.requestId ?? null,
  });
}

export async function findClassByRequest(db: Db, requestId: string): Promise<ClassId | undefined> {
  return findValue(db('classes').where({ request_id: requestId }), 'classes.id');
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
  const coaches = db('people')
    .leftJoin('class_coaches', (join) => {
      join.on('class_coaches.coach_id', 'people.id').andOnVal('class_coaches.class_id', classId);
    })
    .leftJoin('class_assistants', (join) => {
      join.on('class_assistants.coach_id', 'people.id').andOnVal('class_assistants.class_id', classId);
    })
    .where('people.club_id', clubId)
    .whereIn('people.kind', ['lead', 'coach'])
    .whereNull('people.erased_at')
    .orderBy('people.display_name');
  const rows = await listRows(coaches, {
    coachId: parsed('people.id', toCoachId),
    name: 'people.display_name',
    coach: optional('class_coaches.coach_id'),
    assistant: optional('class_assistants.coach_id'),
  });
  return rows.map(({ coachId, name, coach, assistant }) => ({
    coachId,
    name,
    post: coach !== null ? 'coach' : assistant !== null ? 'assistant' : undefined,
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
    const rows = (await db(table).where({ class_id: from })) as Readonly<Record<string, unknown>>[];
    const copies = rows.map(({ id: _, ...row }) => ({ ...row, class_id: to }));
    if (copies.length > 0) await db(table).insert(copies);
  }
}

/** Lets two classes exchange their codes; the code is unique at every moment. */
export async function exchangeJoinCodes(
  db: Db,
  [a, b]: readonly [ClassId, ClassId],
  between: string,
): Promise<void> {
  const codeOf = async (classId: ClassId): Promise<string> => {
    const code = await findValue(db('classes').where({ id: classId }), 'classes.join_code');
    if (code === undefined) throw new Error(`no class ${classId}`);
    return code;
  };
  const [codeOfA, codeOfB] = [await codeOf(a), await codeOf(b)];
  await db('classes').where({ id: a }).update({ join_code: between });
  await db('classes').where({ id: b }).update({ join_code: codeOfA });
  await db('classes').where({ id: a }).update({ join_code: codeOfB });
}

/** Has anything been given, answered or practised in one of these classes? */
export async function hasWork(db: Db, classIds: readonly ClassId[]): Promise<boolean> {
  for (const table of ['assignments', 'attempts', 'practices', 'lessons', 'lesson_plans'] as const) {
    const work = db(table).whereIn('class_id', [...classIds]);
    if ((await findValue(work, `${table}.class_id`)) !== undefined) return true;
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
  return findRow(selectClasses(db).where('classes.id', classId), CLASS_COLUMNS);
}

export async function findClassByJoinCode(db: Db, joinCode: string): Promise<ClassRecord | undefined> {
  return findRow(selectClasses(db).where('classes.join_code', joinCode), CLASS_COLUMNS);
}

/** Classes of a club, or only those in which one coach teaches or helps, the newest term first, with the number of students in them now. */
export async function listClasses(
  db: Db,
  clubId: ClubId,
  onlyOf: CoachId | undefined,
): Promise<ClassSummary[]> {
  const query = selectClasses(db)
    .where('classes.club_id', clubId)
    .orderBy([{ column: 'terms.starts_on', order: 'desc' }, { column: 'classes.name' }]);
  if (onlyOf !== undefined) {
    query.where((own) => {
      void own
        .whereIn('classes.id', db('class_coaches').select('class_id').where({ coach_id: onlyOf }))
        .orWhereIn('classes.id', db('class_assistants').select('class_id').where({ coach_id: onlyOf }));
    });
  }
  const inClass = db('enrolments').whereRaw('enrolments.class_id = classes.id');
  return listRows(query, {
    ...CLASS_COLUMNS,
    studentCount: computed(inClass.clone().whereNull('enrolments.ends_on').count(), Number),
    everCount: computed(inClass.clone().countDistinct('enrolments.student_id'), Number),
  });
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
  const children = db('enrolments')
    .join('people', 'people.id', 'enrolments.student_id')
    .where('enrolments.class_id', classId)
    .whereNull('enrolments.ends_on')
    .whereNull('people.erased_at')
    .orderBy('people.display_name');
  return listRows(children, {
    studentId: 'enrolments.student_id',
    name: 'people.display_name',
    keyLength: 'people.key_length',
  });
}

/** The class a student is in now, the newest enrolment where there are several. */
export async function findClassOfStudent(db: Db, studentId: StudentId): Promise<ClassRecord | undefined> {
  const newest = db('enrolments').where({ student_id: studentId }).whereNull('ends_on').orderBy('id', 'desc');
  const classId = await findValue(newest, 'enrolments.class_id');
  return classId && findClass(db, classId);
}

export async function isStudentOfClass(db: Db, classId: ClassId, studentId: StudentId): Promise<boolean> {
  const row = await db('enrolments')
    .where({ class_id: classId, student_id: studentId })
    .whereNull('ends_on')
    .first('id');
  return row !== undefined;
}
