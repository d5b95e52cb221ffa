/** What a note says, drawn: an arrow from the man that does it to the square it does it on. */
import { getMan } from '@/core/board';
import type { Note, Reason, Scene } from '@/core/exercises';
import { parseSan } from '@/core/notation';
import { checkPosition, EMPTY_DRAFT } from '@/core/rules';
import type { DiagramArrow } from '@/drawing';
import { listShownNotes } from './AnswerFrame';
import type { Answering } from './answering';

/** The arrows of the sentences that are told now. */
export function arrowsOf(session: Answering): DiagramArrow[] {
  return listShownNotes(session).flatMap((note) =>
    // A code means the same in every family; one that is not listed below draws nothing.
    drawNote(note as Note, session.exercise.scene),
  );
}

function drawNote(note: Note, scene: Scene): DiagramArrow[] {
  switch (note.code) {
    case 'protected':
    case 'is-guarded':
    case 'guarded-through-king':
    case 'can-be-taken':
    case 'takes-back':
      return [{ from: note.by, to: note.square, kind: 'attack' }];
    case 'missed':
      return [{ from: note.from, to: note.square, kind: 'idea' }];
    case 'has-a-way':
      return [{ from: note.square, to: note.target, kind: 'idea' }];
    case 'would-attack':
      return [{ from: note.square, to: note.target, kind: 'attack' }];
    case 'wrong-option':
    case 'missing-option':
      return note.reason === undefined ? [] : drawReason(note.reason, scene);
    default:
      return [];
  }
}

/** More arrows than these hide the men. */
const MOST_MOVES = 4;

/** Who gives check, or the moves that there are; moves of a later turn are not on this board. */
function drawReason(reason: Reason, { board, turn }: Scene): DiagramArrow[] {
  if (turn === undefined) return [];
  switch (reason.code) {
    case 'gives-check': {
      const king = board.indexOf(getMan(turn, 'king'));
      return reason.squares.map((from) => ({ from, to: king, kind: 'attack' }));
    }
    case 'moves-do':
    case 'can-move': {
      const position = checkPosition({ ...EMPTY_DRAFT, board, turn });
      if (!position.ok) return [];
      return reason.moves.slice(0, MOST_MOVES).flatMap((san): DiagramArrow[] => {
        const move = parseSan(position.value, san);
        return move.ok ? [{ from: move.value.from, to: move.value.to, kind: 'idea' }] : [];
      });
    }
    default:
      return [];
  }
}
