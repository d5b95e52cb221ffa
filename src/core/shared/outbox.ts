/**
 * Answers on their way to the server. Each is written down before it is sent and crossed out only when the server has
 * said what became of it, so a lost connection, a reload or a closed lid loses none; the client id keeps it from being
 * stored twice. A device that writes nothing down keeps them in the open page.
 *
 * The server is told how long an answer lay here, never what the clock of the device says. While the page is open that is measured by its
 * steady clock, which nobody can set; after a reload it is the difference of two readings of the other one.
 */
import { z } from 'zod/mini';

/**
 * stored or refused: the server has decided; later: nothing is heard of it; sign-in: again after signing in; failed: the server cannot
 * store this one now, others perhaps.
 */
export type SendResult = 'stored' | 'refused' | 'later' | 'sign-in' | 'failed';

export interface OutboxState {
  readonly waiting: number;
  /** Why they wait; undefined while none does. */
  readonly trouble: 'offline' | 'sign-in' | 'failed' | undefined;
  /** Answers the server would not take since the page was opened. */
  readonly refused: number;
}

/** Where texts are kept by name: the browser's own store has this shape. */
export interface KeyStore {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
  removeItem(key: string): void;
}

/** Whatever is sent, by the id made on the device and the moment its clock showed (ISO 8601). */
export interface Sendable {
  readonly clientId: string;
  readonly answeredAt: string;
}

/** The clocks of the device, in milliseconds. */
export interface DeviceClocks {
  /** Since a moment (ISO 8601) by the clock of the day, which may be wrong and may jump. */
  sinceMs(moment: string): number;
  /** Since the page was opened. */
  steadyMs(): number;
}

/** Answers the server fails at before a run ends: it is asked again soon. */
const MOST_FAILURES = 3;

export interface Outbox<Item extends Sendable> {
  /** Writes it down and starts sending. */
  add(item: Item): void;
  /** Sends what waits, oldest first; one run at a time. */
  flush(): Promise<void>;
}

/** Keeps what is sent under `key` of a store until the server has said what became of it; `onChange` hears how it goes. */
export function createOutbox<Item extends Sendable>(options: {
  readonly store: KeyStore;
  readonly key: string;
  readonly schema: z.ZodMiniType<Item>;
  readonly clocks: DeviceClocks;
  /** `waitedMs`: how long it lay here. */
  readonly send: (item: Item, waitedMs: number) => Promise<SendResult>;
  readonly onChange: (state: OutboxState) => void;
}): Outbox<Item> {
  const { store, key, clocks, send, onChange } = options;
  let running: Promise<void> | undefined;
  let trouble: OutboxState['trouble'];
  let refused = 0;

  // A store may be full or switched off. What it does not take is kept in hand; what it does not give up is not sent again.
  let inHand: readonly Item[] = [];
  const decided = new Set<string>();
  /** Steady clock at which an answer of this page was given; how often the server failed at one. */
  const givenMs = new Map<string, number>();
  const failures = new Map<string, number>();

  function readStored(): Item[] {
    const text = tryStore(() => store.getItem(key));
    if (typeof text !== 'string') return [];
    const stored = z.array(z.unknown()).safeParse(safeJson(text));
    // One item of an older kind does not take the others with it.
    const items = (stored.data ?? []).flatMap((item) => options.schema.safeParse(item).data ?? []);
    return items.filter(({ clientId }) => !decided.has(clientId));
  }

  const read = (): readonly Item[] => [...readStored(), ...inHand];

  function tell(): void {
    const waiting = read().length;
    onChange({ waiting, trouble: waiting === 0 ? undefined : trouble, refused });
  }

  function crossOut({ clientId }: Item): void {
    decided.add(clientId);
    givenMs.delete(clientId);
    failures.delete(clientId);
    inHand = inHand.filter((item) => item.clientId !== clientId);
    // Read anew: another tab or an answer given meanwhile may have changed the list.
    const left = readStored();
    tryStore(() => (left.length === 0 ? store.removeItem(key) : store.setItem(key, JSON.stringify(left))));
  }

  function waitedMsOf({ clientId, answeredAt }: Item): number {
    const given = givenMs.get(clientId);
    return Math.max(0, given === undefined ? clocks.sinceMs(answeredAt) : clocks.steadyMs() - given);
  }

  /** Oldest first, but one the server has failed at does not hold up the others. */
  function findNext(passedOver: ReadonlySet<string>): Item | undefined {
    const failed = ({ clientId }: Item) => failures.get(clientId) ?? 0;
    return read()
      .filter(({ clientId }) => !passedOver.has(clientId))
      .reduce<Item | undefined>(
        (best, item) => (best === undefined || failed(item) < failed(best) ? item : best),
        undefined,
      );
  }

  async function sendAll(): Promise<void> {
    const passedOver = new Set<string>();
    for (let next = findNext(passedOver); next !== undefined; next = findNext(passedOver)) {
      const sent = next;
      const result = await send(sent, waitedMsOf(sent));
      if (result === 'later' || result === 'sign-in') {
        trouble = result === 'later' ? 'offline' : 'sign-in';
        tell();
        return;
      }
      if (result === 'failed') {
        failures.set(sent.clientId, (failures.get(sent.clientId) ?? 0) + 1);
        passedOver.add(sent.clientId);
        trouble = 'failed';
        tell();
        if (passedOver.size >= MOST_FAILURES) return;
        continue;
      }
      trouble = passedOver.size > 0 ? 'failed' : undefined;
      if (result === 'refused') refused += 1;
      crossOut(sent);
      tell();
    }
  }

  function flush(): Promise<void> {
    running ??= sendAll().finally(() => {
      running = undefined;
    });
    return running;
  }

  return {
    add(item) {
      givenMs.set(item.clientId, clocks.steadyMs());
      const text = JSON.stringify([...readStored(), item]);
      if (tryStore(() => store.setItem(key, text)) === 'refused') inHand = [...inHand, item];
      tell();
      void flush();
    },
    flush,
  };
}

/** Browsers throw when a store is full or not allowed: 'refused'. */
function tryStore<Value>(work: () => Value): Value | 'refused' {
  try {
    return work();
  } catch {
    return 'refused';
  }
}

function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    // Somebody else's text under our key: nothing of ours can be read out of it.
    return undefined;
  }
}
