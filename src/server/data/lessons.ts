import { MOST_LISTED } from '@/contracts/bounds';
import type { Attendance, Holiday, NewHoliday } from '@/contracts/lessons';
import type { AssignmentId, ClassId, ClubId, CoachId, LessonId, PlanId, StudentId } from '@/contracts/ids';
import type { NameCard } from '@/contracts/people';
import type { Knex } from 'knex';
import { computed, listRows, listValues, optional, parsed, type Db } from '../db';
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

/** The lessons of `lessonsWithPlans`. */
async function readLessons(db: Db, lessons: Knex.QueryBuilder): Promise<LessonRecord[]> {
  const count = (wasHere: 0 | 1) =>
    db('attendances').count().whereRaw('lesson_id = lessons.id AND was_here = ?', [wasHere]);
  const rows = await listRows(lessons, {
    lessonId: 'lessons.id',
    classId: 'lessons.class_id',
    day: parsed('lessons.day', toDay),
    startsAt: 'lessons.begins',
    minutes: 'lessons.minutes',
    planId: 'lessons.plan_id',
    planTitle: optional('lesson_plans.title'),
    isCancelled: parsed('lessons.is_cancelled', Boolean),
    hereCount: computed(count(1), Number),
    awayCount: computed(count(0), Number),
  });
  return rows.map(({ planId, planTitle, ...lesson }) => ({
    ...lesson,
    plan: planId === null ? undefined : { planId, title: planTitle ?? '' },
  }));
}

const lessonsWithPlans = (db: Db) =>
  db('lessons').leftJoin('lesson_plans', 'lesson_plans.id', 'lessons.plan_id');

/** The last ones of the class, in the order in which they take place. */
export async function listLessons(db: Db, classId: ClassId): Promise<LessonRecord[]> {
  const last = lessonsWithPlans(db)
    .where('lessons.class_id', classId)
    .orderBy([
      { column: 'lessons.day', order: 'desc' },
      { column: 'lessons.begins', order: 'desc' },
    ])
    .limit(MOST_LISTED);
  return (await readLessons(db, last)).reverse();
}

export async function findLesson(db: Db, lessonId: LessonId): Promise<LessonRecord | undefined> {
  return (await readLessons(db, lessonsWithPlans(db).where('lessons.id', lessonId)))[0];
}

/** Adds those that are not there yet; how many. */
export async function addLessons(
  db: Db,
  classId: ClassId,
  days: readonly string[],
  { startsAt, minutes }: { readonly startsAt: string; readonly minutes: number },
): Promise<number> {
  const same = db('lessons')
    .where({ class_id: classId, begins: startsAt })
    .whereIn('day', [...days]);
  const known = await listValues(same, 'lessons.day');
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
  const enrolled = db('enrolments')
    .join('people', 'people.id', 'enrolments.student_id')
    .where('enrolments.class_id', classId)
    .where('enrolments.starts_on', '<=', day)
    .where((open) => {
      void open.whereNull('enrolments.ends_on').orWhere('enrolments.ends_on', '>=', day);
    })
    .whereNull('people.erased_at')
    .orderBy('people.display_name')
    .distinct();
  return listRows(enrolled, { studentId: 'enrolments.student_id', name: 'people.display_name' });
}

export async function listAttendance(db: Db, lessonId: LessonId): Promise<ReadonlyMap<StudentId, boolean>> {
  const rows = await listRows(db('attendances').where({ lesson_id: lessonId }), {
    studentId: 'attendances.student_id',
    wasHere: parsed('attendances.was_here', Boolean),
  });
  return new Map(rows.map(({ studentId, wasHere }) => [studentId, wasHere] as const));
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
  return listValues(db('catch_ups').where({ lesson_id: lessonId }), 'catch_ups.student_id');
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
  return listRows(db('holidays').where({ club_id: clubId }).orderBy('starts_on'), {
    holidayId: 'holidays.id',
    name: 'holidays.name',
    startsOn: parsed('holidays.starts_on', toDay),
    endsOn: parsed('holidays.ends_on', toDay),
  });
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
