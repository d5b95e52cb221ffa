/**
 * The one idea that carries the teaching: everything a student answers is a task of an exercise family.
 *
 * A family knows its id and skill, the schema of its task and stored solution, how to respond during the answer and
 * judge it at the end, the whole solution, and its answer mode. Judging is a pure function of task, solution and
 * answer, the same on seat and server. Sets, assignments, attempts and progress know families only through this
 * interface; screens know answer modes only.
 */
import { z } from 'zod';
import type { Square } from '../board';
import { parseMoveText, type MoveText } from '../notation';
import type { StoredFate } from '../puzzles';

/** How the student answers; one player on screen for each. */
export const ANSWER_MODES = ['play'] as const;
export type AnswerMode = (typeof ANSWER_MODES)[number];

/** What a student did, as stored with the attempt. `moves` holds both sides' moves from the home position on. */
export const answerSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('play'),
    moves: z
      .array(z.string().refine((text) => parseMoveText(text) !== undefined, 'not a move'))
      .min(1)
      .max(64),
    /** Moves taken back because the man had slipped to a neighbouring square. */
    slips: z.number().int().min(0).max(99).default(0),
  }),
]);
export type Answer = z.infer<typeof answerSchema>;

/** Kinds of mistake, as codes; their sentences live with the words of the pages. */
export const DIAGNOSES = [
  'stalemate',
  'draws',
  'slower',
  'gets-mated',
  'loses-men',
  'escapes',
  'not-in-task',
] as const;
export type Diagnosis = (typeof DIAGNOSES)[number];

/** right: the goal is reached; wrong: a move that loses it; unfinished: right so far. */
export const OUTCOMES = ['right', 'wrong', 'unfinished'] as const;
export type VerdictOutcome = (typeof OUTCOMES)[number];

export interface Verdict {
  readonly outcome: VerdictOutcome;
  readonly diagnoses: readonly Diagnosis[];
  /** Ply of the first wrong move, from 0; undefined unless wrong. */
  readonly wrongPly: number | undefined;
  /** What follows the wrong move and shows why it is wrong, up to a quiet end; may be empty. */
  readonly refutation: readonly MoveText[];
  /** What becomes of the wrong move, proved or seen; undefined unless wrong and known. */
  readonly fate: StoredFate | undefined;
}

/** What happens next after the moves so far. */
export type TaskResponse =
  | { readonly kind: 'reply'; readonly move: MoveText }
  | {
      readonly kind: 'verdict';
      readonly verdict: Verdict;
      /** The man landed next to where a right move would have taken it: it may have slipped. */
      readonly mayBeSlip: boolean;
    };

/** One step of the hint ladder. */
export interface Hint {
  readonly kind: 'man';
  readonly square: Square;
}

export interface Family<Task, Solution> {
  readonly id: string;
  /** Raised when the task schema or the judging changes. */
  readonly version: number;
  readonly skill: string;
  readonly answerMode: AnswerMode;
  readonly taskSchema: z.ZodType<Task>;
  readonly solutionSchema: z.ZodType<Solution>;
  /** Reply or verdict after the student's latest move. */
  respond(task: Task, solution: Solution, moves: readonly MoveText[]): TaskResponse;
  judge(task: Task, solution: Solution, answer: Answer): Verdict;
  /** One whole right answer, as moves of both sides. */
  solution(task: Task, solution: Solution): MoveText[];
  /** The first hint at this point of the answer; undefined when the answer has left the right way. */
  hint(task: Task, solution: Solution, moves: readonly MoveText[]): Hint | undefined;
}
