import { v4 as makeUuid } from 'uuid';
import type { SetId, TaskId } from '@/contracts/ids';
import { getDraft, getPosition, makeFen } from '@/core/notation';
import { makeIdeaKey, makeTwinKey } from '@/core/puzzles';
import { mirrorFiles, swapColours } from '@/core/rules';
import { getDb } from '@/server/db';
import { rekeyPuzzles } from '@/server/services/rekey';
import { openSeatRound, storeAttempt } from '@/server/services/seat';
import { findSeen } from '@/server/services/seen';
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

const TWIN_OF_1 = makeFen(mirrorFiles(getDraft(MATE_IN_1)));
/** The same rook goes the same way against a king on the same square; another pawn stands about. */
const LIKE_1 = MATE_IN_1.replace('/8/8/8/8/8/', '/8/8/8/8/1p6/');

async function seenOf(coach: Parameters<typeof getSetPage>[0], setId: SetId, classId: number) {
  const { classes } = valueOf(await getSetPage(coach, setId));
  return classes.find((one) => one.classId === classId)?.seen;
}

test('what a class was given is known again: the same, its twin, the same idea; nothing else is', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1, TWIN_OF_1, LIKE_1, MATE_IN_2]);
  expect(await seenOf(coach, setId, classId)).toEqual([undefined, undefined, undefined, undefined]);
  const given = await makeSet(coach, [MATE_IN_1]);
  valueOf(await giveSet(coach, { requestId: makeUuid(), setId: given, classId }));
  const by = { isByClass: true, names: [] };
  expect(await seenOf(coach, setId, classId)).toEqual([
    { as: 'same', ...by },
    { as: 'twin', ...by },
    { as: 'idea', ...by },
    undefined,
  ]);
});

test('what one child has had elsewhere is told with its name', async () => {
  const { coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const other = valueOf(
    await giveSet(coach, { requestId: makeUuid(), setId: await makeSet(coach, [MATE_IN_1]), classId }),
  );
  const round = valueOf(await openSeatRound(student, other));
  valueOf(
    await storeAttempt(student, {
      clientId: makeUuid(),
      roundId: round.roundId,
      taskId: round.tasks[0]?.taskId as TaskId,
      answer: { kind: 'play', moves: ['a1a8'], slips: 0 },
      hints: 0,
      spentMs: 900,
      waitedMs: 0,
    }),
  );
  // The child moves up into another class, which has had nothing.
  const next = await makeClass(coach, 'Wren');
  await getDb()('enrolments').where({ class_id: classId, student_id: student.studentId }).update({
    class_id: next.classId,
  });
  const setId = await makeSet(coach, [TWIN_OF_1]);
  expect(await seenOf(coach, setId, next.classId)).toEqual([
    { as: 'twin', isByClass: false, names: [student.name] },
  ]);
});

test('fresh puzzles are asked about by their keys, and only of a class of one’s own', async () => {
  const { coach, lead } = await makeClub();
  const { classId } = await makeClass(coach);
  const given = await makeSet(coach, [MATE_IN_1]);
  valueOf(await giveSet(coach, { requestId: makeUuid(), setId: given, classId }));
  const swapped = swapColours(getPosition(MATE_IN_1));
  const keysOf = (fen: string, line: string[]) => {
    const position = getPosition(fen);
    return { twinKey: makeTwinKey(position), ideaKey: makeIdeaKey(position, line) };
  };
  const puzzles = [keysOf(makeFen(swapped), ['a8a1']), keysOf(MATE_IN_2, ['d6d8', 'a4e8', 'e1e8'])];
  expect(valueOf(await findSeen(coach, { classId, puzzles }))).toEqual([
    { as: 'twin', isByClass: true, names: [] },
    undefined,
  ]);
  const colleague = { ...lead, isLead: false };
  expect(await findSeen(colleague, { classId, puzzles })).toMatchObject({
    error: { code: 'class/not-found' },
  });
});

test('puzzles stored before there were such keys get them, once', async () => {
  const { coach } = await makeClub();
  const setId = await makeSet(coach, [MATE_IN_1, MATE_IN_2]);
  const read = () =>
    getDb()('tasks')
      .join('task_ideas', 'task_ideas.task_id', 'tasks.id')
      .select('twin_key', 'idea_key')
      .orderBy('id');
  const before: unknown = await read();
  await getDb()('task_ideas').delete();
  await getDb()('task_grades').delete();
  await getDb()('tasks').update({ twin_key: 'an older kind' });
  expect(await rekeyPuzzles()).toBe(2);
  expect(await read()).toEqual(before);
  expect(await rekeyPuzzles()).toBe(0);
  expect(valueOf(await getSetPage(coach, setId)).items).toMatchObject([{ grade: {} }, { grade: {} }]);
});

test('among 100,000 stored puzzles both keys are found by their indexes', async () => {
  const { coach } = await makeClub();
  await makeSet(coach, [MATE_IN_1]);
  const db = getDb();
  // Rows are multiplied inside the database: their keys alone matter here.
  await db.raw(
    `INSERT INTO tasks (club_id, family, family_version, skill, level, payload, exact_key, twin_key)
     SELECT t.club_id, 'mate', 1, 's', 1, '{}', CONCAT('k', seq), CONCAT('t', seq DIV 2)
     FROM tasks t, seq_1_to_100000`,
  );
  await db.raw(
    `INSERT INTO task_ideas (task_id, club_id, idea_key)
     SELECT id, club_id, CONCAT('i', id DIV 3) FROM tasks WHERE twin_key LIKE 't%'`,
  );
  await db.raw('ANALYZE TABLE tasks, task_ideas');
  const rowsOf = async (sql: string) => {
    const [plan] = (await db.raw(`EXPLAIN ${sql}`)) as [{ key: string | null; rows: string }[]];
    return plan.map(({ key, rows }) => [key, Number(rows) < 10]);
  };
  expect(
    await rowsOf(`SELECT id FROM tasks WHERE club_id = 1 AND family = 'mate' AND twin_key IN ('t7')`),
  ).toEqual([['tasks_club_id_twin_key_index', true]]);
  expect(await rowsOf(`SELECT task_id FROM task_ideas WHERE club_id = 1 AND idea_key IN ('i7')`)).toEqual([
    ['task_ideas_club_id_idea_key_index', true],
  ]);
});
