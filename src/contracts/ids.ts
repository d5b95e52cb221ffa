import { z } from 'zod/mini';
import type { Brand } from '@/core/shared';

export type ClubId = Brand<number, 'club'>;
export type CoachId = Brand<number, 'coach'>;
export type StudentId = Brand<number, 'student'>;
export type TermId = Brand<number, 'term'>;
export type ClassId = Brand<number, 'class'>;
export type SetId = Brand<number, 'set'>;
export type SetVersionId = Brand<number, 'set-version'>;
export type TaskId = Brand<number, 'task'>;
export type AssignmentId = Brand<number, 'assignment'>;
export type RoundId = Brand<number, 'round'>;
export type ClubPatternId = Brand<number, 'club-pattern'>;
export type GameId = Brand<number, 'game'>;
export type RosterChangeId = Brand<number, 'roster-change'>;
export type EnrolmentId = Brand<number, 'enrolment'>;
export type PlanId = Brand<number, 'plan'>;
export type LessonId = Brand<number, 'lesson'>;
export type LiveId = Brand<number, 'live-lesson'>;
export type QuestionId = Brand<number, 'live-question'>;
export type EmailId = Brand<number, 'email'>;
export type AttemptId = Brand<number, 'attempt'>;

/** Ids arrive as numbers or, from addresses, as digits. */
function idSchema<Id extends number>() {
  return z.pipe(
    z.coerce.number().check(z.int(), z.positive()),
    z.transform((value) => value as Id),
  );
}

/** Text that is compared byte by byte in the database, where other letters than these cannot even be looked for. */
export function exactTextSchema(most: number) {
  return z.string().check(z.minLength(1), z.maxLength(most), z.regex(/^[\x20-\x7e]+$/));
}

export const classIdSchema = idSchema<ClassId>();
export const termIdSchema = idSchema<TermId>();
export const coachIdSchema = idSchema<CoachId>();
export const studentIdSchema = idSchema<StudentId>();
export const setIdSchema = idSchema<SetId>();
export const taskIdSchema = idSchema<TaskId>();
export const assignmentIdSchema = idSchema<AssignmentId>();
export const clubPatternIdSchema = idSchema<ClubPatternId>();
export const gameIdSchema = idSchema<GameId>();
export const planIdSchema = idSchema<PlanId>();
export const lessonIdSchema = idSchema<LessonId>();
export const liveIdSchema = idSchema<LiveId>();
export const questionIdSchema = idSchema<QuestionId>();
export const emailIdSchema = idSchema<EmailId>();
export const roundIdSchema = idSchema<RoundId>();

/** Made by the client before sending: the same request sent twice is carried out once. */
export const requestIdSchema = z.uuid();
