import { masteryText, nextRoundText, PLAIN_TERMS, topicText } from '.';

test('a topic is told by its family, length or name', () => {
  expect(
    ['family:reach', 'mate:2', 'mate:5', 'pattern:smothered', 'family:gone'].map((topic) =>
      topicText(topic, PLAIN_TERMS),
    ),
  ).toEqual([
    'Where can it go?',
    'Mate in 2',
    'Mate in 5 and more',
    'Smothered mate',
    'Something that is not taught any more',
  ]);
});

test('how well it is known is told with its doubt, and not at all by one or two answers', () => {
  const mastery = { mean: 0.81, low: 0.62, high: 0.93, evidence: 14 };
  expect(masteryText(mastery)).toBe('Right about 8 times in 10 (6 to 9), by 14 answers');
  expect(masteryText({ ...mastery, low: 0.79, high: 0.82 })).toBe('Right about 8 times in 10, by 14 answers');
  expect(masteryText({ ...mastery, evidence: 1 })).toBe('Too early to say, by 1 answer');
});

test('a child is told what its next round holds', () => {
  const parts = [
    { why: 'due', count: 3 },
    { why: 'class', count: 2 },
    { why: 'stretch', count: 1 },
  ] as const;
  expect(nextRoundText(parts)).toBe('6 tasks: 3 to repeat, 2 from your class and 1 new.');
});
