import { z } from 'zod/mini';
import { STAGES, type Stage } from '@/core/exercises';
import type { RoundReason, StageGap, MasteryState } from '@/core/progress';
import { classIdSchema, requestIdSchema, studentIdSchema, type StudentId } from './ids';

/** The order of a class and which stages are open: every stage once. */
export const classPathSchema = z.object({
  classId: classIdSchema,
  stages: z.array(z.object({ stage: z.enum(STAGES), isOpen: z.boolean() })).check(
    z.length(STAGES.length),
    z.refine((stages) => new Set(stages.map(({ stage }) => stage)).size === STAGES.length, 'a stage twice'),
  ),
});
export type ClassPath = z.infer<typeof classPathSchema>;

/** One stage for one child: open, closed, or as for the class. */
export const studentStageSchema = z.object({
  classId: classIdSchema,
  studentId: studentIdSchema,
  stage: z.enum(STAGES),
  isOpen: z.optional(z.boolean()),
});
export type StudentStage = z.infer<typeof studentStageSchema>;

/** The path of a class, and what is different for some of its children. */
export interface ClassPathPage {
  readonly stages: readonly { readonly stage: Stage; readonly isOpen: boolean }[];
  readonly students: readonly {
    readonly studentId: StudentId;
    readonly name: string;
    readonly stages: readonly { readonly stage: Stage; readonly isOpen: boolean }[];
  }[];
}

export const practiceSchema = z.object({ requestId: requestIdSchema, stage: z.enum(STAGES) });

export const nextRoundSchema = z.object({ requestId: requestIdSchema });

/** A child's path: the stages that are built and open, in the order of its class. */
export interface StudentPath {
  readonly stages: readonly {
    readonly stage: Stage;
    readonly masteryState: MasteryState;
    /** What is still to come before it is mastered. */
    readonly gaps: readonly StageGap[];
  }[];
  /** What its next round would hold: how many tasks for which reason. */
  readonly nextRound: readonly { readonly why: RoundReason; readonly count: number }[];
  /** The first one that is not mastered. */
  readonly next: Stage | undefined;
}
