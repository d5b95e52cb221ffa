/** Where a student was in a round: kept on the device, so that a reload or the back button loses nothing. */
import { z } from 'zod';
import type { MoveText } from '@/core/notation';
import { FRESH_PLAY, type PlayState } from './playState';

const placeSchema = z.object({
  taskId: z.number().int().positive(),
  moves: z.array(z.string()),
  slips: z.number().int().nonnegative(),
  hints: z.number().int().nonnegative(),
  misses: z.number().int().nonnegative().default(0),
  /** Solved on this device, whether or not the server has heard of it yet. */
  solved: z.array(z.number().int()),
});
export type SeatPlace = z.infer<typeof placeSchema>;

export function readPlace(store: Pick<Storage, 'getItem'>, key: string): SeatPlace | undefined {
  try {
    const parsed = placeSchema.safeParse(JSON.parse(store.getItem(key) ?? 'null'));
    return parsed.success ? parsed.data : undefined;
  } catch {
    // Not our JSON: start afresh.
    return undefined;
  }
}

/** Keeps the place where the device lets it; a full store costs the place, never the answer. */
export function writePlace(store: Pick<Storage, 'setItem'>, key: string, place: SeatPlace): void {
  try {
    store.setItem(key, JSON.stringify(place));
  } catch {
    // Full, or switched off: after a reload the round begins where the server knows it to be.
  }
}

/** What of a play is kept: the right moves so far. A wrong end goes back to before its wrong move. */
export function placeOf(taskId: number, play: PlayState, solved: readonly number[]): SeatPlace {
  const { slips, hints, misses } = play;
  return { taskId, moves: [...keptMoves(play)], slips, hints, misses, solved: [...solved] };
}

export function playOf(place: SeatPlace): PlayState {
  const { moves, slips, hints, misses } = place;
  return { ...FRESH_PLAY, moves, slips, hints, misses };
}

function keptMoves({ moves, phase }: PlayState): readonly MoveText[] {
  if (phase.kind === 'thinking') return moves;
  // What was shown, or has come to its end, begins anew.
  if (phase.kind === 'shown' || phase.verdict.outcome !== 'wrong') return [];
  return moves.slice(0, phase.verdict.wrongPly ?? 0);
}
