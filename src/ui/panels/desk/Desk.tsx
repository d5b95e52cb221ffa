'use client';
import { Button } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { useMemo, useReducer, useState } from 'react';
import { getMan, opponentOf, type Man, type Side, type Square } from '@/core/board';
import { listNumberedMoves, makeFen, parseFenLetter, parseMoveText } from '@/core/notation';
import { checkPosition, playMove, type Position, type PositionFault } from '@/core/rules';
import { faultText, SIDE_WORDS } from '@/text';
import { Board, SignLegend, useCarry, type Drop, type HandRules } from '@/ui/board';
import { AddToSet, type DeskActions, type SetChoice } from './AddToSet';
import classes from './Desk.module.css';
import { reduceDesk, startDesk, type DeskAction } from './deskState';
import { LineStepper } from './LineStepper';
import { PositionTools } from './PositionTools';
import { MATE_LIMITS, ProofPanel } from './ProofPanel';
import { Tray, type Tool } from './Tray';
import { useProver } from './useProver';

/** Anything may stand anywhere on the Desk; off the board takes a man off. */
const FREE_HAND: Pick<HandRules, 'dropResult'> = {
  dropResult: () => 'move',
};

/** The coach's bench: a position set up by hand or pasted, its mate proved, and put into a set. */
export function Desk(props: {
  /** Set up at the start; anything but a FEN starts with an empty board. */
  readonly initialFen: string;
  readonly sets: readonly SetChoice[];
  readonly actions: DeskActions;
}) {
  const [state, dispatch] = useReducer(reduceDesk, props.initialFen, startDesk);
  const [tool, setTool] = useState<Tool>();
  const [bottom, setBottom] = useState<Side>('white');
  const [maxMoves, setMaxMoves] = useState<number>(MATE_LIMITS[2]);
  const [ply, setPly] = useState(0);
  const prover = useProver();
  const { draft } = state;
  const checked = useMemo(() => checkPosition(draft), [draft]);
  const position = checked.ok ? checked.value : undefined;
  const faults = checked.ok ? [] : checked.error;
  const line = useLine(position, prover.state);
  const shown = line[ply - 1]?.after ?? draft;
  const isHome = ply === 0;

  function edit(action: DeskAction) {
    prover.reset();
    setPly(0);
    dispatch(action);
  }

  const [carriedMan, setCarriedMan] = useState<Man | undefined>();
  const carry = useCarry((square, hasMoved) => {
    if (hasMoved && square !== undefined && carriedMan !== undefined) {
      edit({ kind: 'put', square, man: carriedMan });
      setTool(undefined);
    }
  });

  const rules: HandRules = {
    ...FREE_HAND,
    canHold: (square) => isHome && draft.board[square] !== undefined,
  };

  function drop({ from, to }: Drop) {
    edit(to === undefined ? { kind: 'take', square: from } : { kind: 'move', from, to });
  }

  function press(square: Square): boolean {
    if (!isHome) return true;
    if (tool === undefined) return false;
    edit(tool.kind === 'man' ? { kind: 'put', square, man: tool.man } : { kind: 'take', square });
    return true;
  }

  function pressKey(square: Square, key: string) {
    if (!isHome) return;
    if (key === 'Delete' || key === 'Backspace') {
      edit({ kind: 'take', square });
      return;
    }
    // The letters of a FEN, but White without Shift: one hand sets up the side that is taught most.
    const man = parseFenLetter(key);
    if (man !== undefined) edit({ kind: 'put', square, man: getMan(opponentOf(man.side), man.role) });
  }

  useHotkeys([
    ['mod+Z', () => edit({ kind: 'undo' })],
    ['mod+shift+Z', () => edit({ kind: 'redo' })],
    ['mod+Enter', () => position && void prover.prove(makeFen(position), maxMoves)],
    ['.', () => setPly(Math.min(line.length, ply + 1))],
    [',', () => setPly(Math.max(0, ply - 1))],
    ['H', () => setPly(0)],
    ['Escape', () => setTool(undefined)],
  ]);

  return (
    <div className={classes.desk}>
      <div className={classes.question}>
        <h1>{SIDE_WORDS[shown.turn]} to move</h1>
        <div className={classes.sides} role="group" aria-label="Side to move">
          <Button
            variant="default"
            disabled={!isHome}
            onClick={() => edit({ kind: 'turn', turn: opponentOf(draft.turn) })}
          >
            {SIDE_WORDS[opponentOf(draft.turn)]} to move instead
          </Button>
        </div>
      </div>
      <div className={classes.tools}>
        <Tray
          tool={tool}
          onTool={setTool}
          onCarry={(event, man) => {
            setCarriedMan(man);
            carry.start(event, man, 64);
          }}
        />
        <Button variant="default" disabled={state.past.length === 0} onClick={() => edit({ kind: 'undo' })}>
          Undo
        </Button>
        <Button variant="default" onClick={() => edit({ kind: 'clear' })}>
          Clear
        </Button>
        <Button variant="default" onClick={() => edit({ kind: 'start' })}>
          Start
        </Button>
        <Button variant="default" onClick={() => setBottom(opponentOf(bottom))}>
          Turn board
        </Button>
      </div>
      <div className={classes.boardPlace}>
        <Board
          board={shown.board}
          turn={shown.turn}
          bottom={bottom}
          label="Board of the Desk"
          rules={rules}
          onDrop={drop}
          onPress={press}
          onSquareKey={pressKey}
          marks={isHome ? faultMarks(faults) : []}
          trace={line[ply - 1]?.move}
        />
      </div>
      <div className={classes.answer} aria-live="polite">
        {faults.length === 0 ? (
          <p style={{ margin: 0 }}>
            {isHome ? 'This position is possible.' : 'Shown: the line. H goes back home.'}
          </p>
        ) : (
          <ul className={classes.faults}>
            {faults.map((fault, index) => (
              <li key={index}>{faultText(fault)}</li>
            ))}
          </ul>
        )}
      </div>
      <div className={classes.side}>
        <ProofPanel
          turn={draft.turn}
          prover={prover.state}
          maxMoves={maxMoves}
          canProve={position !== undefined}
          onMaxMoves={setMaxMoves}
          onProve={() => {
            setPly(0);
            if (position !== undefined) void prover.prove(makeFen(position), maxMoves);
          }}
          onStop={prover.stop}
        />
        <LineStepper words={line.map(({ words }) => words)} ply={ply} onPly={setPly} />
        <AddToSet
          fen={makeFen(draft)}
          isProved={prover.state.kind === 'answer' && prover.state.answer.kind === 'mate'}
          sets={props.sets}
          actions={props.actions}
        />
        <section className={classes.card}>
          <PositionTools draft={draft} onEdit={edit} />
          <details>
            <summary className={classes.summary}>Keys</summary>
            <p style={{ margin: 0 }}>
              On the board: arrows go from square to square, Enter takes a man up and puts it down, k q r b n
              p put a white man, with Shift a black one, Delete takes it off. Everywhere: Ctrl+Enter proves,
              full stop and comma step through the line, H goes back home, Ctrl+Z undoes.
            </p>
          </details>
          <details>
            <summary className={classes.summary}>Signs on the board</summary>
            <SignLegend />
          </details>
        </section>
      </div>
      {carry.ghost}
    </div>
  );
}

interface LineStep {
  readonly move: { readonly from: Square; readonly to: Square };
  readonly words: string;
  readonly after: Position;
}

/** The proved line played out from the home position; empty without a mate. */
function useLine(position: Position | undefined, prover: ReturnType<typeof useProver>['state']): LineStep[] {
  return useMemo(() => {
    if (position === undefined || prover.kind !== 'answer' || prover.answer.kind !== 'mate') return [];
    const moves = prover.answer.line.flatMap((text) => parseMoveText(text) ?? []);
    const words = listNumberedMoves(position, moves);
    let current = position;
    return moves.map((move, index) => {
      current = playMove(current, move);
      return { move, words: words[index] ?? '', after: current };
    });
  }, [position, prover]);
}

function faultMarks(faults: readonly PositionFault[]) {
  return faults.flatMap((fault) => {
    const squares =
      'squares' in fault ? fault.squares : 'by' in fault ? fault.by : 'square' in fault ? [fault.square] : [];
    return squares.map((square) => ({ square, mark: 'fault' as const }));
  });
}
