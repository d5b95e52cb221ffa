import { listWrongAnswers } from '../../../tests/support/wrongAnswers';
import { EXERCISE_IDS, EXERCISES, listLevels, openExercise, type ExerciseId, type Level } from '../exercises';
import { composeExercise } from '.';

const FAMILY_LEVELS = EXERCISE_IDS.flatMap((id) => listLevels(id).map((level) => [id, level] as const));
const SEEDS = 500;

/** Five hundred seeds a level; only with --long. One expectation a level: some ten million of them would take the time. */
test.each(FAMILY_LEVELS)(
  '%s, level %i: every task is valid, its solution right, each change of it wrong',
  (id, level) => {
    const failures = Array.from({ length: SEEDS }, (_, index) => listFailures(id, level, index + 1)).flat();
    expect(failures.slice(0, 5)).toEqual([]);
  },
);

/** What does not hold of the task of one seed. */
function listFailures(id: ExerciseId, level: Level, seed: number): unknown[] {
  const task = composeExercise(id, level, seed);
  if (!EXERCISES[id].isTask(task.task)) return [{ seed, task, fault: 'not a task' }];
  const exercise = openExercise(task);
  const { solution } = exercise;
  if (exercise.judge(solution).outcome !== 'right')
    return [{ seed, task, fault: 'the solution is not right' }];
  return listWrongAnswers(exercise, (task.task as { fen?: string }).fen).flatMap((answer) => {
    const { outcome, notes } = exercise.judge(answer);
    return outcome === 'wrong' && notes.length > 0 ? [] : [{ seed, answer, outcome, notes }];
  });
}
