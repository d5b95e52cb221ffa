import type { StudentId } from '@/contracts/ids';
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
import type { Db, Statement } from '../db';
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
  return toTopicStates((await selectTopicStates(db, studentIds, topics)) as TopicStateRow[]);
}

export interface TopicStateRow {
  readonly student_id: number;
  readonly topic: string;
  readonly state: unknown;
}

/** Finds a `TopicStateRow` for each child and topic. */
export function selectTopicStates(
  db: Db,
  studentIds: readonly StudentId[],
  topics?: readonly Topic[],
): Statement {
  const query = db('topic_progress').whereIn('student_id', [...studentIds]);
  if (topics !== undefined) void query.whereIn('topic', [...topics]);
  return query.orderBy(['student_id', 'topic']).select('student_id', 'topic', 'state');
}

export function toTopicStates(rows: readonly TopicStateRow[]): Map<StudentId, Map<Topic, TopicState>> {
  const found = new Map<StudentId, Map<Topic, TopicState>>();
  for (const { student_id: id, topic, state } of rows) {
    if (parseTopic(topic) === undefined) continue;
    const states = found.get(id as StudentId) ?? new Map<Topic, TopicState>();
    found.set(id as StudentId, states.set(topic as Topic, topicStateSchema.parse(state)));
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
  const rows: {
    id: number;
    task_id: number;
    family: string;
    payload: unknown;
    outcome: string;
    hints: number;
    answered_at: Date;
  }[] = await db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('tasks', 'tasks.id', 'attempts.task_id')
    .where('attempts.student_id', studentId)
    .where('attempts.try_number', 1)
    .where('verdicts.judge_version', JUDGE_VERSION)
    .orderBy('attempts.id')
    .select(
      'attempts.id',
      'attempts.task_id',
      'tasks.family',
      'tasks.payload',
      'verdicts.outcome',
      'attempts.hints',
      'attempts.answered_at',
    );
  const tags: { task_id: number; tag: string }[] = await db('task_tags')
    .whereIn('task_id', [...new Set(rows.map((row) => row.task_id))])
    .where('tag', 'like', 'pattern:%')
    .orderBy('tag')
    .select('task_id', 'tag');
  const tagsOf = (taskId: number) =>
    tags.filter((row) => row.task_id === taskId).map(({ tag }) => tag.slice('pattern:'.length));
  return rows.map((row) => {
    const family = familyIdSchema.parse(row.family);
    return {
      attemptId: row.id,
      isRight: row.outcome === 'right',
      hints: row.hints,
      atMs: row.answered_at.getTime(),
      topics:
        family === 'mate'
          ? listTopics({
              family,
              mateInMoves: mateTaskSchema.parse(row.payload).mateInMoves,
              patterns: tagsOf(row.task_id).filter(isPatternId),
            })
          : listTopics({ family }),
    };
  });
}

/** Children with an answer. */
export async function listAnswering(db: Db): Promise<StudentId[]> {
  const ids: number[] = await db('attempts').distinct('student_id').orderBy('student_id').pluck('student_id');
  return ids.map((id) => id as StudentId);
}
