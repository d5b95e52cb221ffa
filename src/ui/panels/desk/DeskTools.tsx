'use client';
import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Man } from '@/core/board';
import * as deskText from '@/text/screens/desk';
import { useCarry } from '@/ui/board';
import { Tray, type BenchState, type PositionEdit, type SightLook, type Tool } from '@/ui/workbench';
import classes from './Desk.module.css';

/** The men beside the board, tapped or carried onto it, and what is done to the whole board. */
export function DeskTools(props: {
  readonly state: BenchState;
  readonly onTool: (tool: Tool) => void;
  readonly onEdit: (edit: PositionEdit) => void;
  readonly onTurnBoard: () => void;
  readonly look: SightLook;
}) {
  const { state, onTool, onEdit, look } = props;
  const [carriedMan, setCarriedMan] = useState<Man>();
  const carry = useCarry((square, hasMoved) => {
    if (hasMoved && square !== undefined && carriedMan !== undefined) {
      onEdit({ kind: 'put', square, man: carriedMan });
      onTool(undefined);
    }
  });
  return (
    <div className={classes.tools}>
      <Tray
        tool={state.tool}
        isClosed={state.hand === 'moves'}
        onTool={onTool}
        onCarry={(event, man) => {
          setCarriedMan(man);
          carry.start(event, man, 64);
        }}
      />
      <Button
        variant="default"
        disabled={state.setUp.past.length === 0}
        onClick={() => onEdit({ kind: 'undo' })}
      >
        {deskText.undo}
      </Button>
      <Button variant="default" onClick={() => onEdit({ kind: 'clear' })}>
        {deskText.clear}
      </Button>
      <Button variant="default" onClick={() => onEdit({ kind: 'start' })}>
        {deskText.start}
      </Button>
      <Button variant="default" onClick={props.onTurnBoard}>
        {deskText.turnBoard}
      </Button>
      <Button variant="default" aria-pressed={look.isWaiting} onClick={look.togglePiece}>
        {deskText.pieceView}
      </Button>
      <Button variant="default" aria-pressed={look.isArmy} onClick={look.toggleArmy}>
        {deskText.sideView}
      </Button>
      {carry.ghost}
    </div>
  );
}
