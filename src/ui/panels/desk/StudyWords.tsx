'use client';
import { Checkbox } from '@mantine/core';
import { handFaultText } from '@/text';
import classes from './Desk.module.css';
import type { Refusal } from '@/ui/workbench';
import { useHouseVoice } from '@/ui/words';
import * as deskText from '@/text/screens/desk';

/** What is said under the board while moves are made by hand: the last move, or why one is not allowed. */
export function StudyWords(props: {
  readonly refusal: Refusal | undefined;
  readonly said: string | undefined;
  /** What stands on the board: check, mate, a draw; empty while nothing of these does. */
  readonly state: string;
  readonly isHome: boolean;
  readonly isTurnFixed: boolean;
  readonly onTurnFixed: (isFixed: boolean) => void;
}) {
  const { terms } = useHouseVoice();
  const { refusal, said, state, isHome, isTurnFixed, onTurnFixed } = props;
  const words =
    refusal !== undefined
      ? deskText.pieceGoesBack(handFaultText(refusal.place, refusal.fault, terms))
      : isHome || said === undefined
        ? deskText.studyHelp
        : deskText.homeKey(said, state === '' ? '' : ` ${state}`);
  return (
    <div className={classes.study}>
      <p>{words}</p>
      <Checkbox
        label={deskText.sideToMoveStays}
        checked={isTurnFixed}
        onChange={(event) => onTurnFixed(event.currentTarget.checked)}
      />
    </div>
  );
}
