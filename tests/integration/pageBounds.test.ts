/**
 * However much a club has gathered and whatever a child's device sends again and again, no page reads more rows than a page can need: the
 * rows of every statement are counted in a club that is larger in everything than any club will be.
 */
import { v4 as makeUuid } from 'uuid';
import type { LessonId } from '@/contracts/ids';
import { getDb } from '@/server/db';
import { getAnswersPage } from '@/server/services/answers';
import { listAnswerLines } from '@/server/services/answerLines';
import { exportCalendar } from '@/server/services/calendar';
import { addStudent, getClassPage, listOwnClasses } from '@/server/services/classes';
import { getClassProgress } from '@/server/services/classProgress';
import { listOwnClubPatterns } from '@/server/services/clubPatterns';
import { getClubPage } from '@/server/services/clubs';
import { listOwnCoaches } from '@/server/services/coaches';
import { addGame, getGamePage, listOwnGames, listStudentChoices } from '@/server/services/games';
import { getHouseWordsPage } from '@/server/services/houseWords';
import { getLessonPage, getLessonsPage, scheduleLessons } from '@/server/services/lessons';
import { searchLibrary } from '@/server/services/library';
import {
  askQuestion,
  beginLive,
  getBoardPage,
  getLiveNews,
  getSeatLesson,
  getSeatNews,
  storeSuggestion,
} from '@/server/services/live';
import { getAnswersNews, getClassNews, getPlaceNews } from '@/server/services/news';
import { listOutbox, writeEmail } from '@/server/services/outbox';
import { getClassPath, getStudentPath } from '@/server/services/paths';
import { addPlan, getPlan } from '@/server/services/plans';
import { listTopicAnswers } from '@/server/services/progress';
import { getChildPage, listGone, listAuditLog } from '@/server/services/records';
import { getReportsPage, printReport } from '@/server/services/reports';
import { listOwnRosterChanges } from '@/server/services/rosterChanges';
import { exportRoster } from '@/server/services/roster';
import { getSeatHome, openSeatRound, storeAttempt } from '@/server/services/seat';
import { getSetPage, giveSet, listOwnSets } from '@/server/services/sets';
import { getTermTurn, listOwnTerms } from '@/server/services/terms';
import {
  makeClass,
  makeClub,
  makeSet,
  MATE_IN_1,
  MATE_IN_2,
  valueOf,
  withDatabase,
} from '../support/database';

jest.setTimeout(600_000);
withDatabase();

const MANY = 4000;
/** A page shows some hundred lines at most, each of some rows. */
const MOST_ROWS = 3000;
const CHILDREN = 40;
/** How many statements a page asks the database, with one child or forty. A page that asks more is slower for everybody: say why, or find another way. */
const STATEMENTS = {
  answers: 8,
  'a child’s answers': 5,
  board: 7,
  calendar: 4,
  child: 21,
  class: 12,
  classes: 1,
  club: 1,
  coaches: 1,
  game: 3,
  games: 1,
  'games: whose': 2,
  gone: 2,
  'house words': 4,
  lesson: 7,
  lessons: 8,
  library: 7,
  'live news': 5,
  'news: answers': 3,
  'news: class': 4,
  'news: seat': 1,
  outbox: 1,
  path: 4,
  patterns: 1,
  plan: 3,
  progress: 9,
  report: 14,
  reports: 4,
  roster: 3,
  'roster changes': 1,
  'seat: home': 3,
  'seat: lesson': 13,
  'seat: news': 3,
  'seat: path': 11,
  'seat: round': 7,
  set: 17,
  sets: 1,
  term: 2,
  'topic answers': 5,
  'audit-log': 1,
};

type Row = Record<string, unknown>;

/** So many copies of the newest row of a table, each changed. */
async function multiply(table: string, change: (index: number) => Row, count = MANY): Promise<void> {
  const db = getDb();
  const row = (await db(table).orderBy('id', 'desc').first()) as Row | undefined;
  if (row === undefined) throw new Error(`${table} has a row`);
  const { id: _, ...rest } = row;
  const plain = Object.fromEntries(
    Object.entries(rest).map(([name, value]) => [
      name,
      value !== null && typeof value === 'object' && !(value instanceof Date) && !Buffer.isBuffer(value)
        ? JSON.stringify(value)
        : value,
    ]),
  );
  const rows = Array.from({ length: count }, (_copy, index) => ({
    ...plain,
    ...('request_id' in plain ? { request_id: makeUuid() } : {}),
    ...('client_id' in plain ? { client_id: makeUuid() } : {}),
    ...change(index),
  }));
  await db.batchInsert(table, rows, 500);
}

async function makeLargeClub() {
  const { lead } = await makeClub();
  const { classId, student } = await makeClass(lead);
  const { studentId } = student;
  const setId = await makeSet(lead, [MATE_IN_1, MATE_IN_2]);
  const assignmentId = valueOf(await giveSet(lead, { requestId: makeUuid(), setId, classId }));
  const { roundId, tasks } = valueOf(await openSeatRound(student, assignmentId));
  const taskId = tasks[0]?.taskId;
  if (taskId === undefined) throw new Error('the set has a puzzle');
  const answer = { kind: 'play' as const, moves: ['a1a8' as const], slips: 0 };
  const given = { roundId, taskId, answer, hints: 0, spentMs: 1, waitedMs: 0 };
  valueOf(await storeAttempt(student, { ...given, clientId: makeUuid() }));
  const monday = { weekdays: [1], startsAt: '15:30', minutes: 45, from: '2026-11-01', to: '2026-12-30' };
  valueOf(await scheduleLessons(lead, { classId, ...monday }));
  const plan = {
    requestId: makeUuid(),
    classId,
    title: 'Check',
    from: { kind: 'stage', stage: 'check' },
  } as const;
  const planId = valueOf(await addPlan(lead, plan));
  const game = {
    title: 'Pip – Tansy',
    result: '*',
    fen: MATE_IN_1,
    moves: ['a1a8'],
    plies: [],
    maxMoves: 3,
  } as const;
  const playedBy = { classId, studentId, side: 'white' } as const;
  const { gameId } = valueOf(
    await addGame(lead, { requestId: makeUuid(), ...game, moves: [...game.moves], plies: [], playedBy }),
  );
  valueOf(await writeEmail(lead, { requestId: makeUuid(), classId, studentId, to: 'family@example.org' }));
  const liveId = valueOf(await beginLive(lead, { requestId: makeUuid(), classId }));
  const question = { requestId: makeUuid(), liveId, fen: MATE_IN_1, words: 'Which move?' };
  const questionId = valueOf(await askQuestion(lead, question));
  valueOf(await storeSuggestion(student, { clientId: makeUuid(), questionId, move: 'a1a8', waitedMs: 0 }));

  for (let number = 1; number < CHILDREN; number += 1) {
    const key = ['sun', 'boat', 'bell'] as const;
    valueOf(
      await addStudent(lead, { requestId: makeUuid(), classId, name: `Child ${number}`, key: [...key] }),
    );
  }

  // A device that sends the same again and again.
  await multiply('attempts', (index) => ({ try_number: index + 2 }));
  await getDb().raw(
    `INSERT INTO verdicts (attempt_id, judge_version, outcome, diagnoses)
     SELECT attempts.id, 1, 'wrong', '{"codes":[],"wrongPly":null}' FROM attempts
     LEFT JOIN verdicts ON verdicts.attempt_id = attempts.id WHERE verdicts.id IS NULL`,
  );
  await multiply('suggestions', () => ({}));
  // A club of very many years.
  await multiply('live_questions', () => ({}));
  await multiply('assignments', () => ({}));
  await getDb().raw(
    `INSERT INTO rounds (assignment_id, student_id, started_at)
     SELECT id, ?, given_at FROM assignments WHERE id <> ?`,
    [studentId, assignmentId],
  );
  await multiply('sets', (index) => ({ name: `Set ${index}` }));
  await getDb().raw(
    'INSERT INTO set_versions (set_id, version) SELECT id, 1 FROM sets WHERE id NOT IN (SELECT set_id FROM set_versions)',
  );
  await multiply('games', () => ({}));
  await multiply('mails', () => ({ eml: 'short' }));
  await multiply('lesson_plans', () => ({}));
  await multiply('lessons', (index) => ({
    day: new Date(Date.UTC(2020, 0, 1 + Math.floor(index / 4))).toISOString().slice(0, 10),
    begins: `${8 + (index % 4)}:00`,
  }));
  await multiply('audit_log', () => ({}));
  return { lead, student, classId, studentId, setId, assignmentId, taskId, planId, gameId, questionId };
}

test('no page reads more rows than it can need', async () => {
  const made = await makeLargeClub();
  const { lead, student, classId, studentId, setId, assignmentId, planId, gameId, questionId } = made;
  const child = { classId, studentId };
  const [lessonId] = await getDb()('lessons').orderBy('id', 'desc').limit(1).pluck('id');
  const terms = await listOwnTerms(lead);
  const pages: Readonly<Record<keyof typeof STATEMENTS, () => Promise<unknown>>> = {
    answers: () => getAnswersPage(lead, assignmentId),
    'a child’s answers': () => listAnswerLines(lead, { ...child, of: { kind: 'week', value: '2026-11-30' } }),
    board: () => getBoardPage(lead, classId),
    calendar: () => exportCalendar(lead, { classId }),
    child: () => getChildPage(lead, child),
    class: () => getClassPage(lead, classId),
    classes: () => listOwnClasses(lead),
    club: () => getClubPage(lead),
    coaches: () => listOwnCoaches(lead),
    game: () => getGamePage(lead, gameId),
    games: () => listOwnGames(lead),
    'games: whose': () => listStudentChoices(lead),
    gone: () => listGone(lead),
    'house words': () => getHouseWordsPage(lead),
    lesson: () => getLessonPage(lead, lessonId ?? (0 as LessonId)),
    lessons: () => getLessonsPage(lead, classId),
    library: () => searchLibrary(lead, { page: 1, seed: 1 }),
    'live news': () => getLiveNews(lead, classId, { sinceMs: 0, questionId }),
    'news: answers': () => getAnswersNews(lead, assignmentId),
    'news: class': () => getClassNews(lead, classId),
    'news: seat': () => getPlaceNews(student),
    outbox: () => listOutbox(lead),
    path: () => getClassPath(lead, classId),
    patterns: () => listOwnClubPatterns(lead),
    plan: () => getPlan(lead, planId),
    progress: () => getClassProgress(lead, classId),
    report: () => printReport(lead, { what: 'children', paper: 'a4', ...child }),
    reports: () => getReportsPage(lead, classId),
    roster: () => exportRoster(lead, { classId }),
    'roster changes': () => listOwnRosterChanges(lead),
    'seat: home': () => getSeatHome(student),
    'seat: lesson': () => getSeatLesson(student),
    'seat: news': () => getSeatNews(student),
    'seat: path': () => getStudentPath(student),
    'seat: round': () => openSeatRound(student, assignmentId),
    set: () => getSetPage(lead, setId),
    sets: () => listOwnSets(lead),
    term: () => getTermTurn(lead, terms[0]?.termId as Parameters<typeof getTermTurn>[1]),
    'topic answers': () => listTopicAnswers(lead, { ...child, topic: 'mate:1' }),
    'audit-log': () => listAuditLog(lead),
  };
  const large: string[] = [];
  for (const [name, open] of Object.entries(pages)) {
    const { statements, rows, sql } = await countStatements(open);
    if (rows > MOST_ROWS) large.push(`${name}: ${rows} rows of ${sql}`);
    const most = STATEMENTS[name as keyof typeof STATEMENTS];
    if (statements > most) large.push(`${name}: ${statements} statements instead of ${most}`);
  }
  expect(large).toEqual([]);
});

/** A child in front of a set of one mate. */
async function openOneMate() {
  const { lead } = await makeClub();
  const { classId, student } = await makeClass(lead);
  const setId = await makeSet(lead, [MATE_IN_1]);
  const assignmentId = valueOf(await giveSet(lead, { requestId: makeUuid(), setId, classId }));
  const { roundId, tasks } = valueOf(await openSeatRound(student, assignmentId));
  const taskId = tasks[0]?.taskId;
  if (taskId === undefined) throw new Error('the set has a puzzle');
  return { lead, student, assignmentId, roundId, taskId };
}

/** What a stored answer asks of the database, whatever the child has answered before. */
const STATEMENTS_OF_AN_ANSWER = { first: 5, again: 3, sameAgain: 1 };

test('an answer is stored with no more statements than it needs', async () => {
  const { student, roundId, taskId } = await openOneMate();
  const answerWith = (move: 'a1a2' | 'a1a8') => ({
    ...{ clientId: makeUuid(), roundId, taskId, hints: 0, spentMs: 10, waitedMs: 0 },
    answer: { kind: 'play' as const, moves: [move], slips: 0 },
  });
  const store = (answer: ReturnType<typeof answerWith>) =>
    countStatements(async () => valueOf(await storeAttempt(student, answer)));
  const last = answerWith('a1a8');
  const measured = {
    first: (await store(answerWith('a1a2'))).statements,
    again: (await store(last)).statements,
    sameAgain: (await store(last)).statements,
  };
  expect(measured).toEqual(STATEMENTS_OF_AN_ANSWER);
});

/** How many statements it asks, and the longest list among their answers. */
async function countStatements(run: () => Promise<unknown>) {
  const counted = { statements: 0, rows: 0, sql: '' };
  const count = (response: unknown, { sql }: { readonly sql: string }) => {
    counted.statements += 1;
    const lists = Array.isArray(response) ? (response.every(Array.isArray) ? response : [response]) : [];
    for (const { length } of lists) if (length > counted.rows) [counted.rows, counted.sql] = [length, sql];
  };
  getDb().on('query-response', count);
  await run();
  getDb().off('query-response', count);
  return counted;
}

test('of very many tries all are counted, and a right one that came last is seen', async () => {
  const { lead, student, assignmentId, roundId, taskId } = await openOneMate();
  const store = async (move: 'a1a2' | 'a1a8') => {
    const answer = { kind: 'play' as const, moves: [move], slips: 0 };
    const given = { clientId: makeUuid(), roundId, taskId, answer, hints: 1, spentMs: 10, waitedMs: 0 };
    return valueOf(await storeAttempt(student, given));
  };
  const WRONG = 120;
  for (let time = 0; time < WRONG; time += 1) expect(await store('a1a2')).toMatchObject({ outcome: 'wrong' });
  expect(await store('a1a8')).toMatchObject({ outcome: 'right', tryNumber: WRONG + 1 });
  const expected = { tries: WRONG + 1, isSolved: true };
  expect(valueOf(await openSeatRound(student, assignmentId)).tasks).toMatchObject([expected]);
  expect(valueOf(await getAnswersPage(lead, assignmentId)).rows).toMatchObject([
    { cells: [{ ...expected, spentMs: 10 * (WRONG + 1), hints: 1, firstWrong: 'Ra2' }] },
  ]);
});
