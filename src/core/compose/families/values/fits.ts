/** What the families of values ask of a board that is brought. */
import { SIDES } from '../../../board';
import type { ExerciseTaskOf } from '../../../exercises';
import { fitting, isCapture, listChosenMoves, misfit, type Fits } from '../../brought';

export const fitsWhoIsAhead: Fits<ExerciseTaskOf<'who-is-ahead'>> = ({ fen, values }) =>
  fitting({ fen, values });

/** Both sides' men that can take part in the fight for the chosen square. */
export const fitsCountOnSquare: Fits<ExerciseTaskOf<'count-on-square'>> = ({ fen, chosen }) => {
  const [square] = chosen;
  return square === undefined
    ? misfit('needs-square')
    : fitting(...SIDES.map((side) => ({ fen, square, side })));
};

/** The chosen capture, or each there is; what it wins on its square is for the family to ask or to refuse. */
export const fitsCapture: Fits<ExerciseTaskOf<'take-or-leave'>> = (brought) =>
  brought.position === undefined
    ? misfit('needs-game')
    : fitting(
        ...listChosenMoves(brought, isCapture).map((move) => ({
          fen: brought.fen,
          move,
          values: brought.values,
        })),
      );
