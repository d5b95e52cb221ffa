import { z } from 'zod';
import { answerSchema, type MateTask, type SolutionOf, type VerdictOutcome } from '@/core/exercises';
import {
  requestIdSchema,
  roundIdSchema,
  taskIdSchema,
  type AssignmentId,
  type RoundId,
  type StudentId,
  type TaskId,
} from './ids';

/** One attempt as the seat sends it. */
export const newAttemptSchema = z.object({
  clientId: requestIdSchema,
  roundId: roundIdSchema,
  taskId: taskIdSchema,
  answer: answerSchema,
  hints: z.number().int().min(0).max(99),
  spentMs: z.number().int().min(0).max(86_400_000),
  answeredAt: z.iso.datetime(),
});
export type NewAttempt = z.infer<typeof newAttemptSchema>;

export interface StoredAttempt {
  readonly clientId: string;
  readonly outcome: VerdictOutcome;
  readonly tryNumber: number;
}

/** A task as the seat needs it: with its stored solution, so that every answer is judged at once. */
export interface SeatTask {
  readonly taskId: TaskId;
  readonly family: 'mate';
  readonly task: MateTask;
  readonly solution: SolutionOf<'mate'>;
  readonly isSolved: boolean;
  readonly tries: number;
}

export interface SeatRound {
  readonly assignmentId: AssignmentId;
  readonly roundId: RoundId;
  readonly setName: string;
  readonly tasks: readonly SeatTask[];
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
  /** The first wrong move of the first wrong try, in SAN. */
  readonly firstWrongMove: string | undefined;
}

export interface AnswersPage {
  readonly className: string;
  readonly setName: string;
  readonly givenAt: string;
  readonly puzzles: readonly {
    readonly taskId: TaskId;
    readonly fen: string;
    readonly mateInMoves: number;
  }[];
  readonly rows: readonly {
    readonly studentId: StudentId;
    readonly studentName: string;
    /** One cell a puzzle; undefined = not tried yet. */
    readonly cells: readonly (AnswerCell | undefined)[];
  }[];
}
