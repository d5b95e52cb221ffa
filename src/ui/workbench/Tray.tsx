'use client';
import type { PointerEvent } from 'react';
import { getMan, ROLES, SIDES, type Man } from '@/core/board';
import { manWords } from '@/text';
import { useHouseVoice } from '@/ui/words';
import { ManPicture } from '@/ui/board';
import type { Tool } from './bench';
import classes from './Tray.module.css';
import * as deskText from '@/text/screens/desk';

/** The men beside the board: tap one, then squares; or drag it there. */
export function Tray(props: {
  readonly tool: Tool;
  /** The hand makes moves: nothing is put on the board. */
  readonly isClosed: boolean;
  readonly onTool: (tool: Tool) => void;
  readonly onCarry: (event: PointerEvent, man: Man) => void;
}) {
  const { terms } = useHouseVoice();
  const { tool, isClosed, onTool, onCarry } = props;
  const isChosen = (man: Man) => tool?.kind === 'man' && tool.man === man;
  return (
    <div className={classes.tray} role="group" aria-label={deskText.piecesToPlace}>
      {SIDES.map((side) => (
        <div className={classes.column} key={side}>
          {ROLES.toReversed().map((role) => {
            const man = getMan(side, role);
            return (
              <button
                key={role}
                type="button"
                className={classes.man}
                aria-pressed={isChosen(man)}
                aria-label={manWords(man, terms)}
                disabled={isClosed}
                onPointerDown={(event) => !isClosed && onCarry(event, man)}
                onClick={() => onTool(isChosen(man) ? undefined : { kind: 'man', man })}
              >
                <ManPicture man={man} />
              </button>
            );
          })}
        </div>
      ))}
      <button
        type="button"
        className={classes.word}
        aria-pressed={tool === undefined}
        disabled={isClosed}
        onClick={() => onTool(undefined)}
      >
        {deskText.hand}
      </button>
      <button
        type="button"
        className={classes.word}
        aria-pressed={tool?.kind === 'empty'}
        disabled={isClosed}
        onClick={() => onTool(tool?.kind === 'empty' ? undefined : { kind: 'empty' })}
      >
        {deskText.takeOff}
      </button>
    </div>
  );
}
