import { randomInt } from 'node:crypto';
import type { SeatRound } from '@/contracts/attempts';
import type { ClubSettings } from '@/contracts/clubs';
import type { ServiceFault } from '@/contracts/faults';
import type { RoundId, TaskId } from '@/contracts/ids';
import type { ClassPath, ClassPathPage, StudentPath, StudentStage } from '@/contracts/paths';
import { EXERCISE_IDS, EXERCISES, type ExerciseTask, type Stage } from '@/core/exercises';
import {
  findNextStage,
  findProgress,
  makeRecall,
  planPractice,
  ROUND_REASONS,
  type PracticePart,
} from '@/core/progress';
import { failure, success, type Result } from '@/core/shared';
import { stageName, PLAIN_TERMS } from '@/text';
import { runInPool } from '@/workers/node';
import {
  requireVisibleClass,
  requireEditableClass,
  type CoachActor,
  type StudentActor,
} from '../auth/actors';
import { listProgressAnswers } from '../data/attempts';
import { addAuditEntry } from '../data/auditLog';
import { findClassOfStudent, isStudentOfClass, listStudents } from '../data/classes';
import { getClub } from '../data/clubs';
import {
  createPractice,
  findPractice,
  findPracticeByRequest,
  listClassStages,
  listReasons,
  listStagesOfStudents,
  listStudentStages,
  saveClassStages,
  saveStudentStage,
  type ClassStage,
} from '../data/paths';
import { listTasksOfPractice } from '../data/tasks';
import { listTopicStates } from '../data/topics';
import { getDb, storeOnce, withTransaction, type Db } from '../db';
import { getNow } from './clock';
import { planRoundOf } from './nextRound';
import { toSeatRound } from './seat';
import { makeTaskKey, storeExercise } from './storeExercise';
import * as seatPagesText from '@/text/screens/seatPages';

/** Tasks of one practice round. */
const PRACTICE_TASKS = 6;
const LARGEST_SEED = 999_999;

/** A stage without exercises is not built yet and absent. */
function isBuilt(stage: Stage): boolean {
  return EXERCISE_IDS.some((id) => EXERCISES[id].stage === stage);
}

/** Where the student stands, what is next and what to repeat. */
export async function getStudentPath(actor: StudentActor): Promise<StudentPath> {
  const db = getDb();
  const open = (await listOpenStages(db, actor)).map(({ stage }) => stage);
  const states = await listTopicStates(db, actor.studentId);
  const recallOf = makeRecall(states, getNow().getTime());
  const answers = await listProgressAnswers(db, { studentIds: [actor.studentId] });
  const progress = findProgress(answers, open, recallOf);
  const round = await planRoundOf(db, actor.studentId);
  return {
    nextRound: ROUND_REASONS.map((why) => ({
      why,
      count: round.filter((part) => part.why === why).length,
    })).filter(({ count }) => count > 0),
    stages: progress.map(({ stage, masteryState, gaps }) => ({ stage, masteryState, gaps })),
    next: findNextStage(progress),
  };
}

async function listOpenStages(db: Db, actor: StudentActor): Promise<ClassStage[]> {
  const found = await findClassOfStudent(db, actor.studentId);
  const stages = found === undefined ? [] : await listClassStages(db, found.classId);
  const own = new Map(
    (await listStudentStages(db, actor.studentId)).map(({ stage, isOpen }) => [stage, isOpen]),
  );
  return stages.filter(({ stage, isOpen }) => (own.get(stage) ?? isOpen) && isBuilt(stage));
}

/** Makes a round of fresh tasks of a stage: what the student knows least, at the level that is next. Begun twice, it is one. */
export async function startPractice(
  actor: StudentActor,
  { requestId, stage }: { requestId: string; stage: Stage },
): Promise<Result<RoundId, ServiceFault>> {
  const db = getDb();
  const known = await findPracticeByRequest(db, requestId);
  if (known !== undefined) return success(known);
  const found = await findClassOfStudent(db, actor.studentId);
  const isOpen = (await listOpenStages(db, actor)).some((one) => one.stage === stage);
  if (found === undefined || !isOpen) return failure({ code: 'path/not-open' });
  const answers = await listProgressAnswers(db, { studentIds: [actor.studentId] });
  const { settings } = await getClub(db, actor.clubId);
  const tasks: ExerciseTask[] = [];
  for (const part of planPractice(answers, stage, PRACTICE_TASKS)) {
    const fresh = await composeDifferent(part, settings);
    if (fresh === 'busy') return failure({ code: 'workers/busy' });
    tasks.push(...fresh);
  }
  return storeOnce(async (inside) => {
    const other = await findPracticeByRequest(inside, requestId);
    if (other !== undefined) return success(other);
    const taskIds: TaskId[] = [];
    for (const task of tasks) taskIds.push(await storeExercise(inside, actor.clubId, task));
    const roundId = await createPractice(inside, {
      studentId: actor.studentId,
      classId: found.classId,
      stage,
      requestId,
      taskIds: [...new Set(taskIds)],
      now: getNow(),
    });
    return success(roundId);
  });
}

/** Of some families there are only a few tasks, and the same one twice is no practice: it is asked again, so often at most. */
const MOST_DRAWS = 12;

async function composeDifferent(
  part: PracticePart,
  { values, ways }: Pick<ClubSettings, 'values' | 'ways'>,
): Promise<ExerciseTask[] | 'busy'> {
  const found = new Map<string, ExerciseTask>();
  for (let draw = 0; draw < MOST_DRAWS && found.size < part.count; draw += 1) {
    const seed = randomInt(1, LARGEST_SEED);
    const count = part.count - found.size;
    const composed = await runInPool({ kind: 'compose', ...part, count, seed, values, ways });
    if (composed.kind === 'busy') return 'busy';
    for (const task of composed.tasks) found.set(makeTaskKey(task), task);
  }
  return [...found.values()];
}

/** Opens the student's own practice round. */
export async function openPractice(
  actor: StudentActor,
  roundId: RoundId,
): Promise<Result<SeatRound, ServiceFault>> {
  const db = getDb();
  const practice = await findPractice(db, roundId, actor.studentId);
  if (practice === undefined) return failure({ code: 'round/not-found' });
  const tasks = await listTasksOfPractice(db, roundId);
  const reasons = await listReasons(db, roundId);
  const name = reasons.size > 0 ? seatPagesText.myNextRound : stageName(practice.stage, PLAIN_TERMS);
  const round = await toSeatRound(db, actor.clubId, roundId, name, tasks);
  return success({ ...round, reasons: tasks.map(({ taskId }) => reasons.get(taskId)) });
}

/** The order of a class as its coach sees it, and what is different for single children. */
export async function getClassPath(
  actor: CoachActor,
  classId: ClassPath['classId'],
): Promise<Result<ClassPathPage, ServiceFault>> {
  const db = getDb();
  if ((await requireVisibleClass(db, actor, classId)) === undefined)
    return failure({ code: 'class/not-found' });
  const students = await listStudents(db, classId);
  const other = await listStagesOfStudents(
    db,
    students.map(({ studentId }) => studentId),
  );
  return success({
    stages: await listClassStages(db, classId),
    students: students.map(({ studentId, name }) => ({
      studentId,
      name,
      stages: other.get(studentId) ?? [],
    })),
  });
}

/** Opens or closes a stage for one child of a class. */
export async function setStudentStage(
  actor: CoachActor,
  { classId, studentId, stage, isOpen }: StudentStage,
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    if ((await requireEditableClass(db, actor, classId)) === undefined) {
      return failure<ServiceFault>({ code: 'class/not-found' });
    }
    if (!(await isStudentOfClass(db, classId, studentId))) {
      return failure<ServiceFault>({ code: 'class/not-found' });
    }
    await saveStudentStage(db, studentId, stage, isOpen);
    await addAuditEntry(db, {
      clubId: actor.clubId,
      personId: actor.coachId,
      action: 'path/student',
      details: { classId, studentId },
      now: getNow(),
    });
    return success(undefined);
  });
}

/** Saves the order of a class and which stages are open. */
export async function saveClassPath(
  actor: CoachActor,
  { classId, stages }: ClassPath,
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    if ((await requireEditableClass(db, actor, classId)) === undefined) {
      return failure<ServiceFault>({ code: 'class/not-found' });
    }
    await saveClassStages(db, classId, stages);
    return success(undefined);
  });
}
