/** Family `spare-men`: men of the mating side without which, one by one or all together, it is still mate. */
import { z } from 'zod/mini';
import { opponentOf, type Square, type Side } from '../../../board';
import { getPosition } from '../../../notation';
import { isCheckmate, type PositionDraft } from '../../../rules';
import { tapHints, tapSquares } from '../../answers/tap';
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

/** Men of the mating side without which it is still mate; not its king. */
export function listSpareMen({ fen }: MateBoardTask): Square[] {
  const position = getPosition(fen);
  return position.board.flatMap((man, square) =>
    man?.side === opponentOf(position.turn) && man.role !== 'king' && isCheckmate(without(position, square))
      ? [square]
      : [],
  );
}

export interface SpareMenQuestion {
  readonly code: 'spare-men';
  readonly side: Side;
}

export const spareMenFamily = defineFamily<
  MateBoardTask,
  'tap',
  SpareMenQuestion,
  MenNote<'is-needed' | 'is-spare'>
>({
  ...PARTS,
  id: 'spare-men',
  skill: 'ingredients',
  answerMode: 'tap',
  levels: 4,
  taskSchema: mateShape.check(
    z.refine((task) => {
      const position = getPosition(task.fen);
      const spare = listSpareMen(task);
      // Where one man could stand in for another, each is spare but not both: such a board is not asked about.
      return (
        isCheckmate(position) &&
        isCheckmate(spare.reduce<PositionDraft>((rest, at) => without(rest, at), position))
      );
    }, 'no mate, or not all that are spare one by one are so together'),
  ),
  question: ({ fen }) => ({ code: 'spare-men', side: opponentOf(getPosition(fen).turn) }),
  scene: ({ fen }) => sceneOfMate(getPosition(fen)),
  ask: () => ({ kind: 'tap', isSingle: false, labels: [] }),
  solution: (task) => tapSquares(listSpareMen(task)),
  judge: (task, answer) => compareMen(task, listSpareMen(task), answer, ['is-needed', 'is-spare']),
  measure: (task) => countMen(getPosition(task.fen)) + 10 * listSpareMen(task).length,
  hints: (task) => tapHints(listSpareMen(task)),
});
