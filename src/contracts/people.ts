import { z } from 'zod/mini';
import { LEAST_PASSWORD, MOST_LETTERS } from './bounds';
import { LEVELS, type Level, type Stage } from '@/core/exercises';
import type { TroubleSpot } from '@/core/progress';
import {
  classIdSchema,
  coachIdSchema,
  requestIdSchema,
  studentIdSchema,
  type ClassId,
  type CoachId,
  type StudentId,
  type TermId,
} from './ids';

/** The pictures a student's key is made of; each is a word too, so that it can be said aloud. */
export const KEY_PICTURES = [
  'sun',
  'moon',
  'cloud',
  'tree',
  'leaf',
  'flower',
  'fish',
  'boat',
  'house',
  'apple',
  'bell',
  'umbrella',
] as const;
export type KeyPicture = (typeof KEY_PICTURES)[number];
/** How many pictures a key may have. Three are 1,728 keys, four 20,736, five 248,832. */
export const KEY_LENGTHS = [3, 4, 5] as const;
export type KeyLength = (typeof KEY_LENGTHS)[number];
export const USUAL_KEY_LENGTH: KeyLength = 3;

export const keySchema = z
  .array(z.enum(KEY_PICTURES))
  .check(z.minLength(KEY_LENGTHS[0]), z.maxLength(KEY_LENGTHS[2]));

/** Visible text of a name; trimmed, no control characters, runs of spaces as one. */
export function nameSchema(most: number) {
  return z.pipe(
    z.pipe(
      z.string(),
      z.transform((text) => text.normalize('NFC').replace(/\s+/g, ' ').trim()),
    ),
    z.string().check(z.minLength(1), z.maxLength(most), z.regex(/^[^\p{Cc}]+$/u)),
  );
}

/** What a coach signs in as, as it is stored and compared: without case and accents, so that every way to type it is one name. */
const signInNameSchema = z.pipe(
  z.pipe(
    z.string().check(z.maxLength(200)),
    z.transform((text) =>
      text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase().replace(/\s+/g, ' ').trim(),
    ),
  ),
  z.string().check(z.minLength(1), z.maxLength(MOST_LETTERS.name), z.regex(/^[^\p{Cc}]+$/u)),
);

export const coachSignInSchema = z.object({
  signInName: signInNameSchema,
  password: z.string().check(z.minLength(1), z.maxLength(MOST_LETTERS.password)),
});

const newPasswordSchema = z.string().check(z.minLength(LEAST_PASSWORD), z.maxLength(MOST_LETTERS.password));

export const changePasswordSchema = z.object({
  oldPassword: z.string().check(z.minLength(1), z.maxLength(MOST_LETTERS.password)),
  newPassword: newPasswordSchema,
});
export type ChangePassword = z.infer<typeof changePasswordSchema>;

/** The coach who gets a new password, or is taken out of the club. */
export const ownCoachSchema = z.object({ coachId: coachIdSchema });
export type OwnCoach = z.infer<typeof ownCoachSchema>;

/** A coach's account, made by a lead. */
export const newCoachSchema = z.object({
  name: nameSchema(MOST_LETTERS.name),
  signInName: signInNameSchema,
  password: newPasswordSchema,
});
export type NewCoach = z.infer<typeof newCoachSchema>;

export const clubNameSchema = nameSchema(MOST_LETTERS.title);
export const timeZoneSchema = z.string().check(z.maxLength(64), z.refine(isTimeZone, 'unknown time zone'));

export const setUpSchema = z.object({
  code: z.string().check(z.minLength(1), z.maxLength(64)),
  clubName: clubNameSchema,
  timeZone: timeZoneSchema,
  leadName: nameSchema(MOST_LETTERS.name),
  signInName: signInNameSchema,
  password: newPasswordSchema,
});
export type SetUpInput = z.infer<typeof setUpSchema>;

function isTimeZone(text: string): boolean {
  try {
    new Intl.DateTimeFormat('en-GB', { timeZone: text });
    return true;
  } catch {
    // The constructor throws a RangeError for a zone it does not know; there is no list to ask in every browser.
    return false;
  }
}

export const joinCodeSchema = z.pipe(
  z.pipe(
    z.string(),
    z.transform((text) => text.toUpperCase().replace(/[^A-Z0-9]/g, '')),
  ),
  z.string().check(z.minLength(1), z.maxLength(12)),
);

export const studentSignInSchema = z.object({
  joinCode: joinCodeSchema,
  studentId: studentIdSchema,
  key: keySchema,
});
export type StudentSignIn = z.infer<typeof studentSignInSchema>;

export const newClassSchema = z.object({ requestId: requestIdSchema, name: nameSchema(MOST_LETTERS.name) });
export const newStudentSchema = z.object({
  requestId: requestIdSchema,
  classId: classIdSchema,
  name: nameSchema(MOST_LETTERS.nickname),
});
export const renameStudentSchema = z.object({
  classId: classIdSchema,
  studentId: studentIdSchema,
  name: nameSchema(MOST_LETTERS.nickname),
});
export const classLevelSchema = z.object({ classId: classIdSchema, level: z.optional(z.literal(LEVELS)) });

/** A coach teaches a class, or helps in it: sees it and its answers, gives keys, changes nothing else. */
export const CLASS_POSTS = ['coach', 'assistant'] as const;
export type ClassPost = (typeof CLASS_POSTS)[number];
export const classPostSchema = z.object({
  classId: classIdSchema,
  coachId: coachIdSchema,
  /** Undefined: neither. */
  post: z.optional(z.enum(CLASS_POSTS)),
});

export const rosterStudentSchema = z.object({ classId: classIdSchema, studentId: studentIdSchema });

export interface ClassSummary {
  readonly classId: ClassId;
  readonly name: string;
  readonly termId: TermId;
  readonly termName: string;
  /** As of tasks; undefined: children of all levels. */
  readonly level: Level | undefined;
  /** Children in it now. */
  readonly studentCount: number;
  /** Children that are or were in it. */
  readonly everCount: number;
  readonly joinCode: string;
}

export interface NameCard {
  readonly studentId: StudentId;
  readonly name: string;
}

/** A card on the page of a class code. */
export interface JoinCard extends NameCard {
  /** Pictures in this child's key. */
  readonly keyLength: number;
}

export interface LatestAnswer {
  readonly attemptId: number;
  readonly studentName: string;
  /** The set it lies in; undefined: the child practised on its own. */
  readonly setName: string | undefined;
  /** The stage that was practised; undefined: it was given. */
  readonly practised: Stage | undefined;
  readonly puzzleNumber: number;
  readonly outcome: string;
  readonly tryNumber: number;
  readonly receivedAt: string;
}

/** A child in a class from one day to another. */
export interface Enrolment {
  readonly classId: ClassId;
  readonly className: string;
  readonly termName: string;
  readonly studentId: StudentId;
  readonly name: string;
  readonly startsOn: string;
  /** The last day; undefined: the child is in the class. */
  readonly endsOn: string | undefined;
}

export interface ClubCoach {
  readonly coachId: CoachId;
  readonly name: string;
  readonly isLead: boolean;
}

export interface ClassCoach {
  readonly coachId: CoachId;
  readonly name: string;
  readonly post: ClassPost | undefined;
}

/** An answer of a child that could not be stored. */
export interface RefusedAnswer {
  readonly refusedId: number;
  readonly studentId: StudentId;
  readonly studentName: string;
  /** A fault's code, or server/failed: the device keeps the answer and sends it again. */
  readonly reason: string;
  readonly receivedAt: string;
}

/** Answers of a child that lie on devices and could not be sent yet. */
export interface UnsentAnswers {
  readonly studentId: StudentId;
  readonly studentName: string;
  readonly answers: number;
  /** When a device told so last. */
  readonly toldAt: string;
}

export interface ClassPage extends ClassSummary {
  /** May this coach change the class? */
  readonly mayChange: boolean;
  readonly students: readonly NameCard[];
  /** Those whose pictures are refused for a while, for too many wrong ones were tapped. */
  readonly lockedIds: readonly StudentId[];
  /** Who was in it before, with the days, and where each went when this coach may know. */
  readonly past: readonly Enrolment[];
  /** All coaches of the club for a lead, else those of this class. */
  readonly coaches: readonly ClassCoach[];
  readonly latestAnswers: readonly LatestAnswer[];
  /** Answers that could not be stored, newest first. */
  readonly refusedAnswers: readonly RefusedAnswer[];
  readonly unsentAnswers: readonly UnsentAnswers[];
  readonly assignments: readonly AssignmentSummary[];
  /** What the class stumbles over, the hardest first. */
  readonly troubleSpots: readonly TroubleSpot[];
}

export interface AssignmentSummary {
  readonly assignmentId: number;
  readonly setName: string;
  readonly puzzleCount: number;
  readonly givenAt: string;
  /** For this child alone; undefined: for the class. */
  readonly forStudent: string | undefined;
  /** Students with at least one right answer to every puzzle. */
  readonly finishedCount: number;
}
