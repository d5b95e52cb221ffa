/** What the seat says to a child. Short, kind, and only what the stored proof holds. */
import { fileOf, makeSquareName, rankOf, type Role, type Side } from '@/core/board';
import { isCheck, findCaptured, findCastlingWing, playMove, type Move, type Position } from '@/core/rules';
import type { Diagnosis } from '@/core/exercises';
import { ROLE_WORDS, SIDE_WORDS } from './words';

/** "Black's rook takes the queen on g7, check." */
export function moveSentence(position: Position, move: Move): string {
  const side = SIDE_WORDS[position.turn];
  const wing = findCastlingWing(position, move);
  const check = isCheck(playMove(position, move)) ? ', check' : '';
  if (wing !== undefined) return `${side} castles ${wing}${check}.`;
  const role: Role = position.board[move.from]?.role ?? 'pawn';
  const captured = findCaptured(position, move);
  const to = makeSquareName(move.to);
  const deed = captured === undefined ? `goes to ${to}` : takesWords(position, move, captured.role);
  const promoted = move.promotion === undefined ? '' : ` and becomes a ${ROLE_WORDS[move.promotion]}`;
  return `${side}'s ${ROLE_WORDS[role]} ${deed}${promoted}${check}.`;
}

/** En passant takes a man that does not stand where the pawn lands, so both squares are said. */
function takesWords({ board }: Position, { from, to }: Move, role: Role): string {
  const name = makeSquareName(to);
  if (board[to] !== undefined) return `takes the ${ROLE_WORDS[role]} on ${name}`;
  const victim = makeSquareName(rankOf(from) * 8 + fileOf(to));
  return `takes the ${ROLE_WORDS[role]} on ${victim} in passing and goes to ${name}`;
}

/** Why a move is not right; `reply` is the sentence of the defender's move that shows it. */
export function wrongSentence(
  diagnosis: Diagnosis | undefined,
  defender: Side,
  mateInMoves: number,
  reply: string | undefined,
): string {
  const shown = reply === undefined ? '' : `${reply} `;
  switch (diagnosis) {
    case 'stalemate':
      return `${SIDE_WORDS[defender]} has no move and is not in check: stalemate. That is a draw.`;
    case 'slower':
      return `${shown}That wins too, but slower. Can you find mate in ${mateInMoves}?`;
    default:
      return `${shown}Now the mate in ${mateInMoves} is gone.`;
  }
}

/** Said when the goal is reached. */
export function rightSentence(mateInMoves: number): string {
  return mateInMoves === 1 ? 'Yes, checkmate.' : `Yes, checkmate in ${mateInMoves}.`;
}
