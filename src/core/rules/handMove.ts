/**
 * The study board's rules: any man of either colour may be moved, several times running, with kings or without; each move still goes by the
 * way the men go, and a forbidden one has a reason. What is asked is one move at a time, so that a coach can make a wrong one on
 * purpose. A king may be left out, but one that is there may not be left in check by its own side (FIDE Laws of Chess, article 3.9).
 */
import {
  fileOf,
  getMan,
  kingDistance,
  opponentOf,
  rankOf,
  squareAt,
  type Board,
  type PromotionRole,
  type Role,
  type Side,
  type Square,
} from '../board';
import { failure, success, type Result } from '../shared';
import { listAttackers } from './attacks';
import { findCastlingWing, listReach, playMove, type Move } from './moves';
import { findKing, type Position, type PositionDraft } from './position';

/** Why the hand may not make a move, with the men and squares its sentence names. */
export type HandFault =
  | { readonly code: 'nobody-there'; readonly square: Square }
  | { readonly code: 'own-man'; readonly role: Role; readonly square: Square }
  | { readonly code: 'takes-king'; readonly square: Square }
  | { readonly code: 'another-way'; readonly role: Role; readonly square: Square }
  /** A man on `by` stands in the way. */
  | { readonly code: 'in-the-way'; readonly role: Role; readonly square: Square; readonly by: Square }
  | { readonly code: 'pawn-is-stopped'; readonly square: Square }
  | { readonly code: 'pawn-needs-a-man'; readonly square: Square }
  /** The pawn on `by` stands beside, but has not just gone two steps: en passant is not, or no longer, allowed. */
  | { readonly code: 'passing-is-over'; readonly square: Square; readonly by: Square }
  | { readonly code: 'pawn-goes-back'; readonly square: Square }
  | { readonly code: 'pawn-two-steps'; readonly square: Square }
  /** The king would stand, or stay, where the man on `by` takes it. */
  | { readonly code: 'king-goes-into-check' | 'king-stays-in-check'; readonly by: Square }
  | { readonly code: 'is-pinned'; readonly role: Role; readonly by: Square }
  | { readonly code: 'castles-without-right' | 'castles-out-of-check' | 'castles-through-check' }
  | { readonly code: 'castles-past-a-man'; readonly by: Square };

export interface HandMove {
  readonly from: Square;
  readonly to: Square;
  /** What a pawn on the far row becomes; a queen when nothing is said. */
  readonly promotion?: PromotionRole;
}

/** The move and the board after it, the other side to move; or why it is not allowed. */
export function tryHandMove(
  draft: PositionDraft,
  { from, to, promotion }: HandMove,
): Result<{ readonly move: Move; readonly after: PositionDraft }, HandFault> {
  const man = draft.board[from];
  if (man === undefined) return failure({ code: 'nobody-there', square: from });
  const place = asTurnOf(draft, man.side);
  const target = place.board[to];
  if (target?.side === man.side) return failure({ code: 'own-man', role: target.role, square: to });
  if (target?.role === 'king') return failure({ code: 'takes-king', square: to });
  const moves = listReach(place, from).filter((move) => move.to === to);
  const move =
    moves.find((one) => one.promotion === promotion) ??
    moves.find((one) => one.promotion === 'queen') ??
    moves[0];
  if (move === undefined) return failure(whyNoWay(place, from, to, man.role));
  // Nothing in playing a move asks for kings.
  const after: PositionDraft = playMove(place as Position, move);
  const danger = findDanger(after.board, man.side);
  if (danger !== undefined) return failure(whyInDanger(place, move, man.role, danger));
  return success({ move, after });
}

/** The squares a man of either colour may be moved to by hand. */
export function listHandMoves(draft: PositionDraft, from: Square): Move[] {
  const man = draft.board[from];
  if (man === undefined) return [];
  return listReach(asTurnOf(draft, man.side), from).filter((move) => tryHandMove(draft, move).ok);
}

/** The same board with this side to move; what the other side has just passed over stays only for who may take there. */
function asTurnOf(draft: PositionDraft, side: Side): PositionDraft {
  const { enPassant } = draft;
  const isTheirs = enPassant !== undefined && rankOf(enPassant) === (side === 'white' ? 5 : 2);
  return { ...draft, turn: side, enPassant: isTheirs ? enPassant : undefined };
}

/** A man that attacks this side's king. */
function findDanger(board: Board, side: Side): Square | undefined {
  const king = findKing(board, side);
  return king === undefined ? undefined : listAttackers(board, king, opponentOf(side))[0];
}

function whyInDanger(place: PositionDraft, move: Move, role: Role, by: Square): HandFault {
  if (role === 'king') {
    return findCastlingWing(place, move) === undefined
      ? { code: 'king-goes-into-check', by }
      : { code: 'castles-through-check' };
  }
  return findDanger(place.board, place.turn) === undefined
    ? { code: 'is-pinned', role, by }
    : { code: 'king-stays-in-check', by };
}

function whyNoWay(place: PositionDraft, from: Square, to: Square, role: Role): HandFault {
  if (role === 'pawn') return whyNoPawnWay(place, from, to);
  if (
    role === 'king' &&
    rankOf(from) === rankOf(to) &&
    kingDistance(from, to) === 2 &&
    isKingAtHome(place, from)
  ) {
    return whyNoCastling(place, from, to);
  }
  const files = fileOf(to) - fileOf(from);
  const ranks = rankOf(to) - rankOf(from);
  const isStraight = files === 0 || ranks === 0;
  const isSlant = Math.abs(files) === Math.abs(ranks);
  const isOnLine =
    (role === 'rook' && isStraight) ||
    (role === 'bishop' && isSlant) ||
    (role === 'queen' && (isStraight || isSlant));
  const by = isOnLine ? findBetween(place.board, from, to) : undefined;
  return by === undefined
    ? { code: 'another-way', role, square: to }
    : { code: 'in-the-way', role, square: to, by };
}

function whyNoPawnWay({ board, turn }: PositionDraft, from: Square, to: Square): HandFault {
  const forward = turn === 'white' ? 1 : -1;
  const files = Math.abs(fileOf(to) - fileOf(from));
  const ranks = (rankOf(to) - rankOf(from)) * forward;
  if (ranks <= 0) return { code: 'pawn-goes-back', square: to };
  if (files === 1 && ranks === 1) {
    const by = to - 8 * forward;
    const beside = board[by];
    const isFifth = rankOf(from) === (turn === 'white' ? 4 : 3);
    return isFifth && beside?.role === 'pawn' && beside.side !== turn
      ? { code: 'passing-is-over', square: to, by }
      : { code: 'pawn-needs-a-man', square: to };
  }
  if (files > 0 || ranks > 2) return { code: 'another-way', role: 'pawn', square: to };
  const stopped = [from + 8 * forward, to].find((square) => board[square] !== undefined);
  return stopped === undefined
    ? { code: 'pawn-two-steps', square: from }
    : { code: 'pawn-is-stopped', square: stopped };
}

function isKingAtHome({ turn }: PositionDraft, from: Square): boolean {
  return from === (turn === 'white' ? 4 : 60);
}

function whyNoCastling(place: PositionDraft, from: Square, to: Square): HandFault {
  const { board, turn, castling } = place;
  const wing = to > from ? 'short' : 'long';
  const corner = wing === 'short' ? from + 3 : from - 4;
  if (!castling[turn][wing] || board[corner] !== getMan(turn, 'rook'))
    return { code: 'castles-without-right' };
  const by = findBetween(board, from, corner);
  if (by !== undefined) return { code: 'castles-past-a-man', by };
  return findDanger(board, turn) === undefined
    ? { code: 'castles-through-check' }
    : { code: 'castles-out-of-check' };
}

/** The nearest man strictly between two squares of one line. */
function findBetween(board: Board, from: Square, to: Square): Square | undefined {
  const fileStep = Math.sign(fileOf(to) - fileOf(from));
  const rankStep = Math.sign(rankOf(to) - rankOf(from));
  for (let count = 1; count < kingDistance(from, to); count += 1) {
    const square = squareAt(fileOf(from) + count * fileStep, rankOf(from) + count * rankStep);
    if (square !== undefined && board[square] !== undefined) return square;
  }
  return undefined;
}
