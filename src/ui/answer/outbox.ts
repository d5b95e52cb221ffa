/**
 * Answers on their way to the server. Each is written down before it is sent and crossed out only when the server has
 * said what became of it, so a lost connection, a reload or a closed lid loses none; the client id keeps it from being
 * stored twice.
 */
import { z } from 'zod';
import { newAttemptSchema, type NewAttempt } from '@/contracts/attempts';

/** stored or refused: the server has decided; later: try again; sign-in: again after signing in. */
export type SendResult = 'stored' | 'refused' | 'later' | 'sign-in';

export interface OutboxState {
  readonly waiting: number;
  /** Why the first one waits; undefined while nothing does. */
  readonly trouble: 'offline' | 'sign-in' | undefined;
  /** Answers the server would not take since the page was opened. */
  readonly refused: number;
}

type KeyStore = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

const storedSchema = z.array(newAttemptSchema);

export interface Outbox {
  /** Writes the attempt down and starts sending. */
  add(attempt: NewAttempt): void;
  /** Sends what waits, oldest first; one run at a time. */
  flush(): Promise<void>;
}

export function createOutbox(options: {
  readonly store: KeyStore;
  readonly key: string;
  readonly send: (attempt: NewAttempt) => Promise<SendResult>;
  readonly onChange: (state: OutboxState) => void;
}): Outbox {
  const { store, key, send, onChange } = options;
  let running: Promise<void> | undefined;
  let trouble: OutboxState['trouble'];
  let refused = 0;

  function read(): NewAttempt[] {
    const text = store.getItem(key);
    if (text === null) return [];
    const parsed = storedSchema.safeParse(safeJson(text));
    return parsed.success ? parsed.data : [];
  }

  function write(attempts: readonly NewAttempt[]): void {
    if (attempts.length === 0) store.removeItem(key);
    else store.setItem(key, JSON.stringify(attempts));
    tell(attempts.length);
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
    add(attempt) {
      write([...read(), attempt]);
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

/** Posts one attempt and says what became of it. */
export async function postAttempt(attempt: NewAttempt): Promise<SendResult> {
  try {
    const response = await fetch('/api/attempts', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(attempt),
      keepalive: true,
    });
    if (response.ok) return 'stored';
    // 403: somebody else is signed in on this device; the answer waits for its own student.
    if (response.status === 401 || response.status === 403) return 'sign-in';
    return response.status >= 400 && response.status < 500 && response.status !== 429 ? 'refused' : 'later';
  } catch {
    // fetch rejects only when nothing came back: no network, or no server.
    return 'later';
  }
}
