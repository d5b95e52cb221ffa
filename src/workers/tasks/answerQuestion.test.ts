import { MAN_VALUES } from '@/core/board';
import { makeSan, parseMoveText } from '@/core/notation';
import { solutionGraphSchema } from '@/core/puzzles';
import { findOutcome, listLegalMoves, playMove } from '@/core/rules';
import { positionOf } from '../../../tests/fixtures/positions';
import type { ClubPicture } from '@/core/patterns';
import type { Progress, Question } from '../protocol';
import { answerQuestion } from '.';

const MATE_IN_2 = '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1';
const MIDDLEGAME = 'r4rk1/1pp1qppp/p1np1n2/2b1p1B1/2B1P1b1/P1NP1N2/1PP1QPPP/R4RK1 w - - 0 10';
const makeTask = (fen: string, budgetNodes = 1e6) =>
  answerQuestion({ kind: 'make-mate-task', fen, maxMoves: 3, budgetNodes });

test('a proof comes back with keys in words and a line of squares that is legal and mates', () => {
  const answer = answerQuestion({ kind: 'prove', fen: MATE_IN_2, maxMoves: 3 });
  expect(answer).toMatchObject({ kind: 'mate', mateInMoves: 2, keys: ['Rd8+'], mateNoBlocks: 1 });
  if (answer.kind !== 'mate') return;
  let position = positionOf(MATE_IN_2);
  for (const text of answer.line) {
    const move = parseMoveText(text);
    if (move === undefined) throw new Error(text);
    expect(listLegalMoves(position)).toContainEqual(move);
    position = playMove(position, move);
  }
  expect(findOutcome(position)).toEqual({ kind: 'mate', winner: 'white' });
});

test('every answer survives being copied as a message', () => {
  const questions: Question[] = [
    { kind: 'prove', fen: MATE_IN_2, maxMoves: 2 },
    { kind: 'prove', fen: 'nonsense', maxMoves: 2 },
    { kind: 'explain', fen: MATE_IN_2, mateInMoves: 2, ours: [] },
    { kind: 'fates', fen: MATE_IN_2, plies: 2, isPassed: false },
    { kind: 'fates', fen: MATE_IN_2, plies: 2, isPassed: true },
    { kind: 'judge', fen: MATE_IN_2, line: '1 Rd8 Qe8 2 Rexe8#', claimed: 2, isBlockless: false },
    { kind: 'make-mate-task', fen: MATE_IN_2, maxMoves: 2, budgetNodes: 1e6 },
    { kind: 'staircase', fen: MATE_IN_2, maxMoves: 2, ours: [] },
    { kind: 'puzzles', recipe: { moves: 1 }, count: 2, seed: 7 },
    {
      kind: 'board-questions',
      fen: MATE_IN_2,
      chosen: [43],
      line: ['d6d8'],
      values: { ...MAN_VALUES, king: 0 },
    },
    { kind: 'compose', family: 'reach', level: 4, seed: 3, count: 2, values: { ...MAN_VALUES, king: 0 } },
  ];
  const answers = questions.map((question) => answerQuestion(question));
  expect(answers.map(({ kind }) => kind)).toEqual([
    'mate',
    'not-a-position',
    'solution',
    'fates',
    'fates',
    'breaks',
    'task',
    'staircase',
    'puzzles',
    'board-questions',
    'composed',
  ]);
  for (const answer of answers) expect(structuredClone(answer)).toEqual(answer);
});

test('a solution comes with the names of the mate and what is given up for it', () => {
  const fen = 'n4r1k/6pp/p6N/1p6/2Q5/1P6/P4PPP/6Kb w - - 0 1';
  const picture: ClubPicture = { checker: { role: 'knight', at: [-2, -1] }, men: [], blocked: [[-1, 0]] };
  expect(
    answerQuestion({ kind: 'explain', fen, mateInMoves: 2, ours: [{ name: 'Hedgehog', picture }] }),
  ).toMatchObject({
    tags: [{ id: 'smothered', reading: 'strict', how: 'the' }],
    ourTags: [{ id: 'Hedgehog', reading: 'strict', how: 'the' }],
    sacrifices: [{ role: 'queen', takenBy: 'rook', aim: { kind: 'blocks' } }],
  });
});

test('composed puzzles come one by one, without their proofs, and can be stopped', () => {
  const counts: number[] = [];
  const note = (progress: Progress) => {
    if (progress.kind === 'puzzles') counts.push(progress.puzzles.length);
    return counts.length < 2 ? ('go' as const) : ('stop' as const);
  };
  const made = answerQuestion({ kind: 'puzzles', recipe: { moves: 2 }, count: 9, seed: 7 }, note);
  expect(made.puzzles).toHaveLength(2);
  expect(counts).toEqual([1, 2]);
  expect(made.puzzles[0]).not.toHaveProperty('proof');
  expect(made.puzzles[0]?.mateInMoves).toBe(2);
});

test('a staircase tells how far it is, and without a mate there is none', () => {
  const done: number[] = [];
  const note = (progress: Progress) => {
    if (progress.kind === 'stairs') done.push(progress.done);
    return 'go' as const;
  };
  expect(answerQuestion({ kind: 'staircase', fen: MATE_IN_2, maxMoves: 3, ours: [] }, note)).toMatchObject({
    kind: 'staircase',
    mateInMoves: 2,
  });
  expect(done).toEqual([0, 1]);
  const fen = '4k3/8/8/8/8/8/8/4K2R w - - 0 1';
  expect(answerQuestion({ kind: 'staircase', fen, maxMoves: 2, ours: [] })).toEqual({ kind: 'no-staircase' });
});

test('Stop is heard at the next report', () => {
  expect(answerQuestion({ kind: 'prove', fen: MATE_IN_2, maxMoves: 3 }, () => 'stop')).toMatchObject({
    kind: 'undecided',
    noMateWithin: 0,
  });
});

test('a table of fates is told depth by depth, and what was finished stands when Stop comes', () => {
  const depths: number[] = [];
  const note = (progress: Progress) => {
    if (progress.kind === 'fates') depths.push(progress.table.seenPlies);
    return depths.length === 2 ? 'stop' : 'go';
  };
  const answer = answerQuestion({ kind: 'fates', fen: MIDDLEGAME, plies: 6, isPassed: false }, note);
  expect(depths).toEqual([2, 3]);
  expect(answer).toMatchObject({ kind: 'fates', table: { seenPlies: 3 } });
});

test('a side in check cannot let the other one move', () => {
  const fen = '4k3/8/8/8/8/8/4r3/4K3 w - - 0 1';
  expect(answerQuestion({ kind: 'fates', fen, plies: 2, isPassed: true })).toEqual({ kind: 'in-check' });
});

test('a task starts its counters at 0 and carries a sound graph and both keys', () => {
  const answer = makeTask(MATE_IN_2.replace('0 1', '31 40'));
  if (answer.kind !== 'task') throw new Error(answer.kind);
  expect(answer.task).toEqual({ fen: MATE_IN_2, mateInMoves: 2, mateNoBlocks: 1 });
  expect(solutionGraphSchema.safeParse(answer.graph).success).toBe(true);
  expect(answer.exactKey).toBe(MATE_IN_2.split(' ').slice(0, 4).join(' '));
  expect(answer.twinKey <= answer.exactKey).toBe(true);
});

test.each([
  ['4k3/8/8/8/8/8/8/4K2R w - - 0 1', 'none'],
  ['4k3/8/8/8/8/8/4R3/4K3 w - - 0 1', 'not-a-position'],
  ['?', 'not-a-position'],
] as const)('%s makes no task: %s', (fen, kind) => {
  expect(answerQuestion({ kind: 'make-mate-task', fen, maxMoves: 2, budgetNodes: 1e6 }).kind).toBe(kind);
});

test('a budget that runs out is "undecided", and nothing is stored on the strength of it', () => {
  expect(makeTask(MIDDLEGAME, 500).kind).toBe('undecided');
});

test('a mate that the fates do not reach is proved first: a move has one verdict wherever it is asked about', () => {
  // Mate in four (tests/fixtures/mates); two plies deep nothing of it is seen.
  const fen = '1k6/8/8/5P2/P2PRpP1/5P2/4K3/R7 w - - 0 1';
  const proof = answerQuestion({ kind: 'prove', fen, maxMoves: 4 });
  const fates = answerQuestion({ kind: 'fates', fen, plies: 2, isPassed: false });
  if (proof.kind !== 'mate' || fates.kind !== 'fates') throw new Error('both are answered');
  const mating = fates.table.moves.filter(({ fate }) => fate.kind === 'mates' && fate.inMoves === 4);
  expect(mating.map(({ move }) => makeSan(positionOf(fen), move)).sort()).toEqual([...proof.keys].sort());
  expect(fates.table.moves.slice(0, mating.length)).toEqual(mating);
});
