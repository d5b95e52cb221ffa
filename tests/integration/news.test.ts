/** The cursors of pages that stay open: the same while nothing has happened, another one after everything such a page shows. */
import { v4 as makeUuid } from 'uuid';
import { addRefusedAnswer } from '@/server/data/refusedAnswers';
import { getDb } from '@/server/db';
import { addStudent, removeStudent } from '@/server/services/classes';
import { beginLive, endLive } from '@/server/services/live';
import { getAnswersNews, getClassNews, getPlaceNews } from '@/server/services/news';
import { openSeatRound, storeAttempt, storeShown } from '@/server/services/seat';
import { giveSet } from '@/server/services/sets';
import { noteUnsentAnswers } from '@/server/services/unsentAnswers';
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

async function makeScene() {
  const { lead } = await makeClub();
  const { classId, student } = await makeClass(lead);
  const give = async (fens: readonly string[]) =>
    giveSet(lead, { requestId: makeUuid(), setId: await makeSet(lead, fens), classId });
  const assignmentId = valueOf(await give([MATE_IN_1, MATE_IN_2]));
  const { roundId, tasks } = valueOf(await openSeatRound(student, assignmentId));
  const taskId = tasks[0]?.taskId;
  if (taskId === undefined) throw new Error('the set has a puzzle');
  const { studentId } = student;
  const deeds = {
    answer: async () =>
      storeAttempt(student, {
        ...{ clientId: makeUuid(), roundId, taskId, hints: 0, spentMs: 10, waitedMs: 0 },
        answer: { kind: 'play', moves: ['a1a2'], slips: 0 },
      }),
    'solution shown': () =>
      storeShown(student, { clientId: makeUuid(), roundId, taskId, waitedMs: 0, studentId }),
    'set given': () => give([MATE_IN_2]),
    'child added': () => addStudent(lead, { requestId: makeUuid(), classId, name: 'Wren' }),
    'answer not stored': () =>
      addRefusedAnswer(getDb(), {
        ...{ studentId, clientId: makeUuid(), reason: 'input/invalid', body: '{}' },
        receivedAt: new Date(),
      }),
    'answers not sent': () =>
      noteUnsentAnswers(student, { deviceId: makeUuid(), counts: [{ studentId, answers: 3 }] }),
    'lesson begun': () => beginLive(lead, { requestId: makeUuid(), classId }),
  };
  const cursors = {
    class: async () => valueOf(await getClassNews(lead, classId)).cursor,
    answers: async () => valueOf(await getAnswersNews(lead, assignmentId)).cursor,
    seat: async () => (await getPlaceNews(student)).cursor,
  };
  return { lead, student, classId, deeds, cursors };
}

type Scene = Awaited<ReturnType<typeof makeScene>>;

/** Which pages show what. */
const SHOWN: Readonly<Record<keyof Scene['deeds'], readonly (keyof Scene['cursors'])[]>> = {
  answer: ['class', 'answers', 'seat'],
  'solution shown': ['answers'],
  'set given': ['class', 'seat'],
  'child added': ['class'],
  'answer not stored': ['class'],
  'answers not sent': ['class'],
  'lesson begun': ['seat'],
};

test('every deed is news for the pages that show it, and for no other', async () => {
  const { deeds, cursors } = await makeScene();
  const read = async () => ({
    class: await cursors.class(),
    answers: await cursors.answers(),
    seat: await cursors.seat(),
  });
  let before = await read();
  expect(await read()).toEqual(before);
  for (const [name, act] of Object.entries(deeds)) {
    const result: unknown = await act();
    expect(result ?? {}).not.toMatchObject({ ok: false });
    const after = await read();
    const changed = (['class', 'answers', 'seat'] as const).filter((page) => after[page] !== before[page]);
    expect({ name, changed }).toEqual({ name, changed: SHOWN[name as keyof typeof SHOWN] });
    before = after;
  }
});

test('a child who leaves and a lesson that ends are news', async () => {
  const { lead, student, classId, deeds, cursors } = await makeScene();
  const liveId = valueOf(await deeds['lesson begun']());
  const running = await cursors.seat();
  valueOf(await endLive(lead, { liveId }));
  expect(await cursors.seat()).not.toBe(running);
  const [klass, seat] = [await cursors.class(), await cursors.seat()];
  valueOf(await removeStudent(lead, { classId, studentId: student.studentId }));
  expect(await cursors.class()).not.toBe(klass);
  expect(await cursors.seat()).not.toBe(seat);
});
