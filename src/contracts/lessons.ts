/** What is to be taught (a plan with its segments), when (lessons), and who was there. */
import { z } from 'zod/mini';
import { LESSON_MINUTES, MOST_LETTERS, MOST_SEGMENT_MINUTES } from './bounds';
import { EXERCISE_IDS, LEVELS, STAGES } from '@/core/exercises';
import { parseFen, readPgn, type PgnGame } from '@/core/notation';
import { PATTERN_IDS } from '@/core/patterns';
import {
  classIdSchema,
  lessonIdSchema,
  planIdSchema,
  requestIdSchema,
  setIdSchema,
  studentIdSchema,
  type ClassId,
  type LessonId,
  type PlanId,
  type StudentId,
} from './ids';
import { nameSchema, type NameCard } from './people';
import { daySchema } from './terms';

export const SEGMENT_KINDS = ['show', 'ask', 'practise', 'play', 'homework'] as const;
export type SegmentKind = (typeof SEGMENT_KINDS)[number];

const fenSchema = z.string().check(
  z.maxLength(120),
  z.refine((text) => parseFen(text).ok, 'no position'),
);
const labelSchema = z._default(z.string().check(z.trim(), z.maxLength(MOST_LETTERS.title)), '');

/** The one game of a text, without a fault. */
export function findLine(text: string): PgnGame | undefined {
  const [read, more] = readPgn(text);
  return more === undefined && read?.fault === undefined ? read?.game : undefined;
}

/** Has the game comments or variations? A line on the board has its moves alone. */
export function hasMoreThanMoves({ line }: PgnGame): boolean {
  return line.some(({ before, after, variations }) => before.length + after.length + variations.length > 0);
}

/** What a segment holds. Positions may be any board of the study board, kings or not. */
export const planItemSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('position'), fen: fenSchema, label: labelSchema }),
  /** Moves from the first position or from one given by a FEN tag, as PGN. */
  z.object({
    kind: z.literal('line'),
    // Whether it is a line the service asks a worker: reading moves takes its time.
    pgn: z.string().check(z.minLength(1), z.maxLength(4000)),
    label: labelSchema,
  }),
  z.object({ kind: z.literal('pattern'), pattern: z.enum(PATTERN_IDS) }),
  z.object({
    kind: z.literal('round'),
    family: z.enum(EXERCISE_IDS),
    level: z.literal(LEVELS),
    seed: z.int().check(z.minimum(1), z.maximum(999_999)),
    count: z.int().check(z.minimum(1), z.maximum(20)),
  }),
  /** A set or a staircase of the club. */
  z.object({ kind: z.literal('set'), setId: setIdSchema }),
]);
export type PlanItem = z.infer<typeof planItemSchema>;

export const segmentSchema = z.object({
  /** Made where the segment is added; tells segments apart while they are put into order. */
  key: z.string().check(z.minLength(1), z.maxLength(40)),
  kind: z.enum(SEGMENT_KINDS),
  title: z.string().check(z.trim(), z.maxLength(MOST_LETTERS.title)),
  minutes: z.int().check(z.minimum(0), z.maximum(MOST_SEGMENT_MINUTES)),
  /** What the coach wants to say or not to forget. */
  notes: z.string().check(z.trim(), z.maxLength(MOST_LETTERS.notes)),
  items: z.array(planItemSchema).check(z.maxLength(40)),
});
export type Segment = z.infer<typeof segmentSchema>;
export const segmentsSchema = z.array(segmentSchema).check(z.maxLength(30));

/** All lines of a plan together: a game of forty moves is some three hundred letters. */
const MOST_LINE_LETTERS = 20_000;

function countLineLetters(segments: readonly Segment[]): number {
  const items = segments.flatMap((segment) => segment.items);
  return items.reduce((sum, item) => sum + (item.kind === 'line' ? item.pgn.length : 0), 0);
}

export const newPlanSchema = z.object({
  requestId: requestIdSchema,
  classId: classIdSchema,
  title: nameSchema(MOST_LETTERS.title),
  /** What it begins with: a stage's usual lesson, or another plan. */
  from: z.optional(
    z.discriminatedUnion('kind', [
      z.object({ kind: z.literal('stage'), stage: z.enum(STAGES) }),
      z.object({ kind: z.literal('plan'), planId: planIdSchema }),
    ]),
  ),
});
export type NewPlan = z.infer<typeof newPlanSchema>;

export const savePlanSchema = z.object({
  planId: planIdSchema,
  /** As it was read: when somebody has saved meanwhile, nothing is overwritten. */
  revision: z.int().check(z.minimum(1)),
  title: nameSchema(MOST_LETTERS.title),
  segments: segmentsSchema.check(
    z.refine(
      (segments) => countLineLetters(segments) <= MOST_LINE_LETTERS,
      'more lines than a lesson can hold',
    ),
  ),
});
export type SavePlan = z.infer<typeof savePlanSchema>;
export const removePlanSchema = z.object({ planId: planIdSchema });

export interface PlanSummary {
  readonly planId: PlanId;
  readonly classId: ClassId;
  readonly className: string;
  readonly title: string;
  readonly minutes: number;
}

export interface LessonPlan extends PlanSummary {
  readonly revision: number;
  readonly segments: readonly Segment[];
  readonly mayChange: boolean;
}

/** Local times of the club. */
const timeSchema = z.string().check(z.regex(/^([01]\d|2[0-3]):[0-5]\d$/));

/** The same hour on these days of the week (1 Monday to 7 Sunday) from one day to another; one day alone is one lesson. */
export const scheduleSchema = z.object({
  classId: classIdSchema,
  weekdays: z.array(z.int().check(z.minimum(1), z.maximum(7))).check(z.minLength(1), z.maxLength(7)),
  startsAt: timeSchema,
  minutes: z.int().check(z.minimum(LESSON_MINUTES.least), z.maximum(LESSON_MINUTES.most)),
  from: daySchema,
  to: daySchema,
});
export type Schedule = z.infer<typeof scheduleSchema>;

export const changeLessonSchema = z.object({
  lessonId: lessonIdSchema,
  planId: z.optional(z.nullable(planIdSchema)),
  isCancelled: z.optional(z.boolean()),
});
export type ChangeLesson = z.infer<typeof changeLessonSchema>;

export const lessonsFileSchema = z.object({ classId: classIdSchema });

export const newHolidaySchema = z.object({
  name: nameSchema(MOST_LETTERS.name),
  startsOn: daySchema,
  /** The last free day. */
  endsOn: daySchema,
});
export type NewHoliday = z.infer<typeof newHolidaySchema>;
export const removeHolidaySchema = z.object({ holidayId: z.coerce.number().check(z.int(), z.positive()) });

export interface Holiday extends NewHoliday {
  readonly holidayId: number;
}

export interface Lesson {
  readonly lessonId: LessonId;
  readonly day: string;
  readonly startsAt: string;
  readonly minutes: number;
  readonly plan: { readonly planId: PlanId; readonly title: string } | undefined;
  readonly isCancelled: boolean;
  /** The holiday it falls into. */
  readonly holiday: string | undefined;
  readonly hereCount: number;
  readonly awayCount: number;
}

export interface LessonsPage {
  readonly classId: ClassId;
  readonly className: string;
  readonly termName: string;
  readonly mayChange: boolean;
  readonly isLead: boolean;
  readonly lessons: readonly Lesson[];
  readonly plans: readonly PlanSummary[];
  /** Plans of other classes that may be copied. */
  readonly otherPlans: readonly PlanSummary[];
  readonly holidays: readonly Holiday[];
  readonly today: string;
  readonly term: { readonly startsOn: string; readonly endsOn: string };
}

export const attendanceSchema = z.object({
  lessonId: lessonIdSchema,
  studentId: studentIdSchema,
  /** Null: not known. */
  wasHere: z.nullable(z.boolean()),
});
export type Attendance = z.infer<typeof attendanceSchema>;

export interface LessonPage extends Lesson {
  readonly classId: ClassId;
  readonly className: string;
  readonly mayChange: boolean;
  /** Who was in the class on that day. */
  readonly students: readonly (NameCard & {
    readonly wasHere: boolean | undefined;
    /** The catch-up round lies on its seat. */
    readonly hasCatchUp: boolean;
  })[];
  /** Tasks a child that was away can catch up with. */
  readonly catchUpCount: number;
}

export const catchUpSchema = z.object({
  requestId: requestIdSchema,
  lessonId: lessonIdSchema,
  studentIds: z.array(studentIdSchema).check(z.minLength(1), z.maxLength(60)),
});
export type CatchUp = z.infer<typeof catchUpSchema>;

/** Who was given the round. */
export interface CaughtUp {
  readonly studentIds: readonly StudentId[];
}
