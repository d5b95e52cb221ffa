'use client';
import { Button, SegmentedControl } from '@mantine/core';
import { opponentOf } from '@/core/board';
import { SIDE_WORDS } from '@/text';
import * as deskText from '@/text/screens/desk';
import type { Bench, Hand } from '@/ui/workbench';
import classes from './Desk.module.css';

/** Whose move it is, and what the hand does. */
export function DeskHead(props: {
  readonly bench: Bench;
  readonly hand: Hand;
  readonly onHand: (hand: Hand) => void;
}) {
  const { bench, hand, onHand } = props;
  return (
    <div className={classes.question}>
      <h1>{deskText.toMove(SIDE_WORDS[bench.shown.turn])}</h1>
      <SegmentedControl
        aria-label={deskText.handMode}
        className={classes.hand ?? ''}
        value={hand}
        onChange={(value) => onHand(value === 'moves' ? 'moves' : 'sets-up')}
        data={[
          { value: 'sets-up', label: deskText.setUp },
          { value: 'moves', label: deskText.makeMoves },
        ]}
      />
      <div className={classes.sides} role="group" aria-label={deskText.sideToMove}>
        <Button
          variant="default"
          disabled={!bench.isHome}
          onClick={() => bench.edit({ kind: 'turn', turn: opponentOf(bench.home.turn) })}
        >
          {deskText.moveInstead(SIDE_WORDS[opponentOf(bench.shown.turn)])}
        </Button>
      </div>
    </div>
  );
}
