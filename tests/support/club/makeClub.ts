/** Makes a club of a test file's own and says where it is; run by ownClub.ts in a process of its own. */
import dayjs from 'dayjs';
import { v4 as makeUuid } from 'uuid';
import { DEMO_GAMES } from '@/cli/demo/games';
import {
  DEMO_CLASSES,
  DEMO_COACH,
  DEMO_COACHES,
  DEMO_LEAD,
  DEMO_STUDENTS,
  type DemoClassId,
  type DemoStudent,
} from '@/cli/demo/people';
import { DEMO_SETS } from '@/cli/demo/puzzles';
import { DEMO_ROUNDS } from '@/cli/demo/rounds';
import { dayOf, getId, getValue, SEED } from '@/cli/demo/seedHelpers';
import { answerSet, seatOf } from '@/cli/demo/weeks';
import type { AssignmentId, ClassId, SetId, StudentId } from '@/contracts/ids';
import { makeFen, makeMoveText, readPgn } from '@/core/notation';
import type { CoachActor, StudentActor } from '@/server/auth/actors';
import { hashPassword } from '@/server/auth/secrets';
import { closeDb, withTransaction } from '@/server/db';
import {
  addClass,
  addStudent,
  getClassPage,
  listOwnClasses,
  setLevel,
  setPost,
} from '@/server/services/classes';
import { runAt } from '@/server/services/clock';
import { addCoach, getCoachActor } from '@/server/services/coaches';
import { addGame, listOwnGames } from '@/server/services/games';
import { changeLesson, getLessonsPage, scheduleLessons } from '@/server/services/lessons';
import { listOutbox, writeEmail } from '@/server/services/outbox';
import { addPlan } from '@/server/services/plans';
import { addPuzzle, addRound, addSet, giveSet, listOwnSets } from '@/server/services/sets';
import { openClub } from '@/server/services/setUpClub';
import { listOwnTerms } from '@/server/services/terms';
import { closePool } from '@/workers/node';
import type { ClubOrder, ClubContents, MadeClub } from './ownClub';
import { coachesOf } from './people';

const CLASS_IDS = ['lantern', 'harbour', 'tidepool'] as const;
const COACH_OF = { lantern: 'lead', harbour: 'coach', tidepool: 'helper' } as const;
/** The club began so long ago, so that lessons were held and answers are not all of today. */
const WEEKS_OLD = 4;

interface Club {
  readonly actors: Readonly<Record<'lead' | 'coach' | 'helper', CoachActor>>;
  readonly classIds: Readonly<Record<DemoClassId, ClassId>>;
}

interface FreshClub extends Club {
  readonly students: ReadonlyMap<string, StudentId>;
}

const { tag, contents } = JSON.parse(process.argv[2] ?? '') as ClubOrder;
try {
  const made = tag === undefined ? await describeClub(await findDemo()) : await makeClub(tag, contents);
  process.stdout.write(JSON.stringify(made));
} finally {
  await closePool();
  await closeDb();
}

async function makeClub(
  ownTag: string,
  { given = [], answered = [], isFurnished = false }: ClubContents,
): Promise<MadeClub> {
  const longAgo = dayjs().subtract(WEEKS_OLD, 'week').toDate();
  const club = await runAt(longAgo, () => openWithClasses(ownTag));
  const sets = await fillSets(
    club.actors.lead,
    given.map(({ set }) => set),
  );
  for (const { set, to } of given) {
    const setId = getId(sets, set);
    const request = { requestId: makeUuid(), setId, classId: club.classIds[to] };
    const assignmentId = getValue(await giveSet(club.actors.lead, request));
    if (answered.includes(set)) await answerAll(club, to, assignmentId);
  }
  if (isFurnished) await furnish(club);
  return describeClub(club);
}

/** The demo club as it stands. */
async function findDemo(): Promise<Club> {
  const actors = {
    lead: await getCoachActor(DEMO_LEAD.signInName),
    coach: await getCoachActor(DEMO_COACH.signInName),
    helper: await getCoachActor(DEMO_COACHES[2].signInName),
  };
  const classes = await listOwnClasses(actors.lead);
  const current = (await listOwnTerms(actors.lead)).find(({ isCurrent }) => isCurrent);
  const idOf = (id: DemoClassId) => {
    const found = classes.find(
      ({ name, termId }) => name === DEMO_CLASSES[id].name && termId === current?.termId,
    );
    if (found === undefined) throw new Error(`the demo has no ${id} class now`);
    return found.classId;
  };
  const classIds = { lantern: idOf('lantern'), harbour: idOf('harbour'), tidepool: idOf('tidepool') };
  return { actors, classIds };
}

/** Codes of the classes, and the addresses of what is in the club. */
async function describeClub({ actors: { lead }, classIds }: Club): Promise<MadeClub> {
  const codes = {} as MadeClub['codes'];
  const paths: Record<string, string> = {};
  for (const id of CLASS_IDS) {
    const classPath = `/classes/${classIds[id]}`;
    paths[id] = classPath;
    const { joinCode, students, assignments } = getValue(await getClassPage(lead, classIds[id]));
    codes[id] = joinCode;
    for (const { studentId, name } of students) paths[name] = `${classPath}/children/${studentId}`;
    for (const { assignmentId, setName } of assignments) {
      paths[`answers of ${setName} in ${id}`] = `/answers/${assignmentId}`;
    }
    const { lessons, plans } = getValue(await getLessonsPage(lead, classIds[id]));
    const planned = lessons.find(({ plan }) => plan !== undefined);
    if (planned !== undefined) paths[`lesson of ${id}`] = `${classPath}/lessons/${planned.lessonId}`;
    if (plans[0] !== undefined) paths[`plan of ${id}`] = `${classPath}/plans/${plans[0].planId}`;
  }
  for (const { setId, name } of await listOwnSets(lead)) paths[name] = `/sets/${setId}`;
  for (const { gameId, studentName } of await listOwnGames(lead))
    paths[`game of ${studentName ?? 'nobody'}`] = `/games/${gameId}`;
  for (const { emailId } of await listOutbox(lead)) paths.email = `/club/outbox/${emailId}`;
  for (const { termId, isCurrent } of await listOwnTerms(lead)) {
    if (isCurrent) paths['this term'] = `/classes/terms/${termId}`;
  }
  return { codes, paths };
}

async function openWithClasses(ownTag: string): Promise<FreshClub> {
  const { lead, coach, helper } = coachesOf(ownTag);
  const secretHash = await hashPassword(lead.password);
  const input = {
    clubName: 'Quillhaven Chess Club',
    timeZone: 'Atlantic/Faroe',
    leadName: lead.name,
    signInName: lead.signInName,
  };
  await withTransaction((db) => openClub(db, input, secretHash));
  const leads = await getCoachActor(lead.signInName);
  for (const person of [coach, helper]) getValue(await addCoach(leads, person));
  const actors = {
    lead: leads,
    coach: await getCoachActor(coach.signInName),
    helper: await getCoachActor(helper.signInName),
  };
  const classIds = {} as Record<DemoClassId, ClassId>;
  const students = new Map<string, StudentId>();
  for (const id of CLASS_IDS) {
    const { name, level, assistants } = DEMO_CLASSES[id];
    const actor = actors[COACH_OF[id]];
    const classId = getValue(await addClass(actor, { requestId: makeUuid(), name }));
    classIds[id] = classId;
    getValue(await setLevel(actor, { classId, level }));
    // The demo's only assistant is the helper.
    if (assistants.length > 0) {
      const post = { classId, coachId: actors.helper.coachId, post: 'assistant' } as const;
      getValue(await setPost(leads, post));
    }
    const children = DEMO_STUDENTS.filter(({ now }) => now === id);
    const added = await Promise.all(
      children.map((child) =>
        addStudent(actor, { requestId: makeUuid(), classId, name: child.name, key: child.key }),
      ),
    );
    for (const one of added) students.set(getValue(one).name, getValue(one).studentId);
  }
  return { actors, classIds, students };
}

async function fillSets(actor: CoachActor, names: readonly string[]): Promise<Map<string, SetId>> {
  const sets = new Map<string, SetId>();
  for (const name of new Set(names)) {
    const setId = getValue(await addSet(actor, { requestId: makeUuid(), name }));
    sets.set(name, setId);
    const puzzles = DEMO_SETS.find((set) => set.name === name);
    const rounds = DEMO_ROUNDS.find((set) => set.name === name);
    if (puzzles === undefined && rounds === undefined) throw new Error(`the demo has no set ${name}`);
    for (const fen of puzzles?.fens ?? []) getValue(await addPuzzle(actor, { setId, fen }));
    for (const round of rounds?.rounds ?? []) getValue(await addRound(actor, { setId, ...round }));
  }
  return sets;
}

async function answerAll(club: FreshClub, id: DemoClassId, assignmentId: AssignmentId): Promise<void> {
  const children = DEMO_STUDENTS.filter(({ now }) => now === id);
  for (const [index, child] of children.entries()) {
    const begunAt = dayjs().subtract(1, 'day').add(index, 'minute').toDate();
    await answerSet(seatOfChild(club, child), assignmentId, child, SEED + index, begunAt);
  }
}

function seatOfChild({ actors, students }: FreshClub, child: DemoStudent): StudentActor {
  return seatOf(actors.lead, child, getId(students, child.name));
}

async function furnish(club: FreshClub): Promise<void> {
  const { actors, classIds, students } = club;
  const classId = classIds.lantern;
  for (const id of ['lantern', 'harbour'] as const) await holdLessons(club, id);
  const studentId = getId(students, 'Pip');
  const game = DEMO_GAMES.find(({ name }) => name === 'Pip');
  const [read] = readPgn(game?.pgn ?? '');
  if (game === undefined || read?.game === undefined) throw new Error('the demo has a game of Pip');
  const { start, line, result } = read.game;
  const kept = await addGame(actors.lead, {
    requestId: makeUuid(),
    title: 'Pip – Tansy',
    result,
    fen: makeFen(start),
    moves: line.map(({ move }) => makeMoveText(move)),
    playedBy: { classId, studentId, side: game.side },
    plies: [...game.plies],
    maxMoves: 3,
  });
  getValue(kept);
  const email = { requestId: makeUuid(), classId, studentId, to: 'family@example.org' };
  getValue(await writeEmail(actors.lead, email));
}

/** Three weeks of lessons up to yesterday, the last one with a plan. */
async function holdLessons({ actors, classIds }: Club, id: DemoClassId): Promise<void> {
  const actor = actors[COACH_OF[id]];
  const classId = classIds[id];
  const yesterday = dayjs().subtract(1, 'day');
  const hours = {
    classId,
    weekdays: [yesterday.day() === 0 ? 7 : yesterday.day()],
    startsAt: '15:30',
    minutes: 45,
    from: dayOf(yesterday.subtract(3, 'week').toDate()),
    to: dayOf(yesterday.toDate()),
  };
  getValue(await scheduleLessons(actor, hours));
  const plan = { requestId: makeUuid(), classId, title: 'Check, mate and draws' };
  const planId = getValue(await addPlan(actor, { ...plan, from: { kind: 'stage', stage: 'check' } }));
  const { lessons } = getValue(await getLessonsPage(actor, classId));
  const last = [...lessons].sort((a, b) => a.day.localeCompare(b.day)).at(-1);
  if (last === undefined) throw new Error('no lesson was made');
  getValue(await changeLesson(actor, { lessonId: last.lessonId, planId }));
}
