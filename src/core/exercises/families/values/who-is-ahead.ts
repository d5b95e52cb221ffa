/** Family `who-is-ahead`: the men of both sides in points. */
import { z } from 'zod/mini';
import { findBalance, type Side } from '../../../board';
import { getDraft } from '../../../notation';
import { chooseHints, chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { boardTextSchema, sceneOf } from '../../family/lessonBoard';
import { scaleSchema } from './scale';

export const aheadTaskSchema = z.object({ fen: boardTextSchema, values: scaleSchema });

export type AheadTask = z.infer<typeof aheadTaskSchema>;

export interface WhoIsAheadQuestion {
  readonly code: 'who-is-ahead';
}

export interface WorthReason {
  readonly code: 'worth';
  readonly white: number;
  readonly black: number;
}

export const whoIsAheadFamily = defineFamily<
  AheadTask,
  'choose',
  WhoIsAheadQuestion,
  ChoiceNote<WorthReason>
>({
  id: 'who-is-ahead',
  version: 1,
  stage: 'values',
  skill: 'balance',
  answerMode: 'choose',
  levels: 4,
  taskSchema: aheadTaskSchema,
  question: () => ({ code: 'who-is-ahead' }),
  scene: ({ fen }) => sceneOf(getDraft(fen), { turn: undefined }),
  ask: (task) => ({ kind: 'choose', options: listBalanceOptions(task), isMultiple: false }),
  solution: (task) => chooseOptions([makeBalance(balanceOf(task))]),
  judge: (task, answer) =>
    compareOptions([makeBalance(balanceOf(task))], answer, () => ({
      code: 'worth',
      white: worthOf(task, 'white'),
      black: worthOf(task, 'black'),
    })),
  measure: ({ fen }) => getDraft(fen).board.filter((man) => man !== undefined && man.role !== 'king').length,
  hints: (task) => chooseHints(listBalanceOptions(task), [makeBalance(balanceOf(task))]),
});

function balanceOf({ fen, values }: AheadTask): number {
  return findBalance(getDraft(fen).board, 'white', values);
}

function worthOf({ fen, values }: AheadTask, side: Side): number {
  return getDraft(fen).board.reduce((sum, man) => sum + (man?.side === side ? values[man.role] : 0), 0);
}

/** "white-2", "even", "black-1". */
function makeBalance(points: number): string {
  if (points === 0) return 'even';
  return `${points > 0 ? 'white' : 'black'}-${Math.abs(points)}`;
}

/** The right one, its opposite and their neighbours, from White's side to Black's. */
function listBalanceOptions(task: AheadTask): string[] {
  const right = balanceOf(task);
  const near = right === 0 ? [3, 1, 0, -1, -3] : [right, right - 1, right + 1, -right, 0];
  return [...new Set(near)].sort((one, other) => other - one).map(makeBalance);
}
