import { parseArgs } from 'node:util';
import { runDemo } from './demo';
import { seedDemo } from './demo/seed';
import { Advice, say } from './say';
import { runStart } from './start';
import { runTests } from './test';

const HELP = `Vorschule: a workbench for scholastic chess coaches.

  ./vorschule demo [--port 3000] [--reset]   start with the demo club; --reset makes its data anew
  ./vorschule test [--long] [--only STEP]    every check; the last line is "N passed, N failed"
  ./vorschule start                          a real installation; needs DATABASE_URL, SESSION_SECRET
                                             and ORIGIN in the environment, HOST and PORT optional
  ./vorschule help                           this text`;

const DEFAULT_PORT = 3000;

async function main(): Promise<number> {
  const { positionals, values } = readWords();
  const port = readPort(values.port ?? process.env.PORT);
  switch (positionals[0]) {
    case 'demo':
      await runDemo({ port, isReset: values.reset ?? false });
      return 0;
    case 'seed-demo':
      await seedDemo(values['migrate-only'] ?? false);
      return 0;
    case 'start':
      await runStart({ host: process.env.HOST ?? '127.0.0.1', port });
      return 0;
    case 'test':
      return runTests({ isLong: values.long ?? false, only: values.only });
    case 'help':
    case undefined:
      process.stdout.write(`${HELP}\n`);
      return 0;
    default:
      say(`There is no command "${positionals[0]}".\n\n${HELP}`);
      return 2;
  }
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
        'migrate-only': { type: 'boolean' },
        help: { type: 'boolean' },
      },
    });
  } catch (cause) {
    throw new Advice(`${cause instanceof Error ? cause.message : String(cause)}\n\n${HELP}`, { cause });
  }
}

function readPort(text: string | undefined): number {
  const port = text === undefined ? DEFAULT_PORT : Number(text);
  if (Number.isInteger(port) && port > 0 && port < 65_536) return port;
  throw new Advice(`"${text}" is no port. Give a number from 1 to 65535.`);
}

try {
  process.exitCode = await main();
} catch (error) {
  if (!(error instanceof Advice)) throw error;
  say(error.message);
  process.exitCode = 1;
}
