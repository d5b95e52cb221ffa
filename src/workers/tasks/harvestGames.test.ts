import { answerQuestion } from '.';
import type { HarvestedGame, Progress } from '../protocol';

const harvest = (text: string | Uint8Array, stopAt?: number) => {
  const games: HarvestedGame[] = [];
  let plies = 0;
  const answer = answerQuestion(
    { kind: 'harvest', bytes: typeof text === 'string' ? new TextEncoder().encode(text) : text, maxMoves: 2 },
    (progress: Progress) => {
      if (progress.kind === 'harvest') games.push(progress.game);
      if (progress.kind === 'harvesting') plies += 1;
      return plies === stopAt ? 'stop' : 'go';
    },
  );
  return { answer, games, plies };
};

const SHORT = '[White "Pip"]\n[Black "Wren"]\n\n1. e4 e5 2. Bc4 Nc6 3. Qh5 Nf6 4. Qxf7# 1-0\n';

test('every game is looked through, a faulty one up to its fault, and each move is told on the way', () => {
  const { answer, games, plies } = harvest(`${SHORT}\n1. f3 e5 2. g4 Qh4# 0-1\n\n1. e4 e5 2. Ke3 Nc6 *`);
  expect(answer).toEqual({ kind: 'harvested', count: 3, isCut: false });
  expect(plies).toBe(7 + 4 + 2);
  expect(games).toMatchObject([
    {
      number: 1,
      title: 'Pip – Wren',
      result: '1-0',
      fault: undefined,
      chances: [
        { kind: 'mated', ply: 5 },
        { kind: 'mate', ply: 6, became: 'played' },
      ],
    },
    {
      number: 2,
      title: 'Game 2',
      chances: [
        { kind: 'mated', ply: 2 },
        { kind: 'mate', ply: 3 },
      ],
    },
    { number: 3, moves: ['e2e4', 'e7e5'], chances: [] },
  ]);
  expect(games[2]?.fault).toMatch(/2\. Ke3/);
});

test('Stop inside a game keeps the games before it', () => {
  const { answer, games } = harvest(`${SHORT}\n${SHORT}`, 9);
  expect(answer).toEqual({ kind: 'harvested', count: 1, isCut: false });
  expect(games).toHaveLength(1);
});

test('what holds no game, and what is no text, is refused with its reason', () => {
  expect(harvest('').answer).toEqual({ kind: 'unreadable', why: 'There is no game in it.' });
  expect(harvest(new Uint8Array([0x50, 0x4b, 3, 4, 0, 0, 0, 0, 0, 0])).answer).toMatchObject({
    kind: 'unreadable',
  });
});

test('of a game of moves that are not legal nothing is claimed', () => {
  const ask = (moves: readonly string[], plies: readonly number[]) =>
    answerQuestion({
      kind: 'chances',
      fen: '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1',
      moves,
      plies,
      maxMoves: 1,
    });
  expect(ask(['a1a8'], [0])).toMatchObject({ kind: 'chances', chances: [{ kind: 'mate' }] });
  expect(ask(['a1a8'], [])).toEqual({ kind: 'chances', chances: [] });
  expect(ask(['a1a7', 'g8g6'], [0])).toEqual({ kind: 'not-a-game', ply: 1 });
});
