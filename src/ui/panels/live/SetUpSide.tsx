'use client';
import { Button } from '@mantine/core';
import { SIDE_WORDS } from '@/text';
import { opponentOf } from '@/core/board';
import { Tray, type Tool } from '../desk/Tray';
import classes from './BigBoard.module.css';
import type { BoardState } from './useBoard';

/** Setting up in front of a class: letters on a square, or a man tapped here and then squares. */
export function SetUpSide(props: {
  readonly board: BoardState;
  readonly tool: Tool;
  readonly onTool: (tool: Tool) => void;
  readonly onDone: () => void;
}) {
  const { board, tool, onTool, onDone } = props;
  return (
    <>
      <h2>Set up</h2>
      <div className={classes.group}>
        <Button onClick={onDone}>Done</Button>
        <Button
          variant="default"
          onClick={() => board.edit({ kind: 'turn', turn: opponentOf(board.home.turn) })}
        >
          {SIDE_WORDS[opponentOf(board.home.turn)]} to move instead
        </Button>
        <Button variant="default" onClick={() => board.edit({ kind: 'clear' })}>
          Empty board
        </Button>
        <Button variant="default" onClick={() => board.edit({ kind: 'start' })}>
          First position
        </Button>
        <Button variant="default" disabled={!board.canUndo} onClick={() => board.edit({ kind: 'undo' })}>
          Undo
        </Button>
      </div>
      <p className={classes.soft}>
        Keys: a letter puts a man on the square with the frame (Shift for Black), T changes who moves, W
        empties the board, I is the first position, E is done.
      </p>
      <div className={classes.tray}>
        <Tray tool={tool} isClosed={false} onTool={onTool} onCarry={NOT_CARRIED} />
      </div>
    </>
  );
}

/** Men are tapped here, not dragged: the board is too far from its edge on a large screen. */
const NOT_CARRIED = () => undefined;
