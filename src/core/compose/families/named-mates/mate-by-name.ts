import type { ExerciseTaskOf } from '../../../exercises';
import { FIRST_MATES, PATTERN_IDS } from '../../../patterns';
import { pickOne } from '../../../shared';
import { getRecipe, sampleUntil, type Composer, type Recipes } from '../../draw';
import { composePatternMate } from '../../patternMates';
import { getSearches } from '../searches';
import type { NamedRecipe } from './namedMates';

const BY_NAME_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 0, count: 1 },
  2: { ids: PATTERN_IDS, added: 3, count: 1 },
  3: { ids: PATTERN_IDS, added: 7, count: 1 },
  4: { ids: FIRST_MATES, added: 3, count: 0 },
  5: { ids: PATTERN_IDS, added: 8, count: 0 },
};

/** 1: the first mates. 2: all. 3: fuller boards. 4 and 5: a mixed review, the name not told. */
export const composeMateByName: Composer<ExerciseTaskOf<'mate-by-name'>> = (random, level) =>
  sampleUntil(() => {
    const { ids, added, count } = getRecipe(BY_NAME_RECIPES, level);
    const id = pickOne(random, ids);
    const made = composePatternMate(random, getSearches(), id, { moves: 1, added });
    return made && { fen: made.fen, id, isNamed: count > 0 };
  });
