/** What the composers of questions about their men share: boards without kings, and no search. */
import { SIDES } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { pickOne } from '../../../shared';
import { getRecipe, isWithin, scatter, sampleUntil, type Composer, type Recipes } from '../../draw';

/** Own men, men of the other side, and the fewest and most of these that are right. */
interface TheirMenRecipe {
  readonly own: number;
  readonly others: number;
  readonly least: number;
  readonly most: number;
}

type TheirMenId = 'captures' | 'free-men' | 'unprotected' | 'trapped';

/** Which of their men something is true of; the recipes say how many stand there, and of how many it is true: never of all. */
export function makeTheirMenComposer(
  id: TheirMenId,
  recipes: Recipes<TheirMenRecipe>,
): Composer<ExerciseTaskOf<TheirMenId>> {
  return (random, level) => {
    const { own, others, least, most } = getRecipe(recipes, level);
    return sampleUntil(() => {
      const turn = pickOne(random, SIDES);
      const task = { fen: makeFen(scatter(random, turn, new Map(), own, others)) };
      const right = EXERCISES[id].solution(task).marks.length;
      return isWithin(right, least, Math.min(most, others - 1)) ? task : undefined;
    });
  };
}
