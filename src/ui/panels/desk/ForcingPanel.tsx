'use client';
import { Button } from '@mantine/core';
import { useMemo, useState } from 'react';
import { makeMoveText, makeSan, type MoveText } from '@/core/notation';
import { listForcing, type FateTable, type ForcingKind } from '@/core/proof';
import { isSameMove, type Move, type Position } from '@/core/rules';
import { countText, fateText, FORCING_WORDS } from '@/text';
import classes from './Desk.module.css';
import { LineButton } from './SolutionTree';
import type { FatesState } from './useDeskSearch';
import { useHouseVoice } from '@/ui/words';
import * as deskText from '@/text/screens/desk';
import * as commonText from '@/text/screens/common';

/**
 * The forcing moves in the club's order, one after another: the move first, what becomes of it when the class has guessed. Each is
 * shown on the board as it is told.
 */
export function ForcingPanel(props: {
  /** Undefined without a possible position. */
  readonly position: Position | undefined;
  readonly order: readonly ForcingKind[];
  readonly fates: FatesState;
  readonly onAsk: () => void;
  readonly onStop: () => void;
  readonly onShow: (name: string, moves: readonly MoveText[]) => void;
}) {
  const { position, fates } = props;
  // A table made for the other side to move tells nothing here.
  const isOurs = (fates.kind === 'running' || fates.kind === 'ready') && !fates.isPassed;
  const table = isOurs ? fates.table : undefined;
  return (
    <div className={classes.finding}>
      <div className={classes.row}>
        {fates.kind === 'running' ? (
          <Button color="clay" onClick={props.onStop}>
            {commonText.stop}
          </Button>
        ) : (
          <Button disabled={position === undefined} onClick={props.onAsk}>
            {deskText.readForcingMoves}
          </Button>
        )}
      </div>
      <div className={classes.pane}>
        {position === undefined || table === undefined ? (
          <p className={classes.soft}>
            {fates.kind === 'running' ? deskText.lookingAtEveryMove : deskText.forcingHelp}
          </p>
        ) : (
          <Reading {...props} position={position} table={table} />
        )}
      </div>
    </div>
  );
}

function Reading(
  props: Parameters<typeof ForcingPanel>[0] & { readonly position: Position; readonly table: FateTable },
) {
  const { terms } = useHouseVoice();
  const { position, order, table, onShow } = props;
  const forcing = useMemo(() => listForcing(position), [position]);
  const [told, setTold] = useState(0);
  const moves = order.flatMap((kind) => forcing[kind]);
  const fateOf = (move: Move) => table.moves.find((one) => isSameMove(one.move, move))?.fate;

  function tellNext() {
    const next = moves[told];
    const fate = next && fateOf(next);
    if (fate !== undefined) onShow(deskText.whatItLeadsTo, fate.line.map(makeMoveText));
    setTold(told + 1);
  }

  return (
    <>
      <div className={classes.row}>
        <Button mih={44} disabled={told >= moves.length} onClick={tellNext}>
          {told === 0 ? deskText.showFirst : told < moves.length ? deskText.showNext : deskText.allShown}
        </Button>
        <Button
          variant="default"
          mih={44}
          disabled={moves.length === 0}
          onClick={() => setTold(told < moves.length ? moves.length : 0)}
        >
          {told < moves.length ? deskText.showAll : deskText.hideAgain}
        </Button>
      </div>
      {order.map((kind) => (
        <section key={kind}>
          <h3 className={classes.kind}>
            {FORCING_WORDS[kind]}:{' '}
            {forcing[kind].length === 0 ? deskText.none : countText(forcing[kind].length, 'move')}
          </h3>
          <table className={classes.fates}>
            <tbody>
              {forcing[kind].map((move) => {
                const fate = fateOf(move);
                const isTold = moves.indexOf(move) < told;
                return (
                  <tr key={makeMoveText(move)}>
                    <td>
                      <LineButton
                        isStrong
                        onClick={() =>
                          onShow(
                            deskText.forcingMove,
                            isTold && fate !== undefined ? fate.line.map(makeMoveText) : [makeMoveText(move)],
                          )
                        }
                      >
                        {makeSan(position, move)}
                      </LineButton>
                    </td>
                    <td>
                      {isTold ? (
                        fate && fateText(position.turn, fate, terms)
                      ) : (
                        <span className={classes.soft}>?</span>
                      )}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </section>
      ))}
    </>
  );
}
