import { act, fireEvent, screen } from '@testing-library/react';
import { carry, playByKeys, renderUi } from '../../../tests/support/renderUi';
import { parseSquareName } from '@/core/board';
import { composeExercise } from '@/core/compose';
import { listLevels, type Answer, type ExerciseId, type ExerciseTask } from '@/core/exercises';
import { ExercisePlayer } from './ExercisePlayer';
import { asWritten } from '@/text';

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

const at = (name: string): number => parseSquareName(name) ?? -1;
const settle = () => act(() => jest.advanceTimersByTimeAsync(1000));
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const pressSquare = (name: string) => {
  const square = document.querySelector(`[data-square="${at(name)}"]`);
  if (square === null) throw new Error(name);
  fireEvent.keyDown(square, { key: 'Enter' });
};

/** What the round heard: the answers with whether they were right and the help that was open. */
function openPlayer(family: ExerciseId, task: unknown) {
  const heard: [Answer, boolean, number][] = [];
  const gone: string[] = [];
  const exercise: ExerciseTask = { family, level: 1, task };
  renderUi(
    <ExercisePlayer
      task={exercise}
      next={asWritten('Next one')}
      onAnswer={(...answer) => heard.push(answer)}
      onNext={() => gone.push('next')}
    />,
  );
  return { heard, gone };
}

const CAPTURES = { fen: '8/b7/3p4/4n3/8/8/7p/R3R3 w - - 0 1' };

test('tapping: a mark is given and taken back; what is wrong is told, what is missing counted; each answer is heard once', () => {
  const { heard, gone } = openPlayer('captures', CAPTURES);
  // Nothing is marked yet: that none is right would be an answer too.
  expect(screen.getByRole('button', { name: 'None' })).toBeEnabled();
  pressSquare('a7');
  pressSquare('d6');
  pressSquare('b2');
  pressSquare('b2');
  press('Done');
  expect(screen.getByText('1 square not right, 1 missing.')).toBeInTheDocument();
  expect(screen.getByText('d6: nothing can capture the pawn there.')).toBeInTheDocument();
  expect(screen.queryByText(/gets there/)).toBeNull();
  expect(screen.getByRole('button', { name: 'Done' })).toBeDisabled();
  pressSquare('d6');
  pressSquare('e5');
  press('Done');
  expect(screen.getByText('Yes, all 2.')).toBeInTheDocument();
  press('Next one');
  expect(gone).toEqual(['next']);
  expect(heard.map(([, isRight, hints]) => [isRight, hints])).toEqual([
    [false, 0],
    [true, 0],
  ]);
});

test('help is asked for step by step and told with the answer; who is shown the solution goes on without an answer', () => {
  const { heard } = openPlayer('captures', CAPTURES);
  press('Help');
  expect(screen.getByText(/Go through your pieces one by one/)).toBeInTheDocument();
  press('Help');
  expect(screen.getByText('There are 2.')).toBeInTheDocument();
  press('Help');
  expect(screen.getByText('Look at e5.')).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'No more help' })).toBeDisabled();
  pressSquare('d6');
  press('Done');
  press('Show me');
  expect(screen.getByText('These are right: e5 and a7.')).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'Next one' })).toBeInTheDocument();
  expect(heard.map(([, isRight, hints]) => [isRight, hints])).toEqual([[false, 3]]);
});

test('labels without a sign of their own are told apart by number, on the board as on the buttons', () => {
  openPlayer('who-takes', { fen: '3Rk3/5p2/8/6B1/8/8/8/6K1 b - - 0 1' });
  const numbers = () => [...document.querySelectorAll('svg text.figure')].map((text) => text.textContent);
  expect(numbers()).toEqual(['2', '3']);
  fireEvent.click(screen.getByRole('radio', { name: 'Rook' }));
  pressSquare('d7');
  expect(numbers()).toHaveLength(3);
});

test('labels: the chosen sign is put on the tapped square, another one replaces it', () => {
  const { heard } = openPlayer('king-squares', { fen: '4k3/8/8/8/8/8/3P4/4K3 w - - 0 1' });
  for (const square of ['d1', 'd2', 'e2', 'f1', 'f2']) pressSquare(square);
  fireEvent.click(screen.getByRole('radio', { name: 'Own piece' }));
  pressSquare('d2');
  press('Done');
  expect(screen.getByText('Yes, all 5.')).toBeInTheDocument();
  expect(heard[0]?.[0]).toMatchObject({ kind: 'tap' });
});

test('choosing one: the last choice stands; choosing several: each is put in and taken out', () => {
  const { heard } = openPlayer('square-colour', { square: at('f3') });
  fireEvent.click(screen.getByRole('radio', { name: 'Dark' }));
  fireEvent.click(screen.getByRole('radio', { name: 'Light' }));
  expect(screen.getByRole('radio', { name: 'Dark' })).not.toBeChecked();
  press('Done');
  expect(screen.getByText('Yes, that is right.')).toBeInTheDocument();
  expect(heard[0]?.[0]).toEqual({ kind: 'choose', options: ['light'], ordered: false });
});

test('several choices', () => {
  const { heard } = openPlayer('answers-to-check', { fen: '4k3/8/8/8/8/8/4r3/4K3 w - - 0 1' });
  const check = (name: string) => fireEvent.click(screen.getByRole('checkbox', { name }));
  check('Something goes in between');
  check('The checking piece is captured');
  press('Done');
  expect(screen.getByText('Something goes in between? Nothing does that here.')).toBeInTheDocument();
  check('Something goes in between');
  check('The king moves away');
  press('Done');
  expect(heard.map(([, isRight]) => isRight)).toEqual([false, true]);
});

test('none is an answer: wrong where there is one, right where there is none', () => {
  const { heard } = openPlayer('captures', CAPTURES);
  press('None');
  expect(screen.getByText('Not yet. 2 are still missing.')).toBeInTheDocument();
  expect(heard).toEqual([[{ kind: 'tap', marks: [] }, false, 0]]);
});

test('where none is right, help says so, and a marked square is explained', () => {
  const { heard } = openPlayer('captures', { fen: '8/b7/8/8/8/8/8/4R3 w - - 0 1' });
  pressSquare('a7');
  press('Done');
  expect(screen.getByText('a7: nothing can capture the bishop there.')).toBeInTheDocument();
  pressSquare('a7');
  press('Help');
  press('Help');
  expect(screen.getByText('There is none.')).toBeInTheDocument();
  press('None');
  expect(screen.getByText('Yes, that is right.')).toBeInTheDocument();
  expect(heard.map(([, isRight]) => isRight)).toEqual([false, true]);
});

test('a number is typed or stepped to; letters and numbers too large are no answer', () => {
  const { heard } = openPlayer('count-reach', { fen: '8/8/8/8/8/8/8/N7 w - - 0 1', square: 0 });
  const field = screen.getByRole('textbox', { name: 'Your number' });
  fireEvent.change(field, { target: { value: 'x99' } });
  expect(field).toHaveValue('99');
  expect(screen.getByText('A number from 0 to 27.')).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'Done' })).toBeDisabled();
  fireEvent.change(field, { target: { value: '3' } });
  press('One less');
  fireEvent.keyDown(field, { key: 'Enter' });
  expect(heard).toEqual([[{ kind: 'number', value: 2 }, true, 0]]);
});

test('writing: by keyboard or by the keys; another way to write it is right and the usual one is shown', () => {
  const { heard } = openPlayer('write-move', { fen: '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1', move: 'a1a8' });
  const field = screen.getByRole('textbox', { name: 'Your answer' });
  for (const key of ['R', 'a', '7', 'Back', '8']) press(key);
  expect(field).toHaveValue('Ra8');
  fireEvent.keyDown(field, { key: 'Enter' });
  expect(screen.getByText('We write it Ra8#.')).toBeInTheDocument();
  expect(heard).toEqual([[{ kind: 'write', text: 'Ra8' }, true, 0]]);
});

test('placing: men from the tray, moved on the board, and taken off', () => {
  const { heard } = openPlayer('repair', {
    // The queen's rook on a3, a black pawn on e4.
    fen: 'rnbqkbnr/pppppppp/8/8/4p3/R7/PPPPPPPP/1NBQKBNR w - - 0 1',
    slips: 2,
  });
  press('Done');
  expect(screen.getByText('e4: the pawn there is one too many.')).toBeInTheDocument();
  expect(screen.getByText('a1: a rook is missing there.')).toBeInTheDocument();
  press('Take off');
  pressSquare('e4');
  press('Move pieces');
  playByKeys('a3', 'a1');
  press('Done');
  expect(screen.getByText('Yes, that is right.')).toBeInTheDocument();
  expect(heard.map(([, isRight]) => isRight)).toEqual([false, true]);
});

test('playing one man: the longer way is told and tried again from the move that went astray', async () => {
  const { heard } = openPlayer('route', {
    fen: '8/8/8/8/8/8/8/R7 w - - 0 1',
    square: at('a1'),
    targets: [at('h8')],
  });
  playByKeys('a1', 'a2');
  await settle();
  expect(screen.getByText('The rook goes to a2. Now you.')).toBeInTheDocument();
  playByKeys('a2', 'a8');
  await settle();
  playByKeys('a8', 'h8');
  await settle();
  expect(screen.getByText('That took 3 moves. It can be done in 2.')).toBeInTheDocument();
  press('Try again');
  await settle();
  playByKeys('a1', 'a8');
  await settle();
  playByKeys('a8', 'h8');
  await settle();
  expect(screen.getByText('Yes, that is right.')).toBeInTheDocument();
  expect(heard.map(([, isRight]) => isRight)).toEqual([false, true]);
});

test('a piece let go between two squares: the one that was meant is played, and is a slip and no wrong answer', async () => {
  const { heard } = openPlayer('play-written', { fen: '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1', move: 'a1a8' });
  carry('a1', 'a7', [0, 0.4]);
  press('a8');
  await settle();
  expect(heard).toEqual([[{ kind: 'play', moves: ['a1a8'], slips: 1 }, true, 0]]);
});

test.each(['find-square', 'name-square', 'name-line'] as const)(
  '%s: a child who hears the board is not told the names it is asked for, with letters beside the board or without',
  (family) => {
    for (const level of listLevels(family)) {
      const task = composeExercise(family, level, 4000 + level);
      const { unmount } = renderUi(
        <ExercisePlayer task={task} next={asWritten('Next one')} onNext={() => undefined} />,
      );
      const names = screen.getAllByRole('gridcell').map((cell) => cell.getAttribute('aria-label'));
      expect(names).toHaveLength(64);
      for (const name of names) expect(name).toMatch(/^\d from the left, \d from the bottom, empty/);
      unmount();
    }
  },
);
