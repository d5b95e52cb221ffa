import { SIDES } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen, makeMoveText } from '../../../notation';
import { listLegalMoves } from '../../../rules';
import { pickOne } from '../../../shared';
import {
  getRecipe,
  isSmallFight,
  isWithin,
  shuffle,
  drawPosition,
  sampleUntil,
  type Composer,
  type Recipes,
} from '../../draw';

const EXCHANGE_RECIPES: Recipes<readonly [men: number, least: number, most: number]> = {
  1: [5, 1, 4],
  2: [8, 5, 5],
  3: [10, 6, 6],
  4: [12, 7, 12],
};

/** 1: one capture or two. 2 to 4: more men look at the square, and more captures follow. */
export const composeTakeOrLeave: Composer<ExerciseTaskOf<'take-or-leave'>> = (random, level, values) => {
  const [men, least, most] = getRecipe(EXCHANGE_RECIPES, level);
  const wanted = pickOne(random, ['wins-men', 'loses-men', 'loses-men', 'comes-out-even']);
  return sampleUntil(() => {
    const position = drawPosition(random, pickOne(random, SIDES), new Map(), men, men);
    if (position === undefined) return undefined;
    const captures = listLegalMoves(position).filter(
      (move) =>
        move.promotion === undefined &&
        position.board[move.to] !== undefined &&
        isSmallFight(position, move.to),
    );
    const fen = makeFen(position);
    return shuffle(random, captures)
      .map((move) => ({ fen, move: makeMoveText(move), values }))
      .find(
        (task) =>
          EXERCISES['take-or-leave'].solution(task).options[0] === wanted &&
          isWithin(EXERCISES['take-or-leave'].measure(task), least, most),
      );
  });
};
