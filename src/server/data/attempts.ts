import type { AssignmentId, AttemptId, ClassId, RoundId, StudentId, TaskId } from '@/contracts/ids';
import type { LatestAnswer } from '@/contracts/people';
import {
  type Answer,
  answerSchema,
  EXERCISE_IDS,
  familyIdSchema,
  findAskedPiece,
  findStage,
  isAboutPiece,
  STAGES,
  type Verdict,
  type VerdictOutcome,
} from '@/core/exercises';
import type { ProgressAnswer } from '@/core/progress';
import { z } from 'zod/mini';
import { columnsOf, computed, listRows, optional, parsed, readJson, type Db, type Statement } from '../db';
import { toMoment } from './days';

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
    } satisfies { codes: readonly string[]; wrongPly: number | null }),
  });
}

const parseAnswer = (answer: unknown): Answer => answerSchema.parse(answer);
const isRight = (outcome: VerdictOutcome) => outcome === 'right';

/** An answer as a child gave it. */
export interface GivenAnswer {
  readonly studentId: StudentId;
  readonly classId: ClassId;
  readonly taskId: TaskId;
  readonly answer: Answer;
}

/** The newest answers of all, newest first. */
export async function listGivenAnswers(db: Db, most: number): Promise<GivenAnswer[]> {
  return listRows(db('attempts').orderBy('id', 'desc').limit(most), {
    studentId: 'attempts.student_id',
    classId: 'attempts.class_id',
    taskId: 'attempts.task_id',
    answer: parsed('attempts.answer', parseAnswer),
  });
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

/** Tries of one task together: how many, and whether one of them solved it. */
function tryColumns(db: Db) {
  return columnsOf({
    taskId: 'attempts.task_id',
    tries: computed(db.raw('COUNT(*)'), Number),
    isSolved: computed(db.raw("SUM(verdicts.outcome = 'right')"), (solved) => Number(solved) > 0),
  });
}

/** Counted by the database: a device may have sent thousands of tries. */
export async function listTriesOfAssignment(db: Db, assignmentId: AssignmentId): Promise<TriedTask[]> {
  const tried = db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('rounds', 'rounds.id', 'attempts.round_id')
    .where('verdicts.judge_version', JUDGE_VERSION)
    .where('rounds.assignment_id', assignmentId)
    .groupBy(['attempts.student_id', 'attempts.task_id']);
  const rows = await listRows(tried, {
    studentId: 'attempts.student_id',
    ...tryColumns(db),
    spentMs: computed(db.raw('SUM(attempts.spent_ms)'), Number),
    hints: computed(db.raw('MAX(attempts.hints)'), Number),
    firstWrong: computed(
      db.raw("MIN(IF(verdicts.outcome = 'wrong', attempts.id, NULL))"),
      (id) => id as AttemptId | null,
    ),
  });
  const wrong = db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .where('verdicts.judge_version', JUDGE_VERSION)
    .whereIn(
      'attempts.id',
      rows.flatMap(({ firstWrong }) => firstWrong ?? []),
    );
  const found = await listRows(wrong, {
    attemptId: 'attempts.id',
    answer: parsed('attempts.answer', parseAnswer),
    wrongPly: parsed(
      'verdicts.diagnoses',
      (diagnoses) => storedDiagnosesSchema.parse(diagnoses).wrongPly ?? undefined,
    ),
  });
  const byId = new Map(found.map(({ attemptId, ...answer }) => [attemptId, answer] as const));
  return rows.map(({ firstWrong, ...row }) => ({
    ...row,
    firstWrong: firstWrong === null ? undefined : byId.get(firstWrong),
  }));
}

/** How often each task of a round was tried, and whether it was solved. */
export async function listTriesOfRound(
  db: Db,
  roundId: RoundId,
): Promise<{ readonly taskId: TaskId; readonly tries: number; readonly isSolved: boolean }[]> {
  const tried = db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .where('verdicts.judge_version', JUDGE_VERSION)
    .where('attempts.round_id', roundId)
    .groupBy('attempts.task_id');
  return listRows(tried, tryColumns(db));
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
  const answered = db('attempts')
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
        .where('here_verdicts.outcome', 'right')
        .where('here_verdicts.judge_version', JUDGE_VERSION),
    )
    .distinct();
  return listRows(answered, { studentId: 'attempts.student_id', taskId: 'attempts.task_id' });
}

/** Puzzles solved by each student of an assignment: [student, number of different tasks]. */
export async function listSolvedCounts(
  db: Db,
  assignmentIds: readonly AssignmentId[],
): Promise<{ assignmentId: AssignmentId; studentId: StudentId; solved: number }[]> {
  const byChild = db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('rounds', 'rounds.id', 'attempts.round_id')
    .join('assignments', 'assignments.id', 'rounds.assignment_id')
    .whereIn('assignments.id', [...assignmentIds])
    .where('verdicts.outcome', 'right')
    .where('verdicts.judge_version', JUDGE_VERSION)
    .groupBy('assignments.id', 'attempts.student_id');
  return listRows(byChild, {
    assignmentId: 'assignments.id',
    studentId: 'attempts.student_id',
    solved: computed(db.raw('COUNT(DISTINCT attempts.task_id)'), Number),
  });
}

/** The newest answers of a class, newest first. */
export async function listLatestAnswers(db: Db, classId: ClassId, most: number): Promise<LatestAnswer[]> {
  const newest = db
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
    ]);
  const rows = await listRows(newest, {
    attemptId: 'attempts.id',
    studentName: 'people.display_name',
    setName: optional('sets.name'),
    practised: parsed('practices.stage', (stored) => STAGES.find((stage) => stage === stored)),
    ordinal: optional('set_items.ordinal'),
    practiceOrdinal: optional('practice_tasks.ordinal'),
    outcome: 'verdicts.outcome',
    tryNumber: 'attempts.try_number',
    receivedAt: parsed('attempts.received_at', toMoment),
  });
  return rows.map(({ setName, ordinal, practiceOrdinal, ...answer }) => ({
    ...answer,
    setName: setName ?? undefined,
    // In a set numbers begin at 1, in a practice round at 0.
    puzzleNumber: ordinal ?? (practiceOrdinal ?? 0) + 1,
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

/** What was answered longer ago than so many answers of the class says nothing of now: its page is fetched every few seconds. */
const MOST_OF_CLASS = 1_000;
/** Nor does what lies so many of a child's answers of the same family back: a state is weighed from its newest twenty tasks. */
const MOST_OF_FAMILY = 60;

const PIECE_FAMILIES = EXERCISE_IDS.filter(isAboutPiece);

/** Of each of these students the newest answers of each family, wherever they were given. */
function newestOfStudents(db: Db, studentIds: readonly StudentId[]) {
  const ranked = db('attempts')
    .join('tasks', 'tasks.id', 'attempts.task_id')
    .whereIn('attempts.student_id', [...studentIds])
    .select(
      'attempts.id',
      db.raw(
        'ROW_NUMBER() OVER (PARTITION BY attempts.student_id, tasks.family ORDER BY attempts.id DESC) AS newness',
      ),
    );
  return db.from(ranked.as('ranked')).where('newness', '<=', MOST_OF_FAMILY).select('id');
}

/** The latest answers for progress, oldest first: of a class by when they came, or of students wherever they gave them. */
export async function listProgressAnswers(
  db: Db,
  of: { readonly classId: ClassId } | { readonly studentIds: readonly StudentId[] },
): Promise<ProgressAnswer[]> {
  const newest =
    'classId' in of ? newestOfClass(db, of.classId, MOST_OF_CLASS) : newestOfStudents(db, of.studentIds);
  const answers = db
    .from(newest.as('newest'))
    .join('attempts', 'attempts.id', 'newest.id')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('tasks', 'tasks.id', 'attempts.task_id')
    .where('verdicts.judge_version', JUDGE_VERSION);
  const rows = await listRows(answers, {
    attemptId: 'attempts.id',
    answeredAt: 'attempts.answered_at',
    student: 'attempts.student_id',
    task: 'attempts.task_id',
    family: parsed('tasks.family', (family) => familyIdSchema.parse(family)),
    level: 'tasks.level',
    // Of most families the payload says nothing here, and of some it is large.
    payload: computed(
      db.raw('CASE WHEN ?? IN (?) THEN ?? END', ['tasks.family', PIECE_FAMILIES, 'tasks.payload']),
      readJson,
    ),
    tryNumber: 'attempts.try_number',
    isRight: parsed('verdicts.outcome', isRight),
    hints: 'attempts.hints',
    diagnoses: parsed('verdicts.diagnoses', (diagnoses) => storedDiagnosesSchema.parse(diagnoses).codes),
  });
  rows.sort((a, b) => a.answeredAt.getTime() - b.answeredAt.getTime() || a.attemptId - b.attemptId);
  return rows.map(({ attemptId: _, answeredAt, payload, ...answer }) => ({
    ...answer,
    stage: findStage(answer.family),
    day: answeredAt.toISOString().slice(0, 10),
    piece: findAskedPiece(answer.family, payload),
  }));
}
