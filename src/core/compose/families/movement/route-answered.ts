import {
  getMan,
  isDarkSquare,
  kingDistance,
  opponentOf,
  SIDES,
  type Role,
  type Square,
} from '../../../board';
import { EXERCISES, isLawfulDuel, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { pickOne } from '../../../shared';
import { getRecipe, isWithin, scatter, shuffle, sampleUntil, type Composer, type Recipes } from '../../draw';

type RouteAnsweredTask = ExerciseTaskOf<'route-answered'>;

const DUEL_RECIPES: Recipes<{
  roles: readonly Role[];
  answering: readonly Role[];
  own: number;
  fewest: readonly [number, number];
}> = {
  1: { roles: ['rook', 'queen'], answering: ['king'], own: 2, fewest: [2, 2] },
  2: { roles: ['rook', 'bishop', 'queen', 'knight'], answering: ['king', 'knight'], own: 5, fewest: [3, 3] },
  3: {
    roles: ['rook', 'knight', 'bishop', 'king'],
    answering: ['knight', 'bishop', 'king'],
    own: 7,
    fewest: [4, 5],
  },
};

/** 1: two moves against a king. 2: three, against a king or knight. 3: four and more. */
export const composeRouteAnswered: Composer<RouteAnsweredTask> = (random, level) => {
  const { roles, answering, own, fewest } = getRecipe(DUEL_RECIPES, level);
  return sampleUntil(() => {
    const turn = pickOne(random, SIDES);
    const [square = 0, target = 0, other = 0] = shuffle(random, ALL_SQUARES);
    const man = getMan(turn, pickOne(random, roles));
    if (man.role === 'bishop' && isDarkSquare(square) !== isDarkSquare(target)) return undefined;
    // Their man stands between or near, or it would not matter.
    if (kingDistance(other, target) > 3 || kingDistance(square, target) < 2) return undefined;
    const theirs = getMan(opponentOf(turn), pickOne(random, answering));
    const draft = scatter(
      random,
      turn,
      new Map([
        [square, man],
        [other, theirs],
      ]),
      own,
      0,
    );
    if (draft.board[target] !== undefined) return undefined;
    const task = { fen: makeFen(draft), square, target, answering: other };
    const measure = EXERCISES['route-answered'].measure(task);
    return isWithin(Math.ceil(measure / 10), ...fewest) && isLawfulDuel(task) ? task : undefined;
  });
};

const ALL_SQUARES: readonly Square[] = Array.from({ length: 64 }, (_, square) => square);
