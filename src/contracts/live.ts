/**
 * A lesson while it runs: what the big board shows and asks, what the seats hear of it, and what came back. Nothing of it is kept in a
 * process: seats and windows read the stored rows again and again (`sinceMs` below).
 */
import { z } from 'zod/mini';
import {
  exerciseTaskSchema,
  type ExerciseTask,
  type MateTask,
  type NotationWays,
  type Scale,
} from '@/core/exercises';
import { parseFen, type MoveText } from '@/core/notation';
import { liveQuestionSchema } from './seatLesson';
import type { SpokenWords } from './houseWords';
import {
  classIdSchema,
  lessonIdSchema,
  liveIdSchema,
  questionIdSchema,
  requestIdSchema,
  studentIdSchema,
  taskIdSchema,
  type ClassId,
  type LessonId,
  type LiveId,
  type TaskId,
} from './ids';
import type { PlanItem, SegmentKind } from './lessons';

/** One thing the board shows; steps lead from one to the next. */
export type BoardStop =
  /** Any board, kings or not. */
  | { readonly kind: 'position'; readonly label: string; readonly fen: string }
  /** Moves that can be stepped through from their home position. */
  | {
      readonly kind: 'line';
      readonly label: string;
      readonly fen: string;
      readonly moves: readonly MoveText[];
    }
  | {
      readonly kind: 'mate';
      readonly label: string;
      readonly taskId: TaskId;
      readonly task: MateTask;
      /** One longest line of its solution. */
      readonly moves: readonly MoveText[];
    }
  | {
      readonly kind: 'stored';
      readonly label: string;
      readonly taskId: TaskId;
      readonly exercise: ExerciseTask;
    }
  /** One of the exercises of a round; the window composes them, the same ones from the same seed. */
  | {
      readonly kind: 'exercise';
      readonly label: string;
      readonly round: RoundRecipe;
      /** From 0. */
      readonly index: number;
    };

export type RoundRecipe = Pick<Extract<PlanItem, { kind: 'round' }>, 'family' | 'level' | 'seed' | 'count'>;

export interface BoardSegment {
  readonly kind: SegmentKind;
  readonly title: string;
  readonly minutes: number;
  readonly notes: string;
  readonly stops: readonly BoardStop[];
}

/** Where the board stands; both from 0. */
export const placeSchema = z.object({
  segment: z.int().check(z.minimum(0), z.maximum(99)),
  stop: z.int().check(z.minimum(0), z.maximum(999)),
});
export type BoardPlace = z.infer<typeof placeSchema>;

export const beginLiveSchema = z.object({
  requestId: requestIdSchema,
  classId: classIdSchema,
  /** Whose plan the board steps through; without one it is empty. */
  lessonId: z.optional(lessonIdSchema),
});
export type BeginLive = z.infer<typeof beginLiveSchema>;

export const saveLivePlaceSchema = z.object({ liveId: liveIdSchema, place: placeSchema });
export type SaveLivePlace = z.infer<typeof saveLivePlaceSchema>;
export const endLiveSchema = z.object({ liveId: liveIdSchema });

const fenSchema = z.string().check(
  z.maxLength(120),
  z.refine((text) => parseFen(text).ok, 'no position'),
);

export const askSchema = z.object({
  requestId: requestIdSchema,
  liveId: liveIdSchema,
  /** A stored puzzle or an exercise is answered as such; without one every move of the position is an answer. */
  taskId: z.optional(taskIdSchema),
  exercise: z.optional(exerciseTaskSchema),
  fen: fenSchema,
  words: z.string().check(z.trim(), z.minLength(1), z.maxLength(200)),
});
export type AskQuestion = z.infer<typeof askSchema>;
export const closeQuestionSchema = z.object({ questionId: questionIdSchema });

export const openLiveTaskSchema = z.object({ questionId: questionIdSchema });

/** What the big board and the coach's window open with. */
export interface BoardPage {
  readonly classId: ClassId;
  readonly className: string;
  /** What children type to come to their seats. */
  readonly joinCode: string;
  readonly mayTeach: boolean;
  readonly live:
    | { readonly liveId: LiveId; readonly lessonId: LessonId | undefined; readonly place: BoardPlace }
    | undefined;
  readonly planTitle: string | undefined;
  readonly segments: readonly BoardSegment[];
  readonly values: Scale;
  readonly ways: NotationWays | undefined;
  /** As the class hears them: the board speaks to it, not to its coach. */
  readonly spoken: SpokenWords;
}

/** One answer as it is told to the coach. The key is unlike that of every other answer. */
export const liveAnswerSchema = z.object({
  key: z.string(),
  questionId: questionIdSchema,
  /** Absent: called out and entered by the coach. */
  studentId: z.optional(studentIdSchema),
  /** A move of the position, or the answer to a task in words. */
  answer: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('move'), move: z.string() }),
    z.object({ kind: z.literal('task'), text: z.string(), isRight: z.boolean() }),
  ]),
  answeredAt: z.string(),
});
export type LiveAnswer = z.infer<typeof liveAnswerSchema>;

/**
 * Ids become visible in another order than they are given out, because transactions end when they like. So who reads again asks from some
 * seconds before the last reading, and drops the keys it has.
 */
export const OVERLAP_MS = 5000;

export const liveNewsSchema = z.object({
  /** The server's clock at the last reading; nothing: from the beginning of the question. */
  sinceMs: z.optional(z.coerce.number().check(z.int(), z.minimum(0))),
  /** The question those readings were about. */
  questionId: z.optional(questionIdSchema),
});
export type LiveNewsQuery = z.infer<typeof liveNewsSchema>;

export const liveNewsAnswerSchema = z.object({
  /** The server's clock at this reading. */
  nowMs: z.number(),
  liveId: z.optional(liveIdSchema),
  place: z.optional(placeSchema),
  /** The newest question of the lesson. */
  question: z.optional(liveQuestionSchema),
  students: z.array(z.object({ studentId: studentIdSchema, name: z.string() })),
  answers: z.array(liveAnswerSchema),
});
export type LiveNews = z.infer<typeof liveNewsAnswerSchema>;
