/**
 * What is learnt, kept and forgotten as one thing. Question: to what does an answer say something? An exercise to its family; a mate to its
 * length and to each named mate it ends in.
 */
import { EXERCISE_IDS, type FamilyId } from '../exercises';
import { PATTERN_IDS, type PatternId } from '../patterns';

/** Longer mates are one topic with these. */
const LONGEST_MATE_TOPIC = 5;

export type Topic = `family:${Exclude<FamilyId, 'mate'>}` | `mate:${number}` | `pattern:${PatternId}`;

export type TopicParts =
  | { readonly kind: 'family'; readonly family: Exclude<FamilyId, 'mate'> }
  | { readonly kind: 'mate'; readonly mateInMoves: number }
  | { readonly kind: 'pattern'; readonly pattern: PatternId };

/** The topics of a task. */
export function listTopics(
  task:
    | { readonly family: Exclude<FamilyId, 'mate'> }
    | { readonly family: 'mate'; readonly mateInMoves: number; readonly patterns: readonly PatternId[] },
): Topic[] {
  if (task.family !== 'mate') return [`family:${task.family}`];
  const { mateInMoves, patterns } = task;
  return [
    `mate:${Math.min(mateInMoves, LONGEST_MATE_TOPIC)}`,
    ...patterns.map((pattern): Topic => `pattern:${pattern}`),
  ];
}

/** Reads a stored topic; undefined for one that is not known any more. */
export function parseTopic(text: string): TopicParts | undefined {
  const [kind = '', name = ''] = text.split(':');
  if (kind === 'mate' && /^[1-9]$/.test(name)) return { kind, mateInMoves: Number(name) };
  const family = EXERCISE_IDS.find((id) => id === name);
  if (kind === 'family' && family !== undefined) return { kind, family };
  const pattern = PATTERN_IDS.find((id) => id === name);
  return kind === 'pattern' && pattern !== undefined ? { kind, pattern } : undefined;
}
