/** A command of the command line with the options that are its own. What is not its own is refused before any of its code is loaded. */
import { parseArgs, type ParseArgsConfig } from 'node:util';
import { HELP } from './help';
import { Advice, UsageAdvice } from './say';

type Options = Readonly<Record<string, { readonly type: 'string' | 'boolean' }>>;

/** What was said behind the command. */
export interface Call<Own extends Options> {
  readonly values: { readonly [Name in keyof Own]?: Own[Name]['type'] extends 'boolean' ? boolean : string };
  /** Words that belong to no option: files, names, a position. */
  readonly first: string | undefined;
  readonly second: string | undefined;
}

export interface Command {
  /** Throws UsageAdvice where the words behind the command's name are not understood. */
  readonly check: (name: string, words: readonly string[]) => void;
  /** The same, and runs it; gives the exit code. */
  readonly run: (name: string, words: readonly string[]) => Promise<number>;
}

/** A command with its options and so many words beside them at most. */
export function defineCommand<const Own extends Options>(
  options: Own,
  mostWords: 0 | 1 | 2,
  run: (call: Call<Own>) => Promise<number>,
): Command {
  function read(name: string, words: readonly string[]): Call<Own> {
    const { values, positionals } = readWords(name, options, words);
    const spare = positionals[mostWords];
    if (spare !== undefined) throw new UsageAdvice(`${name} does not take "${spare}".\n\n${HELP}`);
    const [first, second] = positionals;
    // parseArgs has held each value against its declared type.
    return { values: values as Call<Own>['values'], first, second };
  }
  return { check: (name, words) => void read(name, words), run: (name, words) => run(read(name, words)) };
}

function readWords(name: string, options: Options, words: readonly string[]) {
  try {
    const own: ParseArgsConfig['options'] = { ...options };
    return parseArgs({ args: [...words], options: own, allowPositionals: true });
  } catch (cause) {
    const why = cause instanceof Error ? (cause.message.split('. ')[0] ?? '') : String(cause);
    throw new UsageAdvice(`${name}: ${why}.\n\n${HELP}`, { cause });
  }
}

/** A whole number within bounds. */
export function readWhole(text: string, name: string, least: number, most: number): number {
  const value = Number(text);
  if (/^\d+$/.test(text) && value >= least && value <= most) return value;
  throw new UsageAdvice(`${name} is a number from ${least} to ${most}, not "${text}".`);
}

const DEFAULT_PORT = 3000;

export function readPort(text: string | undefined): number {
  const port = text === undefined ? DEFAULT_PORT : Number(text);
  if (Number.isInteger(port) && port > 0 && port < 65_536) return port;
  throw new Advice(`"${text}" is no port. Give a number from 1 to 65535.`);
}
