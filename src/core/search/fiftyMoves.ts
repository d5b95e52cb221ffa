/** The fifty-move rule (FIDE Laws of Chess, article 9.3) where a forced mate meets it. */
import type { Position } from '../rules';

/** With so many plies behind it without capture or pawn move, a game that is not mate is drawn. */
export const FIFTY_MOVES_PLIES = 100;

/** The clock, where the rule can come before a mate in this many moves; undefined where it cannot. */
export function clockOf({ halfmoves }: Position, moves: number): number | undefined {
  return halfmoves + 2 * moves - 1 >= FIFTY_MOVES_PLIES ? halfmoves : undefined;
}
