/**
 * The one idea that carries the teaching: everything a student answers is a task of an exercise family.
 *
 * A family knows its id and skill, the schema of its task and stored solution, how to respond during the answer and
 * judge it at the end, the whole solution, and its answer mode. Judging is a pure function of task, solution and
 * answer, the same on seat and server. Sets, assignments, attempts and progress know families only through this
 * interface; screens know answer modes only.
 */
import { z } from 'zod';
import type { Board, Role, Side, Square } from '../board';
import { parseMoveText, type MoveText } from '../notation';
import type { StoredFate } from '../puzzles';

/** How the student answers; one player on screen for each. */
export const ANSWER_MODES = ['play', 'tap'] as const;
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

/** What every family says of itself. */
interface FamilyHead<Task> {
  readonly id: string;
  /** Raised when the task schema or the judging changes. */
  readonly version: number;
  readonly skill: string;
  readonly answerMode: AnswerMode;
  readonly taskSchema: z.ZodType<Task>;
}

/** Answered by moves, with a stored solution. */
export interface Family<Task, Solution> extends FamilyHead<Task> {
  readonly answerMode: 'play';
  readonly solutionSchema: z.ZodType<Solution>;
  /** Reply or verdict after the student's latest move. */
  respond(task: Task, solution: Solution, moves: readonly MoveText[]): TaskResponse;
  judge(task: Task, solution: Solution, answer: Answer): Verdict;
  /** One whole right answer, as moves of both sides. */
  solution(task: Task, solution: Solution): MoveText[];
  /** The first hint at this point of the answer; undefined when the answer has left the right way. */
  hint(task: Task, solution: Solution, moves: readonly MoveText[]): Hint | undefined;
}

/** How hard a task is, 1 to 5; a family says how many levels it has. */
export type Level = 1 | 2 | 3 | 4 | 5;

/** The board a tapping task is shown on. */
export interface TapScene {
  readonly board: Board;
  /** Undefined: nobody's turn is asked about. */
  readonly turn: Side | undefined;
  readonly bottom: Side;
  readonly hasCoordinates: boolean;
  /** The man that is asked about. */
  readonly asked: Square | undefined;
  /** One square answers it: no more than one is marked at a time. */
  readonly isSingle: boolean;
}

/** Why a marked square is not right, or which one is missing, with the men and squares its sentence names. */
export type TapNote =
  | { readonly code: 'missed'; readonly square: Square; readonly from: Square; readonly role: Role }
  | { readonly code: 'own-man'; readonly square: Square; readonly role: Role }
  /** A man on `by` stands on the way of the man on `from`. */
  | { readonly code: 'behind'; readonly square: Square; readonly role: Role; readonly by: Square }
  | { readonly code: 'not-its-way'; readonly square: Square; readonly role: Role }
  | { readonly code: 'own-square'; readonly square: Square; readonly role: Role }
  | { readonly code: 'pawn-takes-slantwise'; readonly square: Square }
  | { readonly code: 'pawn-needs-a-man'; readonly square: Square }
  | { readonly code: 'not-taken'; readonly square: Square; readonly role: Role }
  | {
      readonly code: 'protected';
      readonly square: Square;
      readonly role: Role;
      readonly by: Square;
      readonly byRole: Role;
    }
  | { readonly code: 'unprotected'; readonly square: Square; readonly role: Role }
  | { readonly code: 'nobody-there' | 'own-side'; readonly square: Square }
  | {
      readonly code: 'rank-before-file' | 'wrong-file' | 'wrong-rank' | 'another-square';
      readonly square: Square;
      readonly asked: Square;
    };

export interface TapVerdict {
  readonly outcome: 'right' | 'wrong';
  /** Marked squares that are right, marked ones that are not, and right ones without a mark. */
  readonly right: readonly Square[];
  readonly extra: readonly Square[];
  readonly missed: readonly Square[];
  /** One for each extra and missed square, the extra ones first. */
  readonly notes: readonly TapNote[];
}

/** Answered by tapping squares; the solution follows from the task, so nothing is stored beside it. */
export interface TapFamily<Task> extends FamilyHead<Task> {
  readonly answerMode: 'tap';
  readonly levels: Level;
  scene(task: Task): TapScene;
  /** Every right square, in ascending order. */
  solution(task: Task): Square[];
  /** Pure and instant; the order of the marks says nothing. */
  judge(task: Task, marks: readonly Square[]): TapVerdict;
  /** A number that is larger for a harder task: counted on the task, not typed in. */
  measure(task: Task): number;
}
