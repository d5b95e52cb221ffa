import type { BoardPlace } from '@/contracts/live';
import type { LiveQuestion } from '@/contracts/seatLesson';
import type {
  ClassId,
  CoachId,
  LessonId,
  LiveId,
  QuestionId,
  RoundId,
  StudentId,
  TaskId,
} from '@/contracts/ids';
import { answerSchema, type Answer } from '@/core/exercises';
import type { MoveText } from '@/core/notation';
import { columnsOf, findRow, findValue, insertRow, listRows, type Db, type Selected } from '../db';
import { JUDGE_VERSION } from './attempts';

export interface LiveRecord {
  readonly liveId: LiveId;
  readonly classId: ClassId;
  readonly lessonId: LessonId | undefined;
  readonly begunAt: Date;
  readonly isOpen: boolean;
  readonly place: BoardPlace;
}

const LIVE_COLUMNS = columnsOf({
  liveId: 'live_lessons.id',
  classId: 'live_lessons.class_id',
  lessonId: 'live_lessons.lesson_id',
  begunAt: 'live_lessons.begun_at',
  endedAt: 'live_lessons.ended_at',
  segment: 'live_lessons.segment',
  stop: 'live_lessons.stop',
});

function toLive({ lessonId, endedAt, segment, stop, ...row }: Selected<typeof LIVE_COLUMNS>): LiveRecord {
  return { ...row, lessonId: lessonId ?? undefined, isOpen: endedAt === null, place: { segment, stop } };
}

export async function findLive(db: Db, liveId: LiveId): Promise<LiveRecord | undefined> {
  const row = await findRow(db('live_lessons').where({ id: liveId }), LIVE_COLUMNS);
  return row && toLive(row);
}

export async function findLiveByRequest(db: Db, requestId: string): Promise<LiveId | undefined> {
  return findValue(db('live_lessons').where({ request_id: requestId }), 'live_lessons.id');
}

/** The lesson of the class that has not been ended. */
export async function findOpenLive(db: Db, classId: ClassId): Promise<LiveRecord | undefined> {
  const row = await findRow(db('live_lessons').where({ open_class_id: classId }), LIVE_COLUMNS);
  return row && toLive(row);
}

/** The newest lesson begun since a moment that runs in a class the student is in. */
export async function findLiveOfStudent(
  db: Db,
  studentId: StudentId,
  begunSince: Date,
): Promise<LiveRecord | undefined> {
  const running = db('live_lessons')
    .join('enrolments', 'enrolments.class_id', 'live_lessons.open_class_id')
    .where('enrolments.student_id', studentId)
    .whereNull('enrolments.ends_on')
    .where('live_lessons.begun_at', '>=', begunSince)
    .orderBy('live_lessons.id', 'desc');
  const row = await findRow(running, LIVE_COLUMNS);
  return row && toLive(row);
}

export async function createLive(
  db: Db,
  input: {
    readonly classId: ClassId;
    readonly lessonId: LessonId | undefined;
    readonly begunBy: CoachId;
    readonly requestId: string;
    readonly now: Date;
  },
): Promise<LiveId> {
  return insertRow(db, 'live_lessons', {
    class_id: input.classId,
    lesson_id: input.lessonId ?? null,
    begun_by: input.begunBy,
    begun_at: input.now,
    ended_at: null,
    open_class_id: input.classId,
    segment: 0,
    stop: 0,
    request_id: input.requestId,
  });
}

export async function saveLivePlace(db: Db, liveId: LiveId, place: BoardPlace): Promise<void> {
  await db('live_lessons').where({ id: liveId }).update(place);
}

/** Ends it with the question that is still open. */
export async function endLive(db: Db, liveId: LiveId, now: Date): Promise<void> {
  await closeQuestions(db, liveId, now);
  await db('live_lessons')
    .where({ id: liveId })
    .whereNull('ended_at')
    .update({ ended_at: now, open_class_id: null });
}

export interface QuestionRecord extends LiveQuestion {
  readonly liveId: LiveId;
}

const QUESTION_COLUMNS = columnsOf({
  questionId: 'live_questions.id',
  liveId: 'live_questions.live_lesson_id',
  taskId: 'live_questions.task_id',
  fen: 'live_questions.fen',
  words: 'live_questions.words',
  askedAt: 'live_questions.asked_at',
  closedAt: 'live_questions.closed_at',
});

function toQuestion({
  taskId,
  askedAt,
  closedAt,
  ...row
}: Selected<typeof QUESTION_COLUMNS>): QuestionRecord {
  return {
    ...row,
    taskId: taskId ?? undefined,
    askedAt: askedAt.toISOString(),
    isOpen: closedAt === null,
  };
}

export async function findQuestion(db: Db, questionId: QuestionId): Promise<QuestionRecord | undefined> {
  const row = await findRow(db('live_questions').where({ id: questionId }), QUESTION_COLUMNS);
  return row && toQuestion(row);
}

export async function findQuestionByRequest(db: Db, requestId: string): Promise<QuestionId | undefined> {
  return findValue(db('live_questions').where({ request_id: requestId }), 'live_questions.id');
}

/** The newest question of a lesson, open or not. */
export async function findNewestQuestion(db: Db, liveId: LiveId): Promise<QuestionRecord | undefined> {
  const newest = db('live_questions').where({ live_lesson_id: liveId }).orderBy('id', 'desc');
  const row = await findRow(newest, QUESTION_COLUMNS);
  return row && toQuestion(row);
}

export async function createQuestion(
  db: Db,
  input: {
    readonly liveId: LiveId;
    readonly taskId: TaskId | undefined;
    readonly fen: string;
    readonly words: string;
    readonly requestId: string;
    readonly now: Date;
  },
): Promise<QuestionId> {
  return insertRow(db, 'live_questions', {
    live_lesson_id: input.liveId,
    task_id: input.taskId ?? null,
    fen: input.fen,
    words: input.words,
    asked_at: input.now,
    closed_at: null,
    request_id: input.requestId,
  });
}

/** Closes whatever is open of this lesson. */
export async function closeQuestions(db: Db, liveId: LiveId, now: Date): Promise<void> {
  await db('live_questions')
    .where({ live_lesson_id: liveId })
    .whereNull('closed_at')
    .update({ closed_at: now });
}

export async function closeQuestion(db: Db, questionId: QuestionId, now: Date): Promise<void> {
  await db('live_questions').where({ id: questionId }).whereNull('closed_at').update({ closed_at: now });
}

/** The child's round for a question. */
export async function findLiveRound(
  db: Db,
  questionId: QuestionId,
  studentId: StudentId,
): Promise<RoundId | undefined> {
  const own = db('live_rounds')
    .join('rounds', 'rounds.id', 'live_rounds.round_id')
    .where('live_rounds.live_question_id', questionId)
    .where('rounds.student_id', studentId);
  return findValue(own, 'rounds.id');
}

export async function linkLiveRound(db: Db, questionId: QuestionId, roundId: RoundId): Promise<void> {
  await db('live_rounds').insert({ round_id: roundId, live_question_id: questionId });
}

export interface SuggestionRecord {
  readonly suggestionId: number;
  readonly studentId: StudentId | undefined;
  readonly move: MoveText;
  readonly answeredAt: Date;
}

/** Who has stored this one; undefined while nobody has. Null: a coach. */
export async function findSuggestion(
  db: Db,
  clientId: string,
): Promise<{ readonly studentId: StudentId | null } | undefined> {
  return findRow(db('suggestions').where({ client_id: clientId }), { studentId: 'suggestions.student_id' });
}

export async function addSuggestion(
  db: Db,
  input: {
    readonly clientId: string;
    readonly questionId: QuestionId;
    readonly studentId: StudentId | undefined;
    readonly move: MoveText;
    readonly answeredAt: Date;
    readonly receivedAt: Date;
  },
): Promise<void> {
  await db('suggestions').insert({
    client_id: input.clientId,
    live_question_id: input.questionId,
    student_id: input.studentId ?? null,
    move: input.move,
    answered_at: input.answeredAt,
    received_at: input.receivedAt,
  });
}

/** Those received since a moment, in the order of their ids. */
export async function listSuggestions(
  db: Db,
  questionId: QuestionId,
  since: Date | undefined,
): Promise<SuggestionRecord[]> {
  const query = db('suggestions').where({ live_question_id: questionId });
  if (since !== undefined) query.where('received_at', '>=', since);
  const rows = await listRows(query.orderBy('id'), {
    suggestionId: 'suggestions.id',
    studentId: 'suggestions.student_id',
    move: 'suggestions.move',
    answeredAt: 'suggestions.answered_at',
  });
  return rows.map((row) => ({ ...row, studentId: row.studentId ?? undefined }));
}

/** The child's newest move for a question. */
export async function findOwnSuggestion(
  db: Db,
  questionId: QuestionId,
  studentId: StudentId,
): Promise<MoveText | undefined> {
  const newest = db('suggestions')
    .where({ live_question_id: questionId, student_id: studentId })
    .orderBy([
      { column: 'answered_at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ]);
  return findValue(newest, 'suggestions.move');
}

export interface LiveAttempt {
  readonly attemptId: number;
  readonly studentId: StudentId;
  readonly answer: Answer;
  readonly isRight: boolean;
  readonly answeredAt: Date;
}

/** Answers to the task of a question, received since a moment, in the order of their ids. */
export async function listLiveAttempts(
  db: Db,
  questionId: QuestionId,
  since: Date | undefined,
): Promise<LiveAttempt[]> {
  const query = db('live_rounds')
    .join('attempts', 'attempts.round_id', 'live_rounds.round_id')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .where('live_rounds.live_question_id', questionId)
    .where('verdicts.judge_version', JUDGE_VERSION);
  if (since !== undefined) void query.where('attempts.received_at', '>=', since);
  const rows = await listRows(query.orderBy('attempts.id'), {
    attemptId: 'attempts.id',
    studentId: 'attempts.student_id',
    answer: 'attempts.answer',
    outcome: 'verdicts.outcome',
    answeredAt: 'attempts.answered_at',
  });
  return rows.map(({ outcome, ...row }) => ({
    ...row,
    answer: answerSchema.parse(row.answer),
    isRight: outcome === 'right',
  }));
}
