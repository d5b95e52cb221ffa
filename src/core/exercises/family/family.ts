/**
 * The one idea that carries the teaching: everything a student answers is a task of an exercise family.
 *
 * A family knows its id, stage and skill, the schema of its task, how to respond during the answer and judge it at the end, the whole
 * solution, and its answer mode. Judging is a pure function of task and answer, the same on seat and server. Two kinds: a mate
 * puzzle carries a stored solution beside its task, for proving it takes a search; the solution of every other exercise follows from
 * its task in an instant. Sets, assignments, attempts and progress know families only through this interface; screens know answer
 * modes only.
 */
import type { z } from 'zod/mini';
import type { MoveText } from '../../notation';
import type { Answer, AnswerMode, AnswerOf } from './answer';
import type { AnswerForm, FamilyQuestion, Hint, RuleVariant, Scene } from './question';
import type { FamilyNote } from './note';
import type { Stage } from './stages';
import type { Verdict } from './verdict';

/** What happens next after the moves so far. */
export type TaskResponse<Note extends FamilyNote = FamilyNote> =
  | { readonly kind: 'reply'; readonly move: MoveText }
  | { readonly kind: 'verdict'; readonly verdict: Verdict<Note> };

/** How hard a task is, 1 to 5; a family says how many levels it has. */
export type Level = 1 | 2 | 3 | 4 | 5;
export const LEVELS: readonly Level[] = [1, 2, 3, 4, 5];

interface FamilyHead<Task> {
  readonly id: string;
  /** Raised when the task schema or the judging changes. */
  readonly version: number;
  readonly stage: Stage;
  /** What is trained, finer than the stage. */
  readonly skill: string;
  readonly answerMode: AnswerMode;
  readonly taskSchema: z.ZodMiniType<Task>;
}

/** Answered by moves, with a stored solution. */
export interface PuzzleFamily<Task, Solution> extends FamilyHead<Task> {
  readonly answerMode: 'play';
  readonly solutionSchema: z.ZodMiniType<Solution>;
  /** Reply or verdict after the student's latest move. */
  respond(task: Task, solution: Solution, moves: readonly MoveText[]): TaskResponse<never>;
  judge(task: Task, solution: Solution, answer: AnswerOf<'play'>): Verdict<never>;
  /** One whole right answer, as moves of both sides. */
  solution(task: Task, solution: Solution): MoveText[];
  /** A right move at this point of the answer; undefined when the answer has left the right way. */
  findRightMove(task: Task, solution: Solution, moves: readonly MoveText[]): MoveText | undefined;
}

/** A family whose solution follows from the task. */
export interface ExerciseFamily<
  Task,
  Mode extends AnswerMode = AnswerMode,
  Question extends FamilyQuestion = FamilyQuestion,
  Note extends FamilyNote = FamilyNote,
> extends FamilyHead<Task> {
  readonly answerMode: Mode;
  readonly levels: Level;
  question(task: Task): Question;
  scene(task: Task): Scene;
  ask(task: Task): Extract<AnswerForm, { kind: Mode }>;
  /** One whole right answer. */
  solution(task: Task): AnswerOf<Mode>;
  /** Pure and instant. */
  judge(task: Task, answer: AnswerOf<Mode>): Verdict<Note>;
  /** A number that is larger for a harder task: counted on the task, not typed in. */
  measure(task: Task): number;
  /** Which form of its rule helps here, where that depends on the task. */
  ruleVariant?(task: Task): RuleVariant;
  /** Steps of help after the rule itself, the smallest first. */
  hints(task: Task): readonly Hint[];
  /** Of an exercise in which somebody answers: the app's move after these, when they have not ended it. */
  reply?(task: Task, moves: readonly MoveText[]): MoveText | undefined;
  /** Of an exercise answered by moves: the moves that are right now, for the help. */
  listRightMoves?(task: Task, moves: readonly MoveText[]): readonly MoveText[];
}

/** An exercise with its task, as screens and services use it: of the family's own types only what it asks and says is left. */
export interface Exercise<
  Question extends FamilyQuestion = FamilyQuestion,
  Note extends FamilyNote = FamilyNote,
> {
  readonly question: Question;
  readonly scene: Scene;
  readonly ask: AnswerForm;
  readonly solution: Answer;
  readonly measure: number;
  /** The ladder: the rule first. */
  readonly hints: readonly Hint[];
  /** Throws when the answer is of another mode: its schema or the screen is wrong. */
  judge: (answer: Answer) => Verdict<Note>;
  /** Of an exercise answered by moves: reply or verdict after the latest move, and a right move after these. */
  respond: (moves: readonly MoveText[]) => TaskResponse<Note>;
  findRightMove: (moves: readonly MoveText[]) => MoveText | undefined;
}

/** A family behind the one interface: its task is parsed where it comes in. */
export interface OpenableFamily {
  readonly id: string;
  readonly version: number;
  readonly stage: Stage;
  readonly skill: string;
  readonly answerMode: AnswerMode;
  readonly levels: Level;
  /** Throws on a task that is none: stored tasks were parsed when they were made. */
  open(task: unknown): Exercise;
  isTask(task: unknown): boolean;
}

/** Puts a family behind the interface that all screens and services use. */
export function defineFamily<
  Task,
  Mode extends AnswerMode,
  Question extends FamilyQuestion,
  Note extends FamilyNote,
>(
  family: ExerciseFamily<Task, Mode, Question, Note>,
): ExerciseFamily<Task, Mode, Question, Note> & OpenableFamily {
  return {
    ...family,
    isTask: (task) => family.taskSchema.safeParse(task).success,
    open(input) {
      const task = family.taskSchema.parse(input);
      const judge = (answer: Answer) => {
        if (!isOfMode(answer, family.answerMode))
          throw new TypeError(`${family.id} is answered by ${family.answerMode}, not ${answer.kind}`);
        return family.judge(task, answer);
      };
      return {
        question: family.question(task),
        scene: family.scene(task),
        ask: family.ask(task),
        // Worked out when asked for: a screen that only judges does not wait for them.
        get solution() {
          return family.solution(task);
        },
        get measure() {
          return family.measure(task);
        },
        get hints(): readonly Hint[] {
          const variant = family.ruleVariant?.(task);
          return [
            variant === undefined ? { kind: 'rule' } : { kind: 'rule', variant },
            ...family.hints(task),
          ];
        },
        judge,
        respond(moves) {
          const verdict = judge({ kind: 'play', moves: [...moves], slips: 0 });
          const reply = verdict.outcome === 'unfinished' ? family.reply?.(task, moves) : undefined;
          return reply === undefined ? { kind: 'verdict', verdict } : { kind: 'reply', move: reply };
        },
        findRightMove: (moves) => family.listRightMoves?.(task, moves)[0],
      };
    },
  };
}

function isOfMode<Mode extends AnswerMode>(answer: Answer, mode: Mode): answer is AnswerOf<Mode> {
  return answer.kind === mode;
}
