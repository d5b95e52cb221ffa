/** Why none of a text's readings is a legal move here: the first cause that holds, the nearest to what was meant first. */
import { fileOf, opponentOf, rankOf, squareAt, type Side, type Square } from '../../board';
import {
  findCastlingWing,
  listAttackers,
  listCheckers,
  listLegalMoves,
  listUncheckedMoves,
  passTurn,
  playMove,
  type CastlingWing,
  type Move,
  type Position,
} from '../../rules';
import { makeSan } from '../san';
import type { NotationReason } from './codes';
import { isMeant } from './meaning';
import type { Reading, WrittenShape } from './shape';

/** The shape has at least one reading, and none of them is legal. */
export function findReason(position: Position, shape: WrittenShape): NotationReason {
  const { readings, hasSeveralMoves, saysEnPassant } = shape;
  for (const reading of readings) {
    const reason = findNearReason(position, reading, saysEnPassant);
    if (reason !== undefined) return reason;
  }
  if (hasSeveralMoves) return { code: 'more-than-one-move' };
  const passed = passTurn(position);
  const isOthers =
    passed !== undefined &&
    listLegalMoves(passed).some((move) => readings.some((reading) => isMeant(passed, move, reading)));
  if (isOthers) return { code: 'wrong-side', side: position.turn };
  return findFarReason(position, readings);
}

/** A man gets there, or nearly: what stands against it? */
function findNearReason(
  position: Position,
  reading: Reading,
  saysEnPassant: boolean,
): NotationReason | undefined {
  if (reading.castling !== undefined) return findCastlingReason(position, reading.castling);
  const unchecked = listUncheckedMoves(position);
  const exposed = unchecked.find((move) => isMeant(position, move, reading));
  if (exposed !== undefined) return findKingReason(position, exposed);
  const { toFile, toRank, promotion, ...origin } = reading;
  const to = toFile === undefined || toRank === undefined ? undefined : squareAt(toFile, toRank);
  if (to === undefined) return undefined;
  const unpromoted: Reading = { ...origin, toFile, toRank };
  if (promotion !== undefined && unchecked.some((move) => isMeant(position, move, unpromoted))) {
    return { code: 'illegal-promotion', to };
  }
  return (
    findOtherOrigin(position, reading) ??
    findOwnOnSquare(position, reading, to) ??
    (isEnPassantTried(position, reading, to, saysEnPassant)
      ? { code: 'illegal-en-passant', to }
      : undefined) ??
    findPassingOnVictim(position, reading, to) ??
    findCastlingAsKingMove(position, reading, to)
  );
}

/** Another man of the role can go there, not the one that was named. */
function findOtherOrigin(position: Position, reading: Reading): NotationReason | undefined {
  const { fromFile: _file, fromRank: _rank, ...anywhere } = reading;
  if (reading.role === undefined || reading.role === 'pawn') return undefined;
  const move = listLegalMoves(position).find((one) => isMeant(position, one, anywhere));
  return move && { code: 'wrong-disambiguation', san: makeSan(position, move) };
}

/** The king is left open to a check: by its own step, by not meeting the check that is there, or by a pinned man. */
function findKingReason(position: Position, move: Move): NotationReason {
  const role = position.board[move.from]?.role ?? 'pawn';
  const by = findKingAttacker(position, move) ?? move.to;
  if (findCastlingWing(position, move) !== undefined) {
    return { code: 'castling-through-check', square: move.to, by };
  }
  if (role === 'king') return { code: 'moves-into-check', to: move.to, by };
  const [checker] = listCheckers(position);
  if (checker !== undefined) return { code: 'leaves-king-in-check', by: checker };
  return { code: 'pinned', role, from: move.from, by };
}

/** Who would take the king after this move. */
function findKingAttacker(position: Position, move: Move): Square | undefined {
  const { board, turn } = playMove(position, move);
  const king = board.findIndex((man) => man?.role === 'king' && man.side === position.turn);
  return listAttackers(board, king, turn)[0];
}

/** Would it get there, were the own man on the square one of the other side? */
function findOwnOnSquare(position: Position, reading: Reading, to: Square): NotationReason | undefined {
  const own = position.board[to];
  if (own?.side !== position.turn) return undefined;
  const board = position.board.slice();
  // A pawn takes diagonally only; straight on the square has to be empty.
  const isStraight = reading.role === 'pawn' && !reading.isCapture;
  board[to] = isStraight
    ? undefined
    : board.find((man) => man?.side === opponentOf(position.turn) && man.role !== 'king');
  const without: Position = { ...position, board };
  const gets = listUncheckedMoves(without).some(
    (move) => findCastlingWing(without, move) === undefined && isMeant(without, move, reading),
  );
  return gets ? { code: 'own-piece-on-square', to, own: own.role } : undefined;
}

/** A pawn's slanting step to an empty square, as if to take the pawn beside it. */
function isEnPassantTried(
  { board, turn }: Position,
  { role, isCapture, fromFile, fromRank }: Reading,
  to: Square,
  saysEnPassant: boolean,
): boolean {
  if ((role !== 'pawn' && role !== undefined) || board[to] !== undefined) return false;
  const beside = to + (turn === 'white' ? -8 : 8);
  const victim = board[beside];
  const isPassing =
    rankOf(to) === (turn === 'white' ? 5 : 2) && victim?.role === 'pawn' && victim.side !== turn;
  const stands = board.some(
    (man, square) =>
      man?.role === 'pawn' &&
      man.side === turn &&
      rankOf(square) === rankOf(beside) &&
      Math.abs(fileOf(square) - fileOf(to)) === 1 &&
      (fromFile === undefined || fileOf(square) === fromFile) &&
      (fromRank === undefined || rankOf(square) === fromRank),
  );
  return stands && (saysEnPassant || (isPassing && isCapture));
}

/** "hxg5" for hxg6: the square of the pawn that is captured, not the one where the capturer lands. */
function findPassingOnVictim(position: Position, reading: Reading, to: Square): NotationReason | undefined {
  const landing = to + (position.turn === 'white' ? 8 : -8);
  if (!reading.isCapture || landing !== position.enPassant) return undefined;
  const onto: Reading = { ...reading, toRank: rankOf(landing) };
  return listLegalMoves(position).some((move) => isMeant(position, move, onto))
    ? { code: 'illegal-en-passant', to, landing }
    : undefined;
}

function homeOf(side: Side): Square {
  return side === 'white' ? 4 : 60;
}

/** "Kg1" or "e1g1" with the king at home: castling is meant. */
function findCastlingAsKingMove(
  position: Position,
  { role, fromFile, fromRank }: Reading,
  to: Square,
): NotationReason | undefined {
  const home = homeOf(position.turn);
  const man = position.board[home];
  if (man?.role !== 'king' || man.side !== position.turn || Math.abs(to - home) !== 2) return undefined;
  const isHere = fromFile === fileOf(home) && fromRank === rankOf(home);
  if (role !== 'king' && !(role === undefined && isHere)) return undefined;
  return findCastlingReason(position, to > home ? 'short' : 'long');
}

/** The conditions of castling one by one (FIDE Laws of Chess, article 3.8). */
function findCastlingReason(position: Position, wing: CastlingWing): NotationReason {
  const { board, turn, castling } = position;
  const home = homeOf(turn);
  const step = wing === 'short' ? 1 : -1;
  if (!castling[turn][wing]) return { code: 'castling-no-right', wing };
  const between = wing === 'short' ? [home + 1, home + 2] : [home - 1, home - 2, home - 3];
  const by = between.find((square) => board[square] !== undefined);
  if (by !== undefined) return { code: 'castling-blocked', wing, by };
  for (const square of [home, home + step, home + 2 * step]) {
    const [attacker] = listAttackers(board, square, opponentOf(turn));
    if (attacker !== undefined) return { code: 'castling-through-check', square, by: attacker };
  }
  throw new Error('castling with its right, free squares and no attack is legal');
}

/** Nothing comes near: is there such a man at all? */
function findFarReason({ board, turn }: Position, readings: readonly Reading[]): NotationReason {
  const named = readings.find(({ role }) => role !== undefined) ?? readings[0];
  if (named === undefined) return { code: 'not-a-move' };
  const { role, fromFile = -1, fromRank = -1, toFile, toRank } = named;
  const meant = role ?? board[squareAt(fromFile, fromRank) ?? -1]?.role ?? 'pawn';
  if (!board.some((man) => man?.side === turn && man.role === meant)) {
    return { code: 'no-such-piece', side: turn, role: meant };
  }
  const to = toFile === undefined || toRank === undefined ? undefined : squareAt(toFile, toRank);
  return to === undefined ? { code: 'incomplete' } : { code: 'unreachable', role: meant, to };
}
