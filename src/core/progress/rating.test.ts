import { createRandom, pickOne } from '../shared';
import {
  expectScore,
  NEW_CHILD_RATING,
  rateAnswer,
  scoreFirstAnswer,
  startPuzzleRating,
  type Rating,
} from '.';

const at = (value: number, deviation: number): Rating => ({ value, deviation, volatility: 0.06, answers: 0 });

test('the worked example of the paper, its three games one after another', () => {
  // Glickman, "Example of the Glicko-2 system": 1500 (200) beats 1400 (30), loses to 1550 (100) and 1700 (300), and comes to 1464 (152)
  // in one period. With a period for each game, from our own scale's middle, it must come close to that.
  const games = [
    [1400, 30, 1],
    [1550, 100, 0],
    [1700, 300, 0],
  ] as const;
  let player = at(1500, 200);
  for (const [value, deviation, score] of games) {
    player = rateAnswer(at(value, deviation), player, score).child;
  }
  expect(Math.abs(player.value - 1464)).toBeLessThan(15);
  expect(Math.abs(player.deviation - 151.5)).toBeLessThan(5);
  expect(player.answers).toBe(3);
});

test('a right answer without help raises the child and lowers the puzzle, a wrong one does the opposite, and both are known better', () => {
  const puzzle = startPuzzleRating(620);
  const won = rateAnswer(puzzle, NEW_CHILD_RATING, scoreFirstAnswer({ isRight: true, hints: 0 }));
  expect(won.child.value).toBeGreaterThan(NEW_CHILD_RATING.value);
  expect(won.puzzle.value).toBeLessThan(puzzle.value);
  const lost = rateAnswer(puzzle, NEW_CHILD_RATING, scoreFirstAnswer({ isRight: false, hints: 0 }));
  expect(lost.child.value).toBeLessThan(NEW_CHILD_RATING.value);
  expect(lost.puzzle.value).toBeGreaterThan(puzzle.value);
  // Between equals, with help: nobody has shown anything.
  const helped = rateAnswer(puzzle, NEW_CHILD_RATING, scoreFirstAnswer({ isRight: true, hints: 2 }));
  expect(helped.child.value).toBeCloseTo(NEW_CHILD_RATING.value, 6);
  for (const { child, puzzle: after } of [won, lost, helped]) {
    expect(child.deviation).toBeLessThan(NEW_CHILD_RATING.deviation);
    expect(after.deviation).toBeLessThan(puzzle.deviation);
  }
});

test('the chance is a half between equals, ten of eleven at 400 points when both are known, and nearer to a half when not', () => {
  expect(expectScore(at(600, 0), at(600, 0))).toBeCloseTo(0.5, 10);
  expect(expectScore(at(1000, 0), at(600, 0))).toBeCloseTo(10 / 11, 4);
  expect(expectScore(at(1000, 200), at(600, 150))).toBeLessThan(0.88);
  expect(expectScore(at(400, 50), at(800, 50)) + expectScore(at(800, 50), at(400, 50))).toBeCloseTo(1, 10);
});

/** Spearman's rank correlation of two lists without ties. */
function rankCorrelation(one: readonly number[], other: readonly number[]): number {
  const ranks = (values: readonly number[]) => {
    const sorted = values.toSorted((a, b) => a - b);
    return values.map((value) => sorted.indexOf(value));
  };
  const [first, second] = [ranks(one), ranks(other)];
  const n = one.length;
  const squares = first.reduce((sum, rank, index) => sum + (rank - (second[index] ?? 0)) ** 2, 0);
  return 1 - (6 * squares) / (n * (n * n - 1));
}

test.each([1, 2, 3])('ratings find hidden difficulties again after 50 answers a puzzle (seed %i)', (seed) => {
  const random = createRandom(seed);
  const draw = (least: number, most: number) => least + random() * (most - least);
  // Worse than in life: nothing is known of any puzzle at first, and children of all strengths meet all puzzles.
  const puzzles = Array.from({ length: 80 }, () => ({
    hidden: draw(250, 1150),
    rating: { ...startPuzzleRating(620), deviation: 350 },
  }));
  const children = Array.from({ length: 40 }, () => ({ hidden: draw(350, 1050), rating: NEW_CHILD_RATING }));
  for (let answer = 0; answer < 50 * puzzles.length; answer += 1) {
    const puzzle = puzzles[answer % puzzles.length];
    const child = pickOne(random, children);
    if (puzzle === undefined) throw new Error('no puzzle');
    const chance = 1 / (1 + 10 ** ((puzzle.hidden - child.hidden) / 400));
    const after = rateAnswer(puzzle.rating, child.rating, draw(0, 1) < chance ? 1 : 0);
    puzzle.rating = after.puzzle;
    child.rating = after.child;
  }
  const found = puzzles.map(({ rating }) => rating.value);
  expect(
    rankCorrelation(
      puzzles.map(({ hidden }) => hidden),
      found,
    ),
  ).toBeGreaterThanOrEqual(0.9);
  // The doubt that is told is honest: most lie within two deviations, seen from the middle of both scales.
  const middle = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / values.length;
  const shift = middle(found) - middle(puzzles.map(({ hidden }) => hidden));
  const within = puzzles.filter(
    ({ hidden, rating }) => Math.abs(rating.value - shift - hidden) <= 2 * rating.deviation,
  );
  expect(within.length / puzzles.length).toBeGreaterThan(0.85);
});
