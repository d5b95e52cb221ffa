/** What a note says, drawn: an arrow from the man that does it to the square it does it on. */
import type { Note, Scene } from '@/core/exercises';
import { getMan } from '@/core/board';
import type { DiagramArrow } from '@/drawing';
import { listShownNotes } from './AnswerFrame';
import type { Answering } from './ExercisePlayer';

/** The arrows of the sentences that are told now. */
export function arrowsOf(session: Answering): DiagramArrow[] {
  return listShownNotes(session).flatMap((note) => drawNote(note, session.exercise.scene));
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
    case 'missing-option': {
      if (note.reason?.code !== 'gives-check' || scene.turn === undefined) return [];
      const king = scene.board.indexOf(getMan(scene.turn, 'king'));
      return note.reason.squares.map((from) => ({ from, to: king, kind: 'attack' as const }));
    }
    default:
      return [];
  }
}
