/** The cursors of pages that stay open: the same while nothing has happened, another one after everything such a page shows. */
import { v4 as makeUuid } from 'uuid';
import { addRefusedAnswer } from '@/server/data/refusedAnswers';
import { getDb } from '@/server/db';
import { getAnswersPage } from '@/server/services/answers';
import { addStudent, getClassPage, removeStudent, unlockStudent } from '@/server/services/classes';
import { beginLive, endLive, getSeatNews } from '@/server/services/live';
import { getAnswersNews, getClassNews, getPlaceNews } from '@/server/services/news';
import { getSeatHome, openSeatRound, storeAttempt, storeShown } from '@/server/services/seat';
import { giveSet } from '@/server/services/sets';
import { signInStudent } from '@/server/services/signIn';
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
    'child locked out': async () => {
      const { joinCode } = valueOf(await getClassPage(lead, classId));
      for (let tries = 0; tries < 6; tries += 1)
        await signInStudent({ joinCode, studentId, key: ['moon', 'moon', 'moon'] }, 'here');
    },
    'child unlocked': () => unlockStudent(lead, { classId, studentId }),
    'child removed': () => removeStudent(lead, { classId, studentId }),
  };
  const cursors = {
    class: async () => valueOf(await getClassNews(lead, classId)).cursor,
    answers: async () => valueOf(await getAnswersNews(lead, assignmentId)).cursor,
    seat: async () => (await getPlaceNews(student)).cursor,
  };
  /** What each page is drawn from. */
  const pages = {
    class: () => getClassPage(lead, classId),
    answers: () => getAnswersPage(lead, assignmentId),
    seat: () => Promise.all([getSeatHome(student), getSeatNews(student)]),
  };
  return { lead, deeds, cursors, pages };
}

const PAGES = ['class', 'answers', 'seat'] as const;
type PerPage = Readonly<Record<(typeof PAGES)[number], () => Promise<unknown>>>;

/** What is read for each page, as text. */
async function readAll(readers: PerPage) {
  const read: Record<string, string> = {};
  for (const page of PAGES) read[page] = JSON.stringify(await readers[page]());
  return read;
}

test('whatever changes what a page shows is news for it, and while nothing happens there is none', async () => {
  const { deeds, cursors, pages } = await makeScene();
  const before = { shown: await readAll(pages), cursors: await readAll(cursors) };
  expect(await readAll(cursors)).toEqual(before.cursors);
  const changed = new Set<string>();
  for (const [name, act] of Object.entries(deeds)) {
    const result: unknown = await act();
    expect(result ?? {}).not.toMatchObject({ ok: false });
    const after = { shown: await readAll(pages), cursors: await readAll(cursors) };
    const isOther = (what: keyof typeof after) =>
      PAGES.filter((page) => after[what][page] !== before[what][page]);
    const shown = isOther('shown');
    expect({ name, unheard: shown.filter((page) => !isOther('cursors').includes(page)) }).toEqual({
      name,
      unheard: [],
    });
    if (shown.length > 0) changed.add(name);
    Object.assign(before, after);
  }
  // Every deed was one that a page shows.
  expect([...changed]).toEqual(Object.keys(deeds));
});

test('what a page does not show is no news for it', async () => {
  const { deeds, cursors } = await makeScene();
  const before = await readAll(cursors);
  await deeds['lesson begun']();
  const begun = await readAll(cursors);
  expect([begun.class, begun.answers]).toEqual([before.class, before.answers]);
  await deeds['set given']();
  expect((await readAll(cursors)).answers).toBe(before.answers);
});

test('a lesson that ends is news for the seat', async () => {
  const { lead, deeds, cursors } = await makeScene();
  const liveId = valueOf(await deeds['lesson begun']());
  const running = await cursors.seat();
  valueOf(await endLive(lead, { liveId }));
  expect(await cursors.seat()).not.toBe(running);
});
