/** Families in which the app answers: routes past a man of theirs, and the pawns-only game. */
import { composeExercise } from '../compose';
import { makeMoveText, parseMoveText, type MoveText } from '../notation';
import { parseSquareName, type Square } from '../board';
import { openExercise } from '.';

const at = (name: string): Square => parseSquareName(name) ?? -1;
const play = (...moves: string[]) => ({ kind: 'play' as const, moves, slips: 0 });

test('route-answered: stepping where the other man takes ends it, and its move is shown', () => {
  // Rook a1 to a8; the king on b7 guards a8, a7 and a6.
  const task = {
    fen: '8/1k6/8/8/8/8/8/R7 w - - 0 1',
    square: at('a1'),
    target: at('h8'),
    answering: at('b7'),
  };
  const exercise = openExercise({ family: 'route-answered', task });
  const verdict = exercise.judge(play('a1a7'));
  expect(verdict).toMatchObject({ outcome: 'wrong', refutation: ['b7a7'], diagnoses: ['can-be-taken'] });
  // To h1 and up: two moves, whatever the king does.
  const first = exercise.respond(['a1h1']);
  expect(first.kind).toBe('reply');
  if (first.kind === 'reply') expect(exercise.judge(play('a1h1', first.move, 'h1h8')).outcome).toBe('right');
});

test('route-answered: another man may not be moved, and the answer may not be left out', () => {
  const task = {
    fen: '8/1k6/8/8/8/8/4P3/R7 w - - 0 1',
    square: at('a1'),
    target: at('h8'),
    answering: at('b7'),
  };
  const { judge } = openExercise({ family: 'route-answered', task });
  expect(judge(play('e2e4')).diagnoses).toEqual(['not-a-legal-move']);
  expect(judge(play('a1h1', 'h1h8')).diagnoses).toEqual(['not-a-legal-move']);
});

test('a route is not walked by another man', () => {
  const task = { fen: '8/8/8/8/8/8/R7/R7 w - - 0 1', square: at('a1'), targets: [at('h2')] };
  const { judge } = openExercise({ family: 'route', task });
  expect(judge(play('a2h2')).diagnoses).toEqual(['not-a-legal-move']);
});

const PAWNS = { goal: 'promotion', strength: 'steady', seed: 1, won: ['a7a8'] } as const;

test('pawn-game: whoever comes first has won, and a lost game shows the last move of the app', () => {
  const race = openExercise({
    family: 'pawn-game',
    task: { ...PAWNS, fen: '8/P7/8/7p/7P/8/1p6/8 w - - 0 1' },
  });
  expect(race.judge(play('a7a8')).outcome).toBe('right');
  const slow = openExercise({
    family: 'pawn-game',
    task: { ...PAWNS, fen: '8/8/P7/7p/7P/8/1p6/8 w - - 0 1' },
  });
  expect(slow.judge(play('a6a7'))).toMatchObject({
    outcome: 'wrong',
    refutation: ['b2b1'],
    notes: [{ code: 'game-lost', why: 'far-row', winner: 'black' }],
  });
  expect(slow.respond(['a6a7'])).toMatchObject({ kind: 'verdict' });
  expect(slow.judge(play('a6b7')).diagnoses).toEqual(['not-a-legal-move']);
});

test('pawn-game: every answer of the app is allowed, and the right moves are', () => {
  const { task } = composeExercise('pawn-game', 2, 3);
  const exercise = openExercise({ family: 'pawn-game', task });
  const moves: MoveText[] = [];
  const { solution } = exercise;
  if (solution.kind !== 'play') throw new Error('a game is played');
  for (let ply = 0; ply < solution.moves.length; ply += 2) {
    expect(exercise.findRightMove(moves)).toBeDefined();
    moves.push(solution.moves[ply] ?? '');
    const response = exercise.respond(moves);
    // The stated game is the one the app plays.
    if (response.kind === 'reply') {
      expect(response.move).toBe(solution.moves[ply + 1]);
      moves.push(response.move);
    } else expect([ply, response.verdict.outcome]).toEqual([solution.moves.length - 1, 'right']);
  }
  expect(moves.every((text) => makeMoveText(parseMoveText(text) ?? { from: 0, to: 0 }) === text)).toBe(true);
});
