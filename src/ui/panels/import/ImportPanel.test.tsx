/** Positions brought in: reported with their reasons, chosen by kind or one by one, stored. */
import { act, fireEvent, screen } from '@testing-library/react';
import { renderUi } from '../../../../tests/support/renderUi';
import type { SetId } from '@/contracts/ids';
import { ImportPanel, type ImportActions } from './ImportPanel';

jest.mock('@/workers/browser', () => jest.requireActual<object>('../../../../tests/support/searchInPlace'));

const MATE_IN_1 = '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1';
const STORED = '6k1/5ppp/8/8/8/8/7P/R5K1 w - - 0 1';
const SEVERAL = '7k/8/4K3/8/8/8/8/1Q6 w - - 0 1';
const TEXT = [MATE_IN_1, SEVERAL, STORED, '4k3/8/8/8/8/8/4P3/4K3 w - - 0 1', 'nonsense'].join('\n');

function openPanel(findStored?: ImportActions['findStored']) {
  const stored: string[] = [];
  const actions: ImportActions = {
    addSet: () => Promise.resolve({ ok: true, value: 9 as SetId }),
    addPuzzle: ({ fen }) => {
      stored.push(fen);
      const value = { setId: 4 as SetId, setName: 'x', number: 1, mateInMoves: 1, isAlreadyThere: false };
      return Promise.resolve({ ok: true, value });
    },
    findStored:
      findStored ??
      (({ exactKeys }) =>
        Promise.resolve({ ok: true, value: exactKeys.filter((key) => STORED.startsWith(key)) })),
  };
  renderUi(<ImportPanel sets={[{ setId: 4 as SetId, name: 'First mates' }]} actions={actions} />);
  return stored;
}

const press = (name: string) =>
  act(() => Promise.resolve(fireEvent.click(screen.getByRole('button', { name }))));
async function bring(text: string) {
  fireEvent.change(screen.getByLabelText('Or paste positions'), { target: { value: text } });
  await press('Read and prove');
  await screen.findByText(/position skipped|positions skipped/);
}

test('what was read is reported; mates with one key that are new are taken, the others when they are wanted', async () => {
  const stored = openPanel();
  await bring(TEXT);
  expect(screen.getAllByRole('status')[0]).toHaveTextContent(
    '5 read: 3 mates proved, 1 of them with several keys; 1 without a mate in 3 or fewer; 1 unreadable or impossible. 1 of the mates is stored already.',
  );
  expect(screen.getByText(/^Line 5: /)).toBeInTheDocument();
  expect(screen.getByText('Line 4: no mate in 3 or fewer.')).toBeInTheDocument();
  expect(screen.getByText('Line 1. Ra8#.')).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'Store 1 puzzle' })).toBeEnabled();
  fireEvent.click(screen.getByRole('checkbox', { name: 'also those with several keys (1)' }));
  fireEvent.click(screen.getByRole('checkbox', { name: 'also those stored already (1)' }));
  fireEvent.click(screen.getByRole('checkbox', { name: '1. Mate in 1' }));
  await press('Store 2 puzzles');
  expect(stored).toEqual([SEVERAL, STORED]);
  fireEvent.click(screen.getByRole('checkbox', { name: 'mates in 1 (2)' }));
  expect(screen.getByRole('button', { name: 'Store 1 puzzle' })).toBeEnabled();
});

test('when the server does not say what is stored, it says so, and nothing is left out for it', async () => {
  openPanel(() => Promise.reject(new Error('offline')));
  await bring(TEXT);
  expect(screen.getByText(/The server did not say which of them are stored already\./)).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'Store 2 puzzles' })).toBeEnabled();
});

test('a file beyond the limit is refused in words', async () => {
  openPanel();
  const input = document.querySelector('input[type=file]');
  if (input === null) throw new Error('a file can be chosen');
  const drop = (file: File) =>
    act(() => Promise.resolve(fireEvent.change(input, { target: { files: [file] } })));
  const large = new File(['x'], 'large.pgn');
  Object.defineProperty(large, 'size', { value: 50 * 1_048_576 });
  await drop(large);
  expect(
    await screen.findByText('large.pgn has 50 MB; 20 MB are read at most. Split it.'),
  ).toBeInTheDocument();
});
