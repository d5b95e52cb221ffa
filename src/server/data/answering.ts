/** Everything that is read and written when an answer arrives, in as few journeys to the database as may be. */
import { LRUCache } from 'lru-cache';
import { clubSettingsSchema } from '@/contracts/clubs';
import type { AttemptId, ClassId, ClubId, RoundId, StudentId, TaskId } from '@/contracts/ids';
import type { Verdict, VerdictOutcome } from '@/core/exercises';
import { listTopics, type Rating, type Topic, type TopicState } from '@/core/progress';
import { columnsOf, computed, optional, readRows, selectColumns, sendTogether, under, type Db } from '../db';
import { insertAttempt, insertVerdict, JUDGE_VERSION, type AttemptInput } from './attempts';
import {
  lockTaskRating,
  selectStudentRating,
  STUDENT_RATING_COLUMNS,
  TASK_RATING_COLUMNS,
  writeRatings,
} from './ratings';
import { findStoredTask, listPatternsOfTasks, type StoredTask } from './tasks';
import { lockStudent, readTopicStates, selectTopicStates, writeTopicStates } from './topics';

/** An attempt that was stored before. */
export interface KnownAttempt {
  readonly studentId: StudentId;
  readonly tryNumber: number;
  readonly outcome: VerdictOutcome;
}

/** Where an answer belongs and what came before it. */
export interface AnswerPlace {
  /** When the round was begun: its tasks were not there before. */
  readonly startedAt: Date;
  readonly classId: ClassId;
  /** Undefined when the task is none of the round's. */
  readonly task: StoredTask | undefined;
  /** What the answer says something about. */
  readonly topics: readonly Topic[];
  /** How often the child has tried this task in this round. */
  readonly tries: number;
  /** Has the child tried it before, in any round? */
  readonly isAnswered: boolean;
  /** The attempt made on the device under this id, when it is stored already. */
  readonly known: KnownAttempt | undefined;
}

interface AskedPlace {
  readonly studentId: StudentId;
  readonly roundId: RoundId;
  readonly taskId: TaskId;
  readonly clientId: string;
}

/**
 * Locks the child and finds the place of its answer; undefined when the round is not the child's. Locked before anything is read: what is
 * read first decides which answers of another round are seen.
 */
export async function lockAnswerPlace(db: Db, asked: AskedPlace): Promise<AnswerPlace | undefined> {
  const columns = placeColumns(db, asked);
  const [, places = []] = await sendTogether(db, [
    lockStudent(db, asked.studentId),
    selectColumns(placeOf(db, asked), columns),
  ]);
  const [row] = readRows(columns, places);
  if (row === undefined) return undefined;
  const { startedAt, tries, isAnswered, clubId, exactKey, settings } = row;
  const { knownStudentId, knownTryNumber, knownOutcome } = row;
  const classId = row.assignedClassId ?? row.practiceClassId;
  if (classId === null) throw new Error(`round ${asked.roundId} is of no class`);
  const isThere = row.isOfRound && clubId !== null && exactKey !== null;
  const opened = isThere ? await openTask(db, asked.taskId, { clubId, exactKey, settings }) : undefined;
  const isKnown = knownStudentId !== null && knownTryNumber !== null && knownOutcome !== null;
  return {
    startedAt,
    classId,
    task: opened?.task,
    topics: opened?.topics ?? [],
    tries,
    isAnswered,
    known: isKnown
      ? { studentId: knownStudentId, tryNumber: knownTryNumber, outcome: knownOutcome }
      : undefined,
  };
}

function placeColumns(db: Db, { studentId, roundId, taskId }: AskedPlace) {
  const answered = db.raw('EXISTS (SELECT 1 FROM attempts WHERE student_id = ? AND task_id = ?)', [
    studentId,
    taskId,
  ]);
  return columnsOf({
    startedAt: 'rounds.started_at',
    assignedClassId: optional('assignments.class_id'),
    practiceClassId: optional('practices.class_id'),
    isOfRound: computed(
      db.raw('COALESCE(set_items.task_id, practice_tasks.task_id)'),
      (found) => found !== null,
    ),
    tries: computed(db('attempts').where({ round_id: roundId, task_id: taskId }).count(), Number),
    isAnswered: computed(answered, Boolean),
    knownStudentId: under('known', 'attempts.student_id'),
    knownTryNumber: under('known', 'attempts.try_number'),
    knownOutcome: under('known_verdicts', 'verdicts.outcome'),
    clubId: optional('tasks.club_id'),
    exactKey: optional('tasks.exact_key'),
    settings: optional('clubs.settings'),
  });
}

function placeOf(db: Db, { studentId, roundId, taskId, clientId }: AskedPlace) {
  return db('rounds')
    .leftJoin('assignments', 'assignments.id', 'rounds.assignment_id')
    .leftJoin('practices', 'practices.round_id', 'rounds.id')
    .leftJoin('set_items', (join) =>
      join.on('set_items.set_version_id', 'assignments.set_version_id').andOnVal('set_items.task_id', taskId),
    )
    .leftJoin('practice_tasks', (join) =>
      join.on('practice_tasks.round_id', 'rounds.id').andOnVal('practice_tasks.task_id', taskId),
    )
    .leftJoin('tasks', (join) => join.onVal('tasks.id', taskId))
    .leftJoin('clubs', 'clubs.id', 'tasks.club_id')
    .leftJoin({ known: 'attempts' }, (join) => join.onVal('known.client_id', clientId))
    .leftJoin({ known_verdicts: 'verdicts' }, (join) =>
      join
        .on('known_verdicts.attempt_id', 'known.id')
        .andOnVal('known_verdicts.judge_version', JUDGE_VERSION),
    )
    .where('rounds.id', roundId)
    .where('rounds.student_id', studentId)
    .limit(1);
}

/** What an answer will change: the state of these topics, and the ratings of puzzle and child. */
export interface AnswerBearing {
  readonly topics: readonly Topic[];
  readonly isRated: boolean;
}

/** What was known before the answer. */
export interface BeforeAnswer {
  readonly attemptId: AttemptId;
  readonly states: ReadonlyMap<Topic, TopicState>;
  /** Undefined when the answer does not rate, or the puzzle has no rating. */
  readonly puzzle: Rating | undefined;
  /** Undefined when the answer does not rate, or is the child's first that does. */
  readonly child: Rating | undefined;
}

/** Stores the attempt, and reads and locks what it bears on. */
export async function addAttempt(
  db: Db,
  attempt: AttemptInput,
  { topics, isRated }: AnswerBearing,
): Promise<BeforeAnswer> {
  const { studentId, taskId } = attempt;
  const [ids, states = [], puzzles = [], children = []] = await sendTogether(db, [
    insertAttempt(db, attempt),
    db.raw('SELECT LAST_INSERT_ID() AS id'),
    selectTopicStates(db, [studentId], topics),
    ...(isRated ? [lockTaskRating(db, taskId), selectStudentRating(db, studentId)] : []),
  ]);
  return {
    attemptId: (ids?.[0] as { readonly id: AttemptId }).id,
    states: readTopicStates(states).get(studentId) ?? new Map<Topic, TopicState>(),
    puzzle: readRows(TASK_RATING_COLUMNS, puzzles)[0],
    child: readRows(STUDENT_RATING_COLUMNS, children)[0],
  };
}

/** What follows from an attempt. */
export interface AnswerAfter {
  readonly attemptId: AttemptId;
  readonly studentId: StudentId;
  readonly taskId: TaskId;
  readonly verdict: Verdict;
  readonly states: ReadonlyMap<Topic, TopicState>;
  readonly rated: { readonly puzzle: Rating; readonly child: Rating } | undefined;
}

export async function addVerdict(db: Db, after: AnswerAfter): Promise<void> {
  const { attemptId, studentId, taskId, states, rated } = after;
  await sendTogether(db, [
    insertVerdict(db, attemptId, after.verdict),
    ...(states.size === 0 ? [] : [writeTopicStates(db, studentId, states)]),
    ...(rated === undefined
      ? []
      : writeRatings(db, { taskId, rating: rated.puzzle }, { studentId, rating: rated.child }, attemptId)),
  ]);
}

interface OpenedTask {
  readonly task: StoredTask;
  readonly topics: readonly Topic[];
}

/** What a task asks and how it is solved never changes once it is stored, and a class answers the same few tasks. */
const openedTasks = new LRUCache<string, OpenedTask>({ max: 500 });

async function openTask(
  db: Db,
  taskId: TaskId,
  {
    clubId,
    exactKey,
    settings,
  }: { readonly clubId: ClubId; readonly exactKey: string; readonly settings: unknown },
): Promise<OpenedTask | undefined> {
  const key = `${taskId} ${exactKey}`;
  const opened = openedTasks.get(key) ?? (await readTask(db, clubId, taskId));
  if (opened === undefined) return undefined;
  openedTasks.set(key, opened);
  const { task, topics } = opened;
  if (task.family !== 'mate') return opened;
  // How the club counts a mate's moves may change at any time.
  const count = clubSettingsSchema.parse(settings).mateCount;
  return { task: { ...task, task: { ...task.task, count } }, topics };
}

async function readTask(db: Db, clubId: ClubId, taskId: TaskId): Promise<OpenedTask | undefined> {
  const task = await findStoredTask(db, clubId, taskId);
  if (task === undefined) return undefined;
  if (task.family !== 'mate') return { task, topics: listTopics(task) };
  const patterns = (await listPatternsOfTasks(db, [taskId])).get(taskId) ?? [];
  const { mateInMoves } = task.task;
  return { task, topics: listTopics({ family: 'mate', mateInMoves, patterns: [...patterns].sort() }) };
}
