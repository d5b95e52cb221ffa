/**
 * Answers on their way to the server. Each is written down before it is sent and crossed out only when the server has
 * said what became of it, so a lost connection, a reload or a closed lid loses none; the client id keeps it from being
 * stored twice.
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

  function read(): Item[] {
    const text = store.getItem(key);
    if (text === null) return [];
    const stored = z.array(z.unknown()).safeParse(safeJson(text));
    // One item of an older kind does not take the others with it.
    return (stored.data ?? []).flatMap((item) => options.schema.safeParse(item).data ?? []);
  }

  function write(items: readonly Item[]): void {
    if (items.length === 0) store.removeItem(key);
    else store.setItem(key, JSON.stringify(items));
    tell(items.length);
  }

  function tell(waiting: number): void {
    onChange({ waiting, trouble: waiting === 0 ? undefined : trouble, refused });
  }

  async function sendAll(): Promise<void> {
    for (let [first] = read(); first !== undefined; [first] = read()) {
      const sent = first;
      const result = await send(sent);
      if (result === 'later' || result === 'sign-in') {
        trouble = result === 'later' ? 'offline' : 'sign-in';
        tell(read().length);
        return;
      }
      trouble = undefined;
      if (result === 'refused') refused += 1;
      // Read anew: another tab or an answer given meanwhile may have changed the list.
      write(read().filter(({ clientId }) => clientId !== sent.clientId));
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
      write([...read(), item]);
      void flush();
    },
    flush,
  };
}

function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    // Somebody else's text under our key: nothing of ours can be read out of it.
    return undefined;
  }
}
