import { EXERCISES, type ExerciseTaskOf } from '../../../exercises';
import { pickOne, randomBelow } from '../../../shared';
import { shuffle, sampleUntil, type Composer } from '../../draw';

/** 1: one man for one. 2: one for two or three. 3: two for two or three. Even ones are rare among them, so more of them are kept. */
export const composeTrade: Composer<ExerciseTaskOf<'trade'>> = (random, level, values) =>
  sampleUntil(() => {
    const counts = [
      [1, 1],
      [1, 2 + randomBelow(random, 2)],
      [2, 2 + randomBelow(random, 2)],
    ][level - 1] ?? [1, 1];
    const pick = (count = 1) =>
      Array.from({ length: count }, () =>
        pickOne(random, ['pawn', 'knight', 'bishop', 'rook', 'queen'] as const),
      );
    const [given, taken] = shuffle(random, counts).map(pick);
    if (given === undefined || taken === undefined) return undefined;
    const task = { given, taken, values };
    const measure = EXERCISES.trade.measure(task);
    // Far apart is no question.
    const isNear = measure >= 10 * (given.length + taken.length) - 4;
    const isKept = EXERCISES.trade.solution(task).options[0] === 'even' || random() < 0.2;
    return isNear && isKept && given.join() !== taken.join() ? task : undefined;
  });
