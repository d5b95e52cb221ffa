/** Everything that is read and written when an answer arrives, in as few journeys to the database as may be. */
import { LRUCache } from 'lru-cache';
import { clubSettingsSchema } from '@/contracts/clubs';
import type { AttemptId, ClassId, ClubId, RoundId, StudentId, TaskId } from '@/contracts/ids';
import type { Verdict, VerdictOutcome } from '@/core/exercises';
import { listTopics, type Rating, type Topic, type TopicState } from '@/core/progress';
import { sendTogether, type Db } from '../db';
import { insertAttempt, insertVerdict, JUDGE_VERSION, type AttemptInput } from './attempts';
import { lockTaskRating, selectStudentRating, toRating, writeRatings, type RatingRow } from './ratings';
import { findStoredTask, listPatternsOfTasks, type StoredTask } from './tasks';
import {
  lockStudent,
  selectTopicStates,
  toTopicStates,
  writeTopicStates,
  type TopicStateRow,
} from './topics';

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

interface PlaceRow {
  readonly started_at: Date;
  readonly class_id: number | null;
  readonly practice_class_id: number | null;
  readonly round_task_id: number | null;
  readonly club_id: number;
  readonly exact_key: string;
  readonly settings: unknown;
  readonly tries: number;
  readonly answered: number;
  readonly known_student_id: number | null;
  readonly known_try_number: number;
  readonly known_outcome: string;
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
  const [, places] = await sendTogether(db, [lockStudent(db, asked.studentId), selectPlace(db, asked)]);
  const row = places?.[0] as PlaceRow | undefined;
  if (row === undefined) return undefined;
  const opened = row.round_task_id === null ? undefined : await openTask(db, asked.taskId, row);
  return {
    startedAt: row.started_at,
    classId: (row.class_id ?? row.practice_class_id) as ClassId,
    task: opened?.task,
    topics: opened?.topics ?? [],
    tries: row.tries,
    isAnswered: Boolean(row.answered),
    known:
      row.known_student_id === null
        ? undefined
        : {
            studentId: row.known_student_id as StudentId,
            tryNumber: row.known_try_number,
            outcome: row.known_outcome as VerdictOutcome,
          },
  };
}

function selectPlace(db: Db, { studentId, roundId, taskId, clientId }: AskedPlace) {
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
    .where({ 'rounds.id': roundId, 'rounds.student_id': studentId })
    .first([
      'rounds.started_at',
      'assignments.class_id',
      'practices.class_id as practice_class_id',
      db.raw('COALESCE(set_items.task_id, practice_tasks.task_id) AS round_task_id'),
      db('attempts').where({ round_id: roundId, task_id: taskId }).count().as('tries'),
      db.raw('EXISTS (SELECT 1 FROM attempts WHERE student_id = ? AND task_id = ?) AS answered', [
        studentId,
        taskId,
      ]),
      'known.student_id as known_student_id',
      'known.try_number as known_try_number',
      'known_verdicts.outcome as known_outcome',
      'tasks.club_id',
      'tasks.exact_key',
      'clubs.settings',
    ]);
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
  const [ids, states, puzzles, children] = await sendTogether(db, [
    insertAttempt(db, attempt),
    db.raw('SELECT LAST_INSERT_ID() AS id'),
    selectTopicStates(db, [studentId], topics),
    ...(isRated ? [lockTaskRating(db, taskId), selectStudentRating(db, studentId)] : []),
  ]);
  const [puzzle, child] = [puzzles?.[0], children?.[0]] as (RatingRow | undefined)[];
  return {
    attemptId: (ids?.[0] as { readonly id: AttemptId }).id,
    states: toTopicStates((states ?? []) as TopicStateRow[]).get(studentId) ?? new Map<Topic, TopicState>(),
    puzzle: puzzle && toRating(puzzle),
    child: child && toRating(child),
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
  { club_id: clubId, exact_key: exactKey, settings }: Pick<PlaceRow, 'club_id' | 'exact_key' | 'settings'>,
): Promise<OpenedTask | undefined> {
  const key = `${taskId} ${exactKey}`;
  const opened = openedTasks.get(key) ?? (await readTask(db, clubId as ClubId, taskId));
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
