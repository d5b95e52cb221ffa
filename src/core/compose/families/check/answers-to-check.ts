import { opponentOf, SIDES } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { isCheck } from '../../../rules';
import { pickOne, randomBelow } from '../../../shared';
import { getRecipe, drawPosition, sampleUntil, type Composer, type Recipes } from '../../draw';
import { findMatedPosition, hasMate } from './states';

const CHECKED_MEN: Recipes<readonly [number, number]> = { 1: [1, 2], 2: [3, 3], 3: [6, 5], 4: [10, 9] };

/** More men from level to level; every combination of answers comes, and mate too. */
export const composeAnswersToCheck: Composer<ExerciseTaskOf<'answers-to-check'>> = (random, level) => {
  const [own, others] = getRecipe(CHECKED_MEN, level);
  const isMate = random() < 0.2;
  const wanted = 1 + randomBelow(random, level === 1 ? 2 : 3);
  return sampleUntil(() => {
    const turn = pickOne(random, SIDES);
    if (isMate) {
      const before = drawPosition(random, opponentOf(turn), new Map(), others, own);
      const mated = before !== undefined && hasMate(before) ? findMatedPosition(before) : undefined;
      return mated && { fen: makeFen(mated) };
    }
    const position = drawPosition(random, turn, new Map(), own, others);
    if (position === undefined || !isCheck(position)) return undefined;
    const task = { fen: makeFen(position) };
    const { options } = EXERCISES['answers-to-check'].solution(task);
    return options.length === wanted && !options.includes('none') ? task : undefined;
  });
};
