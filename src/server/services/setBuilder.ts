/** Changes to a set. A version that was given stays as it is: the change goes into a copy of it. */
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, SetId, TaskId } from '@/contracts/ids';
import type { AddedStored } from '@/contracts/library';
import type { AddedItem, ReplacePuzzle } from '@/contracts/sets';
import { makeHabitTask, type ExerciseTask, type Habit } from '@/core/exercises';
import { getPosition, makeFen } from '@/core/notation';
import { trimToSeat } from '@/core/puzzles';
import { mirrorFiles, swapColours } from '@/core/rules';
import { failure, success, type Result } from '@/core/shared';
import { findOwnSet, type CoachActor } from '../auth/actors';
import { listAssignmentsOfSet } from '../data/assignments';
import { listMateTasks } from '../data/library';
import {
  addItem,
  copyVersion,
  findItemNumber,
  getLatestVersion,
  orderItems,
  removeItem,
  replaceItem,
  type VersionRecord,
} from '../data/sets';
import { listTasksOfVersion, type StoredPuzzle } from '../data/tasks';
import { getDb, storeOnce, withTransaction, type Db } from '../db';
import { findEqual } from './library';
import { findOrCreateMateTask, proveMateTask } from './mateTasks';
import { storeExercise } from './storeExercise';

/** The version that may be changed: the newest when it was not given yet, else a copy of it. */
export function openVersion(db: Db, setId: SetId, latest: VersionRecord): Promise<VersionRecord> {
  return latest.isGiven ? copyVersion(db, setId, latest) : Promise.resolve(latest);
}

/** Takes a puzzle out of the set; what was given before keeps it. */
export async function removePuzzle(
  actor: CoachActor,
  input: { setId: SetId; taskId: TaskId },
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    if ((await findOwnSet(db, actor, input.setId)) === undefined) {
      return failure<ServiceFault>({ code: 'set/not-found' });
    }
    const latest = await getLatestVersion(db, input.setId, 'lock');
    const known = await findItemNumber(db, latest.setVersionId, input.taskId);
    if (known === undefined) return success(undefined);
    const version = await openVersion(db, input.setId, latest);
    await removeItem(db, version.setVersionId, input.taskId);
    return success(undefined);
  });
}

/** The tasks of the set in another order; a set that was given goes on as a new version. */
export async function orderSet(
  actor: CoachActor,
  { setId, taskIds }: { readonly setId: SetId; readonly taskIds: readonly TaskId[] },
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    if ((await findOwnSet(db, actor, setId)) === undefined) {
      return failure<ServiceFault>({ code: 'set/not-found' });
    }
    const latest = await getLatestVersion(db, setId, 'lock');
    const before = (await listTasksOfVersion(db, latest.setVersionId)).map(({ taskId }) => taskId);
    const sorted = (ids: readonly TaskId[]) => ids.toSorted((one, other) => one - other).join();
    if (sorted(before) !== sorted(taskIds)) return failure<ServiceFault>({ code: 'set/changed' });
    if (before.join() === taskIds.join()) return success(undefined);
    const version = await openVersion(db, setId, latest);
    await orderItems(db, version.setVersionId, taskIds);
    return success(undefined);
  });
}

/** Puts a puzzle of the set behind the others once more, to be answered before a man moves. The same twice is there once. */
export async function addHabit(
  actor: CoachActor,
  { setId, taskId, habit }: { setId: SetId; taskId: TaskId; habit: Habit },
): Promise<Result<undefined, ServiceFault>> {
  return storeOnce(async (db) => {
    if ((await findOwnSet(db, actor, setId)) === undefined) {
      return failure<ServiceFault>({ code: 'set/not-found' });
    }
    const latest = await getLatestVersion(db, setId, 'lock');
    const tasks = await listTasksOfVersion(db, latest.setVersionId);
    const puzzle = tasks.find((one) => one.taskId === taskId);
    if (puzzle?.family !== 'mate') return failure<ServiceFault>({ code: 'set/not-found' });
    const made = makeHabitTask(habit, puzzle.task, trimToSeat(puzzle.solution));
    if (made === undefined) return failure<ServiceFault>({ code: 'exercise/asks-nothing' });
    const level = puzzle.task.mateInMoves > 2 ? 3 : puzzle.task.mateInMoves > 1 ? 2 : 1;
    const id = await storeExercise(db, actor.clubId, { family: habit, level, task: made });
    if (tasks.some((one) => one.taskId === id)) return success(undefined);
    const version = await openVersion(db, setId, latest);
    await addItem(db, version.setVersionId, id);
    return success(undefined);
  });
}

/** Puts a question of a board that the coach brought behind the others. The same question is there once. */
export async function addQuestion(
  actor: CoachActor,
  { setId, exercise }: { readonly setId: SetId; readonly exercise: ExerciseTask },
): Promise<Result<AddedItem, ServiceFault>> {
  return storeOnce(async (db) => {
    const found = await findOwnSet(db, actor, setId);
    if (found === undefined) return failure<ServiceFault>({ code: 'set/not-found' });
    const taskId = await storeExercise(db, actor.clubId, exercise);
    const latest = await getLatestVersion(db, setId, 'lock');
    const known = await findItemNumber(db, latest.setVersionId, taskId);
    const added = { setId, setName: found.name };
    if (known !== undefined) return success({ ...added, number: known, isAlreadyThere: true });
    const version = await openVersion(db, setId, latest);
    await addItem(db, version.setVersionId, taskId);
    const number = (await findItemNumber(db, version.setVersionId, taskId)) ?? 1;
    return success({ ...added, number, isAlreadyThere: false });
  });
}

/** Puts stored puzzles of the club behind the others, in this order; those that are in it already stay where they are. */
export async function addStored(
  actor: CoachActor,
  { setId, taskIds }: { readonly setId: SetId; readonly taskIds: readonly TaskId[] },
): Promise<Result<AddedStored, ServiceFault>> {
  return withTransaction(async (db) => {
    if ((await findOwnSet(db, actor, setId)) === undefined) {
      return failure<ServiceFault>({ code: 'set/not-found' });
    }
    const own = (await listMateTasks(db, actor.clubId, [...new Set(taskIds)])).map(({ taskId }) => taskId);
    if (own.length < new Set(taskIds).size) return failure<ServiceFault>({ code: 'puzzle/not-found' });
    const latest = await getLatestVersion(db, setId, 'lock');
    const known = new Set((await listTasksOfVersion(db, latest.setVersionId)).map(({ taskId }) => taskId));
    const fresh = own.filter((taskId) => !known.has(taskId));
    if (fresh.length > 0) {
      const version = await openVersion(db, setId, latest);
      for (const taskId of fresh) await addItem(db, version.setVersionId, taskId);
    }
    return success({ added: fresh.length });
  });
}

/**
 * Puts another puzzle into the place of one: an equal one of the library that the set's classes have not had, or its twin, proved like
 * any other.
 */
export async function replacePuzzle(
  actor: CoachActor,
  { setId, taskId, by }: ReplacePuzzle,
): Promise<Result<undefined, ServiceFault>> {
  const db = getDb();
  if ((await findOwnSet(db, actor, setId)) === undefined) return failure({ code: 'set/not-found' });
  const { setVersionId } = await getLatestVersion(db, setId, 'read');
  const tasks = await listTasksOfVersion(db, setVersionId);
  const puzzle = tasks.find((one): one is StoredPuzzle => one.taskId === taskId && one.family === 'mate');
  if (puzzle === undefined) return failure({ code: 'set/changed' });
  const put = (find: (inside: Db) => Promise<TaskId>) =>
    storeOnce(async (inside) => {
      const latest = await getLatestVersion(inside, setId, 'lock');
      if ((await findItemNumber(inside, latest.setVersionId, taskId)) === undefined) {
        return failure<ServiceFault>({ code: 'set/changed' });
      }
      const next = await find(inside);
      if ((await findItemNumber(inside, latest.setVersionId, next)) !== undefined) {
        return failure<ServiceFault>({ code: 'set/has-twin' });
      }
      const version = await openVersion(inside, setId, latest);
      await replaceItem(inside, version.setVersionId, taskId, next);
      return success(undefined);
    });
  if (by === 'equal') {
    const classIds = new Set((await listAssignmentsOfSet(db, setId)).map((given): ClassId => given.classId));
    const equal = await findEqual(
      db,
      actor,
      { taskId, mateInMoves: puzzle.solution.mateInMoves },
      { besides: tasks.map((one) => one.taskId), classIds: [...classIds] },
    );
    return equal === undefined ? failure({ code: 'set/no-equal' }) : put(() => Promise.resolve(equal));
  }
  const twin = makeTwin(puzzle.task.fen, by);
  if (twin === undefined) return failure({ code: 'set/castling-side' });
  const made = await proveMateTask(actor.clubId, twin);
  return made.ok ? put((inside) => findOrCreateMateTask(inside, actor.clubId, made.value, undefined)) : made;
}

/** Undefined where left and right cannot be exchanged, because somebody may still castle. */
function makeTwin(fen: string, by: 'colours' | 'wing'): string | undefined {
  const position = getPosition(fen);
  if (by === 'colours') return makeFen(swapColours(position));
  const { white, black } = position.castling;
  const mayCastle = [white, black].some(({ short, long }) => short || long);
  return mayCastle ? undefined : makeFen(mirrorFiles(position));
}
