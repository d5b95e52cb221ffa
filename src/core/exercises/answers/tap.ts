import type { Square } from '../../board';
import type { AnswerOf } from '../family/answer';
import type { Hint } from '../family/question';
import type { FamilyNote } from '../family/note';
import { RIGHT, wrongFor, type Verdict } from '../family/verdict';

/** Compares marks with the right squares and asks for a note on each difference, the extra ones first. */
export function compareMarks<const Extra extends FamilyNote, const Missed extends FamilyNote>(
  solution: readonly Square[],
  { marks }: AnswerOf<'tap'>,
  noteExtra: (square: Square) => Extra,
  noteMissed: (square: Square) => Missed,
): Verdict<Extra | Missed> {
  const marked = [...new Set(marks.map(({ square }) => square))].sort((one, other) => one - other);
  const right = marked.filter((square) => solution.includes(square));
  const extra = marked.filter((square) => !solution.includes(square));
  const missed = solution.filter((square) => !marked.includes(square));
  if (extra.length === 0 && missed.length === 0) return { ...RIGHT, right };
  return wrongFor<Extra | Missed>([...extra.map(noteExtra), ...missed.map(noteMissed)], {
    right,
    extra,
    missed,
  });
}

/** These squares as an answer. */
export function tapSquares(squares: readonly Square[]): AnswerOf<'tap'> {
  return { kind: 'tap', marks: squares.map((square) => ({ square })) };
}

/** How many there are, then one of them. */
export function tapHints(solution: readonly Square[]): Hint[] {
  const [first] = solution;
  return [
    { kind: 'count', count: solution.length },
    ...(first === undefined || solution.length < 2 ? [] : [{ kind: 'man' as const, square: first }]),
  ];
}
