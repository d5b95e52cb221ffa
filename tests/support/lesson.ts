/**
 * A lesson under way while something goes wrong: simulated children over real HTTP, a coach who asks one question after the other, and
 * afterwards the books: what the children gave and were told is stored, against what is there.
 */
import { v4 as makeUuid } from 'uuid';
import { fetchCards } from '@/cli/sim/classSim';
import { startSimClass, type SimClass } from '@/cli/sim/simClass';
import type { LiveId, TaskId } from '@/contracts/ids';
import { makeFen } from '@/core/notation';
import { INITIAL_POSITION, listLegalMoves, playMove } from '@/core/rules';
import { createRandom, pickOne } from '@/core/shared';
import { makeSetUpCode } from '@/server/auth/secrets';
import { getDb } from '@/server/db';
import { addClass } from '@/server/services/classes';
import { runAt } from '@/server/services/clock';
import { getCoachActor } from '@/server/services/coaches';
import { askQuestion, beginLive } from '@/server/services/live';
import { getSetPage } from '@/server/services/sets';
import { setUpClub } from '@/server/services/setUpClub';
import { makeSet, MATE_IN_1, MATE_IN_2, PASSWORD, valueOf } from './database';
import { runOn } from './schemas';

export interface Lesson {
  readonly children: SimClass;
  /** Until the children have been told of so many more answers that they are stored. */
  goOn(answers: number): Promise<void>;
  /** The clock of the coach's machine, from now on: so many milliseconds from this one's. A lesson is begun there anew. */
  setClock(offsetMs: number): void;
  /** The children go home, and what they still hold is sent; then the books are compared. */
  end(): Promise<Books>;
}

export interface Books {
  readonly answers: number;
  readonly questions: number;
  readonly longestAnswerMs: number;
  readonly longestAskMs: number;
}

const LEAD = 'wenna';
const CLASS = 'Lantern class';

export const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** As a person does: the same request again until it is answered. Gives how long that took. */
async function insist(signal: AbortSignal, work: () => Promise<unknown>): Promise<number> {
  const begun = performance.now();
  for (;;) {
    try {
      await work();
      return performance.now() - begun;
    } catch (error) {
      // Something is broken at the moment: the page says "Try again".
      if (signal.aborted) throw error;
      await pause(100);
    }
  }
}

/** This process is the coach: its services work on the database of the settings, which is empty. */
export async function beginLesson(options: {
  readonly env: Readonly<Record<'DATABASE_URL' | 'SESSION_SECRET' | 'ORIGIN', string>>;
  readonly children: number;
  readonly seed: number;
  /** How often a child looks at the board, and the coach asks. */
  readonly everyMs: { readonly look: number; readonly ask: number };
}): Promise<Lesson> {
  const { env, seed, everyMs } = options;
  const club = { clubName: 'Quillhaven Chess Club', timeZone: 'Atlantic/Faroe', leadName: 'Wenna' };
  const account = { signInName: LEAD, password: PASSWORD };
  valueOf(await setUpClub({ ...club, ...account, code: makeSetUpCode() }, 'here'));
  const lead = await getCoachActor(LEAD);
  const classId = valueOf(await addClass(lead, { requestId: makeUuid(), name: CLASS }));
  const setId = await makeSet(lead, [MATE_IN_1, MATE_IN_2]);
  const puzzles = valueOf(await getSetPage(lead, setId)).items.flatMap((item) =>
    'fen' in item ? [item] : [],
  );
  const cards = fetchCards(env, { lead: LEAD, className: CLASS, children: options.children });
  const begin = async () => valueOf(await beginLive(lead, { requestId: makeUuid(), classId }));
  let liveId: LiveId = await begin();
  let offsetMs = 0;
  let isToBegin = false;
  const atCoach = <Value>(work: () => Promise<Value>) => runAt(new Date(Date.now() + offsetMs), work);

  const ended = new AbortController();
  const children = startSimClass({
    origin: env.ORIGIN,
    cards,
    seed,
    everyMs: everyMs.look,
    signal: ended.signal,
    say: () => undefined,
  });
  let longestAskMs = 0;
  let asked = 0;
  const coach = (async () => {
    const random = createRandom(seed);
    let position = INITIAL_POSITION;
    for (; !ended.signal.aborted; asked += 1) {
      const puzzle = asked % 3 === 2 ? puzzles[asked % puzzles.length] : undefined;
      const what: { fen: string; taskId?: TaskId } =
        puzzle === undefined ? { fen: makeFen(position) } : { fen: puzzle.fen, taskId: puzzle.taskId };
      const requestId = makeUuid();
      const ask = async () => {
        if (isToBegin) liveId = await begin();
        isToBegin = false;
        valueOf(await askQuestion(lead, { requestId, liveId, words: 'Which move?', ...what }));
      };
      longestAskMs = Math.max(longestAskMs, await insist(ended.signal, () => atCoach(ask)));
      const moves = listLegalMoves(position);
      position = moves.length === 0 ? INITIAL_POSITION : playMove(position, pickOne(random, moves));
      await pause(everyMs.ask);
    }
  })();

  return {
    children,
    goOn: async (answers) => {
      const before = children.stored.size;
      while (children.stored.size < before + answers) await pause(100);
    },
    setClock: (ms) => {
      offsetMs = ms;
      isToBegin = true;
    },
    end: async () => {
      ended.abort();
      await Promise.all([children.ended, coach]);
      // The network may break at the very last sending: a device sends again, until the answer is stored.
      for (const seat of children.seats) {
        while (seat.waiting() > 0) {
          await pause(100);
          await seat.flush();
        }
      }
      const answers = await compareBooks(children, env.DATABASE_URL);
      const questions = await getDb()('live_questions').count<{ n: number }[]>({ n: '*' });
      expect(Number(questions[0]?.n)).toBe(asked);
      return { answers, questions: asked, longestAnswerMs: children.longestWaitMs(), longestAskMs };
    },
  };
}

/** Every answer that was given is stored once, with one verdict, in its turn; how many there are. */
async function compareBooks(children: SimClass, url: string): Promise<number> {
  const db = getDb();
  const moves = await db('suggestions').pluck('client_id');
  const attempts: AttemptRow[] = await db('attempts')
    .leftJoin('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .orderBy('attempts.id')
    .select(['client_id', 'round_id', 'task_id', 'try_number', 'outcome']);
  const stored = [...moves, ...attempts.map(({ client_id: id }) => id)].sort();
  // One verdict each: a second would list its attempt twice.
  expect(new Set(stored).size).toBe(stored.length);
  expect(attempts.filter(({ outcome }) => outcome === null)).toEqual([]);
  expect(attempts.length).toBeGreaterThan(0);
  expect(moves.length).toBeGreaterThan(0);
  const given = children.seats.flatMap((seat) => [...seat.given]).sort();
  expect(stored).toEqual(given);
  expect([...children.stored].sort()).toEqual(given);
  const tries = new Map<string, number[]>();
  for (const { round_id: roundId, task_id: taskId, try_number: tryNumber } of attempts) {
    const key = `${roundId} ${taskId}`;
    tries.set(key, [...(tries.get(key) ?? []), tryNumber]);
  }
  for (const numbers of tries.values()) expect(numbers).toEqual(numbers.map((_, index) => index + 1));
  // What is counted from the answers is what counting them anew gives.
  expect((await runOn(url, 'rebuild-here')).said).toContain(
    'the figures of 0 were others before.\nRatings: all were the same',
  );
  return stored.length;
}

interface AttemptRow {
  readonly client_id: string;
  readonly round_id: number;
  readonly task_id: number;
  readonly try_number: number;
  readonly outcome: string | null;
}

export const seconds = (ms: number) => `${(ms / 1000).toFixed(1)} s`;

/** For the docs: what was measured. */
export function report(test: string, text: string): void {
  process.stderr.write(`${test}: ${text}\n`);
}

/** One line about a lesson that has ended. */
export function tellBooks({ answers, questions, longestAnswerMs, longestAskMs }: Books): string {
  const longest = `the longest took ${seconds(longestAnswerMs)}`;
  return `${answers} answers stored once each, ${longest}; ${questions} questions, the longest ${seconds(longestAskMs)}`;
}
