/**
 * How fast does the demo's database serve a full club? `npm run load`, beside a demo that runs on this machine; it makes classes of its own
 * there and starts a web server of its own, so that the first minute is a first minute. What is promised (ARCHITECTURE.md, "Load"):
 *
 * - 300 seats in ten lessons, an answer every two seconds each: 95 of 100 stored in under 250 ms when warm, under 1 s in the first minute;
 * - thirty children of a class sign in at the same moment: all in under 3 s;
 * - the page of a class with 30 children and 100,000 answers, and that of a child with 2,000: in the median under 150 ms;
 * - with `-- --minutes 30`, the memory of the server over so many minutes of answers: flat.
 *
 * The database at full durability, loopback only.
 */
import { readFileSync } from 'node:fs';
import { Agent, request } from 'node:http';
import { parseArgs } from 'node:util';
import { chromium } from '@playwright/test';
import { v4 as makeUuid, v5 as uuidOf } from 'uuid';
import { DEMO_LEAD } from '@/cli/demo/people';
import { simulateTries } from '@/cli/demo/simulate';
import { findFreePort } from '@/cli/processes';
import { getRunningDemo } from '@/cli/running';
import { servePages, type Served } from '@/cli/serve';
import type { NewAttempt, SeatRound } from '@/contracts/attempts';
import type { ClassId, ClubId, StudentId, TaskId } from '@/contracts/ids';
import { KEY_PICTURES } from '@/contracts/people';
import { createRandom, pickOne } from '@/core/shared';
import { closeDb, getDb, insertRow, listValues } from '@/server/db';
import { addClass, addStudent, listOwnClasses } from '@/server/services/classes';
import { getCoachActor } from '@/server/services/coaches';
import { listTasksOfPractice } from '@/server/data/tasks';
import { rebuildProgress } from '@/server/services/progress';
import { toSeatRound } from '@/server/services/seat';

const NAMESPACE = '5b8f1a52-7a5d-4a38-8d5e-3d1f6a4c9e11';
/** A class whose pages are read, and ten whose children answer. */
const READ_CLASS = { name: 'Load: pages', children: 30 };
const LESSONS = 10;
const CHILDREN = 30;
const ANSWERS = 100_000;
const ANSWERS_OF_ONE = 2_000;
const TASKS = 20;
/** A seat answers once in so many seconds. */
const EVERY_SECONDS = 2;
/** Counted apart: a server that has just begun compiles what it runs. */
const FIRST_SECONDS = 60;
const WARM_SECONDS = 60;
const READINGS = 20;
const STRENGTH = 0.6;

type Lead = Awaited<ReturnType<typeof getCoachActor>>;
interface Card {
  readonly studentId: StudentId;
  readonly key: readonly string[];
}

const demo = getRunningDemo();
if (new URL(demo.ORIGIN).hostname !== '127.0.0.1') throw new Error('the load script stays on this machine');
const port = await findFreePort();
const env = { ...demo, ORIGIN: `http://127.0.0.1:${port}` };
Object.assign(process.env, env);
const { values } = parseArgs({ options: { minutes: { type: 'string', default: '2' } } });
await main(Math.max(2, Number(values.minutes)));

async function main(minutes: number): Promise<void> {
  try {
    const lead = await getCoachActor(DEMO_LEAD.signInName);
    const read = await makeFullClass(lead, READ_CLASS);
    await fillAnswers(read.classId, read.cards);
    await rebuildProgress();
    const classes: FullClass[] = [];
    for (let lesson = 1; lesson <= LESSONS; lesson += 1)
      classes.push(await makeFullClass(lead, { name: `Load: lesson ${lesson}`, children: CHILDREN }));
    const served = await servePages({ host: '127.0.0.1', port, env });
    try {
      await timeSeats(lead, classes, served, minutes * 60);
      await timePages(read.classId, read.cards[0]?.studentId);
    } finally {
      await served.stop();
    }
  } finally {
    await closeDb();
  }
}

interface FullClass {
  readonly classId: ClassId;
  readonly joinCode: string;
  readonly cards: readonly Card[];
}

async function makeFullClass(
  lead: Lead,
  { name, children }: { readonly name: string; readonly children: number },
): Promise<FullClass> {
  const known = (await listOwnClasses(lead)).find((one) => one.name === name);
  const made = known === undefined ? await addClass(lead, { requestId: makeUuid(), name }) : undefined;
  if (made?.ok === false) throw new Error(made.error.code);
  const classId = known?.classId ?? made?.value;
  if (classId === undefined) throw new Error('no class');
  const cards: Card[] = [];
  for (let index = 0; index < children; index += 1) {
    const random = createRandom(index);
    const key = Array.from({ length: 3 }, () => pickOne(random, KEY_PICTURES));
    const requestId = uuidOf(`class ${classId} child ${index}`, NAMESPACE);
    const added = await addStudent(lead, { requestId, classId, name: `Child ${index + 1}`, key });
    if (!added.ok) throw new Error(added.error.code);
    cards.push({ studentId: added.value.studentId, key });
  }
  const rows: { join_code: string }[] = await getDb()('classes').where({ id: classId }).select('join_code');
  return { classId, joinCode: rows[0]?.join_code ?? '', cards };
}

/** Answers of thirty children, one of whom has given two thousand: rounds of twenty tasks, a day apart. */
async function fillAnswers(classId: ClassId, cards: readonly Card[]): Promise<void> {
  const db = getDb();
  const there = await db('attempts').where({ class_id: classId }).count({ count: 'id' }).first();
  if (Number(there?.count ?? 0) >= ANSWERS) return;
  const exercises = db('tasks').whereNot({ family: 'mate' }).orderBy('id').limit(TASKS);
  const taskIds = await listValues(exercises, 'tasks.id');
  const answers: Record<string, unknown>[] = [];
  for (const [index, { studentId }] of cards.entries()) {
    const count = index === 0 ? ANSWERS_OF_ONE : Math.ceil((ANSWERS - ANSWERS_OF_ONE) / (cards.length - 1));
    for (let round = 0; round * TASKS < count; round += 1) {
      const at = new Date(Date.now() - (round + 1) * 86_400_000);
      const roundId = await insertRow(db, 'rounds', {
        assignment_id: null,
        student_id: studentId,
        started_at: at,
      });
      await db('practices').insert({
        round_id: roundId,
        class_id: classId,
        stage: 'board',
        request_id: null,
      });
      for (const taskId of taskIds)
        answers.push({
          client_id: makeUuid(),
          student_id: studentId,
          class_id: classId,
          task_id: taskId,
          round_id: roundId,
          try_number: 1,
          answer: JSON.stringify({ kind: 'number', value: 1 }),
          hints: 0,
          spent_ms: 9000,
          answered_at: at,
          received_at: at,
        });
    }
  }
  await db.batchInsert('attempts', answers, 500);
  await db.raw(
    `INSERT INTO verdicts (attempt_id, judge_version, outcome, diagnoses)
     SELECT id, 1, IF(id MOD 3 = 0, 'wrong', 'right'), '{"codes":[],"wrongPly":null}' FROM attempts
     WHERE class_id = ? AND id NOT IN (SELECT attempt_id FROM verdicts)`,
    [classId],
  );
}

async function timePages(classId: ClassId, studentId: StudentId | undefined): Promise<void> {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  try {
    const page = await browser.newPage();
    await page.goto(`${env.ORIGIN}/sign-in`);
    await page.getByLabel('Sign-in name').fill(DEMO_LEAD.signInName);
    await page.getByRole('textbox', { name: 'Password' }).fill(DEMO_LEAD.password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.waitForURL('**/desk');
    for (const [name, address] of [
      ['class page', `/classes/${classId}`],
      ['child page', `/classes/${classId}/children/${studentId}`],
    ] as const) {
      const times: number[] = [];
      for (let reading = 0; reading < READINGS; reading += 1) {
        const from = performance.now();
        const response = await page.request.get(`${env.ORIGIN}${address}`);
        await response.body();
        if (!response.ok()) throw new Error(`${address}: ${response.status()}`);
        times.push(performance.now() - from);
      }
      tell(name, times);
    }
  } finally {
    await browser.close();
  }
}

interface Seat {
  readonly cookie: string;
  readonly studentId: StudentId;
  readonly classId: ClassId;
  answers: readonly NewAttempt[];
}

/** Each seat has a round of its own, half of it mates, and answers each task once: every answer is judged, learnt from and rates. */
async function timeSeats(
  lead: Lead,
  classes: readonly FullClass[],
  served: Served,
  seconds: number,
): Promise<void> {
  const pick = (isMate: boolean) => {
    const newest = getDb()('tasks')
      .where({ club_id: lead.clubId })
      .where('family', isMate ? '=' : '<>', 'mate')
      .orderBy('id', 'desc')
      .limit(FIRST_SECONDS / EVERY_SECONDS / 2);
    return listValues(newest, 'tasks.id');
  };
  const taskIds = [...(await pick(true)), ...(await pick(false))];
  const seats: Seat[] = [];
  for (const { joinCode, cards, classId } of classes) {
    await forgetAnswers(cards);
    const times: number[] = [];
    const signedIn = await Promise.all(
      cards.map(async ({ studentId, key }) => {
        const from = performance.now();
        const response = await post('/api/seat/sign-in', '', { joinCode, studentId, key });
        if (response.status !== 200) throw new Error(`sign-in: ${response.status}`);
        times.push(performance.now() - from);
        const cookies = response.cookies.map((line) => line.split(';')[0]);
        return { studentId, classId, cookie: cookies.join('; '), answers: [] };
      }),
    );
    if (seats.length === 0) tell(`${cards.length} sign-ins at once, the first of a new server`, times);
    seats.push(...signedIn);
  }
  const failed: number[] = [];
  async function send(cookie: string, answer: NewAttempt, into: number[]): Promise<void> {
    const from = performance.now();
    // A device would send it again; here it is counted.
    const response = await post('/api/attempts', cookie, answer).catch(() => undefined);
    if (response?.status === 200) into.push(performance.now() - from);
    else failed.push(response?.status ?? 0);
  }
  async function answerFor(most: number, into: number[]): Promise<void> {
    for (const [index, seat] of seats.entries())
      seat.answers = await makeAnswers(lead.clubId, seat, taskIds, index);
    const running: Promise<void>[] = [];
    const start = performance.now();
    for (let turn = 0; turn * EVERY_SECONDS < most; turn += 1)
      for (const [index, { cookie, answers }] of seats.entries()) {
        const at = start + 1000 * EVERY_SECONDS * (turn + index / seats.length);
        await new Promise((resolve) => setTimeout(resolve, Math.max(0, at - performance.now())));
        const answer = answers[turn];
        if (answer !== undefined) running.push(send(cookie, answer, into));
      }
    await Promise.all(running);
  }
  const first: number[] = [];
  const processorBefore = readProcessorMs(served);
  await answerFor(FIRST_SECONDS, first);
  tell(`${seats.length} seats, an answer every ${EVERY_SECONDS} s each, first minute`, first);
  const memory = [readMemory(served)];
  const warm: number[] = [];
  for (let second = FIRST_SECONDS; second < seconds; second += WARM_SECONDS) {
    await answerFor(WARM_SECONDS, warm);
    memory.push(readMemory(served));
  }
  tell(`${seats.length} seats, an answer every ${EVERY_SECONDS} s each, warm`, warm);
  process.stdout.write(`refused or failed: ${failed.length}\n`);
  const spent = (readProcessorMs(served) - processorBefore) / (first.length + warm.length);
  process.stdout.write(`processor time of the server for an answer: ${spent.toFixed(1)} ms\n`);
  process.stdout.write(`memory of the server after each minute, in MB: ${memory.join(' ')}\n`);
}

/** The server's processes. */
function listProcesses({ child }: Served): string[] {
  const children = readFileSync(`/proc/${child.pid}/task/${child.pid}/children`, 'utf8').trim();
  return [String(child.pid), ...children.split(' ').filter((pid) => pid !== '')];
}

/** Resident memory of all of them, in MB. */
function readMemory(served: Served): number {
  const kb = listProcesses(served).map((pid) =>
    Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]),
  );
  return Math.round(kb.reduce((sum, one) => sum + one, 0) / 1024);
}

/** What they have used of the processors, in milliseconds; Linux counts in hundredths of a second. */
function readProcessorMs(served: Served): number {
  const used = listProcesses(served).map((pid) => {
    const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]?.split(' ') ?? [];
    return 10 * (Number(fields[11]) + Number(fields[12]));
  });
  return used.reduce((sum, one) => sum + one, 0);
}

/** A fresh round for this seat, and its first answer to each task. */
async function makeAnswers(
  clubId: ClubId,
  { classId, studentId }: Seat,
  taskIds: readonly TaskId[],
  index: number,
): Promise<NewAttempt[]> {
  const random = createRandom(index);
  const { roundId, tasks } = await openRound(clubId, classId, studentId, turn(taskIds, index));
  return tasks.flatMap((task) =>
    simulateTries(random, STRENGTH, task)
      .slice(0, 1)
      .map(({ answer, hints, spentMs }) => ({
        clientId: makeUuid(),
        roundId,
        taskId: task.taskId,
        answer,
        hints,
        spentMs,
        waitedMs: 0,
      })),
  );
}

/** As if the class had not answered before: only a first answer to a mate rates. */
async function forgetAnswers(cards: readonly Card[]): Promise<void> {
  const db = getDb();
  const students = cards.map(({ studentId }) => studentId);
  const attempts = () => db('attempts').whereIn('student_id', students);
  await db('verdicts').whereIn('attempt_id', attempts().select('id')).delete();
  await db('rating_steps').whereIn('student_id', students).delete();
  await attempts().delete();
}

/** Children sit over different tasks at the same time. */
function turn(taskIds: readonly TaskId[], index: number): TaskId[] {
  const from = index % taskIds.length;
  return [...taskIds.slice(from), ...taskIds.slice(0, from)];
}

async function openRound(
  clubId: ClubId,
  classId: ClassId,
  studentId: StudentId,
  taskIds: readonly TaskId[],
): Promise<SeatRound> {
  const db = getDb();
  const roundId = await insertRow(db, 'rounds', {
    assignment_id: null,
    student_id: studentId,
    started_at: new Date(),
  });
  await db('practices').insert({ round_id: roundId, class_id: classId, stage: 'board', request_id: null });
  await db('practice_tasks').insert(
    taskIds.map((taskId, ordinal) => ({ round_id: roundId, task_id: taskId, ordinal })),
  );
  return toSeatRound(db, clubId, roundId, '', await listTasksOfPractice(db, roundId));
}

interface Reply {
  readonly status: number;
  readonly cookies: readonly string[];
}

/** Three hundred tablets are not on the server's own processors: plain requests over kept connections take the least of these. */
const agent = new Agent({ keepAlive: true });

function post(address: string, cookie: string, body: unknown): Promise<Reply> {
  const headers = { cookie, 'content-type': 'application/json' };
  return new Promise((resolve, reject) => {
    const sent = request(`${env.ORIGIN}${address}`, { method: 'POST', agent, headers }, (response) => {
      response.resume();
      response.once('error', reject);
      response.once('end', () => {
        resolve({ status: response.statusCode ?? 0, cookies: response.headers['set-cookie'] ?? [] });
      });
    });
    sent.once('error', reject);
    sent.end(JSON.stringify(body));
  });
}

function tell(name: string, times: readonly number[]): void {
  const sorted = [...times].sort((one, other) => one - other);
  const at = (share: number) => Math.round(sorted[Math.floor((sorted.length - 1) * share)] ?? 0);
  process.stdout.write(
    `${name}: median ${at(0.5)} ms, 95 of 100 under ${at(0.95)} ms, ${sorted.length} in all\n`,
  );
}
