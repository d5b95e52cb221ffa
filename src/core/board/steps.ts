import { fileOf, rankOf, squareAt, type Square } from './square';

type Step = readonly [file: number, rank: number];

export const ROOK_STEPS: readonly Step[] = [
  [0, 1],
  [1, 0],
  [0, -1],
  [-1, 0],
];
export const BISHOP_STEPS: readonly Step[] = [
  [1, 1],
  [1, -1],
  [-1, -1],
  [-1, 1],
];
export const QUEEN_STEPS: readonly Step[] = [...ROOK_STEPS, ...BISHOP_STEPS];
export const KNIGHT_STEPS: readonly Step[] = [
  [1, 2],
  [2, 1],
  [2, -1],
  [1, -2],
  [-1, -2],
  [-2, -1],
  [-2, 1],
  [-1, 2],
];

/** The square one step away, or undefined off the board. */
export function stepFrom(square: Square, [file, rank]: Step): Square | undefined {
  return squareAt(fileOf(square) + file, rankOf(square) + rank);
}

/** For each square the squares one step away, edges respected. Built once, read often. */
export function tabulateSteps(steps: readonly Step[]): readonly (readonly Square[])[] {
  return Array.from({ length: 64 }, (_, square) =>
    steps.map((step) => stepFrom(square, step)).filter((target) => target !== undefined),
  );
}

/** For each square and step the squares passed one after another up to the edge. */
export function tabulateRays(steps: readonly Step[]): readonly (readonly (readonly Square[])[])[] {
  return Array.from({ length: 64 }, (_, square) =>
    steps.map((step) => {
      const ray: Square[] = [];
      for (let next = stepFrom(square, step); next !== undefined; next = stepFrom(next, step)) ray.push(next);
      return ray;
    }),
  );
}
