import { z } from 'zod/mini';
import {
  answerSchema,
  type ExerciseTask,
  type FamilyId,
  type MateTask,
  type VerdictOutcome,
} from '@/core/exercises';
import type { RoundReason } from '@/core/progress';
import type { SolutionGraph } from '@/core/puzzles';
import type { NamedPicture } from './clubPatterns';
import {
  requestIdSchema,
  roundIdSchema,
  studentIdSchema,
  taskIdSchema,
  type AssignmentId,
  type RoundId,
  type StudentId,
  type TaskId,
} from './ids';

const DAY_MS = 86_400_000;

/**
 * A time in milliseconds measured by a device, at most so many. What makes no sense counts as none: an answer is never refused for a clock.
 */
function deviceMsSchema(mostMs: number) {
  return z.pipe(
    z.catch(z.number(), 0),
    z.transform((ms) => Math.min(mostMs, Math.max(0, Math.round(ms)))),
  );
}

/** Which task of which round, by the id the device made. */
const taskFields = { clientId: requestIdSchema, roundId: roundIdSchema, taskId: taskIdSchema };

const attemptFields = {
  ...taskFields,
  answer: answerSchema,
  hints: z.int().check(z.minimum(0), z.maximum(99)),
  spentMs: deviceMsSchema(DAY_MS),
};

/** One attempt as the device keeps it until it is stored. Its clock never leaves the device: it may say anything. */
export const keptAttemptSchema = z.object({ ...attemptFields, answeredAt: z.iso.datetime() });
export type KeptAttempt = z.infer<typeof keptAttemptSchema>;

/** How long an answer lay on the device before it was sent. */
export const waitedMsSchema = deviceMsSchema(Number.MAX_SAFE_INTEGER);

const sentFields = {
  waitedMs: waitedMsSchema,
  /** Whose it is, by the device that keeps it: another child may have signed in there meanwhile. */
  studentId: z.optional(studentIdSchema),
};

/** One attempt as the seat sends it. */
export const newAttemptSchema = z.object({ ...attemptFields, ...sentFields });
export type NewAttempt = z.infer<typeof newAttemptSchema>;

/** That a student had the solution of a task shown: no answer, but the coach should know. As the device keeps it. */
export const keptShownSchema = z.object({ ...taskFields, answeredAt: z.iso.datetime() });
export type KeptShown = z.infer<typeof keptShownSchema>;

/** The same as the seat sends it. */
export const newShownSchema = z.object({ ...taskFields, ...sentFields });
export type NewShown = z.infer<typeof newShownSchema>;

export interface StoredAttempt {
  readonly clientId: string;
  readonly outcome: VerdictOutcome;
  readonly tryNumber: number;
}

/** How far a student has come with a task. */
interface Tried {
  readonly taskId: TaskId;
  readonly isSolved: boolean;
  readonly tries: number;
  /** A stair that was answered right at once, without help, in another set. */
  readonly isClimbed: boolean;
}

/** A puzzle as the seat needs it: with its stored solution, so that every answer is judged at once. */
export interface SeatPuzzle extends Tried {
  readonly family: 'mate';
  readonly task: MateTask;
  readonly solution: SolutionGraph;
}

/** An exercise: its solution follows from its task. */
export type SeatExercise = Tried & ExerciseTask;
export type SeatTask = SeatPuzzle | SeatExercise;

export interface SeatRound {
  readonly roundId: RoundId;
  readonly setName: string;
  readonly tasks: readonly SeatTask[];
  /** Of a next round: why each task is in it, in their order. */
  readonly reasons?: readonly (RoundReason | undefined)[];
  /** Mates with a name of the club's own. */
  readonly ours: readonly NamedPicture[];
}

export interface SeatHome {
  readonly studentName: string;
  readonly className: string;
  readonly assignments: readonly {
    readonly assignmentId: AssignmentId;
    readonly setName: string;
    readonly puzzleCount: number;
    readonly solvedCount: number;
  }[];
}

/** One cell of the class table: how one student did on one puzzle. */
export interface AnswerCell {
  readonly tries: number;
  readonly isSolved: boolean;
  /** All tries together. */
  readonly spentMs: number;
  readonly hints: number;
  /** The solution was shown. */
  readonly wasShown: boolean;
  /** What the first wrong try was: its first wrong move in SAN, or the answer in words. */
  readonly firstWrong: string | undefined;
}

export interface AnswersPage {
  readonly className: string;
  readonly setName: string;
  readonly givenAt: string;
  readonly puzzles: readonly {
    readonly taskId: TaskId;
    readonly family: FamilyId;
    /** Of a mate puzzle: the length that is asked for. */
    readonly mateInMoves: number | undefined;
  }[];
  readonly rows: readonly {
    readonly studentId: StudentId;
    readonly studentName: string;
    /** One cell a puzzle; undefined = not tried yet. */
    readonly cells: readonly (AnswerCell | 'climbed' | undefined)[];
  }[];
}
