import { EXERCISES, listSpareMen, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { FIRST_MATES, PATTERN_IDS } from '../../../patterns';
import { getRecipe, isWithin, sampleUntil, type Composer, type Recipes } from '../../draw';
import { sampleMate, type NamedRecipe } from './namedMates';

const SPARE_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 2, count: 1 },
  2: { ids: PATTERN_IDS, added: 4, count: 2 },
  3: { ids: PATTERN_IDS, added: 6, count: 3 },
  4: { ids: PATTERN_IDS, added: 9, count: 4 },
};

/** As many spare men as the level. */
export const composeSpareMen: Composer<ExerciseTaskOf<'spare-men'>> = (random, level) =>
  sampleUntil(() => {
    const recipe = getRecipe(SPARE_RECIPES, level);
    const sampled = sampleMate(random, recipe);
    if (sampled === undefined) return undefined;
    const task = { fen: makeFen(sampled.mated) };
    const { length } = listSpareMen(task);
    return isWithin(length, recipe.count, recipe.count) && EXERCISES['spare-men'].isTask(task)
      ? task
      : undefined;
  });
