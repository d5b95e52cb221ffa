/** Moves of a score sheet with their numbers, counted back from the position in which the next one was played. */
import type { Position } from '../../../rules';

/**
 * "5... Nf6 6. Bc4": the moves of `before`, whatever numbers stand there, and the number of the next move where White plays it. Tasks keep the
 * moves; which numbers they had follows from the position.
 */
export function numberSheet({ turn, fullmoves }: Position, before: string): string {
  const sans = before.split(' ').filter((word) => word !== '' && !/^\d+\.+$/.test(word));
  const next = 2 * (fullmoves - 1) + (turn === 'white' ? 0 : 1);
  const numbered = [...sans, ''].map((san, index) => {
    const ply = next - sans.length + index;
    const number = Math.floor(ply / 2) + 1;
    if (ply % 2 === 0) return `${number}. ${san}`;
    return index === 0 ? `${number}... ${san}` : san;
  });
  return numbered.join(' ').trim();
}
