import { parseMoveText } from '@/core/notation';
import { solutionGraphSchema } from '@/core/puzzles';
import { findOutcome, listLegalMoves, playMove } from '@/core/rules';
import { positionOf } from '../../../tests/fixtures/positions';
import { answerMakeMateTask, answerProve } from '.';

const MATE_IN_2 = '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1';

test('a proof comes back with keys in words and a line of squares that is legal and mates', () => {
  const answer = answerProve({ kind: 'prove', fen: MATE_IN_2, maxMoves: 3 });
  expect(answer).toMatchObject({ kind: 'mate', mateInMoves: 2, keys: ['Rd8+'] });
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
  const questions = [MATE_IN_2, '4k3/8/8/8/8/8/8/4K2R w - - 0 1', 'nonsense', '8/8/8/8/8/8/8/8 w - - 0 1'];
  const answers = questions.map((fen) => answerProve({ kind: 'prove', fen, maxMoves: 2 }));
  expect(answers.map(({ kind }) => kind)).toEqual(['mate', 'none', 'not-a-position', 'not-a-position']);
  for (const answer of answers) expect(structuredClone(answer)).toEqual(answer);
});

test('Stop is heard at the next report', () => {
  const answer = answerProve({ kind: 'prove', fen: MATE_IN_2, maxMoves: 3 }, () => 'stop');
  expect(answer).toMatchObject({ kind: 'undecided', noMateWithin: 0 });
});

test('a task starts its counters at 0 and carries a sound graph and both keys', () => {
  const fen = MATE_IN_2.replace('0 1', '31 40');
  const answer = answerMakeMateTask({ kind: 'make-mate-task', fen, maxMoves: 3, budgetNodes: 1e6 });
  if (answer.kind !== 'task') throw new Error(answer.kind);
  expect(answer.task).toEqual({ fen: MATE_IN_2, mateInMoves: 2 });
  expect(solutionGraphSchema.safeParse(answer.graph).success).toBe(true);
  expect(answer.exactKey).toBe(MATE_IN_2.split(' ').slice(0, 4).join(' '));
  expect(answer.twinKey <= answer.exactKey).toBe(true);
});

test.each([
  ['4k3/8/8/8/8/8/8/4K2R w - - 0 1', 'none'],
  ['4k3/8/8/8/8/8/4R3/4K3 w - - 0 1', 'not-a-position'],
  ['?', 'not-a-position'],
] as const)('%s makes no task: %s', (fen, kind) => {
  expect(answerMakeMateTask({ kind: 'make-mate-task', fen, maxMoves: 2, budgetNodes: 1e6 }).kind).toBe(kind);
});

test('a budget that runs out is "undecided", and nothing is stored on the strength of it', () => {
  const fen = 'r4rk1/1pp1qppp/p1np1n2/2b1p1B1/2B1P1b1/P1NP1N2/1PP1QPPP/R4RK1 w - - 0 10';
  const answer = answerMakeMateTask({ kind: 'make-mate-task', fen, maxMoves: 3, budgetNodes: 500 });
  expect(answer.kind).toBe('undecided');
});
