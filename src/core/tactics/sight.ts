/**
 * The sight of one man: what it attacks and protects, who attacks and protects it, and where it can go, safe or not. On any board, kings or
 * not, whoever is to move. A line ends at the first man, and a pinned man attacks and protects all the same; where it can go, and who may take
 * it there, follows the laws of kings. How safe it is where it goes has grades (the third, that nothing else falls, is a fate's):
 *   untouched  nobody may take it there
 *   sound      it may be taken, but the exchange on that square loses nothing
 *   lost       the exchange there loses something
 */
import { opponentOf, type Side, type Square, type ValueScale } from '../board';
import {
  listAttackers,
  listLawfulReach,
  playMove,
  type Move,
  type Position,
  type PositionDraft,
} from '../rules';
import { exchangeAfter } from './exchange';

export const SAFETIES = ['untouched', 'sound', 'lost'] as const;
export type Safety = (typeof SAFETIES)[number];

export interface Sight {
  readonly square: Square;
  /** Men of the other side that it attacks, and own men that it protects. */
  readonly attacks: readonly Square[];
  readonly protects: readonly Square[];
  /** Men of the other side that attack it, and own men that protect it. */
  readonly attackers: readonly Square[];
  readonly protectors: readonly Square[];
  /** Every square it can go to, with what becomes of it there; of a promotion, as a queen. */
  readonly ways: readonly { readonly square: Square; readonly safety: Safety }[];
}

/** The sight of the man on a square; undefined when nobody stands there. Points are those of the scale that is handed in. */
export function findSight(draft: PositionDraft, square: Square, values: ValueScale): Sight | undefined {
  const { board } = draft;
  const man = board[square];
  if (man === undefined) return undefined;
  const seen = board.flatMap((other, at) =>
    other !== undefined && at !== square && listAttackers(board, at, man.side).includes(square) ? [at] : [],
  );
  const own = turnTo(draft, man.side);
  return {
    square,
    attacks: seen.filter((at) => board[at]?.side !== man.side),
    protects: seen.filter((at) => board[at]?.side === man.side),
    attackers: listAttackers(board, square, opponentOf(man.side)),
    protectors: listAttackers(board, square, man.side),
    ways: listLawfulReach(own, square)
      .filter(({ promotion }) => promotion === undefined || promotion === 'queen')
      .map((move) => ({ square: move.to, safety: findSafety(own, move, values) })),
  };
}

/** The sight of every man of one side. */
export function listArmySights(draft: PositionDraft, side: Side, values: ValueScale): Sight[] {
  return draft.board.flatMap((man, square) =>
    man?.side === side ? (findSight(draft, square, values) ?? []) : [],
  );
}

function findSafety(draft: PositionDraft, move: Move, values: ValueScale): Safety {
  // The rules of moving need no kings: without one, nobody is ever in check.
  const place = draft as Position;
  const after = playMove(place, move);
  const isTouched = listAttackers(after.board, move.to, after.turn).some((from) =>
    listLawfulReach(after, from).some(({ to }) => to === move.to),
  );
  if (!isTouched) return 'untouched';
  return exchangeAfter(place, move, values).gain >= 0 ? 'sound' : 'lost';
}

/** The same board with this side to move. */
function turnTo(draft: PositionDraft, side: Side): PositionDraft {
  return draft.turn === side ? draft : { ...draft, turn: side, enPassant: undefined };
}
