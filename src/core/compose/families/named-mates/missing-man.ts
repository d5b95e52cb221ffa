import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { FIRST_MATES, namePatterns, PATTERN_IDS } from '../../../patterns';
import { pickOne } from '../../../shared';
import { getRecipe, shuffle, sampleUntil, type Composer, type Recipes } from '../../draw';
import { OFFICERS, sampleMate, type NamedRecipe } from './namedMates';

const MISSING_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: FIRST_MATES, added: 0, count: 1 },
  2: { ids: PATTERN_IDS, added: 3, count: 1 },
  3: { ids: PATTERN_IDS, added: 3, count: 3 },
  4: { ids: PATTERN_IDS, added: 6, count: 5 },
};

/** 1: the mating man of a first mate. 2: any man of any picture. 3: three men to choose from. 4: five, a fuller board. */
export const composeMissingMan: Composer<ExerciseTaskOf<'missing-man'>> = (random, level) =>
  sampleUntil(() => {
    const { ids, added, count } = getRecipe(MISSING_RECIPES, level);
    const sampled = sampleMate(random, { ids, added, count });
    const match = sampled && namePatterns(sampled.mated).find((one) => one.id === sampled.id);
    if (sampled === undefined || match === undefined) return undefined;
    const { mating, supporter, second } = match.roles;
    const parts = level === 1 ? [mating] : [mating, supporter, second].filter((one) => one !== undefined);
    const square = pickOne(random, parts);
    const role = sampled.mated.board[square]?.role;
    if (role === undefined || role === 'king') return undefined;
    const board = sampled.mated.board.slice();
    board[square] = undefined;
    const others = shuffle(
      random,
      OFFICERS.filter((one) => one !== role),
    ).slice(0, count - 1);
    const tray = OFFICERS.filter((one) => one === role || others.includes(one));
    const task = { fen: makeFen({ ...sampled.mated, board }), id: sampled.id, square, role, tray };
    return EXERCISES['missing-man'].isTask(task) ? task : undefined;
  });
