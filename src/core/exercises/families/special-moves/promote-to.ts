/**
 * Family `promote-to`: which pieces may the pawn become so that it gives mate, or so that it is not stalemate (FIDE Laws of Chess, article
 * 3.7.3.3), or so that it forks: cannot be captured, and attacks at once two men that are each the king or worth more than itself (by the
 * usual points). Every such piece is right.
 */
import { z } from 'zod/mini';
import { MAN_VALUES, opponentOf, PROMOTION_ROLES, type Square } from '../../../board';
import { getPosition, makeSan } from '../../../notation';
import { findOutcome, listAttackers, listLegalMoves, playMove, type Position } from '../../../rules';
import { chooseHints, chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { squareSchema } from '../../family/answer';
import { defineFamily } from '../../family/family';
import { isMatingMove, positionTextSchema, sceneOfPosition } from '../../family/legalTask';
import type { MovesReason, SquaresReason } from '../../family/note';
import { findState, reasonOfMoves, whyState, type StateReason } from '../check/boardState';

export const PROMOTION_GOALS = ['mate', 'no-stalemate', 'fork'] as const;

const promotionShape = z.object({
  fen: positionTextSchema,
  from: squareSchema,
  to: squareSchema,
  goal: z.enum(PROMOTION_GOALS),
});

type PromotionTask = z.infer<typeof promotionShape>;

const promotionTaskSchema = promotionShape.check(
  z.refine((task) => {
    const right = listRightRoles(task).length;
    // That nothing is stalemate is an answer too; else everybody would always leave the queen out.
    return right > 0 && (task.goal === 'no-stalemate' || right < PROMOTION_ROLES.length);
  }, 'nothing to choose'),
);

export interface PromoteToQuestion {
  readonly code: 'promote-to';
  readonly square: Square;
  readonly goal: 'mate' | 'no-stalemate' | 'fork';
}

type PromoteToReason = StateReason | MovesReason<'is-taken-by'> | SquaresReason<'attacks'>;

export const promoteToFamily = defineFamily<
  PromotionTask,
  'choose',
  PromoteToQuestion,
  ChoiceNote<PromoteToReason>
>({
  id: 'promote-to',
  version: 1,
  stage: 'special-moves',
  skill: 'promotion',
  answerMode: 'choose',
  levels: 4,
  taskSchema: promotionTaskSchema,
  question: ({ to, goal }) => ({ code: 'promote-to', square: to, goal }),
  scene: ({ fen, from, to }) => sceneOfPosition(fen, { asked: [from], trace: { from, to } }),
  ask: () => ({ kind: 'choose', options: PROMOTION_ROLES, isMultiple: true }),
  solution: (task) => chooseOptions(listRightRoles(task)),
  judge: (task, answer) =>
    compareOptions(listRightRoles(task), answer, (option) => reasonOfRole(task, option)),
  measure(task) {
    const men = getPosition(task.fen).board.filter((man) => man !== undefined).length;
    if (listRightRoles(task).includes('queen')) return men;
    return men + { 'no-stalemate': 20, mate: 40, fork: 60 }[task.goal];
  },
  hints: (task) => chooseHints(PROMOTION_ROLES, listRightRoles(task)),
});

/** What the other side has left once the pawn has become this. */
function reasonOfRole({ fen, from, to, goal }: PromotionTask, option: string): PromoteToReason | undefined {
  const position = getPosition(fen);
  const move = listLegalMoves(position).find(
    (one) => one.from === from && one.to === to && one.promotion === option,
  );
  if (move === undefined) return undefined;
  const after = playMove(position, move);
  if (goal === 'fork') return reasonOfFork(after, to);
  const state = findState(after);
  return state === 'mate' || state === 'stalemate' ? whyState(after, state) : reasonOfMoves(after);
}

function listRightRoles({ fen, from, to, goal }: PromotionTask): string[] {
  const position = getPosition(fen);
  return listLegalMoves(position)
    .filter((move) => move.from === from && move.to === to && move.promotion !== undefined)
    .filter((move) => {
      if (goal === 'mate') return isMatingMove(position, move);
      const after = playMove(position, move);
      return goal === 'fork' ? forks(after, to) : findOutcome(after)?.kind !== 'stalemate';
    })
    .flatMap(({ promotion }) => promotion ?? []);
}

/** The new man attacks two men that are each the king or worth more than itself, and nobody can take it. */
function forks(after: Position, square: Square): boolean {
  return !listLegalMoves(after).some(({ to }) => to === square) && listForked(after, square).length > 1;
}

function listForked({ board, turn }: Position, square: Square): Square[] {
  const own = board[square];
  if (own === undefined) return [];
  return board.flatMap((man, at) => {
    const isWorthy =
      man?.side === turn && (man.role === 'king' || MAN_VALUES[man.role] > MAN_VALUES[own.role]);
    return isWorthy && listAttackers(board, at, opponentOf(turn)).includes(square) ? [at] : [];
  });
}

/** Which men it attacks, or that it can be taken. */
function reasonOfFork(after: Position, square: Square): PromoteToReason {
  const taking = listLegalMoves(after).find(({ to }) => to === square);
  if (taking !== undefined) return { code: 'is-taken-by', moves: [makeSan(after, taking)] };
  return { code: 'attacks', squares: listForked(after, square) };
}
