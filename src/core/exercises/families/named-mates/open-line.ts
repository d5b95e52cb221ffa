/** Family `open-line`: the man that stands in the way of the mate. */
import { z } from 'zod/mini';
import { opponentOf, type Square, type Side } from '../../../board';
import { getPosition } from '../../../notation';
import { isCheckmate } from '../../../rules';
import { tapSquares } from '../../answers/tap';
import { defineFamily } from '../../family/family';
import { without } from '../movement/looseMoves';
import {
  compareMen,
  countMen,
  mateShape,
  PARTS,
  sceneOfMate,
  type MateBoardTask,
  type MenNote,
} from './mateBoard';

/** Men of the side that wants to mate that stand in the way: without the man it is mate. */
export function listMenInTheWay({ fen }: MateBoardTask): Square[] {
  const position = getPosition(fen);
  return position.board.flatMap((man, square) =>
    man?.side === opponentOf(position.turn) && isCheckmate(without(position, square)) ? [square] : [],
  );
}

export interface OpenLineQuestion {
  readonly code: 'open-line';
  readonly side: Side;
}

export const openLineFamily = defineFamily<
  MateBoardTask,
  'tap',
  OpenLineQuestion,
  MenNote<'not-in-the-way' | 'stands-in-the-way'>
>({
  ...PARTS,
  id: 'open-line',
  skill: 'ingredients',
  answerMode: 'tap',
  levels: 3,
  taskSchema: mateShape.check(
    z.refine(
      (task) => !isCheckmate(getPosition(task.fen)) && listMenInTheWay(task).length === 1,
      'not exactly one man stands in the way',
    ),
  ),
  question: ({ fen }) => ({ code: 'open-line', side: opponentOf(getPosition(fen).turn) }),
  scene: ({ fen }) => sceneOfMate(getPosition(fen)),
  ask: () => ({ kind: 'tap', isSingle: true, labels: [] }),
  solution: (task) => tapSquares(listMenInTheWay(task)),
  judge: (task, answer) =>
    compareMen(task, listMenInTheWay(task), answer, ['not-in-the-way', 'stands-in-the-way']),
  measure: ({ fen }) => countMen(getPosition(fen)),
  hints: () => [],
});
