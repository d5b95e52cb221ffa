/** Family `mate-in-one`: any move that mates is right. */
import type { Side } from '../../../board';
import { z } from 'zod/mini';
import { getPosition } from '../../../notation';
import { isCheck, listLegalMoves, playMove } from '../../../rules';
import { firstMove, judgeFirstMove, type NotLegalNote } from '../../answers/firstMove';
import { tagMiss } from '../../answers/missGeometry';
import { defineFamily } from '../../family/family';
import { isMatingMove, listMatingMoves, sceneOfPosition, toTexts } from '../../family/legalTask';
import { RIGHT } from '../../family/verdict';
import type { BoardTask } from '../capturing/theirMen';
import { boardTaskSchema, PARTS } from './boardState';
import { whyNoMate, type NoMateNote } from './whyNoMate';

export interface MateInOneQuestion {
  readonly code: 'mate-in-one';
  readonly turn: Side;
}

export const mateInOneFamily = defineFamily<BoardTask, 'play', MateInOneQuestion, NotLegalNote | NoMateNote>({
  ...PARTS,
  id: 'mate-in-one',
  skill: 'mate-in-one',
  answerMode: 'play',
  levels: 4,
  taskSchema: boardTaskSchema.check(
    z.refine(({ fen }) => listMatingMoves(getPosition(fen)).length > 0, 'no mate'),
  ),
  question: ({ fen }) => ({ code: 'mate-in-one', turn: getPosition(fen).turn }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ fen }) => ({ kind: 'play', rules: 'legal', fen }),
  solution: ({ fen }) => firstMove(listMatingMoves(getPosition(fen))),
  judge: ({ fen }, answer) =>
    judgeFirstMove(getPosition(fen), answer, (position, move) =>
      isMatingMove(position, move)
        ? RIGHT
        : tagMiss(whyNoMate(position, move), position, listMatingMoves(position)),
    ),
  /** Moves to choose among, checks above all. */
  measure({ fen }) {
    const position = getPosition(fen);
    const moves = listLegalMoves(position);
    return moves.length + 5 * moves.filter((move) => isCheck(playMove(position, move))).length;
  },
  hints: () => [],
  listRightMoves: ({ fen }, moves) => (moves.length > 0 ? [] : toTexts(listMatingMoves(getPosition(fen)))),
});
