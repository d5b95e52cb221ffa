import { SIDES } from '../../../board';
import type { ExerciseTaskOf } from '../../../exercises';
import { pickOne } from '../../../shared';
import type { Composer } from '../../draw';

/** 1: mate, giving up, time. 2: draws among them. 3: a bare king when the time runs out, and games that go on. */
export const composeResult: Composer<ExerciseTaskOf<'result'>> = (random, level) => ({
  ending: pickOne(
    random,
    (
      [
        ['mates', 'resigns', 'time-runs-out'],
        ['resigns', 'time-runs-out', 'stalemate', 'agreement', 'repetition'],
        ['time-runs-out-bare-king', 'still-playing', 'repetition'],
      ] as const
    )[level - 1] ?? ['mates'],
  ),
  side: pickOne(random, SIDES),
});
