import type { BrowserReply, BrowserRequest, Progress, Question } from '../protocol';
import { answerQuestion } from '../tasks';
import { createSearchClient } from './searchClient';

const MATE = '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1';
const LONE_ROOK = '4k3/8/8/8/8/8/8/4K2R w - - 0 1';
const ask = (fen: string, maxMoves = 3): Question => ({ kind: 'prove', fen, maxMoves });

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
    const answer = answerQuestion(request.question, (progress) => {
      reply({ id: request.id, kind: 'progress', progress });
      return 'go';
    });
    reply({ id: request.id, kind: 'done', answer });
  }
}

function makeClient() {
  const workers: FakeWorker[] = [];
  const client = createSearchClient(() => {
    const worker = new FakeWorker();
    workers.push(worker);
    return worker as unknown as Worker;
  });
  return { client, workers };
}

test('an answer survives the message, and progress comes before it with its time', async () => {
  const { client, workers } = makeClient();
  const heard: Progress[] = [];
  const { outcome } = client.ask(ask(MATE), (progress) => heard.push(progress));
  workers[0]?.answerLast();
  expect(await outcome).toMatchObject({
    kind: 'answer',
    answer: { kind: 'mate', mateInMoves: 1, keys: ['Ra8#'] },
  });
  expect(heard[0]).toMatchObject({
    kind: 'proof',
    report: { examining: 1 },
    ms: expect.any(Number) as number,
  });
});

test('several questions wait for each other in one thread', async () => {
  const { client, workers } = makeClient();
  const first = client.ask(ask(MATE));
  const second = client.ask({ kind: 'fates', fen: MATE, plies: 2, isPassed: false });
  expect(workers[0]?.requests).toHaveLength(1);
  workers[0]?.answerLast();
  workers[0]?.answerLast();
  expect(await first.outcome).toMatchObject({ answer: { kind: 'mate' } });
  expect(await second.outcome).toMatchObject({ answer: { kind: 'fates' } });
  expect(workers).toHaveLength(1);
});

test('Stop settles at once, ends the thread, and the question behind it gets a fresh one', async () => {
  const { client, workers } = makeClient();
  const stopped = client.ask(ask(MATE));
  const next = client.ask(ask(LONE_ROOK, 1));
  stopped.stop();
  expect(await stopped.outcome).toEqual({ kind: 'stopped' });
  expect(workers[0]?.isTerminated).toBe(true);
  workers[1]?.answerLast();
  expect(await next.outcome).toMatchObject({ answer: { kind: 'none', within: 1 } });
});

test('a question that waits can be taken back without disturbing the one that runs', async () => {
  const { client, workers } = makeClient();
  const running = client.ask(ask(MATE));
  const waiting = client.ask(ask(LONE_ROOK));
  waiting.stop();
  expect(await waiting.outcome).toEqual({ kind: 'stopped' });
  expect(workers[0]?.isTerminated).toBe(false);
  workers[0]?.answerLast();
  expect(await running.outcome).toMatchObject({ answer: { kind: 'mate' } });
});

test('leaving the page stops everything', async () => {
  const { client } = makeClient();
  const asked = [client.ask(ask(MATE)), client.ask(ask(LONE_ROOK))];
  client.stopAll();
  const outcomes = await Promise.all(asked.map(({ outcome }) => outcome));
  expect(outcomes.map(({ kind }) => kind)).toEqual(['stopped', 'stopped']);
});

test('a thread that dies settles its question as failed', async () => {
  const { client, workers } = makeClient();
  const { outcome } = client.ask(ask(MATE));
  workers[0]?.onerror?.({ message: 'out of memory' });
  expect(await outcome).toEqual({ kind: 'failed', message: 'out of memory' });
});
