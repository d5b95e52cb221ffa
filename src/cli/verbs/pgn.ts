/** `vorschule pgn`: the games of a file, each with where it ends, what was put right and where it broke off. */
import { readFile } from 'node:fs/promises';
import { buffer } from 'node:stream/consumers';
import { decodePgn, makeFen, readPgn, type ReadGame } from '@/core/notation';
import { playMove } from '@/core/rules';
import { countText, encodingFaultText, pgnFaultText, pgnWarningText, PLAIN_TERMS } from '@/text';
import { findFile } from '../findFile';
import { Advice, say } from '../say';
import { writeLine } from './lines';

export interface PgnOptions {
  readonly file: string | undefined;
  readonly isJson: boolean;
}

/** One object a game with --json; the shape is a contract. */
interface GameLine {
  readonly game: number;
  readonly tags: Readonly<Record<string, string>>;
  /** Half-moves of the main line. */
  readonly plies: number;
  /** Null without a position to begin with. */
  readonly finalFen: string | null;
  readonly result: string;
  readonly warnings: readonly string[];
  readonly error?: { readonly line: number; readonly move: string | null; readonly message: string };
}

/** Returns 0 when every game was read to its end, 1 when one was not. */
export async function runPgn({ file, isJson }: PgnOptions): Promise<number> {
  const text = decodePgn(await readBytes(file));
  if (!text.ok) throw new Advice(encodingFaultText(text.error));
  let exitCode = 0;
  for (const read of readPgn(text.value)) {
    const line = toLine(read);
    if (line.error !== undefined) {
      exitCode = 1;
      say(`game ${line.game}: ${line.error.message}`);
    }
    await writeLine(isJson ? JSON.stringify(line) : toText(line));
  }
  return exitCode;
}

async function readBytes(file: string | undefined): Promise<Uint8Array> {
  try {
    return file === undefined || file === '-' ? await buffer(process.stdin) : await readFile(findFile(file));
  } catch (cause) {
    const why = cause instanceof Error ? cause.message : String(cause);
    throw new Advice(`${file ?? 'The input'} cannot be read: ${why}`, { cause });
  }
}

function toLine({ number, tags, game, warnings, fault }: ReadGame): GameLine {
  const line = game?.line ?? [];
  const final = game && line.reduce((position, { move }) => playMove(position, move), game.start);
  return {
    game: number,
    tags: Object.fromEntries(tags),
    plies: line.length,
    finalFen: final === undefined ? null : makeFen(final),
    result: game?.result ?? '*',
    warnings: warnings.map(pgnWarningText),
    ...(fault === undefined
      ? {}
      : {
          error: {
            line: fault.line,
            move: fault.code === 'pgn/bad-move' ? fault.move : null,
            message: pgnFaultText(fault, PLAIN_TERMS),
          },
        }),
  };
}

function toText({ game, tags, plies, finalFen, result, warnings }: GameLine): string {
  const [white, black] = [tags.White ?? '?', tags.Black ?? '?'];
  const head = `${game}. ${white} - ${black}, ${result}, ${countText(plies, 'ply')}: ${finalFen ?? 'no position'}`;
  return [head, ...warnings.map((warning) => `   ${warning}`)].join('\n');
}
