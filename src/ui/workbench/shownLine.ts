/** A line on the board: a proved one, a defence, a fate, one of a plan, or one that a child has answered. */
import { findPosition, listNumberedMoves, parseMoveText, type MoveText } from '@/core/notation';
import { playMove, type Position } from '@/core/rules';
import type { StudyStep } from './study';

export interface ShownLine {
  /** What it is, as a heading. */
  readonly name: string;
  /** Where it begins: the home position, but for a break inside a written line or a passed turn. */
  readonly fen: string;
  readonly moves: readonly MoveText[];
}

export interface PlayedLine {
  readonly start: Position | undefined;
  /** Each move as it is written, its number before it where one belongs. */
  readonly steps: readonly (StudyStep & { readonly after: Position })[];
}

/** The line played out from where it begins; empty when it begins nowhere. */
export function playLine({ fen, moves }: ShownLine): PlayedLine {
  const start = findPosition(fen);
  if (start === undefined) return { start, steps: [] };
  const parsed = moves.flatMap((text) => parseMoveText(text) ?? []);
  const words = listNumberedMoves(start, parsed);
  let current = start;
  const steps = parsed.map((move, index) => {
    current = playMove(current, move);
    return { move, words: words[index] ?? '', after: current };
  });
  return { start, steps };
}
