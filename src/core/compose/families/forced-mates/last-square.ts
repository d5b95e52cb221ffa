import { listLastSquares } from '../../../exercises';
import { sampleUntil, type Composer } from '../../draw';
import { sampleMate, type HabitTask } from './habits';

/** Whatever is answered, it ends on one square. */
export const composeLastSquare: Composer<HabitTask> = (random, level) =>
  sampleUntil(() => sampleMate(random, level, (task) => listLastSquares(task).length === 1));
