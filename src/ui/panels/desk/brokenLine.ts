/** What shows where a written solution breaks, and what is better. */
import { makeMoveText, parseSan, type MoveText } from '@/core/notation';
import { playMove } from '@/core/rules';
import * as deskText from '@/text/screens/desk';
import { playLine, type ShownLine } from '@/ui/workbench';
import type { JudgeAnswer } from '@/workers/protocol';

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
