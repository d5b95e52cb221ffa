import { EXERCISES, listOwnSans, type ExerciseTaskOf } from '../../../exercises';
import { shuffle, sampleUntil, type Composer } from '../../draw';
import { sampleMate, type HabitTask } from './habits';

/** The moves are shown in an order by chance; only one order is right. */
export const composeRightOrder: Composer<ExerciseTaskOf<'right-order'>> = (random, level) =>
  sampleUntil(() => {
    const mate = sampleMate(random, level, hasOneOrder);
    return mate === undefined ? undefined : { ...mate, shown: shuffle(random, listOwnSans(mate)) };
  });

/** Do its moves make the mate in one order alone, and does none of them tell which? */
function hasOneOrder(mate: HabitTask): boolean {
  const sans = listOwnSans(mate);
  // Which of two men is told only when there are two: that would tell the order.
  if (sans.some((san) => /^[QRBN][a-h1-8]{1,2}x?[a-h][1-8]$/.test(san))) return false;
  const family = EXERCISES['right-order'];
  const task = { ...mate, shown: sans };
  if (!family.isTask(task)) return false;
  const isRight = (options: readonly string[]) =>
    family.judge(task, { kind: 'choose', options: [...options], ordered: true }).outcome === 'right';
  return listOrders(sans).filter(isRight).length === 1;
}

/** Every order of a few things. */
function listOrders(items: readonly string[]): string[][] {
  if (items.length < 2) return [[...items]];
  return items.flatMap((item, at) => listOrders(items.toSpliced(at, 1)).map((rest) => [item, ...rest]));
}
