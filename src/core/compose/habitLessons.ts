/** Composers of thinking before moving: forced mates of few men, proved, and the mate certified by the checker. */
import { SIDES } from '../board';
import { EXERCISES, listLastSquares, listOwnSans, type ExerciseTaskOf, type Level } from '../exercises';
import { trimToSeat } from '../puzzles';
import { isCheck } from '../rules';
import { pickOne, type Random } from '../shared';
import { getRecipe, shuffle, throwPosition, throwUntil, type Composer, type Recipes } from './draw';
import { createTaskSearches, makeMateTask, type TaskSearches } from './mateTask';

type HabitTask = ExerciseTaskOf<'whole-line'>;

/** Moves of the mate, and men beside the kings: 1 and 2 mates in two, 3 in three. */
const HABIT_RECIPES: Recipes<readonly [moves: number, own: number, others: number]> = {
  1: [2, 3, 1],
  2: [2, 5, 4],
  3: [3, 4, 1],
};

let searches: TaskSearches | undefined;

/** A mate in so many by chance, with its proof. */
function throwMate(random: Random, level: Level): HabitTask | undefined {
  const [moves, own, others] = getRecipe(HABIT_RECIPES, level);
  const position = throwPosition(random, pickOne(random, SIDES), new Map(), own, others);
  if (position === undefined || isCheck(position)) return undefined;
  searches ??= createTaskSearches();
  if (searches.mate.canMate(position, moves - 1) || !searches.mate.canMate(position, moves)) return undefined;
  // One key: what is asked for should be one idea.
  const proved = searches.mate.prove(position, { maxMoves: moves });
  if (proved.kind !== 'mate' || proved.mateInMoves !== moves || proved.keys.length !== 1) return undefined;
  const made = makeMateTask(searches, position, { maxMoves: moves, isQuick: true });
  if (made.kind !== 'task') return undefined;
  return { ...made.task, graph: trimToSeat(made.graph) };
}

export const composeWholeLine: Composer<HabitTask> = (random, level) =>
  throwUntil(() => throwMate(random, level));

/** Whatever is answered, it ends on one square. */
export const composeLastSquare: Composer<HabitTask> = (random, level) =>
  throwUntil(() => {
    const task = throwMate(random, level);
    return task !== undefined && listLastSquares(task).length === 1 ? task : undefined;
  });

/** The moves are shown in an order by chance; only one order is right. */
export const composeRightOrder: Composer<ExerciseTaskOf<'right-order'>> = (random, level) =>
  throwUntil(() => {
    const mate = throwMate(random, level);
    if (mate === undefined) return undefined;
    const sans = listOwnSans(mate);
    // Which of two men is told only when there are two: that would tell the order.
    if (sans.some((san) => /^[QRBN][a-h1-8]{1,2}x?[a-h][1-8]$/.test(san))) return undefined;
    const task = { ...mate, shown: shuffle(random, sans) };
    const family = EXERCISES['right-order'];
    if (!family.isTask(task)) return undefined;
    const isRight = (options: readonly string[]) =>
      family.judge(task, { kind: 'choose', options: [...options], ordered: true }).outcome === 'right';
    return listOrders(sans).filter(isRight).length === 1 ? task : undefined;
  });

/** Every order of a few things. */
function listOrders(items: readonly string[]): string[][] {
  if (items.length < 2) return [[...items]];
  return items.flatMap((item, at) => listOrders(items.toSpliced(at, 1)).map((rest) => [item, ...rest]));
}
