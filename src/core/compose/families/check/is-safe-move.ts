import { SIDES } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen, makeMoveText } from '../../../notation';
import { listLegalMoves, playMove } from '../../../rules';
import { pickOne } from '../../../shared';
import { getRecipe, isWithin, drawPosition, sampleUntil, type Composer, type Recipes } from '../../draw';
import { hasMate } from './states';

const SAFE_RECIPES: Recipes<readonly [men: number, least: number, most: number]> = {
  1: [4, 0, 40],
  2: [6, 41, 60],
  3: [9, 61, 400],
};

/** As often a move that allows a mate as one that does not; more checks to be looked at from level to level. */
export const composeIsSafeMove: Composer<ExerciseTaskOf<'is-safe-move'>> = (random, level) => {
  const [men, least, most] = getRecipe(SAFE_RECIPES, level);
  const isAllowing = random() < 0.5;
  return sampleUntil(() => {
    const position = drawPosition(random, pickOne(random, SIDES), new Map(), men - 1, men + 1);
    if (position === undefined) return undefined;
    const moves = listLegalMoves(position).filter((move) => {
      const after = playMove(position, move);
      return listLegalMoves(after).length > 0 && hasMate(after) === isAllowing;
    });
    if (moves.length === 0) return undefined;
    const task = { fen: makeFen(position), move: makeMoveText(pickOne(random, moves)) };
    return isWithin(EXERCISES['is-safe-move'].measure(task), least, most) ? task : undefined;
  });
};
