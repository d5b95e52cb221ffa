import type { StudentId, TaskId } from '@/contracts/ids';
import { familyIdSchema, mateTaskSchema } from '@/core/exercises';
import { isPatternId } from '@/core/patterns';
import {
  listTopics,
  parseTopic,
  topicStateSchema,
  type Topic,
  type TopicAnswer,
  type TopicState,
} from '@/core/progress';
import {
  columnsOf,
  listRows,
  listValues,
  parsed,
  readRows,
  selectColumns,
  type Db,
  type Statement,
} from '../db';
import { JUDGE_VERSION } from './attempts';

/** The last moment a DATETIME can hold: whatever a scheduler says, a row can be stored. */
const LATEST_MS = Date.UTC(9999, 11, 31, 23, 59, 59, 999);

/** Answers of one child come one after another: what is derived from them is read, changed and written back. */
export function lockStudent(db: Db, studentId: StudentId): Statement {
  return db('people').where({ id: studentId }).forUpdate().first('id');
}

/** What is known of a child by topic, of all or of these; topics that are not known any more are left out. */
export async function listTopicStates(
  db: Db,
  studentId: StudentId,
  topics?: readonly Topic[],
): Promise<Map<Topic, TopicState>> {
  return (await listTopicStatesOf(db, [studentId], topics)).get(studentId) ?? new Map<Topic, TopicState>();
}

/** The same of several children at once; one without an answer is absent. */
export async function listTopicStatesOf(
  db: Db,
  studentIds: readonly StudentId[],
  topics?: readonly Topic[],
): Promise<Map<StudentId, Map<Topic, TopicState>>> {
  return readTopicStates((await selectTopicStates(db, studentIds, topics)) as unknown[]);
}

const STATE_COLUMNS = columnsOf({
  studentId: 'topic_progress.student_id',
  topic: 'topic_progress.topic',
  state: 'topic_progress.state',
});

/** For each child and topic a row that `readTopicStates` reads. */
export function selectTopicStates(
  db: Db,
  studentIds: readonly StudentId[],
  topics?: readonly Topic[],
): Statement {
  const query = db('topic_progress').whereIn('student_id', [...studentIds]);
  if (topics !== undefined) void query.whereIn('topic', [...topics]);
  return selectColumns(query.orderBy(['student_id', 'topic']), STATE_COLUMNS);
}

export function readTopicStates(rows: readonly unknown[]): Map<StudentId, Map<Topic, TopicState>> {
  const found = new Map<StudentId, Map<Topic, TopicState>>();
  for (const { studentId, topic, state } of readRows(STATE_COLUMNS, rows)) {
    if (parseTopic(topic) === undefined) continue;
    const states = found.get(studentId) ?? new Map<Topic, TopicState>();
    found.set(studentId, states.set(topic as Topic, topicStateSchema.parse(state)));
  }
  return found;
}

export async function saveTopicStates(
  db: Db,
  studentId: StudentId,
  states: ReadonlyMap<Topic, TopicState>,
): Promise<void> {
  if (states.size > 0) await writeTopicStates(db, studentId, states);
}

/** Of one topic at least. */
export function writeTopicStates(
  db: Db,
  studentId: StudentId,
  states: ReadonlyMap<Topic, TopicState>,
): Statement {
  return db('topic_progress')
    .insert(
      [...states].map(([topic, state]) => ({
        student_id: studentId,
        topic,
        state: JSON.stringify(state),
        due_at: new Date(Math.min(state.card.dueMs, LATEST_MS)),
      })),
    )
    .onConflict(['student_id', 'topic'])
    .merge(['state', 'due_at']);
}

export async function deleteTopicStates(db: Db, studentId: StudentId): Promise<void> {
  await db('topic_progress').where({ student_id: studentId }).delete();
}

/** A first answer to a task in a round, with the topics it speaks of. */
export interface CountedAnswer extends TopicAnswer {
  readonly topics: readonly Topic[];
}

/** Every answer of a child that counts, in the order in which they were stored. */
export async function listCountedAnswers(db: Db, studentId: StudentId): Promise<CountedAnswer[]> {
  const first = db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('tasks', 'tasks.id', 'attempts.task_id')
    .where('attempts.student_id', studentId)
    .where('attempts.try_number', 1)
    .where('verdicts.judge_version', JUDGE_VERSION)
    .orderBy('attempts.id');
  const rows = await listRows(first, {
    attemptId: 'attempts.id',
    taskId: 'attempts.task_id',
    family: parsed('tasks.family', (family) => familyIdSchema.parse(family)),
    payload: 'tasks.payload',
    isRight: parsed('verdicts.outcome', (outcome) => outcome === 'right'),
    hints: 'attempts.hints',
    atMs: parsed('attempts.answered_at', (at) => at.getTime()),
  });
  const ofPatterns = db('task_tags')
    .whereIn('task_id', [...new Set(rows.map(({ taskId }) => taskId))])
    .where('tag', 'like', 'pattern:%')
    .orderBy('tag');
  const tags = await listRows(ofPatterns, { taskId: 'task_tags.task_id', tag: 'task_tags.tag' });
  const tagsOf = (of: TaskId) =>
    tags.filter(({ taskId }) => taskId === of).map(({ tag }) => tag.slice('pattern:'.length));
  return rows.map(({ taskId, family, payload, ...answer }) => ({
    ...answer,
    topics:
      family === 'mate'
        ? listTopics({
            family,
            mateInMoves: mateTaskSchema.parse(payload).mateInMoves,
            patterns: tagsOf(taskId).filter(isPatternId),
          })
        : listTopics({ family }),
  }));
}

/** Children with an answer. */
export async function listAnswering(db: Db): Promise<StudentId[]> {
  return listValues(db('attempts').distinct().orderBy('student_id'), 'attempts.student_id');
}
