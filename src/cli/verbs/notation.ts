/** `vorschule notation`: written moves in, each read with its remarks or the reason why it is no move there. */
import { z } from 'zod/mini';
import { LANGUAGES, makeMoveText, readMove, type Language, type ReadMove } from '@/core/notation';
import type { Position } from '@/core/rules';
import { readMoveText, PLAIN_TERMS } from '@/text';
import { say } from '../say';
import { readLines, writeLine } from './lines';
import { readJsonLine } from './readJsonLine';
import { readPosition } from './readPosition';

export interface NotationOptions {
  readonly file: string | undefined;
  readonly language: Language | undefined;
  readonly isJson: boolean;
}

const questionSchema = z.object({ fen: z.string(), text: z.string() });

/** One object a line with --json; the shape is a contract. */
interface NotationLine {
  readonly result: ReadMove['kind'];
  /** In the standard's form; null when no move is meant, and so is `uci`. */
  readonly san: string | null;
  readonly uci: string | null;
  readonly diagnoses: readonly string[];
  readonly reason: string | null;
  readonly say: string;
}

/** "german", "French": a language whose letters are known; undefined for any other. */
export function findLanguage(name: string | undefined): Language | undefined {
  return LANGUAGES.find((language) => language === name?.toLowerCase());
}

/** Returns 0 when every line was read, 1 when some were bad; bad ones are told by number and the rest goes on. */
export async function runNotation({ file, language, isJson }: NotationOptions): Promise<number> {
  let exitCode = 0;
  for await (const { number, text } of readLines(file)) {
    const question = readJsonLine(questionSchema, 'an object with "fen" and "text"', text);
    const position = question.ok ? readPosition(question.value.fen) : question;
    if (!question.ok || !position.ok) {
      const error = position.ok ? '' : position.error;
      exitCode = 1;
      say(`line ${number}: ${error}`);
      if (isJson) await writeLine(JSON.stringify({ error }));
      continue;
    }
    const line = toLine(position.value.position, question.value.text, language);
    await writeLine(isJson ? JSON.stringify(line) : line.say);
  }
  return exitCode;
}

function toLine(position: Position, text: string, language: Language | undefined): NotationLine {
  const read = readMove(position, text, language === undefined ? {} : { language });
  const isMove = read.kind !== 'wrong';
  return {
    result: read.kind,
    san: isMove ? read.san : null,
    uci: isMove ? makeMoveText(read.move) : null,
    diagnoses: isMove ? read.diagnoses : [],
    reason: isMove ? null : read.reason.code,
    say: readMoveText(position, read, PLAIN_TERMS),
  };
}
