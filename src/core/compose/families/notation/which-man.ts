import { SIDES } from '../../../board';
import { makeFen, makeMoveText, makeSan } from '../../../notation';
import { isCheck, listLegalMoves } from '../../../rules';
import { pickOne } from '../../../shared';
import { findLegal, place, placeKings, scatter, sampleUntil, type Composer } from '../../draw';
import type { WrittenTask } from './written';

/** 1: one of two. 2: one of three. 3: file and rank are both needed. */
export const composeWhichMan: Composer<WrittenTask> = (random, level) => {
  const count = level === 1 ? 2 : 3;
  return sampleUntil(() => {
    const turn = pickOne(random, SIDES);
    const role = level === 3 ? 'queen' : pickOne(random, ['knight', 'rook', 'queen', 'bishop'] as const);
    const men = place(
      random,
      scatter(random, turn, new Map(), 0, 2),
      turn,
      Array.from({ length: count }, () => role),
    );
    const position = findLegal(placeKings(random, men));
    if (position === undefined || isCheck(position)) return undefined;
    const moves = listLegalMoves(position).filter(({ from, to }, _, all) => {
      const others = all.filter((move) => move.to === to && position.board[move.from]?.role === role);
      return position.board[from]?.role === role && others.length === count;
    });
    if (moves.length === 0) return undefined;
    const move = pickOne(random, moves);
    const isBoth = /^[QRBN][a-h][1-8]/.test(makeSan(position, move).replace('x', '').slice(0, -2));
    return isBoth === (level === 3) ? { fen: makeFen(position), move: makeMoveText(move) } : undefined;
  });
};
