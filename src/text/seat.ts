/** What the seat says to a child. Short, kind, and only what the stored proof holds. */
import { fileOf, makeSquareName, rankOf, type Role, type Side } from '@/core/board';
import { isCheck, findCaptured, findCastlingWing, playMove, type Move, type Position } from '@/core/rules';
import type { Diagnosis } from '@/core/exercises';
import type { PatternMatch } from '@/core/patterns';
import type { StoredFate } from '@/core/puzzles';
import { certaintyText, seenText } from './fates';
import { PATTERN_WORDS } from './patternBook';
import { listWords, ROLE_WORDS, SIDE_WORDS } from './words';

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

/** Why a move is not right, as far as it is known. */
export function wrongSentence(wrong: {
  readonly diagnosis: Diagnosis | undefined;
  readonly fate: StoredFate | undefined;
  readonly defender: Side;
  readonly mateInMoves: number;
  /** What the other side answers, in words. */
  readonly reply: string | undefined;
  /** What is lost along the line, in words. */
  readonly taken: string;
}): string {
  const { diagnosis, fate, defender, mateInMoves, taken } = wrong;
  const shown = wrong.reply === undefined ? '' : `${wrong.reply} `;
  const certainty = certaintyText(fate);
  switch (diagnosis) {
    case 'stalemate':
      return `${SIDE_WORDS[defender]} has no move and is not in check: stalemate. That is a draw.`;
    case 'draws':
      return `${shown}That comes to a draw. ${certainty}`;
    case 'slower':
      return `${shown}That mates too, but there is a quicker way. Can you find mate in ${mateInMoves}?`;
    case 'gets-mated':
      return `${shown}Now ${SIDE_WORDS[defender]} can mate. ${certainty}`;
    case 'loses-men':
      return `${shown}${taken === '' ? 'Now you lose men.' : taken} ${certainty}`;
    default:
      return `${shown}Now the mate in ${mateInMoves} is gone${goneWords(fate)}.`;
  }
}

/** The mate being gone is proved; a line that goes on behind it was only seen. */
function goneWords(fate: StoredFate | undefined): string {
  if (fate === undefined) return '';
  return fate.kind === 'material'
    ? `: that is proved. The moves after it are ${seenText(fate.seenPlies)}`
    : ': that is proved';
}

/** Said when the goal is reached in so many moves, on the board or but for pointless blocks; a mate with a name is called by it. */
export function rightSentence(
  mateInMoves: number,
  isMate: boolean,
  names: readonly PatternMatch[] = [],
  ours: readonly string[] = [],
): string {
  if (!isMate) return `Yes. Only pointless blocks are left: that counts as mate in ${mateInMoves}.`;
  const name = names.find(({ reading }) => reading === 'strict');
  const called = name === undefined ? '' : ` It is called: ${PATTERN_WORDS[name.id].name}.`;
  const calledHere = ours.length === 0 ? '' : ` We call it: ${listWords(ours)}.`;
  return `${mateInMoves === 1 ? 'Yes, checkmate.' : `Yes, checkmate in ${mateInMoves}.`}${called}${calledHere}`;
}
