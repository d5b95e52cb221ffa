'use client';
import { Button } from '@mantine/core';
import { mirrorFiles, swapColours, turnQuarter, type PositionDraft } from '@/core/rules';
import classes from './Desk.module.css';

/** The same lesson elsewhere: left and right, colours, a quarter-turn. */
export function TwinTools(props: {
  readonly draft: PositionDraft;
  readonly onTwin: (draft: PositionDraft) => void;
}) {
  const { draft, onTwin } = props;
  const turned = turnQuarter(draft);
  return (
    <section className={classes.twins} aria-label="A twin of this position">
      <Button variant="default" onClick={() => onTwin(mirrorFiles(draft))}>
        Left and right
      </Button>
      <Button variant="default" onClick={() => onTwin(swapColours(draft))}>
        Swap colours
      </Button>
      <Button
        variant="default"
        disabled={turned === undefined}
        title={turned === undefined ? 'Pawns would walk sideways.' : undefined}
        onClick={() => turned !== undefined && onTwin(turned)}
      >
        Quarter-turn
      </Button>
    </section>
  );
}
