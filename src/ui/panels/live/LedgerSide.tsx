'use client';
import type { ValueScale } from '@/core/board';
import type { PositionDraft } from '@/core/rules';
import { ledgerText } from '@/text';
import type { StudyStep } from '@/ui/workbench';
import classes from './BigBoard.module.css';
import * as liveText from '@/text/screens/live';

/** The points through a line, up to what is shown: each move, and who is ahead then. */
export function LedgerSide(props: {
  readonly home: PositionDraft;
  readonly steps: readonly StudyStep[];
  readonly ply: number;
  readonly values: ValueScale;
}) {
  const { home, steps, ply, values } = props;
  return (
    <>
      <h2>{liveText.points}</h2>
      <ol className={classes.ledger} aria-live="polite">
        <li>
          <span>{liveText.home}</span>
          <strong>{ledgerText(home.board, values)}</strong>
        </li>
        {steps.slice(0, ply).map(({ words, after }, index) => (
          <li key={index}>
            <span>{words}</span>
            <strong>{ledgerText(after.board, values)}</strong>
          </li>
        ))}
      </ol>
    </>
  );
}
