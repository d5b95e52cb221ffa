import { z } from 'zod/mini';
import { createOutbox, type OutboxState, type SendResult } from './outbox';

const UUIDS = [1, 2, 3].map((digit) => `0000000${digit}-0000-4000-8000-000000000000`);
const answerSchema = z.object({ clientId: z.uuid(), answeredAt: z.string(), text: z.string() });
const attempt = (index: number) => ({
  clientId: UUIDS[index] ?? '',
  answeredAt: '2026-10-06T14:00:00.000Z',
  text: 'Ra8#',
});

/** A device's two clocks, each moved by hand. */
function makeClocks(dayMs = Date.parse('2026-10-06T14:00:00.000Z')) {
  const shown = { dayMs, steadyMs: 0 };
  return {
    shown,
    clocks: { sinceMs: (moment: string) => shown.dayMs - Date.parse(moment), steadyMs: () => shown.steadyMs },
  };
}

function makeStore() {
  const texts = new Map<string, string>();
  return {
    getItem: (key: string) => texts.get(key) ?? null,
    setItem: (key: string, value: string) => void texts.set(key, value),
    removeItem: (key: string) => void texts.delete(key),
  };
}

/** An outbox against a server that answers as told, then stores. */
function openOutbox(answers: SendResult[], store = makeStore(), { clocks } = makeClocks()) {
  const sent: string[] = [];
  const waited: number[] = [];
  const states: OutboxState[] = [];
  const outbox = createOutbox({
    schema: answerSchema,
    store,
    key: 'outbox',
    clocks,
    send: ({ clientId }, waitedMs) => {
      sent.push(clientId);
      waited.push(waitedMs);
      return Promise.resolve(answers.shift() ?? 'stored');
    },
    onChange: (state) => states.push(state),
  });
  return { outbox, sent, waited, states, store };
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

test('the server hears how long an answer lay here by the steady clock, however the other one jumps', async () => {
  const device = makeClocks();
  const { outbox, waited } = openOutbox(['later'], makeStore(), device);
  outbox.add(attempt(0));
  await outbox.flush();
  // The network is back and sets the clock of a tablet that thought it was another year.
  device.shown.dayMs += 20 * 365 * 86_400_000;
  device.shown.steadyMs += 90_000;
  await outbox.flush();
  expect(waited).toEqual([0, 90_000]);
});

test('after a reload it is the difference of two readings, and never less than nothing', async () => {
  const store = makeStore();
  const first = openOutbox(['later'], store);
  first.outbox.add(attempt(0));
  await first.outbox.flush();
  const after = openOutbox(['later'], store, makeClocks(Date.parse('2026-10-06T15:00:00.000Z')));
  await after.outbox.flush();
  const setBack = openOutbox([], store, makeClocks(Date.parse('1970-01-01T00:00:00.000Z')));
  await setBack.outbox.flush();
  expect([...after.waited, ...setBack.waited]).toEqual([3_600_000, 0]);
});

test('an answer the server fails at for ever is kept and holds up no other one', async () => {
  const store = makeStore();
  const sent: string[] = [];
  const states: OutboxState[] = [];
  const outbox = createOutbox({
    schema: answerSchema,
    store,
    key: 'outbox',
    clocks: makeClocks().clocks,
    send: ({ clientId }) => {
      sent.push(clientId);
      return Promise.resolve<SendResult>(clientId === UUIDS[0] ? 'failed' : 'stored');
    },
    onChange: (state) => states.push(state),
  });
  for (const index of [0, 1]) outbox.add(attempt(index));
  await outbox.flush();
  outbox.add(attempt(2));
  await outbox.flush();
  // The new one goes first by then.
  expect(sent).toEqual([UUIDS[0], UUIDS[1], UUIDS[2], UUIDS[0]]);
  expect(states.at(-1)).toEqual({ waiting: 1, trouble: 'failed', refused: 0 });
  expect(store.getItem('outbox')).toContain(UUIDS[0]);
});

test('a server that fails at everything is asked three times, not once an answer', async () => {
  const { outbox, sent } = openOutbox(Array.from({ length: 20 }, () => 'failed'));
  for (const index of [0, 1, 2]) outbox.add(attempt(index));
  outbox.add({ ...attempt(0), clientId: '00000009-0000-4000-8000-000000000000' });
  await outbox.flush();
  expect(sent).toHaveLength(3);
});
