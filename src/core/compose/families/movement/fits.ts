/** What the families of movement ask of a board that is brought: of the chosen piece, with the squares chosen after it. */
import { opponentOf, type Role, type Square } from '../../../board';
import { EVEN_WEIGHTS, type ExerciseTaskOf } from '../../../exercises';
import { findChosenMan, fitting, misfit, type BroughtBoard, type Fits } from '../../brought';

/** A task has this many targets at most. */
const MOST_TARGETS = 4;
const MOST_CANDIDATES = 5;

/** Where the chosen piece can go, if it is of this kind. */
export const makeReachFits =
  (isAsked: (role: Role) => boolean): Fits<ExerciseTaskOf<'reach'>> =>
  (brought) => {
    const chosen = findChosenMan(brought);
    return chosen === undefined || !isAsked(chosen.man.role)
      ? misfit('needs-piece')
      : fitting({ fen: brought.fen, square: chosen.square });
  };

/** The way of the chosen piece to the squares chosen after it; to collect, to all their men where none was chosen. */
export const makeRouteFits =
  (kind: 'to-squares' | 'to-men'): Fits<ExerciseTaskOf<'route'>> =>
  (brought) => {
    const chosen = findChosenMan(brought);
    // A pawn that becomes something else on its way is no question for a beginner.
    if (chosen === undefined || chosen.man.role === 'pawn') return misfit('needs-piece');
    const targets = listTargets(brought, kind);
    if (targets.length === 0) return misfit(kind === 'to-men' ? 'nothing-here' : 'needs-target');
    return fitting({ fen: brought.fen, square: chosen.square, targets, commit: 'step' });
  };

function listTargets({ draft, chosen }: BroughtBoard, kind: 'to-squares' | 'to-men'): Square[] {
  const targets = chosen.slice(1, 1 + MOST_TARGETS);
  if (targets.length > 0 || kind === 'to-squares') return targets;
  const men = draft.board.flatMap((man, square) =>
    man !== undefined && man.side !== draft.turn && man.role !== 'king' ? [square] : [],
  );
  return men.length > MOST_TARGETS ? [] : men;
}

export const fitsRouteAnswered: Fits<ExerciseTaskOf<'route-answered'>> = (brought) => {
  const { draft, fen } = brought;
  const chosen = findChosenMan(brought);
  if (chosen === undefined || chosen.man.role === 'pawn') return misfit('needs-piece');
  const [, target] = brought.chosen;
  if (target === undefined) return misfit('needs-target');
  const theirs = draft.board.flatMap((man, square) => (man?.side === opponentOf(draft.turn) ? [square] : []));
  const [answering] = theirs;
  // Who answers has to be plain: one man of theirs alone.
  return answering === undefined || theirs.length > 1
    ? misfit('nothing-here')
    : fitting({ fen, square: chosen.square, target, answering });
};

export const fitsBestSquare: Fits<ExerciseTaskOf<'best-square'>> = (brought) => {
  const chosen = findChosenMan(brought);
  if (chosen === undefined) return misfit('needs-piece');
  const candidates = brought.chosen.slice(1, 1 + MOST_CANDIDATES).sort((one, other) => one - other);
  return candidates.length < 2
    ? misfit('needs-target')
    : fitting({ fen: brought.fen, square: chosen.square, candidates, weights: EVEN_WEIGHTS });
};
