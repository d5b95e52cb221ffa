import { isDarkSquare, opponentOf, type Side } from '../board';
import { isCheck, listLegalMoves } from './moves';
import type { Position } from './position';

/** How a game has ended on the board. */
export type Outcome =
  | { readonly kind: 'mate'; readonly winner: Side }
  | { readonly kind: 'stalemate' }
  | { readonly kind: 'dead' };

/** The outcome on the board, or undefined while the game goes on. */
export function findOutcome(position: Position): Outcome | undefined {
  if (listLegalMoves(position).length === 0) {
    return isCheck(position) ? { kind: 'mate', winner: opponentOf(position.turn) } : { kind: 'stalemate' };
  }
  return isDeadByMaterial(position) ? { kind: 'dead' } : undefined;
}

/**
 * Can neither side ever mate, judged by material alone: bare kings, one minor piece, or only bishops of one square
 * colour (FIDE Laws of Chess, article 5.2.2). Blocked positions with more men can be dead too; they are not claimed here.
 */
function isDeadByMaterial({ board }: Position): boolean {
  const others = board.flatMap((man, square) =>
    man === undefined || man.role === 'king' ? [] : [{ role: man.role, isDark: isDarkSquare(square) }],
  );
  if (others.length <= 1) {
    return others.every(({ role }) => role === 'knight' || role === 'bishop');
  }
  return others.every(({ role, isDark }) => role === 'bishop' && isDark === others[0]?.isDark);
}
