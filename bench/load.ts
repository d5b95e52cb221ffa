/**
 * How fast does the demo answer with a full class? `npm run load`, beside a demo that runs on this machine; it makes a class of its own there.
 *
 * Two questions of the product's own: pages of a class with 30 children and 20,000 answers and of a child with 2,000 (median under 150 ms),
 * and 100 seats that each answer once a second (95 of 100 under 250 ms), the database at full durability. Bounded: loopback only, twenty
 * seconds of answers, twenty readings of each page.
 */
import { chromium } from '@playwright/test';
import { v4 as makeUuid, v5 as uuidOf } from 'uuid';
import { DEMO_LEAD } from '@/cli/demo/people';
import { getRunningDemo } from '@/cli/running';
import type { ClassId, StudentId } from '@/contracts/ids';
import { KEY_PICTURES } from '@/contracts/people';
import { createRandom, pickOne } from '@/core/shared';
import { closeDb, getDb } from '@/server/db';
import { addClass, addStudent, listOwnClasses } from '@/server/services/classes';
import { getCoachActor } from '@/server/services/coaches';
import { askQuestion, beginLive, endLive } from '@/server/services/live';
import { rebuildProgress } from '@/server/services/progress';

const NAMESPACE = '5b8f1a52-7a5d-4a38-8d5e-3d1f6a4c9e11';
const CLASS = 'Load class';
const SEATS = 100;
const CHILDREN = 30;
const ANSWERS = 20_000;
const ANSWERS_OF_ONE = 2_000;
const TASKS = 20;
const SECONDS = 20;
const READINGS = 20;
const FEN = '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1';

type Lead = Awaited<ReturnType<typeof getCoachActor>>;
interface Card {
  readonly studentId: StudentId;
  readonly key: readonly string[];
}

const demo = getRunningDemo();
if (new URL(demo.ORIGIN).hostname !== '127.0.0.1') throw new Error('the load script stays on this machine');
Object.assign(process.env, demo);
await main();

async function main(): Promise<void> {
  try {
    const lead = await getCoachActor(DEMO_LEAD.signInName);
    const { classId, joinCode, cards } = await makeFullClass(lead);
    await fillAnswers(classId, cards);
    await rebuildProgress();
    await timePages(classId, cards[0]?.studentId);
    await timeSeats(lead, classId, joinCode, cards);
  } finally {
    await closeDb();
  }
}

async function makeFullClass(
  lead: Lead,
): Promise<{ readonly classId: ClassId; readonly joinCode: string; readonly cards: readonly Card[] }> {
  const known = (await listOwnClasses(lead)).find(({ name }) => name === CLASS);
  const made = known === undefined ? await addClass(lead, { requestId: makeUuid(), name: CLASS }) : undefined;
  if (made?.ok === false) throw new Error(made.error.code);
  const classId = known?.classId ?? made?.value;
  if (classId === undefined) throw new Error('no class');
  const cards: Card[] = [];
  for (let index = 0; index < SEATS; index += 1) {
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
  const taskIds: number[] = await db('tasks')
    .whereNot({ family: 'mate' })
    .orderBy('id')
    .limit(TASKS)
    .pluck('id');
  const answers: Record<string, unknown>[] = [];
  for (const [index, { studentId }] of cards.slice(0, CHILDREN).entries()) {
    const count = index === 0 ? ANSWERS_OF_ONE : Math.ceil((ANSWERS - ANSWERS_OF_ONE) / (CHILDREN - 1));
    for (let round = 0; round * TASKS < count; round += 1) {
      const at = new Date(Date.now() - (round + 1) * 86_400_000);
      const [roundId] = await db('rounds').insert({
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
    await page.goto(`${demo.ORIGIN}/sign-in`);
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
        const response = await page.request.get(`${demo.ORIGIN}${address}`);
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

async function timeSeats(
  lead: Lead,
  classId: ClassId,
  joinCode: string,
  cards: readonly Card[],
): Promise<void> {
  const task = await getDb()('tasks')
    .where({ club_id: lead.clubId, family: 'mate' })
    .orderBy('id')
    .first('id');
  const live = await beginLive(lead, { requestId: makeUuid(), classId });
  if (!live.ok) throw new Error(live.error.code);
  const asked = await askQuestion(lead, {
    requestId: makeUuid(),
    liveId: live.value,
    taskId: task?.id as Parameters<typeof askQuestion>[1]['taskId'],
    fen: FEN,
    words: 'White to move. Mate in 1.',
  });
  if (!asked.ok) throw new Error(asked.error.code);
  const seats: { readonly cookie: string; readonly roundId: number }[] = [];
  for (const { studentId, key } of cards) {
    const signedIn = await post('/api/seat/sign-in', '', { joinCode, studentId, key });
    const cookie = signedIn.headers
      .getSetCookie()
      .map((line) => line.split(';')[0])
      .join('; ');
    const opened = await post('/api/seat/rounds', cookie, { questionId: asked.value });
    const { roundId } = (await opened.json()) as { roundId: number };
    seats.push({ cookie, roundId });
  }
  const times: number[] = [];
  const failed: number[] = [];
  async function answer(seat: (typeof seats)[number]): Promise<void> {
    const from = performance.now();
    const response = await post('/api/attempts', seat.cookie, {
      clientId: makeUuid(),
      roundId: seat.roundId,
      taskId: task?.id,
      answer: { kind: 'play', moves: ['a1a8'], slips: 0 },
      hints: 0,
      spentMs: 1000,
      answeredAt: new Date().toISOString(),
    });
    await response.text();
    if (response.ok) times.push(performance.now() - from);
    else failed.push(response.status);
  }
  const running: Promise<void>[] = [];
  const start = performance.now();
  for (let second = 0; second < SECONDS; second += 1)
    for (const [index, seat] of seats.entries()) {
      const at = start + 1000 * (second + index / seats.length);
      await new Promise((resolve) => setTimeout(resolve, Math.max(0, at - performance.now())));
      running.push(answer(seat));
    }
  await Promise.all(running);
  await endLive(lead, { liveId: live.value });
  tell(`${SEATS} seats, an answer a second each`, times);
  process.stdout.write(`refused or failed: ${failed.length}\n`);
}

function post(address: string, cookie: string, body: unknown): Promise<Response> {
  return fetch(`${demo.ORIGIN}${address}`, {
    method: 'POST',
    headers: { cookie, 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
}

function tell(name: string, times: readonly number[]): void {
  const sorted = [...times].sort((one, other) => one - other);
  const at = (share: number) => Math.round(sorted[Math.floor((sorted.length - 1) * share)] ?? 0);
  process.stdout.write(
    `${name}: median ${at(0.5)} ms, 95 of 100 under ${at(0.95)} ms, ${sorted.length} in all\n`,
  );
}
