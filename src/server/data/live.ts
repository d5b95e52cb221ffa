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
import type { Db } from '../db';
import { JUDGE_VERSION } from './attempts';

export interface LiveRecord {
  readonly liveId: LiveId;
  readonly classId: ClassId;
  readonly lessonId: LessonId | undefined;
  readonly begunAt: Date;
  readonly isOpen: boolean;
  readonly place: BoardPlace;
}

interface LiveRow {
  id: number;
  class_id: number;
  lesson_id: number | null;
  begun_at: Date;
  ended_at: Date | null;
  segment: number;
  stop: number;
}

const LIVE_COLUMNS = ['id', 'class_id', 'lesson_id', 'begun_at', 'ended_at', 'segment', 'stop'] as const;

function toLive(row: LiveRow): LiveRecord {
  return {
    liveId: row.id as LiveId,
    classId: row.class_id as ClassId,
    lessonId: (row.lesson_id as LessonId | null) ?? undefined,
    begunAt: row.begun_at,
    isOpen: row.ended_at === null,
    place: { segment: row.segment, stop: row.stop },
  };
}

export async function findLive(db: Db, liveId: LiveId): Promise<LiveRecord | undefined> {
  const row: LiveRow | undefined = await db('live_lessons').where({ id: liveId }).first(LIVE_COLUMNS);
  return row && toLive(row);
}

export async function findLiveByRequest(db: Db, requestId: string): Promise<LiveId | undefined> {
  const row = await db('live_lessons').where({ request_id: requestId }).first('id');
  return row?.id as LiveId | undefined;
}

/** The lesson of the class that has not been ended. */
export async function findOpenLive(db: Db, classId: ClassId): Promise<LiveRecord | undefined> {
  const row: LiveRow | undefined = await db('live_lessons')
    .where({ open_class_id: classId })
    .first(LIVE_COLUMNS);
  return row && toLive(row);
}

/** The newest lesson begun since a moment that runs in a class the student is in. */
export async function findLiveOfStudent(
  db: Db,
  studentId: StudentId,
  begunSince: Date,
): Promise<LiveRecord | undefined> {
  const row: LiveRow | undefined = await db('live_lessons')
    .join('enrolments', 'enrolments.class_id', 'live_lessons.open_class_id')
    .where('enrolments.student_id', studentId)
    .whereNull('enrolments.ends_on')
    .where('live_lessons.begun_at', '>=', begunSince)
    .orderBy('live_lessons.id', 'desc')
    .first(LIVE_COLUMNS.map((column) => `live_lessons.${column}`));
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
  const [id] = await db('live_lessons').insert({
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
  return id as LiveId;
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

interface QuestionRow {
  id: number;
  live_lesson_id: number;
  task_id: number | null;
  fen: string;
  words: string;
  asked_at: Date;
  closed_at: Date | null;
}

const QUESTION_COLUMNS = [
  'id',
  'live_lesson_id',
  'task_id',
  'fen',
  'words',
  'asked_at',
  'closed_at',
] as const;

function toQuestion(row: QuestionRow): QuestionRecord {
  return {
    questionId: row.id as QuestionId,
    liveId: row.live_lesson_id as LiveId,
    taskId: (row.task_id as TaskId | null) ?? undefined,
    fen: row.fen,
    words: row.words,
    askedAt: row.asked_at.toISOString(),
    isOpen: row.closed_at === null,
  };
}

export async function findQuestion(db: Db, questionId: QuestionId): Promise<QuestionRecord | undefined> {
  const row: QuestionRow | undefined = await db('live_questions')
    .where({ id: questionId })
    .first(QUESTION_COLUMNS);
  return row && toQuestion(row);
}

export async function findQuestionByRequest(db: Db, requestId: string): Promise<QuestionId | undefined> {
  const row = await db('live_questions').where({ request_id: requestId }).first('id');
  return row?.id as QuestionId | undefined;
}

/** The newest question of a lesson, open or not. */
export async function findNewestQuestion(db: Db, liveId: LiveId): Promise<QuestionRecord | undefined> {
  const row: QuestionRow | undefined = await db('live_questions')
    .where({ live_lesson_id: liveId })
    .orderBy('id', 'desc')
    .first(QUESTION_COLUMNS);
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
  const [id] = await db('live_questions').insert({
    live_lesson_id: input.liveId,
    task_id: input.taskId ?? null,
    fen: input.fen,
    words: input.words,
    asked_at: input.now,
    closed_at: null,
    request_id: input.requestId,
  });
  return id as QuestionId;
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
  const row = await db('live_rounds')
    .join('rounds', 'rounds.id', 'live_rounds.round_id')
    .where({ 'live_rounds.live_question_id': questionId, 'rounds.student_id': studentId })
    .first('rounds.id');
  return row?.id as RoundId | undefined;
}

export async function linkLiveRound(db: Db, questionId: QuestionId, roundId: RoundId): Promise<void> {
  await db('live_rounds').insert({ round_id: roundId, live_question_id: questionId });
}

interface SuggestionRow {
  id: number;
  student_id: number | null;
  move: string;
  answered_at: Date;
}

export interface SuggestionRecord {
  readonly suggestionId: number;
  readonly studentId: StudentId | undefined;
  readonly move: MoveText;
  readonly answeredAt: Date;
}

function toSuggestion(row: SuggestionRow): SuggestionRecord {
  return {
    suggestionId: row.id,
    studentId: (row.student_id as StudentId | null) ?? undefined,
    move: row.move,
    answeredAt: row.answered_at,
  };
}

/** Who has stored this one; undefined while nobody has. Null: a coach. */
export async function findSuggestion(
  db: Db,
  clientId: string,
): Promise<{ readonly studentId: StudentId | null } | undefined> {
  const row = await db('suggestions').where({ client_id: clientId }).first('student_id');
  return row && { studentId: row.student_id as StudentId | null };
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
  const rows: SuggestionRow[] = await query.orderBy('id').select('id', 'student_id', 'move', 'answered_at');
  return rows.map(toSuggestion);
}

/** The child's newest move for a question. */
export async function findOwnSuggestion(
  db: Db,
  questionId: QuestionId,
  studentId: StudentId,
): Promise<MoveText | undefined> {
  const row: SuggestionRow | undefined = await db('suggestions')
    .where({ live_question_id: questionId, student_id: studentId })
    .orderBy([
      { column: 'answered_at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .first('id', 'student_id', 'move', 'answered_at');
  return row && toSuggestion(row).move;
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
    .where({ 'live_rounds.live_question_id': questionId, 'verdicts.judge_version': JUDGE_VERSION });
  if (since !== undefined) query.where('attempts.received_at', '>=', since);
  const rows: {
    id: number;
    student_id: number;
    answer: unknown;
    outcome: string;
    answered_at: Date;
  }[] = await query
    .orderBy('attempts.id')
    .select(
      'attempts.id',
      'attempts.student_id',
      'attempts.answer',
      'verdicts.outcome',
      'attempts.answered_at',
    );
  return rows.map((row) => ({
    attemptId: row.id,
    studentId: row.student_id as StudentId,
    answer: answerSchema.parse(row.answer),
    isRight: row.outcome === 'right',
    answeredAt: row.answered_at,
  }));
}
