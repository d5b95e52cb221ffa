import { getMan, ROLES, SIDES, type Man, type Square } from '../../../board';
import type { ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { INITIAL_POSITION, NO_CASTLING } from '../../../rules';
import { pickOne, randomBelow, type Random } from '../../../shared';
import { shuffle, sampleUntil, type Composer } from '../../draw';

/** As many slips as the level says, of the kinds that happen. */
export const composeRepair: Composer<ExerciseTaskOf<'repair'>> = (random, level) =>
  sampleUntil(() => {
    const board = INITIAL_POSITION.board.slice();
    const slips = Math.min(3, level) as 1 | 2 | 3;
    for (const slip of shuffle(random, SLIPS).slice(0, slips)) slip(random, board);
    const fen = makeFen({ ...INITIAL_POSITION, board, castling: NO_CASTLING });
    return { fen, slips };
  });

type Slip = (random: Random, board: (Man | undefined)[]) => void;

/** Each changes squares no other one does, so that two slips never mend each other. */
const SLIPS: readonly Slip[] = [
  // King and queen exchanged.
  (random, board) => swapWithNext(board, pickOne(random, [3, 59])),
  // Bishop and knight exchanged.
  (random, board) => swapWithNext(board, pickOne(random, [1, 57])),
  // A pawn one step too far.
  (random, board) => {
    const file = randomBelow(random, 4);
    const isWhite = random() < 0.5;
    const from = (isWhite ? 8 : 48) + file;
    board[from + (isWhite ? 8 : -8)] = board[from];
    board[from] = undefined;
  },
  // A man is missing.
  (random, board) => {
    board[pickOne(random, [0, 7, 56, 63, 12, 53])] = undefined;
  },
  // A man of the other colour.
  (random, board) => {
    const square = pickOne(random, [5, 6, 14, 54, 61, 62]);
    const man = board[square];
    if (man !== undefined) board[square] = getMan(man.side === 'white' ? 'black' : 'white', man.role);
  },
  // One man too many.
  (random, board) => {
    board[24 + randomBelow(random, 16)] = getMan(pickOne(random, SIDES), pickOne(random, ROLES.slice(0, 5)));
  },
];

function swapWithNext(board: (Man | undefined)[], square: Square): void {
  [board[square], board[square + 1]] = [board[square + 1], board[square]];
}
