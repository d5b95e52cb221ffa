/** Family `is-safe-move`: does this move allow a mate at once? */
import type { Side } from '../../../board';
import { z } from 'zod/mini';
import { getPosition, makeSan } from '../../../notation';
import { isCheck, listLegalMoves, playMove, type Move, type Position } from '../../../rules';
import { chooseOptions, compareWithReason, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import {
  findLegalMove,
  listMatingMoves,
  positionTextSchema,
  sceneOfPosition,
  toSans,
} from '../../family/legalTask';
import { PARTS } from './boardState';
import type { MovesReason, PlainReason } from '../../family/note';

export const safeMoveTaskSchema = z
  .object({ fen: positionTextSchema, move: z.string() })
  .check(z.refine(({ fen, move }) => findLegalMove(getPosition(fen), move) !== undefined, 'not a move'));

export type SafeMoveTask = z.infer<typeof safeMoveTaskSchema>;

export const SAFE_OPTIONS = ['allows-mate', 'allows-none'] as const;

export interface IsSafeMoveQuestion {
  readonly code: 'is-safe-move';
  readonly turn: Side;
  readonly move: string;
}

export const isSafeMoveFamily = defineFamily<
  SafeMoveTask,
  'choose',
  IsSafeMoveQuestion,
  ChoiceNote<MovesReason<'mates'> | PlainReason<'nothing-does'>>
>({
  ...PARTS,
  id: 'is-safe-move',
  skill: 'seeing-mate',
  answerMode: 'choose',
  levels: 3,
  taskSchema: safeMoveTaskSchema,
  question({ fen, move }) {
    const position = getPosition(fen);
    return {
      code: 'is-safe-move',
      turn: position.turn,
      move: makeSan(position, getLegalMove(position, move)),
    };
  },
  scene: ({ fen, move }) => sceneOfPosition(fen, { trace: getLegalMove(getPosition(fen), move) }),
  ask: () => ({ kind: 'choose', options: SAFE_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([listMates(task).length > 0 ? 'allows-mate' : 'allows-none']),
  judge(task, answer) {
    const mates = listMates(task);
    return compareWithReason(mates.length > 0 ? 'allows-mate' : 'allows-none', answer, () =>
      mates.length > 0 ? { code: 'mates', moves: mates } : { code: 'nothing-does' },
    );
  },
  /** Checks the other side has, for each has to be looked at. */
  measure({ fen, move }) {
    const position = getPosition(fen);
    const after = playMove(position, getLegalMove(position, move));
    const replies = listLegalMoves(after);
    return replies.length + 5 * replies.filter((reply) => isCheck(playMove(after, reply))).length;
  },
  hints: () => [],
});

function listMates({ fen, move }: SafeMoveTask): string[] {
  const position = getPosition(fen);
  const after = playMove(position, getLegalMove(position, move));
  return toSans(after, listMatingMoves(after));
}

function getLegalMove(position: Position, text: string): Move {
  const move = findLegalMove(position, text);
  if (move === undefined) throw new Error('a parsed task has a legal move');
  return move;
}
