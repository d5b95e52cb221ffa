/** The study board in words: moves made by hand, and why one is not allowed. */
import { makeSquareName, type Square } from '@/core/board';
import type { BoardState, HandFault, Move, PositionDraft } from '@/core/rules';
import { listWords, SIDE_WORDS } from './words';
import { capital, type Terms, spoken, type Spoken } from './terms';

/** "The rook captures the pawn on a7." On any board, kings or not. */
export function manMoveText(
  { board, enPassant }: PositionDraft,
  { from, to, promotion }: Move,
  terms: Terms,
): Spoken {
  const role = board[from]?.role ?? 'pawn';
  // A king that goes two files can only be castling.
  if (role === 'king' && Math.abs(from - to) === 2)
    return spoken(`The ${terms.one('king')} ${terms.many('castle')} ${to > from ? 'short' : 'long'}.`);
  const isPassing = role === 'pawn' && to === enPassant && board[to] === undefined && (from - to) % 8 !== 0;
  const taken = isPassing ? 'pawn' : board[to]?.role;
  const deed =
    taken === undefined
      ? `goes to ${makeSquareName(to)}`
      : `${terms.many('capture')} the ${terms.one(taken)} ${isPassing ? terms.one('in-passing') : `on ${makeSquareName(to)}`}`;
  const becomes = promotion === undefined ? '' : ` and becomes ${terms.a(promotion)}`;
  return spoken(`The ${terms.one(role)} ${deed}${becomes}.`);
}

/** "The pawn on e8 becomes": over the choice of what. */
export const promotionText = (square: Square, terms: Terms): string =>
  `The ${terms.one('pawn')} on ${makeSquareName(square)} becomes`;

/** What stands on a board that the hand has made; empty while there is nothing to say. */
export function boardStateText(state: BoardState | undefined, terms: Terms): string {
  switch (state?.kind) {
    case undefined:
      return '';
    case 'mate':
      return `${capital(terms.one('checkmate'))}. ${SIDE_WORDS[state.winner]} wins.`;
    case 'check':
      return `${SIDE_WORDS[state.side]}'s ${terms.one('king')} is in check from ${listWords(state.by.map(makeSquareName))}.`;
    case 'stalemate':
      return `${capital(terms.one('stalemate'))}: ${SIDE_WORDS[state.side]} has no legal move and is not in check. A draw.`;
    case 'dead':
      return `A draw: with these pieces nobody can give ${terms.one('checkmate')}.`;
  }
}

/** Why the hand may not make a move; names the square and the man. */
export function handFaultText({ board }: PositionDraft, fault: HandFault, terms: Terms): Spoken {
  const on = (square: Square) => {
    const man = board[square];
    return spoken(`the ${man === undefined ? 'piece' : terms.one(man.role)} on ${makeSquareName(square)}`);
  };
  switch (fault.code) {
    case 'nobody-there':
      return spoken(`There is no piece on ${makeSquareName(fault.square)}.`);
    case 'own-man':
      return spoken(`Your own ${terms.one(fault.role)} is on ${makeSquareName(fault.square)}.`);
    case 'takes-king':
      return spoken(
        `${capital(terms.a('king'))} is never ${terms.done('capture')}: on ${makeSquareName(fault.square)} it is in check.`,
      );
    case 'another-way':
      return spoken(
        `${capital(terms.a(fault.role))} does not go that way: not to ${makeSquareName(fault.square)}.`,
      );
    case 'in-the-way':
      return spoken(
        `The ${terms.one(fault.role)} does not get to ${makeSquareName(fault.square)}: ${on(fault.by)} is in the way.`,
      );
    case 'pawn-is-stopped':
      return spoken(
        `The ${terms.one('pawn')} is stopped: ${on(fault.square)} is in front of it, and ${terms.a('pawn')} ${terms.many('capture')} diagonally.`,
      );
    case 'pawn-needs-a-man':
      return spoken(
        `${capital(terms.a('pawn'))} moves diagonally only to ${terms.one('capture')}, and no piece is on ${makeSquareName(fault.square)}.`,
      );
    case 'passing-is-over':
      return spoken(
        `${capital(terms.one('in-passing'))} is allowed only at once, after a move of two squares. The ${terms.one('pawn')} on ${makeSquareName(fault.by)} has not just made one.`,
      );
    case 'pawn-goes-back':
      return spoken(`${capital(terms.a('pawn'))} goes forward only: not to ${makeSquareName(fault.square)}.`);
    case 'pawn-two-steps':
      return spoken(
        `${capital(terms.a('pawn'))} goes two steps only from its first square: on ${makeSquareName(fault.square)} it has moved already.`,
      );
    case 'king-goes-into-check':
      return spoken(
        `${capital(terms.a('king'))} never moves into check: ${on(fault.by)} attacks that square.`,
      );
    case 'king-stays-in-check':
      return spoken(
        `The ${terms.one('king')} is in check from ${makeSquareName(fault.by)}, and this does not stop it.`,
      );
    case 'is-pinned':
      return spoken(
        `The ${terms.one(fault.role)} is pinned: ${on(fault.by)} would ${terms.one('capture')} the ${terms.one('king')}.`,
      );
    case 'castles-without-right':
      return spoken(
        `To ${terms.one('castle')}, ${terms.one('king')} and ${terms.one('rook')} must be at home and must not have moved.`,
      );
    case 'castles-past-a-man':
      return spoken(`They cannot ${terms.one('castle')}: ${on(fault.by)} is in the way.`);
    case 'castles-out-of-check':
      return spoken(`${capital(terms.a('king'))} in check cannot ${terms.one('castle')}.`);
    case 'castles-through-check':
      return spoken(`The ${terms.one('king')} cannot cross or reach an attacked square.`);
  }
}
