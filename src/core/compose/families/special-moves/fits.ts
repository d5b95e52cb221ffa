/** What the families of castling, en passant and promotion ask of a board that is brought. */
import { fileOf, rankOf, type Role, type Square } from '../../../board';
import { PROMOTION_GOALS, type ExerciseTaskOf } from '../../../exercises';
import { listLegalMoves } from '../../../rules';
import { fitting, misfit, type Fits } from '../../brought';

type CastlingTask = ExerciseTaskOf<'may-castle'>;

export const fitsMayCastle: Fits<CastlingTask> = ({ fen, position }) => {
  if (position === undefined) return misfit('needs-game');
  const { board, turn, castling } = position;
  const home = turn === 'white' ? 0 : 56;
  const hasOwn = (square: Square, role: Role) => board[square]?.side === turn && board[square].role === role;
  const tasks = (['short', 'long'] as const).flatMap((wing): CastlingTask[] => {
    const hasRook = hasOwn(wing === 'short' ? home + 7 : home, 'rook');
    if (!hasOwn(home + 4, 'king') || !hasRook) return [];
    const rights = castling[turn];
    // Both stand at home, so a right that is gone says that one of them has moved: the king where both rights are gone.
    const hasMoved = rights[wing] ? 'nobody' : rights.short || rights.long ? 'rook' : 'king';
    return [{ fen, wing, hasMoved, wasInCheck: false }];
  });
  return fitting(...tasks);
};

/** The pawns beside the one that has just made its double step. */
export const fitsMayPass: Fits<ExerciseTaskOf<'may-pass'>> = ({ fen, position }) => {
  if (position === undefined) return misfit('needs-game');
  const { board, turn, enPassant } = position;
  if (enPassant === undefined) return misfit('nothing-here');
  const forward = turn === 'white' ? 8 : -8;
  const [from, to] = [enPassant + forward, enPassant - forward];
  const beside = [to - 1, to + 1].filter((square) => {
    const man = board[square];
    const isBeside = rankOf(square) === rankOf(to) && Math.abs(fileOf(square) - fileOf(to)) === 1;
    return isBeside && man?.side === turn && man.role === 'pawn';
  });
  return fitting(...beside.map((pawn) => ({ fen, pawn, from, to, isLate: false })));
};

/** Every pawn that can promote, with each goal that asks for something. */
export const fitsPromoteTo: Fits<ExerciseTaskOf<'promote-to'>> = ({ fen, position }) => {
  if (position === undefined) return misfit('needs-game');
  const promotions = listLegalMoves(position).filter(({ promotion }) => promotion === 'queen');
  return fitting(
    ...promotions.flatMap(({ from, to }) => PROMOTION_GOALS.map((goal) => ({ fen, from, to, goal }))),
  );
};
