import { availableParallelism } from 'node:os';
import { parseArgs } from 'node:util';
import { DATABASE_COMMANDS } from './onDatabase';
import { Advice, say, UsageAdvice } from './say';

const HELP = `Vorschule: a workbench for scholastic chess coaches.

  ./vorschule demo [--port 3000] [--reset]   start with the demo club; --reset makes its data anew
  ./vorschule test [--long] [--only STEP] [--shuffle SEED]
                                             every check; the last line is "N passed, N failed"; --shuffle runs the
                                             browser test files in an order drawn from the seed
  ./vorschule start                          a real installation; needs DATABASE_URL, SESSION_SECRET
                                             and ORIGIN in the environment, HOST and PORT optional

  ./vorschule class-sim [--class "Lantern class"] [--children 24] [--seed 1] [--minutes 45]
                                             a simulated class for the demo that runs: children join, answer the big
                                             board, dither and drop out; those that are missing are added to the class
On the database of DATABASE_URL, or on that of the demo that runs:

  ./vorschule rebuild                        works out anew, from the stored answers, what each child can
  ./vorschule reset-password NAME            a new password for the coach or lead who signs in as NAME, shown once
  ./vorschule repair [--force]               tells what state the schema is in and finishes what was broken off; --force
                                             takes the lock of a start that is known to be gone
  ./vorschule backup FILE                    saves everything, while it is used
  ./vorschule restore [--replace] FILE       reads a backup into an empty schema, or in place of what is there, and
                                             brings it up to date
  ./vorschule add-club [--time-zone ZONE] NAME
                                             one more club; prints the code with which its lead sets it up
  ./vorschule export-club [--club NAME] [--names] FILE
                                             one club as JSON and PGN in a zip, to take to another installation; names,
                                             passwords and keys only with --names
  ./vorschule import-club [--as NAME] FILE   makes that club here, under its own or another name

Without server or database, usable in pipes (FILE or - for standard input):

  ./vorschule prove [--max 5] [--seconds 10] [--json] [FILE|-]
                                             lines of FEN or EPD; out comes EPD with dm, bm, pv, acn, acs,
                                             or one JSON object a line
  ./vorschule judge [--no-blocks] [--seconds 10] [--json] [FILE|-]
                                             lines of {"fen","line","claimed"?}: does the written solution hold,
                                             and if not, where does it break and why
  ./vorschule fate [--depth 4] [--json] [FILE|-]
                                             lines of FEN or EPD: what becomes of every legal move, seen that
                                             many plies deep
  ./vorschule notation [--language NAME] [--json] [FILE|-]
                                             lines of {"fen","text"}: which move is written there, and how does it
                                             differ from the standard's form; NAME adds a language's letters
  ./vorschule name [--json] [FILE|-]         lines of FEN or EPD: which named mate is on the board, and who does what
                                             in it
  ./vorschule compose --mate 2 [--pattern boden] [--key quiet] [--side white] [--wing king] [--men 12] [--level 3]
                      [--count 10] [--seed 7]
                                             fresh mates, proved, one key each, as EPD
  ./vorschule pgn [--json] [FILE|-]          games of a PGN file: where each ends, what was put right, and
                                             where a faulty one breaks off
  ./vorschule perft "FEN" DEPTH [--divide]   move sequences of that many plies
  ./vorschule moves "FEN" [--json]           legal moves, one a line
  ./vorschule help                           this text

Exit code 0: all read; 1: something was wrong, told on stderr; 2: not understood.`;

const DEFAULT_PORT = 3000;
/** Two serve a club of three hundred seats (ARCHITECTURE.md, "Load"). */
const DEFAULT_PROCESSES = 2;
const MOST_PROCESSES = 64;
const COMPOSE_WORDS = {
  mate: { type: 'string' },
  pattern: { type: 'string' },
  key: { type: 'string' },
  side: { type: 'string' },
  level: { type: 'string' },
  wing: { type: 'string' },
  men: { type: 'string' },
  count: { type: 'string' },
  seed: { type: 'string' },
} as const;

/** Each command's code is loaded only when it runs, so that the light ones start at once. */
async function main(): Promise<number> {
  const { positionals, values } = readWords();
  const [command = 'help', first, second] = positionals;
  const onDatabase = DATABASE_COMMANDS[command.replace(/-here$/, '')];
  if (onDatabase !== undefined) {
    if (command.endsWith('-here')) return onDatabase({ first, values });
    const { runOnDatabase } = await import('./running');
    return runOnDatabase(`${command}-here`, ...process.argv.slice(3));
  }
  switch (command) {
    case 'demo': {
      const { runDemo } = await import('./demo');
      return runDemo({ port: readPort(values.port), isReset: values.reset ?? false });
    }
    case 'seed-demo': {
      const { seedDemo } = await import('./demo/seed');
      await seedDemo(values['migrate-only'] ?? false);
      return 0;
    }
    case 'class-sim': {
      const { runClassSim } = await import('./sim/classSim');
      return runClassSim({
        className: values.class ?? 'Lantern class',
        children: readWhole(values.children ?? '24', '--children', 1, 60),
        seed: readWhole(values.seed ?? '1', '--seed', 0, 1_000_000_000),
        minutes: readWhole(values.minutes ?? '45', '--minutes', 1, 240),
      });
    }
    case 'class-sim-cards': {
      const { printSimCards } = await import('./sim/simCards');
      await printSimCards(
        values.lead ?? '',
        values.class ?? '',
        readWhole(values.children ?? '', '--children', 1, 60),
      );
      return 0;
    }
    case 'serve-here': {
      const { runWebProcesses } = await import('./web/webProcesses');
      const place = { host: process.env.HOST ?? '127.0.0.1', port: readPort(values.port) };
      const processes = process.env.PROCESSES ?? String(Math.min(DEFAULT_PROCESSES, availableParallelism()));
      await runWebProcesses(place, readWhole(processes, 'PROCESSES', 1, MOST_PROCESSES));
      return 0;
    }
    case 'start': {
      const { runStart } = await import('./start');
      return runStart({
        host: process.env.HOST ?? '127.0.0.1',
        port: readPort(values.port ?? process.env.PORT),
      });
    }
    case 'test': {
      const { runTests } = await import('./test');
      return runTests({
        isLong: values.long ?? false,
        only: values.only,
        shuffle:
          values.shuffle === undefined ? undefined : readWhole(values.shuffle, '--shuffle', 0, 1_000_000_000),
      });
    }
    case 'prove': {
      const { runProve } = await import('./verbs/prove');
      return runProve({
        file: first,
        maxMoves: readWhole(values.max ?? '5', '--max', 1, 30),
        seconds: readWhole(values.seconds ?? '10', '--seconds', 1, 86_400),
        isJson: values.json ?? false,
      });
    }
    case 'judge': {
      const { runJudge } = await import('./verbs/judge');
      return runJudge({
        file: first,
        isBlockless: values['no-blocks'] ?? false,
        seconds: readWhole(values.seconds ?? '10', '--seconds', 1, 86_400),
        isJson: values.json ?? false,
      });
    }
    case 'compose': {
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
        seed: readWhole(values.seed ?? '1', '--seed', 0, 1_000_000_000),
      });
    }
    case 'pgn': {
      const { runPgn } = await import('./verbs/pgn');
      return runPgn({ file: first, isJson: values.json ?? false });
    }
    case 'fate': {
      const { runFate } = await import('./verbs/fate');
      return runFate({
        file: first,
        plies: readWhole(values.depth ?? '4', '--depth', 1, 12),
        isJson: values.json ?? false,
      });
    }
    case 'notation': {
      const { findLanguage, runNotation } = await import('./verbs/notation');
      const language = findLanguage(values.language);
      if (values.language !== undefined && language === undefined)
        throw new UsageAdvice(`There is no language "${values.language}" here.\n\n${HELP}`);
      return runNotation({ file: first, language, isJson: values.json ?? false });
    }
    case 'name': {
      const { runName } = await import('./verbs/name');
      return runName({ file: first, isJson: values.json ?? false });
    }
    case 'perft': {
      if (first === undefined || second === undefined)
        throw new UsageAdvice(`perft needs a FEN and a depth.\n\n${HELP}`);
      const { runPerft } = await import('./verbs/count');
      return runPerft(first, readWhole(second, 'The depth', 0, 20), values.divide ?? false);
    }
    case 'moves': {
      if (first === undefined) throw new UsageAdvice(`moves needs a FEN.\n\n${HELP}`);
      const { runMoves } = await import('./verbs/count');
      return runMoves(first, values.json ?? false);
    }
    case 'help':
      process.stdout.write(`${HELP}\n`);
      return 0;
    default:
      throw new UsageAdvice(`There is no command "${command}".\n\n${HELP}`);
  }
}

/** A whole number within bounds. */
function readWhole(text: string, name: string, least: number, most: number): number {
  const value = Number(text);
  if (/^\d+$/.test(text) && value >= least && value <= most) return value;
  throw new UsageAdvice(`${name} is a number from ${least} to ${most}, not "${text}".`);
}

function readWords() {
  try {
    return parseArgs({
      allowPositionals: true,
      options: {
        port: { type: 'string' },
        reset: { type: 'boolean' },
        long: { type: 'boolean' },
        only: { type: 'string' },
        max: { type: 'string' },
        seconds: { type: 'string' },
        json: { type: 'boolean' },
        divide: { type: 'boolean' },
        depth: { type: 'string' },
        'no-blocks': { type: 'boolean' },
        language: { type: 'string' },
        ...COMPOSE_WORDS,
        'migrate-only': { type: 'boolean' },
        shuffle: { type: 'string' },
        force: { type: 'boolean' },
        replace: { type: 'boolean' },
        names: { type: 'boolean' },
        as: { type: 'string' },
        club: { type: 'string' },
        'time-zone': { type: 'string' },
        lead: { type: 'string' },
        class: { type: 'string' },
        children: { type: 'string' },
        minutes: { type: 'string' },
        help: { type: 'boolean' },
      },
    });
  } catch (cause) {
    throw new UsageAdvice(`${cause instanceof Error ? cause.message : String(cause)}\n\n${HELP}`, { cause });
  }
}

function readPort(text: string | undefined): number {
  const port = text === undefined ? DEFAULT_PORT : Number(text);
  if (Number.isInteger(port) && port > 0 && port < 65_536) return port;
  throw new Advice(`"${text}" is no port. Give a number from 1 to 65535.`);
}

// A reader that has seen enough closes the pipe: that is no failure of ours.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code !== 'EPIPE') throw error;
  process.exit(0);
});

/** The database cannot be reached or lets nobody in: that is for whoever owns it, and a stack would tell them nothing. */
const AWAY_CODES = [
  'ECONNREFUSED',
  'ENOTFOUND',
  'ETIMEDOUT',
  'ECONNRESET',
  'PROTOCOL_CONNECTION_LOST',
  'ER_ACCESS_DENIED_ERROR',
  'ER_DBACCESS_DENIED_ERROR',
  'ER_BAD_DB_ERROR',
];

function isDatabaseAway(error: unknown): error is Error {
  return error instanceof Error && 'code' in error && AWAY_CODES.includes(String(error.code));
}

try {
  process.exitCode = await main();
} catch (error) {
  if (isDatabaseAway(error)) say(`The database of DATABASE_URL cannot be used: ${error.message}`);
  else if (error instanceof Advice) say(error.message);
  else throw error;
  process.exitCode = error instanceof UsageAdvice ? 2 : 1;
}
