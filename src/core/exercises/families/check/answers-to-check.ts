/**
 * Family `answers-to-check`: which of the three answers there are: the king moves away, the checking piece is captured (by the king too),
 * something goes in between (common practice). None of them is mate.
 */
import { z } from 'zod/mini';
import { getPosition } from '../../../notation';
import {
  findKing,
  isCheck,
  isCheckmate,
  listCheckers,
  listLegalMoves,
  type Move,
  type Position,
} from '../../../rules';
import { chooseHints, chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { sceneOfPosition, toSans } from '../../family/legalTask';
import type { BoardTask } from '../capturing/theirMen';
import { boardTaskSchema, PARTS, reasonOfMoves, type MovesLeftReason } from './boardState';
import type { MovesReason, PlainReason } from '../../family/note';

export const CHECK_ANSWERS = ['go-away', 'take', 'put-between', 'none'] as const;

export interface AnswersToCheckQuestion {
  readonly code: 'answers-to-check';
}

type AnswersToCheckReason =
  MovesLeftReason | MovesReason<'moves-do'> | PlainReason<'it-is-mate' | 'nothing-does'>;

export const answersToCheckFamily = defineFamily<
  BoardTask,
  'choose',
  AnswersToCheckQuestion,
  ChoiceNote<AnswersToCheckReason>
>({
  ...PARTS,
  id: 'answers-to-check',
  skill: 'answers-to-check',
  answerMode: 'choose',
  levels: 4,
  taskSchema: boardTaskSchema.check(z.refine(({ fen }) => isCheck(getPosition(fen)), 'not in check')),
  question: () => ({ code: 'answers-to-check' }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: () => ({ kind: 'choose', options: CHECK_ANSWERS, isMultiple: true }),
  solution: ({ fen }) => chooseOptions(listCheckAnswers(getPosition(fen))),
  judge({ fen }, answer) {
    const position = getPosition(fen);
    return compareOptions(listCheckAnswers(position), answer, (option) => {
      if (option === 'none') return isCheckmate(position) ? { code: 'it-is-mate' } : reasonOfMoves(position);
      const moves = listAnswers(position, option);
      return moves.length === 0
        ? { code: 'nothing-does' }
        : { code: 'moves-do', moves: toSans(position, moves) };
    });
  },
  measure({ fen }) {
    const position = getPosition(fen);
    return position.board.filter((man) => man !== undefined).length + listLegalMoves(position).length;
  },
  hints: ({ fen }) => chooseHints(CHECK_ANSWERS, listCheckAnswers(getPosition(fen))),
});

/** The legal answers of one kind. */
function listAnswers(position: Position, kind: string): Move[] {
  const checkers = listCheckers(position);
  const king = findKing(position.board, position.turn);
  const takes = ({ to, from }: Move) =>
    checkers.includes(to) || (to === position.enPassant && position.board[from]?.role === 'pawn');
  return listLegalMoves(position).filter((move) => {
    if (takes(move)) return kind === 'take';
    return kind === (move.from === king ? 'go-away' : 'put-between');
  });
}

function listCheckAnswers(position: Position): string[] {
  const kinds = ['go-away', 'take', 'put-between'].filter((kind) => listAnswers(position, kind).length > 0);
  return kinds.length === 0 ? ['none'] : kinds;
}
