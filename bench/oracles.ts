/** chessops, used as plainly as it can be to count moves. */
import { Chess as Position } from 'chessops/chess';
import { parseFen } from 'chessops/fen';

export function openChessops(fen: string): Position {
  return Position.fromSetup(parseFen(fen).unwrap()).unwrap();
}

const PROMOTIONS = ['queen', 'rook', 'bishop', 'knight'] as const;

function isPromotion(position: Position, from: number, to: number): boolean {
  return position.board.pawn.has(from) && (to < 8 || to >= 56);
}

/** Every sequence played; with `isCounted` the last ply is only counted. */
export function perftByChessops(position: Position, plies: number, isCounted: boolean): number {
  if (plies === 0) return 1;
  let sum = 0;
  for (const [from, targets] of position.allDests()) {
    if (plies === 1 && isCounted) {
      for (const to of targets) sum += isPromotion(position, from, to) ? 4 : 1;
      continue;
    }
    for (const to of targets) {
      const choices = isPromotion(position, from, to) ? PROMOTIONS : [undefined];
      for (const promotion of choices) {
        const next = position.clone();
        next.play(promotion === undefined ? { from, to } : { from, to, promotion });
        sum += perftByChessops(next, plies - 1, isCounted);
      }
    }
  }
  return sum;
}
