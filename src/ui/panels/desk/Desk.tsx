'use client';
import { useHotkeys } from '@mantine/hooks';
import { useMemo, useReducer, useState } from 'react';
import type { ClubPattern } from '@/contracts/clubPatterns';
import { opponentOf, type Side } from '@/core/board';
import { makeFen } from '@/core/notation';
import type { NotationWays, Scale } from '@/core/exercises';
import type { ForcingKind } from '@/core/proof';
import { checkPosition, findBoardState, isCheckmate, type PositionFault } from '@/core/rules';
import { boardStateText } from '@/text';
import * as deskText from '@/text/screens/desk';
import { Board, SignLegend } from '@/ui/board';
import type { SetChoice } from '@/ui/forms/chosenSet';
import { useHouseVoice } from '@/ui/words';
import {
  marksInHand,
  reduceBench,
  squaresOfRefusal,
  startBench,
  startPosition,
  useBench,
  type Bench,
  useBoardQuestions,
  usePastedPosition,
  useSight,
  type Hand,
  type Refusal,
  type ShownLine,
} from '@/ui/workbench';
import { AddToSet, type DeskActions } from './AddToSet';
import { ClubMateCard } from './ClubMateCard';
import classes from './Desk.module.css';
import { DeskAnswer } from './DeskAnswer';
import { DeskFindings } from './DeskFindings';
import { DeskHead } from './DeskHead';
import { DeskTools } from './DeskTools';
import { LineStepper } from './LineStepper';
import { PositionTools } from './PositionTools';
import { listPickedMarks, type PickedQuestion } from './QuestionsPanel';
import { MATE_LIMITS } from './ProofPanel';
import { StudyWords } from './StudyWords';
import { TwinTools } from './TwinTools';
import { useDeskSearch } from './useDeskSearch';

interface DeskProps {
  /** Set up at the start; anything but a FEN starts with an empty board. */
  readonly initialFen: string;
  readonly clubPatterns: readonly ClubPattern[];
  readonly areLooseNamesShown: boolean;
  readonly readingOrder: readonly ForcingKind[];
  readonly sets: readonly SetChoice[];
  readonly values: Scale;
  readonly ways: NotationWays | undefined;
  readonly actions: DeskActions;
}

/** The bench of the Desk with what is found out of its position: what is set up is the home position, the proved line its line. */
function useDesk({ initialFen, clubPatterns }: DeskProps) {
  const [state, dispatch] = useReducer(reduceBench, initialFen, (fen) =>
    startBench({ hand: 'sets-up', setUp: startPosition(fen) }),
  );
  const [maxMoves, setMaxMoves] = useState<number>(MATE_LIMITS[2]);
  const [isTurnFixed, setIsTurnFixed] = useState(false);
  const search = useDeskSearch(clubPatterns);
  const home = state.setUp.draft;
  const fen = makeFen(home);
  const checked = useMemo(() => checkPosition(home), [home]);
  const line = useMemo(() => provedLine(fen, search.prover), [fen, search.prover]);
  const turn = isTurnFixed ? home.turn : undefined;
  const bench = useBench(state, dispatch, { home, line, turn, onEdit: search.reset });
  return {
    state,
    dispatch,
    bench,
    search,
    fen,
    position: checked.ok ? checked.value : undefined,
    faults: checked.ok ? [] : checked.error,
    maxMoves,
    setMaxMoves,
    isTurnFixed,
    setIsTurnFixed,
    show: (next: ShownLine) => dispatch({ kind: 'show', line: next }),
    prove: () => {
      if (!checked.ok) return;
      dispatch({ kind: 'forget' });
      void search.prove(fen, maxMoves);
    },
    /** The board that is shown becomes the home position; Undo brings the one before it back. */
    proveShown: () => {
      bench.edit({ kind: 'load', draft: bench.shown });
      void search.prove(makeFen(bench.shown), maxMoves);
    },
  };
}

/** Which finding is open, and the questions of the board that is shown while theirs is. */
function useDeskQuestions(bench: Bench, club: Pick<DeskProps, 'values' | 'ways'>) {
  const [tab, setTab] = useState('proof');
  const [lastPicked, setPicked] = useState<PickedQuestion>();
  const isOpen = tab === 'questions';
  const questions = useBoardQuestions(bench, isOpen, club);
  // A question is about the board it was picked on.
  const picked = isOpen && lastPicked?.fen === questions.fen ? lastPicked : undefined;
  const chosen = isOpen ? questions.chosen.map((square) => ({ square, mark: 'chosen' as const })) : [];
  return {
    tab,
    onTab: setTab,
    questions,
    picked,
    onPick: (next: PickedQuestion | undefined) => {
      questions.stopChoosing();
      setPicked(next);
    },
    marks: picked === undefined ? chosen : listPickedMarks(picked),
  };
}

/** The coach's bench: a position set up by hand or pasted, its mate proved, and put into a set. */
export function Desk(props: DeskProps) {
  const { terms } = useHouseVoice();
  const desk = useDesk(props);
  const { state, dispatch, bench, fen, position, faults, search } = desk;
  const [bottom, setBottom] = useState<Side>('white');
  const look = useSight(bench.shown, props.values);
  const asking = useDeskQuestions(bench, props);
  const { questions } = asking;
  const isMoving = state.hand === 'moves';
  const { shown, steps, ply, isHome } = bench;
  const takeHand = (hand: Hand) => dispatch({ kind: 'hand', hand });
  const isMated = isHome && position !== undefined && isCheckmate(position);

  const pasteFault = usePastedPosition(shown, (draft) => bench.edit({ kind: 'load', draft }));
  useHotkeys([
    ['mod+Z', () => bench.edit({ kind: 'undo' })],
    ['mod+shift+Z', () => bench.edit({ kind: 'redo' })],
    ['mod+Enter', desk.prove],
    ['.', () => bench.toPly(ply + 1)],
    [',', () => bench.toPly(ply - 1)],
    ['H', () => bench.toPly(0)],
    ['M', () => takeHand(isMoving ? 'sets-up' : 'moves')],
    [
      'Escape',
      () => {
        look.end();
        dispatch({ kind: 'tool', tool: undefined });
      },
    ],
  ]);

  return (
    <div className={classes.desk}>
      <DeskHead bench={bench} hand={state.hand} onHand={takeHand} />
      <DeskTools
        state={state}
        onTool={(tool) => dispatch({ kind: 'tool', tool })}
        onEdit={bench.edit}
        onTurnBoard={() => setBottom(opponentOf(bottom))}
        look={look}
      />
      <div className={classes.boardPlace}>
        <Board
          {...bench.forBoard}
          board={shown.board}
          turn={shown.turn}
          bottom={bottom}
          label={deskText.boardLabel}
          onPress={(square) => {
            if (look.isWaiting) look.tap(square);
            else if (questions.isChoosing) questions.choose(square);
            else return bench.forBoard.onPress(square);
            return true;
          }}
          marks={[
            ...markedSquares(isMoving ? bench.refusal : undefined, isHome && !isMoving ? faults : []),
            ...asking.marks,
            ...(look.seen?.marks ?? []),
          ]}
          {...marksInHand(state, bench)}
          arrows={look.seen?.arrows ?? []}
          trace={steps[ply - 1]?.move}
        />
      </div>
      <div className={classes.answer} aria-live="polite">
        {pasteFault !== '' && (
          <p role="alert" className={classes.pasteFault}>
            {pasteFault}
          </p>
        )}
        {look.seen !== undefined || look.isWaiting ? (
          <p style={{ margin: 0 }}>{look.seen?.text ?? deskText.tapToSee}</p>
        ) : isMoving ? (
          <StudyWords
            refusal={bench.refusal}
            said={steps[ply - 1]?.words}
            state={boardStateText(findBoardState(shown), terms)}
            isHome={isHome}
            isTurnFixed={desk.isTurnFixed}
            onTurnFixed={desk.setIsTurnFixed}
          />
        ) : (
          <DeskAnswer {...props} bench={bench} position={position} faults={faults} />
        )}
      </div>
      <div className={classes.side}>
        <DeskFindings
          {...props}
          bench={bench}
          fen={fen}
          position={position}
          search={search}
          maxMoves={desk.maxMoves}
          onMaxMoves={desk.setMaxMoves}
          onProve={desk.prove}
          onProveShown={desk.proveShown}
          onShow={desk.show}
          {...asking}
        />
        <LineStepper
          name={state.byHand.length > 0 ? deskText.movesByHand : (bench.line?.name ?? deskText.line)}
          words={steps.map(({ words }) => words)}
          ply={ply}
          onPly={bench.toPly}
        />
        {asking.tab !== 'questions' && (
          <AddToSet
            key={`set ${fen}`}
            what={{
              label: deskText.addToSet,
              isReady: search.prover.kind === 'answer' && search.prover.answer.kind === 'mate',
              waitsFor: deskText.proveMateFirst,
              add: (setId) => props.actions.addPuzzle({ setId, fen }),
            }}
            sets={props.sets}
            addSet={props.actions.addSet}
          />
        )}
        {isMated && <ClubMateCard key={fen} mated={position} onAdd={props.actions.addClubPattern} />}
        <section className={classes.card}>
          <TwinTools draft={bench.home} onTwin={(twin) => bench.edit({ kind: 'load', draft: twin })} />
          <PositionTools draft={bench.home} onEdit={bench.edit} />
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
    </div>
  );
}

/** The proved line, as long as no other was chosen. */
function provedLine(fen: string, prover: ReturnType<typeof useDeskSearch>['prover']): ShownLine | undefined {
  if (prover.kind !== 'answer') return undefined;
  const { answer } = prover;
  if (answer.kind === 'mate') return { name: deskText.longestLine, fen, moves: answer.line };
  return answer.kind === 'mate-at-most' ? { name: deskText.provedMate, fen, moves: answer.line } : undefined;
}

function markedSquares(refusal: Refusal | undefined, faults: readonly PositionFault[]) {
  const refused = refusal === undefined ? [] : squaresOfRefusal(refusal);
  const faulty = faults.flatMap((fault) =>
    'squares' in fault ? fault.squares : 'by' in fault ? fault.by : 'square' in fault ? [fault.square] : [],
  );
  return [...refused, ...faulty].map((square) => ({ square, mark: 'fault' as const }));
}
