'use client';
import { useEffect, useMemo, useState } from 'react';
import type { ProofReport } from '@/core/proof';
import type { PositionDraft } from '@/core/rules';
import { createProverClient, startProveWorker } from '@/workers/browser';
import type { ProveAnswer } from '@/workers/protocol';

export type ProverState =
  | { readonly kind: 'idle' }
  | { readonly kind: 'running'; readonly report: ProofReport | undefined }
  | { readonly kind: 'answer'; readonly answer: ProveAnswer }
  /** What had been excluded when Stop came. */
  | { readonly kind: 'stopped'; readonly noMateWithin: number }
  | { readonly kind: 'failed' };

/** The page's one prover, in a worker of its own; leaving the page ends it. */
export function useProver() {
  const [state, setState] = useState<ProverState>({ kind: 'idle' });
  const client = useMemo(() => createProverClient(startProveWorker), []);
  useEffect(() => () => client.stop(), [client]);

  async function prove(position: PositionDraft, maxMoves: number): Promise<void> {
    let last: ProofReport | undefined;
    setState({ kind: 'running', report: undefined });
    const outcome = await client.prove(position, maxMoves, (report) => {
      last = report;
      setState({ kind: 'running', report });
    });
    switch (outcome.kind) {
      case 'answer':
        return setState(outcome);
      case 'stopped':
        return setState({ kind: 'stopped', noMateWithin: last?.noMateWithin ?? 0 });
      case 'failed':
        return setState({ kind: 'failed' });
    }
  }

  /** Forgets the answer, for the position has changed; ends a running proof. */
  function reset(): void {
    client.stop();
    setState({ kind: 'idle' });
  }

  return { state, prove, stop: client.stop, reset };
}
