/** What of a set, or of fresh puzzles, a class has had before: the same, a twin, or the same idea. */
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, ClubId, TaskId } from '@/contracts/ids';
import { SEEN_AS, type FindSeen, type SeenAs, type SeenTask } from '@/contracts/seen';
import { failure, success, type Result } from '@/core/shared';
import { requireVisibleClass, type CoachActor } from '../auth/actors';
import {
  listAnsweredTasks,
  listGivenTasks,
  listPuzzleKeys,
  listRelatedTasks,
  type PuzzleKeys,
} from '../data/seen';
import { getDb, type Db } from '../db';

/** Something asked about: stored, by its keys, or both. */
interface Sought {
  readonly taskId?: TaskId;
  readonly keys?: PuzzleKeys;
}

/** One entry for each puzzle asked about; undefined where nobody of the class has had anything like it. */
export async function findSeen(
  actor: CoachActor,
  { classId, puzzles }: FindSeen,
): Promise<Result<(SeenTask | undefined)[], ServiceFault>> {
  const db = getDb();
  if ((await requireVisibleClass(db, actor, classId)) === undefined)
    return failure({ code: 'class/not-found' });
  return success(
    await listSeen(
      db,
      actor.clubId,
      classId,
      puzzles.map((keys) => ({ keys })),
    ),
  );
}

/** The same of stored tasks. */
export async function listSeenTasks(
  db: Db,
  clubId: ClubId,
  classId: ClassId,
  taskIds: readonly TaskId[],
): Promise<(SeenTask | undefined)[]> {
  const keys = await listPuzzleKeys(db, taskIds);
  const sought = taskIds.map((taskId): Sought => {
    const known = keys.get(taskId);
    return known === undefined ? { taskId } : { taskId, keys: known };
  });
  return listSeen(db, clubId, classId, sought);
}

async function listSeen(
  db: Db,
  clubId: ClubId,
  classId: ClassId,
  sought: readonly Sought[],
): Promise<(SeenTask | undefined)[]> {
  const related = await listRelatedTasks(
    db,
    clubId,
    sought.flatMap(({ keys }) => keys ?? []),
  );
  const own = sought.flatMap(({ taskId }) => taskId ?? []);
  const taskIds = [...new Set([...own, ...related.map(({ taskId }) => taskId)])];
  const given = await listGivenTasks(db, classId, taskIds);
  const answered = await listAnsweredTasks(db, classId, taskIds);
  return sought.map((one) => {
    const near = new Map<SeenAs, TaskId[]>(SEEN_AS.map((as) => [as, []]));
    if (one.taskId !== undefined) near.get('same')?.push(one.taskId);
    for (const other of related) {
      const as = nearness(one, other);
      if (as !== undefined && other.taskId !== one.taskId) near.get(as)?.push(other.taskId);
    }
    // The nearest is told, and of it who has had it.
    for (const [as, ids] of near) {
      if (ids.some((id) => given.has(id))) return { as, isByClass: true, names: [] };
      const names = answered.flatMap(({ taskId, name }) => (ids.includes(taskId) ? [name] : []));
      if (names.length > 0) return { as, isByClass: false, names: [...new Set(names)] };
    }
    return undefined;
  });
}

function nearness({ keys }: Sought, other: PuzzleKeys): SeenAs | undefined {
  if (keys === undefined) return undefined;
  if (other.twinKey === keys.twinKey) return 'twin';
  return other.ideaKey === keys.ideaKey ? 'idea' : undefined;
}
