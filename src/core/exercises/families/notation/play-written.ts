/** Family `play-written`: a move is written, it is played. */
import type { Side } from '../../../board';
import { getPosition, makeMoveText, makeSan } from '../../../notation';
import { isSameMove } from '../../../rules';
import { judgeFirstMove, type NotLegalNote } from '../../answers/firstMove';
import { defineFamily } from '../../family/family';
import { sceneOfPosition } from '../../family/legalTask';
import { RIGHT, wrongFor } from '../../family/verdict';
import { openTask, PARTS, type WrittenTask } from './writtenTask';

export interface PlayWrittenQuestion {
  readonly code: 'play-written';
  readonly turn: Side;
  readonly san: string;
}

export type PlayWrittenNote =
  NotLegalNote | { readonly code: 'move-not-meant'; readonly move: string; readonly meant: string };

export const playWrittenFamily = defineFamily<WrittenTask, 'play', PlayWrittenQuestion, PlayWrittenNote>({
  ...PARTS,
  id: 'play-written',
  skill: 'reading-moves',
  answerMode: 'play',
  levels: 5,
  question: (task) => ({ code: 'play-written', turn: getPosition(task.fen).turn, san: openTask(task).san }),
  scene: ({ fen }) => sceneOfPosition(fen, { bottom: 'white' }),
  ask: ({ fen }) => ({ kind: 'play', rules: 'legal', fen }),
  solution: (task) => ({ kind: 'play', moves: [makeMoveText(openTask(task).move)], slips: 0 }),
  judge(task, answer) {
    const { position, move: asked, san } = openTask(task);
    return judgeFirstMove(position, answer, (_, move) =>
      isSameMove(move, asked)
        ? RIGHT
        : wrongFor([{ code: 'move-not-meant', move: makeSan(position, move), meant: san }]),
    );
  },
  hints: () => [],
  listRightMoves: (task, moves) => (moves.length > 0 ? [] : [makeMoveText(openTask(task).move)]),
});
