import { SIDES } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { pickOne, randomBelow } from '../../../shared';
import { getRecipe, drawPosition, sampleUntil, type Composer, type Recipes } from '../../draw';

/**
 * Men beside the kings: 1 some four, 2 seven, 3 eleven, 4 eighteen. One more or less, for with the usual points the difference of an
 * even number of men is even.
 */
const AHEAD_MEN: Recipes<readonly [number, number]> = { 1: [2, 2], 2: [4, 3], 3: [6, 5], 4: [9, 9] };

export const composeWhoIsAhead: Composer<ExerciseTaskOf<'who-is-ahead'>> = (random, level, values) => {
  const [one, other] = getRecipe(AHEAD_MEN, level);
  return sampleUntil(() => {
    const position = drawPosition(
      random,
      pickOne(random, SIDES),
      new Map(),
      one,
      other + randomBelow(random, 2),
    );
    if (position === undefined) return undefined;
    const task = { fen: makeFen(position), values };
    const [balance = ''] = EXERCISES['who-is-ahead'].solution(task).options;
    const points = balance === 'even' ? 0 : Number(balance.split('-')[1]);
    return points <= 6 ? task : undefined;
  });
};
