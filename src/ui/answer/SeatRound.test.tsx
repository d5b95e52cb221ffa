import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { carry, playByKeys, renderUi } from '../../../tests/support/renderUi';
import { positionOf } from '../../../tests/fixtures/positions';
import type { NewAttempt, SeatRound as SeatRoundData, SeatTask } from '@/contracts/attempts';
import type { RoundId, StudentId, TaskId } from '@/contracts/ids';
import { createTaskSearches, makeMateTask } from '@/core/compose';
import { SeatRound } from './SeatRound';

const searches = createTaskSearches();

function taskOf(taskId: number, fen: string): SeatTask {
  const made = makeMateTask(searches, positionOf(fen), { maxMoves: 3 });
  if (made.kind !== 'task') throw new Error(made.kind);
  return {
    taskId: taskId as TaskId,
    family: 'mate',
    task: made.task,
    solution: made.graph,
    isSolved: false,
    isClimbed: false,
    tries: 0,
  };
}

const ROUND: SeatRoundData = {
  roundId: 5 as RoundId,
  setName: 'First mates',
  ours: [],
  tasks: [
    taskOf(11, '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1'),
    taskOf(12, '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1'),
  ],
};

let sent: NewAttempt[] = [];
let addresses: string[] = [];
/** What the server would answer next; 200 unless told otherwise. */
let statuses: number[] = [];

// Read before, so that what a seat fetches meanwhile is there when a test has settled.
beforeAll(() => import('./mateNames'));

beforeEach(() => {
  sent = [];
  addresses = [];
  statuses = [];
  window.localStorage.clear();
  jest.useFakeTimers();
  globalThis.fetch = (address, init) => {
    addresses.push(typeof address === 'string' ? address : '');
    sent.push(JSON.parse(typeof init?.body === 'string' ? init.body : '') as NewAttempt);
    const status = statuses.shift() ?? 200;
    const arrayBuffer = () => Promise.resolve(new ArrayBuffer(0));
    return Promise.resolve({ ok: status < 400, status, arrayBuffer } as Response);
  };
});

afterEach(() => jest.useRealTimers());

/** Lets replies be shown and answers be sent. */
const settle = () => act(() => jest.advanceTimersByTimeAsync(1000));

const openRound = async (round = ROUND) => {
  const left: string[] = [];
  const view = renderUi(
    <SeatRound round={round} studentId={3 as StudentId} onLeave={() => left.push('left')} />,
  );
  // The player is fetched, then the names of mates.
  await settle();
  await settle();
  return { ...view, left };
};
const movesOf = (answer: NewAttempt['answer']) => (answer.kind === 'play' ? answer.moves : []);
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
test.each([
  [undefined, 'My place'],
  ['path', 'My path'],
  ['board', 'The board'],
] as const)('left for %s, the button at its head says "%s"', async (back, words) => {
  renderUi(<SeatRound round={ROUND} studentId={3 as StudentId} back={back} onLeave={() => undefined} />);
  await settle();
  expect(screen.getByRole('button', { name: words })).toBeInTheDocument();
});

test('a task that the board asks stands alone: the lesson has its own ways out', async () => {
  renderUi(<SeatRound round={ROUND} studentId={3 as StudentId} back="next-task" onLeave={() => undefined} />);
  await settle();
  expect(screen.queryByText('Task 1 of 1')).not.toBeInTheDocument();
  expect(screen.queryByRole('button', { name: 'Later' })).not.toBeInTheDocument();
});

test('a move that is not allowed is told why, and is no try', async () => {
  await openRound();
  playByKeys('a1', 'b2');
  await settle();
  expect(screen.getByText('A rook does not go that way: not to b2.')).toBeInTheDocument();
  playByKeys('g1', 'g2');
  await settle();
  expect(screen.queryByText(/does not go that way/)).not.toBeInTheDocument();
});

test('after two tries the mate is shown on the board, and the round goes on', async () => {
  await openRound();
  playByKeys('a1', 'a3');
  await settle();
  expect(screen.queryByRole('button', { name: 'Show me' })).not.toBeInTheDocument();
  press('Try again');
  playByKeys('a1', 'a4');
  await settle();
  press('Show me');
  await settle();
  expect(screen.getByText('This is how it goes.')).toBeInTheDocument();
  expect(screen.getByRole('gridcell', { name: /^a8, white rook/ })).toBeInTheDocument();
  press('Next one');
  expect(screen.getByRole('heading', { name: 'White to move. Mate in 2.' })).toBeInTheDocument();
});

test('a whole round: wrong, hint, right, next, done', async () => {
  const { left } = await openRound();
  expect(screen.getByRole('heading', { name: 'White to move. Mate in 1.' })).toBeInTheDocument();
  playByKeys('a1', 'a3');
  await settle();
  expect(screen.getByText(/the mate in 1 is gone/)).toBeInTheDocument();
  press('Try again');
  press('Help: an idea');
  expect(screen.getByText('Look at every check. After one of them the king has no way out.')).toBeVisible();
  press('Help: which piece?');
  expect(screen.getByText('Look at the rook on a1.')).toBeInTheDocument();
  playByKeys('a1', 'a8');
  await settle();
  expect(screen.getByText(/^Yes, checkmate\./)).toBeInTheDocument();
  press('Next one');
  playByKeys('d6', 'd8');
  await settle();
  expect(screen.getByText("Black's queen goes to e8. Now you.")).toBeInTheDocument();
  playByKeys('e1', 'e8');
  await settle();
  press('Done');
  await settle();
  expect(screen.getByText('You solved all 2 tasks.')).toBeVisible();
  expect(screen.getByText('Right first time: “Mate in 2”.')).toBeVisible();
  expect(screen.getByText('One to play again: “Mate in 1”')).toBeVisible();
  press('Back to my place');
  expect(left).toEqual(['left']);
  expect(sent.map(({ taskId, answer, hints }) => [taskId, movesOf(answer), hints])).toEqual([
    [11, ['a1a3'], 0],
    [11, ['a1a8'], 2],
    [12, ['d6d8', 'a4e8', 'e1e8'], 0],
  ]);
  expect(new Set(sent.map(({ clientId }) => clientId)).size).toBe(3);
});

test('an illegal move is no answer: the man stays, nothing is sent', async () => {
  await openRound();
  playByKeys('a1', 'b3');
  playByKeys('g8', 'h8');
  await settle();
  // It is told why instead.
  expect(screen.getByText('A rook does not go that way: not to b3.')).toBeInTheDocument();
  expect(sent).toEqual([]);
});

test('a piece let go near a border: which square was meant is asked, whatever is right', async () => {
  await openRound();
  carry('a1', 'a4', [0, 0.4]);
  expect(screen.getByText('Which square did you mean: a4 or a5?')).toBeVisible();
  expect(sent).toEqual([]);
  press('a4');
  await settle();
  press('Try again');
  carry('a1', 'a7', [0, 0.4]);
  press('a8');
  await settle();
  expect(sent.map(({ answer }) => answer)).toEqual([
    { kind: 'play', moves: ['a1a4'], slips: 0 },
    { kind: 'play', moves: ['a1a8'], slips: 1 },
  ]);
});

test('in the middle of a square, or beside one the piece cannot go to, nothing is asked', async () => {
  await openRound();
  carry('a1', 'a4', [0.4, 0]);
  await settle();
  press('Try again');
  carry('a1', 'a8', [0.1, -0.1]);
  await settle();
  expect(sent.map(({ answer }) => movesOf(answer))).toEqual([['a1a4'], ['a1a8']]);
});

test('help ends with the move itself, drawn on the board', async () => {
  await openRound();
  for (const step of ['an idea', 'which piece?', 'which square?', 'the move']) press(`Help: ${step}`);
  expect(screen.getByText('The rook goes to a8.')).toBeVisible();
  expect(screen.getByRole('button', { name: 'No more help' })).toBeDisabled();
  playByKeys('a1', 'a8');
  await settle();
  expect(sent.map(({ hints }) => hints)).toEqual([4]);
});

test('after a wrong move one reply is played; the rest comes when it is asked for', async () => {
  await openRound({ ...ROUND, tasks: ROUND.tasks.slice(1) });
  playByKeys('e1', 'e6');
  await settle();
  expect(screen.getByText("Black's pawn captures the rook on e6.")).toBeVisible();
  await settle();
  expect(screen.getByRole('gridcell', { name: 'd3, white bishop' })).toBeInTheDocument();
  press('What comes next?');
  await settle();
  await settle();
  await settle();
  expect(screen.getByText('You lose a rook and win a pawn.')).toBeVisible();
  expect(screen.getByRole('gridcell', { name: 'e6, white rook' })).toBeInTheDocument();
  expect(screen.queryByRole('button', { name: 'What comes next?' })).toBeNull();
});

test('the last open task is shown: the way on is to play it', async () => {
  const [first, second] = ROUND.tasks;
  if (first === undefined || second === undefined) throw new Error('two tasks');
  await openRound({ ...ROUND, tasks: [first, { ...second, isSolved: true }] });
  for (const to of ['a3', 'a4']) {
    playByKeys('a1', to);
    await settle();
    if (to === 'a3') press('Try again');
  }
  press('Show me');
  await settle();
  press('Now you');
  playByKeys('a1', 'a8');
  await settle();
  press('Done');
  await settle();
  expect(screen.getByRole('heading', { name: 'All done.' })).toBeVisible();
});

test('that a solution was shown is sent, beside the tries', async () => {
  await openRound();
  for (const to of ['a3', 'a4']) {
    playByKeys('a1', to);
    await settle();
    if (to === 'a3') press('Try again');
  }
  press('Show me');
  await settle();
  expect(addresses).toEqual(['/api/attempts', '/api/attempts', '/api/shown']);
  expect(sent.at(-1)).toMatchObject({ roundId: 5, taskId: 11, studentId: 3 });
});

test('a reload goes on with the same puzzle and the moves so far; what was solved stays solved', async () => {
  const first = await openRound();
  playByKeys('a1', 'a8');
  await settle();
  press('Next one');
  playByKeys('d6', 'd8');
  await settle();
  first.unmount();
  await openRound();
  expect(screen.getByText('1 solved')).toBeInTheDocument();
  expect(screen.getByText("Black's queen goes to e8. Now you.")).toBeInTheDocument();
  playByKeys('d8', 'e8');
  await settle();
  expect(screen.getByText(/^Yes, checkmate in 2\./)).toBeInTheDocument();
});

test('offline: the note says so, the child goes on, and the answer goes out later with the same id', async () => {
  statuses = [503, 503];
  await openRound();
  playByKeys('a1', 'a8');
  await settle();
  expect(screen.getByText(/No connection. Go on/)).toBeInTheDocument();
  press('Next one');
  expect(screen.getByText(/Task 2 of 2/)).toBeInTheDocument();
  await act(() => jest.advanceTimersByTimeAsync(11_000));
  await waitFor(() => expect(screen.queryByText(/No connection/)).toBeNull());
  expect(sent.length).toBeGreaterThan(1);
  expect(new Set(sent.map(({ clientId }) => clientId)).size).toBe(1);
});

test.each([401, 403])(
  'signed out, or another child signed in (%d): the answers are kept and the note says what to do',
  async (status) => {
    statuses = [status];
    await openRound();
    playByKeys('a1', 'a8');
    await settle();
    expect(screen.getByText(/Sign in again to send them/)).toBeInTheDocument();
    expect(window.localStorage.getItem('vorschule-outbox-3')).toContain('a1a8');
  },
);

test('a device whose store is full costs no answer: it is judged and sent as ever', async () => {
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new Error('QuotaExceededError');
  });
  try {
    await openRound();
    playByKeys('a1', 'a8');
    await settle();
    expect(screen.getByText(/^Yes, checkmate\./)).toBeInTheDocument();
    expect(sent.map(({ answer }) => movesOf(answer))).toEqual([['a1a8']]);
  } finally {
    full.mockRestore();
  }
});

test('Later goes to the next open puzzle and comes round again', async () => {
  await openRound();
  press('Later');
  expect(screen.getByText(/Task 2 of 2/)).toBeInTheDocument();
  press('Later');
  expect(screen.getByText(/Task 1 of 2/)).toBeInTheDocument();
});

test('at the end one task is offered again, and a reload forgets nothing of how the round went', async () => {
  const first = await openRound();
  playByKeys('a1', 'a3');
  await settle();
  first.unmount();
  await openRound();
  playByKeys('a1', 'a8');
  await settle();
  press('Next one');
  playByKeys('d6', 'd8');
  await settle();
  playByKeys('e1', 'e8');
  await settle();
  press('Done');
  await settle();
  expect(screen.getByText('Right first time: “Mate in 2”.')).toBeVisible();
  press('Once more');
  expect(screen.getByRole('heading', { name: 'White to move. Mate in 1.' })).toBeVisible();
  playByKeys('a1', 'a8');
  await settle();
  press('Done');
  await settle();
  expect(screen.getByRole('heading', { name: 'All done.' })).toBeVisible();
});

test('a round that is solved already says so at once', async () => {
  await openRound({ ...ROUND, tasks: ROUND.tasks.map((task) => ({ ...task, isSolved: true })) });
  expect(screen.getByRole('heading', { name: 'All done.' })).toBeInTheDocument();
});

test('a stair climbed before is skipped, and can be climbed again', async () => {
  const [first, second] = ROUND.tasks;
  if (first === undefined || second === undefined) throw new Error('two tasks');
  await openRound({
    ...ROUND,
    tasks: [
      { ...first, isClimbed: true },
      { ...second, isSolved: true },
    ],
  });
  expect(screen.getByText('You have climbed 1 stair.')).toBeInTheDocument();
  expect(screen.getByText(/1 stair you had climbed before\./)).toBeInTheDocument();
  press('Climb it again');
  expect(screen.getByText(/Task 1 of 2/)).toBeInTheDocument();
});
