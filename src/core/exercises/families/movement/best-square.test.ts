import { parseSquareName } from '../../../board';
import { openExercise } from '../..';

const at = (name: string) => parseSquareName(name) ?? -1;

test('squares with as many points are both right', () => {
  // From either square the knight sees one middle square.
  const task = {
    fen: '8/8/8/8/8/8/8/N7 w - - 0 1',
    square: at('a1'),
    candidates: [at('b3'), at('c2')],
    weights: { middle: 1, attacked: 1, blocked: 1, moves: 1 },
  };
  const { judge } = openExercise({ family: 'best-square', task });
  for (const square of task.candidates)
    expect(judge({ kind: 'tap', marks: [{ square }] }).outcome).toBe('right');
  expect(judge({ kind: 'tap', marks: [{ square: at('h8') }] }).outcome).toBe('wrong');
});
