import type { BoardSegment, BoardStop } from '@/contracts/live';
import type { TaskId } from '@/contracts/ids';
import { composeExercise } from '@/core/compose';
import { EXERCISE_IDS } from '@/core/exercises';
import { getDraft, makeFen } from '@/core/notation';
import { findStop, firstOf, listFlightMarks, listGuardMarks, showStop, stepPlace } from './stops';
import { PLAIN_TERMS } from '@/text';

const position = (label: string): BoardStop => ({
  kind: 'position',
  label,
  fen: '8/8/8/3N4/8/8/8/8 w - - 0 1',
});
const segment = (stops: readonly BoardStop[]): BoardSegment => ({
  kind: 'show',
  title: '',
  minutes: 5,
  notes: '',
  stops,
});
const SEGMENTS = [
  segment([]),
  segment([position('a'), position('b')]),
  segment([]),
  segment([position('c')]),
];

test('steps go over the ends of segments and stay at the ends of the plan', () => {
  const walk = (place: { segment: number; stop: number }, by: 1 | -1) => stepPlace(SEGMENTS, place, by);
  expect(walk({ segment: 1, stop: 1 }, 1)).toEqual({ segment: 3, stop: 0 });
  expect(walk({ segment: 3, stop: 0 }, 1)).toEqual({ segment: 3, stop: 0 });
  expect(walk({ segment: 1, stop: 0 }, -1)).toEqual({ segment: 1, stop: 0 });
  // A place that holds nothing leads to the first stop.
  expect(walk({ segment: 0, stop: 0 }, 1)).toEqual({ segment: 1, stop: 0 });
  expect(firstOf(SEGMENTS, 2)).toBeUndefined();
  expect(findStop(SEGMENTS, { segment: 3, stop: 0 })).toEqual(position('c'));
});

test('every family can be shown and asked at the board: its question, its answer in moves or in words', () => {
  for (const id of EXERCISE_IDS) {
    const exercise = composeExercise(id, 1, 77);
    const shown = showStop(
      { kind: 'stored', label: '', taskId: 1 as TaskId, exercise },
      undefined,
      PLAIN_TERMS,
    );
    expect([id, shown?.words]).not.toEqual([id, '']);
    // Whose move it is stands there once.
    const isSaid = shown?.isHidden === true || /(White|Black) to move/.test(shown?.words ?? '');
    expect([id, shown?.isTurnSaid]).toEqual([id, isSaid]);
    expect([id, (shown?.moves.length ?? 0) > 0 || (shown?.answer?.text ?? '') !== '']).toEqual([id, true]);
    // What is sent with the question has to be a board.
    expect([id, shown && makeFen(shown.home)]).toEqual([id, expect.stringContaining(' ')]);
  }
});

test('an exercise that is not composed yet shows nothing', () => {
  const round = { family: 'find-square' as const, level: 1 as const, seed: 3, count: 4 };
  expect(showStop({ kind: 'exercise', label: '', round, index: 0 }, undefined, PLAIN_TERMS)).toBeUndefined();
});

test('guards and flights: a line goes on through the king, and the king’s own men are told apart', () => {
  const place = getDraft('R5k1/5ppp/8/8/8/8/8/6K1 b - - 0 1');
  const flights = listFlightMarks(place, 'white');
  expect(Object.fromEntries(flights.map(({ square, mark }) => [square, mark]))).toEqual({
    // f7, g7, h7 are its own men; f8 and h8 lie on the rook's line.
    53: 'blocked',
    54: 'blocked',
    55: 'blocked',
    61: 'guarded',
    63: 'guarded',
  });
  const alone = getDraft('8/8/8/3N4/8/8/8/8 w - - 0 1');
  expect(listGuardMarks(alone)).toHaveLength(8);
  expect(listFlightMarks(alone, 'white')).toEqual([]);
});
