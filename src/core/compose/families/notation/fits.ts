/** What the families of notation ask of a board that is brought: of the moves that are chosen on it. */
import type { ExerciseTaskOf } from '../../../exercises';
import { fitting, listChosenMoves, misfit, type Fits } from '../../brought';

/** A score sheet has this many moves at most. */
const MOST_MOVES = 20;

/** Each written move that more than one piece could make, or the chosen one. */
export const fitsWhichMan: Fits<ExerciseTaskOf<'which-man'>> = (brought) =>
  brought.position === undefined
    ? misfit('needs-game')
    : fitting(...listChosenMoves(brought).map((move) => ({ fen: brought.fen, move })));

export const fitsKeepScore: Fits<ExerciseTaskOf<'keep-score'>> = ({ fen, position, line }) => {
  if (position === undefined) return misfit('needs-game');
  return line.length < 2 ? misfit('needs-line') : fitting({ fen, moves: line.slice(0, MOST_MOVES) });
};

/** A sign is earned by what becomes of every move at several depths, which is worked out when it is composed. */
export const fitsSigns = () => misfit('needs-fates');
