import type { AssignmentId, AttemptId, ClassId, RoundId, StudentId, TaskId } from '@/contracts/ids';
import type { LatestAnswer } from '@/contracts/people';
import {
  type Answer,
  answerSchema,
  type Diagnosis,
  EXERCISE_IDS,
  familyIdSchema,
  findAskedPiece,
  findStage,
  isAboutPiece,
  STAGES,
  type Verdict,
} from '@/core/exercises';
import type { ProgressAnswer } from '@/core/progress';
import { z } from 'zod/mini';
import type { Db, Statement } from '../db';

export interface AttemptInput {
  readonly clientId: string;
  readonly studentId: StudentId;
  readonly classId: ClassId;
  readonly taskId: TaskId;
  readonly roundId: RoundId;
  readonly tryNumber: number;
  readonly answer: Answer;
  readonly hints: number;
  readonly spentMs: number;
  readonly answeredAt: Date;
  readonly receivedAt: Date;
}

/** Raised when judging changes, so that old answers can be judged anew beside their first verdict. */
export const JUDGE_VERSION = 1;

const storedDiagnosesSchema = z.object({
  codes: z.array(z.string()),
  wrongPly: z.nullable(z.number()),
});

/** Adds an attempt; nothing of it is ever changed afterwards. */
export function insertAttempt(db: Db, input: AttemptInput): Statement {
  return db('attempts').insert({
    client_id: input.clientId,
    student_id: input.studentId,
    class_id: input.classId,
    task_id: input.taskId,
    round_id: input.roundId,
    try_number: input.tryNumber,
    answer: JSON.stringify(input.answer),
    hints: input.hints,
    spent_ms: input.spentMs,
    answered_at: input.answeredAt,
    received_at: input.receivedAt,
  });
}

/** Adds its verdict; that neither is changed. */
export function insertVerdict(db: Db, attemptId: AttemptId, verdict: Verdict): Statement {
  return db('verdicts').insert({
    attempt_id: attemptId,
    judge_version: JUDGE_VERSION,
    outcome: verdict.outcome,
    diagnoses: JSON.stringify({
      codes: verdict.diagnoses,
      wrongPly: verdict.wrongPly ?? null,
    } satisfies { codes: readonly Diagnosis[]; wrongPly: number | null }),
  });
}

/** An answer as a child gave it. */
export interface GivenAnswer {
  readonly studentId: StudentId;
  readonly classId: ClassId;
  readonly taskId: TaskId;
  readonly answer: Answer;
}

/** The newest answers of all, newest first. */
export async function listGivenAnswers(db: Db, most: number): Promise<GivenAnswer[]> {
  const rows: { student_id: number; class_id: number; task_id: number; answer: unknown }[] = await db(
    'attempts',
  )
    .orderBy('id', 'desc')
    .limit(most)
    .select('student_id', 'class_id', 'task_id', 'answer');
  return rows.map((row) => ({
    studentId: row.student_id as StudentId,
    classId: row.class_id as ClassId,
    taskId: row.task_id as TaskId,
    answer: answerSchema.parse(row.answer),
  }));
}

/** What one student did with one task of an assignment. */
export interface TriedTask {
  readonly studentId: StudentId;
  readonly taskId: TaskId;
  readonly tries: number;
  readonly isSolved: boolean;
  /** Of all tries together, in milliseconds. */
  readonly spentMs: number;
  /** The most that one try took. */
  readonly hints: number;
  readonly firstWrong: { readonly answer: Answer; readonly wrongPly: number | undefined } | undefined;
}

interface TriedRow {
  readonly student_id: number;
  readonly task_id: number;
  readonly tries: number;
  /** Sums come as text. */
  readonly solved: string;
  readonly spent_ms: string;
  readonly hints: number;
  readonly first_wrong: number | null;
}

/** Counted by the database: a device may have sent thousands of tries. */
export async function listTriesOfAssignment(db: Db, assignmentId: AssignmentId): Promise<TriedTask[]> {
  const rows: TriedRow[] = await db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('rounds', 'rounds.id', 'attempts.round_id')
    .where('verdicts.judge_version', JUDGE_VERSION)
    .where('rounds.assignment_id', assignmentId)
    .groupBy(['attempts.student_id', 'attempts.task_id'])
    .select(
      'attempts.student_id',
      'attempts.task_id',
      db.raw('COUNT(*) AS tries'),
      db.raw("SUM(verdicts.outcome = 'right') AS solved"),
      db.raw('SUM(attempts.spent_ms) AS spent_ms'),
      db.raw('MAX(attempts.hints) AS hints'),
      db.raw("MIN(IF(verdicts.outcome = 'wrong', attempts.id, NULL)) AS first_wrong"),
    );
  const wrong = new Map<number, TriedTask['firstWrong']>();
  const found: { id: number; answer: unknown; diagnoses: unknown }[] = await db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .where('verdicts.judge_version', JUDGE_VERSION)
    .whereIn(
      'attempts.id',
      rows.flatMap(({ first_wrong: id }) => id ?? []),
    )
    .select('attempts.id', 'attempts.answer', 'verdicts.diagnoses');
  for (const { id, answer, diagnoses } of found) {
    const { wrongPly } = storedDiagnosesSchema.parse(diagnoses);
    wrong.set(id, { answer: answerSchema.parse(answer), wrongPly: wrongPly ?? undefined });
  }
  return rows.map((row) => ({
    studentId: row.student_id as StudentId,
    taskId: row.task_id as TaskId,
    tries: row.tries,
    isSolved: Number(row.solved) > 0,
    spentMs: Number(row.spent_ms),
    hints: row.hints,
    firstWrong: row.first_wrong === null ? undefined : wrong.get(row.first_wrong),
  }));
}

/** How often each task of a round was tried, and whether it was solved. */
export async function listTriesOfRound(
  db: Db,
  roundId: RoundId,
): Promise<{ readonly taskId: TaskId; readonly tries: number; readonly isSolved: boolean }[]> {
  const rows: { task_id: number; tries: number; solved: string }[] = await db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .where('verdicts.judge_version', JUDGE_VERSION)
    .where('attempts.round_id', roundId)
    .groupBy('attempts.task_id')
    .select(
      'attempts.task_id',
      db.raw('COUNT(*) AS tries'),
      db.raw("SUM(verdicts.outcome = 'right') AS solved"),
    );
  return rows.map((row) => ({
    taskId: row.task_id as TaskId,
    tries: row.tries,
    // A sum comes as text.
    isSolved: Number(row.solved) > 0,
  }));
}

/**
 * Which of these tasks the students have answered right at the first try and without a hint outside this
 * assignment, those they have solved inside it left out.
 */
export async function listAnsweredAtOnce(
  db: Db,
  studentIds: readonly StudentId[],
  taskIds: readonly TaskId[],
  assignmentId: AssignmentId,
): Promise<{ readonly studentId: StudentId; readonly taskId: TaskId }[]> {
  const rows: { readonly student_id: number; readonly task_id: number }[] = await db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('rounds', 'rounds.id', 'attempts.round_id')
    .whereIn('attempts.student_id', [...studentIds])
    .whereIn('attempts.task_id', [...taskIds])
    .where('attempts.try_number', 1)
    .where('attempts.hints', 0)
    .where('verdicts.outcome', 'right')
    .where('verdicts.judge_version', JUDGE_VERSION)
    // Practice has no assignment.
    .whereRaw('NOT (rounds.assignment_id <=> ?)', [assignmentId])
    .whereNotExists(
      db({ here: 'attempts' })
        .join({ here_verdicts: 'verdicts' }, 'here_verdicts.attempt_id', 'here.id')
        .join({ here_rounds: 'rounds' }, 'here_rounds.id', 'here.round_id')
        .whereRaw('here.student_id = attempts.student_id AND here.task_id = attempts.task_id')
        .where('here_rounds.assignment_id', assignmentId)
        .where({ 'here_verdicts.outcome': 'right', 'here_verdicts.judge_version': JUDGE_VERSION }),
    )
    .distinct('attempts.student_id', 'attempts.task_id');
  return rows.map((row) => ({ studentId: row.student_id as StudentId, taskId: row.task_id as TaskId }));
}

/** Puzzles solved by each student of an assignment: [student, number of different tasks]. */
export async function listSolvedCounts(
  db: Db,
  assignmentIds: readonly AssignmentId[],
): Promise<{ assignmentId: AssignmentId; studentId: StudentId; solved: number }[]> {
  const rows: { assignment_id: number; student_id: number; solved: number }[] = await db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('rounds', 'rounds.id', 'attempts.round_id')
    .whereIn('rounds.assignment_id', [...assignmentIds])
    .where({ 'verdicts.outcome': 'right', 'verdicts.judge_version': JUDGE_VERSION })
    .groupBy('rounds.assignment_id', 'attempts.student_id')
    .select('rounds.assignment_id', 'attempts.student_id')
    .countDistinct({ solved: 'attempts.task_id' });
  return rows.map((row) => ({
    assignmentId: row.assignment_id as AssignmentId,
    studentId: row.student_id as StudentId,
    solved: row.solved,
  }));
}

/** The newest answers of a class, newest first. */
export async function listLatestAnswers(db: Db, classId: ClassId, most: number): Promise<LatestAnswer[]> {
  const rows: {
    id: number;
    display_name: string;
    set_name: string | null;
    stage: string | null;
    ordinal: number | null;
    practice_ordinal: number | null;
    outcome: string;
    try_number: number;
    received_at: Date;
  }[] = await db
    .from(newestOfClass(db, classId, most).as('newest'))
    .join('attempts', 'attempts.id', 'newest.id')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('people', 'people.id', 'attempts.student_id')
    .join('rounds', 'rounds.id', 'attempts.round_id')
    .leftJoin('assignments', 'assignments.id', 'rounds.assignment_id')
    .leftJoin('set_versions', 'set_versions.id', 'assignments.set_version_id')
    .leftJoin('sets', 'sets.id', 'set_versions.set_id')
    .leftJoin('set_items', (on) =>
      on
        .on('set_items.set_version_id', 'assignments.set_version_id')
        .andOn('set_items.task_id', 'attempts.task_id'),
    )
    .leftJoin('practices', 'practices.round_id', 'attempts.round_id')
    .leftJoin('practice_tasks', (on) =>
      on
        .on('practice_tasks.round_id', 'attempts.round_id')
        .andOn('practice_tasks.task_id', 'attempts.task_id'),
    )
    .where('verdicts.judge_version', JUDGE_VERSION)
    .orderBy([
      { column: 'attempts.received_at', order: 'desc' },
      { column: 'attempts.id', order: 'desc' },
    ])
    .select(
      'attempts.id',
      'people.display_name',
      'sets.name as set_name',
      'practices.stage',
      'set_items.ordinal',
      'practice_tasks.ordinal as practice_ordinal',
      'verdicts.outcome',
      'attempts.try_number',
      'attempts.received_at',
    );
  return rows.map((row) => ({
    attemptId: row.id,
    studentName: row.display_name,
    setName: row.set_name ?? undefined,
    practised: STAGES.find((stage) => stage === row.stage),
    // In a set numbers begin at 1, in a practice round at 0.
    puzzleNumber: row.ordinal ?? (row.practice_ordinal ?? 0) + 1,
    outcome: row.outcome,
    tryNumber: row.try_number,
    receivedAt: row.received_at.toISOString(),
  }));
}

/** Found by their index before anything is joined to them: asked for together, the database joins all answers of the class first. */
function newestOfClass(db: Db, classId: ClassId, most: number) {
  return db('attempts')
    .where('class_id', classId)
    .orderBy([
      { column: 'received_at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .limit(most)
    .select('id');
}

interface ProgressRow {
  id: number;
  answered_at: Date;
  student_id: number;
  task_id: number;
  family: string;
  level: number;
  payload: unknown;
  try_number: number;
  outcome: string;
  hints: number;
  diagnoses: unknown;
}

/** What was answered longer ago than so many answers says nothing of now. A class page is fetched every few seconds. */
const MOST_PROGRESS_ANSWERS = { class: 1_000, student: 3_000 } as const;

const PIECE_FAMILIES = EXERCISE_IDS.filter(isAboutPiece);

/** A JSON column that went through an expression arrives as its text. */
function readPayload(payload: unknown): unknown {
  return typeof payload === 'string' ? JSON.parse(payload) : payload;
}

/** The latest answers for progress, oldest first: of a class by when they came, or of one student wherever it was given. */
export async function listProgressAnswers(
  db: Db,
  of: { readonly classId: ClassId } | { readonly studentId: StudentId },
): Promise<ProgressAnswer[]> {
  const newest =
    'classId' in of
      ? newestOfClass(db, of.classId, MOST_PROGRESS_ANSWERS.class)
      : db('attempts')
          .where('student_id', of.studentId)
          .orderBy('id', 'desc')
          .limit(MOST_PROGRESS_ANSWERS.student)
          .select('id');
  const rows: ProgressRow[] = await db
    .from(newest.as('newest'))
    .join('attempts', 'attempts.id', 'newest.id')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('tasks', 'tasks.id', 'attempts.task_id')
    .where('verdicts.judge_version', JUDGE_VERSION)
    .select(
      'attempts.id',
      'attempts.answered_at',
      'attempts.student_id',
      'attempts.task_id',
      'tasks.family',
      'tasks.level',
      // Of most families the payload says nothing here, and of some it is large.
      db.raw('CASE WHEN ?? IN (?) THEN ?? END AS payload', ['tasks.family', PIECE_FAMILIES, 'tasks.payload']),
      'attempts.try_number',
      'verdicts.outcome',
      'attempts.hints',
      'verdicts.diagnoses',
    );
  rows.sort((one, other) => one.answered_at.getTime() - other.answered_at.getTime() || one.id - other.id);
  return rows.map((row) => {
    const family = familyIdSchema.parse(row.family);
    return {
      student: row.student_id,
      task: row.task_id,
      family,
      stage: findStage(family),
      level: row.level,
      day: row.answered_at.toISOString().slice(0, 10),
      piece: findAskedPiece(family, readPayload(row.payload)),
      tryNumber: row.try_number,
      isRight: row.outcome === 'right',
      hints: row.hints,
      diagnoses: storedDiagnosesSchema.parse(row.diagnoses).codes,
    };
  });
}
