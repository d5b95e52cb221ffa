'use client';
import { Button, Tabs } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { useMemo, useReducer, useState } from 'react';
import { getMan, opponentOf, type Man, type Side, type Square } from '@/core/board';
import { makeFen, parseFenLetter, type MoveText } from '@/core/notation';
import { checkPosition, passTurn, type PositionFault } from '@/core/rules';
import { faultText, SIDE_WORDS } from '@/text';
import { Board, SignLegend, useCarry, type Drop, type HandRules } from '@/ui/board';
import type { SetChoice } from '@/ui/forms/chosenSet';
import { AddToSet, type DeskActions } from './AddToSet';
import classes from './Desk.module.css';
import { reduceDesk, startDesk, type DeskAction } from './deskState';
import { FatesPanel } from './FatesPanel';
import { LineStepper } from './LineStepper';
import { PositionTools } from './PositionTools';
import { MATE_LIMITS, ProofPanel } from './ProofPanel';
import { betterLine, breakLine, playLine, type ShownLine } from './shownLine';
import { SolutionTree } from './SolutionTree';
import { Tray, type Tool } from './Tray';
import { useDeskSearch } from './useDeskSearch';
import { WrittenPanel } from './WrittenPanel';

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
  const [chosen, setChosen] = useState<ShownLine | undefined>();
  const search = useDeskSearch();
  const { draft } = state;
  const checked = useMemo(() => checkPosition(draft), [draft]);
  const position = checked.ok ? checked.value : undefined;
  const faults = checked.ok ? [] : checked.error;
  const fen = makeFen(draft);
  const { prover, written, fates } = search;
  const line = useMemo(() => chosen ?? provedLine(fen, prover), [chosen, fen, prover]);
  const { start, steps } = useMemo(() => (line === undefined ? NO_LINE : playLine(line)), [line]);
  const shown = steps[ply - 1]?.after ?? (ply > 0 ? (start ?? draft) : draft);
  const isHome = ply === 0;
  const fatesAt =
    fates.kind !== 'none' && 'isPassed' in fates && fates.isPassed
      ? position && passTurn(position)
      : position;

  function edit(action: DeskAction) {
    search.reset();
    setChosen(undefined);
    setPly(0);
    dispatch(action);
  }

  /** Puts a line on the board, at its end. */
  function show(next: ShownLine) {
    setChosen(next);
    setPly(next.moves.length);
  }

  const showHere = (name: string, moves: readonly MoveText[]) => show({ name, fen, moves });

  function prove() {
    if (position === undefined) return;
    setChosen(undefined);
    setPly(0);
    void search.prove(fen, maxMoves);
  }

  async function judge(text: string, claimed: number | undefined, isBlockless: boolean) {
    const answer = await search.judge(fen, text, claimed, isBlockless);
    if (answer?.kind === 'breaks') show(breakLine(answer));
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
    ['mod+Enter', prove],
    ['.', () => setPly(Math.min(steps.length, ply + 1))],
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
          trace={steps[ply - 1]?.move}
        />
      </div>
      <div className={classes.answer} aria-live="polite">
        {faults.length === 0 ? (
          <p style={{ margin: 0 }}>
            {isHome ? 'This position is possible.' : `Shown: ${line?.name ?? 'a line'}. H goes back home.`}
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
        <Tabs defaultValue="proof" className={`${classes.card} ${classes.findings}`} keepMounted={false}>
          <Tabs.List mb="sm">
            <Tabs.Tab value="proof">Proof</Tabs.Tab>
            <Tabs.Tab value="fates">Every move</Tabs.Tab>
            <Tabs.Tab value="written">Written solution</Tabs.Tab>
          </Tabs.List>
          <Tabs.Panel value="proof" className={classes.panel}>
            <ProofPanel
              turn={draft.turn}
              prover={prover}
              maxMoves={maxMoves}
              canProve={position !== undefined}
              onMaxMoves={setMaxMoves}
              onProve={prove}
              onStop={() => search.stop('prover')}
            />
            <div className={classes.pane}>
              <SolutionTree
                fen={fen}
                solution={search.solution}
                onShow={showHere}
                onStop={() => search.stop('solution')}
              />
            </div>
          </Tabs.Panel>
          <Tabs.Panel value="fates" className={classes.panel}>
            <FatesPanel
              turn={draft.turn}
              position={fatesAt}
              fates={fates}
              onAsk={(isPassed) => position !== undefined && void search.findFates(fen, isPassed)}
              onStop={() => search.stop('fates')}
              onShow={(name, moves) => fatesAt !== undefined && show({ name, fen: makeFen(fatesAt), moves })}
            />
          </Tabs.Panel>
          <Tabs.Panel value="written" className={classes.panel}>
            <WrittenPanel
              canJudge={position !== undefined}
              written={written}
              onJudge={(text, claimed, isBlockless) => void judge(text, claimed, isBlockless)}
              onStop={() => search.stop('written')}
              onBetter={showBetter(written, show)}
            />
          </Tabs.Panel>
        </Tabs>
        <LineStepper
          name={line?.name ?? 'The line'}
          words={steps.map(({ words }) => words)}
          ply={ply}
          onPly={setPly}
        />
        <AddToSet
          fen={fen}
          isProved={prover.kind === 'answer' && prover.answer.kind === 'mate'}
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

const NO_LINE: ReturnType<typeof playLine> = { start: undefined, steps: [] };

/** The proved line, as long as no other was chosen. */
function provedLine(fen: string, prover: ReturnType<typeof useDeskSearch>['prover']): ShownLine | undefined {
  if (prover.kind !== 'answer') return undefined;
  const { answer } = prover;
  if (answer.kind === 'mate') return { name: 'One longest line', fen, moves: answer.line };
  return answer.kind === 'mate-at-most'
    ? { name: 'A mate that is proved', fen, moves: answer.line }
    : undefined;
}

/** What shows the better line of a broken solution; undefined where there is none to show. */
function showBetter(
  written: ReturnType<typeof useDeskSearch>['written'],
  show: (line: ShownLine) => void,
): (() => void) | undefined {
  const broken = written.kind === 'judged' && written.answer.kind === 'breaks' ? written.answer : undefined;
  const better = broken && betterLine(broken);
  return better && (() => show(better));
}

function faultMarks(faults: readonly PositionFault[]) {
  return faults.flatMap((fault) => {
    const squares =
      'squares' in fault ? fault.squares : 'by' in fault ? fault.by : 'square' in fault ? [fault.square] : [];
    return squares.map((square) => ({ square, mark: 'fault' as const }));
  });
}
