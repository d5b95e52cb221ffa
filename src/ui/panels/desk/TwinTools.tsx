'use client';
import { Button } from '@mantine/core';
import { mirrorFiles, swapColours, turnQuarter, type PositionDraft } from '@/core/rules';
import { useHouseVoice } from '@/ui/words';
import classes from './Desk.module.css';
import * as deskText from '@/text/screens/desk';

/** The same lesson elsewhere: left and right, colours, a quarter-turn. */
export function TwinTools(props: {
  readonly draft: PositionDraft;
  readonly onTwin: (draft: PositionDraft) => void;
}) {
  const { draft, onTwin } = props;
  const { terms } = useHouseVoice();
  const turned = turnQuarter(draft);
  return (
    <section className={classes.twins} aria-label={deskText.twinHeading}>
      <Button variant="default" onClick={() => onTwin(mirrorFiles(draft))}>
        {deskText.leftRight}
      </Button>
      <Button variant="default" onClick={() => onTwin(swapColours(draft))}>
        {deskText.swapColours}
      </Button>
      <Button
        variant="default"
        disabled={turned === undefined}
        title={turned === undefined ? deskText.pawnsWouldWalkSideways(terms) : undefined}
        onClick={() => turned !== undefined && onTwin(turned)}
      >
        {deskText.quarterTurn}
      </Button>
    </section>
  );
}
