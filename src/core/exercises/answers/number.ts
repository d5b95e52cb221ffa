import type { AnswerOf } from '../family/answer';
import { RIGHT, wrongFor, type Verdict } from '../family/verdict';

export interface NumberNote {
  readonly code: 'too-many' | 'too-few';
  readonly right: number;
}

/** Compares a number with the right one. */
export function compareNumber(right: number, { value }: AnswerOf<'number'>): Verdict<NumberNote> {
  if (value === right) return RIGHT;
  return wrongFor([{ code: value > right ? 'too-many' : 'too-few', right }]);
}
