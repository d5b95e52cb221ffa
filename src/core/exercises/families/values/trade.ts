/** Family `trade`: men given and men captured, told without a board. */
import { z } from 'zod/mini';
import type { Role, ValueScale } from '../../../board';
import { EMPTY_DRAFT } from '../../../rules';
import { chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { sceneOf } from '../../family/lessonBoard';
import { scaleSchema } from './scale';

export const TRADE_OPTIONS = ['good', 'even', 'bad'] as const;

const menSchema = z
  .array(z.enum(['pawn', 'knight', 'bishop', 'rook', 'queen']))
  .check(z.minLength(1), z.maxLength(4));

export const tradeTaskSchema = z.object({ given: menSchema, taken: menSchema, values: scaleSchema });

export type TradeTask = z.infer<typeof tradeTaskSchema>;

export interface TradeQuestion {
  readonly code: 'trade';
  readonly given: readonly Role[];
  readonly taken: readonly Role[];
}

export interface TradeReason {
  readonly code: 'given-and-taken';
  readonly given: number;
  readonly taken: number;
}

export const tradeFamily = defineFamily<TradeTask, 'choose', TradeQuestion, ChoiceNote<TradeReason>>({
  id: 'trade',
  version: 1,
  stage: 'values',
  skill: 'trades',
  answerMode: 'choose',
  levels: 3,
  taskSchema: tradeTaskSchema,
  question: ({ given, taken }) => ({ code: 'trade', given, taken }),
  scene: () => sceneOf(EMPTY_DRAFT, { turn: undefined, isHidden: true }),
  ask: () => ({ kind: 'choose', options: TRADE_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([kindOfGain(gainOfTrade(task))]),
  judge: (task, answer) =>
    compareOptions([kindOfGain(gainOfTrade(task))], answer, () => ({
      code: 'given-and-taken',
      given: sumOf(task.given, task.values),
      taken: sumOf(task.taken, task.values),
    })),
  measure: (task) => 10 * (task.given.length + task.taken.length) - Math.abs(gainOfTrade(task)),
  hints: () => [],
});

function sumOf(men: readonly Role[], values: ValueScale): number {
  return men.reduce((sum, role) => sum + values[role], 0);
}

function gainOfTrade({ given, taken, values }: TradeTask): number {
  return sumOf(taken, values) - sumOf(given, values);
}

function kindOfGain(gain: number): (typeof TRADE_OPTIONS)[number] {
  return gain > 0 ? 'good' : gain < 0 ? 'bad' : 'even';
}
