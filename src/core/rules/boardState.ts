/**
 * What stands on a board made by hand: check, mate, stalemate or a draw by material. The hand may move one side several times running and
 * leave out kings, so a king can stand in check while the other side is to move, and a board need not be a position of a game.
 */
import { opponentOf, SIDES, type Side, type Square } from '../board';
import { listAttackers } from './attacks';
import { isCheckmate } from './checkmate';
import { checkPosition } from './checkPosition';
import { listHandMoves } from './handMove';
import { findOutcome } from './outcome';
import { findKing, type PositionDraft } from './position';

export type BoardState =
  | { readonly kind: 'mate'; readonly winner: Side }
  /** This side's king is attacked; the other side may be to move. */
  | { readonly kind: 'check'; readonly side: Side; readonly by: readonly Square[] }
  | { readonly kind: 'stalemate'; readonly side: Side }
  | { readonly kind: 'dead' };

/** Undefined: nothing of these, or no king to speak of. */
export function findBoardState(draft: PositionDraft): BoardState | undefined {
  const { board, turn } = draft;
  const kings = SIDES.flatMap((side) => {
    const king = findKing(board, side);
    return king === undefined ? [] : [{ side, by: listAttackers(board, king, opponentOf(side)) }];
  });
  const checked = kings.filter(({ by }) => by.length > 0);
  const check = checked.find(({ side }) => side === turn) ?? checked[0];
  if (check?.side === turn && isCheckmate(draft)) return { kind: 'mate', winner: opponentOf(turn) };
  if (check !== undefined) return { kind: 'check', ...check };
  const isStuck = board.every(
    (man, square) => man?.side !== turn || listHandMoves(draft, square).length === 0,
  );
  if (isStuck && kings.some(({ side }) => side === turn)) return { kind: 'stalemate', side: turn };
  const position = checkPosition(draft);
  return position.ok && findOutcome(position.value)?.kind === 'dead' ? { kind: 'dead' } : undefined;
}
