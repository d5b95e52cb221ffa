import type { AnswerOf } from '../family/answer';
import { RIGHT, wrongFor, type Note, type Verdict } from '../family/verdict';

/** Compares a number with the right one; `why` tells what was counted. */
export function compareNumber(
  right: number,
  { value }: AnswerOf<'number'>,
  why: readonly Note[] = [],
): Verdict {
  if (value === right) return RIGHT;
  return wrongFor([{ code: value > right ? 'too-many' : 'too-few', right }, ...why]);
}
