import { SIDES } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { pickOne } from '../../../shared';
import { getRecipe, isWithin, drawPosition, sampleUntil, type Composer, type Recipes } from '../../draw';

const KING_MEN: Recipes<readonly [own: number, others: number, least: number, most: number]> = {
  1: [0, 2, 4, 9],
  2: [2, 3, 9, 11],
  3: [3, 5, 12, 14],
  4: [4, 7, 15, 40],
};

/** 1: two men look on. 2: own men beside the king. 3: more guards. 4: a line goes on through the king. */
export const composeKingSquares: Composer<ExerciseTaskOf<'king-squares'>> = (random, level) => {
  const [own, others, least, most] = getRecipe(KING_MEN, level);
  return sampleUntil(() => {
    const position = drawPosition(random, pickOne(random, SIDES), new Map(), own, others);
    if (position === undefined) return undefined;
    const task = { fen: makeFen(position) };
    const { marks } = EXERCISES['king-squares'].solution(task);
    const isMixed = new Set(marks.map(({ label }) => label)).size > 1;
    return isMixed && isWithin(EXERCISES['king-squares'].measure(task), least, most) ? task : undefined;
  });
};
