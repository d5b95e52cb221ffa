/** Family `stop-mate`: any move after which the other side has no mate at once. */
import type { Side } from '../../../board';
import { getPosition, makeMoveText, makeSan } from '../../../notation';
import { listLegalMoves, playMove, type Move, type Position } from '../../../rules';
import { firstMove, judgeFirstMove, type NotLegalNote } from '../../answers/firstMove';
import { defineFamily } from '../../family/family';
import { listMatingMoves, sceneOfPosition, toTexts } from '../../family/legalTask';
import { RIGHT, wrongFor } from '../../family/verdict';
import type { BoardTask } from '../capturing/theirMen';
import { boardTaskSchema, PARTS } from './boardState';

/** What the side to move could be mated by: the other side's mates at once after a move. */
function listMatesAfter(position: Position, move: Move): Move[] {
  return listMatingMoves(playMove(position, move));
}

export interface StopMateQuestion {
  readonly code: 'stop-mate';
  readonly turn: Side;
}

export type StopMateNote = NotLegalNote | { readonly code: 'still-mates'; readonly move: string };

export const stopMateFamily = defineFamily<BoardTask, 'play', StopMateQuestion, StopMateNote>({
  ...PARTS,
  id: 'stop-mate',
  skill: 'stopping-mate',
  answerMode: 'play',
  levels: 3,
  taskSchema: boardTaskSchema,
  question: ({ fen }) => ({ code: 'stop-mate', turn: getPosition(fen).turn }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ fen }) => ({ kind: 'play', rules: 'legal', fen }),
  solution: ({ fen }) => firstMove(listSafeMoves(getPosition(fen))),
  judge: ({ fen }, answer) =>
    judgeFirstMove(getPosition(fen), answer, (position, move) => {
      const [mate] = listMatesAfter(position, move);
      if (mate === undefined) return RIGHT;
      return {
        ...wrongFor([{ code: 'still-mates', move: makeSan(playMove(position, move), mate) }]),
        refutation: [makeMoveText(mate)],
      };
    }),
  /** The fewer moves help, the harder. */
  measure({ fen }) {
    const position = getPosition(fen);
    return Math.round((100 * listLegalMoves(position).length) / listSafeMoves(position).length);
  },
  hints: () => [],
  listRightMoves: ({ fen }, moves) => (moves.length > 0 ? [] : toTexts(listSafeMoves(getPosition(fen)))),
});

function listSafeMoves(position: Position): Move[] {
  return listLegalMoves(position).filter((move) => listMatesAfter(position, move).length === 0);
}
