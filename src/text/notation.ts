/** How a written move was read, in words a child understands: what is meant, how it is written, or what stands against it. */
import { makeSquareName, type Square } from '@/core/board';
import type { NotationDiagnosis, NotationReason, ReadMove } from '@/core/notation';
import { findCaptured, type Move, type Position } from '@/core/rules';
import { SIDE_WORDS } from './words';
import { capital, type Terms } from './terms';

/** "I read Nxd5. The knight captures the pawn on d5: an x belongs before d5." */
export function readMoveText(position: Position, read: ReadMove, terms: Terms): string {
  switch (read.kind) {
    case 'exact':
      return `${read.san}: written correctly.`;
    case 'tolerable':
      return [
        `I read ${read.san}.`,
        ...read.diagnoses.map((code) => remarkText(position, read, code, terms)),
      ].join(' ');
    case 'wrong':
      return reasonText(position, read.reason, terms);
  }
}

function manOn({ board }: Pick<Position, 'board'>, square: Square, terms: Terms): string {
  const man = board[square];
  return `${man === undefined ? 'piece' : terms.one(man.role)} on ${makeSquareName(square)}`;
}

/** One remark on a move that was understood; names its man and square. */
export function remarkText(
  position: Position,
  { move, san }: { readonly move: Move; readonly san: string },
  code: NotationDiagnosis,
  terms: Terms,
): string {
  const role = position.board[move.from]?.role ?? 'pawn';
  const man = terms.one(role);
  const letter = san.charAt(0);
  const from = makeSquareName(move.from);
  const to = makeSquareName(move.to);
  const captured = findCaptured(position, move);
  const step = `The ${man}'s move to ${to}`;
  switch (code) {
    case 'missing-check':
      return `${step} gives check: a + belongs at the end.`;
    case 'missing-mate':
      return `${step} is mate: a # belongs at the end.`;
    case 'false-check':
      return `${step} gives no check: leave the + out.`;
    case 'false-mate':
      return san.endsWith('+')
        ? `${step} is check, not mate: write +.`
        : `${step} is not mate: leave the # out.`;
    case 'double-plus-mate':
      return `${step} is mate: we write # for that.`;
    case 'double-plus':
      return `${step} gives check: one + is enough.`;
    case 'check-sign-for-mate':
      return `${step} is more than check. It is mate: write #.`;
    case 'missing-capture':
      return `The ${man} ${terms.many('capture')} the ${terms.one(captured?.role ?? 'pawn')}: an x belongs before ${to}.`;
    case 'false-capture':
      return `Nothing is ${terms.done('capture')} on ${to}: leave the x out.`;
    case 'capture-sign':
      return `A capture on ${to} is written with an x.`;
    case 'ep-suffix':
      return `${san} is enough: a capture ${terms.one('in-passing')} needs no extra sign.`;
    case 'promotion-form':
      return `The ${terms.one('pawn')} becomes ${terms.a(move.promotion ?? 'queen')} on ${to}: write ${san}.`;
    case 'zero-castling':
      return `Castling is written with the letter O, not with a zero: ${san}.`;
    case 'lower-case-castling':
      return `Castling is written with capital letters: ${san}.`;
    case 'castling-form':
      return `A dash goes between the letters: ${san}.`;
    case 'castling-as-king-move':
      return `The ${terms.one('king')} goes from ${from} to ${to} and the ${terms.one('rook')} goes with it: that is castling, ${san}.`;
    case 'lower-case-piece':
      return `The ${man} is a capital ${letter}; small letters are ${terms.many('file')}.`;
    case 'upper-case-file':
      return `${capital(terms.many('file'))} are small letters: ${to}.`;
    case 'pawn-letter':
      return `${capital(terms.a('pawn'))} has no letter: ${san}.`;
    case 'foreign-letter':
      return `In English letters the ${man} to ${to} is ${san}.`;
    case 'figurine':
      return `With a letter the ${man} to ${to} is ${san}.`;
    case 'reversed-coordinates':
      return `The letter comes first, then the number: ${to}.`;
    case 'long-algebraic':
      return `You don't need to write that the ${man} comes from ${from}: ${san}.`;
    case 'over-disambiguation':
      return `Less is enough to know which ${man} goes to ${to}: ${san}.`;
    case 'non-preferred-disambiguation':
      return `Use the ${terms.one('file')} first to say which ${man} goes to ${to}: ${san}.`;
    case 'short-pawn-capture':
      return `Write the ${terms.one('pawn')}'s ${terms.one('file')} and the whole square: ${san}.`;
    case 'annotation-suffix':
      return `Signs such as ! and ? say how good ${san} is; they are not part of it.`;
    case 'move-number':
      return `The number is not part of the move ${san}.`;
    case 'spacing':
      return `No spaces around or in ${san}.`;
    case 'spoken-words':
      return `In short: ${san}.`;
    case 'trailing-punctuation':
      return `Nothing goes after ${san}.`;
  }
}

/** Why a text was not understood, or may not be played; names the men and squares it is about. */
export function reasonText(
  position: Pick<Position, 'board' | 'turn'>,
  reason: NotationReason,
  terms: Terms,
): string {
  switch (reason.code) {
    case 'empty':
      return 'Nothing is written here yet.';
    case 'not-a-move':
      return 'This does not read as a move.';
    case 'incomplete':
      return 'Something is missing: which piece goes to which square?';
    case 'null-move':
      return 'You have to make a move.';
    case 'more-than-one-move':
      return 'These are several moves. One at a time.';
    case 'no-such-square':
      return `There is no square ${reason.found}: ${terms.many('file')} go from a to h, ${terms.many('rank')} from 1 to 8.`;
    case 'no-such-piece-letter':
      return `No piece has the letter ${reason.found}.`;
    case 'no-such-piece':
      return `${SIDE_WORDS[reason.side]} has no ${terms.one(reason.role)} here.`;
    case 'unreachable':
      return `No ${position.turn} ${terms.one(reason.role)} can go to ${makeSquareName(reason.to)}.`;
    case 'own-piece-on-square':
      return `Your own ${terms.one(reason.own)} is on ${makeSquareName(reason.to)}.`;
    case 'ambiguous':
      return `This can be ${reason.sans.join(' or ')}. Which one?`;
    case 'wrong-disambiguation':
      return `That one cannot go there, another can: ${reason.san}.`;
    case 'pinned':
      return `The ${manOn(position, reason.from, terms)} is pinned by the ${manOn(position, reason.by, terms)}: the ${terms.one('king')} would be ${terms.done('capture')}.`;
    case 'moves-into-check':
      return `The ${terms.one('king')} cannot go to ${makeSquareName(reason.to)}: the ${manOn(position, reason.by, terms)} guards it.`;
    case 'leaves-king-in-check':
      return `The ${manOn(position, reason.by, terms)} gives check, and this move does not answer it.`;
    case 'castling-no-right':
      return `Castling ${reason.wing} is not allowed here: ${terms.one('king')} and ${terms.one('rook')} must be at home and must not have moved.`;
    case 'castling-blocked':
      return `The ${manOn(position, reason.by, terms)} is between ${terms.one('king')} and ${terms.one('rook')}.`;
    case 'castling-through-check':
      return position.board[reason.square]?.role === 'king'
        ? `The ${manOn(position, reason.by, terms)} gives check: no castling now.`
        : `The ${terms.one('king')} cannot ${terms.one('castle')} over or to ${makeSquareName(reason.square)}: the ${manOn(position, reason.by, terms)} guards it.`;
    case 'illegal-en-passant':
      if (reason.landing !== undefined)
        return `The ${terms.one('pawn')} on ${makeSquareName(reason.to)} can be ${terms.done('capture')} ${terms.one('in-passing')}. Your ${terms.one('pawn')} lands on ${makeSquareName(reason.landing)}: write that square.`;
      return `No ${terms.one('pawn')} has just gone past ${makeSquareName(reason.to)} in a double step, so there is nothing to ${terms.one('capture')} there.`;
    case 'illegal-promotion':
      return `On ${makeSquareName(reason.to)} nothing becomes that: ${terms.a('pawn')} on the last ${terms.one('rank')} becomes ${terms.a('queen')}, ${terms.one('rook')}, ${terms.one('bishop')} or ${terms.one('knight')}.`;
    case 'missing-promotion':
      return `The ${terms.one('pawn')} reaches ${makeSquareName(reason.to)}. What does it become? Add =Q, =R, =B or =N.`;
    case 'wrong-side':
      return `It is ${SIDE_WORDS[reason.side]}'s move.`;
  }
}
