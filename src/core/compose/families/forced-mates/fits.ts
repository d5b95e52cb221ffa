/** What the families of forced mates ask of a board that is brought. */
import { FORCING_ASKS, type ExerciseTaskOf } from '../../../exercises';
import { fitting, misfit, type Fits } from '../../brought';

export const fitsForcingMoves: Fits<ExerciseTaskOf<'forcing-moves'>> = ({ fen, position, values }) =>
  position === undefined
    ? misfit('needs-game')
    : fitting(...FORCING_ASKS.map((asked) => ({ fen, asked, values })));

/** A mate is proved when it is stored, so it is asked this way from its set. */
export const fitsProved = () => misfit('needs-proof');
