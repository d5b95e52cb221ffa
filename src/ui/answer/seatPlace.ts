/** Where a student was in a round: kept on the device, so that a reload or the back button loses nothing. */
import { z } from 'zod/mini';

const placeSchema = z.object({
  taskId: z.int().check(z.positive()),
  /** Solved on this device, whether or not the server has heard of it yet. */
  solved: z.array(z.int()),
  /** Whose first answer was not right, or that were shown. */
  stumbled: z._default(z.array(z.int()), []),
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
