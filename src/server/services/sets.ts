import type { ServiceFault } from '@/contracts/faults';
import type { SourceGame } from '@/contracts/games';
import type { AssignmentId, ClassId, SetId, TaskId } from '@/contracts/ids';
import type { AddedPuzzle, AddedRound, NewRound, SetPage, SetPuzzle, SetSummary } from '@/contracts/sets';
import { getExerciseFamily } from '@/core/exercises';
import { getMove, getPosition, makeNumberedLine, makeSan } from '@/core/notation';
import type { PatternId } from '@/core/patterns';
import type { Rating } from '@/core/progress';
import { listKeys, listMainLine, type Grade } from '@/core/puzzles';
import { failure, success, type Result } from '@/core/shared';
import { runInPool } from '@/workers/node';
import { requireEditableClass, findOwnSet, type CoachActor } from '../auth/actors';
import {
  createAssignment,
  findAssignmentByRequest,
  findGivenBefore,
  listAssignmentsOfSet,
} from '../data/assignments';
import { addAuditEntry } from '../data/auditLog';
import { listClasses } from '../data/classes';
import { getClub } from '../data/clubs';
import { listSourceGames } from '../data/games';
import { listTaskRatings } from '../data/ratings';
import {
  addItem,
  createSet,
  findItemNumber,
  findSetByRequest,
  getLatestVersion,
  listSets,
  markGiven,
} from '../data/sets';
import {
  listGrades,
  listKnownKeys,
  listPatternsOfTasks,
  listTasksOfVersion,
  type StoredPuzzle,
} from '../data/tasks';
import { getDb, storeOnce } from '../db';
import { getNow } from './clock';
import { forecastForClass } from './forecast';
import { findOrCreateMateTask, proveMateTask } from './mateTasks';
import { openVersion } from './setBuilder';
import { listSeenTasks } from './seen';
import { storeExercise } from './storeExercise';

/** All sets of the club: its coaches share them. */
export function listOwnSets(actor: CoachActor): Promise<SetSummary[]> {
  return listSets(getDb(), actor.clubId);
}

/** The same request id makes the set once. */
export async function addSet(
  actor: CoachActor,
  input: { requestId: string; name: string; isStaircase?: boolean },
): Promise<Result<SetId, ServiceFault>> {
  return storeOnce(async (db) => {
    const known = await findSetByRequest(db, input.requestId);
    if (known !== undefined) return success(known);
    const setId = await createSet(db, {
      clubId: actor.clubId,
      ownerId: actor.coachId,
      name: input.name,
      requestId: input.requestId,
      isStaircase: input.isStaircase ?? false,
      now: getNow(),
    });
    return success(setId);
  });
}

/** Everything the page of a set shows, solutions in words included. */
export async function getSetPage(actor: CoachActor, setId: SetId): Promise<Result<SetPage, ServiceFault>> {
  const db = getDb();
  const found = await findOwnSet(db, actor, setId);
  if (found === undefined) return failure({ code: 'set/not-found' });
  const version = await getLatestVersion(db, setId, 'read');
  const tasks = await listTasksOfVersion(db, version.setVersionId);
  const ids = tasks.map(({ taskId }) => taskId);
  const told = {
    grades: await listGrades(db, ids),
    ratings: await listTaskRatings(db, ids),
    patterns: await listPatternsOfTasks(db, ids),
    games: await listSourceGames(db, actor.clubId, actor.isLead ? undefined : actor.coachId, ids),
  };
  const items = tasks.map((task) => (task.family === 'mate' ? toSetPuzzle(task, told) : task));
  const puzzles = items.filter((item): item is SetPuzzle => item.family === 'mate');
  const assignments = await listAssignmentsOfSet(db, setId);
  const classes = await listClasses(db, actor.clubId, actor.isLead ? undefined : actor.coachId);
  return success({
    setId,
    name: found.name,
    version: version.version,
    isGiven: version.isGiven,
    items,
    givenTo: assignments.map((given) => ({
      assignmentId: given.assignmentId,
      className: given.className,
      version: given.version,
      givenAt: given.givenAt.toISOString(),
    })),
    classes: await Promise.all(
      classes.map(async ({ classId, name }) => ({
        classId,
        name,
        seen: await listSeenTasks(db, actor.clubId, classId, ids),
        ...(await forecastForClass(db, actor.clubId, classId, puzzles)),
      })),
    ),
  });
}

function toSetPuzzle(
  { taskId, task, solution }: StoredPuzzle,
  told: {
    readonly grades: ReadonlyMap<TaskId, Grade>;
    readonly ratings: ReadonlyMap<TaskId, Rating>;
    readonly patterns: ReadonlyMap<TaskId, readonly PatternId[]>;
    readonly games: ReadonlyMap<TaskId, SourceGame>;
  },
): SetPuzzle {
  const position = getPosition(task.fen);
  return {
    taskId,
    family: 'mate',
    fen: task.fen,
    mateInMoves: task.mateInMoves,
    mateNoBlocks: task.mateNoBlocks,
    keys: listKeys(solution).map((move) => makeSan(position, getMove(move))),
    mainLine: makeNumberedLine(position, listMainLine(solution).map(getMove)),
    grade: told.grades.get(taskId),
    rating: told.ratings.get(taskId),
    patterns: told.patterns.get(taskId) ?? [],
    game: told.games.get(taskId),
  };
}

/**
 * Proves a position on the server, whatever the browser found, and puts it behind the others of the set. A set that was
 * given goes on as a new version. The same position twice is there once.
 */
export async function addPuzzle(
  actor: CoachActor,
  input: { setId: SetId; fen: string; source?: string },
): Promise<Result<AddedPuzzle, ServiceFault>> {
  const found = await findOwnSet(getDb(), actor, input.setId);
  if (found === undefined) return failure({ code: 'set/not-found' });
  const made = await proveMateTask(actor.clubId, input.fen);
  if (!made.ok) return made;
  const { graph, task } = made.value;
  return storeOnce(async (db) => {
    const taskId = await findOrCreateMateTask(db, actor.clubId, made.value, input.source);
    const latest = await getLatestVersion(db, input.setId, 'lock');
    const known = await findItemNumber(db, latest.setVersionId, taskId);
    const added = { setId: input.setId, setName: found.name, mateInMoves: task.mateInMoves };
    if (known !== undefined) return success({ ...added, number: known, isAlreadyThere: true });
    const version = await openVersion(db, input.setId, latest);
    await addItem(db, version.setVersionId, taskId);
    const number = (await findItemNumber(db, version.setVersionId, taskId)) ?? 1;
    return success({ ...added, mateInMoves: graph.mateInMoves, number, isAlreadyThere: false });
  });
}

/** Which of these positions, by their exact keys, the club has stored. */
export async function findStored(
  actor: CoachActor,
  { exactKeys }: { readonly exactKeys: readonly string[] },
): Promise<Result<string[], ServiceFault>> {
  return success(await listKnownKeys(getDb(), actor.clubId, exactKeys));
}

/**
 * Composes a round of fresh exercises in the pool and puts them behind the others of the set. The same numbers make the same
 * tasks, so a round that is added twice is there once.
 */
export async function addRound(
  actor: CoachActor,
  { setId, ...round }: NewRound,
): Promise<Result<AddedRound, ServiceFault>> {
  const found = await findOwnSet(getDb(), actor, setId);
  if (found === undefined) return failure({ code: 'set/not-found' });
  const family = getExerciseFamily(round.family);
  if (round.level > family.levels) return failure({ code: 'exercise/no-such-level' });
  const { values, ways } = (await getClub(getDb(), actor.clubId)).settings;
  const composed = await runInPool({ kind: 'compose', ...round, values, ways });
  if (composed.kind === 'busy') return failure({ code: 'workers/busy' });
  return storeOnce(async (db) => {
    const latest = await getLatestVersion(db, setId, 'lock');
    const known = new Set((await listTasksOfVersion(db, latest.setVersionId)).map(({ taskId }) => taskId));
    const taskIds: TaskId[] = [];
    for (const exercise of composed.tasks) taskIds.push(await storeExercise(db, actor.clubId, exercise));
    const fresh = [...new Set(taskIds)].filter((taskId) => !known.has(taskId));
    if (fresh.length > 0) {
      const version = await openVersion(db, setId, latest);
      for (const taskId of fresh) await addItem(db, version.setVersionId, taskId);
    }
    return success({ setId, setName: found.name, added: fresh.length });
  });
}

/** Gives the newest version to a class and freezes it. Given twice, it lies on the seats once. */
export async function giveSet(
  actor: CoachActor,
  input: { requestId: string; setId: SetId; classId: ClassId },
): Promise<Result<AssignmentId, ServiceFault>> {
  const now = getNow();
  return storeOnce(async (db) => {
    const known = await findAssignmentByRequest(db, input.requestId);
    if (known !== undefined) return success(known);
    if ((await findOwnSet(db, actor, input.setId)) === undefined) {
      return failure<ServiceFault>({ code: 'set/not-found' });
    }
    if ((await requireEditableClass(db, actor, input.classId)) === undefined) {
      return failure<ServiceFault>({ code: 'class/not-found' });
    }
    const { setVersionId } = await getLatestVersion(db, input.setId, 'lock');
    const before = await findGivenBefore(db, setVersionId, input.classId);
    if (before !== undefined) return success(before);
    if ((await listTasksOfVersion(db, setVersionId)).length === 0) {
      return failure<ServiceFault>({ code: 'set/empty' });
    }
    await markGiven(db, setVersionId, now);
    const assignmentId = await createAssignment(db, {
      setVersionId,
      classId: input.classId,
      givenBy: actor.coachId,
      now,
      requestId: input.requestId,
    });
    await addAuditEntry(db, {
      clubId: actor.clubId,
      personId: actor.coachId,
      action: 'set/given',
      details: { setId: input.setId, classId: input.classId },
      now,
    });
    return success(assignmentId);
  });
}
