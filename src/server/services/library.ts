/** The club's stored mates: looked up by filter, picked from easy to hard, put into a set. */
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, TaskId } from '@/contracts/ids';
import type { LibraryPage, LibraryPuzzle, LibrarySearch, LibraryFilters } from '@/contracts/library';
import type { SeenTask } from '@/contracts/seen';
import { pickRising, type Rating } from '@/core/progress';
import { createRandom, failure, success, type Result } from '@/core/shared';
import { requireVisibleClass, type CoachActor } from '../auth/actors';
import { listOursOfTasks } from '../data/clubPatterns';
import {
  countLibrary,
  listCandidates,
  listLibrary,
  listMateTasks,
  type LibraryCandidate,
} from '../data/library';
import { listClassRatings, listTaskRatings } from '../data/ratings';
import { listPuzzleKeys } from '../data/seen';
import { listGrades, listPatternsOfTasks } from '../data/tasks';
import { getDb, type Db } from '../db';
import { listSeenTasks } from './seen';

const PAGE_SIZE = 24;
/** So many of the easiest are picked from; beyond it another filter finds the others. */
const MOST_CANDIDATES = 20_000;
/** A pick is made anew without what the class has had in another form, at most so often. */
const MOST_PICKS = 5;
/** The first puzzle of a pick lies so far below a class's middle (three of four children get it), the last one so far above. */
const PICK_FROM = -200;
const PICK_TO = 100;

/** A page of what there is for the filters, or a pick of it. */
export async function searchLibrary(
  actor: CoachActor,
  search: LibrarySearch,
): Promise<Result<LibraryPage, ServiceFault>> {
  const db = getDb();
  const { classId, page, surprise } = search;
  if (classId !== undefined && (await requireVisibleClass(db, actor, classId)) === undefined) {
    return failure({ code: 'class/not-found' });
  }
  const total = await countLibrary(db, actor.clubId, search);
  const pages = Math.max(1, Math.ceil(total / PAGE_SIZE));
  const from = (Math.min(page, pages) - 1) * PAGE_SIZE;
  const ids =
    surprise === undefined
      ? await listLibrary(db, actor.clubId, search, { from, most: PAGE_SIZE })
      : await pickSurprise(db, actor, search, surprise);
  return success({ total, pages, items: await listPuzzles(db, actor, ids, classId) });
}

async function pickSurprise(
  db: Db,
  actor: CoachActor,
  search: LibrarySearch,
  count: number,
): Promise<TaskId[]> {
  const { classId, seed } = search;
  let candidates = await listCandidates(db, actor.clubId, search, { most: MOST_CANDIDATES });
  // Where the level is asked for, the rise stays inside it.
  const range = classId === undefined || search.level !== undefined ? {} : await findRange(db, classId);
  let picked: LibraryCandidate[] = [];
  for (let round = 0; round < MOST_PICKS; round += 1) {
    picked = pickRising(candidates, { count, ...range }, createRandom(seed));
    const ids = picked.map(({ taskId }) => taskId);
    if (classId === undefined) break;
    const seen = await listSeenTasks(db, actor.clubId, classId, ids);
    const had = new Set(ids.filter((_, index) => seen[index] !== undefined));
    if (had.size === 0) break;
    candidates = candidates.filter(({ taskId }) => !had.has(taskId));
    picked = picked.filter(({ taskId }) => !had.has(taskId));
  }
  return picked.map(({ taskId }) => taskId);
}

/** Round the middle of the children whose strength is known; nothing where there are none. */
async function findRange(
  db: Db,
  classId: ClassId,
): Promise<{ readonly from?: number; readonly to?: number }> {
  const known = (await listClassRatings(db, classId)).filter(
    (rating): rating is Rating => rating !== undefined,
  );
  const middle = known.map(({ value }) => value).sort((one, other) => one - other)[
    Math.floor(known.length / 2)
  ];
  return middle === undefined ? {} : { from: middle + PICK_FROM, to: middle + PICK_TO };
}

async function listPuzzles(
  db: Db,
  actor: CoachActor,
  ids: readonly TaskId[],
  classId: ClassId | undefined,
): Promise<LibraryPuzzle[]> {
  const [tasks, grades, ratings, patterns, ours] = await Promise.all([
    listMateTasks(db, actor.clubId, ids),
    listGrades(db, ids),
    listTaskRatings(db, ids),
    listPatternsOfTasks(db, ids),
    listOursOfTasks(db, actor.clubId, ids),
  ]);
  const seen: readonly (SeenTask | undefined)[] =
    classId === undefined ? [] : await listSeenTasks(db, actor.clubId, classId, ids);
  return tasks.map(({ taskId, task }, index) => ({
    taskId,
    fen: task.fen,
    mateInMoves: task.mateInMoves,
    grade: grades.get(taskId),
    rating: ratings.get(taskId),
    patterns: patterns.get(taskId) ?? [],
    ours: ours.get(taskId) ?? [],
    seen: seen[index],
  }));
}

/** So near in difficulty another puzzle has to be to stand in for one. */
const EQUAL_WITHIN = 90;
const MOST_EQUALS = 60;

/**
 * Another puzzle like this one: as long, nearly as hard, with one of its names if it has any, of another idea than those in `besides`
 * and new to the classes. Undefined where the library holds none.
 */
export async function findEqual(
  db: Db,
  actor: CoachActor,
  puzzle: { readonly taskId: TaskId; readonly mateInMoves: number },
  { besides, classIds }: { readonly besides: readonly TaskId[]; readonly classIds: readonly ClassId[] },
): Promise<TaskId | undefined> {
  const { taskId, mateInMoves } = puzzle;
  const number = (await listTaskRatings(db, [taskId])).get(taskId)?.value;
  if (number === undefined) return undefined;
  const names = (await listPatternsOfTasks(db, [taskId])).get(taskId) ?? [];
  const filters: LibraryFilters = { moves: mateInMoves, ...(names.length === 0 ? {} : { patterns: names }) };
  const near = (await listCandidates(db, actor.clubId, filters, { near: number, most: MOST_EQUALS })).filter(
    (one) => Math.abs(one.number - number) <= EQUAL_WITHIN,
  );
  const ideas = new Set(await listIdeas(db, besides));
  const fresh = near.filter((one) => !besides.includes(one.taskId) && !ideas.has(one.ideaKey));
  const ids = fresh.map((one) => one.taskId);
  const seen = await Promise.all(classIds.map((classId) => listSeenTasks(db, actor.clubId, classId, ids)));
  return ids.find((_, index) => seen.every((one) => one[index] === undefined));
}

async function listIdeas(db: Db, taskIds: readonly TaskId[]): Promise<string[]> {
  return [...(await listPuzzleKeys(db, taskIds)).values()].map(({ ideaKey }) => ideaKey);
}
