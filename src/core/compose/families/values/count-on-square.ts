import { SIDES } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { pickOne } from '../../../shared';
import { getRecipe, shuffle, drawPosition, sampleUntil, type Composer, type Recipes } from '../../draw';

/** What is measured is drawn first, so that no level always has the same answer. */
const COUNT_RECIPES: Recipes<{
  readonly own: number;
  readonly others: number;
  readonly wanted: readonly number[];
  readonly isMoreFine: boolean;
}> = {
  1: { own: 4, others: 3, wanted: [0, 1, 2], isMoreFine: false },
  2: { own: 8, others: 5, wanted: [2, 3, 4], isMoreFine: false },
  3: { own: 9, others: 7, wanted: [4, 5, 5], isMoreFine: false },
  4: { own: 9, others: 8, wanted: [6], isMoreFine: true },
};

/** 1: nobody, one or two look at the square. 2: two to four. 3: one stands behind another. 4: a pinned man, or two behind. */
export const composeCountOnSquare: Composer<ExerciseTaskOf<'count-on-square'>> = (random, level) => {
  const { own, others, wanted, isMoreFine } = getRecipe(COUNT_RECIPES, level);
  const least = pickOne(random, wanted);
  return sampleUntil(() => {
    const side = pickOne(random, SIDES);
    const position = drawPosition(random, side, new Map(), own, others);
    if (position === undefined) return undefined;
    const squares = position.board.flatMap((man, at) =>
      man !== undefined && man.role !== 'king' ? [at] : [],
    );
    const fen = makeFen(position);
    return shuffle(random, squares)
      .map((square) => ({ fen, square, side }))
      .find((task) => {
        const measure = EXERCISES['count-on-square'].measure(task);
        return measure === least || (isMoreFine && measure > least);
      });
  });
};
