'use client';
import { Button, Loader, NativeSelect } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import type { Side } from '@/core/board';
import { atMostText, blocklessText, mateText, noMateText, progressText, undecidedText } from '@/text';
import classes from './Desk.module.css';
import type { ProverState } from './useDeskSearch';
import * as deskText from '@/text/screens/desk';
import * as commonText from '@/text/screens/common';

export const MATE_LIMITS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12] as const;

/** Prove, progress, Stop, and the answer in words. Its place keeps its size whatever it shows. */
export function ProofPanel(props: {
  readonly fen: string;
  readonly turn: Side;
  readonly prover: ProverState;
  readonly maxMoves: number;
  readonly canProve: boolean;
  readonly onMaxMoves: (maxMoves: number) => void;
  readonly onProve: () => void;
  /** While another board than the home position is shown: makes it the home position and proves it. */
  readonly onProveShown: (() => void) | undefined;
  readonly onStop: () => void;
}) {
  const { turn, prover, maxMoves, canProve } = props;
  const isRunning = prover.kind === 'running';
  return (
    <div>
      <div className={classes.row}>
        <NativeSelect
          aria-label={deskText.longestMate}
          value={String(maxMoves)}
          disabled={isRunning}
          data={MATE_LIMITS.map((moves) => ({ value: String(moves), label: deskText.mateInAtMost(moves) }))}
          onChange={(event) => props.onMaxMoves(Number(event.currentTarget.value))}
        />
        {isRunning ? (
          <Button color="clay" onClick={props.onStop}>
            {commonText.stop}
          </Button>
        ) : (
          <>
            <Button disabled={!canProve} onClick={props.onProve}>
              {props.onProveShown === undefined ? deskText.prove : deskText.proveHomePosition}
            </Button>
            {props.onProveShown !== undefined && (
              <Button variant="default" onClick={props.onProveShown}>
                {deskText.proveBoardAsShown}
              </Button>
            )}
          </>
        )}
        {canProve && (
          <Button
            component={Link}
            href={`/staircase?fen=${encodeURIComponent(props.fen)}` as Route}
            variant="default"
          >
            {deskText.staircase}
          </Button>
        )}
      </div>
      <div aria-live="polite" style={{ marginTop: '0.6rem', minHeight: '3.4rem' }}>
        <ProofWords turn={turn} prover={prover} canProve={canProve} />
      </div>
    </div>
  );
}

function ProofWords({ turn, prover, canProve }: { turn: Side; prover: ProverState; canProve: boolean }) {
  switch (prover.kind) {
    case 'idle':
      return (
        <span style={{ color: 'var(--ink-soft)' }}>
          {canProve ? deskText.nothingProved : deskText.needsPossiblePosition}
        </span>
      );
    case 'running':
      return (
        <div className={classes.row} style={{ flexWrap: 'nowrap' }}>
          <Loader size="sm" aria-hidden />
          <span>
            {prover.report === undefined ? deskText.starting : progressText(prover.report, prover.ms)}
          </span>
        </div>
      );
    case 'stopped':
      return prover.report?.atMost === undefined
        ? undecidedText(turn, prover.report?.noMateWithin ?? 0)
        : atMostText(turn, prover.report.atMost, prover.report.noMateWithin, undefined);
    case 'failed':
      return deskText.browserStoppedProof;
    case 'answer':
      switch (prover.answer.kind) {
        case 'mate':
          return (
            <>
              <strong style={{ fontSize: '1.125rem' }}>
                {mateText(turn, prover.answer.mateInMoves, prover.answer.keys)}
              </strong>
              {prover.answer.mateNoBlocks !== undefined && (
                <span> {blocklessText(prover.answer.mateNoBlocks)}</span>
              )}
            </>
          );
        case 'mate-at-most': {
          const { mateInMoves, noMateWithin, key } = prover.answer;
          return atMostText(turn, mateInMoves, noMateWithin, key);
        }
        case 'none':
          return noMateText(turn, prover.answer.within);
        case 'undecided':
          return undecidedText(turn, prover.answer.noMateWithin);
        case 'not-a-position':
          return deskText.notPossible;
      }
  }
}
