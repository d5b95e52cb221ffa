import type { PatternPuzzle } from '@/contracts/sets';
import type { PatternId } from '@/core/patterns';
import type { CoachActor } from '../auth/actors';
import { listPuzzlesOfPattern } from '../data/tasks';
import { getDb } from '../db';

/** So many are shown on the page of a named mate. */
const MOST_SHOWN = 12;

/** The club's own puzzles that end in a named mate, against every longest defence. */
export async function listOwnPuzzlesOfPattern(
  actor: CoachActor,
  pattern: PatternId,
): Promise<PatternPuzzle[]> {
  const found = await listPuzzlesOfPattern(getDb(), actor.clubId, pattern, MOST_SHOWN);
  return found.map(({ task }) => ({ fen: task.fen, mateInMoves: task.mateInMoves }));
}
