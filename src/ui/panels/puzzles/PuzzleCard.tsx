import { Checkbox } from '@mantine/core';
import type { ReactNode } from 'react';
import { getPosition } from '@/core/notation';
import { SIDE_WORDS } from '@/text';
import { DiagramPicture } from '@/ui/board';
import classes from './Puzzles.module.css';
import * as puzzlesText from '@/text/screens/puzzles';

/** A puzzle that can be taken into a set: its board, whether it is chosen, and what there is to say of it. */
export function PuzzleCard(props: {
  readonly fen: string;
  /** "Puzzle", "Stair". */
  readonly noun: keyof typeof puzzlesText.CARD_WORDS;
  readonly number: number;
  readonly mateInMoves: number;
  readonly isChosen: boolean;
  readonly onChosen: (isChosen: boolean) => void;
  readonly children: ReactNode;
}) {
  const { number } = props;
  const { board, turn } = getPosition(props.fen);
  return (
    <li className={classes.card}>
      <DiagramPicture
        diagram={{ board, turn, bottom: turn }}
        title={puzzlesText.cardLabel(puzzlesText.CARD_WORDS[props.noun], number, SIDE_WORDS[turn])}
      />
      <Checkbox
        classNames={{ root: classes.choice }}
        size="md"
        label={<strong>{puzzlesText.cardTitle(number, props.mateInMoves)}</strong>}
        checked={props.isChosen}
        onChange={({ currentTarget }) => props.onChosen(currentTarget.checked)}
      />
      <p className={classes.soft}>{props.children}</p>
    </li>
  );
}
