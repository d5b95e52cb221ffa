import { SIDES } from '../../../board';
import { EXERCISES, without, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { FIRST_MATES, namePatterns, PATTERN_IDS } from '../../../patterns';
import { isCheckmate } from '../../../rules';
import { randomBelow } from '../../../shared';
import { getRecipe, shuffle, sampleUntil, type Composer, type Recipes } from '../../draw';
import { OFFICERS, sampleMate, type NamedRecipe } from './namedMates';

const PART_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 0, count: 1 },
  2: { ids: PATTERN_IDS, added: 3, count: 2 },
  3: { ids: PATTERN_IDS, added: 6, count: 3 },
};

/** A helper of the mating side or a man in its own king's way, each as often; as many men of either side to choose from. */
export const composeMissingPart: Composer<ExerciseTaskOf<'missing-part'>> = (random, level) => {
  const isBlocker = randomBelow(random, 2) === 0;
  return sampleUntil(() => {
    const recipe = getRecipe(PART_RECIPES, level);
    const sampled = sampleMate(random, recipe);
    const roles = sampled && namePatterns(sampled.mated).find((one) => one.id === sampled.id)?.roles;
    if (sampled === undefined || roles === undefined) return undefined;
    const parts = isBlocker ? roles.blockers : [roles.mating, roles.supporter, roles.second];
    const squares = parts.filter((one) => one !== undefined);
    const [square] = shuffle(random, squares);
    const man = square === undefined ? undefined : sampled.mated.board[square];
    if (square === undefined || man === undefined || man.role === 'king') return undefined;
    const gap = without(sampled.mated, square);
    if (isCheckmate(gap)) return undefined;
    const tray = SIDES.flatMap((side) => {
      const others = shuffle(
        random,
        OFFICERS.filter((role) => side !== man.side || role !== man.role),
      );
      const own = side === man.side ? [man.role] : [];
      const shown = [...own, ...others].slice(0, recipe.count);
      return OFFICERS.filter((role) => shown.includes(role)).map((role) => ({ side, role }));
    });
    const { side, role } = man;
    const task = { fen: makeFen(gap), id: sampled.id, square, man: { side, role }, tray };
    return EXERCISES['missing-part'].isTask(task) ? task : undefined;
  });
};
