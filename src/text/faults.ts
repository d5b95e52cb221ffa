/** A sentence for each fault code: what is wrong, where, and what to do. */
import { makeSquareName, opponentOf, type Square } from '@/core/board';
import type { ServiceFault } from '@/contracts/faults';
import type { FenField } from '@/core/notation';
import { assertNever } from '@/core/shared';
import { countWords, listWords, SIDE_WORDS } from './words';

const FIELD_HELP: Readonly<Record<Exclude<FenField, 'board'>, string>> = {
  side: 'The second part says whose move it is: w or b',
  castling: 'The third part says who may still castle: letters KQkq in this order, or a dash',
  'en-passant': 'The fourth part is the square a pawn has just crossed, such as e3 or d6, or a dash',
  'half-moves': 'The fifth part counts half moves since a capture or pawn move: a number from 0',
  'move-number': 'The sixth part is the number of the move: a number from 1',
};

/** The sentence a coach or child reads. */
export function faultText(fault: ServiceFault): string {
  switch (fault.code) {
    case 'fen/empty':
      return 'There is no text to read. Paste a FEN.';
    case 'fen/too-long':
      return `This text has ${fault.found} letters; a FEN has at most ${fault.most}. Paste one position only.`;
    case 'fen/field-count':
      return `A FEN has 6 parts with spaces between them (4 are enough); this text has ${fault.found}.`;
    case 'fen/rank-count':
      return `The board needs 8 rows with "/" between them; this text has ${fault.found}.`;
    case 'fen/rank-length':
      return `Row ${fault.at} of the board has ${countWords(fault.found, 'square')}; it needs 8.`;
    case 'fen/board-letter':
      return `"${fault.found}" at place ${fault.at} of the board is not a piece. Pieces are K Q R B N P for White, k q r b n p for Black.`;
    case 'fen/field-text':
      return `${FIELD_HELP[fault.field]}. Here it says "${fault.found}".`;
    case 'epd/operation':
      return `Operation ${fault.at} is not an opcode with a semicolon at its end: "${fault.found}".`;
    case 'position/no-king':
      return `${SIDE_WORDS[fault.side]} has no king. Put one on the board.`;
    case 'position/many-kings':
      return `${SIDE_WORDS[fault.side]} has ${fault.squares.length} kings, on ${squareList(fault.squares)}. Leave one.`;
    case 'position/kings-touch':
      return `The kings on ${squareList(fault.squares)} touch. There must be a square between them.`;
    case 'position/pawn-on-edge':
      return `A ${fault.side} pawn is on ${makeSquareName(fault.square)}. Pawns are never on the first or last rank.`;
    case 'position/too-many-men':
      return `${SIDE_WORDS[fault.side]} has ${fault.found} pieces and pawns; an army has 16.`;
    case 'position/too-many-pawns':
      return `${SIDE_WORDS[fault.side]} has ${fault.found} pawns; an army has 8.`;
    case 'position/too-many-promoted':
      return `${SIDE_WORDS[fault.side]} would need ${countWords(fault.found, 'promoted pawn')}, but only ${countWords(fault.most, 'pawn is', 'pawns are')} gone.`;
    case 'position/waiting-side-in-check':
      return `${SIDE_WORDS[fault.side]} is in check from ${squareList(fault.by)}, but it is ${SIDE_WORDS[opponentOf(fault.side)]}'s move. Change whose move it is, or move a piece.`;
    case 'position/too-many-checkers':
      return `${SIDE_WORDS[fault.side]} is in check from ${fault.by.length} pieces at once, on ${squareList(fault.by)}. No move can do that.`;
    case 'position/castling-men-moved':
      return `${SIDE_WORDS[fault.side]} cannot castle ${fault.wing}: king and rook are not on their first squares.`;
    case 'position/en-passant-impossible':
      return `No pawn can just have passed ${makeSquareName(fault.square)}.`;
    case 'input/not-valid':
      return `Please look again at: ${fault.fields.join(', ')}.`;
    case 'access/not-signed-in':
      return 'You are not signed in any more. Sign in again; what you were doing is kept.';
    case 'access/not-allowed':
      return 'This belongs to somebody else.';
    case 'sign-in/wrong':
      return 'That was not right. Try again.';
    case 'sign-in/too-many-tries':
      return `Too many tries. Wait ${waitWords(fault.waitSeconds)}, then try again.`;
    case 'join/no-such-code':
      return 'No class has this code. Look at it once more, letter by letter.';
    case 'join/not-in-class':
      return 'This name is not in the class now. Ask your coach.';
    case 'set-up/wrong-code':
      return 'This is not the code from the terminal. Look at it once more.';
    case 'set-up/done-already':
      return 'This installation has been set up already. Sign in instead.';
    case 'puzzle/no-mate':
      return `There is no mate in ${fault.within} or fewer here, so this is not a mate puzzle.`;
    case 'movetext/too-long':
      return `This text has ${fault.found} letters; ${fault.most} are read at most. Paste one solution only.`;
    case 'movetext/empty':
      return 'There is no move to read. Write the solution, such as 1 Qg6 hxg6 2 Rh3#.';
    case 'movetext/open-comment':
      return `The comment that begins at letter ${fault.at + 1} has no closing brace.`;
    case 'movetext/open-bracket':
      return `The bracket at letter ${fault.at + 1} is not closed.`;
    case 'movetext/stray-bracket':
      return `The bracket at letter ${fault.at + 1} belongs to no move.`;
    case 'movetext/too-deep':
      return `At letter ${fault.at + 1} too many brackets stand inside each other.`;
    case 'puzzle/uncertified':
      return `There is a mate in ${fault.mateInMoves}, but its shortest length was not proved twice in the time allowed. It was not stored.`;
    case 'puzzle/undecided':
      return fault.noMateWithin === 0
        ? 'This position was too hard to decide in time, so it was not stored.'
        : `There is no mate in ${fault.noMateWithin} or fewer; beyond that it was too hard to decide in time, so it was not stored.`;
    case 'pattern/no-mate':
      return 'This is no mate, so it has no picture.';
    case 'pattern/double-check':
      return 'Two pieces give check here. A picture has one piece that mates.';
    case 'pattern/too-many-men':
      return 'That is too much for one picture: mark at most six pieces.';
    case 'pattern/name-taken':
      return 'Another mate of your club has this name already.';
    case 'set/empty':
      return 'This set has no puzzles yet. Add one on the Desk, then give it.';
    case 'set/changed':
      return 'Somebody has changed this set meanwhile. Load the page again; nothing was changed.';
    case 'set/has-twin':
      return 'That puzzle is in this set already. Nothing was changed.';
    case 'set/no-equal':
      return 'The library holds no other puzzle as long and as hard that is new here. Compose some, then try again.';
    case 'set/castling-side':
      return 'Left and right cannot be exchanged here: a king may still castle.';
    case 'puzzle/not-found':
      return 'One of these puzzles is not there any more. Load the page again; nothing was changed.';
    case 'set/not-found':
      return 'This set is not there. Somebody may have deleted it.';
    case 'class/not-found':
      return 'This class is not there, or it is not one of yours.';
    case 'game/not-found':
      return 'This game is not there. Somebody may have deleted it.';
    case 'game/not-legal':
      return `Move ${Math.floor(fault.ply / 2) + 1} of this game is not legal. It was not stored.`;
    case 'path/not-open':
      return 'This is not open yet. Ask your coach.';
    case 'answer/another-mode':
      return 'This answer does not belong to this exercise.';
    case 'exercise/no-such-level':
      return 'This exercise has no such level.';
    case 'exercise/asks-nothing':
      return 'This mate is too short for that: one move has no order and no line.';
    case 'password/weak':
      return 'This password is too easy to guess. Take three or four words that have nothing to do with each other.';
    case 'password/old-wrong':
      return 'The old password is wrong. Nothing was changed.';
    case 'round/gone':
      return 'This set is no longer there for you. Go back and choose another one.';
    case 'round/not-found':
      return 'This set does not lie on your place any more. Go back and choose another one.';
    case 'term/none':
      return 'The club has no term yet.';
    case 'term/not-found':
      return 'This term is not there.';
    case 'term/ends-before-it-starts':
      return 'The last day comes before the first one. Nothing was changed.';
    case 'term/overlaps':
      return `These days lie partly in ${fault.name}. A club has one term at a time.`;
    case 'coach/sign-in-name-taken':
      return 'Somebody signs in by this name already. Choose another one.';
    case 'student/other-name':
      return 'That is not the name of this child. Nothing was erased.';
    case 'email/not-found':
      return 'This email is not in the outbox any more.';
    case 'report/nobody':
      return 'There is nobody to write this for yet.';
    case 'plan/not-found':
      return 'This plan is not there. Somebody may have deleted it.';
    case 'plan/no-moves':
      return `No moves can be read in “${fault.line}”. The plan was not saved.`;
    case 'plan/changed':
      return 'Somebody has saved this plan meanwhile. Load the page again to see it; copy what you have written before.';
    case 'plan/nothing-to-practise':
      return 'The plan of this lesson holds no exercises and no set to catch up with.';
    case 'lesson/not-found':
      return 'This lesson is not there.';
    case 'live/not-found':
      return 'This lesson is not at the board any more.';
    case 'live/no-such-move':
      return 'That move is not possible in the position that was asked about.';
    case 'lesson/no-such-days':
      return 'Between these days lies no lesson: the last day comes first, none of them is such a weekday, or all are holidays.';
    case 'lesson/too-many':
      return `More than ${fault.most} lessons at once. Choose fewer weeks.`;
    case 'roster/changed':
      return 'A child is in another class by now. Load the page again; nobody was moved.';
    case 'roster/change-not-found':
      return 'This change is not there.';
    case 'roster/too-late-to-undo':
      return 'This can no longer be undone: there is work in a new class, or a child has been moved again. Move the children by hand.';
    case 'roster/unreadable':
      return `The list cannot be read from line ${fault.line} on: a quotation mark is opened there and not closed, or a row has too few fields.`;
    case 'roster/no-names':
      return 'No column of names was found. The first row should hold the word "name", or each row only a name.';
    case 'roster/too-long':
      return `That is more than ${fault.most} rows. Bring the list in by parts.`;
    case 'workers/busy':
      return 'Many positions are being proved right now. Try again in a moment.';
    default:
      return assertNever(fault);
  }
}

function squareList(squares: readonly Square[]): string {
  return listWords(squares.map(makeSquareName));
}

function waitWords(seconds: number): string {
  return seconds < 90 ? countWords(seconds, 'second') : countWords(Math.ceil(seconds / 60), 'minute');
}
