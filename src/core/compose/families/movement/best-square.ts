import { getMan, opponentOf, SIDES, type Square } from '../../../board';
import { EVEN_WEIGHTS, EXERCISES, tapSquares, wander, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { listAttackers, listLawfulReach } from '../../../rules';
import { pickOne, randomBelow } from '../../../shared';
import { getRecipe, scatter, shuffle, sampleUntil, type Composer, type Recipes } from '../../draw';

type BestSquareTask = ExerciseTaskOf<'best-square'>;

const BEST_RECIPES: Recipes<{ candidates: number; own: number; others: number; most: number }> = {
  1: { candidates: 2, own: 0, others: 1, most: 1 },
  2: { candidates: 3, own: 1, others: 3, most: 1 },
  3: { candidates: 4, own: 4, others: 5, most: 2 },
  4: { candidates: 5, own: 7, others: 8, most: 2 },
};

/** 1: two squares. 2: three, with men to attack. 3: four, own men in the way. 4: five, on a full board. */
export const composeBestSquare: Composer<BestSquareTask> = (random, level) => {
  const { candidates, own, others } = getRecipe(BEST_RECIPES, level);
  return sampleUntil(() => {
    const turn = pickOne(random, SIDES);
    const square = randomBelow(random, 64);
    const man = getMan(turn, pickOne(random, ['knight', 'bishop', 'rook', 'queen'] as const));
    const draft = scatter(random, turn, new Map([[square, man]]), own, others);
    const near = listLawfulReach(draft, square).map(({ to }) => to);
    const beyond =
      level < 3
        ? []
        : near.flatMap((to) =>
            listLawfulReach(wander(draft, { from: square, to }), to).map((move) => move.to),
          );
    // Where it would be taken nobody calls a square good.
    const free = [...new Set([...near, ...beyond])].filter(
      (at) =>
        at !== square &&
        draft.board[at] === undefined &&
        listAttackers(wander(draft, { from: square, to: at }).board, at, opponentOf(turn)).length === 0,
    );
    if (free.length < candidates) return undefined;
    const task = {
      fen: makeFen(draft),
      square,
      candidates: shuffle(random, free)
        .slice(0, candidates)
        .sort((one, other) => one - other),
      weights: EVEN_WEIGHTS,
    };
    const family = EXERCISES['best-square'];
    // Squares with as many points are both right; here one is best, so that counting matters.
    const isRight = (at: Square) => family.judge(task, tapSquares([at])).outcome === 'right';
    return family.isTask(task) && task.candidates.filter(isRight).length === 1 ? task : undefined;
  });
};
