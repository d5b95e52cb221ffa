/** A child's next round: what is due again, what its class is at and one thing that is new, made into tasks. */
import { randomInt } from 'node:crypto';
import type { ServiceFault } from '@/contracts/faults';
import type { RoundId, StudentId, TaskId } from '@/contracts/ids';
import { EXERCISE_IDS, EXERCISES, type ExerciseId, type Stage } from '@/core/exercises';
import {
  weighTopic,
  findNextLevel,
  listTopics,
  parseTopic,
  planNextRound,
  type ProgressAnswer,
  type RoundPart,
  type RoundReason,
  type TopicState,
} from '@/core/progress';
import { failure, success, type Result } from '@/core/shared';
import { runInPool } from '@/workers/node';
import type { StudentActor } from '../auth/actors';
import { listProgressAnswers } from '../data/attempts';
import { findClassOfStudent } from '../data/classes';
import { getClub } from '../data/clubs';
import {
  createPractice,
  findPracticeByRequest,
  listClassStages,
  listStudentStages,
  saveReasons,
} from '../data/paths';
import { findMateToPractise } from '../data/tasks';
import { listTopicStates } from '../data/topics';
import { getDb, storeOnce, type Db } from '../db';
import { getNow } from './clock';
import { storeExercise } from './storeExercise';

const ROUND_TASKS = 6;
const LARGEST_SEED = 999_999;

/** Which topics the child's next round would hold, and why. */
export async function planRoundOf(db: Db, studentId: StudentId): Promise<RoundPart[]> {
  const states = await listTopicStates(db, studentId);
  const order = await listOrder(db, studentId);
  const topicsOf = (stage: Stage) =>
    EXERCISE_IDS.filter((id) => EXERCISES[id].stage === stage).flatMap((family) => listTopics({ family }));
  // The class is at the first stage of which the child does not know everything yet.
  const at = order.findIndex((stage) => topicsOf(stage).some((topic) => isWeak(states.get(topic))));
  const now = order[at];
  return planNextRound({
    states,
    ofClass: now === undefined ? [] : topicsOf(now),
    ahead: order.slice(at + 1).flatMap(topicsOf),
    nowMs: getNow().getTime(),
    count: ROUND_TASKS,
  });
}

/** The stages that are open for the child, in the order of its class. */
async function listOrder(db: Db, studentId: StudentId): Promise<Stage[]> {
  const own = await findClassOfStudent(db, studentId);
  if (own === undefined) return [];
  const other = new Map((await listStudentStages(db, studentId)).map(({ stage, isOpen }) => [stage, isOpen]));
  return (await listClassStages(db, own.classId))
    .filter(({ stage, isOpen }) => other.get(stage) ?? isOpen)
    .map(({ stage }) => stage);
}

/** Known so little that it is worth practising with the class. */
function isWeak(state: TopicState | undefined): boolean {
  return state === undefined || weighTopic(state).low < 0.5;
}

/** Makes the round; the same request makes it once. A topic of which there is no task is left out. */
export async function startNextRound(
  actor: StudentActor,
  { requestId }: { readonly requestId: string },
): Promise<Result<RoundId, ServiceFault>> {
  const db = getDb();
  const known = await findPracticeByRequest(db, requestId);
  if (known !== undefined) return success(known);
  const own = await findClassOfStudent(db, actor.studentId);
  const parts = await planRoundOf(db, actor.studentId);
  const answers = await listProgressAnswers(db, { studentIds: [actor.studentId] });
  const made = new Map<TaskId, RoundReason>();
  for (const { topic, why } of parts) {
    const taskId = await makeTask(db, actor, topic, answers);
    if (taskId === 'busy') return failure({ code: 'workers/busy' });
    if (taskId !== undefined && !made.has(taskId)) made.set(taskId, why);
  }
  const [stage] = await listOrder(db, actor.studentId);
  if (own === undefined || stage === undefined || made.size === 0) return failure({ code: 'path/not-open' });
  return storeOnce(async (inside) => {
    const other = await findPracticeByRequest(inside, requestId);
    if (other !== undefined) return success(other);
    const roundId = await createPractice(inside, {
      studentId: actor.studentId,
      classId: own.classId,
      stage,
      requestId,
      taskIds: [...made.keys()],
      now: getNow(),
    });
    await saveReasons(inside, roundId, made);
    return success(roundId);
  });
}

/** One task of a topic: an exercise made fresh at the level that is next, or a stored mate, one not answered yet before others. */
async function makeTask(
  db: Db,
  actor: StudentActor,
  topic: RoundPart['topic'],
  answers: readonly ProgressAnswer[],
): Promise<TaskId | 'busy' | undefined> {
  const parts = parseTopic(topic);
  if (parts === undefined) return undefined;
  if (parts.kind !== 'family') return findMateToPractise(db, actor, parts);
  return makeExercise(db, actor, parts.family, answers);
}

async function makeExercise(
  db: Db,
  actor: StudentActor,
  family: ExerciseId,
  answers: readonly ProgressAnswer[],
): Promise<TaskId | 'busy' | undefined> {
  const { values, ways } = (await getClub(db, actor.clubId)).settings;
  const level = findNextLevel(
    family,
    answers.filter((answer) => answer.family === family),
  );
  const seed = randomInt(1, LARGEST_SEED);
  const composed = await runInPool({ kind: 'compose', family, level, seed, count: 1, values, ways });
  if (composed.kind === 'busy') return 'busy';
  const [task] = composed.tasks;
  if (task === undefined) return undefined;
  return storeExercise(db, actor.clubId, task);
}
