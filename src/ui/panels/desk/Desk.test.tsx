import { act, fireEvent, screen } from '@testing-library/react';
import { playByKeys, renderUi } from '../../../../tests/support/renderUi';
import type { ServiceFault } from '@/contracts/faults';
import type { ClubPatternId, SetId } from '@/contracts/ids';
import type { AddedPuzzle } from '@/contracts/sets';
import type { Result } from '@/core/shared';
import { MAN_VALUES } from '@/core/board';
import { Desk } from './Desk';

jest.mock('@/workers/browser', () => jest.requireActual<object>('../../../../tests/support/searchInPlace'));

const MATE_IN_2 = '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1';
const ADDED: Result<AddedPuzzle, ServiceFault> = {
  ok: true,
  value: { setId: 1 as SetId, setName: 'First mates', number: 4, mateInMoves: 2, isAlreadyThere: false },
};

function openDesk(initialFen = '', added: readonly (typeof ADDED | 'no answer')[] = []) {
  const asked: unknown[] = [];
  const answers = [...added];
  renderUi(
    <Desk
      clubPatterns={[]}
      areLooseNamesShown={false}
      readingOrder={['checks', 'captures', 'threats']}
      initialFen={initialFen}
      sets={[{ setId: 1 as SetId, name: 'First mates' }]}
      values={{ ...MAN_VALUES, king: 0 }}
      ways={undefined}
      actions={{
        addPuzzle: (input) => {
          asked.push(input);
          const answer = answers.shift() ?? ADDED;
          return answer === 'no answer' ? Promise.reject(new Error('offline')) : Promise.resolve(answer);
        },
        addQuestion: (input) => {
          asked.push(input);
          return Promise.resolve(ADDED);
        },
        addClubPattern: (input) => {
          asked.push(input);
          return Promise.resolve({ ok: true, value: 1 as ClubPatternId });
        },
        addSet: (input) => {
          asked.push(input);
          return Promise.resolve({ ok: true, value: 2 as SetId });
        },
      }}
    />,
  );
  return asked;
}

const button = (name: string | RegExp) => screen.getByRole('button', { name });
const cell = (name: RegExp | string) => screen.getByRole('gridcell', { name });
const press = (name: string | RegExp) => act(() => Promise.resolve(fireEvent.click(button(name))));
const fenField = () => screen.getByLabelText('FEN of this position');

test('an empty Desk says what is missing and offers no proof', () => {
  openDesk();
  expect(screen.getByText('White has no king. Put one on the board.')).toBeInTheDocument();
  expect(button('Prove')).toBeDisabled();
  expect(button('Add to set')).toBeDisabled();
  expect(button('Undo')).toBeDisabled();
});

const fenNow = () => (fenField() as HTMLInputElement).value;

test('making moves: either side, several running, a forbidden one is explained and goes home, H is home', async () => {
  openDesk('4k3/8/8/8/8/8/4P3/4K2R w K - 0 1');
  fireEvent.click(screen.getByRole('radio', { name: 'Make moves' }));
  expect(screen.getByText('Move any piece of either side, as often as you like.')).toBeInTheDocument();
  playByKeys('h1', 'e4');
  expect(
    screen.getByText('A rook does not go that way: not to e4. The piece goes back.'),
  ).toBeInTheDocument();
  expect(cell('h1, white rook')).toBeInTheDocument();
  playByKeys('h1', 'h7');
  playByKeys('h7', 'a7');
  expect(screen.getByText('The rook goes to a7. H goes back home.')).toBeInTheDocument();
  playByKeys('e8', 'f8');
  expect(cell('f8, black king')).toBeInTheDocument();
  expect(screen.queryByText(/goes home/)).not.toBeInTheDocument();
  // Home, and on again: the moves are kept.
  fireEvent.keyDown(document.documentElement, { key: 'h' });
  expect(cell('h1, white rook')).toBeInTheDocument();
  await press('Step on');
  expect(cell('h7, white rook')).toBeInTheDocument();
  // Another move from here takes the place of the old ones.
  playByKeys('h7', 'h8');
  expect(cell('h8, white rook')).toBeInTheDocument();
  expect(button('Step on')).toBeDisabled();
  expect(screen.getByRole('heading', { name: 'Black to move' })).toBeInTheDocument();
  // What was set up has not changed.
  expect(fenNow()).toBe('4k3/8/8/8/8/8/4P3/4K2R w K - 0 1');
});

test('making moves: the side to move may stay as it is set', () => {
  openDesk('8/8/8/8/8/8/8/R7 w - - 0 1');
  fireEvent.click(screen.getByRole('radio', { name: 'Make moves' }));
  fireEvent.click(screen.getByRole('checkbox', { name: 'The side to move stays as set' }));
  playByKeys('a1', 'a5');
  expect(screen.getByRole('heading', { name: 'White to move' })).toBeInTheDocument();
});

test('twins: left and right, colours, a quarter-turn, each undone by itself', async () => {
  openDesk('k7/8/8/8/8/8/8/1R5K w - - 0 1');
  await press('Left and right');
  expect(fenNow()).toBe('7k/8/8/8/8/8/8/K5R1 w - - 0 1');
  await press('Left and right');
  await press('Swap colours');
  expect(fenNow()).toBe('1r5k/8/8/8/8/8/8/K7 b - - 0 1');
  await press('Undo');
  await press('Quarter-turn');
  expect(cell('h8, black king')).toBeInTheDocument();
  expect(cell('a7, white rook')).toBeInTheDocument();
  expect(cell('a1, white king')).toBeInTheDocument();
});

test('Start, a move by hand, undo, clear, side to move, turn', async () => {
  openDesk();
  await press('Start');
  playByKeys('e2', 'e5');
  expect(cell('e5, white pawn')).toBeInTheDocument();
  await press('Undo');
  expect(cell('e2, white pawn')).toBeInTheDocument();
  await press('Black to move instead');
  expect(screen.getByRole('heading', { name: 'Black to move' })).toBeInTheDocument();
  await press('Turn board');
  expect(screen.getAllByRole('gridcell')[0]).toHaveAccessibleName('h1, white rook');
  await press('Clear');
  expect(cell('e2, empty')).toBeInTheDocument();
});

test('letters place men, Delete takes them off', () => {
  openDesk();
  fireEvent.keyDown(cell('c3, empty'), { key: 'n' });
  fireEvent.keyDown(cell('d4, empty'), { key: 'Q' });
  expect(cell('c3, white knight')).toBeInTheDocument();
  expect(cell('d4, black queen')).toBeInTheDocument();
  fireEvent.keyDown(cell('d4, black queen'), { key: 'Delete' });
  expect(cell('d4, empty')).toBeInTheDocument();
});

test('a proved mate is told in words, stepped through, and home is one press away', async () => {
  openDesk(MATE_IN_2);
  await press('Prove');
  expect(screen.getByText('White mates in 2; one key: 1 Rd8+')).toBeInTheDocument();
  await press('Step on');
  expect(cell('d8, white rook')).toBeInTheDocument();
  expect(screen.getByRole('heading', { name: 'Black to move' })).toBeInTheDocument();
  await press('Step on');
  await press('Step on');
  expect(button('Step on')).toBeDisabled();
  await press('Back home');
  expect(cell('d6, white rook')).toBeInTheDocument();
});

test('while the line is shown the board cannot be changed by hand', async () => {
  openDesk(MATE_IN_2);
  await press('Prove');
  await press('Step on');
  playByKeys('h1', 'g1');
  expect(cell('h1, white king')).toBeInTheDocument();
});

test('any edit takes the claim back', async () => {
  openDesk(MATE_IN_2);
  await press('Prove');
  playByKeys('d6', 'd5');
  expect(screen.queryByText(/White mates in 2/)).toBeNull();
  expect(button('Add to set')).toBeDisabled();
});

test('pasting a FEN sets it up; a bad one is explained and the board stays', () => {
  openDesk(MATE_IN_2);
  const paste = (text: string) => fireEvent.paste(fenField(), { clipboardData: { getData: () => text } });
  paste('4k3/8/8/8/8/8/8/R3K3 w - - 0 1');
  expect(cell('a1, white rook')).toBeInTheDocument();
  paste('4k3/8/8/8/8/8/8/R3K3 w KQkq zz 0 1');
  expect(screen.getByText(/The fourth part is the square a pawn has just crossed/)).toBeInTheDocument();
  expect(cell('a1, white rook')).toBeInTheDocument();
  fireEvent.click(button('Keep the board'));
  expect(fenField()).toHaveValue('4k3/8/8/8/8/8/8/R3K3 w - - 0 1');
});

test('a right to castle can be given only while king and rook stand at home', () => {
  openDesk('4k3/8/8/8/8/8/8/R3K3 w - - 0 1');
  expect(screen.getByLabelText('White long')).toBeEnabled();
  expect(screen.getByLabelText('White short')).toBeDisabled();
  fireEvent.click(screen.getByLabelText('White long'));
  expect(fenField()).toHaveValue('4k3/8/8/8/8/8/8/R3K3 w Q - 0 1');
});

const openTab = (name: string) =>
  act(() => Promise.resolve(fireEvent.click(screen.getByRole('tab', { name }))));

test('a proved mate is told as a tree that is read aloud, and any part of it is shown on the board', async () => {
  openDesk(MATE_IN_2);
  await press('Prove');
  expect(screen.getByText('check')).toBeInTheDocument();
  expect(screen.getByText(/Dual: also Rdxe8#\.|Dual: also Rexe8#\./)).toBeInTheDocument();
  await press(/If Black blocks \(Qe8\): 2\. R[de]xe8#/);
  expect(cell('e8, white rook')).toBeInTheDocument();
  expect(screen.getByRole('heading', { name: 'A defence and its answer' })).toBeInTheDocument();
});

test('tries stand with their only refutation', async () => {
  openDesk('7k/8/4K3/8/8/8/8/1Q6 w - - 0 1');
  await press('Prove');
  expect(screen.getAllByText(/\? but K\w\d!/).length).toBeGreaterThan(0);
});

test('the fate of every move, and what the other side would do', async () => {
  openDesk(MATE_IN_2);
  await openTab('Every move');
  await press('Look at every move');
  expect(screen.getByText('mates in 2 (proved)')).toBeInTheDocument();
  expect(screen.getAllByText(/seen 3 plies deep/).length).toBeGreaterThan(1);
  await press('If Black could move');
  expect(screen.getByText(/If Black could move, seen 3 plies deep/)).toBeInTheDocument();
  await press('Qxa2');
  expect(cell('a2, black queen')).toBeInTheDocument();
});

test('forcing moves are read one by one, what becomes of each only when it is told', async () => {
  openDesk(MATE_IN_2);
  await openTab('Forcing moves');
  await press('Read the forcing moves');
  expect(screen.getByText(/^Checks: \d+ moves$/)).toBeInTheDocument();
  expect(screen.queryByText('mates in 2 (proved)')).toBeNull();
  const hidden = screen.getAllByText('?').length;
  await press('Show the first');
  expect(screen.getAllByText('?')).toHaveLength(hidden - 1);
  await press('Show all');
  expect(screen.queryByText('?')).toBeNull();
  expect(screen.getByText('mates in 2 (proved)')).toBeInTheDocument();
  await press('Hide again');
  expect(screen.getAllByText('?')).toHaveLength(hidden);
});

test('what the other side would do is no reading of the forcing moves', async () => {
  openDesk(MATE_IN_2);
  await openTab('Every move');
  await press('If Black could move');
  await openTab('Forcing moves');
  expect(screen.getByText(/^Every check, then captures, then quiet threats of mate/)).toBeInTheDocument();
});

test('a proved mate has its names and its sacrifice, and a mate on the board is told by name', async () => {
  openDesk('n4r1k/6pp/p6N/1p6/2Q5/1P6/P4PPP/6Kb w - - 0 1');
  await press('Prove');
  expect(screen.getByRole('link', { name: 'Smothered mate' })).toHaveAttribute('href', '/patterns/smothered');
  expect(screen.getByText(/^The queen is sacrificed on g8: the rook captures/)).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Staircase' })).toHaveAttribute(
    'href',
    expect.stringMatching(/^\/staircase\?fen=n4r1k/),
  );
});

test('a mate on the board gets a name of the club, with what belongs to its picture', async () => {
  const asked = openDesk('3Rk3/5p2/8/N5B1/8/8/8/6K1 b - - 0 1');
  fireEvent.click(screen.getByText('Give this mate your club’s own name'));
  // What is needed and what blocks is marked; the knight plays no part.
  expect(screen.getByLabelText('bishop on g5 helps')).toBeChecked();
  expect(screen.getByLabelText('pawn on f7 blocks')).toBeChecked();
  expect(screen.getByLabelText('knight on a5 helps')).not.toBeChecked();
  fireEvent.click(screen.getByLabelText('pawn on f7 blocks'));
  expect(button('Save this name')).toBeDisabled();
  fireEvent.change(screen.getByLabelText('Its name'), { target: { value: 'The lantern' } });
  await press('Save this name');
  expect(asked).toMatchObject([
    { name: 'The lantern', fen: '3Rk3/5p2/8/N5B1/8/8/8/6K1 b - - 0 1', marked: [38] },
  ]);
  expect(screen.getByText('Saved. Mates like this are called The lantern from now on.')).toBeInTheDocument();
});

test('a mate that is set up is called by its name', () => {
  openDesk('3Rk3/5p2/8/6B1/8/8/8/6K1 b - - 0 1');
  expect(screen.getByText(/^It is mate: Opera mate\. The rook on d8 gives mate\./)).toBeInTheDocument();
});

test('a written solution is judged, and the break is shown on the board', async () => {
  openDesk(MATE_IN_2);
  await openTab('Written solution');
  const field = screen.getByRole('textbox', { name: 'Written solution' });
  const check = async (text: string) => {
    fireEvent.change(field, { target: { value: text } });
    await press('Check it');
  };
  await check('1 Rd8+ Qe8 2 Rexe8#');
  expect(screen.getByText('The solution is right: mate in 2, every move checked.')).toBeInTheDocument();
  await check('1 Re8+ Qxe8 2 Rd8 Qxd8');
  expect(screen.getByText(/^Ply 1: it is not forced/)).toBeInTheDocument();
  expect(cell('e8, black queen')).toBeInTheDocument();
  await check('1 Rd8+ (');
  expect(screen.getByText(/The bracket at letter 8 is not closed/)).toBeInTheDocument();
});

test('a check that only a pointless block meets: both lengths are said', async () => {
  openDesk('6k1/5ppp/3b4/8/8/B7/5PPP/4R1K1 w - - 0 1');
  await press('Prove');
  expect(screen.getByText(/White mates in 2; one key/)).toBeInTheDocument();
  expect(screen.getByText('Without pointless blocks: mate in 1.')).toBeInTheDocument();
});

describe('adding to a set', () => {
  test('says where it went', async () => {
    const asked = openDesk(MATE_IN_2);
    await press('Prove');
    await press('Add to set');
    expect(screen.getByText('Added to First mates as number 4.')).toBeInTheDocument();
    expect(asked).toEqual([{ setId: 1, fen: MATE_IN_2 }]);
  });

  test('a refusal is a sentence, a lost answer too, and both can be tried again', async () => {
    openDesk(MATE_IN_2, [{ ok: false, error: { code: 'workers/busy' } }, 'no answer', ADDED]);
    await press('Prove');
    await press('Add to set');
    expect(screen.getByText(/Many positions are being proved right now/)).toBeInTheDocument();
    await press('Add to set');
    expect(screen.getByText(/The server did not answer/)).toBeInTheDocument();
    await press('Add to set');
    expect(screen.getByText('Added to First mates as number 4.')).toBeInTheDocument();
  });

  test('a new set is made once, then the puzzle goes into it', async () => {
    const asked = openDesk(MATE_IN_2, ['no answer', ADDED]);
    await press('Prove');
    fireEvent.change(screen.getByLabelText('Set'), { target: { value: 'new' } });
    expect(button('Add to set')).toBeDisabled();
    fireEvent.change(screen.getByLabelText('Name of the new set'), { target: { value: 'Tide tables' } });
    await press('Add to set');
    await press('Add to set');
    expect(asked).toEqual([
      { requestId: expect.any(String) as string, name: 'Tide tables' },
      { setId: 2, fen: MATE_IN_2 },
      { setId: 2, fen: MATE_IN_2 },
    ]);
  });
});

test('away from home it is said which position is proved, and both may be', async () => {
  openDesk(MATE_IN_2);
  fireEvent.click(screen.getByRole('radio', { name: 'Make moves' }));
  playByKeys('d6', 'd8');
  await press('Prove the home position');
  expect(screen.getByText(/mate in 2/i)).toBeInTheDocument();
  expect(cell('d6, white rook')).toBeInTheDocument();
  playByKeys('d6', 'd8');
  playByKeys('a4', 'e8');
  await press('Prove the board as shown');
  expect(screen.getAllByText(/mates? in 1[^0-9]/i).length).toBeGreaterThan(0);
  expect(cell('d8, white rook')).toBeInTheDocument();
  await press('Undo');
  expect(cell('d6, white rook')).toBeInTheDocument();
});

/** White: king and a rook that can capture two pieces; nobody is trapped. */
const ROOK_AMONG_PIECES = '4k3/8/8/1n6/8/8/8/1R2n1K1 w - - 0 1';

test('the questions of a board: one is picked, its answer told square by square, and put into a set', async () => {
  const asked = openDesk(ROOK_AMONG_PIECES);
  fireEvent.click(screen.getByRole('tab', { name: 'Questions' }));
  await act(() => Promise.resolve());
  expect(screen.getByRole('heading', { name: 'Capturing' })).toBeInTheDocument();
  // What cannot be asked says why.
  expect(screen.getByText('The side to move is not in check.')).toBeInTheDocument();
  await press('Tap every piece and pawn that White can capture.');
  expect(screen.getByText('The answer is hidden.')).toBeInTheDocument();
  await press('Show one more');
  expect(screen.getByText('e1: 1 of 2.')).toBeInTheDocument();
  await press('Show the answer');
  expect(screen.getByText('Right: e1 and b5.')).toBeInTheDocument();
  await press('Add question');
  expect(screen.getByText('Added to First mates as number 4.')).toBeInTheDocument();
  expect(asked).toEqual([
    {
      setId: 1,
      exercise: { family: 'captures', level: 2, task: { fen: ROOK_AMONG_PIECES } },
    },
  ]);
});

test('squares are chosen on the board, the piece first; a board without kings has its questions too', async () => {
  openDesk('8/8/8/3p4/8/8/8/R7 w - - 0 1');
  fireEvent.click(screen.getByRole('tab', { name: 'Questions' }));
  await act(() => Promise.resolve());
  expect(screen.getAllByText('It needs a possible position with both kings.').length).toBeGreaterThan(5);
  expect(screen.queryByText(/The rook makes one move/)).toBeNull();
  await press('Choose squares');
  for (const square of ['a1', 'd5']) fireEvent.keyDown(cell(new RegExp(`^${square}`)), { key: 'Enter' });
  await act(() => Promise.resolve());
  expect(screen.getByText('Chosen: a1 and d5.')).toBeInTheDocument();
  await press(/^The rook makes one move\. Tap every square where it then attacks d5/);
  await press('Show the answer');
  expect(screen.getByText('Right: d1 and a5.')).toBeInTheDocument();
  await press('Other question');
  await press('Clear choice');
  expect(screen.getByText(/^No square chosen/)).toBeInTheDocument();
});

test('where nothing is right, none is the answer', async () => {
  openDesk('4k3/8/8/1n6/8/8/8/R5K1 w - - 0 1');
  fireEvent.click(screen.getByRole('tab', { name: 'Questions' }));
  await act(() => Promise.resolve());
  await press('Tap every piece and pawn that White can capture.');
  await press('Show the answer');
  expect(screen.getByText('Right: none.')).toBeInTheDocument();
});

test('what a piece sees, and what a side sees: a tap after a button, told in words, ended with Escape', async () => {
  openDesk('5r2/8/8/4P3/8/5N2/8/8 w - - 0 1');
  await press('Piece’s view');
  expect(screen.getByText('Tap a piece to see what it sees.')).toBeInTheDocument();
  fireEvent.keyDown(cell('f3, white knight'), { key: 'Enter' });
  expect(screen.getByText(/^Knight on f3: protects e5\. Attacked from f8\./)).toBeInTheDocument();
  expect(cell('d4, empty, can go here')).toBeInTheDocument();
  fireEvent.keyDown(document.documentElement, { key: 'Escape' });
  expect(screen.queryByText(/^Knight on f3/)).toBeNull();
  await press('Side’s view');
  expect(screen.getByText('White attacks nothing. Not protected: f3.')).toBeInTheDocument();
  await press('Side’s view');
  expect(screen.getByText('Black attacks f3. Not protected: f8.')).toBeInTheDocument();
});
