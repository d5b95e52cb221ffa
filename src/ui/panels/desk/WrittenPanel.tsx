'use client';
import { Button, Checkbox, NumberInput, Textarea } from '@mantine/core';
import { useState } from 'react';
import { LONGEST_MATE } from '@/core/proof';
import { faultText, writtenVerdictText, type Terms } from '@/text';
import { useHouseVoice } from '@/ui/words';
import classes from './Desk.module.css';
import type { WrittenState } from './useDeskSearch';
import * as deskText from '@/text/screens/desk';
import * as commonText from '@/text/screens/common';

/** A solution as somebody has written it down: does it hold, and if not, where does it break? */
export function WrittenPanel(props: {
  readonly canJudge: boolean;
  readonly written: WrittenState;
  readonly onJudge: (line: string, claimed: number | undefined, isBlockless: boolean) => void;
  readonly onStop: () => void;
  /** Shows the better line; undefined when there is none. */
  readonly onBetter: (() => void) | undefined;
}) {
  const { terms } = useHouseVoice();
  const { canJudge, written, onJudge } = props;
  const [line, setLine] = useState('');
  const [claimed, setClaimed] = useState<number | undefined>();
  const [isBlockless, setIsBlockless] = useState(false);
  return (
    <div className={classes.finding}>
      <Textarea
        aria-label={deskText.writtenSolution}
        placeholder={deskText.writtenExample}
        autosize
        minRows={2}
        maxRows={5}
        value={line}
        onChange={(event) => setLine(event.currentTarget.value)}
      />
      <div className={classes.row} style={{ marginTop: '0.5rem' }}>
        <NumberInput
          aria-label={deskText.claimedLength}
          placeholder={deskText.mateInDots}
          w="7.5rem"
          min={1}
          max={LONGEST_MATE}
          value={claimed ?? ''}
          onChange={(value) => setClaimed(typeof value === 'number' ? value : undefined)}
        />
        <Checkbox
          size="md"
          label={deskText.withoutPointlessBlocks}
          checked={isBlockless}
          onChange={(event) => setIsBlockless(event.currentTarget.checked)}
        />
        {written.kind === 'running' ? (
          <Button color="clay" onClick={props.onStop}>
            {commonText.stop}
          </Button>
        ) : (
          <Button
            disabled={!canJudge || line.trim() === ''}
            onClick={() => onJudge(line, claimed, isBlockless)}
          >
            {deskText.check}
          </Button>
        )}
      </div>
      <div className={classes.pane} aria-live="polite">
        <p style={{ margin: '0 0 0.5rem' }}>{verdictText(written, terms)}</p>
        {props.onBetter !== undefined && (
          <Button variant="default" onClick={props.onBetter}>
            {deskText.showBetter}
          </Button>
        )}
      </div>
    </div>
  );
}

function verdictText(written: WrittenState, terms: Terms): string {
  switch (written.kind) {
    case 'none':
      return '';
    case 'running':
      return deskText.checking;
    case 'stopped':
      return deskText.stoppedChecking;
    case 'failed':
      return deskText.browserStoppedChecking;
    case 'judged':
      switch (written.answer.kind) {
        case 'unreadable':
          return faultText(written.answer.fault);
        case 'not-a-position':
          return deskText.notPossible;
        default:
          return writtenVerdictText(written.answer, terms);
      }
  }
}
