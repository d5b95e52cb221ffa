/** The study board in words: moves made by hand, and why one is not allowed. */
import { makeSquareName, type Square } from '@/core/board';
import type { BoardState, HandFault, Move, PositionDraft } from '@/core/rules';
import { listWords, ROLE_WORDS, SIDE_WORDS } from './words';

/** "The rook captures the pawn on a7." On any board, kings or not. */
export function manMoveText({ board, enPassant }: PositionDraft, { from, to, promotion }: Move): string {
  const role = board[from]?.role ?? 'pawn';
  // A king that goes two files can only be castling.
  if (role === 'king' && Math.abs(from - to) === 2)
    return `The king castles ${to > from ? 'short' : 'long'}.`;
  const isPassing = role === 'pawn' && to === enPassant && board[to] === undefined && (from - to) % 8 !== 0;
  const taken = isPassing ? 'pawn' : board[to]?.role;
  const deed =
    taken === undefined
      ? `goes to ${makeSquareName(to)}`
      : `captures the ${ROLE_WORDS[taken]} ${isPassing ? 'in passing' : `on ${makeSquareName(to)}`}`;
  const becomes = promotion === undefined ? '' : ` and becomes a ${ROLE_WORDS[promotion]}`;
  return `The ${ROLE_WORDS[role]} ${deed}${becomes}.`;
}

/** What stands on a board that the hand has made; empty while there is nothing to say. */
export function boardStateText(state: BoardState | undefined): string {
  switch (state?.kind) {
    case undefined:
      return '';
    case 'mate':
      return `Checkmate. ${SIDE_WORDS[state.winner]} wins.`;
    case 'check':
      return `${SIDE_WORDS[state.side]}'s king is in check from ${listWords(state.by.map(makeSquareName))}.`;
    case 'stalemate':
      return `Stalemate: ${SIDE_WORDS[state.side]} has no legal move and is not in check. A draw.`;
    case 'dead':
      return 'A draw: with these pieces nobody can give checkmate.';
  }
}

/** Why the hand may not make a move; names the square and the man. */
export function handFaultText({ board }: PositionDraft, fault: HandFault): string {
  const on = (square: Square) => {
    const man = board[square];
    return `the ${man === undefined ? 'piece' : ROLE_WORDS[man.role]} on ${makeSquareName(square)}`;
  };
  switch (fault.code) {
    case 'nobody-there':
      return `There is no piece on ${makeSquareName(fault.square)}.`;
    case 'own-man':
      return `Your own ${ROLE_WORDS[fault.role]} is on ${makeSquareName(fault.square)}.`;
    case 'takes-king':
      return `A king is never captured: on ${makeSquareName(fault.square)} it is in check.`;
    case 'another-way':
      return `A ${ROLE_WORDS[fault.role]} does not go that way: not to ${makeSquareName(fault.square)}.`;
    case 'in-the-way':
      return `The ${ROLE_WORDS[fault.role]} does not get to ${makeSquareName(fault.square)}: ${on(fault.by)} is in the way.`;
    case 'pawn-is-stopped':
      return `The pawn is stopped: ${on(fault.square)} is in front of it, and a pawn captures diagonally.`;
    case 'pawn-needs-a-man':
      return `A pawn moves diagonally only to capture, and no piece is on ${makeSquareName(fault.square)}.`;
    case 'passing-is-over':
      return `En passant is allowed only at once, after a move of two squares. The pawn on ${makeSquareName(fault.by)} has not just made one.`;
    case 'pawn-goes-back':
      return `A pawn goes forward only: not to ${makeSquareName(fault.square)}.`;
    case 'pawn-two-steps':
      return `A pawn goes two steps only from its first square: on ${makeSquareName(fault.square)} it has moved already.`;
    case 'king-goes-into-check':
      return `A king never moves into check: ${on(fault.by)} attacks that square.`;
    case 'king-stays-in-check':
      return `The king is in check from ${makeSquareName(fault.by)}, and this does not stop it.`;
    case 'is-pinned':
      return `The ${ROLE_WORDS[fault.role]} is pinned: ${on(fault.by)} would capture the king.`;
    case 'castles-without-right':
      return 'To castle, king and rook must be at home and must not have moved.';
    case 'castles-past-a-man':
      return `They cannot castle: ${on(fault.by)} is in the way.`;
    case 'castles-out-of-check':
      return 'A king in check cannot castle.';
    case 'castles-through-check':
      return 'The king cannot cross or reach an attacked square.';
  }
}
