import { z } from 'zod/mini';
import { classIdSchema, exactTextSchema } from './ids';

/** How near what somebody has had is: the same task, its twin on the board, or another one with the same idea. */
export const SEEN_AS = ['same', 'twin', 'idea'] as const;
export type SeenAs = (typeof SEEN_AS)[number];

/** Who of a class has had a task before: the class as a whole, for it was given it, or single children elsewhere. */
export interface SeenTask {
  readonly as: SeenAs;
  readonly isByClass: boolean;
  /** Nicknames of children who answered it in another class or in practice; empty where the class was given it. */
  readonly names: readonly string[];
}

/** A puzzle that need not be stored, by its keys. */
export const findSeenSchema = z.object({
  classId: classIdSchema,
  puzzles: z
    .array(z.object({ twinKey: exactTextSchema(120), ideaKey: exactTextSchema(120) }))
    .check(z.maxLength(100)),
});
export type FindSeen = z.infer<typeof findSeenSchema>;
