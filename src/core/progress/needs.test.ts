import { groupByNeed, learnTopic, listNeeds, type Topic, type TopicState } from '.';

const DAY = 86_400_000;
const now = 400 * DAY;

/** After so many answers a day apart, the last of them some days ago. */
function after(results: readonly boolean[], daysAgo: number): TopicState {
  let state: TopicState | undefined;
  for (const [index, isRight] of results.entries()) {
    const atMs = now - (daysAgo + results.length - 1 - index) * DAY;
    state = learnTopic(state, { attemptId: index + 1, isRight, hints: 0, atMs });
  }
  if (state === undefined) throw new Error('no answer');
  return state;
}

const right = (count: number) => Array.from({ length: count }, () => true);
const wrong = (count: number) => Array.from({ length: count }, () => false);
const sure = after(right(8), 0);
const weak = after(wrong(8), 0);
const faded = after(right(6), 300);
const child = (id: string, states: Partial<Record<Topic, TopicState>>) => ({
  id,
  states: new Map(Object.entries(states) as [Topic, TopicState][]),
});

test('what is weak weighs more than what is due, and what is sure is needed by nobody', () => {
  const needs = listNeeds(
    [
      child('a', { 'mate:1': sure, 'mate:2': weak, 'mate:3': faded }),
      child('b', { 'mate:1': sure, 'mate:2': weak, 'mate:3': faded }),
    ],
    now,
  );
  expect(needs).toEqual([
    { topic: 'mate:2', weak: ['a', 'b'], due: [] },
    { topic: 'mate:3', weak: [], due: ['a', 'b'] },
    { topic: 'mate:1', weak: [], due: [] },
  ]);
});

test('what will be due by a later day is needed by then', () => {
  const learners = [child('a', { 'mate:1': sure })];
  expect(listNeeds(learners, now)[0]?.due).toEqual([]);
  expect(listNeeds(learners, now + 2000 * DAY)[0]?.due).toEqual(['a']);
});

test('children with the same need are one group, which is told all that every one of it needs', () => {
  const groups = groupByNeed(
    [
      child('a', { 'mate:1': weak, 'pattern:back-rank': weak }),
      child('b', { 'mate:1': weak, 'pattern:back-rank': weak }),
      child('c', { 'mate:2': weak }),
      child('d', { 'mate:2': faded }),
      child('e', { 'mate:3': weak }),
    ],
    now,
    4,
  );
  expect(groups).toEqual([
    { members: ['a', 'b'], topics: ['mate:1', 'pattern:back-rank'] },
    { members: ['c', 'd'], topics: ['mate:2'] },
  ]);
});

test('what the whole class needs is no group of its own', () => {
  const groups = groupByNeed(
    [
      child('a', { 'mate:1': weak, 'mate:2': weak }),
      child('b', { 'mate:1': weak, 'mate:2': weak }),
      child('c', { 'mate:1': weak }),
      child('d', { 'mate:1': faded }),
    ],
    now,
    4,
  );
  expect(groups).toEqual([{ members: ['a', 'b'], topics: ['mate:2'] }]);
});

test('nobody is in two groups, every member needs every topic of its group, and there are no more groups than asked for', () => {
  const states = [sure, weak, faded, after([true, false, true], 40)];
  const topics: readonly Topic[] = ['mate:1', 'mate:2', 'mate:3', 'pattern:smothered'];
  const learners = Array.from({ length: 30 }, (_, index) => ({
    id: index,
    states: new Map(
      topics.map((topic, place) => [topic, states[(index * (place + 3) + place) % states.length] ?? sure]),
    ),
  }));
  const groups = groupByNeed(learners, now, 3);
  expect(groups.length).toBeLessThanOrEqual(3);
  const members = groups.flatMap((group) => group.members);
  expect(new Set(members).size).toBe(members.length);
  const needs = listNeeds(learners, now);
  for (const group of groups)
    for (const topic of group.topics) {
      const need = needs.find((one) => one.topic === topic);
      const needing = [...(need?.weak ?? []), ...(need?.due ?? [])];
      for (const member of group.members) expect(needing).toContain(member);
    }
});
