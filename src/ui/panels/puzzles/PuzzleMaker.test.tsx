/** Puzzles by filter: composed, chosen, stored; fewer than asked for is said, and nothing is stored twice when the server was away. */
import { act, fireEvent, screen } from '@testing-library/react';
import { renderUi } from '../../../../tests/support/renderUi';
import { askedInPlace } from '../../../../tests/support/searchInPlace';
import type { ClassId, SetId } from '@/contracts/ids';
import { getPosition } from '@/core/notation';
import { PuzzleMaker, type PuzzleActions } from './PuzzleMaker';

jest.mock('@/workers/browser', () => jest.requireActual<object>('../../../../tests/support/searchInPlace'));

beforeEach(() => askedInPlace.splice(0));

function openMaker(failures = 0, seen: readonly number[] = []) {
  const stored: { readonly setId: number; readonly fen: string }[] = [];
  let left = failures;
  const actions: PuzzleActions = {
    findSeen: ({ puzzles }) =>
      Promise.resolve({
        ok: true,
        value: puzzles.map((_, index) =>
          seen.includes(index) ? { as: 'twin', isByClass: true, names: [] } : undefined,
        ),
      }),
    addSet: async () => Promise.resolve({ ok: true, value: 9 as SetId }),
    addPuzzle: async (input) => {
      if (left > 0) {
        left -= 1;
        throw new Error('offline');
      }
      stored.push(input);
      const value = { setId: 9 as SetId, setName: 'x', number: 1, mateInMoves: 1, isAlreadyThere: false };
      return Promise.resolve({ ok: true, value });
    },
  };
  renderUi(
    <PuzzleMaker
      sets={[{ setId: 4 as SetId, name: 'First mates' }]}
      classes={[{ classId: 3 as ClassId, name: 'Lantern class' }]}
      areLooseNamesShown={false}
      actions={actions}
    />,
  );
  return stored;
}

const press = (name: string) =>
  act(() => Promise.resolve(fireEvent.click(screen.getByRole('button', { name }))));
const choose = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

test('what is asked for is composed; what is taken out is not stored', async () => {
  const stored = openMaker();
  choose('Length', '1');
  for (const name of ['Smothered mate', 'Boden’s mate']) {
    fireEvent.click(screen.getByRole('combobox', { name: 'Ends in' }));
    fireEvent.click(screen.getByRole('option', { name }));
  }
  choose('To move', 'black');
  fireEvent.change(screen.getByLabelText('How many'), { target: { value: '3' } });
  await press('Compose');
  expect(askedInPlace).toEqual([
    {
      kind: 'puzzles',
      recipe: { moves: 1, patterns: ['smothered', 'boden'], side: 'black' },
      count: 3,
      seed: 1,
    },
  ]);
  expect(screen.getByText('3 puzzles, each proved.')).toBeInTheDocument();
  expect(screen.getAllByText(/Ends in: .*(Smothered|Boden’s) mate.*Level \d/)).toHaveLength(3);
  fireEvent.click(screen.getByRole('checkbox', { name: '2. Mate in 1' }));
  await press('Store 2 puzzles');
  expect(stored.map(({ setId }) => setId)).toEqual([4, 4]);
  expect(stored.every(({ fen }) => getPosition(fen).turn === 'black')).toBe(true);
  expect(screen.getByText(/2 puzzles stored, each proved once more\./)).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Open the set' })).toHaveAttribute('href', '/sets/4');
});

test('the same filters again make others', async () => {
  openMaker();
  choose('Length', '1');
  await press('Compose');
  await press('Compose others');
  expect(askedInPlace.map((question) => question.kind === 'puzzles' && question.seed)).toEqual([1, 2]);
});

test('a mate in one gives nothing away: such keys are not offered, nor asked for when the length is changed later', async () => {
  openMaker();
  choose('Begins with', 'sacrifice');
  choose('Length', '1');
  expect(screen.queryByRole('option', { name: 'a sacrifice' })).toBeNull();
  await press('Compose');
  expect(askedInPlace[0]).toMatchObject({ recipe: { moves: 1 } });
  expect(askedInPlace[0]).not.toHaveProperty('recipe.key');
});

test('when the server is away it says so, and the same goes on', async () => {
  const stored = openMaker(1);
  choose('Length', '1');
  await press('Compose');
  choose('Add them to', 'new');
  fireEvent.change(screen.getByLabelText('Name of the new set'), { target: { value: 'Fresh' } });
  await press('Store 6 puzzles');
  expect(screen.getByText(/^The server did not answer\. Nothing is lost/)).toBeInTheDocument();
  await press('Store 6 puzzles');
  expect(stored).toHaveLength(6);
  expect(new Set(stored.map(({ setId }) => setId))).toEqual(new Set([9]));
});

test('what a class has had is left out, and others are composed in its place', async () => {
  openMaker(0, [1]);
  choose('Length', '1');
  choose('New to', '3');
  await press('Compose');
  expect(
    askedInPlace.map((question) => question.kind === 'puzzles' && [question.count, question.seed]),
  ).toEqual([
    [6, 1],
    [7, 1],
  ]);
  expect(
    screen.getByText('6 puzzles, each proved. All are new to Lantern class; 1 like them was left out.'),
  ).toBeInTheDocument();
  expect(screen.getAllByRole('checkbox')).toHaveLength(6);
});
