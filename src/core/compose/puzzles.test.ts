/** Composed puzzles keep what their recipe promises, and look like positions of a game. */
import { MAN_VALUES, opponentOf, SIDES } from '../board';
import { getMove, getPosition } from '../notation';
import { namePatterns } from '../patterns';
import { checkProof, listMatingMovesSlowly } from '../proof';
import { gradePuzzle, listMainLine, measurePuzzle, WINGS, wingOf } from '../puzzles';
import { findKing, isCheck, playMove } from '../rules';
import { composePuzzles, createTaskSearches, type ComposedPuzzle, type PuzzleRecipe } from '.';

const searches = createTaskSearches();
const compose = (recipe: PuzzleRecipe, count: number, seed = 7) => [
  ...composePuzzles(searches, recipe, { count, seed }),
];

/** Shown once more by what knows no search: the tree holds, one key, nothing sooner. */
function expectSound({ fen, mateInMoves, key, proof }: ComposedPuzzle): void {
  const position = getPosition(fen);
  expect(checkProof(position, proof).ok).toBe(true);
  if (mateInMoves > 2) return;
  expect(listMatingMovesSlowly(position, mateInMoves)).toEqual([getMove(key)]);
  if (mateInMoves > 1) expect(listMatingMovesSlowly(position, mateInMoves - 1)).toEqual([]);
}

test.each([
  [1, 20],
  [2, 12],
  [3, 3],
] as const)('mates in %i: %i of them, each proved with one key, no two alike', (moves, count) => {
  const puzzles = compose({ moves }, count);
  expect(puzzles).toHaveLength(count);
  for (const puzzle of puzzles) {
    expect(puzzle.mateInMoves).toBe(moves);
    expectSound(puzzle);
  }
  expect(new Set(puzzles.map(({ fen }) => fen)).size).toBe(count);
});

test('the same seed gives the same puzzles, a longer batch begins like a shorter one, another seed gives others', () => {
  const fens = (count: number, seed: number) => compose({ moves: 2 }, count, seed).map(({ fen }) => fen);
  expect(fens(6, 3).slice(0, 3)).toEqual(fens(3, 3));
  expect(fens(3, 4)).not.toEqual(fens(3, 3));
});

test('what makes a board natural: nobody in check, both kings at home or castled, armies near in worth, pawns at most on the fifth rank', () => {
  const puzzles = [...compose({ moves: 1 }, 20), ...compose({ moves: 2 }, 10)];
  for (const { fen } of puzzles) {
    const position = getPosition(fen);
    expect(isCheck(position)).toBe(false);
    const worth = SIDES.map((side) =>
      position.board.reduce(
        (sum, man) =>
          sum + (man?.side === side && man.role !== 'pawn' && man.role !== 'king' ? MAN_VALUES[man.role] : 0),
        0,
      ),
    );
    // A man that finds no free square stays away.
    expect(Math.abs((worth[0] ?? 0) - (worth[1] ?? 0))).toBeLessThanOrEqual(13);
    for (const side of SIDES) {
      const rank = Math.floor((findKing(position.board, side) ?? 0) / 8);
      expect(side === 'white' ? rank : 7 - rank).toBeLessThanOrEqual(1);
    }
    for (const [square, man] of position.board.entries())
      if (man?.role === 'pawn')
        expect(man.side === 'white' ? square >> 3 : 7 - (square >> 3)).toBeLessThanOrEqual(4);
  }
});

test.each([
  [{ moves: 2 }, 6],
  [{ moves: 1, patterns: ['arabian', 'back-rank'] }, 4],
  [{ moves: 2, patterns: ['smothered'] }, 2],
] as const satisfies readonly (readonly [PuzzleRecipe, number])[])(
  'the wing of the king and the number of men are as asked for (%j)',
  (recipe, count) => {
    for (const wing of WINGS) {
      const puzzles = compose({ ...recipe, wing, mostMen: 12 }, count);
      expect(puzzles).toHaveLength(count);
      for (const puzzle of puzzles) {
        expectSound(puzzle);
        const position = getPosition(puzzle.fen);
        expect(wingOf(position)).toBe(wing);
        expect(position.board.filter((man) => man !== undefined).length).toBeLessThanOrEqual(12);
      }
    }
  },
);

test.each(['boden', 'smothered', 'anastasia', 'back-rank', 'arabian'] as const)(
  'a chosen mate, %s: every longest defence ends in it',
  (pattern) => {
    for (const moves of [1, 2]) {
      const puzzles = compose({ moves, patterns: [pattern], side: 'black' }, 2);
      expect(puzzles).toHaveLength(2);
      for (const puzzle of puzzles) {
        expectSound(puzzle);
        const home = getPosition(puzzle.fen);
        expect(home.turn).toBe('black');
        const end = listMainLine(puzzle.proof).map(getMove).reduce(playMove, home);
        expect(
          namePatterns(end)
            .filter(({ reading }) => reading === 'strict')
            .map(({ id }) => id),
        ).toContain(pattern);
      }
    }
  },
);

test.each([
  [1, 'capture'],
  [1, 'promotion'],
  [2, 'check'],
  [2, 'promotion'],
] as const)('a chosen kind of key: mate in %i by %s', (moves, key) => {
  for (const puzzle of compose({ moves, key }, 2)) {
    expect(puzzle.keyKinds).toContain(key);
    const position = getPosition(puzzle.fen);
    const move = getMove(puzzle.key);
    const facts = {
      check: isCheck(playMove(position, move)),
      capture: position.board[move.to]?.side === opponentOf(position.turn),
      promotion: move.promotion !== undefined,
    };
    expect(facts[key]).toBe(true);
    expectSound(puzzle);
  }
});

test('a chosen level is the one it is graded with; filters that nothing fits ends with fewer', () => {
  for (const level of [2, 3] as const)
    for (const { fen, proof, tags, grade } of compose({ moves: 2, level }, 3)) {
      expect(grade.level).toBe(level);
      expect(gradePuzzle(measurePuzzle(getPosition(fen), proof, tags))).toEqual(grade);
    }
  // The mating move of a mate in one is never quiet.
  expect(compose({ moves: 1, patterns: ['smothered'], key: 'quiet' }, 1)).toEqual([]);
});
