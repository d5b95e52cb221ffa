/** A staircase from a mate to a set that lies on the seats; nothing is made twice when the server was away. */
import { act, fireEvent, screen } from '@testing-library/react';
import { renderUi } from '../../../../tests/support/renderUi';
import type { AssignmentId, SetId } from '@/contracts/ids';
import { StaircaseMaker, type StaircaseActions } from './StaircaseMaker';

jest.mock('@/workers/browser', () => jest.requireActual<object>('../../../../tests/support/searchInPlace'));

const SMOTHERED = 'n4r1k/6pp/p6N/1p6/2Q5/1P6/P4PPP/6Kb w - - 0 1';

async function openMaker(fen: string, failures = 0, held: Promise<void> = Promise.resolve()) {
  const asked: { readonly what: string; readonly input: unknown }[] = [];
  let left = failures;
  const hear = (what: string, input: unknown) => {
    asked.push({ what, input });
    if (what === 'puzzle' && left > 0) {
      left -= 1;
      throw new Error('offline');
    }
  };
  const actions: StaircaseActions = {
    addSet: async (input) => {
      hear('set', input);
      return Promise.resolve({ ok: true, value: 7 as SetId });
    },
    addPuzzle: async (input) => {
      hear('puzzle', input);
      await held;
      const value = { setId: 7 as SetId, setName: 'x', number: 1, mateInMoves: 1, isAlreadyThere: false };
      return Promise.resolve({ ok: true, value });
    },
    giveSet: async (input) => {
      hear('give', input);
      return Promise.resolve({ ok: true, value: 3 as AssignmentId });
    },
  };
  await act(() =>
    Promise.resolve(
      renderUi(
        <StaircaseMaker
          fen={fen}
          ours={[]}
          areLooseNamesShown={false}
          classes={[{ classId: 4, name: 'Harbour class' }]}
          actions={actions}
        />,
      ),
    ),
  );
  return asked;
}

const press = (name: string) =>
  act(() => Promise.resolve(fireEvent.click(screen.getByRole('button', { name }))));

test('the stairs stand there, and one press stores those chosen and gives them', async () => {
  const asked = await openMaker(SMOTHERED);
  expect(
    screen.getByText(/The same idea without 9 pieces .* The only key is Nf7#. Ends in: Smothered mate\./),
  ).toBeInTheDocument();
  // The fuller board is offered, not chosen.
  expect(screen.getAllByRole('checkbox', { checked: true })).toHaveLength(4);
  expect(screen.getAllByRole('checkbox', { checked: false })).toHaveLength(1);
  fireEvent.click(screen.getByRole('checkbox', { name: '2. Mate in 1' }));
  fireEvent.change(screen.getByLabelText('Give it to'), { target: { value: '4' } });
  await press('Make the set and give it');
  expect(asked.map(({ what }) => what)).toEqual(['set', 'puzzle', 'puzzle', 'puzzle', 'give']);
  expect(asked[0]?.input).toMatchObject({ name: 'Staircase to a mate in 2', isStaircase: true });
  expect(asked[3]?.input).toEqual({ setId: 7, fen: SMOTHERED });
  expect(asked[4]?.input).toMatchObject({ setId: 7, classId: 4 });
  expect(
    screen.getByText(/3 stairs, each proved and stored\. Harbour class can see it now\./),
  ).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Open the set' })).toHaveAttribute('href', '/sets/7');
});

test('when the server is away it says so, and the same request goes on', async () => {
  const asked = await openMaker(SMOTHERED, 1);
  await press('Make the set');
  expect(screen.getByText(/^The server did not answer\. Nothing is lost/)).toBeInTheDocument();
  await press('Make the set');
  const sets = asked.filter(({ what }) => what === 'set').map(({ input }) => input);
  expect(sets).toHaveLength(2);
  expect(sets[0]).toEqual(sets[1]);
  expect(screen.getByText(/4 stairs, each proved and stored\./)).toBeInTheDocument();
});

test('storing can be stopped between two stairs, and goes on with what is left', async () => {
  let release: () => void = () => undefined;
  const held = new Promise<void>((resolve) => {
    release = resolve;
  });
  const asked = await openMaker(SMOTHERED, 0, held);
  await press('Make the set');
  await press('Stop storing');
  await act(() => {
    release();
    return Promise.resolve();
  });
  expect(screen.getByText(/^Stopped after 1 stair of 4\. Do it again/)).toBeInTheDocument();
  expect(asked.map(({ what }) => what)).toEqual(['set', 'puzzle']);
  await press('Make the set');
  expect(screen.getByText(/4 stairs, each proved and stored\./)).toBeInTheDocument();
});

test('without a mate there is nothing to climb to', async () => {
  await openMaker('4k3/8/8/8/8/8/4P3/K7 w - - 0 1');
  expect(screen.getByText(/^No shortest mate in 10 or fewer was proved here/)).toBeInTheDocument();
  expect(screen.queryByRole('button')).toBeNull();
});
