import type { Square } from '../board';
import type { TapNote, TapVerdict } from './family';

/** Compares marks with the right squares and asks for a note on each difference. */
export function compareMarks(
  solution: readonly Square[],
  marks: readonly Square[],
  noteExtra: (square: Square) => TapNote,
  noteMissed: (square: Square) => TapNote,
): TapVerdict {
  const marked = [...new Set(marks)].sort((one, other) => one - other);
  const right = marked.filter((square) => solution.includes(square));
  const extra = marked.filter((square) => !solution.includes(square));
  const missed = solution.filter((square) => !marked.includes(square));
  return {
    outcome: extra.length === 0 && missed.length === 0 ? 'right' : 'wrong',
    right,
    extra,
    missed,
    notes: [...extra.map(noteExtra), ...missed.map(noteMissed)],
  };
}
