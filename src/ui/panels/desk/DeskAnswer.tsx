'use client';
import type { ClubPattern } from '@/contracts/clubPatterns';
import { defineClubPattern, matchPatterns } from '@/core/patterns';
import { findBoardState, isCheckmate, type Position, type PositionFault } from '@/core/rules';
import { boardStateText, faultText, mateNamedText } from '@/text';
import * as deskText from '@/text/screens/desk';
import { useHouseVoice } from '@/ui/words';
import type { Bench } from '@/ui/workbench';
import classes from './Desk.module.css';

/** What is said below the board of a position that is set up: what is wrong with it, what it is, or which line is shown. */
export function DeskAnswer(props: {
  readonly bench: Bench;
  readonly position: Position | undefined;
  readonly faults: readonly PositionFault[];
  readonly areLooseNamesShown: boolean;
  readonly clubPatterns: readonly ClubPattern[];
}) {
  const { bench, position, faults } = props;
  const { terms } = useHouseVoice();
  if (faults.length > 0) {
    return (
      <ul className={classes.faults}>
        {faults.map((fault, index) => (
          <li key={index}>{faultText(fault)}</li>
        ))}
      </ul>
    );
  }
  const text = !bench.isHome
    ? deskText.shownLine(bench.line?.name ?? deskText.aLine)
    : position !== undefined && isCheckmate(position)
      ? mateNamedText(position, props.areLooseNamesShown, listClubNames(position, props.clubPatterns), terms)
      : deskText.possible(boardStateText(findBoardState(bench.home), terms)).trim();
  return <p style={{ margin: 0 }}>{text}</p>;
}

/** What the club calls the mate on the board. */
function listClubNames(mated: Position, patterns: readonly ClubPattern[]): string[] {
  const own = patterns.map(({ name, picture }) => defineClubPattern(name, picture));
  return matchPatterns(mated, own).map(({ id }) => id);
}
