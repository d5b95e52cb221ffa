/** A few composed tasks of every family and level held against independent code; a hundred of each in `tests/long`. */
import { EXERCISE_IDS, listLevels } from '@/core/exercises';
import { listFaults } from './trueTasks';

/** Seeds that no test of the composers uses. */
const SEEDS = [50_000, 50_001];

test.each(EXERCISE_IDS)(
  '%s: answers are judged as the oracle judges them, and every reason is true',
  (id) => {
    const faults = listLevels(id).flatMap((level) => SEEDS.flatMap((seed) => listFaults(id, level, seed)));
    expect(faults.slice(0, 3)).toEqual([]);
  },
);
