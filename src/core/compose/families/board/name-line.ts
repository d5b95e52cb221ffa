import { fileOf, rankOf, squareAt, type Square } from '../../../board';
import type { ExerciseTaskOf } from '../../../exercises';
import { pickOne, randomBelow, type Random } from '../../../shared';
import { sampleUntil, type Composer } from '../../draw';

/** 1: file, rank or diagonal? 2: which one? 3: from Black's side. 4: without letters and numbers. */
export const composeNameLine: Composer<ExerciseTaskOf<'name-line'>> = (random, level) => {
  const kind = pickOne(random, ['file', 'rank', 'diagonal'] as const);
  const { from, to } = sampleLine(random, kind);
  return {
    kind,
    from,
    to,
    asks: level === 1 ? 'kind' : 'name',
    bottom: level === 3 ? 'black' : 'white',
    hasCoordinates: level < 4,
  };
};

function sampleLine(random: Random, kind: 'file' | 'rank' | 'diagonal'): { from: Square; to: Square } {
  const at = randomBelow(random, 8);
  if (kind === 'file') return { from: at, to: 56 + at };
  if (kind === 'rank') return { from: 8 * at, to: 8 * at + 7 };
  return sampleUntil(() => {
    const isRising = random() < 0.5;
    const start = randomBelow(random, 64);
    const step = isRising ? 1 : -1;
    let [first, last] = [start, start];
    for (let back = squareAt(fileOf(first) - step, rankOf(first) - 1); back !== undefined;) {
      first = back;
      back = squareAt(fileOf(first) - step, rankOf(first) - 1);
    }
    for (let on = squareAt(fileOf(last) + step, rankOf(last) + 1); on !== undefined;) {
      last = on;
      on = squareAt(fileOf(last) + step, rankOf(last) + 1);
    }
    // A diagonal of three squares and more.
    return rankOf(last) - rankOf(first) >= 2 ? { from: first, to: last } : undefined;
  });
}
