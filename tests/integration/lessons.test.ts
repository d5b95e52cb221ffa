/** Plans, lessons, attendance, catching up, and the calendar as another library reads it. */
import ical from 'node-ical';
import { v4 as makeUuid } from 'uuid';
import { savePlanSchema } from '@/contracts/lessons';
import type { AssignmentId, LessonId, PlanId, StudentId } from '@/contracts/ids';
import { segmentsSchema, type Segment } from '@/contracts/lessons';
import type { CoachActor, StudentActor } from '@/server/auth/actors';
import { getDb } from '@/server/db';
import { getAnswersPage } from '@/server/services/answers';
import { exportCalendar } from '@/server/services/calendar';
import { momentOf } from '@/server/services/today';
import { addClass, addStudent } from '@/server/services/classes';
import { runAt } from '@/server/services/clock';
import {
  addHoliday,
  changeLesson,
  getLessonPage,
  getLessonsPage,
  giveCatchUp,
  noteAttendance,
  removeHoliday,
  scheduleLessons,
} from '@/server/services/lessons';
import { addPlan, getPlan, removePlan, savePlan } from '@/server/services/plans';
import { getSeatHome, openSeatRound } from '@/server/services/seat';
import {
  makeClass,
  makeClub,
  makeSet,
  MATE_IN_1,
  MATE_IN_2,
  valueOf,
  withDatabase,
} from '../support/database';

withDatabase();

/** Nine Tuesdays from the last weeks of summer time into winter time. */
const WEEKS = {
  weekdays: [2],
  startsAt: '16:15',
  minutes: 45,
  from: '2026-09-29',
  to: '2026-11-24',
};

async function makeScene() {
  return runAt(new Date('2026-09-01T08:00:00Z'), async () => {
    const { lead, coach } = await makeClub();
    const { classId, student } = await makeClass(coach);
    const other = valueOf(
      await addStudent(coach, { requestId: makeUuid(), classId, name: 'Wren' }),
    ).studentId;
    return { lead, coach, classId, student, other };
  });
}

async function makeLessons(coach: CoachActor, classId: Parameters<typeof getLessonsPage>[1]) {
  valueOf(await scheduleLessons(coach, { classId, ...WEEKS }));
  return valueOf(await getLessonsPage(coach, classId)).lessons;
}

describe('plans', () => {
  const segment = (key: string, title: string): Segment => ({
    key,
    kind: 'show',
    title,
    minutes: 10,
    notes: '',
    items: [],
  });

  test('a plan begins empty, as a stage is taught or as a copy; the same request makes it once', async () => {
    const { coach, classId } = await makeScene();
    const request = {
      requestId: makeUuid(),
      classId,
      title: 'Check',
      from: { kind: 'stage', stage: 'check' },
    };
    const planId = valueOf(await addPlan(coach, request as Parameters<typeof addPlan>[1]));
    expect(valueOf(await addPlan(coach, request as Parameters<typeof addPlan>[1]))).toBe(planId);
    const plan = valueOf(await getPlan(coach, planId));
    expect(plan.segments.map(({ kind }) => kind)).toEqual(['show', 'ask', 'practise', 'play', 'homework']);
    expect(plan.minutes).toBe(45);
    const second = valueOf(await addClass(coach, { requestId: makeUuid(), name: 'Harbour class' }));
    const copy = valueOf(
      await addPlan(coach, {
        requestId: makeUuid(),
        classId: second,
        title: 'Check again',
        from: { kind: 'plan', planId },
      }),
    );
    expect(valueOf(await getPlan(coach, copy)).segments).toEqual(plan.segments);
    expect(valueOf(await getLessonsPage(coach, second)).otherPlans).toMatchObject([{ planId }]);
  });

  test('who saves over what somebody else has saved is told, and overwrites nothing; the same save again is fine', async () => {
    const { lead, coach, classId } = await makeScene();
    const planId = valueOf(await addPlan(coach, { requestId: makeUuid(), classId, title: 'Plan' }));
    const mine = { planId, revision: 1, title: 'Mine', segments: [segment('a', 'One')] };
    expect(valueOf(await savePlan(coach, mine))).toBe(2);
    expect(valueOf(await savePlan(coach, mine))).toBe(2);
    expect(await savePlan(lead, { ...mine, title: 'Theirs' })).toMatchObject({
      error: { code: 'plan/changed' },
    });
    expect(valueOf(await getPlan(lead, planId))).toMatchObject({ title: 'Mine', revision: 2 });
    const both = await Promise.all(
      ['A', 'B'].map((title) => savePlan(coach, { ...mine, revision: 2, title })),
    );
    expect(both.filter(({ ok }) => ok)).toHaveLength(1);
  });

  test('what is no position, no line or no set is not taken', () => {
    const holding = (item: object) =>
      segmentsSchema.safeParse([{ ...segment('a', 'One'), items: [item] }]).success;
    expect(holding({ kind: 'position', fen: '8/8/8/8/8/8/8/R7 w - - 0 1', label: '' })).toBe(true);
    expect(holding({ kind: 'position', fen: '9/8', label: '' })).toBe(false);
    expect(holding({ kind: 'line', pgn: '1. e4 e5 2. Nf3', label: '' })).toBe(true);
    expect(holding({ kind: 'line', pgn: '', label: '' })).toBe(false);
    expect(holding({ kind: 'line', pgn: '1. e4 '.repeat(1000), label: '' })).toBe(false);
    expect(holding({ kind: 'pattern', pattern: 'no-such' })).toBe(false);
  });

  test('a plan that is taken away leaves its lessons without one', async () => {
    const { coach, classId } = await makeScene();
    const [lesson] = await makeLessons(coach, classId);
    const planId = valueOf(await addPlan(coach, { requestId: makeUuid(), classId, title: 'Plan' }));
    valueOf(await changeLesson(coach, { lessonId: lesson?.lessonId as LessonId, planId }));
    for (let time = 0; time < 2; time += 1) valueOf(await removePlan(coach, { planId }));
    expect(valueOf(await getLessonsPage(coach, classId)).lessons[0]?.plan).toBeUndefined();
    expect(await getPlan(coach, planId)).toMatchObject({ error: { code: 'plan/not-found' } });
  });
});

describe('the calendar', () => {
  test('a weekly hour makes its lessons once, holidays left out; a holiday that comes later hides them', async () => {
    const { lead, coach, classId } = await makeScene();
    valueOf(await addHoliday(lead, { name: 'Autumn', startsOn: '2026-10-12', endsOn: '2026-10-16' }));
    expect(valueOf(await scheduleLessons(coach, { classId, ...WEEKS }))).toBe(8);
    expect(valueOf(await scheduleLessons(coach, { classId, ...WEEKS }))).toBe(0);
    valueOf(await addHoliday(lead, { name: 'Storm', startsOn: '2026-11-03', endsOn: '2026-11-03' }));
    const page = valueOf(await getLessonsPage(coach, classId));
    expect(page.lessons.map(({ day }) => day)).not.toContain('2026-10-13');
    expect(page.lessons.filter(({ holiday }) => holiday !== undefined)).toMatchObject([
      { day: '2026-11-03', holiday: 'Storm' },
    ]);
    for (const { holidayId } of page.holidays) valueOf(await removeHoliday(lead, { holidayId }));
    expect(
      valueOf(await getLessonsPage(coach, classId)).lessons.every(({ holiday }) => holiday === undefined),
    ).toBe(true);
    expect(await scheduleLessons(coach, { classId, ...WEEKS, to: '2026-09-01' })).toMatchObject({
      error: { code: 'lesson/no-such-days' },
    });
    expect(
      await scheduleLessons(coach, { classId, ...WEEKS, weekdays: [1, 2, 3, 4, 5], to: '2027-09-29' }),
    ).toMatchObject({ error: { code: 'lesson/too-many' } });
  });

  test('another library reads it back: the same hour in the club’s zone before and after the clocks change', async () => {
    const { coach, classId } = await makeScene();
    const lessons = await makeLessons(coach, classId);
    const planId = valueOf(
      await addPlan(coach, { requestId: makeUuid(), classId, title: 'Knights; rooks, and "kings"' }),
    );
    const [first, second] = lessons.map(({ lessonId }) => lessonId);
    valueOf(await changeLesson(coach, { lessonId: first as LessonId, planId }));
    valueOf(await changeLesson(coach, { lessonId: second as LessonId, isCancelled: true }));
    const { name, text } = valueOf(await exportCalendar(coach, { classId }));
    expect(name).toBe('lantern-class.ics');
    const events = Object.values(ical.sync.parseICS(text)).filter((part) => part?.type === 'VEVENT');
    expect(events).toHaveLength(9);
    const local = new Intl.DateTimeFormat('en-GB', {
      timeZone: 'Atlantic/Faroe',
      hour: '2-digit',
      minute: '2-digit',
    });
    for (const event of events) {
      expect(local.format(event.start)).toBe('16:15');
      expect((event.end as Date).getTime() - event.start.getTime()).toBe(45 * 60_000);
    }
    // Summer time ends there on 25 October 2026 at one o'clock UTC.
    expect(events.map((event) => event.start.getUTCHours())).toEqual([15, 15, 15, 15, 16, 16, 16, 16, 16]);
    expect(events[0]).toMatchObject({ summary: 'Lantern class: Knights; rooks, and "kings"' });
    expect(events[1]).toMatchObject({ status: 'CANCELLED' });
  });

  test('an hour that the clocks skip is the one after it; an hour that comes twice is the first', () => {
    // 29 March 2026, one o'clock UTC: 01:00 becomes 02:00 on the Faroes; 25 October 02:00 becomes 01:00.
    expect(momentOf('2026-03-29', '00:30', 'Atlantic/Faroe').toISOString()).toBe('2026-03-29T00:30:00.000Z');
    expect(momentOf('2026-03-29', '02:30', 'Atlantic/Faroe').toISOString()).toBe('2026-03-29T01:30:00.000Z');
    expect(momentOf('2026-10-26', '01:30', 'Atlantic/Faroe').toISOString()).toBe('2026-10-26T01:30:00.000Z');
  });
});

describe('attendance', () => {
  test('one word a child, the newest holds, and it can be unsaid; a child from elsewhere is not noted', async () => {
    const { lead, coach, classId, student, other } = await makeScene();
    const [lesson] = await makeLessons(coach, classId);
    const lessonId = lesson?.lessonId as LessonId;
    const note = (studentId: StudentId, wasHere: boolean | null) =>
      noteAttendance(coach, { lessonId, studentId, wasHere });
    valueOf(await note(student.studentId, true));
    valueOf(await note(other, true));
    valueOf(await note(other, false));
    expect(valueOf(await getLessonPage(lead, lessonId))).toMatchObject({
      hereCount: 1,
      awayCount: 1,
      students: [
        { name: 'Pip', wasHere: true },
        { name: 'Wren', wasHere: false },
      ],
    });
    valueOf(await note(other, null));
    expect(valueOf(await getLessonPage(coach, lessonId))).toMatchObject({ awayCount: 0 });
    expect(await note(999_999 as StudentId, true)).toMatchObject({ error: { code: 'join/not-in-class' } });
  });

  test('a lesson shows who was in the class on its day', async () => {
    const { coach, classId } = await makeScene();
    const lessons = await makeLessons(coach, classId);
    await runAt(new Date('2026-10-20T08:00:00Z'), async () =>
      valueOf(await addStudent(coach, { requestId: makeUuid(), classId, name: 'Late' })),
    );
    const namesOf = async (index: number) =>
      valueOf(await getLessonPage(coach, lessons[index]?.lessonId as LessonId)).students.map(
        ({ name }) => name,
      );
    expect(await namesOf(0)).toEqual(['Pip', 'Wren']);
    expect(await namesOf(8)).toEqual(['Late', 'Pip', 'Wren']);
  });
});

describe('catching up', () => {
  async function makeMissed() {
    const scene = await makeScene();
    const { coach, classId } = scene;
    const setId = await makeSet(coach, [MATE_IN_1, MATE_IN_2]);
    const planId = valueOf(await addPlan(coach, { requestId: makeUuid(), classId, title: 'Last rank' }));
    const items: Segment['items'] = [
      { kind: 'set', setId },
      { kind: 'round', family: 'find-square', level: 1, seed: 5, count: 3 },
    ];
    const practise: Segment = { key: 'p', kind: 'practise', title: '', minutes: 15, notes: '', items };
    const homework: Segment = { ...practise, key: 'h', kind: 'homework' };
    valueOf(
      await savePlan(coach, { planId, revision: 1, title: 'Last rank', segments: [practise, homework] }),
    );
    const [lesson] = await makeLessons(coach, classId);
    const lessonId = lesson?.lessonId as LessonId;
    valueOf(await changeLesson(coach, { lessonId, planId }));
    return { ...scene, lessonId };
  }
  const cardsOf = async (seat: StudentActor) =>
    (await getSeatHome(seat)).assignments.map(({ setName }) => setName);

  test.each(['of one request', 'of requests of their own'])(
    'many presses at once %s give it once',
    async (kind) => {
      const { coach, lessonId, student, other } = await makeMissed();
      const [one, ...ids] = Array.from({ length: 6 }, () => makeUuid());
      const presses = [one, ...ids].map((requestId) => ({
        requestId: kind === 'of one request' ? (one ?? '') : (requestId ?? ''),
        lessonId,
        studentIds: [other],
      }));
      const given = await Promise.all(presses.map((press) => giveCatchUp(coach, press)));
      expect(given.flatMap((gave) => valueOf(gave).studentIds)).toEqual([other]);
      const seat: StudentActor = { ...student, studentId: other, name: 'Wren' };
      expect(await cardsOf(seat)).toHaveLength(1);
    },
  );

  test('what was practised lies on the seat of the child that was away, and on no other', async () => {
    const { coach, lessonId, student, other } = await makeMissed();
    expect(valueOf(await getLessonPage(coach, lessonId)).catchUpCount).toBe(5);
    const request = { requestId: makeUuid(), lessonId, studentIds: [other] };
    expect(valueOf(await giveCatchUp(coach, request)).studentIds).toEqual([other]);
    expect(valueOf(await giveCatchUp(coach, request)).studentIds).toEqual([]);
    expect(valueOf(await giveCatchUp(coach, { ...request, requestId: makeUuid() })).studentIds).toEqual([]);
    const seat: StudentActor = { ...student, studentId: other, name: 'Wren' };
    expect(await cardsOf(seat)).toEqual(['Last rank, 29 September 2026']);
    expect(await cardsOf(student)).toEqual([]);
    // Nor can another child open it, and its table has one row.
    const [card] = (await getSeatHome(seat)).assignments;
    const assignmentId = card?.assignmentId as AssignmentId;
    expect(await openSeatRound(student, assignmentId)).toMatchObject({ error: { code: 'round/not-found' } });
    expect(valueOf(await openSeatRound(seat, assignmentId)).tasks).toHaveLength(5);
    const { rows } = valueOf(await getAnswersPage(coach, assignmentId));
    expect(rows.map(({ studentName }) => studentName)).toEqual(['Wren']);
    expect(valueOf(await getLessonPage(coach, lessonId)).students).toMatchObject([
      { hasCatchUp: false },
      { hasCatchUp: true },
    ]);
  });

  test('two coaches at once give it once', async () => {
    const { coach, lead, lessonId, other } = await makeMissed();
    await Promise.all(
      [coach, lead].map((actor) =>
        giveCatchUp(actor, { requestId: makeUuid(), lessonId, studentIds: [other] }),
      ),
    );
    expect(await getDb()('catch_ups').where({ student_id: other })).toHaveLength(1);
    expect(await getDb()('assignments').where({ student_id: other })).toHaveLength(1);
  });

  test('without a plan, or with one that holds nothing to do alone, there is nothing to give', async () => {
    const { coach, classId, student } = await makeScene();
    const [lesson] = await makeLessons(coach, classId);
    const lessonId = lesson?.lessonId as LessonId;
    const give = () =>
      giveCatchUp(coach, { requestId: makeUuid(), lessonId, studentIds: [student.studentId] });
    expect(await give()).toMatchObject({ error: { code: 'plan/nothing-to-practise' } });
    const planId: PlanId = valueOf(await addPlan(coach, { requestId: makeUuid(), classId, title: 'Empty' }));
    valueOf(await changeLesson(coach, { lessonId, planId }));
    expect(await give()).toMatchObject({ error: { code: 'plan/nothing-to-practise' } });
  });
});

test('a plan with a line that holds no moves is not saved, and says which', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  const planId = valueOf(await addPlan(coach, { requestId: makeUuid(), classId, title: 'Lines' }));
  const save = (...pgns: string[]) =>
    savePlan(coach, {
      planId,
      revision: 1,
      title: 'Lines',
      segments: [
        {
          key: 'a',
          kind: 'show',
          title: '',
          minutes: 5,
          notes: '',
          items: pgns.map((pgn) => ({ kind: 'line' as const, pgn, label: '' })),
        },
      ],
    });
  expect(await save('1. e4 e5', 'nothing of chess')).toMatchObject({
    error: { code: 'plan/no-moves', line: 'nothing of chess' },
  });
  expect(await save('1. e4 e5', '1. e4 e9')).toMatchObject({
    error: { code: 'plan/no-moves', line: '1. e4 e9' },
  });
  expect(valueOf(await save('1. e4 e5', '1. d4'))).toBe(2);
});

test('more lines than a lesson can hold are refused before any of them is read', () => {
  const line = { kind: 'line', pgn: '1. Nf3 Nf6 2. Ng1 Ng8 '.repeat(40), label: '' };
  const segment = { key: 'a', kind: 'show', title: '', minutes: 5, notes: '', items: Array(40).fill(line) };
  const plan = { planId: 1, revision: 1, title: 'Lines', segments: [segment] };
  expect(savePlanSchema.safeParse(plan).success).toBe(false);
  expect(savePlanSchema.safeParse({ ...plan, segments: [{ ...segment, items: [line] }] }).success).toBe(true);
});
