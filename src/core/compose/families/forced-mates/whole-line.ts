import { sampleUntil, type Composer } from '../../draw';
import { sampleMate, type HabitTask } from './habits';

export const composeWholeLine: Composer<HabitTask> = (random, level) =>
  sampleUntil(() => sampleMate(random, level));
