import { listLastSquares } from '../../../exercises';
import { throwUntil, type Composer } from '../../draw';
import { throwMate, type HabitTask } from './habits';

/** Whatever is answered, it ends on one square. */
export const composeLastSquare: Composer<HabitTask> = (random, level) =>
  throwUntil(() => {
    const task = throwMate(random, level);
    return task !== undefined && listLastSquares(task).length === 1 ? task : undefined;
  });
