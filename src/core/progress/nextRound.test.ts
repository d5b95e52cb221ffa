import { countAnswers } from '../../../tests/support/learners';
import { learnTopic, planNextRound, type TopicState } from '.';

const DAY_MS = 86_400_000;
const NOW = 100 * DAY_MS;
const state = (daysAgo: number, isRight = true): TopicState =>
  learnTopic(undefined, { attemptId: 1, isRight, hints: 0, atMs: NOW - daysAgo * DAY_MS });

test('a round holds what is due, the least remembered first, what the class is at, and one stretch; each says why', () => {
  const states = new Map([
    ['old', state(40)],
    ['older', state(80)],
    ['fresh', state(0)],
    ['of the class', state(0)],
  ]);
  const round = planNextRound({
    states,
    ofClass: ['of the class', 'new in class'],
    ahead: ['old', 'of the class', 'ahead', 'far ahead'],
    nowMs: NOW,
    count: 6,
  });
  expect(round).toEqual([
    { topic: 'older', why: 'due' },
    { topic: 'old', why: 'due' },
    { topic: 'new in class', why: 'class' },
    { topic: 'of the class', why: 'class' },
    { topic: 'ahead', why: 'stretch' },
  ]);
});

test('much that is due still leaves a third to the class and one to the stretch', () => {
  const states = new Map(
    Array.from({ length: 20 }, (_, index) => [`due ${index}`, state(50 + index)] as const),
  );
  const round = planNextRound({
    states,
    ofClass: ['a', 'b', 'c'],
    ahead: ['next'],
    nowMs: NOW,
    count: 6,
  });
  const count = (why: string) => round.filter((part) => part.why === why).length;
  expect([count('due'), count('class'), count('stretch')]).toEqual([3, 2, 1]);
  expect(planNextRound({ states: new Map(), ofClass: [], ahead: [], nowMs: NOW, count: 6 })).toEqual([]);
});

test('24 simulated children reach nine in ten with clearly fewer answers than by sets in order (seed 7)', () => {
  const median = (counts: readonly (number | undefined)[]) =>
    counts.map((count) => count ?? Number.POSITIVE_INFINITY).sort((one, other) => one - other)[12];
  const byRule = countAnswers(7, 24, 'next round');
  const inOrder = countAnswers(7, 24, 'in order');
  // Every child comes there by the rule; in order two have not after six hundred days.
  expect(byRule.filter((count) => count === undefined)).toEqual([]);
  expect(inOrder.filter((count) => count === undefined)).toHaveLength(2);
  // docs/rooms/progress.md tells these figures.
  expect([median(byRule), median(inOrder)]).toEqual([324, 1080]);
});
