/** What the seat says to a child. Short, kind, and only what the stored proof holds. */
import { fileOf, makeSquareName, rankOf, type Role, type Side } from '@/core/board';
import {
  isCheck,
  isCheckmate,
  findCaptured,
  findCastlingWing,
  playMove,
  type Move,
  type Position,
} from '@/core/rules';
import type { StoredFate } from '@/core/puzzles';
import type { RoundReason } from '@/core/progress';
import { countWords, listWords, SIDE_WORDS } from './words';
import { type Terms, spoken, type Spoken } from './terms';

/** "Black's rook takes the queen on g7, check." */
export function moveSentence(position: Position, move: Move, terms: Terms): Spoken {
  const side = SIDE_WORDS[position.turn];
  const wing = findCastlingWing(position, move);
  const after = playMove(position, move);
  const check = isCheckmate(after) ? `, ${terms.one('checkmate')}` : isCheck(after) ? ', check' : '';
  if (wing !== undefined) return spoken(`${side} ${terms.many('castle')} ${wing}${check}.`);
  const role: Role = position.board[move.from]?.role ?? 'pawn';
  const captured = findCaptured(position, move);
  const to = makeSquareName(move.to);
  const deed = captured === undefined ? `goes to ${to}` : takesWords(position, move, captured.role, terms);
  const promoted = move.promotion === undefined ? '' : ` and becomes ${terms.a(move.promotion)}`;
  return spoken(`${side}'s ${terms.one(role)} ${deed}${promoted}${check}.`);
}

/** En passant takes a man that does not stand where the pawn lands, so both squares are said. */
function takesWords({ board }: Position, { from, to }: Move, role: Role, terms: Terms): string {
  const name = makeSquareName(to);
  if (board[to] !== undefined) return `${terms.many('capture')} the ${terms.one(role)} on ${name}`;
  const victim = makeSquareName(rankOf(from) * 8 + fileOf(to));
  return `${terms.many('capture')} the ${terms.one(role)} on ${victim} ${terms.one('in-passing')} and goes to ${name}`;
}

interface WrongMove {
  /** Of a mate's verdict, by its code. */
  readonly diagnosis: string | undefined;
  readonly fate: StoredFate | undefined;
  readonly defender: Side;
  readonly mateInMoves: number;
  /** What the other side answers, in words. */
  readonly reply: string | undefined;
  readonly isReplyCapture: boolean;
  /** What is lost along the line, in words. */
  readonly taken: string;
}

/** Why a move is not right, in one sentence that fits the one reply on the board. How far it is known, the coach's pages say. */
export function wrongSentence(wrong: WrongMove, terms: Terms): Spoken {
  const { diagnosis, fate, defender, mateInMoves, reply, isReplyCapture, taken } = wrong;
  const side = SIDE_WORDS[defender];
  switch (diagnosis) {
    case 'stalemate':
      return spoken(`${side} has no move and is not in check: ${terms.one('stalemate')}, a draw.`);
    case 'draws':
      return spoken(join(reply, isOnlySeen(fate) ? `now ${side} can get a draw` : 'now it is a draw'));
    case 'slower':
      return spoken('That mates too, but there is a quicker way.');
    case 'gets-mated':
      return spoken(
        isMatedAtOnce(fate) && reply !== undefined
          ? reply
          : join(reply, `now ${side} can ${terms.one('checkmate')} you`),
      );
    case 'loses-men':
      if (reply !== undefined && isReplyCapture) return spoken(reply);
      return spoken(
        join(reply, taken === '' ? 'now you lose something' : lowerFirst(taken).replace(/\.$/, '')),
      );
    default:
      return spoken(join(reply, `the mate in ${mateInMoves} is gone`));
  }
}

/** Not proved: the other side may have something else. */
const isOnlySeen = (fate: StoredFate | undefined) =>
  fate !== undefined && 'seenPlies' in fate && fate.seenPlies !== undefined;

const isMatedAtOnce = (fate: StoredFate | undefined) => fate?.kind === 'mated' && fate.inMoves === 1;

/** "Black's queen goes to e8: now it is a draw." */
function join(reply: string | undefined, words: string): string {
  if (reply !== undefined) return `${reply.replace(/\.$/, '')}: ${words}.`;
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}.`;
}

const lowerFirst = (text: string) => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;

/** Said when the whole line that refutes a move has been played, to this position. */
export function refutedSentence(wrong: WrongMove, end: Position): Spoken {
  const { diagnosis, fate, defender, mateInMoves, taken } = wrong;
  if (isCheckmate(end)) return spoken(`${SIDE_WORDS[defender]} has checkmated you.`);
  if (diagnosis === 'draws') return spoken(isOnlySeen(fate) ? 'It can end in a draw.' : 'That is a draw.');
  return spoken(taken === '' ? `The mate in ${mateInMoves} is gone.` : taken);
}

/** Said when the goal is reached in so many moves, on the board or but for pointless blocks; `called` is the mate's name in words. */
export function rightSentence(mateInMoves: number, isMate: boolean, called = '', terms: Terms): Spoken {
  if (!isMate) return spoken(`Yes. Only pointless blocks are left: that counts as mate in ${mateInMoves}.`);
  const head =
    mateInMoves === 1
      ? `Yes, ${terms.one('checkmate')}.`
      : `Yes, ${terms.one('checkmate')} in ${mateInMoves}.`;
  return spoken(`${head} ${called}`.trim());
}

/** Of answers that are still on the device, on the child's home. */
export function unsentText(count: number, trouble: 'offline' | 'sign-in' | 'failed'): string {
  const waiting = `${countWords(count, 'answer')} ${count === 1 ? 'is' : 'are'} still on this device.`;
  const they = count === 1 ? 'It' : 'They';
  switch (trouble) {
    case 'offline':
      return `${waiting} No connection right now. ${they} will be sent later.`;
    case 'sign-in':
      return `${waiting} Sign in again to send ${count === 1 ? 'it' : 'them'}.`;
    case 'failed':
      return `${waiting} ${they} could not be saved yet. We will try again.`;
  }
}

/** Said before a child leaves whose answers could not be sent. */
export function leaveUnsentText(count: number): string {
  const [is, them] = count === 1 ? ['is', 'it'] : ['are', 'them'];
  return `${countWords(count, 'answer')} ${is} not sent yet. This device keeps ${them} safe. Sign in here again to send ${them}.`;
}

/** Why a task is in a child's next round. */
export const SEAT_REASON_WORDS: Readonly<Record<RoundReason, string>> = {
  due: 'Once more',
  class: 'What your class is learning',
  stretch: 'Something new',
};

/** More names than these are not read. */
const MOST_NAMES = 4;

/** What was right at the first try, by name. */
export function wentWellText(names: readonly string[], hasStumbled: boolean): string {
  if (!hasStumbled) return 'Every first answer was right.';
  if (names.length === 0) return 'You kept trying until it worked.';
  return `Right first time: ${listWords(names.slice(0, MOST_NAMES).map((name) => `“${name}”`))}.`;
}
