/**
 * Simulated children whose memory is known: a topic is remembered with the chance exp(-days / strength), which is another curve than the
 * scheduler's own. A right answer strengthens it the more, the nearer it was to being forgotten; a wrong one is explained and leaves it
 * weaker. Children differ in how fast they learn.
 */
import { learnTopic, planNextRound, type TopicState } from '@/core/progress';
import { createRandom } from '@/core/shared';

const DAY_MS = 86_400_000;
const TOPICS = Array.from({ length: 24 }, (_, index) => `topic ${index + 1}`);
/** Three sessions a week of so many tasks. */
const SESSION_DAYS = [0, 2, 4];
const PER_SESSION = 8;
/** Days after which the class goes on to its next topic. */
const CLASS_DAYS = 5;
const GUESSED = 0.1;
const RETENTION = 0.9;
const MOST_DAYS = 600;

/** A moment of today's years, for the scheduler takes 0 for none. */
const msOf = (day: number) => Date.UTC(2026, 8, 1) + day * DAY_MS;

export type Rule = 'next round' | 'in order';

/** Answers each child needs until it would get nine in ten of all topics right at the begin of a session; undefined: never. */
export function countAnswers(seed: number, children: number, rule: Rule): (number | undefined)[] {
  return Array.from({ length: children }, (_, child) =>
    simulateChild(createRandom(seed * 1000 + child), rule),
  );
}

function simulateChild(random: () => number, rule: Rule): number | undefined {
  const speed = 0.7 + 0.6 * random();
  const memory = new Map<string, { strength: number; day: number }>();
  const states = new Map<string, TopicState>();
  const recall = (topic: string, day: number) => {
    const known = memory.get(topic);
    return known === undefined ? GUESSED : Math.max(GUESSED, Math.exp((known.day - day) / known.strength));
  };
  let answers = 0;
  for (let day = 0; day < MOST_DAYS; day += 1) {
    if (!SESSION_DAYS.includes(day % 7)) continue;
    const mean = TOPICS.reduce((sum, topic) => sum + recall(topic, day), 0) / TOPICS.length;
    if (mean >= RETENTION) return answers;
    for (const topic of chooseTopics(rule, states, day, answers)) {
      const chance = recall(topic, day);
      const isRight = random() < chance;
      const strength = memory.get(topic)?.strength ?? 0;
      memory.set(topic, {
        strength: isRight
          ? Math.max(strength, 1.5) * (1 + 4 * speed * (1 - chance))
          : Math.max(2 * speed, strength / 2),
        day,
      });
      if (rule === 'next round')
        states.set(
          topic,
          learnTopic(states.get(topic), { attemptId: answers, isRight, hints: 0, atMs: msOf(day) }),
        );
      answers += 1;
    }
  }
  return undefined;
}

function chooseTopics(
  rule: Rule,
  states: ReadonlyMap<string, TopicState>,
  day: number,
  answers: number,
): string[] {
  // One task of each topic after another, and from the beginning again: the kindest order there is, for no topic comes twice running.
  if (rule === 'in order')
    return Array.from({ length: PER_SESSION }, (_, index) => {
      return TOPICS[(answers + index) % TOPICS.length] ?? '';
    });
  const at = Math.floor(day / CLASS_DAYS);
  return planNextRound({
    states,
    ofClass: TOPICS.slice(at, at + 1),
    ahead: TOPICS,
    nowMs: msOf(day),
    count: PER_SESSION,
  }).map(({ topic }) => topic);
}
