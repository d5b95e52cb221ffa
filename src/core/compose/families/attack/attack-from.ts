import { getMan, opponentOf, SIDES, type Role } from '../../../board';
import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { pickOne, randomBelow } from '../../../shared';
import { getRecipe, scatter, sampleUntil, type Composer, type Recipes } from '../../draw';

/** 1: a line piece and its target alone. 2: two more of theirs. 3: a knight or queen, four. 4: seven, own men in the way. */
const ATTACK_RECIPES: Recipes<{ roles: readonly Role[]; own: number; others: number; least: number }> = {
  1: { roles: ['rook', 'bishop'], own: 0, others: 1, least: 1 },
  2: { roles: ['rook', 'bishop', 'queen'], own: 1, others: 3, least: 20 },
  3: { roles: ['knight', 'queen', 'bishop'], own: 2, others: 5, least: 30 },
  4: { roles: ['queen', 'rook', 'knight'], own: 3, others: 8, least: 55 },
};

export const composeAttackFrom: Composer<ExerciseTaskOf<'attack-from'>> = (random, level) => {
  const { roles, own, others, least } = getRecipe(ATTACK_RECIPES, level);
  return sampleUntil(() => {
    const turn = pickOne(random, SIDES);
    const square = randomBelow(random, 64);
    const man = getMan(turn, pickOne(random, roles));
    const draft = scatter(random, turn, new Map([[square, man]]), own, others);
    const theirs = draft.board.flatMap((other, at) => (other?.side === opponentOf(turn) ? [at] : []));
    const task = { fen: makeFen(draft), square, target: pickOne(random, theirs) };
    const isFit = EXERCISES['attack-from'].isTask(task) && EXERCISES['attack-from'].measure(task) >= least;
    return isFit ? task : undefined;
  });
};
