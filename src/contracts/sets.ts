import { z } from 'zod/mini';
import { MOST_LETTERS } from './bounds';
import { HABITS, EXERCISE_IDS, exerciseTaskSchema, LEVELS, type ExerciseTask } from '@/core/exercises';
import type { PatternId } from '@/core/patterns';
import type { Rating, SetForecast } from '@/core/progress';
import type { Grade } from '@/core/puzzles';
import {
  exactTextSchema,
  classIdSchema,
  requestIdSchema,
  setIdSchema,
  taskIdSchema,
  type AssignmentId,
  type ClassId,
  type SetId,
  type TaskId,
} from './ids';
import type { SourceGame } from './games';
import { nameSchema } from './people';
import type { SeenTask } from './seen';

export const newSetSchema = z.object({
  requestId: requestIdSchema,
  name: nameSchema(MOST_LETTERS.title),
  /** Stairs a child has climbed elsewhere are skipped on its seat. */
  isStaircase: z._default(z.boolean(), false),
});
export const addPuzzleSchema = z.object({
  setId: setIdSchema,
  fen: z.string().check(z.minLength(1), z.maxLength(200)),
});
/** Positions by their exact keys. */
export const findStoredSchema = z.object({
  exactKeys: z.array(exactTextSchema(120)).check(z.maxLength(1_000)),
});
/** A round of fresh exercises: the same numbers make the same tasks again. */
export const addRoundSchema = z.object({
  setId: setIdSchema,
  family: z.enum(EXERCISE_IDS),
  level: z.literal(LEVELS),
  seed: z.int().check(z.minimum(1), z.maximum(999_999)),
  count: z.int().check(z.minimum(1), z.maximum(20)),
});
export type NewRound = z.infer<typeof addRoundSchema>;
/** A question of a board that a coach brought. */
export const addQuestionSchema = z.object({ setId: setIdSchema, exercise: exerciseTaskSchema });
export const removePuzzleSchema = z.object({ setId: setIdSchema, taskId: taskIdSchema });
/** What takes the place of a puzzle: one as long and as hard, or the same with colours, or left and right, exchanged. */
export const replacePuzzleSchema = z.object({
  setId: setIdSchema,
  taskId: taskIdSchema,
  by: z.enum(['equal', 'colours', 'wing']),
});
export type ReplacePuzzle = z.infer<typeof replacePuzzleSchema>;
/** All tasks of the set in a new order. */
export const orderSetSchema = z.object({
  setId: setIdSchema,
  taskIds: z.array(taskIdSchema).check(z.maxLength(2_000)),
});
/** A puzzle of the set, to be answered in another way as well. */
export const addHabitSchema = z.object({ setId: setIdSchema, taskId: taskIdSchema, habit: z.enum(HABITS) });
export const giveSetSchema = z.object({
  requestId: requestIdSchema,
  setId: setIdSchema,
  classId: classIdSchema,
});

export interface SetSummary {
  readonly setId: SetId;
  readonly name: string;
  readonly puzzleCount: number;
  /** Number of classes and students it was given to. */
  readonly givenCount: number;
  /** The first puzzle, for a small picture. */
  readonly firstFen: string | undefined;
}

export interface SetPuzzle {
  readonly family: 'mate';
  readonly taskId: TaskId;
  readonly fen: string;
  readonly mateInMoves: number;
  /** The same without pointless blocks, where that is shorter. */
  readonly mateNoBlocks: number | undefined;
  /** All keys, in SAN. */
  readonly keys: readonly string[];
  readonly mainLine: string;
  readonly grade: Grade | undefined;
  /** The grade's number as answers have corrected it. */
  readonly rating: Rating | undefined;
  /** Named mates it ends in. */
  readonly patterns: readonly PatternId[];
  /** The game its position comes from. */
  readonly game: SourceGame | undefined;
}

/** How a class has done with one of the set's named mates so far. */
export interface KnownPattern {
  readonly pattern: PatternId;
  /** First answers of its children to puzzles that end in it. */
  readonly answers: number;
  /** Of these, right and without help. */
  readonly right: number;
}

export type SetExercise = ExerciseTask & { readonly taskId: TaskId };
export type SetItem = SetPuzzle | SetExercise;

export interface SetPage {
  readonly setId: SetId;
  readonly name: string;
  readonly version: number;
  /** The newest version was given: the next change starts a new one. */
  readonly isGiven: boolean;
  readonly items: readonly SetItem[];
  readonly givenTo: readonly {
    readonly assignmentId: AssignmentId;
    readonly className: string;
    readonly version: number;
    readonly givenAt: string;
  }[];
  /** Classes it may be given to, and what each has had of it, task by task. */
  readonly classes: readonly {
    readonly classId: ClassId;
    readonly name: string;
    readonly seen: readonly (SeenTask | undefined)[];
    readonly forecast: SetForecast;
    readonly known: readonly KnownPattern[];
  }[];
}

export interface AddedRound {
  readonly setId: SetId;
  readonly setName: string;
  /** Tasks that were not in the set before. */
  readonly added: number;
}

/** Where something that was put into a set stands in it, from 1. */
export interface AddedItem {
  readonly setId: SetId;
  readonly setName: string;
  readonly number: number;
  readonly isAlreadyThere: boolean;
}
export interface AddedPuzzle extends AddedItem {
  readonly mateInMoves: number;
}

/** A puzzle of the club that ends in a named mate. */
export interface PatternPuzzle {
  readonly fen: string;
  readonly mateInMoves: number;
}
