'use client';
import { Button, SegmentedControl, Tabs } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { useMemo, useReducer, useState } from 'react';
import { getMan, opponentOf, type Man, type Side, type Square } from '@/core/board';
import { makeFen, parseFenLetter, type MoveText } from '@/core/notation';
import {
  checkPosition,
  findBoardState,
  isCheckmate,
  passTurn,
  type Position,
  type PositionFault,
} from '@/core/rules';
import type { ClubPattern } from '@/contracts/clubPatterns';
import { defineClubPattern, matchPatterns } from '@/core/patterns';
import type { ForcingKind } from '@/core/proof';
import { boardStateText, faultText, mateNamedText, SIDE_WORDS } from '@/text';
import { Board, SignLegend, useCarry, type Drop, type HandRules } from '@/ui/board';
import type { SetChoice } from '@/ui/forms/chosenSet';
import { AddToSet, type DeskActions } from './AddToSet';
import { ClubMateCard } from './ClubMateCard';
import classes from './Desk.module.css';
import { reduceDesk, startDesk, type DeskAction } from './deskState';
import { ForcingPanel } from './ForcingPanel';
import { FatesPanel } from './FatesPanel';
import { LineStepper } from './LineStepper';
import { PositionTools } from './PositionTools';
import { MATE_LIMITS, ProofPanel } from './ProofPanel';
import { betterLine, breakLine, playLine, type ShownLine } from './shownLine';
import { SolutionTree } from './SolutionTree';
import { StudyWords } from './StudyWords';
import { Tray, type Tool } from './Tray';
import { TwinTools } from './TwinTools';
import { useDeskSearch } from './useDeskSearch';
import {
  isPromotion,
  listHandMarks,
  squaresOfRefusal,
  useStudy,
  type Refusal,
  type StudyStep,
} from './useStudy';
import { WrittenPanel } from './WrittenPanel';
import { useHouseVoice } from '@/ui/words';
import * as deskText from '@/text/screens/desk';

/** The coach's bench: a position set up by hand or pasted, its mate proved, and put into a set. */
export function Desk(props: {
  /** Set up at the start; anything but a FEN starts with an empty board. */
  readonly initialFen: string;
  readonly clubPatterns: readonly ClubPattern[];
  readonly areLooseNamesShown: boolean;
  readonly readingOrder: readonly ForcingKind[];
  readonly sets: readonly SetChoice[];
  readonly actions: DeskActions;
}) {
  const { terms } = useHouseVoice();
  const [state, dispatch] = useReducer(reduceDesk, props.initialFen, startDesk);
  const [tool, setTool] = useState<Tool>();
  const [bottom, setBottom] = useState<Side>('white');
  const [maxMoves, setMaxMoves] = useState<number>(MATE_LIMITS[2]);
  const [ply, setPly] = useState(0);
  const [chosen, setChosen] = useState<ShownLine | undefined>();
  const [hand, setHand] = useState<'sets-up' | 'moves'>('sets-up');
  const [isTurnFixed, setIsTurnFixed] = useState(false);
  const study = useStudy();
  const search = useDeskSearch(props.clubPatterns);
  const { draft } = state;
  const checked = useMemo(() => checkPosition(draft), [draft]);
  const position = checked.ok ? checked.value : undefined;
  const faults = checked.ok ? [] : checked.error;
  const fen = makeFen(draft);
  const { prover, written, fates } = search;
  const line = useMemo(() => chosen ?? provedLine(fen, prover), [chosen, fen, prover]);
  const { start, steps: lineSteps } = useMemo(() => (line === undefined ? NO_LINE : playLine(line)), [line]);
  const isStudied = study.steps.length > 0;
  const steps: readonly StudyStep[] = isStudied ? study.steps : lineSteps;
  const shown = steps[ply - 1]?.after ?? (ply > 0 ? (start ?? draft) : draft);
  const isHome = ply === 0;
  const isMoving = hand === 'moves';
  // A refusal is said as long as the board it was about is shown.
  const refusal = isMoving && study.refusal?.place === shown ? study.refusal : undefined;
  const fatesAt =
    fates.kind !== 'none' && 'isPassed' in fates && fates.isPassed
      ? position && passTurn(position)
      : position;

  function edit(action: DeskAction) {
    search.reset();
    study.forget();
    setChosen(undefined);
    setPly(0);
    dispatch(action);
  }

  function goTo(next: number) {
    setPly(Math.max(0, Math.min(steps.length, next)));
  }

  /** Puts a line on the board, at its end. */
  function show(next: ShownLine) {
    study.forget();
    setChosen(next);
    setPly(next.moves.length);
  }

  const showHere = (name: string, moves: readonly MoveText[]) => show({ name, fen, moves });

  function prove() {
    if (position === undefined) return;
    study.forget();
    setChosen(undefined);
    setPly(0);
    void search.prove(fen, maxMoves);
  }

  /** The board that is shown becomes the home position; Undo brings the one before it back. */
  function proveShown() {
    edit({ kind: 'load', draft: shown });
    void search.prove(makeFen(shown), maxMoves);
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
    canHold: (square) => (isMoving || isHome) && shown.board[square] !== undefined,
    dropResult: (from, to) => (isMoving && isPromotion(shown, from, to) ? 'promotion' : 'move'),
  };

  function drop(made: Drop) {
    const { from, to } = made;
    if (!isMoving) {
      edit(to === undefined ? { kind: 'take', square: from } : { kind: 'move', from, to });
      return;
    }
    const next = study.play(shown, steps.slice(0, ply), made, isTurnFixed ? draft.turn : undefined);
    if (next !== undefined) setPly(next.length);
  }

  function press(square: Square): boolean {
    if (isMoving) return false;
    if (!isHome) return true;
    if (tool === undefined) return false;
    edit(tool.kind === 'man' ? { kind: 'put', square, man: tool.man } : { kind: 'take', square });
    return true;
  }

  function pressKey(square: Square, key: string) {
    if (!isHome || isMoving) return;
    if (key === 'Delete' || key === 'Backspace') {
      edit({ kind: 'take', square });
      return;
    }
    // The letters of a FEN, but White without Shift: one hand sets up the side that is taught most.
    const man = parseFenLetter(key);
    if (man !== undefined) edit({ kind: 'put', square, man: getMan(opponentOf(man.side), man.role) });
  }

  function chooseHand(next: 'sets-up' | 'moves') {
    setHand(next);
    setTool(undefined);
    if (next === 'sets-up') {
      study.forget();
      setPly(0);
    }
  }

  useHotkeys([
    ['mod+Z', () => edit({ kind: 'undo' })],
    ['mod+shift+Z', () => edit({ kind: 'redo' })],
    ['mod+Enter', prove],
    ['.', () => goTo(ply + 1)],
    [',', () => goTo(ply - 1)],
    ['H', () => goTo(0)],
    ['M', () => chooseHand(isMoving ? 'sets-up' : 'moves')],
    ['Escape', () => setTool(undefined)],
  ]);

  return (
    <div className={classes.desk}>
      <div className={classes.question}>
        <h1>{deskText.toMove(SIDE_WORDS[shown.turn])}</h1>
        <SegmentedControl
          aria-label={deskText.handMode}
          className={classes.hand ?? ''}
          value={hand}
          onChange={(value) => chooseHand(value === 'moves' ? 'moves' : 'sets-up')}
          data={[
            { value: 'sets-up', label: deskText.setUp },
            { value: 'moves', label: deskText.makeMoves },
          ]}
        />
        <div className={classes.sides} role="group" aria-label={deskText.sideToMove}>
          <Button
            variant="default"
            disabled={!isHome}
            onClick={() => edit({ kind: 'turn', turn: opponentOf(draft.turn) })}
          >
            {deskText.moveInstead(SIDE_WORDS[opponentOf(shown.turn)])}
          </Button>
        </div>
      </div>
      <div className={classes.tools}>
        <Tray
          tool={tool}
          isClosed={isMoving}
          onTool={setTool}
          onCarry={(event, man) => {
            setCarriedMan(man);
            carry.start(event, man, 64);
          }}
        />
        <Button variant="default" disabled={state.past.length === 0} onClick={() => edit({ kind: 'undo' })}>
          {deskText.undo}
        </Button>
        <Button variant="default" onClick={() => edit({ kind: 'clear' })}>
          {deskText.clear}
        </Button>
        <Button variant="default" onClick={() => edit({ kind: 'start' })}>
          {deskText.start}
        </Button>
        <Button variant="default" onClick={() => setBottom(opponentOf(bottom))}>
          {deskText.turnBoard}
        </Button>
      </div>
      <div className={classes.boardPlace}>
        <Board
          board={shown.board}
          turn={shown.turn}
          bottom={bottom}
          label={deskText.boardLabel}
          rules={rules}
          onDrop={drop}
          onPress={press}
          onSquareKey={pressKey}
          marks={markedSquares(refusal, isHome && !isMoving ? faults : [])}
          {...(isMoving ? { marksFor: (from: Square) => listHandMarks(shown, from) } : {})}
          trace={steps[ply - 1]?.move}
        />
      </div>
      <div className={classes.answer} aria-live="polite">
        {isMoving ? (
          <StudyWords
            refusal={refusal}
            said={steps[ply - 1]?.words}
            state={boardStateText(findBoardState(shown), terms)}
            isHome={isHome}
            isTurnFixed={isTurnFixed}
            onTurnFixed={setIsTurnFixed}
          />
        ) : faults.length === 0 ? (
          <p style={{ margin: 0 }}>
            {isHome
              ? position !== undefined && isCheckmate(position)
                ? mateNamedText(
                    position,
                    props.areLooseNamesShown,
                    listClubNames(position, props.clubPatterns),
                    terms,
                  )
                : deskText.possible(boardStateText(findBoardState(draft), terms)).trim()
              : deskText.shownLine(line?.name ?? deskText.aLine)}
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
          <Tabs.List mb="sm" className={classes.tabs}>
            <Tabs.Tab value="proof">{deskText.proof}</Tabs.Tab>
            <Tabs.Tab value="fates">{deskText.everyMove}</Tabs.Tab>
            <Tabs.Tab value="forcing">{deskText.forcingMoves}</Tabs.Tab>
            <Tabs.Tab value="written">{deskText.writtenSolution}</Tabs.Tab>
          </Tabs.List>
          <Tabs.Panel value="proof" className={classes.panel}>
            <ProofPanel
              fen={fen}
              turn={draft.turn}
              prover={prover}
              maxMoves={maxMoves}
              canProve={position !== undefined}
              onMaxMoves={setMaxMoves}
              onProve={prove}
              onProveShown={isHome || !checkPosition(shown).ok ? undefined : proveShown}
              onStop={() => search.stop('prover')}
            />
            <div className={classes.pane}>
              <SolutionTree
                fen={fen}
                solution={search.solution}
                areLooseNamesShown={props.areLooseNamesShown}
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
          <Tabs.Panel value="forcing" className={classes.panel}>
            <ForcingPanel
              key={fen}
              position={position}
              order={props.readingOrder}
              fates={fates}
              onAsk={() => position !== undefined && void search.findFates(fen, false)}
              onStop={() => search.stop('fates')}
              onShow={showHere}
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
          name={isStudied ? deskText.movesByHand : (line?.name ?? deskText.line)}
          words={steps.map(({ words }) => words)}
          ply={ply}
          onPly={goTo}
        />
        <AddToSet
          fen={fen}
          isProved={prover.kind === 'answer' && prover.answer.kind === 'mate'}
          sets={props.sets}
          actions={props.actions}
        />
        {isHome && position !== undefined && isCheckmate(position) && (
          <ClubMateCard key={fen} mated={position} onAdd={props.actions.addClubPattern} />
        )}
        <section className={classes.card}>
          <TwinTools draft={draft} onTwin={(twin) => edit({ kind: 'load', draft: twin })} />
          <PositionTools draft={draft} onEdit={edit} />
          <details>
            <summary className={classes.summary}>{deskText.keys}</summary>
            <p style={{ margin: 0 }}>{deskText.keysHelp}</p>
          </details>
          <details>
            <summary className={classes.summary}>{deskText.marksOnBoard}</summary>
            <SignLegend />
          </details>
        </section>
      </div>
      {carry.ghost}
    </div>
  );
}

/** What the club calls the mate on the board. */
function listClubNames(mated: Position, patterns: readonly ClubPattern[]): string[] {
  const own = patterns.map(({ name, picture }) => defineClubPattern(name, picture));
  return matchPatterns(mated, own).map(({ id }) => id);
}

const NO_LINE: ReturnType<typeof playLine> = { start: undefined, steps: [] };

/** The proved line, as long as no other was chosen. */
function provedLine(fen: string, prover: ReturnType<typeof useDeskSearch>['prover']): ShownLine | undefined {
  if (prover.kind !== 'answer') return undefined;
  const { answer } = prover;
  if (answer.kind === 'mate') return { name: deskText.longestLine, fen, moves: answer.line };
  return answer.kind === 'mate-at-most' ? { name: deskText.provedMate, fen, moves: answer.line } : undefined;
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

function markedSquares(refusal: Refusal | undefined, faults: readonly PositionFault[]) {
  const refused = refusal === undefined ? [] : squaresOfRefusal(refusal);
  const faulty = faults.flatMap((fault) =>
    'squares' in fault ? fault.squares : 'by' in fault ? fault.by : 'square' in fault ? [fault.square] : [],
  );
  return [...refused, ...faulty].map((square) => ({ square, mark: 'fault' as const }));
}
