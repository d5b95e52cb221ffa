import { z } from 'zod/mini';
import type { SolutionGraph } from '../puzzles';
import type { Answer } from './answer';
import { attackKindsFamily, attackMenFamily } from './attackAnswers';
import { attackFromFamily, trappedFamily, unprotectedFamily } from './attack';
import { bestSquareFamily } from './bestSquare';
import { capturesFamily, freeMenFamily } from './captures';
import { mayCastleFamily } from './castling';
import {
  answersToCheckFamily,
  isSafeMoveFamily,
  mateInOneFamily,
  stopMateFamily,
  whatIsItFamily,
} from './check';
import { squareColourFamily } from './colours';
import { LEVELS, type Exercise, type Level, type OpenableFamily } from './family';
import { findSquareFamily } from './findSquare';
import { forcingMovesFamily } from './forcingMoves';
import { drawKindFamily, resultFamily, stalematingFamily, whyStoppedFamily } from './gameEnds';
import { giveUpFamily, lastSquareFamily, rightOrderFamily, wholeLineFamily } from './habits';
import { kingSquaresFamily, whoTakesFamily } from './kingSquares';
import { nameLineFamily } from './lines';
import { mateFamily, type MateTask } from './mate';
import { missingManFamily, missingPartFamily } from './missingMan';
import {
  mateByNameFamily,
  nameMateFamily,
  openLineFamily,
  spareMenFamily,
  whoMatesFamily,
} from './namedMates';
import { nameSquareFamily } from './nameSquare';
import { pawnGameFamily } from './pawnGame';
import { poisonedFamily } from './poisoned';
import { countReachFamily, pawnMovesFamily, reachFamily } from './reach';
import { routeAnsweredFamily } from './routeAnswered';
import { collectFamily, routeFamily, routeUnguardedFamily } from './routes';
import { repairFamily, setUpFamily } from './setUp';
import { garbledLineFamily, keepScoreFamily } from './sheets';
import { signsFamily } from './signs';
import { mayPassFamily, promoteToFamily } from './specialPawns';
import { countOnSquareFamily, takeOrLeaveFamily, tradeFamily, whoIsAheadFamily } from './values';
import type { Stage } from './stages';
import type { Verdict } from './verdict';
import { playWrittenFamily, repairLineFamily, whichManFamily, writeMoveFamily } from './writing';

/** Every family whose solution follows from its task, in the order of the stages; a new one is added here and in its own file only. */
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
} as const;
export type ExerciseId = keyof typeof EXERCISES;
export const EXERCISE_IDS = Object.keys(EXERCISES) as ExerciseId[];
export type ExerciseTaskOf<Id extends ExerciseId> = Parameters<(typeof EXERCISES)[Id]['question']>[0];

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
export function openExercise({ family, task }: Pick<ExerciseTask, 'family' | 'task'>): Exercise {
  return getExerciseFamily(family).open(task);
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
