import { throwUntil, type Composer } from '../../draw';
import { throwMate, type HabitTask } from './habits';

export const composeWholeLine: Composer<HabitTask> = (random, level) =>
  throwUntil(() => throwMate(random, level));
