import { loadFamily } from './loadFamily';
import { EXERCISE_IDS, EXERCISES } from './index';

test.each(EXERCISE_IDS)('%s is loaded from its own file', async (id) => {
  expect(await loadFamily(id)).toBe(EXERCISES[id]);
});
