/** Answers that are given as a whole: a line told beforehand, an order, a score sheet, a game; and the words they are spoken in. */
import { fireEvent, screen } from '@testing-library/react';
import { renderUi } from '../../../tests/support/renderUi';
import { makeSquareName } from '@/core/board';
import { composeExercise } from '@/core/compose';
import { openExercise, type Answer, type ExerciseTask } from '@/core/exercises';
import { parseMoveText } from '@/core/notation';
import { HouseWordsProvider } from '@/ui/words';
import type { SpokenWords } from '@/contracts/houseWords';
import { ExercisePlayer } from './ExercisePlayer';
import { asWritten } from '@/text';

const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const pressSquare = (square: number) => {
  const cell = document.querySelector(`[data-square="${square}"]`);
  if (cell === null) throw new Error(String(square));
  fireEvent.keyDown(cell, { key: 'Enter' });
};
const PLAIN: SpokenWords = { words: [], readingLevel: 'full' };

function openPlayer(task: ExerciseTask, spoken: SpokenWords = PLAIN) {
  const heard: [Answer, boolean][] = [];
  renderUi(
    <HouseWordsProvider spoken={spoken}>
      <ExercisePlayer
        task={task}
        next={asWritten('Next one')}
        onAnswer={(answer, isRight) => heard.push([answer, isRight])}
        onNext={() => undefined}
      />
    </HouseWordsProvider>,
  );
  return heard;
}

test('the way of one man is told square by square while it stays; where it cannot go is said, with the square it would stand on', () => {
  const task = composeExercise('route', 5, 2);
  const { ask, solution } = openExercise(task);
  if (solution.kind !== 'play' || ask.kind !== 'play' || ask.rules !== 'way') throw new Error('a told way');
  const heard = openPlayer(task);
  // A man cannot go to where it stands.
  pressSquare(ask.man);
  expect(screen.getByText(`From ${makeSquareName(ask.man)} it cannot go there.`)).toBeInTheDocument();
  for (const text of solution.moves) pressSquare(parseMoveText(text)?.to ?? -1);
  const way = screen.getByRole('list', { name: 'The line so far' });
  expect(way.children).toHaveLength(solution.moves.length);
  expect(
    screen.getByRole('gridcell', { name: new RegExp(`^${makeSquareName(ask.man)}, (white|black)`) }),
  ).toBeInTheDocument();
  press('Done');
  expect(screen.getByText('Yes, that is right.')).toBeInTheDocument();
  expect(heard).toEqual([[solution, true]]);
});

test('a whole line is told while the men stay; what is told wrong is taken back, then it is right', () => {
  const task = composeExercise('whole-line', 1, 3);
  const { solution, scene } = openExercise(task);
  if (solution.kind !== 'play') throw new Error('a line of moves');
  const heard = openPlayer(task);
  const tell = (text: string) => {
    const move = parseMoveText(text);
    pressSquare(move?.from ?? -1);
    pressSquare(move?.to ?? -1);
  };
  const [first = ''] = solution.moves;
  tell(first);
  const from = parseMoveText(first)?.from ?? -1;
  // Nothing has moved on the board, and the line is written down.
  expect(
    screen.getByRole('gridcell', { name: new RegExp(`^${makeSquareName(from)}, ${scene.turn ?? ''}`) }),
  ).toBeInTheDocument();
  expect(screen.getByRole('list', { name: 'The line so far' }).children).toHaveLength(1);
  press('Done');
  expect(screen.getByText('The line does not end in mate yet.')).toBeInTheDocument();
  press('Undo');
  expect(screen.getByRole('button', { name: 'Done' })).toBeDisabled();
  for (const move of solution.moves) tell(move);
  press('Done');
  expect(screen.getByText('Yes, that is right.')).toBeInTheDocument();
  expect(heard.map(([, isRight]) => isRight)).toEqual([false, true]);
});

test('an order is laid by tapping; a wrong one is answered by what breaks it', () => {
  const task = composeExercise('right-order', 1, 2);
  const { solution } = openExercise(task);
  if (solution.kind !== 'choose') throw new Error('an order');
  const heard = openPlayer(task);
  const tap = (option: string) =>
    fireEvent.click(screen.getByRole('checkbox', { name: new RegExp(option.replace(/[+=]/g, '.')) }));
  for (const option of solution.options.toReversed()) tap(option);
  press('Done');
  expect(screen.getByText(/is met by|cannot be played then|breaks the line/)).toBeInTheDocument();
  // Taken out and laid anew.
  for (const option of solution.options) tap(option);
  expect(screen.getByRole('button', { name: 'Done' })).toBeDisabled();
  for (const option of solution.options) tap(option);
  press('Done');
  expect(screen.getByText('Yes, that is right.')).toBeInTheDocument();
  expect(heard.at(-1)?.[0]).toEqual({ kind: 'choose', options: [...solution.options], ordered: true });
});

test('a score sheet is kept move by move, one can go back, and each wrong move is named', () => {
  const fen = 'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1';
  const heard = openPlayer({
    family: 'keep-score',
    level: 1,
    task: { fen, moves: ['e2e4', 'e7e5', 'g1f3'] },
  });
  const field = () => screen.getByLabelText('Your answer');
  const write = (text: string) => {
    fireEvent.change(field(), { target: { value: text } });
    fireEvent.keyDown(field(), { key: 'Enter' });
  };
  expect(screen.getByRole('grid', { name: /Write down/ })).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'Next move' })).toBeDisabled();
  write('e4');
  write('e6');
  write('Nf3');
  expect(screen.getByText('1... "e6": played was e5.')).toBeInTheDocument();
  press('Move before');
  write('e5');
  press('Done');
  expect(screen.getByText('Yes, that is right.')).toBeInTheDocument();
  expect(heard.map(([answer, isRight]) => [answer, isRight])).toEqual([
    [{ kind: 'write', text: 'e4\ne6\nNf3' }, false],
    [{ kind: 'write', text: 'e4\ne5\nNf3' }, true],
  ]);
});

test('house words are spoken in question, choices and reasons; who reads slowly gets one short sentence', () => {
  const task = {
    family: 'answers-to-check' as const,
    level: 1 as const,
    task: { fen: '4k3/8/8/8/8/8/8/4RK2 b - - 0 1' },
  };
  openPlayer(task, {
    words: [
      { term: 'go-away', one: 'run' },
      { term: 'king', one: 'chief' },
    ],
    readingLevel: 'short',
  });
  expect(screen.getByRole('checkbox', { name: 'Run' })).toBeInTheDocument();
  press('Help');
  expect(
    screen.getByText('Three answers: run, the checking piece is captured, something goes in between.'),
  ).toBeInTheDocument();
});

test('what a reason says is drawn on the board: the moves that there are, as arrows', () => {
  // The king may go to d7, d8, f7 or f8; nothing else helps.
  const fen = '4k3/8/8/8/8/8/8/4RK2 b - - 0 1';
  openPlayer({ family: 'answers-to-check', level: 1, task: { fen } });
  const arrows = () => document.body.innerHTML.split('stroke-dasharray="18 12"').length - 1;
  expect(arrows()).toBe(0);
  fireEvent.click(screen.getByRole('checkbox', { name: 'The checking piece is captured' }));
  press('Done');
  expect(screen.getByText('The checking piece is captured? Nothing does that here.')).toBeInTheDocument();
  press('Show me');
  expect(arrows()).toBe(4);
});

test('reading aloud speaks the question in the words of the house and stops with the task', () => {
  const spoken: string[] = [];
  const cancel = jest.fn();
  Object.assign(window, {
    speechSynthesis: { speak: ({ text }: { text: string }) => spoken.push(text), cancel },
    SpeechSynthesisUtterance: class {
      lang = '';
      rate = 1;
      constructor(readonly text: string) {}
    },
  });
  const task = {
    family: 'reach' as const,
    level: 1 as const,
    task: { fen: '8/8/8/8/8/8/8/R7 w - - 0 1', square: 0 },
  };
  openPlayer(task, { words: [{ term: 'rook', one: 'tower' }], readingLevel: 'full' });
  press('Read aloud');
  expect(spoken).toEqual(['Tap every square this tower can go to. Tap the board.']);
  // After an answer its reasons are read too.
  pressSquare(9);
  press('Done');
  press('Read aloud');
  expect(spoken.at(-1)).toBe(
    'Tap every square this tower can go to. 1 square not right, 14 missing. b2: a tower does not go that way.',
  );
  expect(cancel).toHaveBeenCalled();
});

test('placing: a man beside its square is one free slip, never a wrong answer; the second time it counts', () => {
  const task = {
    family: 'set-up' as const,
    level: 2 as const,
    task: { sides: ['white'], areOfficersOnly: false, bottom: 'white' },
  };
  const { solution } = openExercise(task);
  if (solution.kind !== 'place') throw new Error('men are placed');
  const heard = openPlayer(task);
  const place = (role: string, square: number) => {
    fireEvent.click(screen.getByRole('button', { name: `white ${role}`, pressed: false }));
    pressSquare(square);
    fireEvent.click(screen.getByRole('button', { name: `white ${role}`, pressed: true }));
  };
  // The queen lands in front of the pawns.
  for (const { role, square } of solution.men) place(role, role === 'queen' ? square + 16 : square);
  press('Done');
  expect(heard.map(([, isRight]) => isRight)).toEqual([false]);
  press('Move pieces');
  const move = (from: number, to: number) => {
    pressSquare(from);
    pressSquare(to);
  };
  // A pawn beside its square, all else right: taken for a slip.
  move(19, 3);
  move(8, 16);
  press('Done');
  expect(screen.getByText(/Did your hand slip\?/)).toBeInTheDocument();
  expect(heard).toHaveLength(1);
  move(16, 8);
  press('Done');
  expect(screen.getByText('Yes, that is right.')).toBeInTheDocument();
  expect(heard.at(-1)?.[0]).toMatchObject({ kind: 'place', slips: 1 });
});
