import type { Side } from '../board';
import { listLegalMoves, playMove } from './moves';
import type { Position } from './position';

const LETTERS = { pawn: 'p', knight: 'n', bishop: 'b', rook: 'r', queen: 'q', king: 'k' } as const;

/** Number of move sequences of this many plies: the usual check of a move generator. */
export function perft(position: Position, plies: number): number {
  const moves = listLegalMoves(position);
  if (plies <= 1) return plies === 1 ? moves.length : 1;
  return moves.reduce((sum, move) => sum + perft(playMove(position, move), plies - 1), 0);
}

/** The board as eight lines of text, rank 8 first, for failing tests. */
export function boardText({ board, turn }: Pick<Position, 'board' | 'turn'>): string {
  const letter = (side: Side, text: string) => (side === 'white' ? text.toUpperCase() : text);
  const lines = Array.from({ length: 8 }, (_, row) =>
    Array.from({ length: 8 }, (_, file) => {
      const man = board[(7 - row) * 8 + file];
      return man ? letter(man.side, LETTERS[man.role]) : '.';
    }).join(' '),
  );
  return [...lines, `${turn} to move`].join('\n');
}
