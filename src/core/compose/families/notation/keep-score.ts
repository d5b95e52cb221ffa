import type { ExerciseTaskOf } from '../../../exercises';
import { makeFen, makeMoveText } from '../../../notation';
import { INITIAL_POSITION } from '../../../rules';
import { getRecipe, sampleUntil, type Composer, type Recipes } from '../../draw';
import { playLine } from './written';

/** Turns that are written down: 1 four, 2 eight, 3 fourteen. */
const SCORE_PLIES: Recipes<number> = { 1: 4, 2: 8, 3: 14 };

/** A short game from the beginning, longer from level to level. */
export const composeKeepScore: Composer<ExerciseTaskOf<'keep-score'>> = (random, level) => {
  const plies = getRecipe(SCORE_PLIES, level);
  return sampleUntil(() => {
    const line = playLine(random, plies);
    if (line.length < plies) return undefined;
    return { fen: makeFen(INITIAL_POSITION), moves: line.map(({ move }) => makeMoveText(move)) };
  });
};
