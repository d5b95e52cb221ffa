import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { FIRST_MATES, PATTERN_IDS } from '../../../patterns';
import { getRecipe, sampleUntil, type Composer, type Recipes } from '../../draw';
import { sampleMate, type NamedRecipe } from './namedMates';

const TAKER_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 0, count: 2 },
  2: { ids: PATTERN_IDS, added: 3, count: 2 },
  3: { ids: PATTERN_IDS, added: 8, count: 3 },
};

/** 1: bare pictures of the first mates. 2: all mates. 3: a full board, three kinds of men. */
export const composeWhoTakes: Composer<ExerciseTaskOf<'who-takes'>> = (random, level) =>
  sampleUntil(() => {
    const recipe = getRecipe(TAKER_RECIPES, level);
    const sampled = sampleMate(random, recipe);
    const task = sampled && { fen: makeFen(sampled.mated) };
    const family = EXERCISES['who-takes'];
    if (task === undefined || !family.isTask(task)) return undefined;
    return family.ask(task).labels.length >= recipe.count ? task : undefined;
  });
