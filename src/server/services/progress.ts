/** What children can by their stored answers: kept up to date with each answer, worked out anew from all of them, shown to coaches. */
import type { ServiceFault } from '@/contracts/faults';
import type { StudentId } from '@/contracts/ids';
import type { ChildProgress, TopicAnswers, TopicQuery, TopicRow } from '@/contracts/progress';
import {
  weighTopic,
  isDue,
  isTelling,
  learnTopic,
  parseTopic,
  type Topic,
  type TopicState,
} from '@/core/progress';
import { failure, success, type Result } from '@/core/shared';
import { requireVisibleClass, type CoachActor } from '../auth/actors';
import { listChildAnswers } from '../data/childAnswers';
import { isStudentOfClass } from '../data/classes';
import { findStudent } from '../data/people';
import {
  deleteTopicStates,
  listAnswering,
  listCountedAnswers,
  listTopicStates,
  lockStudent,
  saveTopicStates,
  type CountedAnswer,
} from '../data/topics';
import { getDb, withTransaction, type Db } from '../db';
import { getNow } from './clock';
import { toAnswerLine } from './answerLines';
import { planRoundOf } from './nextRound';

/** What a first answer makes of what was known of its topics. */
export function learnFromAnswer(
  states: ReadonlyMap<Topic, TopicState>,
  { topics, ...answer }: CountedAnswer,
): Map<Topic, TopicState> {
  return new Map(topics.map((topic) => [topic, learnTopic(states.get(topic), answer)] as const));
}

/** Works everything out anew from the stored answers, child by child; how many there are, and whose figures were others before. */
export async function rebuildProgress(): Promise<{ readonly students: number; readonly changed: number }> {
  const students = await listAnswering(getDb());
  let changed = 0;
  for (const studentId of students) {
    const isOther = await withTransaction(async (db) => {
      // An answer that arrives meanwhile waits, and is taken in afterwards.
      await lockStudent(db, studentId);
      const states = reduceAnswers(await listCountedAnswers(db, studentId));
      const before = await listTopicStates(db, studentId);
      if (isSame(before, states)) return false;
      await deleteTopicStates(db, studentId);
      await saveTopicStates(db, studentId, states);
      return true;
    });
    if (isOther) changed += 1;
  }
  return { students: students.length, changed };
}

function reduceAnswers(answers: readonly CountedAnswer[]): Map<Topic, TopicState> {
  const states = new Map<Topic, TopicState>();
  for (const { topics, ...answer } of answers)
    for (const topic of topics) states.set(topic, learnTopic(states.get(topic), answer));
  return states;
}

/** Stored figures and fresh ones are the same when they are written the same. */
function isSame(one: ReadonlyMap<Topic, TopicState>, other: ReadonlyMap<Topic, TopicState>): boolean {
  const write = (states: ReadonlyMap<Topic, TopicState>) =>
    JSON.stringify([...states].sort(([a], [b]) => (a < b ? -1 : 1)));
  return write(one) === write(other);
}

/** What a child can, topic by topic, what is due, and what its next round would be and why. */
export async function getChildProgress(db: Db, studentId: StudentId): Promise<ChildProgress> {
  const nowMs = getNow().getTime();
  const states = await listTopicStates(db, studentId);
  return {
    topics: [...states]
      .map(([topic, state]) => ({
        topic,
        ...weighTopic(state),
        answers: state.answers,
        right: state.right,
        dueAt: new Date(state.card.dueMs).toISOString(),
        isDue: isDue(state, nowMs),
      }))
      .sort(compareTopics),
    nextRound: (await planRoundOf(db, studentId)).map(({ topic, why }) => ({ topic, why })),
  };
}

/** What is surely little known first; what it is too early to speak of last. */
function compareTopics(one: TopicRow, other: TopicRow): number {
  const early = Number(isTelling(other.evidence)) - Number(isTelling(one.evidence));
  return early || one.high - other.high || one.topic.localeCompare(other.topic);
}

/** The answers a topic's figures come from. */
export async function listTopicAnswers(
  actor: CoachActor,
  { classId, studentId, topic }: TopicQuery,
): Promise<Result<TopicAnswers, ServiceFault>> {
  const db = getDb();
  const found = await requireVisibleClass(db, actor, classId);
  if (found === undefined) return failure({ code: 'class/not-found' });
  const student = await findStudent(db, studentId);
  if (student === undefined || !(await isStudentOfClass(db, classId, studentId)))
    return failure({ code: 'join/not-in-class' });
  const known = parseTopic(topic) === undefined ? undefined : (topic as Topic);
  const state = known && (await listTopicStates(db, studentId)).get(known);
  if (known === undefined || state === undefined) return failure({ code: 'class/not-found' });
  const ids = state.recent.map(([attemptId]) => attemptId);
  const answers = await listChildAnswers(db, studentId, { kind: 'ids', ids }, ids.length);
  return success({
    studentName: student.name,
    className: found.name,
    topic: known,
    ...weighTopic(state),
    answers: answers.map(toAnswerLine),
  });
}
