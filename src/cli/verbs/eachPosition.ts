import { say } from '../say';
import { readLines, writeLine } from './lines';
import { readPosition, type ReadLine } from './readPosition';

/**
 * Takes every line of FEN or EPD of a file in turn. A bad one is told by number on stderr, with JSON wanted also as the object that
 * `errorLine` makes, and the rest goes on. Returns the exit code: 0 when every line was read, 1 when some were bad.
 */
export async function eachPosition(
  { file, isJson }: { readonly file: string | undefined; readonly isJson: boolean },
  errorLine: (fen: string, error: string) => unknown,
  answer: (read: ReadLine) => Promise<void>,
): Promise<number> {
  let exitCode = 0;
  for await (const { number, text } of readLines(file)) {
    const read = readPosition(text);
    if (read.ok) {
      await answer(read.value);
      continue;
    }
    exitCode = 1;
    say(`line ${number}: ${read.error}`);
    if (isJson) await writeLine(JSON.stringify(errorLine(text, read.error)));
  }
  return exitCode;
}
