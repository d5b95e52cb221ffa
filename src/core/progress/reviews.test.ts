import { createEmptyCard, fsrs, Rating } from 'ts-fsrs';
import {
  weighTopic,
  isDue,
  learnTopic,
  listTopics,
  parseTopic,
  recallAt,
  RETENTION,
  wilson,
  type TopicState,
} from '.';

const DAY_MS = 86_400_000;
const START = Date.UTC(2026, 8, 1, 15);
const answer = (attemptId: number, day: number, isRight = true, hints = 0) => ({
  attemptId,
  isRight,
  hints,
  atMs: START + day * DAY_MS,
});

function learn(answers: readonly ReturnType<typeof answer>[]): TopicState {
  const state = answers.reduce<TopicState | undefined>(learnTopic, undefined);
  if (state === undefined) throw new Error('no answer');
  return state;
}

test('Wilson’s interval as in the literature (Newcombe 1998, table I, method 3)', () => {
  const cases = [
    [81, 263, 0.2553, 0.3662],
    [15, 148, 0.0624, 0.1605],
    [0, 20, 0, 0.1611],
    [1, 29, 0.0061, 0.1718],
  ] as const;
  for (const [right, of, low, high] of cases) {
    const found = wilson(right / of, of, 1.959964);
    expect(found.low).toBeCloseTo(low, 4);
    expect(found.high).toBeCloseTo(high, 4);
  }
});

test('the scheduler’s days are those of its reference (from memory: the worked example in the tests of py-fsrs 6)', () => {
  const scheduler = fsrs({ enable_fuzz: false, enable_short_term: true });
  const grades = [3, 3, 3, 3, 3, 3, 1, 1, 3, 3, 3, 3, 3] as const;
  let card = createEmptyCard(new Date(Date.UTC(2022, 10, 29, 12, 30)));
  let at = card.due;
  const days = grades.map((grade) => {
    card = scheduler.next(card, at, grade === 1 ? Rating.Again : Rating.Good).card;
    const interval = Math.floor((card.due.getTime() - at.getTime()) / DAY_MS);
    at = card.due;
    return interval;
  });
  expect(days).toEqual([0, 2, 11, 46, 163, 498, 0, 0, 2, 4, 7, 12, 21]);
});

test('a topic is due when recall has fallen to nine in ten, later each time it is known', () => {
  const once = learn([answer(1, 0)]);
  const firstDays = (once.card.dueMs - once.card.lastMs) / DAY_MS;
  expect(firstDays).toBeGreaterThanOrEqual(1);
  expect(isDue(once, once.card.lastMs)).toBe(false);
  expect(isDue(once, once.card.dueMs)).toBe(true);
  // Days are whole, so recall is near nine tenths on the day, not exactly there.
  expect(Math.abs(recallAt(once, once.card.dueMs) - RETENTION)).toBeLessThan(0.05);
  const twice = learn([answer(1, 0), answer(2, firstDays)]);
  expect((twice.card.dueMs - twice.card.lastMs) / DAY_MS).toBeGreaterThan(firstDays);
  const wrong = learn([answer(1, 0), answer(2, firstDays, false)]);
  expect(wrong.card.dueMs).toBeLessThan(twice.card.dueMs);
  expect(wrong.card.lapses).toBe(1);
});

test('ten right answers in one sitting do not make a topic known for ever', () => {
  const sitting = learn(Array.from({ length: 10 }, (_, index) => answer(index, 0)));
  const once = learn([answer(1, 0)]);
  expect(sitting.card.dueMs - once.card.dueMs).toBeLessThan(2 * DAY_MS);
});

test('an answer that arrives late counts as given with the last, and nothing becomes undefined', () => {
  const late = learn([answer(1, 5), answer(2, 3, false)]);
  expect(late.card.lastMs).toBe(START + 5 * DAY_MS);
  expect(late.card.stability).toBeGreaterThan(0);
});

test('mastery weighs the newest most, says how unsure it is, and names the answers it comes from', () => {
  const better = weighTopic(learn([answer(1, 0, false), answer(2, 1, false), answer(3, 2), answer(4, 3)]));
  const worse = weighTopic(learn([answer(1, 0), answer(2, 1), answer(3, 2, false), answer(4, 3, false)]));
  expect(better.mean).toBeGreaterThan(worse.mean);
  const many = learn(Array.from({ length: 25 }, (_, index) => answer(index, index)));
  expect(many.recent.map(([id]) => id)).toEqual(Array.from({ length: 20 }, (_, index) => 24 - index));
  expect([many.answers, many.right]).toEqual([25, 25]);
  expect(weighTopic(many).high - weighTopic(many).low).toBeLessThan(better.high - better.low);
  expect(weighTopic(learn([answer(1, 0, true, 1)])).mean).toBeCloseTo(0.6);
});

test('topics are those of the family, or of the length and the names of a mate; each reads back', () => {
  const topics = [
    ...listTopics({ family: 'reach' }),
    ...listTopics({ family: 'mate', mateInMoves: 9, patterns: ['smothered'] }),
  ];
  expect(topics).toEqual(['family:reach', 'mate:5', 'pattern:smothered']);
  expect(topics.map(parseTopic)).toEqual([
    { kind: 'family', family: 'reach' },
    { kind: 'mate', mateInMoves: 5 },
    { kind: 'pattern', pattern: 'smothered' },
  ]);
  expect(['family:gone', 'mate:x', 'other'].map(parseTopic)).toEqual([undefined, undefined, undefined]);
});
