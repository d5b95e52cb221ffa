/** Family `draw-kind`: which draw is it, or none? What a diagram cannot show is told. */
import type { GameStory } from '../../family/question';
import { z } from 'zod/mini';
import { chooseHints, chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { sceneOfPosition } from '../../family/legalTask';

import {
  DRAW_OPTIONS,
  drawShape,
  listDraws,
  measureStory,
  reasonOfDraw,
  type DrawTask,
  type DrawReason,
} from './gameStory';

const drawTaskSchema = drawShape.check(z.refine((task) => listDraws(task).length <= 1, 'two draws at once'));

/** Of a wrong "no draw": the draw that there is. Of any other: why that one is there or not. */
function reasonInDraws(task: DrawTask, option: string): DrawReason {
  const [draw = 'no-draw'] = listDraws(task);
  const asked = DRAW_OPTIONS.find((kind) => kind === option) ?? 'no-draw';
  return reasonOfDraw(task, asked === 'no-draw' ? draw : asked);
}

export interface DrawKindQuestion {
  readonly code: 'draw-kind';
  readonly story: GameStory;
}

export const drawKindFamily = defineFamily<DrawTask, 'choose', DrawKindQuestion, ChoiceNote<DrawReason>>({
  id: 'draw-kind',
  version: 1,
  stage: 'check',
  skill: 'draws',
  answerMode: 'choose',
  levels: 3,
  taskSchema: drawTaskSchema,
  question: ({ story }) => ({ code: 'draw-kind', story }),
  scene: ({ fen }) => sceneOfPosition(fen, { bottom: 'white' }),
  ask: () => ({ kind: 'choose', options: DRAW_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([listDraws(task)[0] ?? 'no-draw']),
  judge: (task, answer) =>
    compareOptions([listDraws(task)[0] ?? 'no-draw'], answer, (option) => reasonInDraws(task, option)),
  measure: measureStory,
  hints: (task) => chooseHints(DRAW_OPTIONS, [listDraws(task)[0] ?? 'no-draw']),
});
