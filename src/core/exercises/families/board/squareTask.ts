/** One square of a board that is shown with letters and numbers or without, from either side: the task of `find-square` and `name-square`. */
import { z } from 'zod/mini';
import { fileOf, rankOf, SIDES, squareAt, type Side, type Square } from '../../../board';
import { EMPTY_DRAFT } from '../../../rules';
import { squareSchema } from '../../family/answer';
import { sceneOf } from '../../family/lessonBoard';
import type { RuleVariant, Scene } from '../../family/question';

export const squareTaskSchema = z.object({
  square: squareSchema,
  bottom: z.enum(SIDES),
  hasCoordinates: z.boolean(),
});

export type SquareTask = z.infer<typeof squareTaskSchema>;

/** The empty board of a question about names of squares. */
export function sceneOfSquares(
  { bottom, hasCoordinates }: Pick<SquareTask, 'bottom' | 'hasCoordinates'>,
  asked: readonly Square[],
): Scene {
  return sceneOf(EMPTY_DRAFT, { turn: undefined, bottom, hasCoordinates, areNamesAsked: true, asked });
}

/** From whose side an empty board is seen: nothing on it tells where its letters are out of sight. */
export function seenFrom({
  bottom,
  hasCoordinates,
}: Pick<SquareTask, 'bottom' | 'hasCoordinates'>): Side | undefined {
  return hasCoordinates ? undefined : bottom;
}

/** Where letters and numbers are found, or how to count without them. */
export function squareRule({ bottom, hasCoordinates }: SquareTask): RuleVariant {
  return `${hasCoordinates ? 'letters' : 'bare'}-${bottom}`;
}

/** Letters out of sight are harder than the board turned round. */
export function measureSquare({ bottom, hasCoordinates }: SquareTask): number {
  return (hasCoordinates ? 0 : 2) + (bottom === 'black' ? 1 : 0);
}

/** A square that is not the one asked for, and what was mixed up. */
export interface OtherSquareNote {
  readonly code: 'rank-before-file' | 'wrong-file' | 'wrong-rank' | 'another-square';
  readonly square: Square;
  readonly asked: Square;
}

/** How another square differs from the asked one. */
export function noteOtherSquare(asked: Square, square: Square): OtherSquareNote {
  // c5 for e3: the number read as the letter's place and the other way round.
  if (square === squareAt(rankOf(asked), fileOf(asked))) return { code: 'rank-before-file', square, asked };
  if (rankOf(square) === rankOf(asked)) return { code: 'wrong-file', square, asked };
  if (fileOf(square) === fileOf(asked)) return { code: 'wrong-rank', square, asked };
  return { code: 'another-square', square, asked };
}
