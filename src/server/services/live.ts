/** A lesson while it runs: begun and ended by a coach, read by the big board, the coach's window and the seats. */
import { v5 as uuidOf } from 'uuid';
import type { SeatRound } from '@/contracts/attempts';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, LiveId, QuestionId, TaskId } from '@/contracts/ids';
import {
  OVERLAP_MS,
  type AskQuestion,
  type BeginLive,
  type BoardPage,
  type LiveAnswer,
  type LiveNews,
  type LiveNewsQuery,
  type SaveLivePlace,
} from '@/contracts/live';
import { type NewSuggestion, type SeatLesson, type SeatNews } from '@/contracts/seatLesson';
import { findStage } from '@/core/exercises';
import { getDraft, getMove } from '@/core/notation';
import { tryHandMove } from '@/core/rules';
import { failure, success, type Result } from '@/core/shared';
import { answerLineText, makeTerms } from '@/text';
import {
  requireVisibleClass,
  requireEditableClass,
  type CoachActor,
  type StudentActor,
} from '../auth/actors';
import { isStudentOfClass, listStudents } from '../data/classes';
import { getClub } from '../data/clubs';
import { findLesson } from '../data/lessons';
import {
  addSuggestion,
  closeQuestion as storeClosing,
  closeQuestions,
  createLive,
  createQuestion,
  endLive as storeEnd,
  findLive,
  findLiveByRequest,
  findLiveOfStudent,
  findLiveRound,
  findNewestQuestion,
  findOpenLive,
  findOwnSuggestion,
  findQuestion,
  findQuestionByRequest,
  findSuggestion,
  linkLiveRound,
  listLiveAttempts,
  listSuggestions,
  saveLivePlace as storePlace,
  type LiveRecord,
  type QuestionRecord,
} from '../data/live';
import { createPractice } from '../data/paths';
import { findPlan } from '../data/plans';
import { findStoredTask, listTasksOfPractice } from '../data/tasks';
import { getDb, storeOnce, withTransaction, type Db } from '../db';
import { toBoardSegment } from './boardStops';
import { reckonAnswerTime } from './answerTime';
import { getNow } from './clock';
import { getClassWords, listSpokenWords } from './houseWords';
import { getSeatHome, openSeatRound, toSeatRound } from './seat';
import { storeExercise } from './storeExercise';
import * as liveText from '@/text/screens/live';

/** A lesson nobody has ended stops being there for the seats after so long. */
const LONGEST_LESSON_MS = 6 * 3_600_000;

const openSince = () => new Date(getNow().getTime() - LONGEST_LESSON_MS);

/** Begins a lesson at the class's board; one that still runs there ends. The same request begins it once. */
export async function beginLive(
  actor: CoachActor,
  { requestId, classId, lessonId }: BeginLive,
): Promise<Result<LiveId, ServiceFault>> {
  return storeOnce(async (db) => {
    const known = await findLiveByRequest(db, requestId);
    if (known !== undefined) return success(known);
    if ((await requireEditableClass(db, actor, classId)) === undefined)
      return failure<ServiceFault>({ code: 'class/not-found' });
    if (lessonId !== undefined && (await findLesson(db, lessonId))?.classId !== classId)
      return failure<ServiceFault>({ code: 'lesson/not-found' });
    const now = getNow();
    const running = await findOpenLive(db, classId);
    if (running !== undefined) await storeEnd(db, running.liveId, now);
    return success(await createLive(db, { classId, lessonId, begunBy: actor.coachId, requestId, now }));
  });
}

/** The lesson when this coach may teach its class. */
async function findTaughtLive(db: Db, actor: CoachActor, liveId: LiveId): Promise<LiveRecord | undefined> {
  const live = await findLive(db, liveId);
  return live && (await requireEditableClass(db, actor, live.classId)) !== undefined ? live : undefined;
}

export async function endLive(
  actor: CoachActor,
  { liveId }: { readonly liveId: LiveId },
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    if ((await findTaughtLive(db, actor, liveId)) === undefined)
      return failure<ServiceFault>({ code: 'live/not-found' });
    await storeEnd(db, liveId, getNow());
    return success(undefined);
  });
}

/** Notes where the board stands, so that the coach's other window follows. */
export async function saveLivePlace(
  actor: CoachActor,
  { liveId, place }: SaveLivePlace,
): Promise<Result<undefined, ServiceFault>> {
  const db = getDb();
  if ((await findTaughtLive(db, actor, liveId)) === undefined) return failure({ code: 'live/not-found' });
  await storePlace(db, liveId, place);
  return success(undefined);
}

/** Asks the seats; what was asked before is closed. The same request asks once. */
export async function askQuestion(
  actor: CoachActor,
  { requestId, liveId, taskId, exercise, fen, words }: AskQuestion,
): Promise<Result<QuestionId, ServiceFault>> {
  return storeOnce(async (db) => {
    const known = await findQuestionByRequest(db, requestId);
    if (known !== undefined) return success(known);
    const live = await findTaughtLive(db, actor, liveId);
    if (live?.isOpen !== true) return failure<ServiceFault>({ code: 'live/not-found' });
    let asked: TaskId | undefined = taskId;
    if (taskId !== undefined && (await findStoredTask(db, actor.clubId, taskId)) === undefined)
      return failure<ServiceFault>({ code: 'puzzle/not-found' });
    if (exercise !== undefined) asked = await storeExercise(db, actor.clubId, exercise);
    const now = getNow();
    await closeQuestions(db, liveId, now);
    return success(await createQuestion(db, { liveId, taskId: asked, fen, words, requestId, now }));
  });
}

/** Takes the question off the seats. An answer that was given before and comes later is stored all the same. */
export async function closeQuestion(
  actor: CoachActor,
  { questionId }: { readonly questionId: QuestionId },
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    const question = await findQuestion(db, questionId);
    if (question === undefined || (await findTaughtLive(db, actor, question.liveId)) === undefined)
      return failure<ServiceFault>({ code: 'live/not-found' });
    await storeClosing(db, questionId, getNow());
    return success(undefined);
  });
}

/** What the big board of a class opens with; undefined `live` while no lesson runs. */
export async function getBoardPage(
  actor: CoachActor,
  classId: ClassId,
): Promise<Result<BoardPage, ServiceFault>> {
  const db = getDb();
  const found = await requireVisibleClass(db, actor, classId);
  if (found === undefined) return failure({ code: 'class/not-found' });
  const { settings } = await getClub(db, actor.clubId);
  const live = await findOpenLive(db, classId);
  const lesson = live?.lessonId === undefined ? undefined : await findLesson(db, live.lessonId);
  const plan = lesson?.plan && (await findPlan(db, lesson.plan.planId));
  const spoken = await getClassWords(db, actor.clubId, classId);
  const terms = makeTerms(spoken.words);
  return success({
    classId,
    className: found.name,
    joinCode: found.joinCode,
    mayTeach: (await requireEditableClass(db, actor, classId)) !== undefined,
    live: live && { liveId: live.liveId, lessonId: live.lessonId, place: live.place },
    planTitle: plan?.title,
    segments: await Promise.all((plan?.segments ?? []).map((segment) => toBoardSegment(db, segment, terms))),
    values: settings.values,
    ways: settings.ways,
    spoken,
  });
}

/**
 * What has come in since the last reading: with `sinceMs` of the same question from a few seconds before it, so that what became visible
 * late is there too; else everything.
 */
export async function getLiveNews(
  actor: CoachActor,
  classId: ClassId,
  { sinceMs, questionId }: LiveNewsQuery,
): Promise<Result<LiveNews, ServiceFault>> {
  const db = getDb();
  if ((await requireVisibleClass(db, actor, classId)) === undefined)
    return failure({ code: 'class/not-found' });
  const nowMs = getNow().getTime();
  const [live, students] = await Promise.all([findOpenLive(db, classId), listStudents(db, classId)]);
  const question = live && (await findNewestQuestion(db, live.liveId));
  const isSame = question !== undefined && question.questionId === questionId;
  const since = isSame && sinceMs !== undefined ? new Date(sinceMs - OVERLAP_MS) : undefined;
  return success({
    nowMs,
    liveId: live?.liveId,
    place: live?.place,
    question: question && toLiveQuestion(question),
    students,
    answers: question === undefined ? [] : await listAnswers(db, actor, classId, question, since),
  });
}

function toLiveQuestion({ liveId: _, ...question }: QuestionRecord) {
  return question;
}

async function listAnswers(
  db: Db,
  actor: CoachActor,
  classId: ClassId,
  { questionId, taskId }: QuestionRecord,
  since: Date | undefined,
): Promise<LiveAnswer[]> {
  const suggestions = await listSuggestions(db, questionId, since);
  const moves = suggestions.map(({ suggestionId, studentId, move, answeredAt }): LiveAnswer => ({
    key: `move ${suggestionId}`,
    questionId,
    studentId,
    answer: { kind: 'move', move },
    answeredAt: answeredAt.toISOString(),
  }));
  const attempts = taskId === undefined ? [] : await listLiveAttempts(db, questionId, since);
  const task =
    taskId === undefined || attempts.length === 0
      ? undefined
      : await findStoredTask(db, actor.clubId, taskId);
  if (task === undefined) return moves;
  const terms = makeTerms(await listSpokenWords(db, actor.clubId, classId));
  const answers = attempts.map(({ attemptId, studentId, answer, isRight, answeredAt }): LiveAnswer => ({
    key: `task ${attemptId}`,
    questionId,
    studentId,
    answer: { kind: 'task', text: answerLineText(task, answer, terms), isRight },
    answeredAt: answeredAt.toISOString(),
  }));
  return [...moves, ...answers];
}

/** A move that was called out in class, entered by the coach. Sent twice, it is stored once. */
export async function addCalledMove(
  actor: CoachActor,
  input: NewSuggestion,
): Promise<Result<undefined, ServiceFault>> {
  return storeOnce(async (db) => {
    const question = await findQuestion(db, input.questionId);
    if (question === undefined || (await findTaughtLive(db, actor, question.liveId)) === undefined)
      return failure<ServiceFault>({ code: 'live/not-found' });
    return storeMove(db, question, input, undefined);
  });
}

/** A move from a seat. Sent twice, it is stored once; given before the question was closed, it may come later. */
export async function storeSuggestion(
  actor: StudentActor,
  input: NewSuggestion,
): Promise<Result<undefined, ServiceFault>> {
  const { studentId: keptFor } = input;
  if (keptFor !== undefined && keptFor !== actor.studentId) return failure({ code: 'access/not-allowed' });
  return storeOnce(async (db) => {
    const question = await findQuestionOfStudent(db, actor, input.questionId);
    if (question === undefined)
      return failure<ServiceFault>({ code: keptFor === undefined ? 'round/not-found' : 'round/gone' });
    return storeMove(db, question, input, actor);
  });
}

async function storeMove(
  db: Db,
  { questionId, fen, askedAt }: QuestionRecord,
  { clientId, move, waitedMs }: NewSuggestion,
  actor: StudentActor | undefined,
): Promise<Result<undefined, ServiceFault>> {
  const known = await findSuggestion(db, clientId);
  if (known !== undefined) {
    const isOwn = known.studentId === (actor?.studentId ?? null);
    return isOwn ? success(undefined) : failure({ code: 'access/not-allowed' });
  }
  const draft = getDraft(fen);
  const made = getMove(move);
  if (draft.board[made.from]?.side !== draft.turn || !tryHandMove(draft, made).ok)
    return failure({ code: 'live/no-such-move' });
  const receivedAt = getNow();
  await addSuggestion(db, {
    clientId,
    questionId,
    studentId: actor?.studentId,
    move,
    answeredAt: reckonAnswerTime({ waitedMs, givenAt: new Date(askedAt), receivedAt }),
    receivedAt,
  });
  return success(undefined);
}

/** The question when it was asked of a class the student is in. */
async function findQuestionOfStudent(
  db: Db,
  actor: StudentActor,
  questionId: QuestionId,
): Promise<QuestionRecord | undefined> {
  const question = await findQuestion(db, questionId);
  const live = question && (await findLive(db, question.liveId));
  return live && (await isStudentOfClass(db, live.classId, actor.studentId)) ? question : undefined;
}

/** What the seat hears every few moments. */
export async function getSeatNews(actor: StudentActor): Promise<SeatNews> {
  const db = getDb();
  const live = await findLiveOfStudent(db, actor.studentId, openSince());
  const question = live && (await findNewestQuestion(db, live.liveId));
  if (question?.isOpen !== true) return { isLive: live !== undefined, question: undefined, given: undefined };
  return {
    isLive: true,
    question: toLiveQuestion(question),
    given: await findOwnSuggestion(db, question.questionId, actor.studentId),
  };
}

/** The child's round for a question that is a task; opened twice, it is one. */
export async function openLiveTask(
  actor: StudentActor,
  { questionId }: { readonly questionId: QuestionId },
): Promise<Result<SeatRound, ServiceFault>> {
  return storeOnce(async (db) => {
    const question = await findQuestionOfStudent(db, actor, questionId);
    const live = question && (await findLive(db, question.liveId));
    const task =
      question?.taskId === undefined ? undefined : await findStoredTask(db, actor.clubId, question.taskId);
    if (live === undefined || task === undefined) return failure<ServiceFault>({ code: 'round/not-found' });
    const known = await findLiveRound(db, questionId, actor.studentId);
    const roundId =
      known ??
      (await createPractice(db, {
        studentId: actor.studentId,
        classId: live.classId,
        stage: findStage(task.family),
        requestId: uuidOf(`question ${questionId} student ${actor.studentId}`, QUESTION_NAMESPACE),
        taskIds: [task.taskId],
        now: getNow(),
      }));
    if (known === undefined) await linkLiveRound(db, questionId, roundId);
    const tasks = await listTasksOfPractice(db, roundId);
    return success(await toSeatRound(db, actor.clubId, roundId, liveText.theBoard, tasks));
  });
}

/** Any fixed id; it makes the ids of the rounds from those of question and student. */
const QUESTION_NAMESPACE = '7d0c6e0e-6f0b-4f0e-9d3c-6a6f2f6c7a10';

/** The lesson as a seat opens it, with what lies on the place to do meanwhile. */
export async function getSeatLesson(actor: StudentActor): Promise<SeatLesson> {
  const [news, home] = await Promise.all([getSeatNews(actor), getSeatHome(actor)]);
  const next = home.assignments.find(({ solvedCount, puzzleCount }) => solvedCount < puzzleCount);
  const round = next && (await openSeatRound(actor, next.assignmentId));
  return {
    studentId: actor.studentId,
    news,
    meanwhile:
      next !== undefined && round?.ok === true
        ? { assignmentId: next.assignmentId, round: round.value }
        : undefined,
  };
}
