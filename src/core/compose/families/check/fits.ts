/** What the families of check, mate and draws ask of a board that is brought. */
import { listMatingMoves, toSans, type ExerciseTaskOf } from '../../../exercises';
import { findOutcome, isCheck, listLegalMoves, passTurn, playMove } from '../../../rules';
import { fitting, listChosenMoves, makeTurnedFen, misfit, type Fits } from '../../brought';

/** What cannot be seen on a board: the game before it. */
export const fitsStory = () => misfit('needs-story');

export const fitsStalemating: Fits<ExerciseTaskOf<'stalemating'>> = ({ fen, position }) => {
  if (position === undefined) return misfit('needs-game');
  const moves = listLegalMoves(position);
  const stalemates = moves.filter((move) => findOutcome(playMove(position, move))?.kind === 'stalemate');
  if (stalemates.length === 0) return misfit('nothing-here');
  const others = moves.filter((move) => !stalemates.includes(move));
  // In the order of the alphabet, which tells nothing.
  const shown = [...stalemates.slice(0, 2), ...others.slice(0, 3)];
  return fitting({ fen, sans: toSans(position, shown).sort() });
};

export const fitsAnswersToCheck: Fits<ExerciseTaskOf<'answers-to-check'>> = ({ fen, position }) => {
  if (position === undefined) return misfit('needs-game');
  return isCheck(position) ? fitting({ fen }) : misfit('needs-check');
};

/** The king of the side to move first, then the other one. */
export const fitsKingSquares: Fits<ExerciseTaskOf<'king-squares'>> = ({ fen, draft }) =>
  fitting({ fen }, { fen: makeTurnedFen(draft) });

/** Without a threat there is nothing to stop, and where no move stops it nothing to play. */
export const fitsStopMate: Fits<ExerciseTaskOf<'stop-mate'>> = ({ fen, position }) => {
  if (position === undefined) return misfit('needs-game');
  const passed = passTurn(position);
  const isThreatened = passed !== undefined && listMatingMoves(passed).length > 0;
  const isStopped =
    isThreatened &&
    listLegalMoves(position).some((move) => listMatingMoves(playMove(position, move)).length === 0);
  return isStopped ? fitting({ fen }) : misfit('nothing-here');
};

/** The move that is chosen. */
export const fitsChosenMove: Fits<ExerciseTaskOf<'is-safe-move'>> = (brought) => {
  if (brought.position === undefined) return misfit('needs-game');
  if (brought.line.length === 0) return misfit('needs-move');
  return fitting(...listChosenMoves(brought).map((move) => ({ fen: brought.fen, move })));
};
