/**
 * Family `name-square`: a square is marked, its name is written. Rank before file is understood and said kindly: it is the commonest
 * slip of all (common practice).
 */
import { makeSquareName, parseSquareName, type Side } from '../../../board';
import { readSpokenSquare } from '../../../notation';
import { defineFamily } from '../../family/family';
import { RIGHT, wrongFor } from '../../family/verdict';
import {
  measureSquare,
  noteOtherSquare,
  sceneOfSquares,
  seenFrom,
  squareRule,
  squareTaskSchema,
  type SquareTask,
  type OtherSquareNote,
} from './squareTask';

export interface NameSquareQuestion {
  readonly code: 'name-square';
  readonly seenFrom: Side | undefined;
}

export type NameSquareNote = OtherSquareNote | { readonly code: 'no-such-square'; readonly text: string };

export const nameSquareFamily = defineFamily<SquareTask, 'write', NameSquareQuestion, NameSquareNote>({
  id: 'name-square',
  version: 1,
  stage: 'board',
  skill: 'coordinates',
  answerMode: 'write',
  levels: 4,
  taskSchema: squareTaskSchema,
  question: (task) => ({ code: 'name-square', seenFrom: seenFrom(task) }),
  scene: (task) => sceneOfSquares(task, [task.square]),
  ask: () => ({ kind: 'write', form: 'square' }),
  solution: ({ square }) => ({ kind: 'write', text: makeSquareName(square) }),
  judge({ square: asked }, { text }) {
    const written = text.replace(/[\s.,;-]/g, '').toLowerCase();
    // "the h2" and "h two" are square names that are said.
    const square = parseSquareName(written) ?? readSpokenSquare(text);
    if (square === asked) return RIGHT;
    if (square !== undefined) return wrongFor([noteOtherSquare(asked, square)]);
    const turned = parseSquareName(Array.from(written).reverse().join(''));
    if (turned === asked) return wrongFor([{ code: 'rank-before-file', square: asked, asked }]);
    return wrongFor([{ code: 'no-such-square', text: text.trim().slice(0, 12) }]);
  },
  measure: measureSquare,
  ruleVariant: squareRule,
  hints: ({ square }) => [{ kind: 'begins-with', text: makeSquareName(square).charAt(0) }],
});
