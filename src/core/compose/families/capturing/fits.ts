/** What the families about men of the other side ask of a board that is brought, kings or not. */
import { opponentOf } from '../../../board';
import type { ExerciseTaskOf } from '../../../exercises';
import { fitting, misfit, type Fits } from '../../brought';

export const fitsTheirMen: Fits<ExerciseTaskOf<'captures'>> = ({ fen, draft }) =>
  draft.board.some((man) => man?.side === opponentOf(draft.turn) && man.role !== 'king')
    ? fitting({ fen })
    : misfit('nothing-here');
