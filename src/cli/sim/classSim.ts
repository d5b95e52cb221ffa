/** `vorschule class-sim`: a simulated class at the demo that runs on this machine. */
import { execFileSync } from 'node:child_process';
import { DEMO_LEAD } from '../demo/people';
import { getRunningDemo } from '../running';
import { say } from '../say';
import { startSimClass } from './simClass';
import { simCardsSchema, type SimCard } from './simSeat';

/** How often a simulated child looks at the board. */
const EVERY_MS = 1500;

export async function runClassSim(options: {
  readonly className: string;
  readonly children: number;
  readonly seed: number;
  readonly minutes: number;
}): Promise<number> {
  const env = getRunningDemo();
  const cards = fetchCards(env, { ...options, lead: DEMO_LEAD.signInName });
  const ended = new AbortController();
  process.once('SIGINT', () => ended.abort());
  const timer = setTimeout(() => ended.abort(), options.minutes * 60_000);
  say(`${cards.length} children of ${options.className} come to ${env.ORIGIN}. Ctrl-C ends it.`);
  const {
    seats,
    ended: all,
    longestWaitMs,
  } = startSimClass({
    origin: env.ORIGIN,
    cards,
    seed: options.seed,
    everyMs: EVERY_MS,
    signal: ended.signal,
    say,
  });
  await all;
  clearTimeout(timer);
  const given = seats.reduce((sum, seat) => sum + seat.given.length, 0);
  const waiting = seats.reduce((sum, seat) => sum + seat.waiting(), 0);
  const longest = (longestWaitMs() / 1000).toFixed(1);
  say(`${given} answers given, ${waiting} of them not sent; the longest took ${longest} s to be stored.`);
  return 0;
}

/** In a process of its own, since the services read their settings once from the environment. */
export function fetchCards(
  env: Readonly<Record<string, string>>,
  {
    lead,
    className,
    children,
  }: {
    /** The sign-in name of the lead of the class's club. */
    readonly lead: string;
    readonly className: string;
    readonly children: number;
  },
): SimCard[] {
  const words = ['--conditions=react-server', '--enable-source-maps', 'dist/cli.mjs', 'class-sim-cards'];
  const text = execFileSync(
    process.execPath,
    [...words, '--lead', lead, '--class', className, '--children', String(children)],
    {
      env: { ...process.env, ...env, NODE_OPTIONS: '' },
      encoding: 'utf8',
      stdio: ['ignore', 'pipe', 'inherit'],
    },
  );
  return simCardsSchema.parse(JSON.parse(text));
}
