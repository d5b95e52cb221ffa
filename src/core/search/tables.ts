/**
 * Attack tables as pairs of 32-bit words: entry 2 * index holds squares a1..h4, entry 2 * index + 1 squares a5..h8.
 * Built once from steps on the empty board.
 */
import { KNIGHT_STEPS, QUEEN_STEPS, tabulateRays, tabulateSteps, type Square } from '../board';
import { listBetween } from '../rules';

/** Pairs for lists of squares, one list an index. */
function packSquares(lists: readonly (readonly Square[])[]): Int32Array {
  const words = new Int32Array(lists.length * 2);
  for (const [index, squares] of lists.entries()) {
    for (const square of squares) {
      const word = 2 * index + (square >> 5);
      words[word] = words[word]! | (1 << (square & 31));
    }
  }
  return words;
}

function squarePairs(between: (one: Square, other: Square) => Square[]): Int32Array {
  return packSquares(
    Array.from({ length: 4096 }, (_, index) =>
      index >> 6 === (index & 63) ? [] : between(index >> 6, index & 63),
    ),
  );
}

type QueenRays = ReturnType<typeof tabulateRays>;

/** Every square of the line through both, edges included; empty when they are not on one line. */
function lineThrough(all: QueenRays, one: Square, other: Square): Square[] {
  for (let direction = 0; direction < 8; direction += 1) {
    const ray = all[one]![direction]!;
    if (!ray.includes(other)) continue;
    const back = direction < 4 ? (direction + 2) % 4 : 4 + ((direction - 4 + 2) % 4);
    return [one, ...ray, ...all[one]![back]!];
  }
  return [];
}

/** Fresh tables for one search board, so that the hot closure owns them as constants. */
export function buildAttackTables() {
  const queenRays = tabulateRays(QUEEN_STEPS);
  const isOnLine = (one: Square, other: Square) => queenRays[one]!.some((ray) => ray.includes(other));
  return {
    knight: packSquares(tabulateSteps(KNIGHT_STEPS)),
    king: packSquares(tabulateSteps(QUEEN_STEPS)),
    /** White's pawn attacks at 0..63, Black's at 64..127. */
    pawn: packSquares([
      ...tabulateSteps([
        [-1, 1],
        [1, 1],
      ]),
      ...tabulateSteps([
        [-1, -1],
        [1, -1],
      ]),
    ]),
    /** Squares strictly between two squares of one line, at 64 * one + other. */
    between: squarePairs(listBetween),
    line: squarePairs((one, other) => (isOnLine(one, other) ? lineThrough(queenRays, one, other) : [])),
  };
}
