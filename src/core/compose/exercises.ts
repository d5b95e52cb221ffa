/**
 * Composers of the exercises: level and random numbers in, a fresh task out. What a level means stands at each; that measured
 * difficulty rises with it is tested.
 */
import { MAN_VALUES } from '../board';
import {
  EXERCISES,
  type ExerciseId,
  type ExerciseTask,
  type ExerciseTaskOf,
  type Level,
  type NotationWays,
  type Scale,
} from '../exercises';
import { createRandom } from '../shared';
import type { Composer } from './draw';
import { composeFindSquare } from './families/board/find-square';
import { composeNameSquare } from './families/board/name-square';
import { composeSquareColour } from './families/board/square-colour';
import { composeNameLine } from './families/board/name-line';
import { composeSetUp } from './families/board/set-up';
import { composeRepair } from './families/board/repair';
import { composeReach } from './families/movement/reach';
import { composeCountReach } from './families/movement/count-reach';
import { composeRoute } from './families/movement/route';
import { composeRouteUnguarded } from './families/movement/route-unguarded';
import { composeCollect } from './families/movement/collect';
import { composeRouteAnswered } from './families/movement/route-answered';
import { composeBestSquare } from './families/movement/best-square';
import { composeCaptures } from './families/capturing/captures';
import { composePawnMoves } from './families/capturing/pawn-moves';
import { composeFreeMen } from './families/capturing/free-men';
import { composePawnGame } from './families/capturing/pawn-game';
import { composeUnprotected } from './families/attack/unprotected';
import { composeAttackFrom } from './families/attack/attack-from';
import { composeTrapped } from './families/attack/trapped';
import { composeAttackKinds } from './families/attack/attack-kinds';
import { composeAttackMen } from './families/attack/attack-men';
import { composeWhoIsAhead } from './families/values/who-is-ahead';
import { composeTrade } from './families/values/trade';
import { composeCountOnSquare } from './families/values/count-on-square';
import { composeTakeOrLeave } from './families/values/take-or-leave';
import { composePoisoned } from './families/values/poisoned';
import { composeWhatIsIt } from './families/check/what-is-it';
import { composeDrawKind } from './families/check/draw-kind';
import { composeWhyStopped } from './families/check/why-stopped';
import { composeStalemating } from './families/check/stalemating';
import { composeAnswersToCheck } from './families/check/answers-to-check';
import { composeKingSquares } from './families/check/king-squares';
import { composeMateInOne } from './families/check/mate-in-one';
import { composeStopMate } from './families/check/stop-mate';
import { composeIsSafeMove } from './families/check/is-safe-move';
import { composeMayCastle } from './families/special-moves/may-castle';
import { composeMayPass } from './families/special-moves/may-pass';
import { composePromoteTo } from './families/special-moves/promote-to';
import { composeWriteMove } from './families/notation/write-move';
import { composePlayWritten } from './families/notation/play-written';
import { composeWhichMan } from './families/notation/which-man';
import { composeRepairLine } from './families/notation/repair-line';
import { composeGarbledLine } from './families/notation/garbled-line';
import { composeKeepScore } from './families/notation/keep-score';
import { composeSigns } from './families/notation/signs';
import { composeResult } from './families/notation/result';
import { composeNameMate } from './families/named-mates/name-mate';
import { composeMateByName } from './families/named-mates/mate-by-name';
import { composeMissingMan } from './families/named-mates/missing-man';
import { composeMissingPart } from './families/named-mates/missing-part';
import { composeWhoTakes } from './families/named-mates/who-takes';
import { composeSpareMen } from './families/named-mates/spare-men';
import { composeOpenLine } from './families/named-mates/open-line';
import { composeWhoMates } from './families/named-mates/who-mates';
import { composeGiveUp } from './families/named-mates/give-up';
import { composeForcingMoves } from './families/forced-mates/forcing-moves';
import { composeLastSquare } from './families/forced-mates/last-square';
import { composeWholeLine } from './families/forced-mates/whole-line';
import { composeRightOrder } from './families/forced-mates/right-order';

const COMPOSERS = {
  'find-square': composeFindSquare,
  'name-square': composeNameSquare,
  'square-colour': composeSquareColour,
  'name-line': composeNameLine,
  'set-up': composeSetUp,
  repair: composeRepair,
  reach: composeReach,
  'count-reach': composeCountReach,
  route: composeRoute,
  'route-unguarded': composeRouteUnguarded,
  collect: composeCollect,
  'route-answered': composeRouteAnswered,
  'best-square': composeBestSquare,
  captures: composeCaptures,
  'pawn-moves': composePawnMoves,
  'free-men': composeFreeMen,
  'pawn-game': composePawnGame,
  unprotected: composeUnprotected,
  'attack-from': composeAttackFrom,
  trapped: composeTrapped,
  'attack-kinds': composeAttackKinds,
  'attack-men': composeAttackMen,
  'who-is-ahead': composeWhoIsAhead,
  trade: composeTrade,
  'count-on-square': composeCountOnSquare,
  'take-or-leave': composeTakeOrLeave,
  poisoned: composePoisoned,
  'what-is-it': composeWhatIsIt,
  'draw-kind': composeDrawKind,
  'why-stopped': composeWhyStopped,
  stalemating: composeStalemating,
  'answers-to-check': composeAnswersToCheck,
  'king-squares': composeKingSquares,
  'mate-in-one': composeMateInOne,
  'stop-mate': composeStopMate,
  'is-safe-move': composeIsSafeMove,
  'may-castle': composeMayCastle,
  'may-pass': composeMayPass,
  'promote-to': composePromoteTo,
  'write-move': composeWriteMove,
  'play-written': composePlayWritten,
  'which-man': composeWhichMan,
  'repair-line': composeRepairLine,
  'garbled-line': composeGarbledLine,
  'keep-score': composeKeepScore,
  signs: composeSigns,
  result: composeResult,
  'name-mate': composeNameMate,
  'mate-by-name': composeMateByName,
  'missing-man': composeMissingMan,
  'missing-part': composeMissingPart,
  'who-takes': composeWhoTakes,
  'spare-men': composeSpareMen,
  'open-line': composeOpenLine,
  'who-mates': composeWhoMates,
  'give-up': composeGiveUp,
  'forcing-moves': composeForcingMoves,
  'last-square': composeLastSquare,
  'whole-line': composeWholeLine,
  'right-order': composeRightOrder,
} satisfies { readonly [Id in ExerciseId]: Composer<ExerciseTaskOf<Id>> };

/**
 * The same family, level, seed, values of men and ways of writing give the same task, on any machine; without them the usual ones hold.
 * Throws when the family has no such level.
 */
export function composeExercise(
  family: ExerciseId,
  level: Level,
  seed: number,
  values: Scale = { ...MAN_VALUES, king: 0 },
  ways?: NotationWays,
): ExerciseTask {
  if (level > EXERCISES[family].levels) throw new RangeError(`${family} has no level ${level}`);
  // Neighbouring seeds start far apart.
  const random = createRandom(Math.imul(seed + 1, 0x9e3779b1) ^ (level << 8));
  for (let count = 0; count < 3; count += 1) random();
  const task = COMPOSERS[family](random, level, values);
  return withWays({ family, level, task }, ways);
}

/** Only what the child writes freely is judged by the ways of the club. */
export function withWays(made: ExerciseTask, ways: NotationWays | undefined): ExerciseTask {
  const isWritten = made.family === 'write-move' || made.family === 'keep-score';
  return isWritten && ways !== undefined ? { ...made, task: { ...(made.task as object), ways } } : made;
}
