/** What the families of the board ask of a board that is brought: nothing, for they are about squares and the initial position. */
import { misfit } from '../../brought';

/** A family that makes its own boards. */
export const fitsOwnBoards = () => misfit('own-boards');
