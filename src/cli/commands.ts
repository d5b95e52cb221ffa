/** Every command by its name. Each command's code is loaded only when it runs, so that the light ones start at once. */
import { availableParallelism } from 'node:os';
import { defineCommand, readPort, readWhole, type Command } from './command';
import { HELP } from './help';
import { DATABASE_COMMANDS } from './onDatabase';
import { UsageAdvice } from './say';

const FLAG = { type: 'boolean' } as const;
const TEXT = { type: 'string' } as const;

/** Two serve a club of three hundred seats (docs/rooms/server.md, "Load"). */
const DEFAULT_PROCESSES = 2;
const MOST_PROCESSES = 64;
const MOST_SEED = 1_000_000_000;

const COMMANDS: ReadonlyMap<string, Command> = new Map(
  Object.entries({
    demo: defineCommand({ port: TEXT, reset: FLAG }, 0, async ({ values }) => {
      const { runDemo } = await import('./demo');
      return runDemo({ port: readPort(values.port), isReset: values.reset ?? false, isDev: false });
    }),
    dev: defineCommand({ port: TEXT, reset: FLAG }, 0, async ({ values }) => {
      const { runDemo } = await import('./demo');
      return runDemo({ port: readPort(values.port), isReset: values.reset ?? false, isDev: true });
    }),
    'seed-demo': defineCommand({ 'migrate-only': FLAG }, 0, async ({ values }) => {
      const { seedDemo } = await import('./demo/seed');
      await seedDemo(values['migrate-only'] ?? false);
      return 0;
    }),
    'class-sim': defineCommand(
      { class: TEXT, children: TEXT, seed: TEXT, minutes: TEXT },
      0,
      async ({ values }) => {
        const { runClassSim } = await import('./sim/classSim');
        return runClassSim({
          className: values.class ?? 'Lantern class',
          children: readWhole(values.children ?? '24', '--children', 1, 60),
          seed: readWhole(values.seed ?? '1', '--seed', 0, MOST_SEED),
          minutes: readWhole(values.minutes ?? '45', '--minutes', 1, 240),
        });
      },
    ),
    'class-sim-cards': defineCommand({ lead: TEXT, class: TEXT, children: TEXT }, 0, async ({ values }) => {
      const { printSimCards } = await import('./sim/simCards');
      await printSimCards(
        values.lead ?? '',
        values.class ?? '',
        readWhole(values.children ?? '', '--children', 1, 60),
      );
      return 0;
    }),
    'serve-here': defineCommand({ port: TEXT, dev: FLAG }, 0, async ({ values }) => {
      const { runWebProcesses } = await import('./web/webProcesses');
      const place = {
        host: process.env.HOST ?? '127.0.0.1',
        port: readPort(values.port),
        isDev: values.dev ?? false,
      };
      const processes = process.env.PROCESSES ?? String(Math.min(DEFAULT_PROCESSES, availableParallelism()));
      await runWebProcesses(place, readWhole(processes, 'PROCESSES', 1, MOST_PROCESSES));
      return 0;
    }),
    start: defineCommand({ port: TEXT }, 0, async ({ values }) => {
      const { runStart } = await import('./start');
      return runStart({
        host: process.env.HOST ?? '127.0.0.1',
        port: readPort(values.port ?? process.env.PORT),
      });
    }),
    test: defineCommand({ long: FLAG, only: TEXT, files: TEXT, shuffle: TEXT }, 0, async ({ values }) => {
      const { runTests } = await import('./test');
      return runTests({
        isLong: values.long ?? false,
        only: values.only,
        files: values.files,
        shuffle:
          values.shuffle === undefined ? undefined : readWhole(values.shuffle, '--shuffle', 0, MOST_SEED),
      });
    }),
    prove: defineCommand({ max: TEXT, seconds: TEXT, json: FLAG }, 1, async ({ values, first }) => {
      const { runProve } = await import('./verbs/prove');
      return runProve({
        file: first,
        maxMoves: readWhole(values.max ?? '5', '--max', 1, 30),
        seconds: readWhole(values.seconds ?? '10', '--seconds', 1, 86_400),
        isJson: values.json ?? false,
      });
    }),
    judge: defineCommand({ 'no-blocks': FLAG, seconds: TEXT, json: FLAG }, 1, async ({ values, first }) => {
      const { runJudge } = await import('./verbs/judge');
      return runJudge({
        file: first,
        isBlockless: values['no-blocks'] ?? false,
        seconds: readWhole(values.seconds ?? '10', '--seconds', 1, 86_400),
        isJson: values.json ?? false,
      });
    }),
    compose: defineCommand(
      {
        mate: TEXT,
        pattern: TEXT,
        key: TEXT,
        side: TEXT,
        level: TEXT,
        wing: TEXT,
        men: TEXT,
        count: TEXT,
        seed: TEXT,
      },
      0,
      async ({ values }) => {
        const { readRecipe, runCompose } = await import('./verbs/compose');
        const recipe = readRecipe({
          mate: readWhole(values.mate ?? '', '--mate', 1, 5),
          pattern: values.pattern,
          key: values.key,
          side: values.side,
          level: values.level === undefined ? undefined : readWhole(values.level, '--level', 1, 5),
          wing: values.wing,
          men: values.men === undefined ? undefined : readWhole(values.men, '--men', 3, 32),
        });
        if (typeof recipe === 'string') throw new UsageAdvice(recipe);
        return runCompose({
          recipe,
          count: readWhole(values.count ?? '10', '--count', 1, 10_000),
          seed: readWhole(values.seed ?? '1', '--seed', 0, MOST_SEED),
        });
      },
    ),
    pgn: defineCommand({ json: FLAG }, 1, async ({ values, first }) => {
      const { runPgn } = await import('./verbs/pgn');
      return runPgn({ file: first, isJson: values.json ?? false });
    }),
    fate: defineCommand({ depth: TEXT, json: FLAG }, 1, async ({ values, first }) => {
      const { runFate } = await import('./verbs/fate');
      return runFate({
        file: first,
        plies: readWhole(values.depth ?? '4', '--depth', 1, 12),
        isJson: values.json ?? false,
      });
    }),
    notation: defineCommand({ language: TEXT, json: FLAG }, 1, async ({ values, first }) => {
      const { findLanguage, runNotation } = await import('./verbs/notation');
      const language = findLanguage(values.language);
      if (values.language !== undefined && language === undefined)
        throw new UsageAdvice(`There is no language "${values.language}" here.\n\n${HELP}`);
      return runNotation({ file: first, language, isJson: values.json ?? false });
    }),
    name: defineCommand({ json: FLAG }, 1, async ({ values, first }) => {
      const { runName } = await import('./verbs/name');
      return runName({ file: first, isJson: values.json ?? false });
    }),
    perft: defineCommand({ divide: FLAG }, 2, async ({ values, first, second }) => {
      if (first === undefined || second === undefined)
        throw new UsageAdvice(`perft needs a FEN and a depth.\n\n${HELP}`);
      const { runPerft } = await import('./verbs/count');
      return runPerft(first, readWhole(second, 'The depth', 0, 20), values.divide ?? false);
    }),
    moves: defineCommand({ json: FLAG }, 1, async ({ values, first }) => {
      if (first === undefined) throw new UsageAdvice(`moves needs a FEN.\n\n${HELP}`);
      const { runMoves } = await import('./verbs/count');
      return runMoves(first, values.json ?? false);
    }),
    help: defineCommand({}, 0, () => {
      process.stdout.write(`${HELP}\n`);
      return Promise.resolve(0);
    }),
  }),
);

/** Would these words be understood? Throws UsageAdvice where not; nothing is run. */
export function checkCommand([name = 'help', ...rest]: readonly string[]): void {
  const command = DATABASE_COMMANDS.get(name) ?? COMMANDS.get(name);
  if (command === undefined) throw new UsageAdvice(`There is no command "${name}".\n\n${HELP}`);
  command.check(name, rest);
}

/**
 * Runs what the words of the command line say; the command comes first. A command on a database is checked here and then runs in a process
 * of its own, under its name with "-here" behind it.
 */
export async function runCommand(words: readonly string[]): Promise<number> {
  const [said = 'help', ...rest] = words;
  const name = said === '--help' ? 'help' : said;
  const base = name.replace(/-here$/, '');
  const onDatabase = DATABASE_COMMANDS.get(base);
  if (onDatabase !== undefined) {
    if (name !== base) return onDatabase.run(base, rest);
    onDatabase.check(base, rest);
    const { runOnDatabase } = await import('./running');
    return runOnDatabase(`${base}-here`, ...rest);
  }
  const command = COMMANDS.get(name);
  if (command === undefined) throw new UsageAdvice(`There is no command "${name}".\n\n${HELP}`);
  return command.run(name, rest);
}
