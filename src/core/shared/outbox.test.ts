import { z } from 'zod';
import { createOutbox, type OutboxState, type SendResult } from './outbox';

const UUIDS = [1, 2, 3].map((digit) => `0000000${digit}-0000-4000-8000-000000000000`);
const answerSchema = z.object({ clientId: z.uuid(), text: z.string() });
const attempt = (index: number) => ({ clientId: UUIDS[index] ?? '', text: 'Ra8#' });

function makeStore() {
  const texts = new Map<string, string>();
  return {
    getItem: (key: string) => texts.get(key) ?? null,
    setItem: (key: string, value: string) => void texts.set(key, value),
    removeItem: (key: string) => void texts.delete(key),
  };
}

/** An outbox against a server that answers as told, then stores. */
function openOutbox(answers: SendResult[], store = makeStore()) {
  const sent: string[] = [];
  const states: OutboxState[] = [];
  const outbox = createOutbox({
    schema: answerSchema,
    store,
    key: 'outbox',
    send: ({ clientId }) => {
      sent.push(clientId);
      return Promise.resolve(answers.shift() ?? 'stored');
    },
    onChange: (state) => states.push(state),
  });
  return { outbox, sent, states, store };
}

test('an answer is written down before it is sent and crossed out when it is stored', async () => {
  const { outbox, sent, store } = openOutbox([]);
  outbox.add(attempt(0));
  expect(store.getItem('outbox')).toContain(UUIDS[0]);
  await outbox.flush();
  expect(sent).toEqual([UUIDS[0]]);
  expect(store.getItem('outbox')).toBeNull();
});

test('without a connection it waits, says so, and goes out later in order, once each', async () => {
  const { outbox, sent, states } = openOutbox(['later', 'later']);
  outbox.add(attempt(0));
  await outbox.flush();
  outbox.add(attempt(1));
  await outbox.flush();
  expect(states.at(-1)).toEqual({ waiting: 2, trouble: 'offline', refused: 0 });
  await outbox.flush();
  expect(sent).toEqual([UUIDS[0], UUIDS[0], UUIDS[0], UUIDS[1]]);
  expect(states.at(-1)).toEqual({ waiting: 0, trouble: undefined, refused: 0 });
});

test('a closed lid loses nothing: the next page sends what the last one wrote down', async () => {
  const first = openOutbox(['later']);
  first.outbox.add(attempt(0));
  await first.outbox.flush();
  const second = openOutbox([], first.store);
  await second.outbox.flush();
  expect(second.sent).toEqual([UUIDS[0]]);
});

test('signed out: it waits for the sign-in', async () => {
  const { outbox, states } = openOutbox(['sign-in']);
  outbox.add(attempt(0));
  await outbox.flush();
  expect(states.at(-1)).toMatchObject({ waiting: 1, trouble: 'sign-in' });
});

test('what the server refuses is told and does not block what follows', async () => {
  const { outbox, sent, states } = openOutbox(['refused']);
  outbox.add(attempt(0));
  outbox.add(attempt(1));
  await outbox.flush();
  expect(sent).toEqual([UUIDS[0], UUIDS[1]]);
  expect(states.at(-1)).toMatchObject({ waiting: 0, refused: 1 });
});

test('foreign text under its key is passed over', async () => {
  const store = makeStore();
  store.setItem('outbox', 'not ours');
  const { outbox, sent } = openOutbox([], store);
  outbox.add(attempt(2));
  await outbox.flush();
  expect(sent).toEqual([UUIDS[2]]);
});

test('one item of an older kind does not take the others with it', async () => {
  const store = makeStore();
  store.setItem('outbox', JSON.stringify([{ clientId: 'old' }, attempt(1)]));
  const { outbox, sent } = openOutbox([], store);
  await outbox.flush();
  expect(sent).toEqual([UUIDS[1]]);
});

describe('a device that writes nothing down', () => {
  /** As a browser does when its store is full, or when the school has switched it off. */
  const refuse = (): never => {
    throw new Error('QuotaExceededError');
  };

  test('a full store: the answer is in hand and goes out all the same, after those written down before', async () => {
    const store = makeStore();
    const before = openOutbox(['later'], store);
    before.outbox.add(attempt(0));
    await before.outbox.flush();
    const { outbox, sent, states } = openOutbox(['later'], { ...store, setItem: refuse });
    outbox.add(attempt(1));
    await outbox.flush();
    expect(states.at(-1)).toEqual({ waiting: 2, trouble: 'offline', refused: 0 });
    await outbox.flush();
    expect(sent).toEqual([UUIDS[0], UUIDS[0], UUIDS[1]]);
    expect(states.at(-1)).toEqual({ waiting: 0, trouble: undefined, refused: 0 });
  });

  test('a store that can be neither read nor written: every answer is sent once', async () => {
    const store = { getItem: refuse, setItem: refuse, removeItem: refuse };
    const { outbox, sent } = openOutbox(['later'], store);
    outbox.add(attempt(0));
    outbox.add(attempt(1));
    await outbox.flush();
    await outbox.flush();
    expect(sent).toEqual([UUIDS[0], UUIDS[0], UUIDS[1]]);
  });

  test('a store that lets nothing be crossed out: what is stored is not sent again and again', async () => {
    const store = makeStore();
    const { outbox, sent, states } = openOutbox(['later'], { ...store, removeItem: refuse });
    outbox.add(attempt(0));
    await outbox.flush();
    await outbox.flush();
    await outbox.flush();
    expect(sent).toEqual([UUIDS[0], UUIDS[0]]);
    expect(states.at(-1)?.waiting).toBe(0);
  });
});
