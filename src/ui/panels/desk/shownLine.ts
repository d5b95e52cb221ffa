/** A line on the Desk's board: the proved one, a defence, a fate, or where a written solution breaks. */
import {
  findPosition,
  listNumberedMoves,
  makeMoveText,
  parseMoveText,
  parseSan,
  type MoveText,
} from '@/core/notation';
import type { JudgeAnswer } from '@/workers/protocol';
import { playMove, type Move, type Position } from '@/core/rules';
import * as deskText from '@/text/screens/desk';

export interface ShownLine {
  /** What it is, as a heading. */
  readonly name: string;
  /** Where it begins; the position of the Desk, but for a break inside a written line or a passed turn. */
  readonly fen: string;
  readonly moves: readonly MoveText[];
}

export interface LineStep {
  readonly move: Move;
  /** The move as it is written, its number before it where one belongs. */
  readonly words: string;
  readonly after: Position;
}

export interface PlayedLine {
  readonly start: Position | undefined;
  readonly steps: readonly LineStep[];
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

/** Where a written solution breaks, with what shows it where that follows the written move. */
export function breakLine(answer: Extract<JudgeAnswer, { kind: 'breaks' }>): ShownLine {
  const written = answer.move === undefined ? [] : [answer.move];
  // An escape and a missing end follow what was written; all other answers stand in its place.
  const isFollowed = answer.reason === 'not-forced' || answer.reason === 'no-mate-at-end';
  const moves = isFollowed ? [...written, ...readSans(answer.fen, written, answer.better)] : written;
  return { name: deskText.whereItBreaks, fen: answer.fen, moves };
}

/** What stands in the place of the written move; undefined where there is nothing to play. */
export function betterLine(answer: Extract<JudgeAnswer, { kind: 'breaks' }>): ShownLine | undefined {
  const isLine =
    answer.reason === 'too-slow' || answer.reason === 'not-best-defence' || answer.reason === 'stalemate';
  if (!isLine || answer.better.length === 0) return undefined;
  return { name: deskText.whatIsBetter, fen: answer.fen, moves: readSans(answer.fen, [], answer.better) };
}

function readSans(fen: string, before: readonly MoveText[], sans: readonly string[]): MoveText[] {
  const { start, steps } = playLine({ name: '', fen, moves: before });
  let position = steps.at(-1)?.after ?? start;
  const moves: MoveText[] = [];
  for (const san of sans) {
    const move = position === undefined ? undefined : parseSan(position, san);
    if (position === undefined || move?.ok !== true) break;
    moves.push(makeMoveText(move.value));
    position = playMove(position, move.value);
  }
  return moves;
}
