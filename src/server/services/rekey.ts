/** What puzzles and children are known by, for what was stored before there was such. */
import type { ClubId, ClubPatternId } from '@/contracts/ids';
import { getPosition } from '@/core/notation';
import { defineClubPattern, matchPatterns, tagMate, tagMateBy } from '@/core/patterns';
import {
  gradePuzzle,
  listMainLine,
  listPuzzleFacts,
  makeIdeaKey,
  makeTwinKey,
  measurePuzzle,
  type SolutionGraph,
} from '@/core/puzzles';
import type { Position } from '@/core/rules';
import { listClubPatterns } from '../data/clubPatterns';
import { listUnkeyedPuzzles, storeLookups } from '../data/tasks';
import { getDb, withTransaction, type Db } from '../db';

const BATCH = 200;

/**
 * Gives every stored mate its keys, grade, facts, names and first rating; run where the database is brought up to date, before
 * anybody is served. How many there were.
 */
export async function rekeyPuzzles(): Promise<number> {
  let done = 0;
  for (;;) {
    const some = await listUnkeyedPuzzles(getDb(), BATCH);
    if (some.length === 0) return done;
    await withTransaction(async (db) => {
      for (const { taskId, clubId, task, solution } of some) {
        const position = getPosition(task.fen);
        const tags = tagMate(position, solution) ?? [];
        await storeLookups(db, taskId, {
          clubId,
          twinKey: makeTwinKey(position),
          ideaKey: makeIdeaKey(position, listMainLine(solution)),
          grade: gradePuzzle(measurePuzzle(position, solution, tags)),
          facts: listPuzzleFacts(position, solution),
          patterns: tags.map(({ id }) => id),
          ours: await listOurs(db, clubId, position, solution),
        });
      }
    });
    done += some.length;
  }
}

/** Names of the club's own that a mate ends in. */
async function listOurs(
  db: Db,
  clubId: ClubId,
  position: Position,
  solution: SolutionGraph,
): Promise<ClubPatternId[]> {
  const named: ClubPatternId[] = [];
  for (const { clubPatternId, name, picture } of await listClubPatterns(db, clubId)) {
    const own = [defineClubPattern(name, picture)];
    const tags = tagMateBy((mated) => matchPatterns(mated, own), position, solution) ?? [];
    if (tags.some(({ how }) => how === 'the')) named.push(clubPatternId);
  }
  return named;
}
