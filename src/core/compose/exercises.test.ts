import {
  EXERCISE_IDS,
  EXERCISES,
  listLevels,
  openExercise,
  type ExerciseId,
  type ExerciseTask,
  type Level,
} from '../exercises';
import { listWrongAnswers } from '../../../tests/support/wrongAnswers';
import { composeExercise } from '.';

const SEEDS = Array.from({ length: 20 }, (_, seed) => seed);
const FAMILY_LEVELS = EXERCISE_IDS.flatMap((id) => listLevels(id).map((level) => [id, level] as const));

test('every family is here: the list is not empty by mistake', () => {
  expect(EXERCISE_IDS.length).toBeGreaterThanOrEqual(50);
  for (const id of EXERCISE_IDS) {
    expect(EXERCISES[id].id).toBe(id);
    expect(EXERCISES[id].levels).toBeGreaterThanOrEqual(3);
  }
});

/** Where other moves may be right as well: their wrong answers have tests of their own. */
const HAVE_OWN_TESTS = new Set<ExerciseId>(['mate-in-one', 'stop-mate', 'pawn-game']);

/** Every task is made once, whichever test asks for it. */
const made = new Map<string, ExerciseTask>();
function taskOf(id: ExerciseId, level: Level, seed: number): ExerciseTask {
  const key = `${id} ${level} ${seed}`;
  const task = made.get(key) ?? composeExercise(id, level, seed);
  made.set(key, task);
  return task;
}

describe.each(FAMILY_LEVELS)('%s, level %i', (id, level) => {
  const tasks = SEEDS.map((seed) => taskOf(id, level, seed));

  test('the same seed makes the same task, another seed mostly another', () => {
    expect(composeExercise(id, level, 7)).toEqual(tasks[7]);
    const kinds = new Set(tasks.map((task) => JSON.stringify(task))).size;
    // Of set-ups, results, and trades of one man for one there are only a few.
    expect(kinds).toBeGreaterThan(id === 'set-up' ? 0 : id === 'trade' || id === 'result' ? 3 : 10);
  });

  test('every task is valid and its stated solution is right', () => {
    for (const task of tasks) {
      expect(EXERCISES[id].isTask(task.task)).toBe(true);
      const { solution, judge } = openExercise(task);
      expect([JSON.stringify(task.task), judge(solution).outcome]).toEqual([
        JSON.stringify(task.task),
        'right',
      ]);
    }
  });

  test('each enumerated wrong answer is refused, with a reason', () => {
    for (const task of tasks.slice(0, 8)) {
      const exercise = openExercise(task);
      const wrong = listWrongAnswers(exercise, (task.task as { fen?: string }).fen);
      expect(wrong.length > 0 || HAVE_OWN_TESTS.has(id)).toBe(true);
      for (const answer of wrong) {
        const verdict = exercise.judge(answer);
        expect([JSON.stringify(task.task), answer, verdict.outcome]).toEqual([
          JSON.stringify(task.task),
          answer,
          'wrong',
        ]);
        expect(verdict.notes.length).toBeGreaterThan(0);
        expect(verdict.diagnoses.length).toBeGreaterThan(0);
      }
    }
  });
});

test.each(EXERCISE_IDS)('measured difficulty of %s rises with the level', (id) => {
  const means = listLevels(id).map((level) => {
    const measures = SEEDS.map((seed) => openExercise(taskOf(id, level, seed)).measure);
    return measures.reduce((sum, measure) => sum + measure, 0) / measures.length;
  });
  for (const [index, mean] of means.entries())
    if (index > 0) expect(mean).toBeGreaterThan(means[index - 1] ?? 0);
});

test('a level a family does not have is a mistake of the caller; so is an answer of another mode', () => {
  expect(() => composeExercise('captures', 5, 1)).toThrow(RangeError);
  const { judge } = openExercise(taskOf('captures', 1, 1));
  expect(() => judge({ kind: 'number', value: 3 })).toThrow(TypeError);
});
