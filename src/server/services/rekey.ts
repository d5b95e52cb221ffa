/** What puzzles and children are known by, for what was stored before there was such. */
import { getPosition } from '@/core/notation';
import { tagMate } from '@/core/patterns';
import {
  gradePuzzle,
  listMainLine,
  listPuzzleFacts,
  makeIdeaKey,
  makeTwinKey,
  measurePuzzle,
} from '@/core/puzzles';
import { listUnratedAnswers } from '../data/experience';
import { listUnkeyedPuzzles, storeLookups } from '../data/tasks';
import { getDb, withTransaction } from '../db';
import { rateFirstAnswer } from './ratings';

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
        });
      }
    });
    done += some.length;
  }
}

/** Rates what children without a rating have answered, in the order in which it came. How many answers there were. */
export async function rateOldAnswers(): Promise<number> {
  const answers = await listUnratedAnswers(getDb());
  await withTransaction(async (db) => {
    for (const answer of answers) await rateFirstAnswer(db, answer);
  });
  return answers.length;
}
