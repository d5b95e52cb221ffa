/** Does a reading name this move? */
import { fileOf, rankOf, type Square } from '../../board';
import { findCaptured, findCastlingWing, type Move, type Position } from '../../rules';
import type { Reading } from './shape';

function isOnSquare(square: Square, file: number | undefined, rank: number | undefined): boolean {
  return (file === undefined || fileOf(square) === file) && (rank === undefined || rankOf(square) === rank);
}

/** Is this move, legal or not, one of those the reading names? */
export function isMeant(position: Position, move: Move, reading: Reading): boolean {
  if (reading.castling !== undefined) return findCastlingWing(position, move) === reading.castling;
  const { role, fromFile, fromRank, toFile, toRank, promotion, victim, isPassing } = reading;
  const captured = findCaptured(position, move);
  if (victim !== undefined && captured?.role !== victim) return false;
  // Who says only what is captured, or by what, means a capture.
  if (toFile === undefined && captured === undefined) return false;
  if (isPassing === true && (captured === undefined || position.board[move.to] !== undefined)) return false;
  if (role !== undefined && position.board[move.from]?.role !== role) return false;
  if (!isOnSquare(move.from, fromFile, fromRank) || !isOnSquare(move.to, toFile, toRank)) return false;
  // A pawn's file and the rank left out: only captures are written so.
  if (toRank === undefined && captured === undefined) return false;
  return promotion === undefined || move.promotion === promotion;
}
