import { fireEvent, screen } from '@testing-library/react';
import { renderUi } from '../../../../tests/support/renderUi';
import { PawnTable } from './PawnTable';

beforeEach(() => window.localStorage.clear());

const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const pressSquare = (square: number) => {
  const cell = document.querySelector(`[data-square="${square}"]`);
  if (cell === null) throw new Error(String(square));
  fireEvent.keyDown(cell, { key: 'Enter' });
};

test('the pawns table: two play by turns, the end is told, kings shut out the last move', () => {
  renderUi(<PawnTable owner="test" />);
  const choose = (label: string, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } });
  choose('Pawns of each side', '3');
  expect(screen.getByRole('heading', { name: /White to move/ })).toBeInTheDocument();
  const play = (from: number, to: number) => {
    pressSquare(from);
    pressSquare(to);
  };
  // c2-c4, e7-e5, c4-c5, e5-e4, c5-c6, e4-e3, c6xd7, e3xd2, d7-d8.
  for (const [from, to] of [
    [10, 26],
    [52, 36],
    [26, 34],
    [36, 28],
    [34, 42],
    [28, 20],
    [42, 51],
    [20, 11],
    [51, 59],
  ] as const)
    play(from, to);
  expect(
    screen.getByRole('heading', { name: 'White has won: a pawn reached the last rank.' }),
  ).toBeInTheDocument();
  press('Take back');
  expect(screen.getByRole('heading', { name: /White to move/ })).toBeInTheDocument();
  fireEvent.click(screen.getByRole('checkbox', { name: 'With kings' }));
  expect(screen.getByLabelText('Who wins')).toBeDisabled();
  expect(screen.getByRole('gridcell', { name: 'e1, white king' })).toBeInTheDocument();
});

test('what is not allowed is told why, until the next move', () => {
  renderUi(<PawnTable owner="test" />);
  const play = (from: number, to: number) => {
    pressSquare(from);
    pressSquare(to);
  };
  play(8, 17);
  expect(screen.getByText('A pawn moves diagonally only to capture, and no piece is on b3.')).toBeVisible();
  play(8, 24);
  expect(screen.queryByText(/diagonally only/)).toBeNull();
});

test('a reload goes on with the game; another child on this device has its own', () => {
  const first = renderUi(<PawnTable owner="7" />);
  fireEvent.change(screen.getByLabelText('Who plays'), { target: { value: 'steady' } });
  pressSquare(8);
  pressSquare(24);
  const board = () => screen.getAllByRole('gridcell').map((cell) => cell.getAttribute('aria-label'));
  const played = board();
  first.unmount();
  const again = renderUi(<PawnTable owner="7" />);
  expect(board()).toEqual(played);
  expect(screen.getByLabelText('Who plays')).toHaveValue('steady');
  again.unmount();
  renderUi(<PawnTable owner="8" />);
  expect(screen.getByRole('gridcell', { name: 'a2, white pawn' })).toBeInTheDocument();
});

test('the rules stand there in three pictures; the last one says who wins', () => {
  renderUi(<PawnTable owner="test" />);
  expect(screen.getAllByRole('img').map((picture) => picture.getAttribute('aria-label'))).toEqual([
    'A pawn moves one step. From its first square it may move two.',
    'A pawn captures diagonally.',
    'First pawn on the last rank wins.',
  ]);
  fireEvent.change(screen.getByLabelText('Who wins'), { target: { value: 'last-move' } });
  expect(screen.getByRole('img', { name: 'Whoever makes the last move wins.' })).toBeVisible();
});
