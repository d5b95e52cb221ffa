import { getMan, opponentOf } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { namePatterns, PATTERN_IDS } from '../../../patterns';
import { pickOne } from '../../../shared';
import { findLegal, getRecipe, isAllowedOn, sampleUntil, type Composer, type Recipes } from '../../draw';
import { sampleMate, type NamedRecipe } from './namedMates';

const LINE_RECIPES: Recipes<NamedRecipe> = {
  1: { ids: PATTERN_IDS, added: 0, count: 1 },
  2: { ids: PATTERN_IDS, added: 4, count: 1 },
  3: { ids: PATTERN_IDS, added: 8, count: 1 },
};

/** One man of the mating side on the line of the check; 1: a bare picture. 2 and 3: men around it. */
export const composeOpenLine: Composer<ExerciseTaskOf<'open-line'>> = (random, level) =>
  sampleUntil(() => {
    const sampled = sampleMate(random, getRecipe(LINE_RECIPES, level));
    const line = sampled && namePatterns(sampled.mated)[0]?.roles.line;
    if (sampled === undefined || line === undefined || line.length === 0) return undefined;
    const { mated } = sampled;
    const square = pickOne(random, line);
    const man = getMan(opponentOf(mated.turn), pickOne(random, ['knight', 'bishop', 'pawn'] as const));
    if (!isAllowedOn(man, square)) return undefined;
    const board = mated.board.slice();
    board[square] = man;
    const position = findLegal({ ...mated, board });
    const task = position && { fen: makeFen(position) };
    return task !== undefined && EXERCISES['open-line'].isTask(task) ? task : undefined;
  });
