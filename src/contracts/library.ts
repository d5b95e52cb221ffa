/** The club's stored mates, looked up by filter. */
import { z } from 'zod/mini';
import { SIDES } from '@/core/board';
import { LEVELS } from '@/core/exercises';
import { isPatternId, type PatternId } from '@/core/patterns';
import type { Rating } from '@/core/progress';
import { KEY_KINDS, WINGS, type Grade } from '@/core/puzzles';
import { classIdSchema, setIdSchema, taskIdSchema, type ClubPatternId, type TaskId } from './ids';
import type { SeenTask } from './seen';

/** A named mate of the book, or by its number one of the club's own. */
export type PatternFilter = PatternId | `ours:${number}`;
const OURS = /^ours:\d{1,9}$/;
const isPatternFilter = (text: string): text is PatternFilter => isPatternId(text) || OURS.test(text);
export const clubPatternFilter = (clubPatternId: ClubPatternId): PatternFilter => `ours:${clubPatternId}`;

/** An empty field of a form is no filter. */
const filter = <Schema extends z.ZodMiniType>(schema: Schema) =>
  z.pipe(
    z.transform((value) => (value === '' ? undefined : value)),
    z.optional(schema),
  );

/** What a puzzle has to be; each filter left out is open. */
const filterShape = {
  /** Length of the mate. */
  moves: filter(z.coerce.number().check(z.int(), z.minimum(1), z.maximum(8))),
  /** Ends in one of these named mates; their ids with commas between. */
  patterns: filter(
    z.pipe(
      z.string().check(z.maxLength(800)),
      z.transform((text): readonly PatternFilter[] => text.split(',').filter(isPatternFilter)),
    ),
  ),
  key: filter(z.enum(KEY_KINDS)),
  /** Who mates. */
  side: filter(z.enum(SIDES)),
  /** Where the king stands that is mated. */
  wing: filter(z.enum(WINGS)),
  level: filter(z.pipe(z.coerce.number(), z.literal(LEVELS))),
  /** So many men at most, kings included. */
  men: filter(z.coerce.number().check(z.int(), z.minimum(3), z.maximum(32))),
  /** New to this class. */
  classId: filter(classIdSchema),
};
export const libraryFiltersSchema = z.object(filterShape);
export type LibraryFilters = z.infer<typeof libraryFiltersSchema>;

export const MOST_SURPRISES = 40;
export const librarySearchSchema = z.object({
  ...filterShape,
  page: z._default(z.coerce.number().check(z.int(), z.minimum(1), z.maximum(100_000)), 1),
  /** So many are picked, from easy to hard, instead of listing all. */
  surprise: filter(z.coerce.number().check(z.int(), z.minimum(1), z.maximum(MOST_SURPRISES))),
  /** The same seed picks the same again. */
  seed: z._default(z.coerce.number().check(z.int(), z.minimum(1), z.maximum(999_999)), 1),
});
export type LibrarySearch = z.infer<typeof librarySearchSchema>;

export interface LibraryPuzzle {
  readonly taskId: TaskId;
  readonly fen: string;
  readonly mateInMoves: number;
  readonly grade: Grade | undefined;
  readonly rating: Rating | undefined;
  readonly patterns: readonly PatternId[];
  /** Names of the club's own it ends in. */
  readonly ours: readonly string[];
  /** What the class asked about has had that is like it; undefined also where no class is asked about. */
  readonly seen: SeenTask | undefined;
}

export interface LibraryPage {
  /** How many there are for the filters. */
  readonly total: number;
  readonly pages: number;
  readonly items: readonly LibraryPuzzle[];
}

/** Stored puzzles to be put into a set. */
export const addStoredSchema = z.object({
  setId: setIdSchema,
  taskIds: z.array(taskIdSchema).check(z.minLength(1), z.maxLength(500)),
});
/** How many of them were not in the set before. */
export interface AddedStored {
  readonly added: number;
}
