import type { ServiceFault } from '@/contracts/faults';
import type { AssignmentId, ClassId, SetId, TaskId } from '@/contracts/ids';
import type { AddedPuzzle, AddedRound, NewRound, SetPage, SetPuzzle, SetSummary } from '@/contracts/sets';
import { getExerciseFamily, makeHabitTask, mateFamily, type Habit } from '@/core/exercises';
import { getMove, getPosition, makeNumberedLine, makeSan, parseFen } from '@/core/notation';
import { listKeys, listMainLine, trimToSeat, type Grade } from '@/core/puzzles';
import { checkPosition } from '@/core/rules';
import { failure, success, type Result } from '@/core/shared';
import { askPool } from '@/workers/node';
import { findOwnClass, findOwnSet, type CoachActor } from '../auth/actors';
import {
  createAssignment,
  findAssignmentByRequest,
  findGivenBefore,
  listAssignmentsOfSet,
} from '../data/assignments';
import { addAuditEntry } from '../data/auditLog';
import { listClasses } from '../data/classes';
import { getClub } from '../data/clubs';
import {
  addItem,
  copyVersion,
  createSet,
  findItemNumber,
  findSetByRequest,
  getLatestVersion,
  listSets,
  markGiven,
  orderItems,
  removeItem,
  type VersionRecord,
} from '../data/sets';
import {
  createMateTask,
  findMateTask,
  findOrCreateExercise,
  listGrades,
  listKnownKeys,
  listTasksOfVersion,
  type StoredPuzzle,
} from '../data/tasks';
import { getDb, storeOnce, withTransaction, type Db } from '../db';
import { listSeenTasks } from './seen';
import { makeTaskKey } from './taskKey';

/** The longest mate that is stored. */
const MAX_MATE_MOVES = 8;
/** About half a minute of one thread each for the proof, its tree and the second run; beyond it nothing is claimed. */
const PROOF_BUDGET_NODES = 40_000_000;
const PROVER_VERSION = 2;

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
      now: new Date(),
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
  const grades = await listGrades(
    db,
    tasks.map(({ taskId }) => taskId),
  );
  const assignments = await listAssignmentsOfSet(db, setId);
  const classes = await listClasses(db, actor.clubId, actor.isLead ? undefined : actor.coachId);
  return success({
    setId,
    name: found.name,
    version: version.version,
    isGiven: version.isGiven,
    items: tasks.map((task) => (task.family === 'mate' ? toSetPuzzle(task, grades.get(task.taskId)) : task)),
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
        seen: await listSeenTasks(
          db,
          actor.clubId,
          classId,
          tasks.map(({ taskId }) => taskId),
        ),
      })),
    ),
  });
}

function toSetPuzzle({ taskId, task, solution }: StoredPuzzle, grade: Grade | undefined): SetPuzzle {
  const position = getPosition(task.fen);
  return {
    taskId,
    family: 'mate',
    fen: task.fen,
    mateInMoves: task.mateInMoves,
    mateNoBlocks: task.mateNoBlocks,
    keys: listKeys(solution).map((move) => makeSan(position, getMove(move))),
    mainLine: makeNumberedLine(position, listMainLine(solution).map(getMove)),
    grade,
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
  const made = await proveTask(input.fen);
  if (!made.ok) return made;
  const { graph, task } = made.value;
  return storeOnce(async (db) => {
    const taskId = await findOrCreateTask(db, actor, made.value, input.source);
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

type MadeTask = Extract<Awaited<ReturnType<typeof askPool>>, { kind: 'task' }>;

/** Names what is wrong with the text or position, else proves it in the pool. */
async function proveTask(fen: string): Promise<Result<MadeTask, ServiceFault>> {
  const draft = parseFen(fen);
  if (!draft.ok) return draft;
  const checked = checkPosition(draft.value);
  if (!checked.ok) return failure(checked.error[0] ?? { code: 'fen/empty' });
  const answer = await askPool({
    kind: 'make-mate-task',
    fen,
    maxMoves: MAX_MATE_MOVES,
    budgetNodes: PROOF_BUDGET_NODES,
  });
  switch (answer.kind) {
    case 'task':
      return success(answer);
    case 'none':
      return failure({ code: 'puzzle/no-mate', within: answer.within });
    case 'undecided':
      return failure({ code: 'puzzle/undecided', noMateWithin: answer.noMateWithin });
    case 'uncertified':
      return failure({ code: 'puzzle/uncertified', mateInMoves: answer.mateInMoves });
    case 'busy':
      return failure({ code: 'workers/busy' });
    case 'not-a-position':
      throw new Error('a checked position was refused by the worker');
  }
}

async function findOrCreateTask(
  db: Db,
  actor: CoachActor,
  { task, graph, patterns, exactKey, twinKey, ideaKey, grade }: MadeTask,
  source: string | undefined,
): Promise<TaskId> {
  const known = await findMateTask(db, actor.clubId, exactKey);
  if (known !== undefined) return known;
  return createMateTask(db, {
    clubId: actor.clubId,
    familyVersion: mateFamily.version,
    skill: mateFamily.skill,
    // Until puzzles are graded by measured features, a longer mate is a higher level.
    level: task.mateInMoves,
    task,
    exactKey,
    twinKey,
    ideaKey,
    grade,
    source,
    solution: graph,
    patterns,
    keyCount: listKeys(graph).length,
    proverVersion: PROVER_VERSION,
    provedAt: new Date(),
  });
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
  const composed = await askPool({ kind: 'compose', ...round, values, ways });
  if (composed.kind === 'busy') return failure({ code: 'workers/busy' });
  return storeOnce(async (db) => {
    const latest = await getLatestVersion(db, setId, 'lock');
    const known = new Set((await listTasksOfVersion(db, latest.setVersionId)).map(({ taskId }) => taskId));
    const taskIds: TaskId[] = [];
    for (const exercise of composed.tasks) {
      const { version: familyVersion, skill } = family;
      taskIds.push(
        await findOrCreateExercise(
          db,
          actor.clubId,
          { ...exercise, familyVersion, skill },
          makeTaskKey(exercise),
        ),
      );
    }
    const fresh = [...new Set(taskIds)].filter((taskId) => !known.has(taskId));
    if (fresh.length > 0) {
      const version = await openVersion(db, setId, latest);
      for (const taskId of fresh) await addItem(db, version.setVersionId, taskId);
    }
    return success({ setId, setName: found.name, added: fresh.length });
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
    const exercise = { family: habit, level, task: made } as const;
    const { version: familyVersion, skill } = getExerciseFamily(habit);
    const id = await findOrCreateExercise(
      db,
      actor.clubId,
      { ...exercise, familyVersion, skill },
      makeTaskKey(exercise),
    );
    if (tasks.some((one) => one.taskId === id)) return success(undefined);
    const version = await openVersion(db, setId, latest);
    await addItem(db, version.setVersionId, id);
    return success(undefined);
  });
}

/** The version that may be changed: the newest when it was not given yet, else a copy of it. */
function openVersion(db: Db, setId: SetId, latest: VersionRecord): Promise<VersionRecord> {
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

/** Gives the newest version to a class and freezes it. Given twice, it lies on the seats once. */
export async function giveSet(
  actor: CoachActor,
  input: { requestId: string; setId: SetId; classId: ClassId },
): Promise<Result<AssignmentId, ServiceFault>> {
  const now = new Date();
  return storeOnce(async (db) => {
    const known = await findAssignmentByRequest(db, input.requestId);
    if (known !== undefined) return success(known);
    if ((await findOwnSet(db, actor, input.setId)) === undefined) {
      return failure<ServiceFault>({ code: 'set/not-found' });
    }
    if ((await findOwnClass(db, actor, input.classId)) === undefined) {
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
