import { EXERCISES } from '../../../exercises';
import { getRecipe, isWithin, sampleUntil, type Composer, type Recipes } from '../../draw';
import { sampleAttack, type AttackedTask } from './attacked';

const ATTACKED_RECIPES: Recipes<readonly [men: number, least: number, most: number]> = {
  1: [3, 0, 30],
  2: [5, 24, 45],
  3: [7, 36, 70],
  4: [8, 44, 200],
};

/** More men and more kinds of answer from level to level. */
export const composeAttackKinds: Composer<AttackedTask> = (random, level, values) => {
  const [men, least, most] = getRecipe(ATTACKED_RECIPES, level);
  return sampleUntil(() => {
    const task = sampleAttack(random, men, values);
    const family = EXERCISES['attack-kinds'];
    return task && isWithin(family.measure(task), least, most) && family.isTask(task) ? task : undefined;
  });
};
