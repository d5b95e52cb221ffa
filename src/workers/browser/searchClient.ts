import type { AnswerTo, BrowserReply, Progress, Question } from '../protocol';

export type Outcome<Q extends Question> =
  | { readonly kind: 'answer'; readonly answer: AnswerTo<Q> }
  /** Stopped by the caller; the last progress says what was known until then. */
  | { readonly kind: 'stopped' }
  | { readonly kind: 'failed'; readonly message: string };

export interface Asked<Q extends Question> {
  /** Always settles. */
  readonly outcome: Promise<Outcome<Q>>;
  /** Ends this question at once, waiting or running. */
  stop(): void;
}

export interface SearchClient {
  /** Asks in a thread of its own; questions wait for each other in order. */
  ask<Q extends Question>(question: Q, onProgress?: (progress: Progress) => void): Asked<Q>;
  /** Ends whatever runs or waits; call it when leaving the page. */
  stopAll(): void;
}

interface Job {
  readonly id: number;
  readonly question: Question;
  readonly onProgress: (progress: Progress) => void;
  readonly settle: (outcome: Outcome<Question>) => void;
}

/**
 * One thread for a page. Stop throws the thread away, for a busy one hears no message: the question settles at once, well within
 * the 100 ms a coach would notice, and the next one gets a fresh thread. `makeWorker` starts it.
 */
export function createSearchClient(makeWorker: () => Worker): SearchClient {
  let worker: Worker | undefined;
  let running: Job | undefined;
  let waiting: Job[] = [];
  let lastId = 0;

  function finish(outcome: Outcome<Question>): void {
    const done = running;
    running = undefined;
    done?.settle(outcome);
    startNext();
  }

  function startNext(): void {
    if (running !== undefined) return;
    const [job, ...rest] = waiting;
    if (job === undefined) return;
    waiting = rest;
    running = job;
    const thread = getWorker();
    thread.postMessage({ id: job.id, question: job.question });
  }

  function getWorker(): Worker {
    if (worker !== undefined) return worker;
    const thread = makeWorker();
    worker = thread;
    thread.onmessage = ({ data }: MessageEvent<BrowserReply>) => {
      if (data.id !== running?.id) return;
      if (data.kind === 'progress') running.onProgress(data.progress);
      else if (data.kind === 'done') finish({ kind: 'answer', answer: data.answer });
      else finish({ kind: 'failed', message: data.message });
    };
    thread.onerror = (event) => {
      endThread();
      finish({ kind: 'failed', message: event.message });
    };
    return thread;
  }

  function endThread(): void {
    worker?.terminate();
    worker = undefined;
  }

  function stop(job: Job): void {
    if (running === job) {
      endThread();
      finish({ kind: 'stopped' });
    } else if (waiting.includes(job)) {
      waiting = waiting.filter((other) => other !== job);
      job.settle({ kind: 'stopped' });
    }
  }

  return {
    ask<Q extends Question>(question: Q, onProgress: (progress: Progress) => void = () => undefined) {
      lastId += 1;
      const id = lastId;
      let job: Job | undefined;
      const outcome = new Promise<Outcome<Q>>((resolve) => {
        // The reply of this id answers this question, which the wire's types cannot say.
        const settle = resolve as (outcome: Outcome<Question>) => void;
        job = { id, question, onProgress, settle };
        waiting = [...waiting, job];
      });
      startNext();
      return { outcome, stop: () => job && stop(job) };
    },
    stopAll() {
      const left = waiting;
      waiting = [];
      for (const job of left) job.settle({ kind: 'stopped' });
      if (running !== undefined) stop(running);
    },
  };
}

/** Starts the web worker that computes. */
export function startSearchWorker(): Worker {
  return new Worker(new URL('./searchWorker.ts', import.meta.url), { type: 'module' });
}
