/** A whole simulated class: every child looks at the board by itself, at its own pace. */
import { setMaxListeners } from 'node:events';
import { setTimeout } from 'node:timers/promises';
import { createRandom } from '@/core/shared';
import { openSimSeat, type SimCard, type SimSeat } from './simSeat';

export interface SimClass {
  readonly seats: readonly SimSeat[];
  /** Ends when every child has stopped looking and what it has given is stored, or cannot be sent. */
  readonly ended: Promise<void>;
  /** Ids of the answers the server has said it stored. */
  readonly stored: ReadonlySet<string>;
  /** The longest that one took from when it was given until it was stored, in milliseconds. */
  readonly longestWaitMs: () => number;
}

/** Starts the class; it goes on until the signal ends it. `everyMs`: how often a child looks, a little more or less. */
export function startSimClass(options: {
  readonly origin: string;
  readonly cards: readonly SimCard[];
  readonly seed: number;
  readonly everyMs: number;
  readonly signal: AbortSignal;
  readonly say: (text: string) => void;
}): SimClass {
  const { origin, cards, seed, everyMs, signal, say } = options;
  const stored = new Set<string>();
  let longestWaitMs = 0;
  const onStored = (clientId: string, waitedMs: number) => {
    stored.add(clientId);
    longestWaitMs = Math.max(longestWaitMs, waitedMs);
  };
  const children = cards.map((card, index) => ({
    seat: openSimSeat({ origin, card, random: createRandom(seed * 1000 + index), say, onStored }),
    pace: createRandom(seed * 1000 + 500 + index),
  }));
  // Each waits for the same signal.
  setMaxListeners(cards.length + 10, signal);
  async function live({ seat, pace }: (typeof children)[number]): Promise<void> {
    for (;;) {
      // Ends early, with a rejection, when the class goes home.
      await setTimeout(everyMs * (0.6 + 0.8 * pace()), undefined, { signal }).catch(() => undefined);
      if (signal.aborted) break;
      await seat.look();
    }
    await seat.flush();
  }
  const ended = Promise.all(children.map(live)).then(() => undefined);
  return { seats: children.map(({ seat }) => seat), ended, stored, longestWaitMs: () => longestWaitMs };
}
