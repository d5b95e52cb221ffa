/**
 * Squares a rook or bishop reaches, as pairs of 32-bit words, from small tables and without searching for anything.
 *
 * Method ("kindergarten bitboards", general literature, from memory): the men on one line are gathered into a few neighbouring
 * bits by a mask and one multiplication; those bits look up the squares reached along that line.
 *  - rank: the bits are neighbours already, a shift brings them down;
 *  - file: 0x10204080 gathers four bits that lie eight apart into the top four of a word; two words give eight;
 *  - diagonals: no two squares of one share a file, so the sum of the four bytes of both words is their union by file,
 *    which 0x01010101 leaves in the top byte. Men on the edge files block nothing, so six bits are enough.
 * Rejected: magic multipliers over the whole cross (tables of 0.9 MB that do not stay in the nearest cache, and numbers that
 * have to be searched for or shipped).
 */
import { squareAt } from '../board';

export interface LineTables {
  /** [square * 2 + word]: the squares of the diagonal and of the counter-diagonal through a square, itself left out. */
  readonly diagonalMask: Int32Array;
  readonly counterMask: Int32Array;
  /** The same for rank and file together, and for both diagonals together: who is not on them attacks nothing along them. */
  readonly crossMask: Int32Array;
  readonly slantMask: Int32Array;
  /** [(square * 64 + inner six bits by file) * 2 + word]. */
  readonly diagonal: Int32Array;
  readonly counter: Int32Array;
  /** [file * 64 + inner six bits]: eight bits of the rank. */
  readonly rank: Int32Array;
  /** [(rank * 256 + eight bits by rank) * 2 + word]: squares of the a-file, to be shifted to the file asked for. */
  readonly file: Int32Array;
}

type Step = readonly [file: number, rank: number];

/** Squares passed from one square along a step until a man, the man's square included. */
function walk(from: number, [file, rank]: Step, isMan: (square: number) => boolean): number[] {
  const squares: number[] = [];
  let f = (from & 7) + file;
  let r = (from >> 3) + rank;
  for (let next = squareAt(f, r); next !== undefined; next = squareAt(f, r)) {
    squares.push(next);
    if (isMan(next)) break;
    f += file;
    r += rank;
  }
  return squares;
}

function addBits(words: Int32Array, at: number, squares: readonly number[]): void {
  for (const square of squares) words[at + (square >> 5)]! |= 1 << (square & 31);
}

function slantTables(steps: readonly Step[]): { mask: Int32Array; reached: Int32Array } {
  const mask = new Int32Array(128);
  const reached = new Int32Array(64 * 64 * 2);
  for (let square = 0; square < 64; square += 1) {
    addBits(
      mask,
      square * 2,
      steps.flatMap((step) => walk(square, step, () => false)),
    );
    for (let inner = 0; inner < 64; inner += 1) {
      const isMan = (other: number) => (((inner << 1) >> (other & 7)) & 1) === 1;
      addBits(
        reached,
        (square * 64 + inner) * 2,
        steps.flatMap((step) => walk(square, step, isMan)),
      );
    }
  }
  return { mask, reached };
}

function rankTable(): Int32Array {
  const table = new Int32Array(8 * 64);
  for (let file = 0; file < 8; file += 1) {
    for (let inner = 0; inner < 64; inner += 1) {
      const isMan = (other: number) => (((inner << 1) >> other) & 1) === 1;
      for (const step of [
        [1, 0],
        [-1, 0],
      ] as const) {
        for (const square of walk(file, step, isMan)) table[file * 64 + inner]! |= 1 << square;
      }
    }
  }
  return table;
}

function fileTable(): Int32Array {
  const table = new Int32Array(8 * 256 * 2);
  for (let rank = 0; rank < 8; rank += 1) {
    for (let men = 0; men < 256; men += 1) {
      const isMan = (other: number) => ((men >> (other >> 3)) & 1) === 1;
      for (const step of [
        [0, 1],
        [0, -1],
      ] as const)
        addBits(table, (rank * 256 + men) * 2, walk(rank * 8, step, isMan));
    }
  }
  return table;
}

/** Fresh tables, about 160 kB, so that the hot closure owns them as constants. */
export function buildLineTables(): LineTables {
  const diagonal = slantTables([
    [1, 1],
    [-1, -1],
  ]);
  const counter = slantTables([
    [1, -1],
    [-1, 1],
  ]);
  const crossMask = new Int32Array(128);
  for (let square = 0; square < 64; square += 1) {
    const steps: readonly Step[] = [
      [1, 0],
      [-1, 0],
      [0, 1],
      [0, -1],
    ];
    addBits(
      crossMask,
      square * 2,
      steps.flatMap((step) => walk(square, step, () => false)),
    );
  }
  return {
    diagonalMask: diagonal.mask,
    diagonal: diagonal.reached,
    counterMask: counter.mask,
    counter: counter.reached,
    crossMask,
    slantMask: diagonal.mask.map((word, at) => word | counter.mask[at]!),
    rank: rankTable(),
    file: fileTable(),
  };
}
