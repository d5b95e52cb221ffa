/** Family `find-square`: tap the square that is named (stage of the board). Children often say rank before file: that is told apart. */
import { z } from 'zod';
import { fileOf, rankOf, SIDES, squareAt, type Square } from '../board';
import { EMPTY_DRAFT } from '../rules';
import type { TapFamily, TapNote } from './family';
import { squareSchema } from './lessonBoard';
import { compareMarks } from './tapVerdict';

export const findSquareTaskSchema = z.object({
  square: squareSchema,
  bottom: z.enum(SIDES),
  hasCoordinates: z.boolean(),
});
export type FindSquareTask = z.infer<typeof findSquareTaskSchema>;

export const findSquareFamily: TapFamily<FindSquareTask> = {
  id: 'find-square',
  version: 1,
  skill: 'board',
  answerMode: 'tap',
  levels: 4,
  taskSchema: findSquareTaskSchema,
  scene: ({ bottom, hasCoordinates }) => ({
    board: EMPTY_DRAFT.board,
    turn: undefined,
    bottom,
    hasCoordinates,
    asked: undefined,
    isSingle: true,
  }),
  solution: ({ square }) => [square],
  judge({ square: asked }, marks) {
    return compareMarks(
      [asked],
      marks,
      (square) => noteExtra(asked, square),
      (square) => ({ code: 'another-square', square, asked }),
    );
  },
  /** Letters out of sight are harder than the board turned round. */
  measure: ({ bottom, hasCoordinates }) => (hasCoordinates ? 0 : 2) + (bottom === 'black' ? 1 : 0),
};

function noteExtra(asked: Square, square: Square): TapNote {
  // c5 for e3: the number read as the letter's place and the other way round.
  if (square === squareAt(rankOf(asked), fileOf(asked))) return { code: 'rank-before-file', square, asked };
  if (rankOf(square) === rankOf(asked)) return { code: 'wrong-file', square, asked };
  if (fileOf(square) === fileOf(asked)) return { code: 'wrong-rank', square, asked };
  return { code: 'another-square', square, asked };
}
