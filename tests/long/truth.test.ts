/** A hundred tasks of every family and level held against independent code: solutions, acceptance, and the truth of every reason. */
import { EXERCISE_IDS, listLevels } from '@/core/exercises';
import { listFaults } from '../truth/trueTasks';

const SEEDS = Array.from({ length: 100 }, (_, index) => 60_000 + index);

jest.setTimeout(3_600_000);

test.each(EXERCISE_IDS.flatMap((id) => listLevels(id).map((level) => [id, level] as const)))(
  '%s, level %i',
  (id, level) => {
    const faults = SEEDS.flatMap((seed) => listFaults(id, level, seed));
    expect(faults.slice(0, 3)).toEqual([]);
  },
);
