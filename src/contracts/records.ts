/** What is stored about a child: looked at, handed out, erased. */
import { z } from 'zod/mini';
import { MOST_LETTERS } from './bounds';
import type { Answer, VerdictOutcome } from '@/core/exercises';
import { classIdSchema, studentIdSchema, type ClassId, type StudentId } from './ids';
import type { Enrolment } from './people';
import type { ChildProgress, ChildStory } from './progress';

export const childSchema = z.object({ classId: classIdSchema, studentId: studentIdSchema });

export const eraseStudentSchema = z.object({
  studentId: studentIdSchema,
  /** Typed by whoever erases, so that it is not done by a slip. */
  name: z.string().check(z.trim(), z.maxLength(MOST_LETTERS.name)),
});
export type EraseStudent = z.infer<typeof eraseStudentSchema>;

export interface RecordedAnswer {
  readonly id: string;
  readonly answeredAt: string;
  readonly className: string;
  /** Null: practice. */
  readonly setName: string | null;
  readonly family: string;
  readonly level: number;
  readonly task: unknown;
  readonly answer: Answer;
  readonly outcome: VerdictOutcome;
  readonly diagnoses: readonly string[];
  readonly tryNumber: number;
  readonly hints: number;
  readonly spentMs: number;
}

export interface ChildPage {
  readonly studentId: StudentId;
  readonly name: string;
  readonly classId: ClassId;
  readonly className: string;
  readonly mayErase: boolean;
  /** Every class it was in, the newest first. */
  readonly enrolments: readonly Enrolment[];
  readonly answerCount: number;
  readonly firstAnswerAt: string | undefined;
  readonly hereCount: number;
  readonly awayCount: number;
  readonly gameCount: number;
  readonly progress: ChildProgress;
  readonly story: ChildStory;
}

/** A child in no class since before the last term. */
export interface GoneChild {
  readonly studentId: StudentId;
  readonly name: string;
  readonly lastDay: string;
}

/** One line of the audit log: who did or saw what, when. */
export interface AuditLogEntry {
  readonly at: string;
  readonly who: string;
  readonly action: string;
  readonly about: string;
}
