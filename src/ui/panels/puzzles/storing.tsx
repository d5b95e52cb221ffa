import { Button, Progress } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import { useRef, useState } from 'react';
import type { Result } from '@/core/shared';
import type { AddPuzzle } from '@/ui/forms/storePuzzles';
import { storePuzzles } from '@/ui/forms/storePuzzles';
import classes from './Puzzles.module.css';
import * as puzzlesText from '@/text/screens/puzzles';

interface Stored {
  readonly setId: number;
  /** What has been done, in a sentence. */
  readonly said: string;
}

type StoringState =
  | { readonly kind: 'idle' }
  | { readonly kind: 'running'; readonly done: number; readonly of: number }
  | { readonly kind: 'failed'; readonly fault: string }
  | ({ readonly kind: 'stored' } & Stored);

/** Puts puzzles into a set, with progress, Stop and what came of it. */
export function useStoring(addPuzzle: AddPuzzle) {
  const [state, setState] = useState<StoringState>({ kind: 'idle' });
  // Asked between two puzzles: the one under way is stored whole.
  const isStopAsked = useRef(false);

  /** `work` stores through the function it gets; its fault is a sentence. */
  async function run(
    of: number,
    work: (
      store: (
        setId: number,
        fens: readonly string[],
        noun: keyof typeof puzzlesText.STORED_WORDS,
      ) => Promise<Result<number, string>>,
    ) => Promise<Result<Stored, string>>,
  ): Promise<void> {
    isStopAsked.current = false;
    setState({ kind: 'running', done: 0, of });
    try {
      const result = await work((setId, fens, noun) =>
        storePuzzles(
          addPuzzle,
          { setId, fens, noun },
          (done) => setState({ kind: 'running', done, of }),
          () => isStopAsked.current,
        ),
      );
      setState(result.ok ? { kind: 'stored', ...result.value } : { kind: 'failed', fault: result.error });
    } catch {
      // A server action rejects when the network or the server is away; what was stored stays stored once.
      const fault = puzzlesText.noAnswerNothingLost;
      setState({ kind: 'failed', fault });
    }
  }
  function stop(): void {
    isStopAsked.current = true;
  }
  return { state, run, stop };
}

/** How far the storing is, and what came of it. */
export function StoringStatus({
  state,
  stop,
  noun,
}: Omit<ReturnType<typeof useStoring>, 'run'> & { readonly noun: keyof typeof puzzlesText.STORED_WORDS }) {
  return (
    <div className={classes.said} role="status">
      {state.kind === 'running' && (
        <>
          <Progress value={(100 * state.done) / Math.max(1, state.of)} aria-label={puzzlesText.storedSoFar} />
          {puzzlesText.provingEach(puzzlesText.STORED_WORDS[noun], state.done, state.of)}
          <Button size="compact-md" mih={44} color="clay" onClick={stop}>
            {puzzlesText.stopStoring}
          </Button>
        </>
      )}
      {state.kind === 'failed' && state.fault}
      {state.kind === 'stored' && (
        <>
          {state.said} <Link href={`/sets/${state.setId}` as Route}>{puzzlesText.openSet}</Link>
        </>
      )}
    </div>
  );
}
