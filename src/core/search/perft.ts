/** The search board's own move lists and counts, for comparing it with the rules and with the published figures. */
import type { Move, Position } from '../rules';
import { getSearchBoard, unpackMove } from './searchBoard';

/** Counts move sequences of this many plies; the last ply is counted from the generated moves, not played. */
export function searchPerft(position: Position, plies: number): number {
  if (plies === 0) return 1;
  const board = getSearchBoard();
  board.load(position);
  const count = (rest: number): number => {
    if (rest === 1) return board.countMoves();
    const moves = board.generate(rest);
    let sum = 0;
    for (let index = 0; index < moves; index += 1) {
      board.make(board.moveAt(rest, index));
      sum += count(rest - 1);
      board.unmake();
    }
    return sum;
  };
  return count(plies);
}

/** The same with every leaf made and unmade. */
export function searchPerftPlayed(position: Position, plies: number): number {
  if (plies === 0) return 1;
  const board = getSearchBoard();
  board.load(position);
  return board.countPlayed(plies);
}

/** The search board's own legal moves. */
export function listSearchMoves(position: Position): Move[] {
  const board = getSearchBoard();
  board.load(position);
  const count = board.generate(0);
  return Array.from({ length: count }, (_, index) => unpackMove(board.moveAt(0, index)));
}
