/** What the composers of ways share. */
import { getMan, SIDES, type Role } from '../../../board';
import { EXERCISES, type ExerciseTaskOf, type Level } from '../../../exercises';
import { makeFen } from '../../../notation';
import { pickOne, randomBelow } from '../../../shared';
import { getRecipe, isWithin, scatter, sampleUntil, type Composer, type Recipes } from '../../draw';

/** The highest level of a way is told before the man goes. */
export function tellAtTop(task: ExerciseTaskOf<'route'>, level: Level): ExerciseTaskOf<'route'> {
  return level === 5 ? { ...task, commit: 'line' } : task;
}

interface RouteRecipe {
  readonly roles: readonly Role[];
  readonly own: number;
  readonly others: number;
  readonly fewest: readonly [number, number];
}

/** 1 needs two moves, each further level one more; 5 is told before the man goes. */
export function makeRouteComposer(
  id: 'route' | 'route-unguarded',
  recipes: Recipes<RouteRecipe>,
): Composer<ExerciseTaskOf<'route'>> {
  return (random, level) => {
    const { roles, own, others, fewest } = getRecipe(recipes, level);
    return sampleUntil(() => {
      const turn = pickOne(random, SIDES);
      const square = randomBelow(random, 64);
      const man = getMan(turn, pickOne(random, roles));
      const draft = scatter(random, turn, new Map([[square, man]]), own, others);
      const free = draft.board.flatMap((other, at) => (other === undefined ? [at] : []));
      const task = { fen: makeFen(draft), square, targets: [pickOne(random, free)], commit: 'step' as const };
      return isWithin(EXERCISES[id].measure(task), ...fewest) ? tellAtTop(task, level) : undefined;
    });
  };
}
