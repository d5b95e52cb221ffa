/**
 * What a child does next. Question: which topics are worth its next few tasks, and why each of them? Three reasons: it is **due** (the least
 * remembered first), the **class** is at it (the least known first), or it is a **stretch**, one thing that is new. Due topics leave a third
 * of the round to the class and one task to the stretch; what one of them has no use for goes to the others. The rule is ours; a
 * simulation (`nextRound.test.ts`) says what it saves.
 */
import { isDue, recallAt, weighTopic, type TopicState } from './reviews';
import type { Topic } from './topics';

export const ROUND_REASONS = ['due', 'class', 'stretch'] as const;
export type RoundReason = (typeof ROUND_REASONS)[number];

export interface RoundPart<Name extends string = Topic> {
  readonly topic: Name;
  readonly why: RoundReason;
}

export interface RoundOptions<Name extends string = Topic> {
  readonly states: ReadonlyMap<Name, TopicState>;
  /** What the class is at now. */
  readonly ofClass: readonly Name[];
  /** What may come next, in the order in which it is taught. */
  readonly ahead: readonly Name[];
  readonly nowMs: number;
  readonly count: number;
}

/** At most so many topics, each once, in the order in which they are given: what is due first, the stretch last. */
export function planNextRound<Name extends string>(options: RoundOptions<Name>): RoundPart<Name>[] {
  const { states, ofClass, ahead, nowMs, count } = options;
  const due = [...states]
    .filter(([, state]) => isDue(state, nowMs))
    .sort(([, one], [, other]) => recallAt(one, nowMs) - recallAt(other, nowMs))
    .map(([topic]) => topic);
  const lessKnown = (topic: Name) => {
    const state = states.get(topic);
    return state === undefined ? 0 : weighTopic(state).low;
  };
  const ofNow = ofClass
    .filter((topic) => !due.includes(topic))
    .sort((one, other) => lessKnown(one) - lessKnown(other));
  const fresh = ahead.filter((topic) => !states.has(topic) && !ofClass.includes(topic));
  const stretch = fresh.slice(0, count > 1 ? 1 : 0);
  const forClass = Math.min(ofNow.length, Math.ceil(count / 3));
  const forDue = Math.min(due.length, count - stretch.length - forClass);
  const rest = count - stretch.length - forDue;
  return [
    ...due.slice(0, forDue).map((topic) => ({ topic, why: 'due' as const })),
    ...ofNow.slice(0, rest).map((topic) => ({ topic, why: 'class' as const })),
    ...stretch.map((topic) => ({ topic, why: 'stretch' as const })),
  ];
}
