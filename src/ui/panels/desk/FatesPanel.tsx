'use client';
import { Button, Loader } from '@mantine/core';
import { opponentOf, type Side } from '@/core/board';
import { makeMoveText, makeSan, type MoveText } from '@/core/notation';
import type { FateTable } from '@/core/proof';
import type { Position } from '@/core/rules';
import { fateText, SIDE_WORDS } from '@/text';
import classes from './Desk.module.css';
import { LineButton } from './SolutionTree';
import type { FatesState } from './useDeskSearch';
import { useHouseVoice } from '@/ui/words';
import * as deskText from '@/text/screens/desk';
import * as commonText from '@/text/screens/common';

/** What becomes of every legal move, best first; deeper tables replace shallower ones while one looks. */
export function FatesPanel(props: {
  readonly turn: Side;
  /** The position the table is about; undefined without one. */
  readonly position: Position | undefined;
  readonly fates: FatesState;
  readonly onAsk: (isPassed: boolean) => void;
  readonly onStop: () => void;
  readonly onShow: (name: string, moves: readonly MoveText[]) => void;
}) {
  const { fates, position, turn } = props;
  const isRunning = fates.kind === 'running';
  return (
    <div className={classes.finding}>
      <div className={classes.row}>
        {isRunning ? (
          <Button color="clay" miw="12.2rem" onClick={props.onStop}>
            {commonText.stop}
          </Button>
        ) : (
          <Button miw="12.2rem" disabled={position === undefined} onClick={() => props.onAsk(false)}>
            {deskText.lookAtEveryMove}
          </Button>
        )}
        <Button
          variant="default"
          disabled={position === undefined || isRunning}
          onClick={() => props.onAsk(true)}
        >
          {deskText.ifCouldMove(SIDE_WORDS[opponentOf(turn)])}
        </Button>
      </div>
      <div className={classes.pane} aria-live="off">
        <Body {...props} />
      </div>
    </div>
  );
}

function Body(props: Parameters<typeof FatesPanel>[0]) {
  const { fates, turn } = props;
  switch (fates.kind) {
    case 'none':
      return <p className={classes.soft}>{deskText.everyMoveHelp}</p>;
    case 'in-check':
      return <p>{deskText.noMoveInCheck(SIDE_WORDS[turn])}</p>;
    case 'failed':
      return <p>{deskText.browserStopped}</p>;
    case 'running':
    case 'ready':
      return (
        <>
          <p className={classes.row} style={{ margin: '0 0 0.3rem' }}>
            {fates.kind === 'running' && <Loader size="xs" aria-hidden />}
            <span>{headText(fates, turn)}</span>
          </p>
          {fates.table !== undefined && <Rows {...props} table={fates.table} />}
        </>
      );
  }
}

function headText(
  { kind, table, isPassed }: Extract<FatesState, { kind: 'running' | 'ready' }>,
  turn: Side,
): string {
  const whose = isPassed ? deskText.ifCouldMove(SIDE_WORDS[opponentOf(turn)]) : deskText.everyMove;
  if (table === undefined) return deskText.beginning(whose);
  return deskText.seenDeep(whose, table.seenPlies, kind === 'running');
}

function Rows(props: Parameters<typeof FatesPanel>[0] & { readonly table: FateTable }) {
  const { terms } = useHouseVoice();
  const { position, table, onShow } = props;
  if (position === undefined) return null;
  return (
    <table className={classes.fates}>
      <tbody>
        {table.moves.map(({ move, fate }) => (
          <tr key={makeMoveText(move)}>
            <td>
              <LineButton
                isStrong
                onClick={() => onShow(deskText.whatItLeadsTo, fate.line.map(makeMoveText))}
              >
                {makeSan(position, move)}
              </LineButton>
            </td>
            <td>{fateText(position.turn, fate, terms)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
