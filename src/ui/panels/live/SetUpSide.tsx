'use client';
import { Button } from '@mantine/core';
import { SIDE_WORDS } from '@/text';
import { opponentOf } from '@/core/board';
import { Tray } from '@/ui/workbench';
import classes from './BigBoard.module.css';
import type { BoardState } from './useBoard';
import * as liveText from '@/text/screens/live';

/** Setting up in front of a class: letters on a square, or a man tapped here and then squares. */
export function SetUpSide(props: { readonly board: BoardState; readonly onDone: () => void }) {
  const { board, onDone } = props;
  return (
    <>
      <h2>{liveText.setUp}</h2>
      <div className={classes.group}>
        <Button onClick={onDone}>{liveText.done}</Button>
        <Button
          variant="default"
          onClick={() => board.edit({ kind: 'turn', turn: opponentOf(board.home.turn) })}
        >
          {liveText.moveInstead(SIDE_WORDS[opponentOf(board.home.turn)])}
        </Button>
        <Button variant="default" onClick={() => board.edit({ kind: 'clear' })}>
          {liveText.emptyBoard}
        </Button>
        <Button variant="default" onClick={() => board.edit({ kind: 'start' })}>
          {liveText.firstPosition}
        </Button>
        <Button variant="default" disabled={!board.canUndo} onClick={() => board.edit({ kind: 'undo' })}>
          {liveText.undo}
        </Button>
      </div>
      <p className={classes.soft}>{liveText.setUpKeys}</p>
      <div className={classes.tray}>
        <Tray
          tool={board.state.tool}
          isClosed={false}
          onTool={(tool) => board.dispatch({ kind: 'tool', tool })}
          onCarry={NOT_CARRIED}
        />
      </div>
    </>
  );
}

/** Men are tapped here, not dragged: the board is too far from its edge on a large screen. */
const NOT_CARRIED = () => undefined;
