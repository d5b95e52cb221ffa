import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { pickOne } from '../../../shared';
import { getRecipe, sampleUntil, type Composer, type Recipes } from '../../draw';
import { sampleState } from './states';

/** Men beside the kings, of the side to move and of the other. */
const STATE_MEN: Recipes<readonly [number, number]> = { 1: [0, 2], 2: [1, 3], 3: [3, 5], 4: [6, 8] };

/** Every kind of end at every level; more men from level to level. */
export const composeWhatIsIt: Composer<ExerciseTaskOf<'what-is-it'>> = (random, level) => {
  const kinds = ['check', 'mate', 'stalemate', 'goes-on', ...(level < 3 ? ['dead'] : [])];
  const kind = pickOne(random, kinds);
  const [own, others] = getRecipe(STATE_MEN, level);
  return sampleUntil(() => {
    const position = sampleState(random, kind, own, others);
    if (position === undefined) return undefined;
    const task = { fen: makeFen(position) };
    return EXERCISES['what-is-it'].solution(task).options[0] === kind ? task : undefined;
  });
};
