/**
 * Family `square-colour`: light or dark, without looking at a board. With two squares: of one colour or not, which is what a bishop
 * needs to know. a1 is dark (FIDE Laws of Chess, article 2.1).
 */
import { z } from 'zod/mini';
import { fileOf, isDarkSquare, rankOf, type Square } from '../../../board';
import { EMPTY_DRAFT } from '../../../rules';
import { chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { squareSchema } from '../../family/answer';
import { defineFamily } from '../../family/family';
import { sceneOf } from '../../family/lessonBoard';

export const colourTaskSchema = z
  .object({ square: squareSchema, other: z.optional(squareSchema) })
  .check(z.refine(({ square, other }) => square !== other, 'the same square twice'));

export type ColourTask = z.infer<typeof colourTaskSchema>;

export const COLOUR_OPTIONS = ['light', 'dark'] as const;

export const SAME_COLOUR_OPTIONS = ['same-colour', 'two-colours'] as const;

export type SquareColourQuestion =
  | {
      readonly code: 'colour-of';
      readonly square: Square;
    }
  | {
      readonly code: 'same-colour';
      readonly squares: readonly [Square, Square];
    };

/** Which of these squares are dark. */
export interface ColoursReason {
  readonly code: 'colours';
  readonly squares: readonly { readonly square: Square; readonly isDark: boolean }[];
}

export const squareColourFamily = defineFamily<
  ColourTask,
  'choose',
  SquareColourQuestion,
  ChoiceNote<ColoursReason>
>({
  id: 'square-colour',
  version: 1,
  stage: 'board',
  skill: 'colours',
  answerMode: 'choose',
  levels: 3,
  taskSchema: colourTaskSchema,
  question: ({ square, other }) =>
    other === undefined ? { code: 'colour-of', square } : { code: 'same-colour', squares: [square, other] },
  scene: () => sceneOf(EMPTY_DRAFT, { turn: undefined, isHidden: true }),
  ask: ({ other }) => ({
    kind: 'choose',
    options: other === undefined ? COLOUR_OPTIONS : SAME_COLOUR_OPTIONS,
    isMultiple: false,
  }),
  solution: (task) => chooseOptions([solve(task)]),
  judge: (task, answer) =>
    compareOptions([solve(task)], answer, () => ({
      code: 'colours',
      squares: [task.square, ...(task.other === undefined ? [] : [task.other])].map((square) => ({
        square,
        isDark: isDarkSquare(square),
      })),
    })),
  /** Steps from the nearest corner, whose colours are learnt first. */
  measure: ({ square, other }) =>
    stepsFromCorner(square) + (other === undefined ? 0 : 8 + stepsFromCorner(other)),
  hints: () => [],
});

function solve({ square, other }: ColourTask): string {
  if (other === undefined) return isDarkSquare(square) ? 'dark' : 'light';
  return isDarkSquare(square) === isDarkSquare(other) ? 'same-colour' : 'two-colours';
}

function stepsFromCorner(square: Square): number {
  const fromEdge = (at: number) => Math.min(at, 7 - at);
  return fromEdge(fileOf(square)) + fromEdge(rankOf(square));
}
