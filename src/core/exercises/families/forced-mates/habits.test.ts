/** Forced mates answered as a whole: a known mate in two by hand, and the judge on lines that are nearly right. */
import { composeExercise, createTaskSearches, makeMateTask } from '../../../compose';
import { getPosition, makeMoveText, makeSan } from '../../../notation';
import { trimToSeat } from '../../../puzzles';
import { listLegalMoves, playMove } from '../../../rules';
import { makeHabitTask } from './habits';
import { openExercise, type Answer, type Habit } from '../..';

/** Two rooks on an open board: 1 Rb7 and mate on the eighth rank, wherever the king goes (common practice). */
const TWO_ROOKS = '4k3/8/8/8/8/8/1R6/R6K w - - 0 1';

function makeExercise(fen: string, habit: Habit, moves: number) {
  const made = makeMateTask(createTaskSearches(), getPosition(fen), { maxMoves: moves });
  if (made.kind !== 'task') throw new Error(made.kind);
  const task = makeHabitTask(habit, made.task, trimToSeat(made.graph));
  return task === undefined ? undefined : openExercise({ family: habit, task });
}
const line = (...moves: string[]): Answer => ({ kind: 'play', moves, slips: 0 });
const order = (...options: string[]): Answer => ({ kind: 'choose', options, ordered: true });

test('a line is right when both sides play their best; it says where it breaks and what answers', () => {
  const exercise = makeExercise(TWO_ROOKS, 'whole-line', 2);
  expect(exercise?.judge(line('b2b7', 'e8d8', 'a1a8')).outcome).toBe('right');
  expect(exercise?.judge(line('b2b7', 'e8f8', 'a1a8')).outcome).toBe('right');
  expect(exercise?.judge(line('b2b7', 'e8d8')).notes).toEqual([{ code: 'line-too-short', moves: 2 }]);
  expect(exercise?.judge(line('a1a8')).notes).toMatchObject([
    { code: 'line-breaks', number: '1.', san: 'Ra8+' },
  ]);
  expect(exercise?.judge(line('b2b7', 'e8e7')).outcome).toBe('wrong');
  // By the other rook it is as quick.
  expect(exercise?.judge(line('a1a7', 'e8d8', 'b2b8')).outcome).toBe('right');
});

test('a defence that gives in too soon is named, with the one that holds out longer', () => {
  let weak = 0;
  for (let seed = 0; seed < 4; seed += 1) {
    const composed = composeExercise('whole-line', 3, seed);
    const { solution, judge } = openExercise(composed);
    if (solution.kind !== 'play') throw new Error('a line');
    const [first = '', best = ''] = solution.moves;
    const home = getPosition((composed.task as { fen: string }).fen);
    const key = listLegalMoves(home).find((move) => makeMoveText(move) === first);
    if (key === undefined) throw new Error(first);
    const after = playMove(home, key);
    for (const defence of listLegalMoves(after)) {
      // Only what is not among the longest defences ends the line already here.
      const verdict = judge(line(first, makeMoveText(defence)));
      const [note] = verdict.notes;
      if (note?.code !== 'lasts-longer') continue;
      weak += 1;
      expect(verdict.outcome).toBe('wrong');
      expect(note.san).toBe(makeSan(after, defence));
      expect(note.better).not.toBe(note.san);
      expect(makeMoveText(defence)).not.toBe(best);
    }
  }
  expect(weak).toBeGreaterThan(0);
});

test('the last square is any on which a right line ends', () => {
  const exercise = makeExercise(TWO_ROOKS, 'last-square', 2);
  const tap = (square: number): Answer => ({ kind: 'tap', marks: [{ square }] });
  expect(exercise?.judge(tap(56)).outcome).toBe('right');
  expect(exercise?.judge(tap(57)).outcome).toBe('right');
  expect(exercise?.judge(tap(0)).notes).toMatchObject([
    { code: 'no-mate-there', square: 0 },
    { code: 'mates-there' },
  ]);
});

test('an order is played out against the best answers', () => {
  // The ladder from below: the rook checks first would let the king out.
  const exercise = makeExercise(TWO_ROOKS, 'right-order', 2);
  const solution = exercise?.solution;
  if (solution?.kind !== 'choose') throw new Error('an order');
  expect(exercise?.judge(solution).outcome).toBe('right');
  expect(exercise?.judge(order(...solution.options.toReversed()))).toMatchObject({
    outcome: 'wrong',
    notes: [{ code: 'line-breaks' }],
  });
  expect(exercise?.judge(order('Qa1')).notes).toEqual([{ code: 'cannot-yet', san: 'Qa1' }]);
  // What is shown is not the solution.
  expect(exercise?.ask).toMatchObject({ kind: 'choose', isOrdered: true });
  if (exercise?.ask.kind === 'choose') expect(exercise.ask.options).not.toEqual(solution.options);
});

test('of a mate in one there is no line and no order', () => {
  const one = '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1';
  expect(makeExercise(one, 'whole-line', 1)).toBeUndefined();
  expect(makeExercise(one, 'right-order', 1)).toBeUndefined();
  expect(makeExercise(one, 'last-square', 1)?.judge({ kind: 'tap', marks: [{ square: 56 }] }).outcome).toBe(
    'right',
  );
});

test('of a mate that begins with a sacrifice the first move alone is asked for', () => {
  const smothered = 'n4r1k/6pp/p6N/1p6/2Q5/1P6/P4PPP/6Kb w - - 0 1';
  const made = makeMateTask(createTaskSearches(), getPosition(smothered), { maxMoves: 2 });
  if (made.kind !== 'task') throw new Error(made.kind);
  const task = { ...made.task, graph: trimToSeat(made.graph) };
  const exercise = openExercise({ family: 'give-up', task });
  expect(exercise.solution).toEqual({ kind: 'play', moves: ['c4g8'], slips: 0 });
  expect(exercise.judge(line('c4g8')).outcome).toBe('right');
  expect(exercise.judge(line('h6f7'))).toMatchObject({
    outcome: 'wrong',
    notes: [{ code: 'line-breaks', number: '1.', san: 'Nf7+' }],
  });
  expect(exercise.respond(['c4g8'])).toMatchObject({ kind: 'verdict' });
  // Two rooks that give nothing away make no such task.
  const rooks = makeMateTask(createTaskSearches(), getPosition(TWO_ROOKS), { maxMoves: 2 });
  if (rooks.kind !== 'task') throw new Error(rooks.kind);
  const plain = { ...rooks.task, graph: trimToSeat(rooks.graph) };
  expect(() => openExercise({ family: 'give-up', task: plain })).toThrow();
});
