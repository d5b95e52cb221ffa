import { v4 as makeUuid } from 'uuid';
import { clubSettingsSchema } from '@/contracts/clubs';
import { getAnswersPage } from '@/server/services/answers';
import { changeClubSettings, getClubPage } from '@/server/services/clubs';
import { openSeatRound, storeAttempt } from '@/server/services/seat';
import { addRound, getSetPage, giveSet } from '@/server/services/sets';
import { makeClass, makeClub, makeSet, valueOf, withDatabase } from '../support/database';

withDatabase();

const USUAL = clubSettingsSchema.parse({});

/** Mate in two by every block, in one without the pointless one on f8. */
const BLOCKED = '6k1/5ppp/3b4/8/8/B7/5PPP/4R1K1 w - - 0 1';

test('a club begins with the full count; a lead may change it, a coach only look', async () => {
  const { lead, coach } = await makeClub();
  expect(await getClubPage(lead)).toMatchObject({ settings: { mateCount: 'full' }, mayChange: true });
  expect(await changeClubSettings(coach, { ...USUAL, mateCount: 'no-blocks' })).toEqual({
    ok: false,
    error: { code: 'access/not-allowed' },
  });
  valueOf(await changeClubSettings(lead, { ...USUAL, mateCount: 'no-blocks' }));
  expect(await getClubPage(coach)).toMatchObject({ settings: { mateCount: 'no-blocks' }, mayChange: false });
});

test('the length asked for and the end of the answer follow the count of the club', async () => {
  const { lead, coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const setId = await makeSet(coach, [BLOCKED]);
  expect(valueOf(await getSetPage(coach, setId)).items).toMatchObject([{ mateInMoves: 2, mateNoBlocks: 1 }]);
  const assignmentId = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  const answer = async () => {
    const { roundId, tasks } = valueOf(await openSeatRound(student, assignmentId));
    const [task] = tasks;
    if (task === undefined) throw new Error('the set has a puzzle');
    const stored = await storeAttempt(student, {
      clientId: makeUuid(),
      roundId,
      taskId: task.taskId,
      answer: { kind: 'play', moves: ['e1e8'], slips: 0 },
      hints: 0,
      spentMs: 5000,
      waitedMs: 0,
    });
    const { puzzles } = valueOf(await getAnswersPage(coach, assignmentId));
    return [puzzles[0]?.mateInMoves, valueOf(stored).outcome];
  };
  expect(await answer()).toEqual([2, 'unfinished']);
  valueOf(await changeClubSettings(lead, { ...USUAL, mateCount: 'no-blocks' }));
  expect(await answer()).toEqual([1, 'right']);
});

test('new exercises count in the points of the club; those that are there keep theirs', async () => {
  const { lead, coach } = await makeClub();
  const setId = await makeSet(coach, []);
  const round = { setId, family: 'trade', level: 1, seed: 1, count: 1 } as const;
  valueOf(await addRound(coach, round));
  valueOf(await changeClubSettings(lead, { ...USUAL, values: { ...USUAL.values, bishop: 3.25, queen: 10 } }));
  valueOf(await addRound(coach, round));
  const { items } = valueOf(await getSetPage(coach, setId));
  expect(items).toMatchObject([
    { task: { values: { bishop: 3, queen: 9 } } },
    { task: { values: { bishop: 3.25, queen: 10 } } },
  ]);
});

test('new exercises are written and judged by the ways of the club; those made before keep theirs', async () => {
  const { lead, coach } = await makeClub();
  const setId = await makeSet(coach, []);
  const round = { setId, family: 'write-move', level: 2, seed: 5, count: 1 } as const;
  const waysOf = async () =>
    valueOf(await getSetPage(coach, setId)).items.map((item) =>
      item.family === 'write-move' ? (item.task as { ways?: unknown }).ways : 'none',
    );
  valueOf(await addRound(coach, round));
  const ways = { groups: { 'capture-signs': 'refuse' }, form: 'long', hasZeros: false } as const;
  valueOf(await changeClubSettings(lead, { ...USUAL, ways }));
  valueOf(await addRound(coach, round));
  expect(await waysOf()).toEqual([undefined, ways]);
});
