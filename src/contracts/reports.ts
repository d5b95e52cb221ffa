/** What is told about children on paper and by email: reports, certificates, the whole record. */
import { z } from 'zod/mini';
import { STAGES, type Stage } from '@/core/exercises';
import { classIdSchema, requestIdSchema, studentIdSchema, type ClassId, type EmailId } from './ids';
import type { NameCard } from './people';
import { paperSchema } from './print';

const paper = { paper: paperSchema };
const classId = { classId: classIdSchema };

/** One child's report or all of the class; a class's for its coaches; certificates of a stage; all that is stored of a child. */
export const reportSchema = z.discriminatedUnion('what', [
  z.object({
    what: z.literal('children'),
    ...classId,
    ...paper,
    studentId: z.optional(
      z.union([
        z.pipe(
          z.literal(''),
          z.transform(() => undefined),
        ),
        studentIdSchema,
      ]),
    ),
  }),
  z.object({ what: z.literal('class'), ...classId, ...paper }),
  z.object({ what: z.literal('certificates'), ...classId, ...paper, stage: z.enum(STAGES) }),
  z.object({ what: z.literal('record'), ...classId, ...paper, studentId: studentIdSchema }),
]);
export type ReportRequest = z.infer<typeof reportSchema>;

export interface ReportsPage {
  readonly classId: ClassId;
  readonly className: string;
  readonly students: readonly NameCard[];
  /** Stages that somebody can, in the order of the book, with who can them. */
  readonly stages: readonly { readonly stage: Stage; readonly names: readonly string[] }[];
}

export const newEmailSchema = z.object({
  requestId: requestIdSchema,
  classId: classIdSchema,
  /** Whose report goes with it; without, that of the class. */
  studentId: z.optional(studentIdSchema),
  to: z.email().check(z.maxLength(254)),
});
export type NewEmail = z.infer<typeof newEmailSchema>;

export interface EmailSummary {
  readonly emailId: EmailId;
  readonly to: string;
  readonly subject: string;
  readonly fileName: string;
  readonly writtenAt: string;
  readonly writtenBy: string;
}

export interface EmailPage extends EmailSummary {
  readonly text: string;
}
