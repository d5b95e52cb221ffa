/** When a class meets, who was there, and what a child that was away can catch up with. */
import dayjs from 'dayjs';
import { v5 as uuidOf } from 'uuid';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, LessonId, SetId, StudentId, TaskId } from '@/contracts/ids';
import type {
  Attendance,
  CatchUp,
  CaughtUp,
  ChangeLesson,
  Holiday,
  Lesson,
  LessonPage,
  LessonsPage,
  NewHoliday,
  PlanItem,
  Schedule,
  Segment,
} from '@/contracts/lessons';
import { failure, success, type Result } from '@/core/shared';
import { dayText } from '@/text';
import { findClassFor, requireVisibleClass, requireEditableClass, type CoachActor } from '../auth/actors';
import { createAssignment, findAssignmentByRequest } from '../data/assignments';
import { listClasses } from '../data/classes';
import { getClub } from '../data/clubs';
import {
  addHoliday as storeHoliday,
  addLessons,
  deleteHoliday,
  findLesson,
  listAttendance,
  listCatchUps,
  listHolidays,
  listLessons,
  listStudentsOn,
  noteAttendance as storeAttendance,
  noteCatchUp,
  updateLesson,
  type LessonRecord,
} from '../data/lessons';
import { findPlan, listPlans } from '../data/plans';
import { addItem, findSet, getLatestVersion, markGiven } from '../data/sets';
import { listTerms } from '../data/terms';
import { listTasksOfVersion } from '../data/tasks';
import { getDb, storeOnce, withTransaction, type Db } from '../db';
import { getNow } from './clock';
import { toPlanSummary } from './plans';
import { openVersion } from './setBuilder';
import { addRound, addSet } from './sets';
import { dayIn } from './today';

/** Lessons made by one press: a school year of two a week. */
const MOST_LESSONS = 100;

export async function getLessonsPage(
  actor: CoachActor,
  classId: ClassId,
): Promise<Result<LessonsPage, ServiceFault>> {
  const db = getDb();
  const found = await requireVisibleClass(db, actor, classId);
  if (found === undefined) return failure({ code: 'class/not-found' });
  const own = await listClasses(db, actor.clubId, actor.isLead ? undefined : actor.coachId);
  const [{ timeZone }, lessons, holidays, plans, terms] = await Promise.all([
    getClub(db, actor.clubId),
    listLessons(db, classId),
    listHolidays(db, actor.clubId),
    listPlans(
      db,
      own.map((one) => one.classId),
    ),
    listTerms(db, actor.clubId),
  ]);
  const term = terms.find(({ termId }) => termId === found.termId);
  const summaries = plans.map(toPlanSummary);
  return success({
    classId,
    className: found.name,
    termName: found.termName,
    mayChange: (await requireEditableClass(db, actor, classId)) !== undefined,
    isLead: actor.isLead,
    lessons: lessons.map((lesson) => toLesson(lesson, holidays)),
    plans: summaries.filter((plan) => plan.classId === classId),
    otherPlans: summaries.filter((plan) => plan.classId !== classId),
    holidays,
    today: dayIn(timeZone, getNow()),
    term: { startsOn: term?.startsOn ?? '', endsOn: term?.endsOn ?? '' },
  });
}

function toLesson({ classId: _, ...lesson }: LessonRecord, holidays: readonly Holiday[]): Lesson {
  const holiday = holidays.find(({ startsOn, endsOn }) => startsOn <= lesson.day && lesson.day <= endsOn);
  return { ...lesson, holiday: holiday?.name };
}

/** Adds a lesson on each of these weekdays that is no holiday; those that are there already stay. How many are new. */
export async function scheduleLessons(
  actor: CoachActor,
  { classId, weekdays, startsAt, minutes, from, to }: Schedule,
): Promise<Result<number, ServiceFault>> {
  return withTransaction(async (db) => {
    if ((await requireEditableClass(db, actor, classId)) === undefined)
      return failure<ServiceFault>({ code: 'class/not-found' });
    const holidays = await listHolidays(db, actor.clubId);
    const days = listDays(from, to, weekdays, MOST_LESSONS + 1).filter(
      (day) => !holidays.some(({ startsOn, endsOn }) => startsOn <= day && day <= endsOn),
    );
    if (days.length === 0) return failure<ServiceFault>({ code: 'lesson/no-such-days' });
    if (days.length > MOST_LESSONS)
      return failure<ServiceFault>({ code: 'lesson/too-many', most: MOST_LESSONS });
    return success(await addLessons(db, classId, days, { startsAt, minutes }));
  });
}

/** At most so many days; a day has no hour here, so that no summer time can move it. */
function listDays(from: string, to: string, weekdays: readonly number[], most: number): string[] {
  const days: string[] = [];
  for (let day = dayjs(`${from}T12:00:00`); days.length < most; day = day.add(1, 'day')) {
    const text = day.format('YYYY-MM-DD');
    if (text > to) break;
    // The library counts from Sunday as 0.
    if (weekdays.includes(day.day() === 0 ? 7 : day.day())) days.push(text);
  }
  return days;
}

/** Gives a lesson another plan, or cancels it; what was noted of it stays. */
export async function changeLesson(
  actor: CoachActor,
  { lessonId, planId, isCancelled }: ChangeLesson,
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    const lesson = await findLesson(db, lessonId);
    if (lesson === undefined || (await requireEditableClass(db, actor, lesson.classId)) === undefined)
      return failure<ServiceFault>({ code: 'lesson/not-found' });
    if (typeof planId === 'number' && (await findPlan(db, planId))?.classId !== lesson.classId)
      return failure<ServiceFault>({ code: 'plan/not-found' });
    await updateLesson(db, lessonId, { planId, isCancelled });
    return success(undefined);
  });
}

/** Free days of the whole club; lessons on them do not take place. Only a lead says which. */
export async function addHoliday(
  actor: CoachActor,
  holiday: NewHoliday,
): Promise<Result<undefined, ServiceFault>> {
  if (!actor.isLead) return failure({ code: 'access/not-allowed' });
  if (holiday.endsOn < holiday.startsOn) return failure({ code: 'term/ends-before-it-starts' });
  return withTransaction(async (db) => {
    await storeHoliday(db, actor.clubId, holiday);
    return success(undefined);
  });
}

export async function removeHoliday(
  actor: CoachActor,
  { holidayId }: { readonly holidayId: number },
): Promise<Result<undefined, ServiceFault>> {
  if (!actor.isLead) return failure({ code: 'access/not-allowed' });
  await deleteHoliday(getDb(), actor.clubId, holidayId);
  return success(undefined);
}

export async function getLessonPage(
  actor: CoachActor,
  lessonId: LessonId,
): Promise<Result<LessonPage, ServiceFault>> {
  const db = getDb();
  const lesson = await findLesson(db, lessonId);
  const found = lesson && (await requireVisibleClass(db, actor, lesson.classId));
  if (lesson === undefined || found === undefined) return failure({ code: 'lesson/not-found' });
  const [students, attendance, caughtUp, holidays] = await Promise.all([
    listStudentsOn(db, lesson.classId, lesson.day),
    listAttendance(db, lessonId),
    listCatchUps(db, lessonId),
    listHolidays(db, actor.clubId),
  ]);
  const plan = lesson.plan && (await findPlan(db, lesson.plan.planId));
  return success({
    ...toLesson(lesson, holidays),
    classId: lesson.classId,
    className: found.name,
    mayChange: (await requireEditableClass(db, actor, lesson.classId)) !== undefined,
    students: students.map((student) => ({
      ...student,
      wasHere: attendance.get(student.studentId),
      hasCatchUp: caughtUp.includes(student.studentId),
    })),
    catchUpCount: await countCatchUp(db, plan?.segments ?? []),
  });
}

/** Notes whether a child was there; an assistant may too. The newest word holds. */
export async function noteAttendance(
  actor: CoachActor,
  attendance: Attendance,
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    const lesson = await findLesson(db, attendance.lessonId);
    if (
      lesson === undefined ||
      (await findClassFor(db, actor, lesson.classId, 'attendance/noted')) === undefined
    )
      return failure<ServiceFault>({ code: 'lesson/not-found' });
    const students = await listStudentsOn(db, lesson.classId, lesson.day);
    if (!students.some(({ studentId }) => studentId === attendance.studentId))
      return failure<ServiceFault>({ code: 'join/not-in-class' });
    await storeAttendance(db, attendance, { coachId: actor.coachId, now: getNow() });
    return success(undefined);
  });
}

type Practisable = Extract<PlanItem, { kind: 'round' | 'set' }>;

/** What of a plan a child can do alone: exercises and sets of every segment but the homework, which it has anyway. */
function listPractisable(segments: readonly Segment[]): Practisable[] {
  return segments
    .filter(({ kind }) => kind !== 'homework')
    .flatMap(({ items }) => items)
    .filter((item): item is Practisable => item.kind === 'round' || item.kind === 'set');
}

async function countCatchUp(db: Db, segments: readonly Segment[]): Promise<number> {
  let count = 0;
  for (const item of listPractisable(segments)) {
    count += item.kind === 'round' ? item.count : (await listTasksOfSet(db, item.setId)).length;
  }
  return count;
}

async function listTasksOfSet(db: Db, setId: SetId): Promise<TaskId[]> {
  if ((await findSet(db, setId)) === undefined) return [];
  const { setVersionId } = await getLatestVersion(db, setId, 'read');
  return (await listTasksOfVersion(db, setVersionId)).map(({ taskId }) => taskId);
}

/**
 * Lays what was practised onto the seats of children that were away: a set made of the plan, given to each of them alone. The same request
 * again gives nothing twice; a child that has it already keeps its own.
 */
export async function giveCatchUp(
  actor: CoachActor,
  { requestId, lessonId, studentIds }: CatchUp,
): Promise<Result<CaughtUp, ServiceFault>> {
  const db = getDb();
  const lesson = await findLesson(db, lessonId);
  if (lesson === undefined || (await requireEditableClass(db, actor, lesson.classId)) === undefined)
    return failure({ code: 'lesson/not-found' });
  const plan = lesson.plan && (await findPlan(db, lesson.plan.planId));
  const items = listPractisable(plan?.segments ?? []);
  if (plan === undefined || items.length === 0) return failure({ code: 'plan/nothing-to-practise' });
  const there = new Set((await listStudentsOn(db, lesson.classId, lesson.day)).map((one) => one.studentId));
  if (studentIds.some((studentId) => !there.has(studentId))) return failure({ code: 'join/not-in-class' });
  const set = await makeCatchUpSet(actor, requestId, `${plan.title}, ${dayText(lesson.day)}`, items);
  if (!set.ok) return set;
  return storeOnce(async (inside) => {
    const has = new Set(await listCatchUps(inside, lessonId));
    const fresh = studentIds.filter((studentId) => !has.has(studentId));
    const latest = await getLatestVersion(inside, set.value, 'lock');
    const now = getNow();
    if (fresh.length > 0) await markGiven(inside, latest.setVersionId, now);
    for (const studentId of fresh) {
      await giveOne(inside, { actor, requestId, lesson, studentId, latest, now });
    }
    return success({ studentIds: fresh });
  });
}

async function giveOne(
  db: Db,
  given: {
    readonly actor: CoachActor;
    readonly requestId: string;
    readonly lesson: LessonRecord;
    readonly studentId: StudentId;
    readonly latest: Awaited<ReturnType<typeof getLatestVersion>>;
    readonly now: Date;
  },
): Promise<void> {
  const { actor, lesson, studentId, latest, now } = given;
  const requestId = uuidOf(`catch-up ${studentId}`, given.requestId);
  const known = await findAssignmentByRequest(db, requestId);
  const assignmentId =
    known ??
    (await createAssignment(db, {
      setVersionId: latest.setVersionId,
      classId: lesson.classId,
      studentId,
      givenBy: actor.coachId,
      now,
      requestId,
    }));
  await noteCatchUp(db, lesson.lessonId, studentId, assignmentId);
}

/** The set of a catch-up round; every step carries an id of its own, so that a request cut short is simply sent again. */
async function makeCatchUpSet(
  actor: CoachActor,
  requestId: string,
  name: string,
  items: readonly Practisable[],
): Promise<Result<SetId, ServiceFault>> {
  const made = await addSet(actor, { requestId: uuidOf('set', requestId), name: name.slice(0, 120) });
  if (!made.ok) return made;
  for (const item of items) {
    if (item.kind === 'round') {
      const { kind: _, ...round } = item;
      const added = await addRound(actor, { setId: made.value, ...round });
      if (!added.ok) return added;
    } else {
      await putInAll(made.value, item.setId);
    }
  }
  return made;
}

async function putInAll(setId: SetId, from: SetId): Promise<void> {
  await withTransaction(async (db) => {
    const latest = await getLatestVersion(db, setId, 'lock');
    const known = new Set((await listTasksOfVersion(db, latest.setVersionId)).map(({ taskId }) => taskId));
    const fresh = (await listTasksOfSet(db, from)).filter((taskId) => !known.has(taskId));
    if (fresh.length === 0) return;
    const version = await openVersion(db, setId, latest);
    for (const taskId of fresh) await addItem(db, version.setVersionId, taskId);
  });
}
