import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { FIRST_MATES, namePatterns, PATTERN_IDS } from '../../../patterns';
import { getRecipe, shuffle, sampleUntil, type Composer, type Recipes } from '../../draw';
import { sampleMate, type NamedRecipe } from './namedMates';

const NAME_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 0, count: 2 },
  2: { ids: FIRST_MATES, added: 2, count: 4 },
  3: { ids: PATTERN_IDS, added: 4, count: 5 },
  4: { ids: PATTERN_IDS, added: 8, count: 6 },
};

/** 1: two names, bare pictures. 2: four, some men more. 3: all mates, five names. 4: a full board, six names. */
export const composeNameMate: Composer<ExerciseTaskOf<'name-mate'>> = (random, level) =>
  sampleUntil(() => {
    const recipe = getRecipe(NAME_RECIPES, level);
    const sampled = sampleMate(random, recipe);
    if (sampled === undefined) return undefined;
    const { id, mated } = sampled;
    const fitting = namePatterns(mated).map((match) => match.id);
    const others = shuffle(
      random,
      recipe.ids.filter((one) => !fitting.includes(one)),
    );
    const options = shuffle(random, [id, ...others.slice(0, recipe.count - 1)]);
    const task = { fen: makeFen(mated), options };
    return EXERCISES['name-mate'].isTask(task) ? task : undefined;
  });
