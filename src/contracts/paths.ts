import { z } from 'zod';
import { STAGES, type Stage } from '@/core/exercises';
import type { Standing } from '@/core/progress';
import { classIdSchema, requestIdSchema } from './ids';

/** The order of a class and which stages are open: every stage once. */
export const classPathSchema = z.object({
  classId: classIdSchema,
  stages: z
    .array(z.object({ stage: z.enum(STAGES), isOpen: z.boolean() }))
    .length(STAGES.length)
    .refine((stages) => new Set(stages.map(({ stage }) => stage)).size === STAGES.length, 'a stage twice'),
});
export type ClassPath = z.infer<typeof classPathSchema>;

export const practiceSchema = z.object({ requestId: requestIdSchema, stage: z.enum(STAGES) });

/** A child's path: the stages that are built and open, in the order of its class. */
export interface StudentPath {
  readonly stages: readonly {
    readonly stage: Stage;
    readonly standing: Standing;
    /** Fresh tasks can be made for it. */
    readonly canPractise: boolean;
  }[];
  /** The first one that is not mastered. */
  readonly next: Stage | undefined;
}
