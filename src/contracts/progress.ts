/** What children can, as coaches see it: every figure with its doubt, and with the answers it comes from. */
import { z } from 'zod';
import type { Mastery, RoundReason } from '@/core/progress';
import { classIdSchema, studentIdSchema } from './ids';

export interface TopicRow extends Mastery {
  readonly topic: string;
  readonly name: string;
  /** All that counted, ever, and those that were right at once. */
  readonly answers: number;
  readonly right: number;
  readonly dueAt: string;
  readonly isDue: boolean;
}

export interface ChildProgress {
  /** What is surely little known first; what it is too early to speak of last. */
  readonly topics: readonly TopicRow[];
  readonly nextRound: readonly { readonly name: string; readonly why: RoundReason }[];
}

export const topicQuerySchema = z.object({
  classId: classIdSchema,
  studentId: studentIdSchema,
  topic: z.string().max(60),
});
export type TopicQuery = z.infer<typeof topicQuerySchema>;

export interface TopicAnswers extends Mastery {
  readonly studentName: string;
  readonly className: string;
  readonly topicName: string;
  /** The newest first. */
  readonly answers: readonly {
    readonly attemptId: number;
    readonly className: string;
    readonly answeredAt: string;
    readonly hints: number;
    readonly isRight: boolean;
    readonly text: string;
  }[];
}
