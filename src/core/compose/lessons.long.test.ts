import { openTapTask, TAP_FAMILIES, type TapFamilyId } from '../exercises';
import { composeTapTask } from '.';

const IDS = Object.keys(TAP_FAMILIES) as TapFamilyId[];
const LEVELS = ([1, 2, 3, 4, 5] as const).flatMap((level) =>
  IDS.filter((id) => TAP_FAMILIES[id].levels >= level).map((id) => [id, level] as const),
);

/** Five hundred seeds a level; only with --long. */
test.each(LEVELS)(
  '%s, level %i: every task is valid, its solution right, each change of it wrong',
  (id, level) => {
    for (let seed = 1; seed <= 500; seed += 1) {
      const task = composeTapTask(id, level, seed);
      expect(TAP_FAMILIES[id].taskSchema.safeParse(task.task).success).toBe(true);
      const { solution, judge } = openTapTask(task);
      expect(judge(solution).outcome).toBe('right');
      for (let square = 0; square < 64; square += 1) {
        const marks = solution.includes(square)
          ? solution.filter((other) => other !== square)
          : [...solution, square];
        const { outcome, notes } = judge(marks);
        expect([seed, outcome, notes.map((note) => note.square)]).toEqual([seed, 'wrong', [square]]);
      }
    }
  },
);
