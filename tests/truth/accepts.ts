/** What an oracle says of an answer, in the ways that questions are answered. */
import type { Answer } from '@/core/exercises';
import { findByText, type movesOf } from './chessBoard';

/** Does the oracle take an answer for right? Undefined: it has no opinion. */
export type Accepts = (answer: Answer) => boolean | undefined;

/** Of answers by tapping: exactly these squares, with these labels where there are any. */
export function exactly(right: readonly number[] | ReadonlyMap<number, readonly string[]>): Accepts {
  const labels = right instanceof Map ? (right as ReadonlyMap<number, readonly string[]>) : undefined;
  const squares = labels === undefined ? (right as readonly number[]) : [...labels.keys()];
  return (answer) => {
    if (answer.kind !== 'tap') return false;
    const given = new Map(answer.marks.map(({ square, label }) => [square, label]));
    return (
      given.size === squares.length &&
      squares.every(
        (square) =>
          given.has(square) &&
          (labels === undefined || (labels.get(square) ?? []).includes(given.get(square) ?? '')),
      )
    );
  };
}

/** One tapped square out of these. */
export const oneOf =
  (right: readonly number[]): Accepts =>
  (answer) =>
    answer.kind === 'tap' && answer.marks.length === 1 && right.includes(answer.marks[0]?.square ?? -1);

export const options =
  (right: readonly string[]): Accepts =>
  (answer) =>
    answer.kind === 'choose' &&
    new Set(answer.options).size === new Set(right).size &&
    right.every((option) => answer.options.includes(option));

export const number =
  (right: number): Accepts =>
  (answer) =>
    answer.kind === 'number' && answer.value === right;

/** One legal move for which this holds. */
export const oneMove =
  (fen: string, isRight: (move: ReturnType<typeof movesOf>[number]) => boolean): Accepts =>
  (answer) => {
    if (answer.kind !== 'play') return false;
    const move = findByText(fen, answer.moves[0] ?? '');
    return move !== undefined && isRight(move);
  };
