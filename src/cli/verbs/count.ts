/** `vorschule perft` and `vorschule moves`: what can be played from one position. */
import { makeSan } from '@/core/notation';
import { listLegalMoves, playMove, type Position } from '@/core/rules';
import { searchPerft } from '@/core/search';
import { Advice } from '../say';
import { writeLine } from './lines';
import { readPosition } from './readPosition';

/** The number of move sequences of this many plies; with `isDivided` each first move with its share, then the sum. */
export async function runPerft(fen: string, plies: number, isDivided: boolean): Promise<number> {
  const position = needPosition(fen);
  if (!isDivided) {
    await writeLine(String(searchPerft(position, plies)));
    return 0;
  }
  let sum = 0;
  for (const move of plies === 0 ? [] : listLegalMoves(position)) {
    const count = searchPerft(playMove(position, move), plies - 1);
    sum += count;
    await writeLine(`${makeSan(position, move)} ${count}`);
  }
  await writeLine(String(plies === 0 ? 1 : sum));
  return 0;
}

/** Legal moves in SAN, one a line; as one JSON list with `isJson`. */
export async function runMoves(fen: string, isJson: boolean): Promise<number> {
  const position = needPosition(fen);
  const sans = listLegalMoves(position).map((move) => makeSan(position, move));
  if (isJson) await writeLine(JSON.stringify({ fen, moves: sans }));
  else for (const san of sans) await writeLine(san);
  return 0;
}

function needPosition(fen: string): Position {
  const read = readPosition(fen);
  if (!read.ok) throw new Advice(read.error);
  return read.value.position;
}
