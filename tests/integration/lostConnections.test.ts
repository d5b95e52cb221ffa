/** Connections that break in the middle, as when a node of a cluster dies: through a front of our own that cuts them. */
import { connect, createServer, type Server, type Socket } from 'node:net';
import { once } from 'node:events';
import { withDatabase } from '../support/database';

/** The front cuts every connection when this has gone through it; what it was has arrived. */
let cutAt: string | undefined;
/** From this question on, what the database says does not arrive, though the connection stands. */
let muteAt: string | undefined;
let isMute = false;
let front: Server;
const sockets = new Set<Socket>();

function cut(): void {
  for (const socket of sockets) socket.destroy();
  sockets.clear();
}

beforeAll(async () => {
  const url = new URL(process.env.DATABASE_URL ?? '');
  const target = Number(url.port);
  front = createServer((client) => {
    const server = connect(target, '127.0.0.1');
    for (const socket of [client, server]) {
      sockets.add(socket);
      socket.on('error', () => undefined);
    }
    client.on('close', () => server.destroy());
    server.on('data', (bytes) => {
      if (!isMute) client.write(bytes);
    });
    client.on('data', (bytes) => {
      if (muteAt !== undefined && bytes.includes(muteAt)) isMute = true;
      if (cutAt !== undefined && bytes.includes(cutAt)) {
        cutAt = undefined;
        // It arrives; the reply does not.
        server.removeAllListeners('data');
        server.write(bytes, () => client.destroy());
        server.on('data', cut);
      } else server.write(bytes);
    });
  }).listen(0, '127.0.0.1');
  await once(front, 'listening');
  const address = front.address();
  url.port = String(typeof address === 'object' ? address?.port : 0);
  process.env.DATABASE_URL = url.href;
});
withDatabase();
afterAll(() => {
  cut();
  front.close();
});
beforeEach(() => {
  cutAt = undefined;
  muteAt = undefined;
  isMute = false;
});

const db = async () => (await import('@/server/db')).getDb();
const club = (name: string) => ({ name, time_zone: 'UTC', settings: '{}', created_at: new Date() });

test('what only reads is asked again', async () => {
  await (await db())('clubs').insert(club('Quillhaven'));
  cutAt = 'SELECT SLEEP(0.05)';
  expect(await (await db()).raw('SELECT SLEEP(0.05) AS slept')).toMatchObject([[{ slept: 0 }], {}]);
  cutAt = 'select `name` from `clubs`';
  expect(await (await db())('clubs').pluck('name')).toEqual(['Quillhaven']);
  cutAt = 'select `name` from `clubs`';
  expect(await (await db())('clubs').first('name')).toEqual({ name: 'Quillhaven' });
  expect(cutAt).toBeUndefined();
});

test('what writes outside of a transaction is not: it may have been stored', async () => {
  cutAt = 'insert into `clubs`';
  await expect((await db())('clubs').insert(club('Quillhaven'))).rejects.toThrow(/lost|closed/i);
  expect(await (await db())('clubs').pluck('name')).toEqual(['Quillhaven']);
});

test('a transaction that broke before its commit is done again from its start, and stored once', async () => {
  const { withTransaction } = await import('@/server/db');
  let runs = 0;
  cutAt = 'insert into `clubs`';
  await withTransaction(async (all) => {
    runs += 1;
    await all('clubs').insert(club('Quillhaven'));
  });
  expect(runs).toBe(2);
  expect(await (await db())('clubs').pluck('name')).toEqual(['Quillhaven']);
});

describe('when the commit was sent and no reply came', () => {
  test('a transaction says so and does nothing twice', async () => {
    const { withTransaction } = await import('@/server/db');
    let runs = 0;
    cutAt = 'COMMIT';
    const stored = withTransaction(async (all) => {
      runs += 1;
      await all('clubs').insert(club('Quillhaven'));
    });
    await expect(stored).rejects.toThrow('The commit was not answered.');
    expect(runs).toBe(1);
    expect(await (await db())('clubs').pluck('name')).toEqual(['Quillhaven']);
  });

  test('what is stored once finds what became of it', async () => {
    const { storeOnce } = await import('@/server/db');
    cutAt = 'COMMIT';
    const found = await storeOnce(async (all) => {
      const known: { id: number }[] = await all('clubs').where({ name: 'Quillhaven' }).select('id');
      if (known.length > 0) return 'known';
      await all('clubs').insert(club('Quillhaven'));
      return 'made';
    });
    expect(found).toBe('known');
    expect(await (await db())('clubs').pluck('name')).toEqual(['Quillhaven']);
  });
});

test('a database whose answer was lost on the way is known to answer again as soon as it does', async () => {
  const { watchDatabase } = await import('@/server/db');
  const heard: boolean[] = [];
  let onHeard: () => void = () => undefined;
  const hear = (answers: boolean) =>
    new Promise<void>((resolve) => {
      onHeard = () => {
        if (heard.at(-1) === answers) resolve();
      };
    });
  const watch = watchDatabase((answers) => {
    heard.push(answers);
    onHeard();
  });
  try {
    muteAt = 'SELECT 1';
    await hear(false);
    muteAt = undefined;
    isMute = false;
    await hear(true);
    expect(heard).toEqual([false, true]);
  } finally {
    watch.stop();
  }
});
