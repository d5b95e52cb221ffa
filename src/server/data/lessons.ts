import { MOST_LISTED } from '@/contracts/bounds';
import type { Attendance, Holiday, NewHoliday } from '@/contracts/lessons';
import type { AssignmentId, ClassId, ClubId, CoachId, LessonId, PlanId, StudentId } from '@/contracts/ids';
import type { NameCard } from '@/contracts/people';
import type { Db } from '../db';
import { toDay } from './days';

export interface LessonRecord {
  readonly lessonId: LessonId;
  readonly classId: ClassId;
  readonly day: string;
  readonly startsAt: string;
  readonly minutes: number;
  readonly plan: { readonly planId: PlanId; readonly title: string } | undefined;
  readonly isCancelled: boolean;
  readonly hereCount: number;
  readonly awayCount: number;
}

interface LessonRow {
  id: number;
  class_id: number;
  day: Date;
  begins: string;
  minutes: number;
  plan_id: number | null;
  plan_title: string | null;
  is_cancelled: number;
  here: number;
  away: number;
}

function toLesson(row: LessonRow): LessonRecord {
  return {
    lessonId: row.id as LessonId,
    classId: row.class_id as ClassId,
    day: toDay(row.day),
    startsAt: row.begins,
    minutes: row.minutes,
    plan: row.plan_id === null ? undefined : { planId: row.plan_id as PlanId, title: row.plan_title ?? '' },
    isCancelled: row.is_cancelled === 1,
    hereCount: row.here,
    awayCount: row.away,
  };
}

/** A fresh builder; it never leaves this file. */
function selectLessons(db: Db) {
  const count = (wasHere: boolean) =>
    db('attendances').count().whereRaw('lesson_id = lessons.id').where({ was_here: wasHere });
  return db('lessons')
    .leftJoin('lesson_plans', 'lesson_plans.id', 'lessons.plan_id')
    .select(
      'lessons.id',
      'lessons.class_id',
      'lessons.day',
      'lessons.begins',
      'lessons.minutes',
      'lessons.plan_id',
      'lesson_plans.title as plan_title',
      'lessons.is_cancelled',
      count(true).as('here'),
      count(false).as('away'),
    );
}

/** The last ones of the class, in the order in which they take place. */
export async function listLessons(db: Db, classId: ClassId): Promise<LessonRecord[]> {
  const rows: LessonRow[] = await selectLessons(db)
    .where('lessons.class_id', classId)
    .orderBy([
      { column: 'lessons.day', order: 'desc' },
      { column: 'lessons.begins', order: 'desc' },
    ])
    .limit(MOST_LISTED);
  return rows.map(toLesson).reverse();
}

export async function findLesson(db: Db, lessonId: LessonId): Promise<LessonRecord | undefined> {
  const row: LessonRow | undefined = await selectLessons(db).where('lessons.id', lessonId).first();
  return row && toLesson(row);
}

/** Adds those that are not there yet; how many. */
export async function addLessons(
  db: Db,
  classId: ClassId,
  days: readonly string[],
  { startsAt, minutes }: { readonly startsAt: string; readonly minutes: number },
): Promise<number> {
  const known: Date[] = await db('lessons')
    .where({ class_id: classId, begins: startsAt })
    .whereIn('day', [...days])
    .pluck('day');
  const before = new Set(known.map(toDay));
  const fresh = days.filter((day) => !before.has(day));
  if (fresh.length > 0) {
    await db('lessons').insert(fresh.map((day) => ({ class_id: classId, day, begins: startsAt, minutes })));
  }
  return fresh.length;
}

export async function updateLesson(
  db: Db,
  lessonId: LessonId,
  changed: { readonly planId?: PlanId | null | undefined; readonly isCancelled?: boolean | undefined },
): Promise<void> {
  const { planId, isCancelled } = changed;
  const columns = {
    ...(planId === undefined ? {} : { plan_id: planId }),
    ...(isCancelled === undefined ? {} : { is_cancelled: isCancelled }),
  };
  if (Object.keys(columns).length > 0) await db('lessons').where({ id: lessonId }).update(columns);
}

/** Who was in the class on a day, by name, erased children left out. */
export async function listStudentsOn(db: Db, classId: ClassId, day: string): Promise<NameCard[]> {
  const rows: { id: number; display_name: string }[] = await db('enrolments')
    .join('people', 'people.id', 'enrolments.student_id')
    .where('enrolments.class_id', classId)
    .where('enrolments.starts_on', '<=', day)
    .where((open) => {
      void open.whereNull('enrolments.ends_on').orWhere('enrolments.ends_on', '>=', day);
    })
    .whereNull('people.erased_at')
    .orderBy('people.display_name')
    .distinct('people.id', 'people.display_name');
  return rows.map((row) => ({ studentId: row.id as StudentId, name: row.display_name }));
}

export async function listAttendance(db: Db, lessonId: LessonId): Promise<ReadonlyMap<StudentId, boolean>> {
  const rows: { student_id: number; was_here: number }[] = await db('attendances')
    .where({ lesson_id: lessonId })
    .select('student_id', 'was_here');
  return new Map(rows.map((row) => [row.student_id as StudentId, row.was_here === 1] as const));
}

/** The newest word on it holds. */
export async function noteAttendance(
  db: Db,
  { lessonId, studentId, wasHere }: Attendance,
  by: { readonly coachId: CoachId; readonly now: Date },
): Promise<void> {
  const key = { lesson_id: lessonId, student_id: studentId };
  if (wasHere === null) {
    await db('attendances').where(key).delete();
    return;
  }
  const noted = { was_here: wasHere, noted_by: by.coachId, noted_at: by.now };
  await db('attendances')
    .insert({ ...key, ...noted })
    .onConflict(['lesson_id', 'student_id'])
    .merge(noted);
}

export async function listCatchUps(db: Db, lessonId: LessonId): Promise<StudentId[]> {
  return db('catch_ups').where({ lesson_id: lessonId }).pluck('student_id');
}

export async function noteCatchUp(
  db: Db,
  lessonId: LessonId,
  studentId: StudentId,
  assignmentId: AssignmentId,
): Promise<void> {
  await db('catch_ups').insert({ lesson_id: lessonId, student_id: studentId, assignment_id: assignmentId });
}

/** Free days of the club, the next ones first. */
export async function listHolidays(db: Db, clubId: ClubId): Promise<Holiday[]> {
  const rows: { id: number; name: string; starts_on: Date; ends_on: Date }[] = await db('holidays')
    .where({ club_id: clubId })
    .orderBy('starts_on')
    .select('id', 'name', 'starts_on', 'ends_on');
  return rows.map((row) => ({
    holidayId: row.id,
    name: row.name,
    startsOn: toDay(row.starts_on),
    endsOn: toDay(row.ends_on),
  }));
}

/** The same holiday twice is there once. */
export async function addHoliday(db: Db, clubId: ClubId, holiday: NewHoliday): Promise<void> {
  const row = {
    club_id: clubId,
    name: holiday.name,
    starts_on: holiday.startsOn,
    ends_on: holiday.endsOn,
  };
  const known = await db('holidays').where(row).first('id');
  if (known === undefined) await db('holidays').insert(row);
}

export async function deleteHoliday(db: Db, clubId: ClubId, holidayId: number): Promise<void> {
  await db('holidays').where({ club_id: clubId, id: holidayId }).delete();
}
