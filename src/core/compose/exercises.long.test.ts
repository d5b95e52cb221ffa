import { listWrongAnswers } from '../../../tests/support/wrongAnswers';
import { EXERCISE_IDS, EXERCISES, listLevels, openExercise } from '../exercises';
import { composeExercise } from '.';

const FAMILY_LEVELS = EXERCISE_IDS.flatMap((id) => listLevels(id).map((level) => [id, level] as const));

/** Five hundred seeds a level; only with --long. */
test.each(FAMILY_LEVELS)(
  '%s, level %i: every task is valid, its solution right, each change of it wrong',
  (id, level) => {
    for (let seed = 1; seed <= 500; seed += 1) {
      const task = composeExercise(id, level, seed);
      expect([seed, EXERCISES[id].isTask(task.task)]).toEqual([seed, true]);
      const exercise = openExercise(task);
      expect([seed, exercise.judge(exercise.solution).outcome]).toEqual([seed, 'right']);
      for (const answer of listWrongAnswers(exercise, (task.task as { fen?: string }).fen)) {
        const { outcome, notes } = exercise.judge(answer);
        expect([seed, answer, outcome, notes.length > 0]).toEqual([seed, answer, 'wrong', true]);
      }
    }
  },
);
