import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { getMan, makeSquareName, parseSquareName } from '@/core/board';
import { INITIAL_POSITION } from '@/core/rules';
import { carry } from '../../../tests/support/renderUi';
import type { HouseWord } from '@/contracts/houseWords';
import { HouseWordsProvider } from '@/ui/words';
import { Board, type BoardProps } from './Board';
import type { Drop } from './states';
import { asWritten } from '@/text';

/** Speaks of squares by name, so that the tests tell what the user did. */
function openBoard(props: Partial<BoardProps> = {}, words: readonly HouseWord[] = []) {
  const drops: string[] = [];
  render(
    <HouseWordsProvider spoken={{ words, readingLevel: 'full' }}>
      <Board
        board={INITIAL_POSITION.board}
        turn="white"
        bottom="white"
        label={asWritten('Test board')}
        rules={{
          canHold: (square) => INITIAL_POSITION.board[square]?.side === 'white',
          dropResult: () => 'move',
        }}
        onDrop={({ from, to, promotion }: Drop) =>
          drops.push(
            [makeSquareName(from), to === undefined ? 'off' : makeSquareName(to), promotion ?? '']
              .join(' ')
              .trim(),
          )
        }
        {...props}
      />
    </HouseWordsProvider>,
  );
  const squareOf = (name: string) => {
    const square = parseSquareName(name);
    const cell = document.querySelector(`[data-square="${square}"]`);
    if (!(cell instanceof HTMLElement)) throw new Error(name);
    return cell;
  };
  const focus = (name: string) => act(() => squareOf(name).focus());
  return { drops, squareOf, focus };
}

test('every square is named with what stands on it, row by row as it is seen', () => {
  openBoard();
  const grid = screen.getByRole('grid', { name: 'Test board' });
  const cells = within(grid).getAllByRole('gridcell');
  expect(cells).toHaveLength(64);
  expect(cells[0]).toHaveAccessibleName('a8, black rook');
  expect(cells[63]).toHaveAccessibleName('h1, white rook');
  expect(screen.getByRole('gridcell', { name: 'e4, empty' })).toBeInTheDocument();
});

test('turned round, h1 is seen first', () => {
  openBoard({ bottom: 'black' });
  expect(screen.getAllByRole('gridcell')[0]).toHaveAccessibleName('h1, white rook');
});

test('by keyboard: arrows go, Enter takes up and puts down, Escape lays down', () => {
  const { drops, squareOf, focus } = openBoard();
  const press = (key: string) => fireEvent.keyDown(document.activeElement ?? document.body, { key });
  focus('e2');
  press('Enter');
  expect(squareOf('e2')).toHaveAttribute('aria-selected', 'true');
  press('ArrowUp');
  press('ArrowUp');
  expect(document.activeElement).toBe(squareOf('e4'));
  press('Enter');
  expect(drops).toEqual(['e2 e4']);
  focus('d2');
  press('Enter');
  press('Escape');
  press('ArrowUp');
  press('Enter');
  expect(drops).toEqual(['e2 e4']);
});

test('arrows stop at the edge, and only one square at a time is in the tab order', () => {
  const { squareOf, focus } = openBoard();
  focus('a1');
  fireEvent.keyDown(squareOf('a1'), { key: 'ArrowLeft' });
  expect(document.activeElement).toBe(squareOf('a1'));
  expect(screen.getAllByRole('gridcell').filter((cell) => cell.tabIndex === 0)).toHaveLength(1);
});

test('a promotion asks which man, with words', () => {
  const board = Array.from({ length: 64 }, (_, square) =>
    square === 48 ? getMan('white', 'pawn') : undefined,
  );
  const { drops, squareOf, focus } = openBoard({
    board,
    rules: { canHold: (square) => square === 48, dropResult: () => 'promotion' },
  });
  focus('a7');
  fireEvent.keyDown(squareOf('a7'), { key: 'Enter' });
  focus('a8');
  fireEvent.keyDown(squareOf('a8'), { key: 'Enter' });
  const choice = screen.getByRole('group', { name: 'The pawn on a8 becomes' });
  fireEvent.click(within(choice).getByRole('button', { name: 'knight' }));
  expect(drops).toEqual(['a7 a8 knight']);
});

test('a house that says lady and tower says so on every square and in the choice of a promotion', () => {
  const board = Array.from({ length: 64 }, (_, square) =>
    square === 48 ? getMan('white', 'pawn') : square === 0 ? getMan('white', 'rook') : undefined,
  );
  const { squareOf } = openBoard(
    { board, rules: { canHold: (square) => square === 48, dropResult: () => 'promotion' } },
    [
      { term: 'queen', one: 'lady' },
      { term: 'rook', one: 'tower' },
    ],
  );
  expect(squareOf('a1')).toHaveAccessibleName('a1, white tower');
  fireEvent.keyDown(squareOf('a7'), { key: 'Enter' });
  fireEvent.keyDown(squareOf('a8'), { key: 'Enter' });
  const choice = screen.getByRole('group', { name: 'The pawn on a8 becomes' });
  const names = within(choice)
    .getAllByRole('button')
    .map((button) => button.textContent);
  expect(names).toEqual(expect.arrayContaining(['lady', 'tower']));
});

test('other keys are handed on with their square', () => {
  const heard: string[] = [];
  const { squareOf } = openBoard({
    onSquareKey: (square, key) => heard.push(`${makeSquareName(square)} ${key}`),
  });
  fireEvent.keyDown(squareOf('c3'), { key: 'N' });
  fireEvent.keyDown(squareOf('c3'), { key: 'z', ctrlKey: true });
  expect(heard).toEqual(['c3 N']);
});

test('let go near a border, the drop tells which squares lie beside it', () => {
  const beside: (readonly string[])[] = [];
  openBoard({ onDrop: (drop) => beside.push((drop.beside ?? []).map(makeSquareName)) });
  carry('e2', 'e4');
  carry('e2', 'e4', [0, 0.4]);
  carry('e2', 'e4', [-0.4, -0.4]);
  expect(beside).toEqual([[], ['e5'], ['d4', 'e3', 'd3']]);
});
