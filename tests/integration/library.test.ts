import { v4 as makeUuid } from 'uuid';
import type { ClassId, SetId, TaskId } from '@/contracts/ids';
import {
  librarySearchSchema,
  libraryFiltersSchema,
  clubPatternFilter,
  type LibrarySearch,
} from '@/contracts/library';
import { getDraft, getPosition, makeFen, makeSan, parseEpd } from '@/core/notation';
import { listMatingMovesSlowly } from '@/core/proof';
import { NEW_CHILD_RATING, startPuzzleRating } from '@/core/progress';
import { levelOfNumber } from '@/core/puzzles';
import { mirrorFiles, swapColours } from '@/core/rules';
import type { CoachActor, StudentActor } from '@/server/auth/actors';
import { getDb } from '@/server/db';
import { addStudent } from '@/server/services/classes';
import { addClubPattern, removeClubPattern } from '@/server/services/clubPatterns';
import { exportLibrary } from '@/server/services/files';
import { searchLibrary } from '@/server/services/library';
import { rebuildRatings } from '@/server/services/ratings';
import { rekeyPuzzles } from '@/server/services/rekey';
import { openSeatRound, storeAttempt } from '@/server/services/seat';
import { addStored, replacePuzzle } from '@/server/services/setBuilder';
import { getSetPage, giveSet } from '@/server/services/sets';
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

const BLACK_1 = makeFen(swapColours(getPosition(MATE_IN_1)));
const WING_1 = makeFen(mirrorFiles(getDraft(MATE_IN_1)));
/** Another rook's mate on the last rank, its king on another square: as long and as hard, of another idea. */
const EQUAL_1 = '7k/5ppp/8/8/8/8/8/R5K1 w - - 0 1';
const SMOTHERED = '6rk/6pp/8/6N1/8/8/8/6K1 w - - 0 1';

const searchFor = (search: object = {}): LibrarySearch => librarySearchSchema.parse(search);

async function findFens(coach: CoachActor, search: object = {}) {
  return valueOf(await searchLibrary(coach, searchFor(search))).items.map(({ fen }) => fen);
}

async function listTaskIds(coach: CoachActor, setId: SetId) {
  return valueOf(await getSetPage(coach, setId)).items.map(({ taskId }) => taskId);
}

async function answerOnce(
  student: StudentActor,
  coach: CoachActor,
  setId: SetId,
  classId: ClassId,
  moves: readonly string[],
  hints = 0,
) {
  const given = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  const { roundId, tasks } = valueOf(await openSeatRound(student, given));
  const taskId = tasks[0]?.taskId as TaskId;
  const answer = () => ({
    clientId: makeUuid(),
    roundId,
    taskId,
    answer: { kind: 'play' as const, moves: [...moves], slips: 0 },
    hints,
    spentMs: 20_000,
    waitedMs: 0,
  });
  const first = answer();
  valueOf(await storeAttempt(student, first));
  // Sent once more, and tried once more: neither says anything new of the child's strength.
  valueOf(await storeAttempt(student, first));
  valueOf(await storeAttempt(student, answer()));
  return taskId;
}

test('every filter finds what it says and nothing else, the easiest first', async () => {
  const { coach } = await makeClub();
  await makeSet(coach, [MATE_IN_2, BLACK_1, SMOTHERED, WING_1]);
  const all = await findFens(coach);
  expect(new Set(all)).toEqual(new Set([MATE_IN_2, BLACK_1, SMOTHERED, WING_1]));
  expect(all.at(-1)).toBe(MATE_IN_2);
  expect(await findFens(coach, { moves: '2' })).toEqual([MATE_IN_2]);
  expect(await findFens(coach, { side: 'black' })).toEqual([BLACK_1]);
  expect(await findFens(coach, { wing: 'queen' })).toEqual([WING_1]);
  expect(await findFens(coach, { patterns: 'smothered,boden' })).toEqual([SMOTHERED]);
  expect(await findFens(coach, { patterns: 'smothered', moves: '2' })).toEqual([]);
  expect((await findFens(coach, { men: '6' })).toSorted()).toEqual([BLACK_1, SMOTHERED, WING_1].toSorted());
  for (const key of ['check', 'capture', 'quiet', 'sacrifice', 'promotion'] as const) {
    const expected = [...all].filter((fen) => fen !== MATE_IN_2).filter(() => key === 'check');
    const found = (await findFens(coach, { key })).filter((fen) => fen !== MATE_IN_2);
    expect(found).toEqual(expected);
  }
  // Empty fields of the form are no filter.
  expect(await findFens(coach, { moves: '', patterns: '', key: '', men: '', classId: '' })).toEqual(all);
  const levels = await Promise.all([1, 2, 3, 4, 5].map((level) => findFens(coach, { level })));
  expect(levels.flat().toSorted()).toEqual(all.toSorted());
});

test('what a class or one of its children has had is left out; its twin is told', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1]);
  await makeSet(coach, [WING_1, MATE_IN_2]);
  valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  const { items, total } = valueOf(await searchLibrary(coach, searchFor({ classId })));
  expect(total).toBe(2);
  expect(items).toMatchObject([{ fen: WING_1, seen: { as: 'twin' } }, { fen: MATE_IN_2 }]);
  expect(items[1]?.seen).toBeUndefined();
  // A pick takes neither.
  expect(await findFens(coach, { classId, surprise: 3 })).toEqual([MATE_IN_2]);
  expect(await findFens(coach, { surprise: 3 })).toHaveLength(2);
});

test('another club’s library and classes stay its own', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1]);
  const stranger = { ...coach, clubId: (coach.clubId + 1) as typeof coach.clubId };
  expect(await findFens(stranger)).toEqual([]);
  expect(await findFens(stranger, { surprise: 3 })).toEqual([]);
  expect(await searchLibrary(stranger, searchFor({ classId }))).toEqual({
    ok: false,
    error: { code: 'class/not-found' },
  });
  const taskIds = await listTaskIds(coach, setId);
  expect(await addStored(stranger, { setId, taskIds })).toMatchObject({ error: { code: 'set/not-found' } });
  const one = taskIds[0] as TaskId;
  expect(await replacePuzzle(stranger, { setId, taskId: one, by: 'wing' })).toMatchObject({
    error: { code: 'set/not-found' },
  });
});

test('stored puzzles go into a set in the order chosen, each once, all or none', async () => {
  const { coach } = await makeClub();
  const all = await makeSet(coach, [MATE_IN_1, SMOTHERED, MATE_IN_2]);
  const [one, two, three] = (await listTaskIds(coach, all)) as [TaskId, TaskId, TaskId];
  const setId = await makeSet(coach, [SMOTHERED]);
  expect(valueOf(await addStored(coach, { setId, taskIds: [three, two, one, one] })).added).toBe(2);
  expect(await listTaskIds(coach, setId)).toEqual([two, three, one]);
  expect(valueOf(await addStored(coach, { setId, taskIds: [one] })).added).toBe(0);
  const empty = await makeSet(coach, []);
  const missing = 999_999 as TaskId;
  expect(await addStored(coach, { setId: empty, taskIds: [one, missing] })).toMatchObject({
    error: { code: 'puzzle/not-found' },
  });
  expect(await listTaskIds(coach, empty)).toEqual([]);
});

test('a puzzle is replaced by its twin in its place, proved, in a new version where the set was given', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  const setId = await makeSet(coach, [SMOTHERED, MATE_IN_1, MATE_IN_2]);
  valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  const taskId = (await listTaskIds(coach, setId))[1] as TaskId;
  valueOf(await replacePuzzle(coach, { setId, taskId, by: 'wing' }));
  const page = valueOf(await getSetPage(coach, setId));
  expect(page).toMatchObject({
    version: 2,
    items: [{ fen: SMOTHERED }, { fen: WING_1 }, { fen: MATE_IN_2 }],
  });
  const next = page.items[1]?.taskId as TaskId;
  valueOf(await replacePuzzle(coach, { setId, taskId: next, by: 'colours' }));
  const turned = valueOf(await getSetPage(coach, setId)).items[1];
  expect(turned).toMatchObject({ fen: makeFen(swapColours(getPosition(WING_1))), mateInMoves: 1 });
  // What has gone meanwhile, what is there already, and who may still castle.
  expect(await replacePuzzle(coach, { setId, taskId, by: 'wing' })).toMatchObject({
    error: { code: 'set/changed' },
  });
  const both = await makeSet(coach, [MATE_IN_1, WING_1]);
  expect(
    await replacePuzzle(coach, {
      setId: both,
      taskId: (await listTaskIds(coach, both))[0] as TaskId,
      by: 'wing',
    }),
  ).toMatchObject({ error: { code: 'set/has-twin' } });
  const castling = await makeSet(coach, ['6k1/5ppp/8/8/8/8/8/R3K3 w Q - 0 1']);
  const [may] = (await listTaskIds(coach, castling)) as [TaskId];
  expect(await replacePuzzle(coach, { setId: castling, taskId: may, by: 'wing' })).toMatchObject({
    error: { code: 'set/castling-side' },
  });
  valueOf(await replacePuzzle(coach, { setId: castling, taskId: may, by: 'colours' }));
});

test('an equal one is as long and as hard, of another idea, and new to the classes of the set', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1]);
  const [taskId] = (await listTaskIds(coach, setId)) as [TaskId];
  await makeSet(coach, [WING_1, MATE_IN_2]);
  const ask = () => replacePuzzle(coach, { setId, taskId, by: 'equal' });
  expect(await ask()).toMatchObject({ error: { code: 'set/no-equal' } });
  const other = await makeSet(coach, [EQUAL_1]);
  valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  valueOf(await giveSet(coach, { requestId: makeUuid(), setId: other, classId }));
  expect(await ask()).toMatchObject({ error: { code: 'set/no-equal' } });
  await getDb()('assignments')
    .whereIn('set_version_id', getDb()('set_versions').where({ set_id: other }).select('id'))
    .delete();
  valueOf(await ask());
  expect(valueOf(await getSetPage(coach, setId)).items).toMatchObject([{ fen: EQUAL_1 }]);
});

test('a child’s first answer moves puzzle and child, once; later tries and the same answer again do not', async () => {
  const { coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1]);
  const ratingOf = async () => {
    const [item] = valueOf(await getSetPage(coach, setId)).items;
    if (item?.family !== 'mate' || item.rating === undefined || item.grade === undefined) {
      throw new Error('a rated mate');
    }
    return { ...item.rating, measured: item.grade.number };
  };
  const before = await ratingOf();
  expect(before).toEqual({ ...startPuzzleRating(before.measured), measured: before.measured });
  await answerOnce(student, coach, setId, classId, ['a1a8']);
  const after = await ratingOf();
  expect(after.answers).toBe(1);
  expect(after.value).toBeLessThan(before.value);
  expect(after.deviation).toBeLessThan(before.deviation);
  const child: unknown = await getDb()('student_ratings').where({ student_id: student.studentId }).first();
  expect(child).toMatchObject({ answers: 1 });
  expect((child as { rating: number }).rating).toBeGreaterThan(NEW_CHILD_RATING.value);
});

test('many children answering the same puzzle at once are all rated, each once', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1]);
  const given = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  const names = ['Moss', 'Fern', 'Dune', 'Otter', 'Wren', 'Juno', 'Tansy', 'Bramble'];
  const answers: (() => Promise<unknown>)[] = [];
  for (const name of names) {
    const { studentId } = valueOf(
      await addStudent(coach, { requestId: makeUuid(), classId, name, key: ['sun', 'boat', 'bell'] }),
    );
    const student: StudentActor = { kind: 'student', studentId, clubId: coach.clubId, name };
    const { roundId, tasks } = valueOf(await openSeatRound(student, given));
    const input = {
      clientId: makeUuid(),
      roundId,
      taskId: tasks[0]?.taskId as TaskId,
      answer: { kind: 'play' as const, moves: ['a1a8'], slips: 0 },
      hints: 0,
      spentMs: 9_000,
      waitedMs: 0,
    };
    answers.push(async () => valueOf(await storeAttempt(student, input)));
  }
  await Promise.all(answers.map((answer) => answer()));
  const [item] = valueOf(await getSetPage(coach, setId)).items;
  expect(item?.family === 'mate' && item.rating?.answers).toBe(names.length);
  expect(await getDb()('student_ratings').where({ answers: 1 }).pluck('student_id')).toHaveLength(
    names.length,
  );
});

test('answers from before there were ratings are rated when the database is brought up to date, once', async () => {
  const { coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1]);
  const taskId = await answerOnce(student, coach, setId, classId, ['a1a7']);
  const stored: unknown = await getDb()('task_ratings').where({ task_id: taskId }).first();
  await getDb()('rating_steps').delete();
  await getDb()('student_ratings').delete();
  const { value: rating, ...rest } = startPuzzleRating(
    valueOf(await getSetPage(coach, setId)).items.flatMap((item) =>
      item.family === 'mate' ? (item.grade?.number ?? []) : [],
    )[0] ?? 0,
  );
  await getDb()('task_ratings')
    .where({ task_id: taskId })
    .update({ rating, ...rest });
  expect(await rebuildRatings()).toBe(true);
  expect(await getDb()('task_ratings').where({ task_id: taskId }).first()).toEqual(stored);
  expect(await rebuildRatings()).toBe(false);
});

test('a set tells a class what its children know and what to expect, from their answers alone', async () => {
  const { coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const setId = await makeSet(coach, [SMOTHERED]);
  const ofClass = async () => valueOf(await getSetPage(coach, setId)).classes[0];
  expect(await ofClass()).toMatchObject({
    known: [],
    forecast: { rightAtOnce: undefined, spentMs: undefined, children: 0, answers: 0 },
  });
  await answerOnce(student, coach, setId, classId, ['g5f7']);
  const told = await ofClass();
  expect(told?.known).toContainEqual({ pattern: 'smothered', answers: 1, right: 1 });
  expect(told?.forecast).toMatchObject({ children: 1, spentMs: undefined, answers: 1 });
  expect(told?.forecast.rightAtOnce).toBeGreaterThan(0.5);
});

test('facts and level stand beside a puzzle as the core counts them', async () => {
  const { coach } = await makeClub();
  const setId = await makeSet(coach, [MATE_IN_2]);
  const [item] = valueOf(await getSetPage(coach, setId)).items;
  const row: unknown = await getDb()('puzzle_facts').where({ task_id: item?.taskId }).first();
  expect(row).toMatchObject({ mate_moves: 2, side: 'white', wing: 'king', men: 17 });
  expect(item?.family === 'mate' && item.rating && levelOfNumber(item.rating.value)).toBe(
    item?.family === 'mate' && item.grade?.level,
  );
});

test('the whole library comes out as EPD, each line with the length and every key; filters narrow it', async () => {
  const { coach } = await makeClub();
  await makeSet(coach, [MATE_IN_2, BLACK_1, SMOTHERED, WING_1]);
  const read = async (search: object) => {
    let text = '';
    for await (const part of exportLibrary(coach, libraryFiltersSchema.parse(search))) text += part;
    return text.split('\n').filter((line) => line !== '');
  };
  const lines = await read({});
  expect(lines).toHaveLength(4);
  for (const line of lines) {
    const epd = parseEpd(line);
    if (!epd.ok) throw new Error(line);
    const { draft, operations } = epd.value;
    const valueFor = (opcode: string) => operations.find((one) => one.opcode === opcode)?.operands;
    const position = getPosition(makeFen(draft));
    const mates = listMatingMovesSlowly(position, Number(valueFor('dm')));
    expect(valueFor('bm')?.split(' ').toSorted()).toEqual(
      mates.map((move) => makeSan(position, move)).toSorted(),
    );
  }
  expect(await read({ moves: '2' })).toHaveLength(1);
  const stranger = { ...coach, clubId: (coach.clubId + 1) as typeof coach.clubId };
  let none = '';
  for await (const part of exportLibrary(stranger, {})) none += part;
  expect(none).toBe('');
});

test('a name of the club finds the mates stored before it and after it, until it is taken away', async () => {
  const { coach } = await makeClub();
  await makeSet(coach, [MATE_IN_1, SMOTHERED]);
  const clubPatternId = valueOf(
    await addClubPattern(coach, {
      requestId: makeUuid(),
      name: 'The corridor',
      fen: 'R5k1/5ppp/8/8/8/8/8/6K1 b - - 0 1',
      marked: [53, 54, 55],
    }),
  );
  await makeSet(coach, [BLACK_1, MATE_IN_2]);
  const patterns = clubPatternFilter(clubPatternId);
  const { items } = valueOf(await searchLibrary(coach, searchFor({ patterns })));
  expect(items.map(({ fen }) => fen).toSorted()).toEqual(expect.arrayContaining([MATE_IN_1, BLACK_1]));
  expect(items.map(({ fen }) => fen)).not.toContain(SMOTHERED);
  for (const { ours } of items) expect(ours).toEqual(['The corridor']);
  expect(await findFens(coach, { patterns: `smothered,${patterns}` })).toContain(SMOTHERED);
  // What was stored before there were names gets this one too.
  await getDb()('puzzle_facts').delete();
  expect(await rekeyPuzzles()).toBeGreaterThanOrEqual(4);
  expect(await findFens(coach, { patterns })).toHaveLength(items.length);
  valueOf(await removeClubPattern(coach, { clubPatternId }));
  expect(await findFens(coach, { patterns })).toEqual([]);
});
