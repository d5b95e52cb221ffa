import { createTaskSearches, makeMateTask } from '@/core/compose';
import { mateFamily } from '@/core/exercises';
import { getMove } from '@/core/notation';
import { positionOf } from '../../../tests/fixtures/positions';
import { HELP_STEPS } from '@/text';
import {
  answerMoves,
  countSeen,
  findNextHelp,
  findOpenHelp,
  FRESH_PLAY,
  reducePlay,
  type PlayAction,
  type PlayJudge,
} from './playState';

function judgeOf(fen: string): PlayJudge {
  const made = makeMateTask(createTaskSearches(), positionOf(fen), { maxMoves: 3 });
  if (made.kind !== 'task') throw new Error(made.kind);
  return {
    respond: (moves) => mateFamily.respond(made.task, made.graph, moves),
    findRightMove: (moves) => mateFamily.findRightMove(made.task, made.graph, moves),
    helpSteps: HELP_STEPS,
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

test('of the line that refutes a move one reply is seen at once, the rest when it is asked for', () => {
  const wrong = play(TWO, 'd6d8', 'h1g1');
  expect(countSeen(wrong)).toBe(4);
  const long = play(TWO, 'e1e6');
  expect(long.phase).toMatchObject({ kind: 'ended', verdict: { outcome: 'wrong' } });
  expect(long.moves.length).toBeGreaterThan(2);
  expect(countSeen(long)).toBe(2);
  expect(countSeen(reducePlay(long, { kind: 'tellWhole' }, TWO))).toBe(long.moves.length);
  expect(answerMoves(reducePlay(long, { kind: 'tellWhole' }, TWO))).toEqual(['e1e6']);
});

describe('a piece let go between two squares', () => {
  const asked = (move: string, other: string) => play(ONE, { kind: 'ask', move, other });

  test('the question is the same whatever is right, and nothing counts before it is answered', () => {
    for (const [move, other] of [
      ['a1a7', 'a1a8'],
      ['a1a8', 'a1a7'],
      ['a1a4', 'a1a5'],
    ] as const)
      expect(asked(move, other)).toEqual({ ...FRESH_PLAY, phase: { kind: 'asking', move, other } });
    expect(reducePlay(asked('a1a7', 'a1a8'), { kind: 'play', move: 'a1a8' }, ONE).phase.kind).toBe('asking');
  });

  test('what was meant is played, and the other square counts as a slip', () => {
    const meant = reducePlay(asked('a1a7', 'a1a8'), { kind: 'choose', move: 'a1a8' }, ONE);
    expect(meant).toMatchObject({ slips: 1, misses: 0, phase: { verdict: { outcome: 'right' } } });
    const stayed = reducePlay(asked('a1a7', 'a1a8'), { kind: 'choose', move: 'a1a7' }, ONE);
    expect(stayed).toMatchObject({ slips: 0, misses: 1, phase: { verdict: { outcome: 'wrong' } } });
  });
});

test('help is a ladder towards a right move: each step is counted, and the next move closes it', () => {
  const HINT: PlayAction = { kind: 'hint' };
  const steps = HELP_STEPS.map((_, at) => play(ONE, ...HELP_STEPS.slice(0, at + 1).map(() => HINT)));
  expect(steps.map((state) => findOpenHelp(state, ONE))).toEqual(
    HELP_STEPS.map((step) => ({ step, move: getMove('a1a8') })),
  );
  expect(steps.map(({ hints }) => hints)).toEqual([1, 2, 3, 4]);
  const [last] = steps.slice(-1);
  if (last === undefined) throw new Error('no step');
  expect(findNextHelp(last, ONE)).toBeUndefined();
  expect(reducePlay(last, HINT, ONE)).toBe(last);
  expect(reducePlay(last, { kind: 'play', move: 'a1a8' }, ONE)).toMatchObject({ hints: 4, help: 0 });
});

test('after the end no move counts any more', () => {
  const done = play(ONE, 'a1a8');
  expect(reducePlay(done, { kind: 'play', move: 'a8a1' }, ONE)).toBe(done);
  expect(reducePlay(done, { kind: 'again' }, ONE)).toBe(done);
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
