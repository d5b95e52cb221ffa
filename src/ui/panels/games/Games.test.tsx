/** Games brought in and one game opened: what was found is told, kept once, and its mates become puzzles. */
import { act, fireEvent, screen, within } from '@testing-library/react';
import { renderUi } from '../../../../tests/support/renderUi';
import type { GamePage, NewGame } from '@/contracts/games';
import type { ClassId, GameId, SetId, StudentId } from '@/contracts/ids';
import type { HarvestedGame, Progress, Question } from '@/workers/protocol';
import { GamesImport, type StoreGame } from './GamesImport';
import { GameView } from './GameView';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));

const INITIAL = 'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1';
const MOVES = ['f2f3', 'e7e5', 'g2g4', 'a7a6'] as const;
/** Before 2 ... Qh4, which was not played. */
const MATE = {
  kind: 'mate',
  ply: 3,
  fen: 'rnbqkbnr/pppp1ppp/8/4p3/6P1/5P2/PPPPP2P/RNBQKBNR b KQkq - 0 1',
  played: 'a7a6',
  line: ['d8h4'],
  mateInMoves: 1,
  became: 'missed',
} as const;
const GAME: HarvestedGame = {
  number: 1,
  title: 'Pip – Wren',
  result: '*',
  fen: INITIAL,
  moves: MOVES,
  chances: [MATE],
  fault: 'Line 9: 3. Qz9 cannot be read.',
};

let outcome: unknown;
jest.mock('@/workers/browser', () => ({
  startSearchWorker: () => undefined,
  createSearchClient: () => ({
    stopAll: () => undefined,
    ask: (_: Question, onProgress: (progress: Progress) => void) => {
      onProgress({ kind: 'harvesting', number: 1, ply: 0, of: 4, ms: 1 });
      onProgress({ kind: 'harvest', game: GAME, ms: 2 });
      return { stop: () => undefined, outcome: Promise.resolve(outcome) };
    },
  }),
}));
beforeEach(() => {
  outcome = { kind: 'answer', answer: { kind: 'harvested', count: 1, isCut: false } };
});

const STUDENT = {
  classId: 3 as ClassId,
  className: 'Lantern class',
  studentId: 7 as StudentId,
  name: 'Wren',
};

async function readText(onStore: StoreGame) {
  renderUi(<GamesImport students={[STUDENT]} onStore={onStore} />);
  fireEvent.change(screen.getByLabelText(/Or paste a score sheet/), { target: { value: '1. f3' } });
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Check the games' }));
    await Promise.resolve();
  });
}
const press = (name: string) =>
  act(async () => {
    fireEvent.click(screen.getByRole('button', { name }));
    await Promise.resolve();
  });

test('what a game held is told, by name once it is a child’s; kept again after the server was away, it has the same id', async () => {
  const sent: NewGame[] = [];
  await readText((input) => {
    sent.push(input);
    if (sent.length === 1) return Promise.reject(new Error('offline'));
    return Promise.resolve({ ok: true, value: { gameId: 5 as GameId, chances: 1 } });
  });
  expect(await screen.findByText('1 game checked.')).toBeTruthy();
  expect(screen.getByText('Move 2, Black: Black had a mate in 1 here. They played a6.')).toBeTruthy();
  expect(screen.getByText(/Read up to here: Line 9/)).toBeTruthy();
  fireEvent.change(screen.getByLabelText('Whose game is game 1'), { target: { value: '7' } });
  fireEvent.change(screen.getByLabelText('Played'), { target: { value: 'black' } });
  expect(screen.getByText('Move 2, Black: Wren had a mate in 1 here. They played a6.')).toBeTruthy();
  await press('Save game 1');
  expect(await screen.findByText(/The server did not answer/)).toBeTruthy();
  await press('Save game 1');
  expect((await screen.findByRole('link', { name: 'Open the game' })).getAttribute('href')).toBe('/games/5');
  expect(sent[0]).toEqual(sent[1]);
  expect(sent[0]).toMatchObject({
    title: 'Pip – Wren',
    moves: MOVES,
    plies: [3],
    maxMoves: 3,
    playedBy: { classId: 3, studentId: 7, side: 'black' },
  });
});

test('a text that holds no game, and a worker that died, are told', async () => {
  outcome = { kind: 'answer', answer: { kind: 'unreadable', why: 'There is no game in it.' } };
  await readText(() => Promise.reject(new Error('unused')));
  expect(await screen.findByText('There is no game in it.')).toBeTruthy();
  outcome = { kind: 'failed', message: 'out of memory' };
  await press('Check the games');
  expect(await screen.findByText(/The browser stopped the calculation/)).toBeTruthy();
});

const page = (sets: readonly string[] = []): GamePage => ({
  gameId: 5 as GameId,
  title: 'Pip – Wren',
  result: '*',
  fen: INITIAL,
  moves: MOVES,
  studentName: 'Wren',
  side: 'black',
  chances: [{ ...MATE, sets }],
});

function openGame(game: GamePage) {
  const stored: string[] = [];
  const removed: number[] = [];
  renderUi(
    <GameView
      game={game}
      sets={[{ setId: 4 as SetId, name: 'First mates' }]}
      actions={{
        addSet: () => Promise.resolve({ ok: true, value: 9 as SetId }),
        addPuzzle: ({ fen }) => {
          stored.push(fen);
          const value = { setId: 4 as SetId, setName: 'x', number: 1, mateInMoves: 1, isAlreadyThere: false };
          return Promise.resolve({ ok: true, value });
        },
        removeGame: ({ gameId }) => {
          removed.push(gameId);
          return Promise.resolve({ ok: true, value: undefined });
        },
      }}
    />,
  );
  return { stored, removed };
}

test('the game opens at its first chance, is stepped by buttons and keys, and shows a chance again', () => {
  openGame(page());
  const game = within(screen.getByRole('region', { name: 'The game' }));
  expect(game.getByRole('img', { name: 'The position after 2. g4' })).toBeTruthy();
  fireEvent.click(game.getByRole('button', { name: 'Step on' }));
  expect(game.getByRole('img', { name: 'The position after a6' })).toBeTruthy();
  expect(game.getByRole<HTMLButtonElement>('button', { name: 'Step on' }).disabled).toBe(true);
  fireEvent.keyDown(document.documentElement, { key: 'Home' });
  expect(game.getByRole('img', { name: 'The position after no move' })).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Show Move 2, Black' }));
  expect(game.getByRole('img', { name: 'The position after 2. g4' })).toBeTruthy();
  expect(screen.getByText('Wren had a mate in 1 here. They played a6.')).toBeTruthy();
  expect(screen.getByText('2... Qh4#')).toBeTruthy();
});

test('a mate that was missed and lies in no set yet is chosen; one that does is named with its set', async () => {
  const { stored } = openGame(page());
  await press('Store 1 puzzle');
  expect(await screen.findByText(/1 puzzle stored/)).toBeTruthy();
  expect(stored).toEqual([MATE.fen]);
  openGame(page(['First mates']));
  expect(screen.getByLabelText<HTMLInputElement>(/already in First mates/).checked).toBe(false);
});

test('a game is taken away only after it was asked once more', async () => {
  const { removed } = openGame(page());
  await press('Delete this game');
  await press('Cancel');
  expect(removed).toEqual([]);
  await press('Delete this game');
  await press('Delete');
  expect(removed).toEqual([5]);
});
