import { SIDES } from '../../../board';
import type { ExerciseTaskOf } from '../../../exercises';
import { pickOne } from '../../../shared';
import type { Composer } from '../../draw';

/** 1: officers of one army, pawns stand. 2: one whole army. 3: both armies' officers. 4: the whole board, from Black's side. */
export const composeSetUp: Composer<ExerciseTaskOf<'set-up'>> = (random, level) => ({
  sides: level >= 3 ? [...SIDES] : [pickOne(random, SIDES)],
  areOfficersOnly: level === 1 || level === 3,
  bottom: level === 4 || (level < 3 && random() < 0.2) ? 'black' : 'white',
});
