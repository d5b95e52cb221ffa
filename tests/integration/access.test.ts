import { v4 as makeUuid } from 'uuid';
import type { ClubId } from '@/contracts/ids';
import { setSheetsSchema } from '@/contracts/print';
import type { CoachActor } from '@/server/auth/actors';
import { getDb } from '@/server/db';
import { getAnswersPage } from '@/server/services/answers';
import {
  addStudent,
  getClassPage,
  giveNewKey,
  listOwnClasses,
  removeStudent,
  renameOwnStudent,
  unlockStudent,
  setLevel,
  setPost,
} from '@/server/services/classes';
import { exportCalendar } from '@/server/services/calendar';
import { addCoach, getCoachActor } from '@/server/services/coaches';
import { saveHouseWords } from '@/server/services/houseWords';
import { getLessonsPage, scheduleLessons } from '@/server/services/lessons';
import {
  addCalledMove,
  askQuestion,
  beginLive,
  closeQuestion,
  endLive,
  getBoardPage,
  getLiveNews,
  saveLivePlace,
} from '@/server/services/live';
import { printSet } from '@/server/services/paper';
import { getClassPath, setStudentStage } from '@/server/services/paths';
import { addPlan } from '@/server/services/plans';
import { listAnswerLines } from '@/server/services/answerLines';
import { getClassProgress } from '@/server/services/classProgress';
import { getAnswersNews, getClassNews } from '@/server/services/news';
import { writeEmail } from '@/server/services/outbox';
import { eraseStudent, exportRecord, getChildPage } from '@/server/services/records';
import { getReportsPage, printReport } from '@/server/services/reports';
import { addStudents, exportRoster, readRoster } from '@/server/services/roster';
import { changeRoster } from '@/server/services/rosterChanges';
import { orderSet, removePuzzle } from '@/server/services/setBuilder';
import { addPuzzle, getSetPage, giveSet, listOwnSets } from '@/server/services/sets';
import {
  makeClass,
  makeClub,
  makeSet,
  MATE_IN_1,
  MATE_IN_2,
  PASSWORD,
  valueOf,
  withDatabase,
} from '../support/database';

withDatabase();

type Role = 'teacher' | 'lead' | 'assistant' | 'colleague' | 'stranger';

/** A class and a set of the teacher, and everybody who might want something of them. */
async function makeScene() {
  const { lead, coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1]);
  const assignmentId = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  const taskId = valueOf(await getSetPage(coach, setId)).items[0]?.taskId;
  if (taskId === undefined) throw new Error('the set has a puzzle');
  // Another coach of the club, who does not teach this class, and a lead of another club.
  const colleague: CoachActor = { ...lead, isLead: false, name: 'colleague' };
  const stranger: CoachActor = { ...lead, clubId: (lead.clubId + 1) as ClubId, name: 'stranger' };
  // Somebody who helps in the class.
  valueOf(await addCoach(lead, { name: 'Ann', signInName: 'ann', password: PASSWORD }));
  const assistant = await getCoachActor('ann');
  const { coachId } = assistant;
  valueOf(await setPost(lead, { classId, coachId, post: 'assistant' }));
  const actors: Record<Role, CoachActor> = { teacher: coach, lead, assistant, colleague, stranger };
  const liveId = valueOf(await beginLive(coach, { requestId: makeUuid(), classId }));
  const questionId = valueOf(
    await askQuestion(coach, { requestId: makeUuid(), liveId, fen: MATE_IN_1, words: 'White to move' }),
  );
  return {
    liveId,
    questionId,
    actors,
    coachId,
    classId,
    studentId: student.studentId,
    setId,
    assignmentId,
    taskId,
  };
}

type Scene = Awaited<ReturnType<typeof makeScene>>;
type Deed = (actor: CoachActor, scene: Scene) => Promise<{ readonly ok: boolean }>;

/** Every deed on a class or a set, and who may do it. */
const DEEDS: Readonly<Record<string, { readonly may: readonly Role[]; readonly run: Deed }>> = {
  'open the class': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { classId }) => getClassPage(actor, classId),
  },
  'ask for news of the class': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { classId }) => getClassNews(actor, classId),
  },
  'ask for news of the answers': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { assignmentId }) => getAnswersNews(actor, assignmentId),
  },
  'add a student': {
    may: ['teacher', 'lead'],
    run: (actor, { classId }) => addStudent(actor, { requestId: makeUuid(), classId, name: 'New' }),
  },
  'rename a student': {
    may: ['teacher', 'lead'],
    run: (actor, { classId, studentId }) => renameOwnStudent(actor, { classId, studentId, name: 'Other' }),
  },
  'give a new key': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { classId, studentId }) => giveNewKey(actor, { classId, studentId }),
  },
  'unlock a student': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { classId, studentId }) => unlockStudent(actor, { classId, studentId }),
  },
  'remove a student': {
    may: ['teacher', 'lead'],
    run: (actor, { classId, studentId }) => removeStudent(actor, { classId, studentId }),
  },
  'read the answers': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { assignmentId }) => getAnswersPage(actor, assignmentId),
  },
  'give a set to the class': {
    may: ['teacher', 'lead'],
    run: (actor, { setId, classId }) => giveSet(actor, { requestId: makeUuid(), setId, classId }),
  },
  'see the path of the class': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { classId }) => getClassPath(actor, classId),
  },
  'close a stage for one child': {
    may: ['teacher', 'lead'],
    run: (actor, { classId, studentId }) =>
      setStudentStage(actor, { classId, studentId, stage: 'board', isOpen: false }),
  },
  'keep words for the class': {
    may: ['teacher', 'lead'],
    run: (actor, { classId }) =>
      saveHouseWords(actor, { classId, words: [{ term: 'rook', one: 'tower' }], readingLevel: 'short' }),
  },
  'bring in a roster': {
    may: ['teacher', 'lead'],
    run: (actor, { classId }) => addStudents(actor, { requestId: makeUuid(), classId, names: ['New'] }),
  },
  'read a roster': {
    may: ['teacher', 'lead'],
    run: (actor, { classId }) => readRoster(actor, { classId, text: 'New' }),
  },
  'save the roster': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { classId }) => exportRoster(actor, { classId }),
  },
  'move a child out': {
    may: ['teacher', 'lead'],
    run: (actor, { classId, studentId }) =>
      changeRoster(actor, {
        requestId: makeUuid(),
        classes: [],
        moves: [{ studentId, fromClassId: classId, to: { kind: 'leaves' } }],
      }),
  },
  'say who helps': {
    may: ['lead'],
    run: (actor, { classId, coachId }) => setPost(actor, { classId, coachId, post: 'assistant' }),
  },
  'set the level of the class': {
    may: ['teacher', 'lead'],
    run: (actor, { classId }) => setLevel(actor, { classId, level: 2 }),
  },
  'see the lessons': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { classId }) => getLessonsPage(actor, classId),
  },
  'plan a lesson': {
    may: ['teacher', 'lead'],
    run: (actor, { classId }) => addPlan(actor, { requestId: makeUuid(), classId, title: 'Plan' }),
  },
  'say when the class meets': {
    may: ['teacher', 'lead'],
    run: (actor, { classId }) =>
      scheduleLessons(actor, {
        classId,
        weekdays: [1],
        startsAt: '16:00',
        minutes: 45,
        from: '2026-09-07',
        to: '2026-09-07',
      }),
  },
  'save the lessons for a calendar': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { classId }) => exportCalendar(actor, { classId }),
  },
  'begin a lesson at the board': {
    may: ['teacher', 'lead'],
    run: (actor, { classId }) => beginLive(actor, { requestId: makeUuid(), classId }),
  },
  'open the big board': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { classId }) => getBoardPage(actor, classId),
  },
  'hear the seats': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { classId }) => getLiveNews(actor, classId, {}),
  },
  'ask the seats': {
    may: ['teacher', 'lead'],
    run: (actor, { liveId }) =>
      askQuestion(actor, { requestId: makeUuid(), liveId, fen: MATE_IN_1, words: 'White to move' }),
  },
  'note what is called out': {
    may: ['teacher', 'lead'],
    run: (actor, { questionId }) =>
      addCalledMove(actor, {
        clientId: makeUuid(),
        questionId,
        move: 'a1a8',
        waitedMs: 0,
      }),
  },
  'stop asking': {
    may: ['teacher', 'lead'],
    run: (actor, { questionId }) => closeQuestion(actor, { questionId }),
  },
  'step through the plan': {
    may: ['teacher', 'lead'],
    run: (actor, { liveId }) => saveLivePlace(actor, { liveId, place: { segment: 0, stop: 0 } }),
  },
  'end the lesson': {
    may: ['teacher', 'lead'],
    run: (actor, { liveId }) => endLive(actor, { liveId }),
  },
  'look at a child': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { classId, studentId }) => getChildPage(actor, { classId, studentId }),
  },
  'look at the progress of a class': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { classId }) => getClassProgress(actor, classId),
  },
  'read the answers behind a figure': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { classId, studentId }) =>
      listAnswerLines(actor, { classId, studentId, of: { kind: 'class', value: classId } }),
  },
  'see for whom there are reports': {
    may: ['teacher', 'lead'],
    run: (actor, { classId }) => getReportsPage(actor, classId),
  },
  'make the report of a child': {
    may: ['teacher', 'lead'],
    run: (actor, { classId, studentId }) =>
      printReport(actor, { what: 'children', classId, studentId, paper: 'a4' }),
  },
  'put a report into the outbox': {
    may: ['teacher', 'lead'],
    run: (actor, { classId, studentId }) =>
      writeEmail(actor, { requestId: makeUuid(), classId, studentId, to: 'somebody@example.org' }),
  },
  'save the record of a child': {
    may: ['teacher', 'lead'],
    run: (actor, { classId, studentId }) => exportRecord(actor, { classId, studentId }),
  },
  'erase a child': {
    may: ['lead'],
    run: (actor, { studentId }) => eraseStudent(actor, { studentId, name: 'Pip' }),
  },
  'open the set': {
    may: ['teacher', 'lead', 'assistant', 'colleague'],
    run: (actor, { setId }) => getSetPage(actor, setId),
  },
  'print the set': {
    may: ['teacher', 'lead', 'assistant', 'colleague'],
    run: (actor, { setId }) => printSet(actor, setId, setSheetsSchema.parse({})),
  },
  'print the set with the names of the class': {
    may: ['teacher', 'lead', 'assistant'],
    run: (actor, { setId, classId }) =>
      printSet(actor, setId, setSheetsSchema.parse({ classId, names: 'on' })),
  },
  'add a puzzle': {
    may: ['teacher', 'lead', 'assistant', 'colleague'],
    run: (actor, { setId }) => addPuzzle(actor, { setId, fen: MATE_IN_2 }),
  },
  'put the set into another order': {
    may: ['teacher', 'lead', 'assistant', 'colleague'],
    run: (actor, { setId, taskId }) => orderSet(actor, { setId, taskIds: [taskId] }),
  },
  'take a puzzle out': {
    may: ['teacher', 'lead', 'assistant', 'colleague'],
    run: (actor, { setId, taskId }) => removePuzzle(actor, { setId, taskId }),
  },
};
const ROLES: readonly Role[] = ['teacher', 'lead', 'assistant', 'colleague', 'stranger'];
const WALK = Object.keys(DEEDS).flatMap((deed) => ROLES.map((role) => [deed, role] as const));

test('the walk is not empty', () => expect(WALK).toHaveLength(225));

test.each(WALK)('%s: %s', async (deed, role) => {
  const scene = await makeScene();
  const known = DEEDS[deed];
  if (known === undefined) throw new Error(deed);
  const before = await countRows();
  const result = await known.run(scene.actors[role], scene);
  expect(result.ok).toBe(known.may.includes(role));
  // A refused deed leaves no trace at all.
  if (!result.ok) expect(await countRows()).toEqual(before);
});

async function countRows(): Promise<number[]> {
  const tables = [
    'people',
    'enrolments',
    'classes',
    'sets',
    'set_versions',
    'set_items',
    'tasks',
    'assignments',
    'audit_log',
    'house_words',
    'class_voices',
    'student_stages',
    'class_levels',
    'class_assistants',
    'roster_changes',
    'terms',
    'lessons',
    'lesson_plans',
  ];
  return Promise.all(tables.map(async (table) => (await getDb()(table).select(getDb().raw('1'))).length));
}

test('lists show what one may open and nothing else', async () => {
  const { actors, classId, setId } = await makeScene();
  const classesOf = async (role: Role) => (await listOwnClasses(actors[role])).map((one) => one.classId);
  const setsOf = async (role: Role) => (await listOwnSets(actors[role])).map((one) => one.setId);
  expect(await classesOf('teacher')).toEqual([classId]);
  expect(await classesOf('lead')).toEqual([classId]);
  expect(await classesOf('assistant')).toEqual([classId]);
  expect(await classesOf('colleague')).toEqual([]);
  expect(await classesOf('stranger')).toEqual([]);
  expect(await setsOf('colleague')).toEqual([setId]);
  expect(await setsOf('stranger')).toEqual([]);
});
