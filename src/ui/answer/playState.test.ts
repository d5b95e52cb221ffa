import { createTaskSearches, makeMateTask } from '@/core/compose';
import { mateFamily } from '@/core/exercises';
import { positionOf } from '../../../tests/fixtures/positions';
import { answerMoves, FRESH_PLAY, reducePlay, type PlayAction, type PlayJudge } from './playState';
import { placeOf, playOf, readPlace } from './seatPlace';

function judgeOf(fen: string): PlayJudge {
  const made = makeMateTask(createTaskSearches(), positionOf(fen), { maxMoves: 3 });
  if (made.kind !== 'task') throw new Error(made.kind);
  return {
    respond: (moves) => mateFamily.respond(made.task, made.graph, moves),
    hint: (moves) => mateFamily.hint(made.task, made.graph, moves),
  };
}

/** One move: Ra8. Two moves: Rd8+ Qe8 (forced) Rexe8 or Rdxe8. */
const ONE = judgeOf('6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1');
const TWO = judgeOf('6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1');
const play = (judge: PlayJudge, ...actions: readonly (PlayAction | string)[]) =>
  actions
    .map((action): PlayAction => (typeof action === 'string' ? { kind: 'play', move: action } : action))
    .reduce((state, action) => reducePlay(state, action, judge), FRESH_PLAY);

test('the app answers a right move with a longest defence, and the mate ends it', () => {
  const begun = play(TWO, 'd6d8');
  expect(begun).toMatchObject({ moves: ['d6d8', 'a4e8'], phase: { kind: 'thinking' } });
  expect(play(TWO, 'd6d8', 'e1e8').phase).toMatchObject({ kind: 'ended', verdict: { outcome: 'right' } });
  expect(play(TWO, 'd6d8', 'd8e8').phase).toMatchObject({ kind: 'ended', verdict: { outcome: 'right' } });
});

test('a wrong move is answered on the board, and trying again goes back to before it', () => {
  const wrong = play(TWO, 'd6d8', 'h1g1');
  expect(wrong.phase).toMatchObject({ kind: 'ended', verdict: { outcome: 'wrong', wrongPly: 2 } });
  expect(wrong.moves).toHaveLength(4);
  expect(answerMoves(wrong)).toEqual(['d6d8', 'a4e8', 'h1g1']);
  expect(reducePlay(wrong, { kind: 'again' }, TWO)).toMatchObject({
    moves: ['d6d8', 'a4e8'],
    phase: { kind: 'thinking' },
  });
});

test('a man that slipped to a neighbouring square may be taken back once, and no wrong end is counted', () => {
  const slipped = play(ONE, 'a1a7');
  expect(slipped.phase.kind).toBe('slipped');
  expect(reducePlay(slipped, { kind: 'takeBack' }, ONE)).toMatchObject({ moves: [], slips: 1 });
  expect(play(ONE, 'a1a7', { kind: 'takeBack' }, 'a1a7').phase.kind).toBe('ended');
  expect(play(ONE, 'a1a7', { kind: 'keep' }).phase).toMatchObject({ verdict: { outcome: 'wrong' } });
});

test('the hint names the man, is counted once, and goes with the next move', () => {
  const helped = play(ONE, { kind: 'hint' }, { kind: 'hint' });
  expect(helped).toMatchObject({ hints: 1, hintSquare: 0 });
  expect(reducePlay(helped, { kind: 'play', move: 'a1a8' }, ONE)).toMatchObject({
    hints: 1,
    hintSquare: undefined,
  });
});

test('after the end no move counts any more', () => {
  const done = play(ONE, 'a1a8');
  expect(reducePlay(done, { kind: 'play', move: 'a8a1' }, ONE)).toBe(done);
  expect(reducePlay(done, { kind: 'again' }, ONE)).toBe(done);
});

describe('the place kept on the device', () => {
  const storeOf = (text: string | null) => ({ getItem: () => text });

  test('a reload in the middle goes on where it was', () => {
    const state = play(TWO, { kind: 'hint' }, 'd6d8');
    const place = readPlace(storeOf(JSON.stringify(placeOf(7, state, [3]))), 'key');
    expect(place).toMatchObject({ taskId: 7, solved: [3] });
    expect(place && playOf(place)).toMatchObject({
      moves: state.moves,
      hints: 1,
      phase: { kind: 'thinking' },
    });
  });

  test('after a wrong end it goes on before the wrong move, never with it', () => {
    expect(placeOf(7, play(TWO, 'd6d8', 'h1g1'), []).moves).toEqual(['d6d8', 'a4e8']);
    expect(placeOf(7, play(ONE, 'a1a7'), []).moves).toEqual([]);
    expect(placeOf(7, play(ONE, 'a1a8'), [7]).moves).toEqual([]);
  });

  test.each([null, 'not json', '{"taskId":"x"}'])('%s is nothing to go on with', (text) => {
    expect(readPlace(storeOf(text), 'key')).toBeUndefined();
  });
});

const AGAIN: PlayAction = { kind: 'again' };
const SHOW: PlayAction = { kind: 'show', line: ['a1a8'] };

test('after two honest tries how it goes is shown, and not before', () => {
  // One try, or help alone, is not enough.
  expect(play(ONE, SHOW).phase.kind).toBe('thinking');
  expect(play(ONE, { kind: 'hint' }, SHOW).phase.kind).toBe('thinking');
  expect(play(ONE, 'a1b1', SHOW).phase.kind).toBe('ended');
  const shown = play(ONE, 'a1b1', AGAIN, 'a1c1', SHOW);
  expect(shown).toMatchObject({ moves: ['a1a8'], phase: { kind: 'shown' }, misses: 2, hints: 1 });
  // It is asked for after trying again too, and a move of the student's own ends nothing then.
  expect(play(ONE, 'a1b1', AGAIN, 'a1c1', AGAIN, SHOW).phase.kind).toBe('shown');
  expect(reducePlay(shown, { kind: 'play', move: 'a1a8' }, ONE)).toBe(shown);
});

test('tries are kept with the place, and what was shown begins anew', () => {
  const tried = play(ONE, 'a1b1', AGAIN, 'a1c1');
  const kept = (state: typeof tried) => playOf(placeOf(1, state, []));
  expect(kept(tried)).toMatchObject({ misses: 2, moves: [], phase: { kind: 'thinking' } });
  expect(kept(reducePlay(tried, SHOW, ONE))).toMatchObject({
    misses: 2,
    moves: [],
    phase: { kind: 'thinking' },
  });
});
