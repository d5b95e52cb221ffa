/** Whole games: kept with what they held, each chance with its place, for the child that played them or for the club. */
import { z } from 'zod/mini';
import { SIDES, type Side } from '@/core/board';
import { RESULTS, type GameResult, type MoveText } from '@/core/notation';
import type { Chance } from '@/core/proof';
import {
  classIdSchema,
  gameIdSchema,
  requestIdSchema,
  studentIdSchema,
  type ClassId,
  type GameId,
  type StudentId,
} from './ids';

/** A game of more moves, both sides' together, is not kept. */
export const MOST_PLIES = 600;
/** Whose game it was, and with which men. */
const playedBySchema = z.object({
  classId: classIdSchema,
  studentId: studentIdSchema,
  side: z.enum(SIDES),
});

export const newGameSchema = z.object({
  requestId: requestIdSchema,
  /** "White – Black, event, date", as the file tells it. */
  title: z.string().check(z.trim(), z.minLength(1), z.maxLength(200)),
  result: z.enum(RESULTS),
  /** Where it began. */
  fen: z.string().check(z.minLength(1), z.maxLength(100)),
  moves: z
    .array(z.string().check(z.regex(/^([a-h][1-8]){2}[qrbn]?$/)))
    .check(z.minLength(1), z.maxLength(MOST_PLIES)),
  playedBy: z.optional(playedBySchema),
  /** Where chances were found; the server looks at these places again. */
  plies: z.array(z.int().check(z.minimum(0), z.maximum(MOST_PLIES))).check(z.maxLength(MOST_PLIES)),
  maxMoves: z.int().check(z.minimum(1), z.maximum(5)),
});
export type NewGame = z.infer<typeof newGameSchema>;
export const removeGameSchema = z.object({ gameId: gameIdSchema });

export interface StoredGame {
  readonly gameId: GameId;
  readonly chances: number;
}

export interface GameSummary {
  readonly gameId: GameId;
  readonly title: string;
  readonly result: GameResult;
  readonly plies: number;
  /** Nickname of the child whose game it was. */
  readonly studentName: string | undefined;
  readonly chances: number;
}

export interface GamePage {
  readonly gameId: GameId;
  readonly title: string;
  readonly result: GameResult;
  readonly fen: string;
  readonly moves: readonly MoveText[];
  readonly studentName: string | undefined;
  readonly side: Side | undefined;
  readonly chances: readonly (Chance & {
    /** The sets its position lies in, as a puzzle. */
    readonly sets: readonly string[];
  })[];
}

/** Where a puzzle comes from. */
export interface SourceGame {
  readonly gameId: GameId;
  readonly title: string;
}

/** A child a game can belong to. */
export interface StudentChoice {
  readonly classId: ClassId;
  readonly className: string;
  readonly studentId: StudentId;
  readonly name: string;
}
