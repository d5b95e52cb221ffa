/** The board in front of a class, by its keys and buttons; the server and the worker's thread are plain calls here. */
import { act, fireEvent, screen, within } from '@testing-library/react';
import { playByKeys, renderUi } from '../../../../tests/support/renderUi';
import type { ClassId, LessonId, LiveId, QuestionId, StudentId, TaskId } from '@/contracts/ids';
import type { BoardPage, BoardSegment, BoardStop, LiveAnswer, LiveNews } from '@/contracts/live';
import { createTaskSearches, makeMateTask } from '@/core/compose';
import { MAN_VALUES } from '@/core/board';
import { getPosition } from '@/core/notation';
import { BigBoard } from './BigBoard';
import { CoachWindow } from './CoachWindow';

jest.mock('@/workers/browser', () => jest.requireActual<object>('../../../../tests/support/searchInPlace'));

const BACK_RANK = '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1';
const NOW_MS = Date.parse('2026-11-26T10:00:00.000Z');

function mateStop(): BoardStop {
  const made = makeMateTask(createTaskSearches(), getPosition(BACK_RANK), { maxMoves: 1 });
  if (made.kind !== 'task') throw new Error(made.kind);
  return {
    kind: 'mate',
    label: 'First mates, number 1',
    taskId: 12 as TaskId,
    task: made.task,
    moves: ['a1a8'],
  };
}

const segment = (title: string, stops: readonly BoardStop[], notes = ''): BoardSegment => ({
  kind: 'show',
  title,
  minutes: 10,
  notes,
  stops,
});
const SEGMENTS = [
  segment('Where the knight goes', [
    { kind: 'position', label: 'A knight alone', fen: '8/8/8/3N4/8/8/8/8 w - - 0 1' },
    {
      kind: 'line',
      label: 'The rook is taken',
      fen: '4k3/8/8/8/3r4/8/3R4/3K4 w - - 0 1',
      moves: ['d2d4', 'e8e7'],
    },
  ]),
  segment('Mates', [mateStop()], 'Let them look at the three pawns first.'),
];

let asked: { readonly what: string; readonly input: unknown }[];
let addresses: string[];
/** What the server tells of the lesson; undefined: it is away. */
let news: LiveNews | undefined;

const answer = (studentId: number | undefined, move: string, second: number): LiveAnswer => ({
  key: `${studentId ?? 'called'} ${move}`,
  questionId: 3 as QuestionId,
  ...(studentId === undefined ? {} : { studentId: studentId as StudentId }),
  answer: { kind: 'move', move },
  answeredAt: new Date(NOW_MS + second * 1000).toISOString(),
});
const NAMES = ['Fern', 'Otter', 'Quill', 'Moss'];
const newsOf = (changes: Partial<LiveNews> = {}): LiveNews => ({
  nowMs: NOW_MS + 12_000,
  liveId: 5 as LiveId,
  place: { segment: 1, stop: 0 },
  students: NAMES.map((name, index) => ({ studentId: (index + 1) as StudentId, name })),
  answers: [],
  ...changes,
});
const QUESTION = {
  questionId: 3 as QuestionId,
  fen: BACK_RANK,
  words: 'White to move. What would you play?',
  askedAt: new Date(NOW_MS).toISOString(),
  isOpen: true,
};

beforeEach(() => {
  window.localStorage.clear();
  asked = [];
  addresses = [];
  news = newsOf();
  jest.useFakeTimers();
  globalThis.fetch = (address) => {
    addresses.push(typeof address === 'string' ? address : '');
    return news === undefined
      ? Promise.reject(new Error('offline'))
      : Promise.resolve({ ok: true, json: () => Promise.resolve(news) } as unknown as Response);
  };
});

afterEach(() => jest.useRealTimers());

/** Lets what was sent come back, and the next reading of the class be made. */
const settle = () => act(() => jest.advanceTimersByTimeAsync(1500));

const PAGE = {
  classId: 4 as ClassId,
  className: 'Lantern class',
  joinCode: 'LANTRN',
  mayTeach: true,
  live: { liveId: 5 as LiveId, lessonId: 9 as LessonId, place: { segment: 0, stop: 0 } },
  planTitle: 'Check and mate',
  segments: SEGMENTS,
  values: { ...MAN_VALUES, king: 0 },
  ways: undefined,
  spoken: { words: [], readingLevel: 'full' },
} satisfies BoardPage;
const AT_THE_MATE = { live: { ...PAGE.live, place: { segment: 1, stop: 0 } } };

async function openBoard(changes: Partial<BoardPage> & { readonly live?: typeof PAGE.live } = {}) {
  const firstId = 3;
  const countAsked = () => asked.filter(({ what }) => what === 'ask').length;
  const hear =
    <Value,>(what: string, value: Value) =>
    (input: unknown) => {
      asked.push({ what, input });
      return Promise.resolve({ ok: true as const, value });
    };
  const view = renderUi(
    <BigBoard
      page={{ ...PAGE, ...changes }}
      actions={{
        savePlace: hear('place', undefined),
        ask: (input) => hear('ask', (firstId + countAsked()) as QuestionId)(input),
        close: hear('close', undefined),
        addCalled: hear('called', undefined),
        end: hear('end', undefined),
      }}
      onEnded={() => asked.push({ what: 'ended', input: undefined })}
    />,
  );
  await settle();
  return view;
}

const key = async (name: string) => {
  fireEvent.keyDown(document.body, { key: name });
  await settle();
};
const press = async (name: string | RegExp) => {
  fireEvent.click(screen.getByRole('button', { name }));
  await settle();
};
const heading = () => screen.getByRole('heading', { level: 1 }).textContent;
const cell = (name: string) => screen.getByRole('gridcell', { name });

/** The part of the side that stands under a heading. */
function partUnder(name: string): HTMLElement {
  const part = screen.getByRole('heading', { name }).closest('section');
  if (part === null) throw new Error(`nothing under ${name}`);
  return part;
}

test('page keys walk the plan over the ends of its parts, and the place is told to the other windows', async () => {
  await openBoard();
  expect(heading()).toBe('A knight alone');
  expect(cell('d5, white knight')).toBeInTheDocument();
  await key('PageDown');
  expect(heading()).toBe('The rook is taken');
  await key('PageDown');
  expect(heading()).toBe('White to move. Mate in 1.');
  await key('PageDown');
  expect(heading()).toBe('White to move. Mate in 1.');
  await key('PageUp');
  expect(asked.map(({ input }) => input)).toEqual(
    [
      { segment: 0, stop: 1 },
      { segment: 1, stop: 0 },
      { segment: 1, stop: 0 },
      { segment: 0, stop: 1 },
    ].map((place) => ({ liveId: 5, place })),
  );
});

test('a line is stepped move by move, its points told, and home is one key away', async () => {
  await openBoard();
  await key('PageDown');
  await key('l');
  expect(screen.getByRole('list')).toHaveTextContent('Even');
  await key('.');
  expect(cell('d4, white rook')).toBeInTheDocument();
  expect(screen.getByText('White is 5 ahead')).toBeInTheDocument();
  await key('.');
  expect(cell('e7, black king')).toBeInTheDocument();
  await key(',');
  expect(cell('e8, black king')).toBeInTheDocument();
  await key('h');
  expect(cell('d2, white rook')).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'Home' })).toBeDisabled();
});

test('the board says what the hand has made of it', async () => {
  await openBoard();
  await key('PageDown');
  playByKeys('d2', 'd4');
  await settle();
  playByKeys('d4', 'e4');
  await settle();
  expect(screen.getByText(/The rook goes to e4\. Black's king is in check from e4\./)).toBeInTheDocument();
  // White moves again while Black stands in check, and the board still says so.
  playByKeys('d1', 'c1');
  await settle();
  expect(screen.getByText(/Black's king is in check from e4/)).toBeInTheDocument();
});

test('the free hand moves either side, and a forbidden move is told why and goes back', async () => {
  await openBoard();
  await key('PageDown');
  playByKeys('d2', 'd3');
  await settle();
  playByKeys('d4', 'd3');
  await settle();
  expect(cell('d3, black rook')).toBeInTheDocument();
  await key('h');
  playByKeys('d2', 'e3');
  await settle();
  expect(cell('d2, white rook')).toBeInTheDocument();
  expect(screen.getByText(/rook/i, { selector: '[aria-live="polite"]' })).toBeInTheDocument();
});

test('the answer is hidden until it is asked for, and hidden again', async () => {
  await openBoard(AT_THE_MATE);
  await key('.');
  expect(cell('a1, white rook')).toBeInTheDocument();
  await key('a');
  await key('.');
  expect(cell('a8, white rook')).toBeInTheDocument();
  await key('a');
  expect(cell('a1, white rook')).toBeInTheDocument();
});

test('a puzzle is asked as the puzzle it is, what was reached by hand as a position, and what has no move not at all', async () => {
  await openBoard(AT_THE_MATE);
  await key('q');
  expect(asked[0]).toMatchObject({
    what: 'ask',
    input: { liveId: 5, taskId: 12, fen: BACK_RANK, words: 'White to move. Mate in 1.' },
  });
  await press('Stop asking');
  playByKeys('a1', 'a7');
  await settle();
  await press('Ask the class');
  const ofHand = asked.at(-1)?.input;
  expect(ofHand).toMatchObject({
    fen: '6k1/R4ppp/8/8/8/8/8/6K1 b - - 1 1',
    words: 'Black to move. What would you play?',
  });
  expect(ofHand).not.toHaveProperty('taskId');
  await press('Stop asking');
  await key('PageUp');
  await key('PageDown');
  playByKeys('a1', 'a8');
  await settle();
  await press('Ask the class');
  expect(screen.getByRole('alert')).toHaveTextContent('There is no legal move here');
  expect(asked.filter(({ what }) => what === 'ask')).toHaveLength(2);
});

test('asked in the middle of a line, the rest of the line stays; what they say is played out from there, and home is where it was asked', async () => {
  await openBoard({ live: { ...PAGE.live, place: { segment: 0, stop: 1 } } });
  await key('.');
  await key('q');
  const fen = '4k3/8/8/8/3R4/8/8/3K4 b - - 0 1';
  expect(asked.at(-1)).toMatchObject({
    what: 'ask',
    input: { fen, words: 'Black to move. What would you play?' },
  });
  const question = { ...QUESTION, questionId: 3 as QuestionId, fen };
  news = newsOf({ question, answers: [answer(1, 'e8f7', 3)] });
  await settle();
  await press('What they say');
  // A move called out from the position that was asked is noted, not played.
  playByKeys('e8', 'e7');
  await settle();
  expect(asked.at(-1)).toMatchObject({ what: 'called', input: { questionId: 3, move: 'e8e7' } });
  await press('Kf7');
  expect(screen.getByRole('gridcell', { name: 'f7, black king' })).toBeInTheDocument();
  await press('Home');
  expect(screen.getByRole('gridcell', { name: 'e8, black king' })).toBeInTheDocument();
  expect(screen.getByRole('gridcell', { name: 'd4, white rook' })).toBeInTheDocument();
  await key('.');
  expect(screen.getByRole('gridcell', { name: 'e7, black king' })).toBeInTheDocument();
});

test('a reload finds the board as it was: set up by hand, half set up, and with the moves that were made', async () => {
  const cells = () => screen.getAllByRole('gridcell').map((cell) => cell.getAttribute('aria-label'));
  const first = await openBoard(AT_THE_MATE);
  await key('e');
  await key('w');
  const square = (name: string) => screen.getByRole('gridcell', { name: new RegExp(`^${name}, `) });
  fireEvent.keyDown(square('d4'), { key: 'q' });
  const half = cells();
  first.unmount();
  const second = await openBoard(AT_THE_MATE);
  expect(cells()).toEqual(half);
  await key('e');
  playByKeys('d4', 'd7');
  await settle();
  const moved = cells();
  expect(moved).toContain('d7, white queen');
  second.unmount();
  const third = await openBoard(AT_THE_MATE);
  expect(cells()).toEqual(moved);
  await press('Home');
  expect(screen.getByRole('gridcell', { name: 'd4, white queen' })).toBeInTheDocument();
  third.unmount();
  // At another place of the plan nothing of it is left.
  await openBoard();
  expect(screen.queryByRole('gridcell', { name: /white queen/ })).toBeNull();
});

test('the answer to an own position is worked out; without kings it is told why there is none', async () => {
  const own = (fen: string) =>
    openBoard({ segments: [segment('Own', [{ kind: 'position', label: 'A position', fen }])] });
  const mate = await own(BACK_RANK);
  await key('a');
  await settle();
  expect(screen.getByText('1. Ra8#: mates in 1 (proved).')).toBeInTheDocument();
  mate.unmount();
  const quiet = await own('4k3/8/8/8/8/8/4P3/4K3 w - - 0 1');
  await key('a');
  await settle();
  expect(screen.getByText(/^No mate found\. Best move found: /)).toBeInTheDocument();
  quiet.unmount();
  await own('8/8/8/3N4/8/8/8/8 w - - 0 1');
  await key('a');
  expect(screen.getByText(/^No answer here: /)).toBeInTheDocument();
});

test('while it is asked the clock tells how long they think, and the same key stops asking', async () => {
  news = newsOf({ question: QUESTION });
  await openBoard();
  expect(screen.getByText('Asked. Thinking: 10 s')).toBeInTheDocument();
  // Read once, only what is new is asked for.
  expect(addresses[0]).toBe('/api/live/4?');
  await settle();
  expect(addresses.at(-1)).toBe(`/api/live/4?questionId=3&sinceMs=${NOW_MS + 12_000}`);
  await press('Stop asking');
  expect(asked).toEqual([{ what: 'close', input: { questionId: 3 } }]);
});

test('the key pressed twice asks once; pressed again before the seats are read anew, it stops asking', async () => {
  await openBoard(AT_THE_MATE);
  for (let presses = 0; presses < 2; presses += 1) fireEvent.keyDown(document.body, { key: 'q' });
  await act(() => jest.advanceTimersByTimeAsync(1));
  expect(asked.map(({ what }) => what)).toEqual(['ask']);
  expect(screen.getByRole('button', { name: 'Stop asking' })).toBeInTheDocument();
  fireEvent.keyDown(document.body, { key: 'q' });
  await act(() => jest.advanceTimersByTimeAsync(1));
  expect(asked.slice(1)).toEqual([{ what: 'close', input: { questionId: 3 } }]);
  expect(screen.getByRole('button', { name: 'Ask the class' })).toBeInTheDocument();
  // What is read later and was asked before is old news.
  news = newsOf({ question: QUESTION });
  await settle();
  expect(screen.getByRole('button', { name: 'Ask the class' })).toBeInTheDocument();
  news = newsOf({ question: { ...QUESTION, questionId: 4 as QuestionId } });
  await settle();
  expect(screen.getByRole('button', { name: 'Stop asking' })).toBeInTheDocument();
});

test('what they say is grouped by what becomes of it, without names until they are switched on', async () => {
  news = newsOf({
    question: QUESTION,
    answers: [answer(1, 'a1a8', 3), answer(2, 'a1a8', 4), answer(3, 'a1a7', 5), answer(undefined, 'g1f1', 6)],
  });
  await openBoard(AT_THE_MATE);
  await key('s');
  expect(screen.getByText('4 answers, 4 children in the class.')).toBeInTheDocument();
  expect(screen.queryByText('The fastest mate')).toBeNull();
  for (const name of NAMES) expect(screen.queryByText(new RegExp(name))).toBeNull();
  await press('What it leads to');
  const mates = partUnder('The fastest mate');
  expect(within(mates).getByRole('button', { name: 'Ra8#' })).toBeInTheDocument();
  expect(within(mates).getByText('2 times')).toBeInTheDocument();
  expect(within(mates).getByText('mates in 1 (proved)')).toBeInTheDocument();
  fireEvent.click(screen.getByRole('switch', { name: 'Names' }));
  expect(within(mates).getByText('Fern and Otter')).toBeInTheDocument();
  // Pressed, the move is made on the board; home leads back to the question.
  fireEvent.click(within(mates).getByRole('button', { name: 'Ra8#' }));
  await settle();
  expect(cell('a8, white rook')).toBeInTheDocument();
  await key('h');
  expect(cell('a1, white rook')).toBeInTheDocument();
});

test('a move that is called out is noted from the board or in writing; what cannot be is told and stays', async () => {
  news = newsOf({ question: QUESTION });
  await openBoard(AT_THE_MATE);
  await key('s');
  playByKeys('a1', 'a7');
  await settle();
  expect(asked).toMatchObject([{ what: 'called', input: { questionId: 3, move: 'a1a7' } }]);
  // It was noted, not made: the question stands as it was.
  expect(cell('a1, white rook')).toBeInTheDocument();
  const field = screen.getByLabelText('Called out');
  fireEvent.change(field, { target: { value: 'rook a8 mate' } });
  await press('Note it');
  expect(asked[1]).toMatchObject({ what: 'called', input: { move: 'a1a8' } });
  expect(field).toHaveValue('');
  fireEvent.change(field, { target: { value: 'Qh5' } });
  await press('Note it');
  expect(asked).toHaveLength(2);
  expect(field).toHaveValue('Qh5');
  expect(field).toBeInvalid();
});

test('a position is set up by letters; it is home then, and undone step by step', async () => {
  await openBoard();
  await key('e');
  await press('Empty board');
  const put = async (name: string, letter: string) => {
    const target = screen.getAllByRole('gridcell').find((one) => one.dataset.square === name);
    if (target === undefined) throw new Error(`no square ${name}`);
    act(() => target.focus());
    fireEvent.keyDown(target, { key: letter });
    await settle();
  };
  await put('6', 'k');
  await put('62', 'K');
  await put('0', 'q');
  expect(cell('g1, white king')).toBeInTheDocument();
  expect(cell('g8, black king')).toBeInTheDocument();
  fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true });
  await settle();
  expect(screen.queryByRole('gridcell', { name: 'a1, white queen' })).toBeNull();
  await put('0', 'r');
  await put('6', 'Delete');
  await put('7', 'k');
  await key('t');
  expect(screen.getByText('Black to move.')).toBeInTheDocument();
  await key('e');
  expect(heading()).toBe('Black to move');
  playByKeys('g8', 'g7');
  await settle();
  await key('h');
  expect(cell('g8, black king')).toBeInTheDocument();
});

test('arrows and rings are drawn square by square, hidden, and wiped', async () => {
  await openBoard();
  const drawn = () => screen.getByRole('grid').parentElement?.querySelector('svg')?.innerHTML ?? '';
  const bare = drawn();
  await key('d');
  expect(
    screen.getByText('Draw: tap two squares for an arrow, one square twice for a ring.'),
  ).toBeInTheDocument();
  playByKeys('d5', 'f6');
  await settle();
  const withArrow = drawn();
  expect(withArrow).not.toBe(bare);
  playByKeys('b4', 'b4');
  await settle();
  expect(drawn()).not.toBe(withArrow);
  await key('x');
  expect(drawn()).toBe(bare);
  await key('x');
  // The same arrow once more, and it is gone.
  playByKeys('b4', 'b4');
  await settle();
  expect(drawn()).toBe(withArrow);
  await key('c');
  expect(drawn()).toBe(bare);
  // What is drawn belongs to its position and does not stay on the next one.
  playByKeys('d5', 'f6');
  await settle();
  await key('PageDown');
  await key('PageUp');
  expect(drawn()).toBe(bare);
});

test('without a server the board goes on and says what is not heard', async () => {
  news = undefined;
  await openBoard();
  expect(screen.getByText('Offline: answers from the class are not arriving.')).toBeInTheDocument();
  await key('PageDown');
  expect(heading()).toBe('The rook is taken');
});

test('a lesson without a plan has a free board, and ends by one button', async () => {
  await openBoard({ segments: [] });
  await press('More');
  expect(screen.getByText('This lesson has no plan. Use the board freely.')).toBeInTheDocument();
  await press('End the lesson');
  expect(asked.map(({ what }) => what)).toEqual(['end', 'ended']);
});

test('the coach’s window follows the board: notes, answer, who said what and who has not answered', async () => {
  news = newsOf({ question: QUESTION, answers: [answer(1, 'a1a8', 3), answer(3, 'a1a7', 5)] });
  renderUi(<CoachWindow page={PAGE} />);
  await settle();
  expect(heading()).toContain('Mates');
  expect(screen.getByText('Let them look at the three pawns first.')).toBeInTheDocument();
  expect(screen.getByText('2 of 4 have answered.')).toBeInTheDocument();
  expect(screen.getByText('Otter and Moss')).toBeInTheDocument();
  expect(screen.getByText('Fern')).toBeInTheDocument();
  news = newsOf({ question: QUESTION, answers: [answer(2, 'a1a8', 8), answer(4, 'a1a8', 9)] });
  await settle();
  expect(screen.getByText('Everybody has answered.')).toBeInTheDocument();
  news = undefined;
  await settle();
  expect(screen.getByText('Offline: this is the last state received.')).toBeInTheDocument();
});

test('where no lesson runs the coach’s window says so', async () => {
  news = { ...newsOf(), liveId: undefined };
  renderUi(<CoachWindow page={PAGE} />);
  await settle();
  expect(screen.getByText('Lantern class has no lesson at the board.')).toBeInTheDocument();
});

test('any question of the board is asked with a key and a press, answered as its family is, and a reload finds it', async () => {
  const view = await openBoard(AT_THE_MATE);
  await key('p');
  expect(screen.getByRole('heading', { name: 'What can be asked here' })).toBeInTheDocument();
  await press('Tap every piece and pawn that White can capture.');
  expect(heading()).toBe('Tap every piece and pawn that White can capture.');
  expect(asked.at(-1)).toMatchObject({
    what: 'ask',
    input: {
      liveId: 5,
      fen: BACK_RANK,
      words: 'Tap every piece and pawn that White can capture.',
      exercise: { family: 'captures', task: { fen: BACK_RANK } },
    },
  });
  await key('a');
  expect(screen.getByText('The answer is none.')).toBeInTheDocument();
  view.unmount();
  await openBoard(AT_THE_MATE);
  expect(heading()).toBe('Tap every piece and pawn that White can capture.');
  // The plan goes on from its own stop.
  await key('PageUp');
  expect(heading()).toBe('The rook is taken');
  await key('PageDown');
  expect(heading()).toBe('White to move. Mate in 1.');
});

test('a question about a piece: it is chosen on the board first', async () => {
  await openBoard();
  await key('p');
  await press('Choose squares');
  fireEvent.keyDown(cell('d5, white knight'), { key: 'Enter' });
  await settle();
  await press('How many squares can this knight go to?');
  expect(asked.at(-1)).toMatchObject({
    input: { exercise: { family: 'count-reach', task: { square: 35 } } },
  });
  // The hand moves pieces again.
  expect(screen.getByRole('button', { name: 'Choose squares' })).toHaveAttribute('aria-pressed', 'false');
  playByKeys('d5', 'f6');
  await settle();
  expect(cell('f6, white knight')).toBeInTheDocument();
});

test('a position pasted anywhere stands on the board; what is none is told and changes nothing', async () => {
  await openBoard();
  const paste = (text: string) => {
    fireEvent.paste(document.body, { clipboardData: { getData: () => text } });
    return settle();
  };
  await paste('8/8/8/3q4/8/8/8/3R4 b - - 0 1');
  expect(cell('d5, black queen')).toBeInTheDocument();
  await key('p');
  await press('Tap every piece and pawn that Black can capture.');
  expect(asked.at(-1)).toMatchObject({ input: { fen: '8/8/8/3q4/8/8/8/3R4 b - - 0 1' } });
  await paste('1 e4 e5');
  expect(screen.getByRole('alert')).toHaveTextContent(/./);
  expect(cell('d5, black queen')).toBeInTheDocument();
  await paste(BACK_RANK);
  expect(screen.queryByRole('alert')).toBeNull();
  expect(cell('a1, white rook')).toBeInTheDocument();
});

test('what a piece sees, on a board without kings: tapped after a key, told in words, gone with Escape; then what a side sees', async () => {
  await openBoard();
  fireEvent.paste(document.body, { clipboardData: { getData: () => '5r2/8/8/4P3/8/5N2/8/8 w - - 0 1' } });
  await settle();
  await key('v');
  expect(screen.getByText('Tap a piece to see what it sees.')).toBeInTheDocument();
  fireEvent.keyDown(cell('f8, black rook'), { key: 'Enter' });
  await settle();
  expect(screen.getByText(/^Rook on f8: attacks f3\./)).toBeInTheDocument();
  // The way it goes says by its sign how safe it is there.
  expect(screen.getByRole('gridcell', { name: /^e8, empty, can go here$/ })).toBeInTheDocument();
  expect(screen.getByRole('gridcell', { name: /^f6, empty, is lost here$/ })).toBeInTheDocument();
  await key('Escape');
  expect(screen.queryByText(/^Rook on f8/)).toBeNull();
  await key('b');
  expect(screen.getByText('White attacks nothing. Not protected: f3.')).toBeInTheDocument();
  await key('b');
  expect(screen.getByText('Black attacks f3. Not protected: f8.')).toBeInTheDocument();
  await key('b');
  expect(screen.queryByText(/attacks f3/)).toBeNull();
});
