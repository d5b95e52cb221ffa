/** What every family promises of its tasks, over twenty seeds a level. In two test files, for two threads take half the time. */
import {
  EXERCISES,
  listLevels,
  openExercise,
  type ExerciseId,
  type ExerciseTask,
  type Level,
} from '@/core/exercises';
import { composeExercise } from '@/core/compose';
import { listWrongAnswers } from './wrongAnswers';
import { questionText } from '@/text';
import { plainWords } from './plainWords';

const SEEDS = Array.from({ length: 20 }, (_, seed) => seed);

/** So many of twenty answers may be the same. */
const MOST_ALIKE = 15;

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

/** Registers the tests of these families with Jest. */
export function describeFamilies(ids: readonly ExerciseId[]): void {
  describe.each(ids.flatMap((id) => listLevels(id).map((level) => [id, level] as const)))(
    '%s, level %i',
    describeLevel,
  );
  test.each(ids)('measured difficulty of %s rises with the level', expectRise);
}

function describeLevel(id: ExerciseId, level: Level): void {
  // Not before one of these tests runs: whoever asks for one family waits for that one alone.
  let tasks: readonly ExerciseTask[] = [];
  beforeAll(() => {
    tasks = SEEDS.map((seed) => taskOf(id, level, seed));
  });

  test('the same seed makes the same task, another seed mostly another', () => {
    expect(composeExercise(id, level, 7)).toEqual(tasks[7]);
    const kinds = new Set(tasks.map((task) => JSON.stringify(task))).size;
    // Of set-ups, results, and trades of one man for one there are only a few.
    expect(kinds).toBeGreaterThan(id === 'set-up' ? 0 : id === 'trade' || id === 'result' ? 3 : 10);
  });

  test('the answer cannot be guessed from the level', () => {
    const { ask } = openExercise(taskOf(id, level, 0));
    if (ask.kind !== 'choose' && ask.kind !== 'number') return;
    const times = new Map<string, number>();
    for (const task of tasks) {
      const text = JSON.stringify(openExercise(task).solution);
      times.set(text, (times.get(text) ?? 0) + 1);
    }
    expect(Math.max(...times.values())).toBeLessThanOrEqual(MOST_ALIKE);
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

  test('a board without letters and kings says from which side it is seen', () => {
    for (const task of tasks) {
      const { question, scene } = openExercise(task);
      const isBare =
        !scene.hasCoordinates && !scene.isHidden && !scene.board.some((man) => man?.role === 'king');
      if (isBare)
        expect(questionText(plainWords(id), question)).toMatch(/^You sit on (White|Black)'s side\. /);
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
}

function expectRise(id: ExerciseId): void {
  const means = listLevels(id).map((level) => {
    const measures = SEEDS.map((seed) => openExercise(taskOf(id, level, seed)).measure);
    return measures.reduce((sum, measure) => sum + measure, 0) / measures.length;
  });
  for (const [index, mean] of means.entries())
    if (index > 0) expect(mean).toBeGreaterThan(means[index - 1] ?? 0);
}
