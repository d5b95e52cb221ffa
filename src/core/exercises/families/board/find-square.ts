/** Family `find-square`: tap the square that is named. Children often say rank before file: that is told apart. */
import type { Square, Side } from '../../../board';
import { compareMarks, tapSquares } from '../../answers/tap';
import { defineFamily } from '../../family/family';
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

export interface FindSquareQuestion {
  readonly code: 'tap-square';
  readonly square: Square;
  readonly seenFrom: Side | undefined;
}

export const findSquareFamily = defineFamily<SquareTask, 'tap', FindSquareQuestion, OtherSquareNote>({
  id: 'find-square',
  version: 1,
  stage: 'board',
  skill: 'coordinates',
  answerMode: 'tap',
  levels: 4,
  taskSchema: squareTaskSchema,
  question: (task) => ({ code: 'tap-square', square: task.square, seenFrom: seenFrom(task) }),
  scene: (task) => sceneOfSquares(task, []),
  ask: () => ({ kind: 'tap', isSingle: true, labels: [] }),
  solution: ({ square }) => tapSquares([square]),
  judge({ square: asked }, answer) {
    return compareMarks(
      [asked],
      answer,
      (square) => noteOtherSquare(asked, square),
      (square) => ({ code: 'another-square', square, asked }),
    );
  },
  measure: measureSquare,
  ruleVariant: squareRule,
  hints: () => [],
});
