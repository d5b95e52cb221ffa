/**
 * Composers of the exercises: level and random numbers in, a fresh task out. What a level means stands at each; that measured
 * difficulty rises with it is tested.
 */
import { MAN_VALUES } from '../board';
import {
  composeMateByName,
  composeMissingMan,
  composeMissingPart,
  composeNameMate,
  composeOpenLine,
  composeWhoMates,
  composeGiveUp,
  composeSpareMen,
  composeWhoTakes,
} from './namedLessons';
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
import { composeColour, composeLine, composeRepair, composeSetUp, composeSquare } from './boardLessons';
import {
  composeAnswersToCheck,
  composeIsSafeMove,
  composeKingSquares,
  composeMateInOne,
  composeStopMate,
  composeWhatIsIt,
} from './checkLessons';
import type { Composer } from './draw';
import { composeDrawKind, composeResult, composeStalemating, composeWhyStopped } from './endLessons';
import { composeForcingMoves } from './forcingLessons';
import { composeLastSquare, composeRightOrder, composeWholeLine } from './habitLessons';
import {
  composeAttackFrom,
  composeBestSquare,
  composeCollect,
  composePawnGame,
  composePawnMoves,
  composeReach,
  composeRoute,
  composeRouteAnswered,
  composeTheirMen,
} from './menLessons';
import { composeMayCastle, composeMayPass, composePromoteTo } from './specialLessons';
import {
  composeAttackKinds,
  composeAttackMen,
  composeCountOnSquare,
  composePoisoned,
  composeTakeOrLeave,
  composeTrade,
  composeWhoIsAhead,
} from './valueLessons';
import {
  composeGarbledLine,
  composeKeepScore,
  composeRepairLine,
  composeSigns,
  composeWhichMan,
  composeWritten,
} from './writingLessons';

const COMPOSERS: { readonly [Id in ExerciseId]: Composer<ExerciseTaskOf<Id>> } = {
  'find-square': composeSquare,
  'name-square': composeSquare,
  'square-colour': composeColour,
  'name-line': composeLine,
  'set-up': composeSetUp,
  repair: composeRepair,
  reach: composeReach,
  'count-reach': composeReach,
  route: composeRoute('route'),
  'route-unguarded': composeRoute('route-unguarded'),
  collect: composeCollect,
  'route-answered': composeRouteAnswered,
  'best-square': composeBestSquare,
  captures: composeTheirMen('captures'),
  'pawn-moves': composePawnMoves,
  'free-men': composeTheirMen('free-men'),
  'pawn-game': composePawnGame,
  unprotected: composeTheirMen('unprotected'),
  'attack-from': composeAttackFrom,
  trapped: composeTheirMen('trapped'),
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
  'write-move': composeWritten('write-move'),
  'play-written': composeWritten('play-written'),
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
};

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
  // Only what the child writes freely is judged by the ways of the club.
  const isWritten = family === 'write-move' || family === 'keep-score';
  return { family, level, task: isWritten && ways !== undefined ? { ...task, ways } : task };
}
