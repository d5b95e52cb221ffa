/**
 * A plain complete prover on the readable rules. It shares nothing with `search` and is some thousand times slower, so it is the
 * second opinion on short mates: is there really none shorter, and are these all the keys?
 */
import { makeMoveText } from '../notation';
import { isCheck, listLegalMoves, playMove, type Move, type Position } from '../rules';

/** The longest mate it is asked about. */
export const SLOW_PROVER_MOVES = 3;

/** Moves after which the other side is mated within `moves` moves of the mover, this one included. */
export function listMatingMovesSlowly(position: Position, moves: number): Move[] {
  const refuters = new Map<number, string>();
  return listLegalMoves(position).filter((move) => isLost(playMove(position, move), moves - 1, refuters));
}

function canMate(position: Position, moves: number, refuters: Map<number, string>): boolean {
  if (moves === 1) return listLegalMoves(position).some((move) => isMate(playMove(position, move)));
  return listLegalMoves(position).some((move) => isLost(playMove(position, move), moves - 1, refuters));
}

/** `refuters` remembers by length which reply helped last, so that it is tried first. */
function isLost(position: Position, moves: number, refuters: Map<number, string>): boolean {
  if (moves === 0) return isMate(position);
  const replies = listLegalMoves(position);
  if (replies.length === 0) return isCheck(position);
  const last = refuters.get(moves);
  const ordered = replies.toSorted(
    (one, other) => Number(makeMoveText(other) === last) - Number(makeMoveText(one) === last),
  );
  const refuter = ordered.find((reply) => !canMate(playMove(position, reply), moves, refuters));
  if (refuter === undefined) return true;
  refuters.set(moves, makeMoveText(refuter));
  return false;
}

function isMate(position: Position): boolean {
  return isCheck(position) && listLegalMoves(position).length === 0;
}
