import type { BrowserReply, BrowserRequest } from '../protocol';
import { answerProve } from '../tasks';
import { createProverClient } from './proverClient';

const MATE = '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1';

/** A worker that answers only when told to; messages are cloned as a real one's are. */
class FakeWorker {
  onmessage: ((event: { data: BrowserReply }) => void) | null = null;
  onerror: ((event: { message: string }) => void) | null = null;
  isTerminated = false;
  readonly requests: BrowserRequest[] = [];

  postMessage(request: BrowserRequest) {
    this.requests.push(structuredClone(request));
  }

  terminate() {
    this.isTerminated = true;
  }

  answerLast() {
    const request = this.requests.at(-1);
    if (request === undefined) throw new Error('nothing asked');
    const reply = (data: BrowserReply) => this.onmessage?.({ data: structuredClone(data) });
    const answer = answerProve(request.question, (report) => {
      reply({ id: request.id, kind: 'progress', report });
      return 'go';
    });
    reply({ id: request.id, kind: 'done', answer });
  }
}

function makeClient() {
  const workers: FakeWorker[] = [];
  const client = createProverClient(() => {
    const worker = new FakeWorker();
    workers.push(worker);
    return worker as unknown as Worker;
  });
  return { client, workers };
}

test('an answer survives the message: the position travels as text', async () => {
  const { client, workers } = makeClient();
  const reports: number[] = [];
  const outcome = client.prove(MATE, 3, ({ examining }) => reports.push(examining));
  workers[0]?.answerLast();
  expect(await outcome).toMatchObject({
    kind: 'answer',
    answer: { kind: 'mate', mateInMoves: 1, keys: ['Ra8#'] },
  });
  expect(reports).toContain(1);
});

test('Stop settles at once, ends the worker, and the next question gets a fresh one', async () => {
  const { client, workers } = makeClient();
  const stopped = client.prove(MATE, 3, () => undefined);
  client.stop();
  expect(await stopped).toEqual({ kind: 'stopped' });
  expect(workers[0]?.isTerminated).toBe(true);
  const next = client.prove(MATE, 3, () => undefined);
  workers[1]?.answerLast();
  expect(await next).toMatchObject({ kind: 'answer' });
});

test("a new question stops the old one; the old one's late answer is not taken for the new one's", async () => {
  const { client, workers } = makeClient();
  const old = client.prove(MATE, 3, () => undefined);
  const next = client.prove('4k3/8/8/8/8/8/8/4K2R w - - 0 1', 1, () => undefined);
  expect(await old).toEqual({ kind: 'stopped' });
  workers[1]?.answerLast();
  expect(await next).toMatchObject({ answer: { kind: 'none', within: 1 } });
});

test('a worker that dies settles its question as failed', async () => {
  const { client, workers } = makeClient();
  const outcome = client.prove(MATE, 3, () => undefined);
  workers[0]?.onerror?.({ message: 'out of memory' });
  expect(await outcome).toEqual({ kind: 'failed', message: 'out of memory' });
});

test('an impossible position is an answer too', async () => {
  const { client, workers } = makeClient();
  const outcome = client.prove('4k3/8/8/8/8/8/8/8 w - - 0 1', 3, () => undefined);
  workers[0]?.answerLast();
  expect(await outcome).toEqual({ kind: 'answer', answer: { kind: 'not-a-position' } });
});
