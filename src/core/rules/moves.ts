import {
  fileOf,
  getMan,
  opponentOf,
  PROMOTION_ROLES,
  rankOf,
  type Man,
  type PromotionRole,
  type Role,
  type Side,
  type Square,
} from '../board';
import { KING_TARGETS, KNIGHT_TARGETS, listAttackers, PAWN_TARGETS, raysOf } from './attacks';
import {
  findKing,
  type CastlingRights,
  type CastlingWing,
  type Position,
  type PositionDraft,
} from './position';

/** One turn of one side. Castling is the king's move of two squares. */
export interface Move {
  readonly from: Square;
  readonly to: Square;
  readonly promotion?: PromotionRole;
}

/** Are these the same move? */
export function isSameMove(one: Move, other: Move): boolean {
  return one.from === other.from && one.to === other.to && one.promotion === other.promotion;
}

/** Is the side to move in check? */
export function isCheck(position: Position): boolean {
  return listCheckers(position).length > 0;
}

/** Squares of the men that give check to the side to move. */
export function listCheckers({ board, turn }: Position): Square[] {
  const king = findKing(board, turn);
  return king === undefined ? [] : listAttackers(board, king, opponentOf(turn));
}

/** All legal moves (FIDE Laws of Chess, article 3), in the order of the from-squares. */
export function listLegalMoves(position: Position): Move[] {
  return listUncheckedMoves(position).filter((move) => leavesKingSafe(position, move));
}

/** The legal moves of the man on one square. */
export function listLegalMovesFrom(position: Position, from: Square): Move[] {
  return movesOfMan(position, from).filter((move) => leavesKingSafe(position, move));
}

/** The man a legal move takes, the pawn taken en passant included. */
export function findCaptured(position: Position, move: Move): Man | undefined {
  if (isEnPassant(position, move)) return getMan(opponentOf(position.turn), 'pawn');
  return position.board[move.to];
}

/** The position after a legal move. Passing an illegal one is a programmer's error and gives nonsense. */
export function playMove(position: Position, move: Move): Position {
  const { board, turn, castling, halfmoves, fullmoves } = position;
  const man = board[move.from];
  const isPawn = man?.role === 'pawn';
  const after: PositionDraft = {
    board: boardAfter(position, move),
    turn: opponentOf(turn),
    castling: castlingAfter(castling, move),
    enPassant: isPawn && Math.abs(move.to - move.from) === 16 ? (move.from + move.to) / 2 : undefined,
    halfmoves: isPawn || board[move.to] !== undefined ? 0 : halfmoves + 1,
    fullmoves: turn === 'black' ? fullmoves + 1 : fullmoves,
  };
  // A legal move leads from a position to a position, so nothing is checked again.
  return after as Position;
}

/** The same position with the other side to move, as if this side had passed; undefined when it is in check and may not. */
export function passTurn(position: Position): Position | undefined {
  if (isCheck(position)) return undefined;
  const passed: PositionDraft = { ...position, turn: opponentOf(position.turn), enPassant: undefined };
  // Nobody moved, and the side that passed is not in check: the other one may move.
  return passed as Position;
}

/** Does this move castle, and to which wing? */
export function findCastlingWing({ board }: PositionDraft, { from, to }: Move): CastlingWing | undefined {
  if (board[from]?.role !== 'king' || Math.abs(to - from) !== 2) return undefined;
  return to > from ? 'short' : 'long';
}

function isEnPassant({ board, enPassant }: PositionDraft, { from, to }: Move): boolean {
  return to === enPassant && board[from]?.role === 'pawn' && fileOf(from) !== fileOf(to);
}

function boardAfter(position: PositionDraft, move: Move): (Man | undefined)[] {
  const board = position.board.slice();
  const man = board[move.from];
  if (isEnPassant(position, move)) board[rankOf(move.from) * 8 + fileOf(move.to)] = undefined;
  const wing = findCastlingWing(position, move);
  if (wing !== undefined) {
    const corner = wing === 'short' ? move.from + 3 : move.from - 4;
    board[(move.from + move.to) / 2] = board[corner];
    board[corner] = undefined;
  }
  board[move.from] = undefined;
  board[move.to] = man && move.promotion ? getMan(man.side, move.promotion) : man;
  return board;
}

/** A right is lost for good when anything leaves or lands on its king's or rook's home square. */
function castlingAfter(castling: CastlingRights, { from, to }: Move): CastlingRights {
  const keeps = (home: Square) => from !== home && to !== home;
  const rightsOf = (side: Side, home: Square) => ({
    short: castling[side].short && keeps(home + 4) && keeps(home + 7),
    long: castling[side].long && keeps(home + 4) && keeps(home),
  });
  return { white: rightsOf('white', 0), black: rightsOf('black', 56) };
}

function leavesKingSafe(position: PositionDraft, move: Move): boolean {
  const board = boardAfter(position, move);
  const king = findKing(board, position.turn);
  return king === undefined || listAttackers(board, king, opponentOf(position.turn)).length === 0;
}

/** How the man on a square goes on any board, kings or not, the own king's safety aside. */
export function listReach(draft: PositionDraft, from: Square): Move[] {
  return movesOfMan(draft, from);
}

/**
 * How the man on a square goes on any board, kings or not, by the laws of kings: no king is captured, none goes where it would be
 * attacked, and a king on the board is not left in check by its own side (FIDE Laws of Chess, articles 1.4.1 and 3.9).
 */
export function listLawfulReach(draft: PositionDraft, from: Square): Move[] {
  return movesOfMan(draft, from).filter(
    (move) => draft.board[move.to]?.role !== 'king' && leavesKingSafe(draft, move),
  );
}

/** Moves by how the men go, whether or not the own king is left in check: for telling why a move is not legal. */
export function listUncheckedMoves(position: PositionDraft): Move[] {
  return position.board.flatMap((man, from) =>
    man?.side === position.turn ? movesOfMan(position, from) : [],
  );
}

function movesOfMan(position: PositionDraft, from: Square): Move[] {
  const man = position.board[from];
  if (man?.side !== position.turn) return [];
  switch (man.role) {
    case 'pawn':
      return pawnMoves(position, from);
    case 'king':
      return [...stepMoves(position, from, KING_TARGETS[from] ?? []), ...castlingMoves(position, from)];
    case 'knight':
      return stepMoves(position, from, KNIGHT_TARGETS[from] ?? []);
    default:
      return lineMoves(position, from, man.role);
  }
}

function stepMoves({ board, turn }: PositionDraft, from: Square, targets: readonly Square[]): Move[] {
  return targets.filter((to) => board[to]?.side !== turn).map((to) => ({ from, to }));
}

function lineMoves({ board, turn }: PositionDraft, from: Square, role: Role): Move[] {
  const moves: Move[] = [];
  for (const ray of raysOf(role)?.[from] ?? []) {
    for (const to of ray) {
      const man = board[to];
      if (man?.side !== turn) moves.push({ from, to });
      if (man !== undefined) break;
    }
  }
  return moves;
}

function pawnMoves({ board, turn, enPassant }: PositionDraft, from: Square): Move[] {
  const forward = turn === 'white' ? 8 : -8;
  const homeRank = turn === 'white' ? 1 : 6;
  const targets: Square[] = [];
  if (board[from + forward] === undefined) {
    targets.push(from + forward);
    const double = from + 2 * forward;
    if (rankOf(from) === homeRank && board[double] === undefined) targets.push(double);
  }
  for (const to of PAWN_TARGETS[turn][from] ?? []) {
    if (board[to]?.side === opponentOf(turn) || to === enPassant) targets.push(to);
  }
  const lastRank = turn === 'white' ? 7 : 0;
  return targets.flatMap((to): Move[] =>
    rankOf(to) === lastRank ? PROMOTION_ROLES.map((promotion) => ({ from, to, promotion })) : [{ from, to }],
  );
}

/** Empty squares between king and rook, king neither in check nor passing through one (FIDE Laws, article 3.8). */
function castlingMoves({ board, turn, castling }: PositionDraft, from: Square): Move[] {
  const isGuarded = (square: Square) => listAttackers(board, square, opponentOf(turn)).length > 0;
  const isFree = (squares: readonly Square[]) => squares.every((square) => board[square] === undefined);
  const moves: Move[] = [];
  const rights = castling[turn];
  if ((!rights.short && !rights.long) || isGuarded(from)) return moves;
  if (rights.short && isFree([from + 1, from + 2]) && !isGuarded(from + 1)) {
    moves.push({ from, to: from + 2 });
  }
  if (rights.long && isFree([from - 1, from - 2, from - 3]) && !isGuarded(from - 1)) {
    moves.push({ from, to: from - 2 });
  }
  return moves;
}
