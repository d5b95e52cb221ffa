/** `vorschule judge`: written solutions in, each with its verdict out. */
import { z } from 'zod/mini';
import { LONGEST_MATE } from '@/core/proof';
import type { Position } from '@/core/rules';
import { createMateSearch } from '@/core/search';
import { judgeWritten, type WrittenVerdict } from '@/core/written';
import { faultText, writtenVerdictText, PLAIN_TERMS } from '@/text';
import { say } from '../say';
import { readLines, writeLine } from './lines';
import { readJsonLine } from './readJsonLine';
import { readPosition } from './readPosition';

export interface JudgeOptions {
  readonly file: string | undefined;
  /** Judge by the length without pointless blocks instead of the full one. */
  readonly isBlockless: boolean;
  /** Time for one line, in seconds; what is not decided then is "undecided". */
  readonly seconds: number;
  readonly isJson: boolean;
}

const questionSchema = z.object({
  fen: z.string(),
  line: z.string(),
  claimed: z.optional(z.int().check(z.minimum(1), z.maximum(LONGEST_MATE))),
});

/** One object a line with --json; the shape is a contract. Nothing applies to a line that holds but its verdict. */
interface JudgedLine {
  readonly verdict: 'holds' | 'breaks' | 'undecided';
  readonly ply: number | null;
  readonly severity: string | null;
  readonly reason: string | null;
  readonly better: readonly string[];
}

/** Returns 0 when every line was read, 1 when some were bad; bad ones are told by number and the rest goes on. */
export async function runJudge(options: JudgeOptions): Promise<number> {
  const search = createMateSearch();
  let exitCode = 0;
  for await (const { number, text } of readLines(options.file)) {
    const read = readQuestion(text);
    const verdict = typeof read === 'string' ? read : judge(search, read, options);
    if (typeof verdict === 'string') {
      exitCode = 1;
      say(`line ${number}: ${verdict}`);
      if (options.isJson) await writeLine(JSON.stringify({ error: verdict }));
    } else {
      await writeLine(
        options.isJson ? JSON.stringify(toLine(verdict)) : writtenVerdictText(verdict, PLAIN_TERMS),
      );
    }
  }
  return exitCode;
}

interface Question extends z.infer<typeof questionSchema> {
  readonly position: Position;
}

function readQuestion(text: string): Question | string {
  const parsed = readJsonLine(questionSchema, 'an object with "fen" and "line"', text);
  if (!parsed.ok) return parsed.error;
  const read = readPosition(parsed.value.fen);
  return read.ok ? { ...parsed.value, position: read.value.position } : read.error;
}

type Judged = Exclude<WrittenVerdict, { kind: 'unreadable' }>;

function judge(
  search: ReturnType<typeof createMateSearch>,
  { position, line, claimed }: Question,
  { isBlockless, seconds }: JudgeOptions,
): Judged | string {
  const deadline = performance.now() + seconds * 1000;
  const limits = { isBlockless, ...(claimed === undefined ? {} : { claimed }) };
  const verdict = judgeWritten(search, position, line, limits, () =>
    performance.now() > deadline ? 'stop' : 'go',
  );
  return verdict.kind === 'unreadable' ? faultText(verdict.fault) : verdict;
}

function toLine(verdict: Judged): JudgedLine {
  if (verdict.kind !== 'breaks') {
    return { verdict: verdict.kind, ply: null, severity: null, reason: null, better: [] };
  }
  const { ply, severity, reason, better } = verdict;
  return { verdict: 'breaks', ply, severity, reason, better };
}
