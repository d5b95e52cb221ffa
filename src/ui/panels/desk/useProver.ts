'use client';
import { useEffect, useMemo, useState } from 'react';
import type { ProofReport } from '@/core/proof';
import { createProverClient, startProveWorker, type ProverOutcome } from '@/workers/browser';
import type { ProveAnswer } from '@/workers/protocol';

export type ProverState =
  | { readonly kind: 'idle' }
  | { readonly kind: 'running'; readonly report: ProofReport | undefined }
  | { readonly kind: 'answer'; readonly answer: ProveAnswer }
  /** What had been excluded when Stop came. */
  | { readonly kind: 'stopped'; readonly noMateWithin: number }
  | { readonly kind: 'failed' };

function stateOf(outcome: Exclude<ProverOutcome, { kind: 'stopped' }>): ProverState {
  return outcome.kind === 'answer' ? outcome : { kind: 'failed' };
}

/** The page's one prover, in a worker of its own; leaving the page ends it. */
export function useProver() {
  const [state, setState] = useState<ProverState>({ kind: 'idle' });
  const client = useMemo(() => createProverClient(startProveWorker), []);
  useEffect(() => () => client.stop(), [client]);

  async function prove(fen: string, maxMoves: number): Promise<void> {
    let last: ProofReport | undefined;
    setState({ kind: 'running', report: undefined });
    const outcome = await client.prove(fen, maxMoves, (report) => {
      last = report;
      setState({ kind: 'running', report });
    });
    setState(
      outcome.kind === 'stopped'
        ? { kind: 'stopped', noMateWithin: last?.noMateWithin ?? 0 }
        : stateOf(outcome),
    );
  }

  /** Forgets the answer, for the position has changed; ends a running proof. */
  function reset(): void {
    client.stop();
    setState({ kind: 'idle' });
  }

  return { state, prove, stop: () => client.stop(), reset };
}
