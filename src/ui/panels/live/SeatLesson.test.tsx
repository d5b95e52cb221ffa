/** A seat while its class is at the board: the question, the child's own round meanwhile, and a connection that goes. */
import { act, fireEvent, screen } from '@testing-library/react';
import { playByKeys, renderUi } from '../../../../tests/support/renderUi';
import type { AssignmentId, QuestionId, RoundId, StudentId, TaskId } from '@/contracts/ids';
import type { NewSuggestion, SeatLesson as SeatLessonData, SeatNews } from '@/contracts/seatLesson';
import { createTaskSearches, makeMateTask } from '@/core/compose';
import { getPosition } from '@/core/notation';
import { SeatLesson } from './SeatLesson';

const FEN = '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1';
const QUESTION = {
  questionId: 3 as QuestionId,
  fen: FEN,
  words: 'White to move. What would you play?',
  askedAt: '2026-11-26T10:00:00.000Z',
  isOpen: true,
};

function roundOf(setName: string) {
  const made = makeMateTask(createTaskSearches(), getPosition('6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1'), {
    maxMoves: 1,
  });
  if (made.kind !== 'task') throw new Error(made.kind);
  const task = {
    taskId: 11 as TaskId,
    family: 'mate' as const,
    task: made.task,
    solution: made.graph,
    isSolved: false,
    isClimbed: false,
    tries: 0,
  };
  return { roundId: 5 as RoundId, setName, ours: [], tasks: [task] };
}

let news: SeatNews;
let isThere: boolean;
/** What the rounds' address answers next; away when there is none. */
let rounds: unknown[];
let stored: NewSuggestion[];

beforeEach(() => {
  news = { isLive: true };
  isThere = true;
  rounds = [];
  stored = [];
  window.localStorage.clear();
  jest.useFakeTimers();
  globalThis.fetch = (address, init) => {
    if (!isThere) return Promise.reject(new Error('offline'));
    const respond = (value: unknown) =>
      Promise.resolve({
        ok: true,
        status: 200,
        json: () => Promise.resolve(value),
        arrayBuffer: () => Promise.resolve(new ArrayBuffer(0)),
      } as unknown as Response);
    if (address === '/api/seat/news') return respond(news);
    if (address === '/api/seat/rounds') {
      const round = rounds.shift();
      return round === undefined ? Promise.reject(new Error('offline')) : respond(round);
    }
    if (address === '/api/suggestions') {
      stored.push(JSON.parse(typeof init?.body === 'string' ? init.body : '') as NewSuggestion);
    }
    return respond({});
  };
});

afterEach(() => jest.useRealTimers());

/** The line of the seat itself; a round below has one of its own. */
const seatSays = () => screen.getAllByRole('status')[0];
/** The next news are read, and what waits is sent. */
const settle = () => act(() => jest.advanceTimersByTimeAsync(6000));
const press = async (name: string | RegExp) => {
  await act(() => Promise.resolve(fireEvent.click(screen.getByRole('button', { name }))));
};
/** The seat's own; the round below leads back as well. */
const boardButton = () => {
  const [first] = screen.getAllByRole('button', { name: 'The board' });
  if (first === undefined) throw new Error('no way to the board');
  return first;
};
const heading = () => screen.getByRole('heading', { level: 1 }).textContent;

async function openSeat(changes: Partial<SeatLessonData> = {}) {
  const left: string[] = [];
  renderUi(
    <SeatLesson
      lesson={{ studentId: 7 as StudentId, news, meanwhile: undefined, ...changes }}
      onLeave={() => left.push('left')}
    />,
  );
  await settle();
  return left;
}

test('before a question the child is told where to look, and after the lesson that it is over', async () => {
  const left = await openSeat();
  expect(heading()).toBe('Look at the board. Questions appear here.');
  expect(seatSays()).toHaveTextContent('Your class is at the board.');
  news = { isLive: false };
  await settle();
  expect(heading()).toBe('That is all for now.');
  expect(seatSays()).toHaveTextContent('The lesson at the board is over.');
  await press('My place');
  expect(left).toEqual(['left']);
});

test('a question comes by itself; one move is made, sent, and may be another one while it is open', async () => {
  await openSeat();
  news = { isLive: true, question: QUESTION };
  await settle();
  expect(screen.getByText('White to move. What would you play?')).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'Send this move' })).toBeDisabled();
  playByKeys('d6', 'd8');
  await press('Send this move');
  await settle();
  expect(stored).toMatchObject([{ questionId: 3, move: 'd6d8' }]);
  expect(screen.getByText(/Sent\. You can still send another move\./)).toBeInTheDocument();
  playByKeys('e1', 'e8');
  await press('Send this move');
  await settle();
  expect(stored.map(({ move }) => move)).toEqual(['d6d8', 'e1e8']);
  expect(new Set(stored.map(({ clientId }) => clientId)).size).toBe(2);
});

test('a move that cannot be made is told why, and nothing is sent', async () => {
  news = { isLive: true, question: QUESTION };
  await openSeat();
  playByKeys('d6', 'e7');
  expect(screen.getAllByText(/rook/).length).toBeGreaterThan(0);
  expect(screen.getByRole('button', { name: 'Send this move' })).toBeDisabled();
  await settle();
  expect(stored).toEqual([]);
});

test('what was sent before the page was opened anew is still there', async () => {
  news = { isLive: true, question: QUESTION, given: 'd6d8' };
  await openSeat();
  expect(screen.getByText(/Sent\./)).toBeInTheDocument();
});

test('without a connection the move stays on the device, and is sent once when it is back', async () => {
  news = { isLive: true, question: QUESTION };
  await openSeat();
  isThere = false;
  playByKeys('d6', 'd8');
  await press('Send this move');
  await settle();
  expect(seatSays()).toHaveTextContent(
    'No connection. Go on: your answers are kept here and sent later. Leave this page open.',
  );
  expect(stored).toEqual([]);
  isThere = true;
  await settle();
  await settle();
  expect(stored).toMatchObject([{ move: 'd6d8' }]);
  expect(seatSays()).toHaveTextContent('Your class is at the board.');
});

test('meanwhile there is the own round; a new question is told and does not tear the child away', async () => {
  const round = roundOf('First mates');
  await openSeat({ meanwhile: { assignmentId: 2 as AssignmentId, round } });
  await press('My round');
  await settle();
  expect(screen.getByRole('grid')).toBeInTheDocument();
  news = { isLive: true, question: QUESTION };
  await settle();
  expect(seatSays()).toHaveTextContent('Your coach has a question for you.');
  expect(screen.queryByText('White to move. What would you play?')).toBeNull();
  await act(() => Promise.resolve(fireEvent.click(boardButton())));
  expect(screen.getByText('White to move. What would you play?')).toBeInTheDocument();
  // Turned away from, the same question is not told again.
  await press('My round');
  await settle();
  expect(seatSays()).toHaveTextContent('Your class is at the board.');
});

test('a child without a round of its own has nothing to go to meanwhile', async () => {
  await openSeat();
  expect(screen.getByRole('button', { name: 'My round' })).toBeDisabled();
});

test('a task of the board is fetched as a round of one; when it does not come, it is fetched again', async () => {
  news = { isLive: true, question: { ...QUESTION, taskId: 11 as TaskId } };
  rounds = [undefined, '<html>a login of the network</html>', roundOf('At the board')];
  await openSeat();
  for (let tries = 0; tries < 2; tries += 1) {
    expect(screen.getByText('The task did not load. Are you online?')).toBeInTheDocument();
    await press('Fetch it again');
    await settle();
  }
  expect(screen.getByRole('grid')).toBeInTheDocument();
  expect(screen.queryByText('The task did not load. Are you online?')).toBeNull();
});
