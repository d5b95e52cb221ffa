/** The order of difficulty is that of common sense (common practice); the levels overlap as lengths do. */
import { createTaskSearches } from '../compose';
import { getPosition } from '../notation';
import { BOOK_STEPS, PATTERN_IDS, tagMate } from '../patterns';
import { describeMove } from '../proof';
import { gradePuzzle, measurePuzzle, type PuzzleFeatures } from '.';

const { explainer } = createTaskSearches();

function measure(fen: string, moves: number): PuzzleFeatures {
  const position = getPosition(fen);
  const { proof } = explainer.explain(position, moves, {
    mostNodes: 20_000,
    duals: 'none',
    areTriesWanted: false,
  });
  return measurePuzzle(position, proof, tagMate(position, proof) ?? []);
}
const numberOf = (fen: string, moves: number) => gradePuzzle(measure(fen, moves)).number;

/** The same picture in one move and in three. */
test.each(PATTERN_IDS)('%s: the last move is easier than the last three', (id) => {
  const [one, , three] = BOOK_STEPS[id];
  expect(numberOf(one?.fen ?? '', 1)).toBeLessThan(numberOf(three?.fen ?? '', 3));
});

const PLAIN: PuzzleFeatures = {
  length: 2,
  quietMoves: 0,
  legalMoves: 30,
  failingChecks: 2,
  defences: 2,
  men: 16,
  sacrifice: 0,
  distance: 2,
  promotion: 'none',
  picture: 'named',
};

test.each<[string, Partial<PuzzleFeatures>]>([
  ['a quiet first move', { quietMoves: 2 }],
  ['a queen given up', { sacrifice: 9 }],
  ['more to look at', { legalMoves: 48 }],
  ['checks that lead nowhere', { failingChecks: 6 }],
  ['more defences', { defences: 9 }],
  ['a fuller board', { men: 26 }],
  ['a move across the board', { distance: 7 }],
  ['a promotion to a knight', { promotion: 'other' }],
  ['a picture without a name', { picture: 'none' }],
])('%s is harder than the same without', (_what, more) => {
  const plain = gradePuzzle(PLAIN);
  const harder = gradePuzzle({ ...PLAIN, ...more });
  expect(harder.number).toBeGreaterThan(plain.number);
  expect(harder.level).toBeGreaterThanOrEqual(plain.level);
  expect(gradePuzzle({ ...PLAIN, ...more, picture: 'first' }).number).toBeLessThan(harder.number);
});

test('what is measured is what stands there', () => {
  // 1 Qg8+ Rxg8 2 Nf7#: the queen is given up, the knight could take back; nothing quiet, one answer.
  expect(measure('5r1k/6pp/7N/8/2Q5/8/8/6K1 w - - 0 1', 2)).toMatchObject({
    length: 2,
    quietMoves: 0,
    defences: 1,
    men: 7,
    sacrifice: 7,
    distance: 4,
    promotion: 'none',
    picture: 'first',
  });
});

test('of a promoted man that is taken only the pawn is given up', () => {
  const key = { from: 49, to: 57, promotion: 'queen' } as const;
  const taken = getPosition('4r2k/1P4pp/8/8/8/8/8/1K6 w - - 0 1');
  expect(describeMove(taken, key)).toMatchObject({ given: 1, isSacrifice: true });
  const takenBack = getPosition('4r2k/PP4pp/8/8/8/8/8/1K6 w - - 0 1');
  expect(describeMove(takenBack, key)).toMatchObject({ given: 0, isSacrifice: false });
});

test('the reasons add up to the number, the weightiest first', () => {
  const { number, reasons } = gradePuzzle({ ...PLAIN, quietMoves: 3, sacrifice: 5 });
  expect(reasons.reduce((sum, { points }) => sum + points, 0)).toBe(number);
  expect(reasons[0]?.feature).toBe('length');
  const weights = reasons.map(({ points }) => Math.abs(points));
  expect(weights).toEqual(weights.toSorted((one, other) => other - one));
});
