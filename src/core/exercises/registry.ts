import { z } from 'zod/mini';
import type { SolutionGraph } from '../puzzles';
import type { Answer } from './family/answer';
import { LEVELS, type Exercise, type Level, type OpenableFamily } from './family/family';
import { mateFamily, type MateTask } from './families/forced-mates/mate';
import type { Stage } from './family/stages';
import type { ReasonIn } from './answers/choose';
import type { Verdict } from './family/verdict';
import { findSquareFamily } from './families/board/find-square';
import { nameSquareFamily } from './families/board/name-square';
import { squareColourFamily } from './families/board/square-colour';
import { nameLineFamily } from './families/board/name-line';
import { setUpFamily } from './families/board/set-up';
import { repairFamily } from './families/board/repair';
import { reachFamily } from './families/movement/reach';
import { countReachFamily } from './families/movement/count-reach';
import { routeFamily } from './families/movement/route';
import { routeUnguardedFamily } from './families/movement/route-unguarded';
import { collectFamily } from './families/movement/collect';
import { routeAnsweredFamily } from './families/movement/route-answered';
import { bestSquareFamily } from './families/movement/best-square';
import { capturesFamily } from './families/capturing/captures';
import { pawnMovesFamily } from './families/capturing/pawn-moves';
import { freeMenFamily } from './families/capturing/free-men';
import { pawnGameFamily } from './families/capturing/pawn-game';
import { unprotectedFamily } from './families/attack/unprotected';
import { attackFromFamily } from './families/attack/attack-from';
import { trappedFamily } from './families/attack/trapped';
import { attackKindsFamily } from './families/attack/attack-kinds';
import { attackMenFamily } from './families/attack/attack-men';
import { whoIsAheadFamily } from './families/values/who-is-ahead';
import { tradeFamily } from './families/values/trade';
import { countOnSquareFamily } from './families/values/count-on-square';
import { takeOrLeaveFamily } from './families/values/take-or-leave';
import { poisonedFamily } from './families/values/poisoned';
import { whatIsItFamily } from './families/check/what-is-it';
import { drawKindFamily } from './families/check/draw-kind';
import { whyStoppedFamily } from './families/check/why-stopped';
import { stalematingFamily } from './families/check/stalemating';
import { answersToCheckFamily } from './families/check/answers-to-check';
import { kingSquaresFamily } from './families/check/king-squares';
import { mateInOneFamily } from './families/check/mate-in-one';
import { stopMateFamily } from './families/check/stop-mate';
import { isSafeMoveFamily } from './families/check/is-safe-move';
import { mayCastleFamily } from './families/special-moves/may-castle';
import { mayPassFamily } from './families/special-moves/may-pass';
import { promoteToFamily } from './families/special-moves/promote-to';
import { writeMoveFamily } from './families/notation/write-move';
import { playWrittenFamily } from './families/notation/play-written';
import { whichManFamily } from './families/notation/which-man';
import { repairLineFamily } from './families/notation/repair-line';
import { garbledLineFamily } from './families/notation/garbled-line';
import { keepScoreFamily } from './families/notation/keep-score';
import { signsFamily } from './families/notation/signs';
import { resultFamily } from './families/notation/result';
import { nameMateFamily } from './families/named-mates/name-mate';
import { mateByNameFamily } from './families/named-mates/mate-by-name';
import { missingManFamily } from './families/named-mates/missing-man';
import { missingPartFamily } from './families/named-mates/missing-part';
import { whoTakesFamily } from './families/named-mates/who-takes';
import { spareMenFamily } from './families/named-mates/spare-men';
import { openLineFamily } from './families/named-mates/open-line';
import { whoMatesFamily } from './families/named-mates/who-mates';
import { giveUpFamily } from './families/named-mates/give-up';
import { forcingMovesFamily } from './families/forced-mates/forcing-moves';
import { lastSquareFamily } from './families/forced-mates/last-square';
import { wholeLineFamily } from './families/forced-mates/whole-line';
import { rightOrderFamily } from './families/forced-mates/right-order';

/** Every family whose solution follows from its task, in the order of the stages; keyed by its id. */
export const EXERCISES = {
  'find-square': findSquareFamily,
  'name-square': nameSquareFamily,
  'square-colour': squareColourFamily,
  'name-line': nameLineFamily,
  'set-up': setUpFamily,
  repair: repairFamily,
  reach: reachFamily,
  'count-reach': countReachFamily,
  route: routeFamily,
  'route-unguarded': routeUnguardedFamily,
  collect: collectFamily,
  'route-answered': routeAnsweredFamily,
  'best-square': bestSquareFamily,
  captures: capturesFamily,
  'pawn-moves': pawnMovesFamily,
  'free-men': freeMenFamily,
  'pawn-game': pawnGameFamily,
  unprotected: unprotectedFamily,
  'attack-from': attackFromFamily,
  trapped: trappedFamily,
  'attack-kinds': attackKindsFamily,
  'attack-men': attackMenFamily,
  'who-is-ahead': whoIsAheadFamily,
  trade: tradeFamily,
  'count-on-square': countOnSquareFamily,
  'take-or-leave': takeOrLeaveFamily,
  poisoned: poisonedFamily,
  'what-is-it': whatIsItFamily,
  'draw-kind': drawKindFamily,
  'why-stopped': whyStoppedFamily,
  stalemating: stalematingFamily,
  'answers-to-check': answersToCheckFamily,
  'king-squares': kingSquaresFamily,
  'mate-in-one': mateInOneFamily,
  'stop-mate': stopMateFamily,
  'is-safe-move': isSafeMoveFamily,
  'may-castle': mayCastleFamily,
  'may-pass': mayPassFamily,
  'promote-to': promoteToFamily,
  'write-move': writeMoveFamily,
  'play-written': playWrittenFamily,
  'which-man': whichManFamily,
  'repair-line': repairLineFamily,
  'garbled-line': garbledLineFamily,
  'keep-score': keepScoreFamily,
  signs: signsFamily,
  result: resultFamily,
  'name-mate': nameMateFamily,
  'mate-by-name': mateByNameFamily,
  'missing-man': missingManFamily,
  'missing-part': missingPartFamily,
  'who-takes': whoTakesFamily,
  'spare-men': spareMenFamily,
  'open-line': openLineFamily,
  'who-mates': whoMatesFamily,
  'give-up': giveUpFamily,
  'forcing-moves': forcingMovesFamily,
  'last-square': lastSquareFamily,
  'whole-line': wholeLineFamily,
  'right-order': rightOrderFamily,
} as const satisfies Readonly<Record<string, OpenableFamily>>;
export type ExerciseId = keyof typeof EXERCISES;
export const EXERCISE_IDS = Object.keys(EXERCISES) as ExerciseId[];
export type ExerciseTaskOf<Id extends ExerciseId> = Parameters<(typeof EXERCISES)[Id]['question']>[0];

/** What a family asks. */
export type QuestionOf<Id extends ExerciseId> = ReturnType<(typeof EXERCISES)[Id]['question']>;
export type Question = QuestionOf<ExerciseId>;

/** What a family says of the parts of an answer, and its reasons for a choice. */
export type NoteOf<Id extends ExerciseId> =
  ReturnType<(typeof EXERCISES)[Id]['judge']> extends Verdict<infer Note> ? Note : never;
export type Note = NoteOf<ExerciseId>;
export type ReasonOf<Id extends ExerciseId> = ReasonIn<NoteOf<Id>>;
export type Reason = ReasonOf<ExerciseId>;

/** A task with its family and level: what a composer makes, a store keeps and a screen shows. */
export const exerciseTaskSchema = z
  .object({
    family: z.enum(EXERCISE_IDS),
    level: z.union([z.literal(1), z.literal(2), z.literal(3), z.literal(4), z.literal(5)]),
    task: z.unknown(),
  })
  .check(z.refine(({ family, task }) => getExerciseFamily(family).isTask(task), 'not a task of this family'));
export interface ExerciseTask {
  readonly family: ExerciseId;
  readonly level: Level;
  readonly task: unknown;
}

/** The family behind the one interface, whatever its task. */
export function getExerciseFamily(id: ExerciseId): OpenableFamily {
  return EXERCISES[id];
}

/** The levels a family has. */
export function listLevels(id: ExerciseId): Level[] {
  return LEVELS.filter((level) => level <= EXERCISES[id].levels);
}

/** Opens a task of any family. Throws on one that is none. */
export function openExercise({
  family,
  task,
}: Pick<ExerciseTask, 'family' | 'task'>): Exercise<Question, Note> {
  // A family opens its own tasks, so what it asks and says is its own.
  return getExerciseFamily(family).open(task) as Exercise<Question, Note>;
}

/** Every family there is: the mate puzzles with their stored proofs, and the exercises. */
export type FamilyId = ExerciseId | 'mate';
export const familyIdSchema = z.enum([...EXERCISE_IDS, 'mate']);

/** The stage a family belongs to. */
export function findStage(family: FamilyId): Stage {
  return family === 'mate' ? mateFamily.stage : EXERCISES[family].stage;
}

/** What is stored of a task: a puzzle with its solution, an exercise without. */
export type StoredTask =
  | { readonly family: 'mate'; readonly task: MateTask; readonly solution: SolutionGraph }
  | { readonly family: ExerciseId; readonly task: unknown };

/** Judges an answer to a stored task. */
export function judgeAnswer(stored: StoredTask, answer: Answer): Verdict | 'another-mode' {
  if (stored.family !== 'mate') {
    return answer.kind === EXERCISES[stored.family].answerMode
      ? openExercise(stored).judge(answer)
      : 'another-mode';
  }
  if (answer.kind !== 'play') return 'another-mode';
  return mateFamily.judge(stored.task, stored.solution, answer);
}
