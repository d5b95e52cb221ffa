/** Progress as coaches see it: every figure leads to the answers behind it, and is told in words as well. */
import { fireEvent, screen, within } from '@testing-library/react';
import { cloneElement, type ReactElement } from 'react';
import { renderUi } from '../../../../tests/support/renderUi';
import type { ClassId, StudentId } from '@/contracts/ids';
import type { ChildStory, ClassProgress, TopicCell } from '@/contracts/progress';
import { AnswerList } from './AnswerList';
import { ChildStoryPanel } from './ChildStoryPanel';
import { ClassProgressPanel } from './ClassProgressPanel';
import { PATTERN_IDS } from '@/core/patterns';
import { PATTERN_NAMES } from '@/text';

// A box of the page has no size here; the charts are drawn in one that has.
jest.mock('recharts', () => ({
  ...jest.requireActual<object>('recharts'),
  ResponsiveContainer: ({
    children,
  }: {
    readonly children: ReactElement<{ width: number; height: number }>;
  }) => cloneElement(children, { width: 600, height: 200 }),
}));

const cell = (changes: Partial<TopicCell> = {}): TopicCell => ({
  mean: 0.42,
  low: 0.2,
  high: 0.7,
  evidence: 5,
  masteryState: 'repeat',
  isDue: true,
  ...changes,
});
const LAST = PATTERN_IDS.slice(0, 10);
const TOPICS = ['mate:1', 'mate:2', 'mate:3', 'mate:4', ...LAST.map((id) => `pattern:${id}`)].map(
  (topic, index) => ({
    topic,
    cells: [cell(), index === 0 ? cell({ evidence: 2, masteryState: 'begun', isDue: false }) : undefined],
  }),
);
const LAST_ROW = new RegExp(`^${PATTERN_NAMES[LAST[9] ?? 'smothered']}`);
const CLASS: ClassProgress = {
  classId: 4 as ClassId,
  className: 'Lantern class',
  termName: 'Homeward term',
  students: [
    { studentId: 7 as StudentId, name: 'Fern' },
    { studentId: 8 as StudentId, name: 'Otter' },
  ],
  topics: TOPICS,
  byDay: '2026-12-03',
  repeats: TOPICS.map(({ topic }) => ({ topic, weak: ['Fern'], due: [] })),
  groups: [{ names: ['Fern', 'Otter'], topics: TOPICS.slice(0, 6).map(({ topic }) => topic) }],
  alone: [],
  homework: [
    {
      assignmentId: 3 as never,
      setName: 'Nets and catches',
      givenAt: '2026-11-26T10:00:00.000Z',
      puzzleCount: 14,
      cells: [{ solved: 6, atOnce: 4 }, undefined],
    },
  ],
  attendance: [
    { here: 7, away: 2, answers: 40, right: 10 },
    { here: 0, away: 0, answers: 0, right: 0 },
  ],
};

test('a cell of the map says in words what it means and leads to the answers behind it', () => {
  renderUi(<ClassProgressPanel progress={CLASS} />);
  const weak = screen.getByRole('link', {
    name: 'Fern, Mate in 1: Struggling. Right about 4 times in 10 (2 to 7), by 5 answers, due again.',
  });
  expect(weak).toHaveTextContent('4');
  expect(weak).toHaveAttribute('href', '/classes/4/children/7/topics/mate%3A1');
  expect(
    screen.getByRole('link', { name: 'Otter, Mate in 1: Too early to say, by 2 answers.' }),
  ).toHaveTextContent('few');
  expect(screen.queryByRole('link', { name: /^Otter, Mate in 2:/ })).toBeNull();
});

test('the most needed topics are told first, the rest when asked for', () => {
  renderUi(<ClassProgressPanel progress={CLASS} />);
  expect(screen.queryByRole('row', { name: LAST_ROW })).toBeNull();
  for (const button of screen.getAllByRole('button', { name: 'All 14 topics' })) fireEvent.click(button);
  expect(screen.getByRole('row', { name: LAST_ROW })).toBeVisible();
  expect(screen.getAllByRole('button', { name: 'Only the most needed' })).toHaveLength(2);
});

test('homework, groups and attendance are told child by child', () => {
  renderUi(<ClassProgressPanel progress={CLASS} />);
  expect(screen.getByRole('link', { name: 'Nets and catches' })).toHaveAttribute('href', '/answers/3');
  expect(screen.getByText('6 of 14, 4 at once')).toBeVisible();
  expect(screen.getByText('not begun')).toBeVisible();
  expect(screen.getByText('and 2 more')).toBeVisible();
  const table = screen.getByRole('columnheader', { name: 'Lessons here' }).closest('table');
  if (table === null) throw new Error('a table');
  const row = within(table).getByRole('row', { name: /^Fern/ });
  expect(row).toHaveTextContent('25 %');
  expect(within(row).getByRole('link', { name: '40' })).toHaveAttribute(
    'href',
    '/classes/4/children/7/answers?of=class&value=4',
  );
  expect(within(table).getByRole('row', { name: /^Otter/ })).toHaveTextContent('no answer');
});

test('a class without answers says so', () => {
  renderUi(<ClassProgressPanel progress={{ ...CLASS, topics: [] }} />);
  expect(screen.getByText(/No child of this class has answered a task/)).toBeVisible();
});

const STORY: ChildStory = {
  weeks: [
    { monday: '2026-09-07', answers: 8, right: 2, spentMs: 300_000 },
    { monday: '2026-09-14', answers: 0, right: 0, spentMs: 0 },
    { monday: '2026-09-21', answers: 4, right: 4, spentMs: 20_000 },
  ],
  classes: [
    {
      classId: 4 as ClassId,
      className: 'Lantern class',
      termName: 'Homeward term',
      answers: 12,
      right: 6,
      spentMs: 320_000,
    },
  ],
  ratings: [
    { monday: '2026-09-07', value: 640.4, deviation: 100, answers: 2 },
    { monday: '2026-09-21', value: 700.6, deviation: 90, answers: 1 },
  ],
  mistakes: [
    { code: 'escapes', answers: 3 },
    { code: 'miss-knight', answers: 1 },
  ],
  games: {
    games: [{ gameId: 5 as never, title: 'Fern – Otter' }],
    mates: { played: 1, slower: 0, missed: 1 },
    gains: { played: 0, missed: 2 },
    losses: 1,
    mated: 0,
  },
};

test('a child’s story: each week, class, rating and mistake leads to its answers; weeks without any are not told', () => {
  renderUi(<ChildStoryPanel name="Pip" story={STORY} answersAt="/here" />);
  const hrefs = (name: string) =>
    screen.getAllByRole('link', { name }).map((link) => link.getAttribute('href'));
  expect(hrefs('8')).toEqual(['/here?of=week&value=2026-09-07']);
  expect(hrefs('12')).toEqual(['/here?of=class&value=4']);
  expect(hrefs('2')).toEqual(['/here?of=rated&value=2026-09-07']);
  expect(hrefs('3 answers')).toEqual(['/here?of=mistake&value=escapes']);
  expect(hrefs('1 answer')).toEqual(['/here?of=mistake&value=miss-knight']);
  expect(hrefs('Fern – Otter')).toEqual(['/games/5']);
  expect(screen.queryByText('14 September 2026')).toBeNull();
  expect(screen.getByText('440 and 840')).toBeVisible();
  expect(screen.getByText('1 of 2 mates played, 1 missed, 0 played too late.')).toBeVisible();
  // What a child does not see stands apart from what goes wrong.
  expect(screen.getByRole('heading', { name: 'What Pip misses' }).nextElementSibling).toHaveTextContent(
    /knight's jump/,
  );
});

test('a child without an answer has no story, and one without a mate or a game is told so', () => {
  const { container, rerender } = renderUi(
    <ChildStoryPanel name="Pip" story={{ ...STORY, weeks: [] }} answersAt="/here" />,
  );
  expect(container.querySelector('section')).toBeNull();
  rerender(<></>);
  const games = { ...STORY.games, games: [] };
  renderUi(<ChildStoryPanel name="Pip" story={{ ...STORY, ratings: [], games }} answersAt="/here" />);
  expect(screen.getByText('No mates answered yet.')).toBeVisible();
  expect(screen.getByText(/No games are saved yet/)).toBeVisible();
});

test('an answer is told with its try, its help and its day', () => {
  const line = {
    attemptId: 1,
    className: 'Lantern class',
    answeredAt: '2026-11-05T10:00:00.000Z',
    tryNumber: 2,
    hints: 1,
    isRight: true,
    text: 'Ra8#',
  };
  renderUi(<AnswerList answers={[line]} />);
  expect(screen.getByRole('listitem')).toHaveTextContent(
    'Right, try 2, with 1 step of help: Ra8#5 November 2026, Lantern class',
  );
  renderUi(<AnswerList answers={[]} />);
  expect(screen.getByText('There is no such answer.')).toBeVisible();
});
