/**
 * What does a class need next, and which of its children together? Seen from the topic states of its children alone. A topic is needed by a
 * child where little of it comes right (`weak`), or where it is due by a given moment (`due`). Children are grouped greedily: the topic that
 * most of those still without a group need, weak ones counting double, makes the next group; of a group all topics are told that every one
 * of it needs. What three quarters of the class need is for the whole class and makes no group. The order of topics decides between equals,
 * so the same states give the same groups.
 */
import { isDue, topicMasteryState, weighTopic, type TopicState } from './reviews';
import type { Topic } from './topics';

/** A child with what is known of it. */
export interface Learner<Id> {
  readonly id: Id;
  readonly states: ReadonlyMap<Topic, TopicState>;
}

/** A topic that children need, by why. */
export interface NeededTopic<Id> {
  readonly topic: Topic;
  readonly weak: readonly Id[];
  readonly due: readonly Id[];
}

export interface NeedGroup<Id> {
  readonly members: readonly Id[];
  /** What every member needs; the one that made the group first. */
  readonly topics: readonly Topic[];
}

/** Smaller is no group. */
const LEAST_MEMBERS = 2;
/** What so large a share of a class needs is no group's. */
const WHOLE_CLASS = 0.75;

function needOf(state: TopicState | undefined, byMs: number): 'weak' | 'due' | undefined {
  if (state === undefined) return undefined;
  if (topicMasteryState(weighTopic(state)) === 'repeat') return 'weak';
  return isDue(state, byMs) ? 'due' : undefined;
}

/** Every topic of the class, the one that is needed most until `byMs` (milliseconds) first; one that nobody needs stands at the end. */
export function listNeeds<Id>(learners: readonly Learner<Id>[], byMs: number): NeededTopic<Id>[] {
  const topics = [...new Set(learners.flatMap(({ states }) => [...states.keys()]))].sort();
  const pick = (topic: Topic, need: 'weak' | 'due') =>
    learners.filter(({ states }) => needOf(states.get(topic), byMs) === need).map(({ id }) => id);
  return topics
    .map((topic) => ({ topic, weak: pick(topic, 'weak'), due: pick(topic, 'due') }))
    .sort((one, other) => weigh(other) - weigh(one));
}

const weigh = ({ weak, due }: NeededTopic<unknown>) => 2 * weak.length + due.length;

/** Children who need the same things; who shares no need with anybody left is in no group. */
export function groupByNeed<Id>(
  learners: readonly Learner<Id>[],
  byMs: number,
  most: number,
): NeedGroup<Id>[] {
  const groups: NeedGroup<Id>[] = [];
  const common = new Set(
    listNeeds(learners, byMs)
      .filter(({ weak, due }) => weak.length + due.length >= WHOLE_CLASS * learners.length)
      .map(({ topic }) => topic),
  );
  let rest = learners;
  while (groups.length < most) {
    const needs = listNeeds(rest, byMs).filter(({ topic }) => !common.has(topic));
    const [first] = needs.filter(({ weak, due }) => weak.length + due.length >= LEAST_MEMBERS);
    if (first === undefined) break;
    const members = rest
      .map(({ id }) => id)
      .filter((id) => first.weak.includes(id) || first.due.includes(id));
    const shared = needs.filter(({ weak, due }) =>
      members.every((id) => weak.includes(id) || due.includes(id)),
    );
    groups.push({
      members,
      topics: [first.topic, ...shared.map(({ topic }) => topic).filter((topic) => topic !== first.topic)],
    });
    rest = rest.filter(({ id }) => !members.includes(id));
  }
  return groups;
}
