/**
 * Answers on their way to the server. Each is written down before it is sent and crossed out only when the server has
 * said what became of it, so a lost connection, a reload or a closed lid loses none; the client id keeps it from being
 * stored twice. A device that writes nothing down keeps them in the open page.
 */
import { z } from 'zod';

/** stored or refused: the server has decided; later: try again; sign-in: again after signing in. */
export type SendResult = 'stored' | 'refused' | 'later' | 'sign-in';

export interface OutboxState {
  readonly waiting: number;
  /** Why the first one waits; undefined while nothing does. */
  readonly trouble: 'offline' | 'sign-in' | undefined;
  /** Answers the server would not take since the page was opened. */
  readonly refused: number;
}

/** Where texts are kept by name: the browser's own store has this shape. */
export interface KeyStore {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
  removeItem(key: string): void;
}

/** Whatever is sent, by the id made on the device. */
export interface Sendable {
  readonly clientId: string;
}

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
  readonly schema: z.ZodType<Item>;
  readonly send: (item: Item) => Promise<SendResult>;
  readonly onChange: (state: OutboxState) => void;
}): Outbox<Item> {
  const { store, key, send, onChange } = options;
  let running: Promise<void> | undefined;
  let trouble: OutboxState['trouble'];
  let refused = 0;

  // A store may be full or switched off. What it does not take is kept in hand; what it does not give up is not sent again.
  let inHand: readonly Item[] = [];
  const decided = new Set<string>();

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
    inHand = inHand.filter((item) => item.clientId !== clientId);
    // Read anew: another tab or an answer given meanwhile may have changed the list.
    const left = readStored();
    tryStore(() => (left.length === 0 ? store.removeItem(key) : store.setItem(key, JSON.stringify(left))));
  }

  async function sendAll(): Promise<void> {
    for (let [first] = read(); first !== undefined; [first] = read()) {
      const sent = first;
      const result = await send(sent);
      if (result === 'later' || result === 'sign-in') {
        trouble = result === 'later' ? 'offline' : 'sign-in';
        tell();
        return;
      }
      trouble = undefined;
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
