import type { ProofReport } from '@/core/proof';
import type { BrowserReply, ProveAnswer } from '../protocol';

export type ProverOutcome =
  | { readonly kind: 'answer'; readonly answer: ProveAnswer }
  /** Stopped by the caller; the last report says what was proved until then. */
  | { readonly kind: 'stopped' }
  | { readonly kind: 'failed'; readonly message: string };

export interface ProverClient {
  /** Proves in a worker of its own thread; one question at a time, a new one stops the old. Always settles. */
  prove(fen: string, maxMoves: number, onReport: (report: ProofReport) => void): Promise<ProverOutcome>;
  /** Ends the running question at once: the worker is thrown away, for a busy one hears nothing. */
  stop(): void;
}

/** A prover for one page; call `stop` when leaving it. `makeWorker` starts the thread. */
export function createProverClient(makeWorker: () => Worker): ProverClient {
  let worker: Worker | undefined;
  let settle: ((outcome: ProverOutcome) => void) | undefined;
  let lastId = 0;

  function finish(outcome: ProverOutcome): void {
    const waiting = settle;
    settle = undefined;
    waiting?.(outcome);
  }

  function stop(): void {
    if (settle === undefined) return;
    worker?.terminate();
    worker = undefined;
    finish({ kind: 'stopped' });
  }

  return {
    stop,
    prove(fen, maxMoves, onReport) {
      stop();
      lastId += 1;
      const id = lastId;
      worker ??= makeWorker();
      const thread = worker;
      return new Promise((resolve) => {
        settle = resolve;
        thread.onmessage = ({ data }: MessageEvent<BrowserReply>) => {
          if (data.id !== id) return;
          if (data.kind === 'progress') onReport(data.report);
          else if (data.kind === 'done') finish({ kind: 'answer', answer: data.answer });
          else finish({ kind: 'failed', message: data.message });
        };
        thread.onerror = (event) => {
          thread.terminate();
          worker = undefined;
          finish({ kind: 'failed', message: event.message });
        };
        thread.postMessage({ id, question: { kind: 'prove', fen, maxMoves } });
      });
    },
  };
}

/** Starts the web worker that computes. */
export function startProveWorker(): Worker {
  return new Worker(new URL('./proveWorker.ts', import.meta.url), { type: 'module' });
}
