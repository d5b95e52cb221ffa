import type { ExerciseTaskOf } from '../../../exercises';
import { randomBelow } from '../../../shared';
import type { Composer } from '../../draw';

/** 1: letters and numbers beside the board. 2: seen from Black's side. 3: without them. 4: without them, from Black's side. */
export const composeSquare: Composer<ExerciseTaskOf<'find-square'>> = (random, level) => ({
  square: randomBelow(random, 64),
  bottom: level % 2 === 0 ? 'black' : 'white',
  hasCoordinates: level <= 2,
});
