/** A lesson at the big board: asked once, answered once, read by a cursor that misses nothing. */
import { v4 as makeUuid } from 'uuid';
import type { TaskId } from '@/contracts/ids';
import { OVERLAP_MS, type LiveNews } from '@/contracts/live';
import { getDb } from '@/server/db';
import { addClass, addStudent } from '@/server/services/classes';
import { runAt } from '@/server/services/clock';
import { getLessonsPage, changeLesson, scheduleLessons } from '@/server/services/lessons';
import {
  addCalledMove,
  askQuestion,
  beginLive,
  closeQuestion,
  endLive,
  getBoardPage,
  getLiveNews,
  getSeatLesson,
  getSeatNews,
  openLiveTask,
  saveLivePlace,
  storeSuggestion,
} from '@/server/services/live';
import { addPlan, savePlan } from '@/server/services/plans';
import { storeAttempt } from '@/server/services/seat';
import { getSetPage } from '@/server/services/sets';
import { gather, groupAnswers, listSilent, NOTHING_GATHERED } from '@/ui/panels/live/answers';
import { makeClass, makeClub, makeSet, MATE_IN_1, valueOf, withDatabase } from '../support/database';

withDatabase();

const NOW = '2026-10-06T14:20:00.000Z';

async function makeLesson() {
  const { lead, coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const wren = valueOf(await addStudent(coach, { requestId: makeUuid(), classId, name: 'Wren' })).studentId;
  const other = { ...student, studentId: wren, name: 'Wren' };
  const liveId = valueOf(await beginLive(coach, { requestId: makeUuid(), classId }));
  const ask = async (more: { taskId?: TaskId; fen?: string } = {}) =>
    valueOf(
      await askQuestion(coach, {
        requestId: makeUuid(),
        liveId,
        fen: MATE_IN_1,
        words: 'White to move. Mate in 1.',
        ...more,
      }),
    );
  return { lead, coach, classId, student, other, liveId, ask };
}

const said = (
  questionId: Parameters<typeof storeSuggestion>[1]['questionId'],
  move: string,
  waitedMs = 0,
) => ({
  clientId: makeUuid(),
  questionId,
  move,
  waitedMs,
});

test('a lesson begins once, steps through its plan, and a new one ends it', async () => {
  const { coach, classId } = await makeLesson();
  const setId = await makeSet(coach, [MATE_IN_1]);
  const planId = valueOf(await addPlan(coach, { requestId: makeUuid(), classId, title: 'Corridor' }));
  valueOf(
    await savePlan(coach, {
      planId,
      revision: 1,
      title: 'Corridor',
      segments: [
        {
          key: 'a',
          kind: 'show',
          title: 'The picture',
          minutes: 10,
          notes: 'Who guards the pawns?',
          items: [
            { kind: 'pattern', pattern: 'back-rank' },
            { kind: 'position', fen: '8/8/8/3N4/8/8/8/8 w - - 0 1', label: 'A knight alone' },
            { kind: 'line', pgn: '1. e4 e5 2. Nf3 *', label: '' },
          ],
        },
        {
          key: 'b',
          kind: 'ask',
          title: 'Find it',
          minutes: 5,
          notes: '',
          items: [
            { kind: 'set', setId },
            { kind: 'round', family: 'find-square', level: 1, seed: 5, count: 2 },
          ],
        },
      ],
    }),
  );
  const today = valueOf(await getLessonsPage(coach, classId)).today;
  const hours = { classId, weekdays: [1, 2, 3, 4, 5, 6, 7], startsAt: '16:00', minutes: 45 };
  valueOf(await scheduleLessons(coach, { ...hours, from: today, to: today }));
  const lessonId = valueOf(await getLessonsPage(coach, classId)).lessons[0]?.lessonId;
  if (lessonId === undefined) throw new Error('a lesson');
  valueOf(await changeLesson(coach, { lessonId, planId }));

  const request = { requestId: makeUuid(), classId, lessonId };
  const liveId = valueOf(await beginLive(coach, request));
  expect(valueOf(await beginLive(coach, request))).toBe(liveId);
  const page = valueOf(await getBoardPage(coach, classId));
  expect(page.live).toMatchObject({ liveId, lessonId, place: { segment: 0, stop: 0 } });
  expect(page.segments.map(({ stops }) => stops.map(({ kind }) => kind))).toEqual([
    ['position', 'position', 'position', 'position', 'position', 'line'],
    ['mate', 'exercise', 'exercise'],
  ]);
  expect(page.segments[1]?.stops[0]).toMatchObject({ moves: ['a1a8'], label: 'First mates, number 1' });
  valueOf(await saveLivePlace(coach, { liveId, place: { segment: 1, stop: 2 } }));
  expect(valueOf(await getLiveNews(coach, classId, {})).place).toEqual({ segment: 1, stop: 2 });

  const next = valueOf(await beginLive(coach, { requestId: makeUuid(), classId }));
  expect(valueOf(await getBoardPage(coach, classId)).live?.liveId).toBe(next);
  expect(await getDb()('live_lessons').whereNull('ended_at').pluck('id')).toEqual([next]);
});

test('a seat hears the question, its move is stored once, and the newest of a child counts', async () => {
  const { coach, classId, student, other, ask } = await makeLesson();
  expect(await getSeatNews(student)).toEqual({ isLive: true, question: undefined, given: undefined });
  const questionId = await ask();
  expect((await getSeatNews(student)).question).toMatchObject({ questionId, fen: MATE_IN_1, isOpen: true });

  const first = said(questionId, 'a1a7', 9000);
  valueOf(await storeSuggestion(student, first));
  valueOf(await storeSuggestion(student, first));
  valueOf(await storeSuggestion(student, said(questionId, 'a1a8')));
  valueOf(await addCalledMove(coach, said(questionId, 'a1a8')));
  expect(await storeSuggestion(other, first)).toMatchObject({ error: { code: 'access/not-allowed' } });
  expect(await storeSuggestion(other, said(questionId, 'g8g7'))).toMatchObject({
    error: { code: 'live/no-such-move' },
  });
  expect((await getSeatNews(student)).given).toBe('a1a8');

  const gathered = gather(NOTHING_GATHERED, valueOf(await getLiveNews(coach, classId, {})));
  expect(gathered.answers.size).toBe(3);
  expect(groupAnswers(gathered.answers.values())).toEqual([
    { text: 'a1a8', move: 'a1a8', isRight: undefined, studentIds: [student.studentId], count: 2 },
  ]);
  expect(listSilent(gathered).map(({ name }) => name)).toEqual(['Wren']);
});

test('an answer that becomes visible late is read by the overlap, and none twice', async () => {
  const { coach, classId, student, other, ask } = await makeLesson();
  const questionId = await ask();
  const at = (ms: number) => new Date(Date.parse(NOW) + ms);
  const read = (ms: number, before: LiveNews | undefined) =>
    runAt(at(ms), async () =>
      valueOf(
        await getLiveNews(
          coach,
          classId,
          before === undefined ? {} : { sinceMs: before.nowMs, questionId: before.question?.questionId },
        ),
      ),
    );
  await runAt(at(1000), async () => valueOf(await storeSuggestion(student, said(questionId, 'a1a7'))));
  const one = await read(4000, undefined);
  // Received before that reading, committed after it.
  await runAt(at(3500), async () => valueOf(await storeSuggestion(other, said(questionId, 'a1a8'))));
  const two = await read(5000, one);
  const three = await read(4000 + 2 * OVERLAP_MS, two);
  const four = await read(5000 + 2 * OVERLAP_MS, three);
  const gathered = [one, two, three, four].reduce(gather, NOTHING_GATHERED);
  expect(one.answers).toHaveLength(1);
  expect(two.answers).toHaveLength(2);
  expect(four.answers).toHaveLength(0);
  expect(gathered.answers.size).toBe(2);
});

test('a task is answered in a round of the child that counts like every other', async () => {
  const { coach, classId, student, ask } = await makeLesson();
  const setId = await makeSet(coach, [MATE_IN_1]);
  const taskId = valueOf(await getSetPage(coach, setId)).items[0]?.taskId as TaskId;
  const questionId = await ask({ taskId });
  const round = valueOf(await openLiveTask(student, { questionId }));
  expect(valueOf(await openLiveTask(student, { questionId })).roundId).toBe(round.roundId);
  expect(round.tasks.map((task) => task.taskId)).toEqual([taskId]);
  const answer = { kind: 'play' as const, moves: ['a1a8'], slips: 0 };
  const attempt = { clientId: makeUuid(), roundId: round.roundId, taskId, answer, hints: 0, spentMs: 4000 };
  valueOf(await storeAttempt(student, { ...attempt, waitedMs: 0 }));
  expect(valueOf(await getLiveNews(coach, classId, {})).answers).toMatchObject([
    { studentId: student.studentId, answer: { kind: 'task', text: '1. Ra8#', isRight: true } },
  ]);
  expect(await getDb()('attempts').pluck('class_id')).toEqual([classId]);
});

test('an exercise that was composed at the board is stored when it is asked', async () => {
  const { coach, student, ask, liveId } = await makeLesson();
  await ask();
  const exercise = {
    family: 'find-square' as const,
    level: 1 as const,
    task: { square: 12, bottom: 'white' as const, hasCoordinates: true },
  };
  const fen = '8/8/8/8/8/8/8/8 w - - 0 1';
  const request = { requestId: makeUuid(), liveId, fen, words: 'Tap the square e2.', exercise };
  const questionId = valueOf(await askQuestion(coach, request));
  expect(valueOf(await askQuestion(coach, request))).toBe(questionId);
  expect(valueOf(await openLiveTask(student, { questionId })).tasks).toMatchObject([exercise]);
  // One question at a time.
  expect(await getDb()('live_questions').whereNull('closed_at').pluck('id')).toEqual([questionId]);
});

test('a question of a board that was brought: that there is none is an answer, and the coach reads it in words', async () => {
  const { coach, classId, student, liveId } = await makeLesson();
  const fen = '4k3/8/8/1n6/8/8/8/R5K1 w - - 0 1';
  const exercise = { family: 'captures' as const, level: 2 as const, task: { fen } };
  const request = { requestId: makeUuid(), liveId, fen, words: 'Tap every piece.', exercise };
  const questionId = valueOf(await askQuestion(coach, request));
  const { roundId, tasks } = valueOf(await openLiveTask(student, { questionId }));
  const taskId = tasks[0]?.taskId as TaskId;
  const answer = { kind: 'tap' as const, marks: [] };
  const attempt = { clientId: makeUuid(), roundId, taskId, answer, hints: 0, spentMs: 4000, waitedMs: 0 };
  valueOf(await storeAttempt(student, attempt));
  expect(valueOf(await getLiveNews(coach, classId, {})).answers).toMatchObject([
    { answer: { kind: 'task', text: 'none', isRight: true } },
  ]);
});

test('what was given before the question was closed is stored when it comes later; a seat hears no closed one', async () => {
  const { coach, classId, student, liveId, ask } = await makeLesson();
  const questionId = await ask();
  valueOf(await closeQuestion(coach, { questionId }));
  expect((await getSeatNews(student)).question).toBeUndefined();
  valueOf(await storeSuggestion(student, said(questionId, 'a1a8')));
  valueOf(await endLive(coach, { liveId }));
  valueOf(await storeSuggestion(student, said(questionId, 'a1b1')));
  expect(await getSeatNews(student)).toMatchObject({ isLive: false });
  expect(valueOf(await getLiveNews(coach, classId, {}))).toMatchObject({ liveId: undefined, answers: [] });
  expect(
    await askQuestion(coach, { requestId: makeUuid(), liveId, fen: MATE_IN_1, words: 'x' }),
  ).toMatchObject({
    error: { code: 'live/not-found' },
  });
});

test('a lesson nobody has ended is over for the seats after six hours', async () => {
  const { student } = await makeLesson();
  const later = new Date(Date.now() + 6 * 3_600_000 + 60_000);
  expect(await runAt(later, () => getSeatNews(student))).toMatchObject({ isLive: false });
  expect((await getSeatLesson(student)).news.isLive).toBe(true);
});

test('a child of another class hears and answers nothing', async () => {
  const { coach, ask } = await makeLesson();
  const questionId = await ask();
  const elsewhere = valueOf(await addClass(coach, { requestId: makeUuid(), name: 'Harbour' }));
  const fern = valueOf(await addStudent(coach, { requestId: makeUuid(), classId: elsewhere, name: 'Fern' }));
  const stranger = {
    kind: 'student' as const,
    clubId: coach.clubId,
    studentId: fern.studentId,
    name: 'Fern',
  };
  expect(await getSeatNews(stranger)).toMatchObject({ isLive: false, question: undefined });
  expect(await storeSuggestion(stranger, said(questionId, 'a1a8'))).toMatchObject({ ok: false });
  expect(await openLiveTask(stranger, { questionId })).toMatchObject({ ok: false });
});
