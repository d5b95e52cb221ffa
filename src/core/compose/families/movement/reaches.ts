import { getMan, SIDES, type Role } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { pickOne, randomBelow } from '../../../shared';
import {
  getRecipe,
  isAllowedOn,
  isWithin,
  scatter,
  sampleUntil,
  type Composer,
  type Recipes,
} from '../../draw';

/** Which men are asked about, and how many own and other men stand around. */
interface ReachRecipe {
  readonly roles: readonly Role[];
  readonly own: number;
  readonly others: number;
  readonly fits: (measure: number, role: Role) => boolean;
}

/**
 * 1: rook or bishop alone. 2: king, queen or knight alone. 3: own men in the way. 4: own men, and others to take, pawns too.
 * 5: a full board.
 */
const REACH_RECIPES: Recipes<ReachRecipe> = {
  1: { roles: ['rook', 'bishop'], own: 0, others: 0, fits: () => true },
  2: { roles: ['king', 'queen', 'knight'], own: 0, others: 0, fits: () => true },
  3: {
    roles: ['rook', 'bishop', 'queen'],
    own: 4,
    others: 0,
    fits: (measure) => isWithin(measure, 5, 12),
  },
  4: {
    roles: ['rook', 'bishop', 'queen', 'knight', 'king', 'pawn'],
    own: 4,
    others: 5,
    fits: (measure, role) => (role === 'pawn' ? measure >= 5 : isWithin(measure, 9, 15)),
  },
  5: {
    roles: ['rook', 'bishop', 'queen', 'knight'],
    own: 7,
    others: 8,
    fits: (measure, role) => measure >= 15 || role === 'knight',
  },
};

export const composeReach: Composer<ExerciseTaskOf<'reach'>> = (random, level) => {
  const { roles, own, others, fits } = getRecipe(REACH_RECIPES, level);
  return sampleUntil(() => {
    const turn = pickOne(random, SIDES);
    const square = randomBelow(random, 64);
    const role = pickOne(random, roles);
    const asked = getMan(turn, role);
    if (!isAllowedOn(asked, square)) return undefined;
    const task = { fen: makeFen(scatter(random, turn, new Map([[square, asked]]), own, others)), square };
    return EXERCISES.reach.isTask(task) && fits(EXERCISES.reach.measure(task), role) ? task : undefined;
  });
};
