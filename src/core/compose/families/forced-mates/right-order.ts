import { EXERCISES, listOwnSans, type ExerciseTaskOf } from '../../../exercises';
import { shuffle, sampleUntil, type Composer } from '../../draw';
import { sampleMate } from './habits';

/** The moves are shown in an order by chance; only one order is right. */
export const composeRightOrder: Composer<ExerciseTaskOf<'right-order'>> = (random, level) =>
  sampleUntil(() => {
    const mate = sampleMate(random, level);
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
