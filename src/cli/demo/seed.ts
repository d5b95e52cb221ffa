/**
 * Fills an empty database with the demo club, through the same services the pages use, in the order in which two terms went by. Every step
 * carries a fixed request id, so a seeding that was cut short is simply run again.
 */
import dayjs from 'dayjs';
import type { AssignmentId, ClassId, SetId, StudentId } from '@/contracts/ids';
import { makeFen, makeMoveText, readPgn } from '@/core/notation';
import type { CoachActor } from '@/server/auth/actors';
import { makeSetUpCode } from '@/server/auth/secrets';
import { closeDb } from '@/server/db';
import { addClass, addStudent, listOwnClasses, setLevel, setPost } from '@/server/services/classes';
import { runAt } from '@/server/services/clock';
import { addCoach, getCoachActor } from '@/server/services/coaches';
import { addGame } from '@/server/services/games';
import { writeEmail } from '@/server/services/outbox';
import { prepareDatabase } from '@/server/services/schema';
import { changeRoster } from '@/server/services/rosterChanges';
import { addPuzzle, addRound, addSet, giveSet } from '@/server/services/sets';
import { isSetUp, setUpClub } from '@/server/services/setUpClub';
import { addTerm, listOwnTerms, saveTerm } from '@/server/services/terms';
import { closePool } from '@/workers/node';
import { gameTitle } from '@/text';
import { say } from '../say';
import { DEMO_GAMES, type DemoGame } from './games';
import {
  DEMO_CLASSES,
  DEMO_CLUB,
  DEMO_COACHES,
  DEMO_LEAD,
  DEMO_STUDENTS,
  DEMO_TERMS,
  type DemoClass,
  type DemoClassId,
  type DemoStudent,
} from './people';
import { DEMO_LONG_SET, DEMO_SETS } from './puzzles';
import { DEMO_HOMEWORK, DEMO_ROUNDS, type DemoRound } from './rounds';
import {
  CLASS_IDS,
  dayOf,
  getId,
  getValue,
  requestOf,
  SEED,
  type Calendar,
  type ClassIds,
  type StudentIds,
} from './seedHelpers';
import { answerSet, planLessons, seatOf, solveMates, teachTerm } from './weeks';

/** Migrates, and seeds when `isDone` says the demo is not there yet. */
export async function seedDemo(isDone: boolean): Promise<void> {
  try {
    await prepareDatabase(say);
    if (!isDone) await fill();
  } finally {
    await closePool();
    await closeDb();
  }
}

async function makeCalendar(): Promise<Calendar> {
  const { firstWeek, lastWeek } = DEMO_TERMS.before;
  const from = dayjs().startOf('day').add(8, 'hour');
  if (!(await isSetUp())) {
    const { name: leadName, signInName, password } = DEMO_LEAD;
    const { name: clubName, timeZone } = DEMO_CLUB;
    const input = { code: makeSetUpCode(), clubName, timeZone, leadName, signInName, password };
    getValue(await runAt(from.add(firstWeek, 'week').toDate(), () => setUpClub(input, 'seed')));
  }
  const lead = await getCoachActor(DEMO_LEAD.signInName);
  const first = (await listOwnTerms(lead)).at(-1);
  if (first === undefined) throw new Error('a club begins with a term');
  const { termId, startsOn } = first;
  const start = dayjs(startsOn).add(8, 'hour');
  const calendar: Calendar = (week) => start.add(week - firstWeek, 'week').toDate();
  const endsOn = dayOf(calendar(lastWeek));
  getValue(await saveTerm(lead, { termId, name: DEMO_TERMS.before.name, startsOn, endsOn }));
  return calendar;
}

async function fill(): Promise<void> {
  say('Making the demo club and its two terms; every mate is proved twice (about a minute) ...');
  const calendar = await makeCalendar();
  const lead = await getCoachActor(DEMO_LEAD.signInName);
  for (const coach of DEMO_COACHES) {
    if (coach !== DEMO_LEAD) getValue(await addCoach(lead, coach));
  }
  const sets = new Map<string, SetId>();
  for (const { name, fens } of DEMO_SETS) sets.set(name, await fillSet(lead, name, fens));
  const roundSets: SetId[] = [];
  for (const { name, rounds } of DEMO_ROUNDS) roundSets.push(await fillRounds(lead, name, rounds));
  for (const { name, rounds } of DEMO_HOMEWORK) sets.set(name, await fillRounds(lead, name, rounds));
  say('Playing through the weeks of both terms ...');
  const students = new Map<string, StudentId>();
  const before = await runAt(calendar(DEMO_TERMS.before.firstWeek), () => openTerm(lead, students));
  await teachTerm('before', before, students, sets, calendar);
  const now = await runAt(calendar(DEMO_TERMS.now.firstWeek), () =>
    turnTerm(lead, before, students, calendar),
  );
  await teachTerm('now', now, students, sets, calendar);
  await solveMates(now, students, sets, calendar);
  await planLessons(now, students);
  const long = sets.get(DEMO_LONG_SET);
  if (long === undefined) throw new Error(`no demo set ${DEMO_LONG_SET}`);
  for (const id of CLASS_IDS) {
    const { setName } = DEMO_CLASSES[id];
    const own = setName === undefined ? undefined : sets.get(setName);
    if (own !== undefined) await fillClass(id, now, students, own, [long, ...roundSets.toReversed()]);
  }
  // Something to look at in the outbox: the lead's, with the report of a child.
  const [classId, studentId] = [now.get('lantern'), students.get('Pip')];
  if (classId === undefined) throw new Error('no demo class');
  const requestId = requestOf('email', 'Pip');
  getValue(await writeEmail(lead, { requestId, classId, studentId, to: 'family@example.org' }));
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

/** The classes and children of the first term. */
async function openTerm(lead: CoachActor, students: StudentIds): Promise<ClassIds> {
  const classIds = new Map<DemoClassId, ClassId>();
  for (const id of CLASS_IDS) {
    const { name, joinCode, level, coach, assistants } = DEMO_CLASSES[id];
    const actor = await getCoachActor(coach.signInName);
    const classId = getValue(await addClass(actor, { requestId: requestOf('class', name), name, joinCode }));
    getValue(await setLevel(actor, { classId, level }));
    for (const { signInName } of assistants) {
      const { coachId } = await getCoachActor(signInName);
      getValue(await setPost(lead, { classId, coachId, post: 'assistant' }));
    }
    classIds.set(id, classId);
    await enrolAll(
      actor,
      classId,
      DEMO_STUDENTS.filter(({ before }) => before === id),
      students,
    );
  }
  return classIds;
}

async function enrolAll(
  actor: CoachActor,
  classId: ClassId,
  list: readonly DemoStudent[],
  students: StudentIds,
): Promise<void> {
  for (const { name, key } of list) {
    const added = await addStudent(actor, { requestId: requestOf('student', name), classId, name, key });
    students.set(name, getValue(added).studentId);
  }
}

/** Every class goes on; some children change over, one leaves, others join. */
async function turnTerm(
  lead: CoachActor,
  before: ClassIds,
  students: StudentIds,
  calendar: Calendar,
): Promise<ClassIds> {
  const { name, firstWeek, lastWeek } = DEMO_TERMS.now;
  const days = { startsOn: dayOf(calendar(firstWeek)), endsOn: dayOf(calendar(lastWeek)) };
  const termId = getValue(await addTerm(lead, { name, ...days }));
  getValue(
    await changeRoster(lead, {
      requestId: requestOf('turn', name),
      termId,
      classes: CLASS_IDS.map((id) => ({
        key: id,
        name: DEMO_CLASSES[id].name,
        level: DEMO_CLASSES[id].level,
        heirOf: getId(before, id),
      })),
      moves: DEMO_STUDENTS.flatMap((student) =>
        student.before === undefined
          ? []
          : {
              studentId: getId(students, student.name),
              fromClassId: getId(before, student.before),
              to:
                student.now === undefined
                  ? ({ kind: 'leaves' } as const)
                  : ({ kind: 'new', key: student.now } as const),
            },
      ),
    }),
  );
  const made = (await listOwnClasses(lead)).filter((one) => one.termId === termId);
  const classIds = new Map<DemoClassId, ClassId>();
  for (const id of CLASS_IDS) {
    const found = made.find((one) => one.name === DEMO_CLASSES[id].name);
    if (found === undefined) throw new Error(`${DEMO_CLASSES[id].name} did not go on`);
    classIds.set(id, found.classId);
    const newcomers = DEMO_STUDENTS.filter((one) => one.before === undefined && one.now === id);
    const actor = await getCoachActor(DEMO_CLASSES[id].coach.signInName);
    await enrolAll(actor, found.classId, newcomers, students);
  }
  return classIds;
}

/** The class works on its own set, which lies on top; the others were given before. */
async function fillClass(
  id: DemoClassId,
  classIds: ClassIds,
  students: StudentIds,
  setId: SetId,
  beforeIds: readonly SetId[],
): Promise<void> {
  const { coach, name }: DemoClass = DEMO_CLASSES[id];
  const actor = await getCoachActor(coach.signInName);
  const classId = getId(classIds, id);
  const inClass = DEMO_STUDENTS.filter(({ now }) => now === id);
  for (const game of DEMO_GAMES) {
    if (inClass.some((student) => student.name === game.name))
      await keepGame(actor, classId, game, getId(students, game.name));
  }
  const givenIds: AssignmentId[] = [];
  for (const [index, beforeId] of beforeIds.entries()) {
    const requestId = requestOf(`give ${index}`, name);
    givenIds.push(getValue(await giveSet(actor, { requestId, setId: beforeId, classId })));
  }
  // In the order of the rounds: given last to first, so that the first lies above the others.
  const roundIds = givenIds.slice(1).toReversed();
  const requestId = requestOf('give', name);
  const assignmentId = getValue(await giveSet(actor, { requestId, setId, classId }));
  for (const [index, student] of inClass.entries()) {
    const studentId = getId(students, student.name);
    const seat = seatOf(actor, student, studentId);
    await answerSet(seat, assignmentId, student, SEED + index, minutesAgo(student.triedCount));
    for (const [round, roundId] of roundIds.entries()) {
      // The first round is nearly done, the next one begun, the last one not yet.
      const triedCount = student.triedCount === 0 ? 0 : ([10, 6, 0][round] ?? 0);
      const tried = { ...student, triedCount };
      await answerSet(seat, roundId, tried, SEED + 100 * (round + 1) + index, minutesAgo(triedCount));
    }
  }
}

const minutesAgo = (minutes: number) => dayjs().subtract(minutes, 'minute').toDate();

/** Keeps the game as one of this child. */
async function keepGame(
  actor: CoachActor,
  classId: ClassId,
  { side, pgn, plies }: DemoGame,
  studentId: StudentId,
): Promise<void> {
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
