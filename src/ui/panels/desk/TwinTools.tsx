'use client';
import { Button } from '@mantine/core';
import { mirrorFiles, swapColours, turnQuarter, type PositionDraft } from '@/core/rules';
import classes from './Desk.module.css';
import * as deskText from '@/text/screens/desk';

/** The same lesson elsewhere: left and right, colours, a quarter-turn. */
export function TwinTools(props: {
  readonly draft: PositionDraft;
  readonly onTwin: (draft: PositionDraft) => void;
}) {
  const { draft, onTwin } = props;
  const turned = turnQuarter(draft);
  return (
    <section className={classes.twins} aria-label={deskText.twinPosition}>
      <Button variant="default" onClick={() => onTwin(mirrorFiles(draft))}>
        {deskText.leftRight}
      </Button>
      <Button variant="default" onClick={() => onTwin(swapColours(draft))}>
        {deskText.swapColours}
      </Button>
      <Button
        variant="default"
        disabled={turned === undefined}
        title={turned === undefined ? deskText.pawnsWouldWalkSideways : undefined}
        onClick={() => turned !== undefined && onTwin(turned)}
      >
        {deskText.quarterTurn}
      </Button>
    </section>
  );
}
