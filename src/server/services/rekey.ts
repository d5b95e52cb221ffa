/** Keys and grades of puzzles stored before there were such. */
import { getPosition } from '@/core/notation';
import { tagMate } from '@/core/patterns';
import { gradePuzzle, listMainLine, makeIdeaKey, makeTwinKey, measurePuzzle } from '@/core/puzzles';
import { listUnkeyedPuzzles, storePuzzleKeys } from '../data/tasks';
import { getDb, withTransaction } from '../db';

const BATCH = 200;

/** Gives every stored mate its keys and its grade; run where the database is brought up to date, before anybody is served. */
export async function rekeyPuzzles(): Promise<number> {
  let done = 0;
  for (;;) {
    const some = await listUnkeyedPuzzles(getDb(), BATCH);
    if (some.length === 0) return done;
    await withTransaction(async (db) => {
      for (const { taskId, clubId, task, solution } of some) {
        const position = getPosition(task.fen);
        await storePuzzleKeys(db, taskId, {
          clubId,
          twinKey: makeTwinKey(position),
          ideaKey: makeIdeaKey(position, listMainLine(solution)),
          grade: gradePuzzle(measurePuzzle(position, solution, tagMate(position, solution) ?? [])),
        });
      }
    });
    done += some.length;
  }
}
