/**
 * Fills an empty database with the demo club, through the same services the pages use. Every step carries a fixed request
 * id, so a seeding that was cut short is simply run again.
 */
import { v5 as uuidOf } from 'uuid';
import type { AssignmentId, ClassId, SetId, StudentId } from '@/contracts/ids';
import { makeFen, makeMoveText, readPgn } from '@/core/notation';
import { createRandom, type Result } from '@/core/shared';
import type { CoachActor, StudentActor } from '@/server/auth/actors';
import { makeSetUpCode } from '@/server/auth/secrets';
import { closeDb, getDb, migrate, migrationSource } from '@/server/db';
import { rateOldAnswers, rekeyPuzzles } from '@/server/services/rekey';
import { addClass, addStudent } from '@/server/services/classes';
import { addCoach, getCoachActor } from '@/server/services/coaches';
import { addGame } from '@/server/services/games';
import { openSeatRound, storeAttempt } from '@/server/services/seat';
import { addPuzzle, addRound, addSet, giveSet } from '@/server/services/sets';
import { isSetUp, setUpClub } from '@/server/services/setUpClub';
import { closePool } from '@/workers/node';
import { gameTitle } from '@/text';
import { say } from '../say';
import { DEMO_GAMES, type DemoGame } from './games';
import { DEMO_CLUB, DEMO_COACH, DEMO_LEAD, type DemoCoach, type DemoStudent } from './people';
import { DEMO_LONG_SET, DEMO_SETS } from './puzzles';
import { DEMO_ROUNDS, type DemoRound } from './rounds';
import { simulateTries } from './simulate';

const NAMESPACE = '6f1c1b52-0f43-4d6e-9a8e-3f1f0a6b7c21';
const SEED = 1207;
const MINUTE_MS = 60_000;

/** Migrates, and seeds when `isDone` says the demo is not there yet. */
export async function seedDemo(isDone: boolean): Promise<void> {
  try {
    await migrate(getDb(), migrationSource);
    await rekeyPuzzles();
    await rateOldAnswers();
    if (!isDone) await fill();
  } finally {
    await closePool();
    await closeDb();
  }
}

async function fill(): Promise<void> {
  say('Making the demo club; every mate is proved twice (about a minute) ...');
  if (!(await isSetUp())) {
    getValue(
      await setUpClub({
        code: makeSetUpCode(),
        clubName: DEMO_CLUB.name,
        timeZone: DEMO_CLUB.timeZone,
        leadName: DEMO_LEAD.name,
        signInName: DEMO_LEAD.signInName,
        password: DEMO_LEAD.password,
      }),
    );
  }
  const lead = await getCoachActor(DEMO_LEAD.signInName);
  getValue(await addCoach(lead, DEMO_COACH));
  const sets = new Map<string, SetId>();
  for (const { name, fens } of DEMO_SETS) sets.set(name, await fillSet(lead, name, fens));
  const roundSets: SetId[] = [];
  for (const { name, rounds } of DEMO_ROUNDS) roundSets.push(await fillRounds(lead, name, rounds));
  for (const coach of [DEMO_LEAD, DEMO_COACH]) {
    const [own, long] = [sets.get(coach.class.setName), sets.get(DEMO_LONG_SET)];
    if (own === undefined || long === undefined) throw new Error(`no demo set ${coach.class.setName}`);
    await fillClass(coach, own, [long, ...roundSets.toReversed()]);
  }
}

async function fillSet(actor: CoachActor, name: string, fens: readonly string[]): Promise<SetId> {
  const setId = getValue(await addSet(actor, { requestId: requestOf('set', name), name }));
  for (const fen of fens) getValue(await addPuzzle(actor, { setId, fen, source: 'Quillhaven demo' }));
  return setId;
}

async function fillRounds(actor: CoachActor, name: string, rounds: readonly DemoRound[]): Promise<SetId> {
  const setId = getValue(await addSet(actor, { requestId: requestOf('set', name), name }));
  for (const round of rounds) getValue(await addRound(actor, { setId, ...round }));
  return setId;
}

/** The class works on its own set, which lies on top; the others were given before. */
async function fillClass(coach: DemoCoach, setId: SetId, beforeIds: readonly SetId[]): Promise<void> {
  const actor = await getCoachActor(coach.signInName);
  const { name, joinCode, students } = coach.class;
  const classId = getValue(await addClass(actor, { requestId: requestOf('class', name), name, joinCode }));
  const studentIds = await fillRoster(actor, classId, students);
  for (const game of DEMO_GAMES) await keepGame(actor, classId, game, students, studentIds);
  const givenIds: AssignmentId[] = [];
  for (const [index, beforeId] of beforeIds.entries()) {
    const requestId = requestOf(`give ${index}`, name);
    givenIds.push(getValue(await giveSet(actor, { requestId, setId: beforeId, classId })));
  }
  // In the order of the rounds: given last to first, so that the first lies above the others.
  const roundIds = givenIds.slice(1).toReversed();
  const requestId = requestOf('give', name);
  const assignmentId = getValue(await giveSet(actor, { requestId, setId, classId }));
  for (const [index, student] of students.entries()) {
    const studentId = studentIds[index];
    if (studentId === undefined) continue;
    const seat: StudentActor = { kind: 'student', studentId, clubId: actor.clubId, name: student.name };
    await answerSet(seat, assignmentId, student, SEED + index);
    for (const [round, roundId] of roundIds.entries()) {
      // The first round is nearly done, the next one begun, the last one not yet.
      const triedCount = student.triedCount === 0 ? 0 : ([10, 6, 0][round] ?? 0);
      await answerSet(seat, roundId, { ...student, triedCount }, SEED + 100 * (round + 1) + index);
    }
  }
}

async function fillRoster(
  actor: CoachActor,
  classId: ClassId,
  students: readonly DemoStudent[],
): Promise<StudentId[]> {
  const ids: StudentId[] = [];
  for (const { name, key } of students) {
    const added = await addStudent(actor, { requestId: requestOf('student', name), classId, name, key });
    ids.push(getValue(added).studentId);
  }
  return ids;
}

/** Keeps the game where it is one of a child of this class. */
async function keepGame(
  actor: CoachActor,
  classId: ClassId,
  { name, side, pgn, plies }: DemoGame,
  students: readonly DemoStudent[],
  studentIds: readonly StudentId[],
): Promise<void> {
  const studentId = studentIds[students.findIndex((student) => student.name === name)];
  if (studentId === undefined) return;
  const [read] = readPgn(pgn);
  if (read?.game === undefined) throw new Error('a game of the demo cannot be read');
  const { start, line, result } = read.game;
  getValue(
    await addGame(actor, {
      requestId: requestOf('game', pgn),
      title: gameTitle(read.tags, read.number),
      result,
      fen: makeFen(start),
      moves: line.map(({ move }) => makeMoveText(move)),
      playedBy: { classId, studentId, side },
      plies: [...plies],
      maxMoves: 3,
    }),
  );
}

async function answerSet(
  seat: StudentActor,
  assignmentId: AssignmentId,
  { name, strength, triedCount }: DemoStudent,
  seed: number,
): Promise<void> {
  if (triedCount === 0) return;
  const random = createRandom(seed);
  const { roundId, tasks } = getValue(await openSeatRound(seat, assignmentId));
  for (const [index, task] of tasks.slice(0, triedCount).entries()) {
    const tries = simulateTries(random, strength, task);
    for (const [number, { answer, hints, spentMs }] of tries.entries()) {
      getValue(
        await storeAttempt(seat, {
          clientId: requestOf('attempt', `${name} ${assignmentId} ${index} ${number}`),
          roundId,
          taskId: task.taskId,
          answer,
          hints,
          spentMs,
          answeredAt: new Date(Date.now() - (triedCount - index) * MINUTE_MS).toISOString(),
        }),
      );
    }
  }
}

function requestOf(kind: string, name: string): string {
  return uuidOf(`${kind} ${name}`, NAMESPACE);
}

/** Seeding data of our own is never refused; a refusal is a bug and stops it. */
function getValue<Value>(result: Result<Value, { readonly code: string }>): Value {
  if (result.ok) return result.value;
  throw new Error(`the demo was refused: ${JSON.stringify(result.error)}`);
}
