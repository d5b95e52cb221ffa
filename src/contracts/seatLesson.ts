/** What a seat hears of a lesson at the big board, and what it sends: nothing a seat does not need is reached from here. */
import { z } from 'zod/mini';
import { parseMoveText } from '@/core/notation';
import { waitedMsSchema, type SeatRound } from './attempts';
import {
  questionIdSchema,
  requestIdSchema,
  studentIdSchema,
  taskIdSchema,
  type AssignmentId,
  type StudentId,
} from './ids';

const suggestionFields = {
  clientId: requestIdSchema,
  questionId: questionIdSchema,
  move: z.string().check(
    z.maxLength(5),
    z.refine((text) => parseMoveText(text) !== undefined, 'no move'),
  ),
};

/** A move for the position that was asked about, as the device keeps it until it is stored. */
export const keptSuggestionSchema = z.object({ ...suggestionFields, answeredAt: z.iso.datetime() });
export type KeptSuggestion = z.infer<typeof keptSuggestionSchema>;

/** The same as it is sent. */
export const newSuggestionSchema = z.object({
  ...suggestionFields,
  waitedMs: waitedMsSchema,
  studentId: z.optional(studentIdSchema),
});
export type NewSuggestion = z.infer<typeof newSuggestionSchema>;

export const liveQuestionSchema = z.object({
  questionId: questionIdSchema,
  taskId: z.optional(taskIdSchema),
  fen: z.string(),
  words: z.string(),
  askedAt: z.string(),
  isOpen: z.boolean(),
});
export type LiveQuestion = z.infer<typeof liveQuestionSchema>;

/** What a seat hears of the lesson. */
export const seatNewsSchema = z.object({
  isLive: z.boolean(),
  /** The open question. */
  question: z.optional(liveQuestionSchema),
  /** The child's newest move for it. */
  given: z.optional(z.string()),
});
export type SeatNews = z.infer<typeof seatNewsSchema>;

export interface SeatLesson {
  readonly studentId: StudentId;
  readonly news: SeatNews;
  /** What the child can do meanwhile. */
  readonly meanwhile: { readonly assignmentId: AssignmentId; readonly round: SeatRound } | undefined;
}
