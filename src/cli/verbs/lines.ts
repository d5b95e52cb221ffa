import { createReadStream } from 'node:fs';
import { createInterface } from 'node:readline';
import { findFile } from '../findFile';
import { Advice } from '../say';

/** The lines of a file, or of standard input for "-" or nothing, with their numbers from 1; blank ones are passed over. */
export async function* readLines(file: string | undefined): AsyncGenerator<{ number: number; text: string }> {
  const input = file === undefined || file === '-' ? process.stdin : createReadStream(findFile(file), 'utf8');
  const lines = createInterface({ input, crlfDelay: Infinity });
  let number = 0;
  try {
    for await (const line of lines) {
      number += 1;
      // A byte order mark is no part of the text.
      const text = (number === 1 ? line.replace(/^\uFEFF/, '') : line).trim();
      if (text !== '') yield { number, text };
    }
  } catch (cause) {
    throw new Advice(
      `${file ?? 'The input'} cannot be read: ${cause instanceof Error ? cause.message : String(cause)}`,
      {
        cause,
      },
    );
  }
}

/** Writes one line to stdout and waits while whoever reads is slow. */
export async function writeLine(text: string): Promise<void> {
  if (process.stdout.write(`${text}\n`)) return;
  await new Promise((resolve) => process.stdout.once('drain', resolve));
}
