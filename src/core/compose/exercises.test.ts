import { EXERCISE_IDS, EXERCISES, openExercise } from '../exercises';
import { describeFamilies } from '../../../tests/support/exerciseChecks';
import { composeExercise } from '.';

test('every family is here: the list is not empty by mistake', () => {
  expect(EXERCISE_IDS.length).toBeGreaterThanOrEqual(50);
  for (const id of EXERCISE_IDS) {
    expect(EXERCISES[id].id).toBe(id);
    expect(EXERCISES[id].levels).toBeGreaterThanOrEqual(3);
  }
});

test('a level a family does not have is a mistake of the caller; so is an answer of another mode', () => {
  expect(() => composeExercise('captures', 5, 1)).toThrow(RangeError);
  const { judge } = openExercise(composeExercise('captures', 1, 1));
  expect(() => judge({ kind: 'number', value: 3 })).toThrow(TypeError);
});

describeFamilies(EXERCISE_IDS.filter((_, index) => index % 2 === 0));
