/** The weeks of the two terms as they went by: homework given and answered, lessons planned and held. */
import dayjs from 'dayjs';
import type { AssignmentId, PlanId, SetId, StudentId } from '@/contracts/ids';
import type { Stage } from '@/core/exercises';
import { createRandom } from '@/core/shared';
import type { CoachActor, StudentActor } from '@/server/auth/actors';
import { runAt } from '@/server/services/clock';
import { getCoachActor } from '@/server/services/coaches';
import {
  addHoliday,
  changeLesson,
  getLessonsPage,
  noteAttendance,
  scheduleLessons,
} from '@/server/services/lessons';
import { addPlan } from '@/server/services/plans';
import { openSeatRound, storeAttempt } from '@/server/services/seat';
import { giveSet } from '@/server/services/sets';
import { listOwnTerms } from '@/server/services/terms';
import { stageName, PLAIN_TERMS } from '@/text';
import { DEMO_CLASSES, DEMO_LEAD, DEMO_STUDENTS, type DemoClassId, type DemoStudent } from './people';
import { DEMO_WEEKLY_SET } from './puzzles';
import { DEMO_HOMEWORK } from './rounds';
import {
  CLASS_IDS,
  dayOf,
  getId,
  getValue,
  requestOf,
  SEED,
  type Calendar,
  type ClassIds,
  type StudentIds,
} from './seedHelpers';
import { simulateTries } from './simulate';

const MINUTE_MS = 60_000;

/** Which homework, by its place in the list, a class had in which week: three of a term before and of the one that runs. */
const PLAN: Readonly<Record<DemoClassId, Readonly<Record<'before' | 'now', readonly number[]>>>> = {
  tidepool: { before: [0, 1, 2, 3], now: [0, 1, 3] },
  harbour: { before: [2, 3, 4, 5], now: [4, 5, 6] },
  lantern: { before: [4, 5, 6, 7], now: [7, 8, 9] },
};
const WEEKS = { before: [-23, -20, -17, -14], now: [-9, -6, -3] } as const;

/** Children that miss a homework, and that do only half of it. */
const MISSES = 0.12;
const STOPS_HALFWAY = 0.2;
/** So much weaker a child was a term ago. */
const LEARNT = 0.12;

/** The homework of a term: given, and answered on some day of the next two weeks. */
export async function teachTerm(
  term: 'before' | 'now',
  classIds: ClassIds,
  students: StudentIds,
  sets: ReadonlyMap<string, SetId>,
  calendar: Calendar,
): Promise<void> {
  for (const id of CLASS_IDS) {
    const actor = await getCoachActor(DEMO_CLASSES[id].coach.signInName);
    const classId = getId(classIds, id);
    const inClass = DEMO_STUDENTS.filter((student) => student[term] === id);
    for (const [place, week] of WEEKS[term].entries()) {
      const { name } = DEMO_HOMEWORK[PLAN[id][term][place] ?? 0] ?? { name: '' };
      const givenAt = calendar(week);
      const requestId = requestOf(`homework ${term} ${week}`, id);
      const assignmentId = getValue(
        await runAt(givenAt, () => giveSet(actor, { requestId, setId: getId(sets, name), classId })),
      );
      await Promise.all(
        inClass.map((student, index) =>
          doHomework(actor, student, getId(students, student.name), assignmentId, {
            givenAt,
            seed: SEED + 1000 * (week + 100) + 50 * CLASS_IDS.indexOf(id) + index,
            learnt: term === 'now' ? 0 : LEARNT,
          }),
        ),
      );
    }
  }
}

/** Who solves mates each week, and how many. */
const MATE_CLASSES: readonly DemoClassId[] = ['lantern', 'harbour'];
const MATE_WEEKS = [-8, -7, -6, -5, -4, -3, -2, -1];
const MATES_A_WEEK = 3;

/** Some mates of one set a week, so that one sees what became of a child since. */
export async function solveMates(
  classIds: ClassIds,
  students: StudentIds,
  sets: ReadonlyMap<string, SetId>,
  calendar: Calendar,
): Promise<void> {
  for (const id of MATE_CLASSES) {
    const actor = await getCoachActor(DEMO_CLASSES[id].coach.signInName);
    const request = {
      requestId: requestOf('mates', id),
      setId: getId(sets, DEMO_WEEKLY_SET),
      classId: getId(classIds, id),
    };
    const assignmentId = getValue(await runAt(calendar(MATE_WEEKS[0] ?? 0), () => giveSet(actor, request)));
    const inClass = DEMO_STUDENTS.filter(({ now, triedCount }) => now === id && triedCount > 0);
    for (const [place, week] of MATE_WEEKS.entries()) {
      for (const [index, student] of inClass.entries()) {
        const random = createRandom(SEED + 7000 + 100 * place + index);
        if (random() < MISSES) continue;
        const seat = seatOf(actor, student, getId(students, student.name));
        const strength = student.strength - LEARNT * (1 - (place + 1) / MATE_WEEKS.length);
        const begunAt = dayjs(calendar(week)).add(Math.floor(6 * 24 * 60 * random()), 'minute');
        const then = { ...student, strength, triedCount: MATES_A_WEEK };
        const seed = SEED + 9000 + 100 * place + index;
        await answerSet(seat, assignmentId, then, seed, begunAt.toDate(), place * MATES_A_WEEK);
      }
    }
  }
}

/** A child at its seat. */
export const seatOf = (
  { clubId }: CoachActor,
  { name }: DemoStudent,
  studentId: StudentId,
): StudentActor => ({
  kind: 'student',
  studentId,
  clubId,
  name,
});

async function doHomework(
  actor: CoachActor,
  student: DemoStudent,
  studentId: StudentId,
  assignmentId: AssignmentId,
  { givenAt, seed, learnt }: { readonly givenAt: Date; readonly seed: number; readonly learnt: number },
): Promise<void> {
  const random = createRandom(seed);
  if (random() < MISSES) return;
  const triedCount = random() < STOPS_HALFWAY ? 4 : 8;
  const begunAt = dayjs(givenAt)
    .add(Math.floor(13 * random()), 'day')
    .add(Math.floor(9 * 60 * random()), 'minute');
  const then = { ...student, strength: student.strength - learnt, triedCount };
  await answerSet(seatOf(actor, student, studentId), assignmentId, then, seed + 1, begunAt.toDate());
}

/** The stage a class is at, the day of the week it meets (1 Monday), and when. */
const LESSONS: Readonly<
  Record<
    DemoClassId,
    { readonly weekday: number; readonly startsAt: string; readonly stages: readonly Stage[] }
  >
> = {
  tidepool: { weekday: 1, startsAt: '15:30', stages: ['board', 'movement'] },
  harbour: { weekday: 3, startsAt: '16:00', stages: ['values', 'check'] },
  lantern: { weekday: 4, startsAt: '16:30', stages: ['named-mates', 'forced-mates'] },
};
/** Children that miss a lesson. */
const STAYS_AWAY = 0.12;

/** The lessons of the term that runs, with the plans of the last ones and who was there. */
export async function planLessons(classIds: ClassIds, students: StudentIds): Promise<void> {
  const lead = await getCoachActor(DEMO_LEAD.signInName);
  const term = (await listOwnTerms(lead)).find(({ isCurrent }) => isCurrent);
  if (term === undefined) throw new Error('a term runs');
  const random = createRandom(SEED);
  const { startsOn: from, endsOn: to } = term;
  const middle = dayjs(from).add(5, 'week');
  const [startsOn, endsOn] = [dayOf(middle.toDate()), dayOf(middle.add(4, 'day').toDate())];
  getValue(await addHoliday(lead, { name: 'Harvest week', startsOn, endsOn }));
  for (const id of CLASS_IDS) {
    const actor = await getCoachActor(DEMO_CLASSES[id].coach.signInName);
    const classId = getId(classIds, id);
    const { weekday, startsAt, stages } = LESSONS[id];
    const hours = { classId, weekdays: [weekday], startsAt, minutes: 45, from, to };
    getValue(await scheduleLessons(actor, hours));
    const plans: PlanId[] = [];
    for (const stage of stages) {
      const requestId = requestOf(`plan ${stage}`, id);
      const title = stageName(stage, PLAIN_TERMS);
      plans.push(
        getValue(await addPlan(actor, { requestId, classId, title, from: { kind: 'stage', stage } })),
      );
    }
    const { lessons, today } = getValue(await getLessonsPage(actor, classId));
    const held = lessons.filter(({ day, holiday }) => day < today && holiday === undefined);
    const inClass = DEMO_STUDENTS.filter(({ now }) => now === id);
    for (const [place, { lessonId }] of held.entries()) {
      // The two last lessons have the plans.
      const planId = plans[place - (held.length - plans.length)];
      if (planId !== undefined) getValue(await changeLesson(actor, { lessonId, planId }));
      for (const { name } of inClass) {
        const studentId = getId(students, name);
        getValue(await noteAttendance(actor, { lessonId, studentId, wasHere: random() > STAYS_AWAY }));
      }
    }
  }
}

/** A task a minute from a moment on, `triedCount` of them from place `first` on. */
export async function answerSet(
  seat: StudentActor,
  assignmentId: AssignmentId,
  { name, strength, triedCount }: DemoStudent,
  seed: number,
  begunAt: Date,
  first = 0,
): Promise<void> {
  if (triedCount === 0) return;
  const random = createRandom(seed);
  const { roundId, tasks } = getValue(await runAt(begunAt, () => openSeatRound(seat, assignmentId)));
  for (const [index, task] of tasks.slice(first, first + triedCount).entries()) {
    const answeredAt = new Date(begunAt.getTime() + index * MINUTE_MS);
    for (const [number, { answer, hints, spentMs }] of simulateTries(random, strength, task).entries()) {
      const attempt = {
        clientId: requestOf('attempt', `${name} ${assignmentId} ${first + index} ${number}`),
        roundId,
        taskId: task.taskId,
        answer,
        hints,
        spentMs,
        waitedMs: 0,
      };
      getValue(await runAt(answeredAt, () => storeAttempt(seat, attempt)));
    }
  }
}
