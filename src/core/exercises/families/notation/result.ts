/** Family `result`: how is the result written (PGN standard, section 8.2.6)? */
import { z } from 'zod/mini';
import { SIDES, type Side } from '../../../board';
import { EMPTY_DRAFT } from '../../../rules';
import { chooseHints, chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { sceneOf } from '../../family/lessonBoard';
import type { GameEnding } from '../../family/question';

const GAME_ENDINGS = [
  'mates',
  'resigns',
  'time-runs-out',
  'stalemate',
  'agreement',
  'repetition',
  'time-runs-out-bare-king',
  'still-playing',
] as const satisfies readonly GameEnding[];

export const RESULT_OPTIONS = ['1-0', '0-1', '1/2-1/2', '*'] as const;

const resultTaskSchema = z.object({ ending: z.enum(GAME_ENDINGS), side: z.enum(SIDES) });

export type ResultTask = z.infer<typeof resultTaskSchema>;

/** `side` mates, resigns or runs out of time (articles 5.1 and 6.9; a bare king cannot win, so the time draws). */
function solveResult({ ending, side }: ResultTask): (typeof RESULT_OPTIONS)[number] {
  switch (ending) {
    case 'mates':
      return side === 'white' ? '1-0' : '0-1';
    case 'resigns':
    case 'time-runs-out':
      return side === 'white' ? '0-1' : '1-0';
    case 'still-playing':
      return '*';
    default:
      return '1/2-1/2';
  }
}

export interface ResultQuestion {
  readonly code: 'result';
  readonly ending: GameEnding;
  readonly side: Side;
}

export interface ResultReason {
  readonly code: 'result-is';
  readonly result: string;
}

export const resultFamily = defineFamily<ResultTask, 'choose', ResultQuestion, ChoiceNote<ResultReason>>({
  id: 'result',
  version: 1,
  stage: 'notation',
  skill: 'results',
  answerMode: 'choose',
  levels: 3,
  taskSchema: resultTaskSchema,
  question: ({ ending, side }) => ({ code: 'result', ending, side }),
  scene: () => sceneOf(EMPTY_DRAFT, { turn: undefined, isHidden: true }),
  ask: () => ({ kind: 'choose', options: RESULT_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([solveResult(task)]),
  judge: (task, answer) =>
    compareOptions([solveResult(task)], answer, () => ({ code: 'result-is', result: solveResult(task) })),
  measure: ({ ending }) => GAME_ENDINGS.indexOf(ending),
  hints: (task) => chooseHints(RESULT_OPTIONS, [solveResult(task)]),
});
