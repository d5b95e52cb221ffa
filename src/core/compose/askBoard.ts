/**
 * Lists every question that makes sense on one board. `FITS` has one entry per family: what it can ask of the coach's own board. The tasks it
 * returns are like all others: judged, helped with, printed and stored the same way.
 */
import {
  EXERCISE_IDS,
  EXERCISES,
  getExerciseFamily,
  type ExerciseId,
  type ExerciseTask,
  type ExerciseTaskOf,
  type Level,
  type NotationWays,
} from '../exercises';
import { fitsAnyGame, misfit, type BroughtBoard, type Fit, type Fits } from './brought';
import { withWays } from './exercises';
import { fitsAttackFrom, fitsAttackKinds, fitsAttackMen } from './families/attack/fits';
import { fitsOwnBoards } from './families/board/fits';
import { fitsTheirMen } from './families/capturing/fits';
import {
  fitsAnswersToCheck,
  fitsChosenMove,
  fitsKingSquares,
  fitsStalemating,
  fitsStopMate,
  fitsStory,
} from './families/check/fits';
import { fitsForcingMoves, fitsProved } from './families/forced-mates/fits';
import { fitsBestSquare, fitsRouteAnswered, makeReachFits, makeRouteFits } from './families/movement/fits';
import {
  fitsMate,
  fitsMateByName,
  fitsMissingMan,
  fitsMissingPart,
  fitsNameMate,
} from './families/named-mates/fits';
import { fitsKeepScore, fitsSigns, fitsWhichMan } from './families/notation/fits';
import { fitsMayCastle, fitsMayPass, fitsPromoteTo } from './families/special-moves/fits';
import { fitsCapture, fitsCountOnSquare, fitsWhoIsAhead } from './families/values/fits';

const FITS = {
  'find-square': fitsOwnBoards,
  'name-square': fitsOwnBoards,
  'square-colour': fitsOwnBoards,
  'name-line': fitsOwnBoards,
  'set-up': fitsOwnBoards,
  repair: fitsOwnBoards,
  reach: makeReachFits((role) => role !== 'pawn'),
  'count-reach': makeReachFits(() => true),
  route: makeRouteFits('to-squares'),
  'route-unguarded': makeRouteFits('to-squares'),
  collect: makeRouteFits('to-men'),
  'route-answered': fitsRouteAnswered,
  'best-square': fitsBestSquare,
  captures: fitsTheirMen,
  'pawn-moves': makeReachFits((role) => role === 'pawn'),
  'free-men': fitsTheirMen,
  'pawn-game': fitsOwnBoards,
  unprotected: fitsTheirMen,
  'attack-from': fitsAttackFrom,
  trapped: fitsTheirMen,
  'attack-kinds': fitsAttackKinds,
  'attack-men': fitsAttackMen,
  'who-is-ahead': fitsWhoIsAhead,
  trade: fitsOwnBoards,
  'count-on-square': fitsCountOnSquare,
  'take-or-leave': fitsCapture,
  poisoned: fitsCapture,
  'what-is-it': fitsAnyGame,
  'draw-kind': fitsStory,
  'why-stopped': fitsStory,
  stalemating: fitsStalemating,
  'answers-to-check': fitsAnswersToCheck,
  'king-squares': fitsKingSquares,
  'mate-in-one': fitsAnyGame,
  'stop-mate': fitsStopMate,
  'is-safe-move': fitsChosenMove,
  'may-castle': fitsMayCastle,
  'may-pass': fitsMayPass,
  'promote-to': fitsPromoteTo,
  'write-move': fitsChosenMove,
  'play-written': fitsChosenMove,
  'which-man': fitsWhichMan,
  'repair-line': fitsOwnBoards,
  'garbled-line': fitsOwnBoards,
  'keep-score': fitsKeepScore,
  signs: fitsSigns,
  result: fitsOwnBoards,
  'name-mate': fitsNameMate,
  'mate-by-name': fitsMateByName,
  'missing-man': fitsMissingMan,
  'missing-part': fitsMissingPart,
  'who-takes': fitsMate,
  'spare-men': fitsMate,
  'open-line': fitsAnyGame,
  'who-mates': fitsAnyGame,
  'give-up': fitsProved,
  'forcing-moves': fitsForcingMoves,
  'last-square': fitsProved,
  'whole-line': fitsProved,
  'right-order': fitsProved,
} satisfies { readonly [Id in ExerciseId]: Fits<ExerciseTaskOf<Id>> };

/** What one family can ask of a board, or why it has nothing to ask. */
export interface FamilyFit {
  readonly family: ExerciseId;
  readonly fit: Fit<ExerciseTask>;
}

/** For each family in the order of the stages; nothing is left out. Written moves are judged by the ways of the club. */
export function listBoardQuestions(brought: BroughtBoard, ways?: NotationWays): FamilyFit[] {
  return EXERCISE_IDS.map((family) => ({ family, fit: findFit(family, brought, ways) }));
}

/** A family says no itself to what would have no answer, or more than one. */
function findFit(
  family: ExerciseId,
  brought: BroughtBoard,
  ways: NotationWays | undefined,
): Fit<ExerciseTask> {
  const fit: Fit<unknown> = FITS[family](brought);
  if (fit.kind === 'misfit') return fit;
  const level = levelOfBrought(family);
  const tasks = fit.tasks
    .filter((task) => getExerciseFamily(family).isTask(task))
    .map((task) => withWays({ family, level, task }, ways));
  return tasks.length === 0 ? misfit('nothing-here') : { kind: 'fits', tasks };
}

/** Nobody has measured a board that was brought: it is taken for one of the middle until children have answered it. */
function levelOfBrought(family: ExerciseId): Level {
  return Math.ceil(EXERCISES[family].levels / 2) as Level;
}
