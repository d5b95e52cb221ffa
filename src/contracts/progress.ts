/** What children can, as coaches see it: every figure with its doubt, and with the answers it comes from. */
import { z } from 'zod/mini';
import type { Mastery, RoundReason, MasteryState } from '@/core/progress';
import {
  classIdSchema,
  exactTextSchema,
  studentIdSchema,
  type AssignmentId,
  type ClassId,
  type GameId,
} from './ids';
import type { NameCard } from './people';

export interface TopicRow extends Mastery {
  readonly topic: string;
  /** All that counted, ever, and those that were right at once. */
  readonly answers: number;
  readonly right: number;
  readonly dueAt: string;
  readonly isDue: boolean;
}

export interface ChildProgress {
  /** What is surely little known first; what it is too early to speak of last. */
  readonly topics: readonly TopicRow[];
  readonly nextRound: readonly { readonly topic: string; readonly why: RoundReason }[];
}

export const topicQuerySchema = z.object({
  classId: classIdSchema,
  studentId: studentIdSchema,
  topic: exactTextSchema(60),
});
export type TopicQuery = z.infer<typeof topicQuerySchema>;

/** A stored answer as a line to read. */
export interface AnswerLine {
  readonly attemptId: number;
  readonly className: string;
  readonly answeredAt: string;
  readonly tryNumber: number;
  readonly hints: number;
  readonly isRight: boolean;
  readonly text: string;
}

export interface TopicAnswers extends Mastery {
  readonly studentName: string;
  readonly className: string;
  readonly topic: string;
  /** The newest first. */
  readonly answers: readonly AnswerLine[];
}

/**
 * Which answers of a child are asked for, behind a figure: of a class, of a week by its Monday, with a mistake, those of a week that
 * rate.
 */
export const answersQuerySchema = z.object({
  classId: classIdSchema,
  studentId: studentIdSchema,
  of: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('class'), value: classIdSchema }),
    z.object({ kind: z.literal('week'), value: z.iso.date() }),
    z.object({ kind: z.literal('mistake'), value: z.string().check(z.regex(/^[a-z-]{1,60}$/)) }),
    z.object({ kind: z.literal('rated'), value: z.iso.date() }),
  ]),
});
export type AnswersQuery = z.infer<typeof answersQuerySchema>;

export interface AnswerLines {
  readonly studentName: string;
  /** Which these are: "First answers in Lantern class, Homeward term". */
  readonly title: string;
  /** The newest first, so many at most. */
  readonly answers: readonly AnswerLine[];
  readonly most: number;
}

/** First answers and their outcome over some time. */
export interface AnswerSum {
  readonly answers: number;
  readonly right: number;
  /** Over all tries. */
  readonly spentMs: number;
}

/** What there is to tell of a child over time. */
export interface ChildStory {
  /** Every week from the first answer to the last, by their Mondays in the club's time, the oldest first. */
  readonly weeks: readonly (AnswerSum & { readonly monday: string })[];
  /** The newest first. */
  readonly classes: readonly (AnswerSum & {
    readonly classId: ClassId;
    readonly className: string;
    readonly termName: string;
  })[];
  /** Its rating at mates at the end of each week it changed in. */
  readonly ratings: readonly {
    readonly monday: string;
    readonly value: number;
    readonly deviation: number;
    readonly answers: number;
  }[];
  /** Codes of mistakes with the number of answers that show them, the commonest first; shapes it does not see among them. */
  readonly mistakes: readonly { readonly code: string; readonly answers: number }[];
  /** What its own games held for it, and what it made of that. */
  readonly games: {
    readonly games: readonly { readonly gameId: GameId; readonly title: string }[];
    readonly mates: { readonly played: number; readonly slower: number; readonly missed: number };
    readonly gains: { readonly played: number; readonly missed: number };
    readonly losses: number;
    readonly mated: number;
  };
}

/** One child in one topic. */
export interface TopicCell extends Mastery {
  readonly masteryState: MasteryState;
  readonly isDue: boolean;
}

/** How one child did with a set that was given. */
export interface HomeworkCell {
  readonly solved: number;
  /** Right at the first try and without help. */
  readonly atOnce: number;
}

/** A class across its children: every list by nickname is in the order of `students`. */
export interface ClassProgress {
  readonly classId: ClassId;
  readonly className: string;
  readonly termName: string;
  readonly students: readonly NameCard[];
  /** The topic that is needed most first; a cell for each child, undefined without an answer. */
  readonly topics: readonly {
    readonly topic: string;
    readonly cells: readonly (TopicCell | undefined)[];
  }[];
  /** Until when what is due was asked for, YYYY-MM-DD. */
  readonly byDay: string;
  /** What to repeat until then, and for whom. */
  readonly repeats: readonly {
    readonly topic: string;
    readonly weak: readonly string[];
    readonly due: readonly string[];
  }[];
  readonly groups: readonly { readonly names: readonly string[]; readonly topics: readonly string[] }[];
  /** In no group. */
  readonly alone: readonly string[];
  /** Sets given to the whole class, the newest first; a cell for each child, undefined where it has not begun. */
  readonly homework: readonly {
    readonly assignmentId: AssignmentId;
    readonly setName: string;
    readonly givenAt: string;
    readonly puzzleCount: number;
    readonly cells: readonly (HomeworkCell | undefined)[];
  }[];
  /** For each child: lessons of this class it was noted in, and its first answers in this class. */
  readonly attendance: readonly {
    readonly here: number;
    readonly away: number;
    readonly answers: number;
    readonly right: number;
  }[];
}
