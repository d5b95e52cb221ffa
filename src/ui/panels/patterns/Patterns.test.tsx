/** The pattern book: looking for a mate, and its page with twins. */
import { act, fireEvent, screen } from '@testing-library/react';
import { renderUi } from '../../../../tests/support/renderUi';
import type { ClubPatternId } from '@/contracts/ids';
import { ClubMates, PatternPage, PatternWall } from '.';

const OWN = '3q1b2/4kB2/1P1p4/4N3/1N6/8/3p4/6K1 w - - 0 1';
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

test('the wall shows every mate, and what is typed leaves those it fits', () => {
  renderUi(<PatternWall />);
  expect(screen.getAllByRole('listitem')).toHaveLength(34);
  const field = screen.getByLabelText('Look for a name, a piece or a square');
  fireEvent.change(field, { target: { value: 'smothered' } });
  expect(screen.getByText('1 named mate.')).toBeInTheDocument();
  expect(screen.getByRole('link', { name: /Smothered mate/ })).toHaveAttribute('href', '/patterns/smothered');
  fireEvent.change(field, { target: { value: 'unicorn' } });
  expect(screen.getByText(/^Nothing found/)).toBeInTheDocument();
});

test('a page tells who does what, in the other colour too', () => {
  renderUi(<PatternPage id="opera" puzzles={[]} />);
  expect(screen.getByText('The bishop on g5 protects the rook on d8.')).toBeInTheDocument();
  press('Other colour');
  expect(screen.getByText('The bishop on g4 protects the rook on d1.')).toBeInTheDocument();
  press('Other wing');
  expect(screen.getByText('The bishop on b4 protects the rook on e1.')).toBeInTheDocument();
  press('Hide who does what');
  expect(screen.getByRole('button', { name: 'Show who does what' })).toBeInTheDocument();
  expect(screen.getAllByRole('link')).toHaveLength(3);
  expect(screen.getByText('None of your stored puzzles ends in it yet.')).toBeInTheDocument();
});

test('a mate that has no twin on the other wing says so', () => {
  renderUi(<PatternPage id="legal" puzzles={[{ fen: OWN, mateInMoves: 1 }]} />);
  // Three steps and the club's own puzzle.
  expect(screen.getAllByRole('link')).toHaveLength(4);
  expect(screen.getByText('The knight on d5 gives mate.')).toBeInTheDocument();
  press('Other wing');
  expect(screen.getByText(/^On this wing it has this name in a broad sense at most/)).toBeInTheDocument();
});

test('names of the club stand with their boards and are taken away one by one', async () => {
  const gone: unknown[] = [];
  const picture = {
    checker: { role: 'rook' as const, at: [-1, 0] as [number, number] },
    men: [],
    blocked: [],
  };
  renderUi(
    <ClubMates
      patterns={['The lantern', 'The anchor'].map((name, index) => ({
        clubPatternId: (index + 1) as ClubPatternId,
        name,
        fen: '3Rk3/5p2/8/6B1/8/8/8/6K1 b - - 0 1',
        picture,
      }))}
      onRemove={(input) => {
        gone.push(input);
        return input.clubPatternId === 1
          ? Promise.resolve({ ok: true, value: undefined })
          : Promise.reject(new Error('offline'));
      }}
    />,
  );
  const take = (name: string) =>
    act(() =>
      Promise.resolve(fireEvent.click(screen.getByRole('button', { name: `Delete the name ${name}` }))),
    );
  await take('The lantern');
  expect(screen.getByText('The lantern was deleted.')).toBeInTheDocument();
  expect(screen.getAllByRole('listitem')).toHaveLength(1);
  await take('The anchor');
  expect(screen.getByText('The server did not answer. Try again.')).toBeInTheDocument();
  expect(screen.getAllByRole('listitem')).toHaveLength(1);
  expect(gone).toEqual([{ clubPatternId: 1 }, { clubPatternId: 2 }]);
});
