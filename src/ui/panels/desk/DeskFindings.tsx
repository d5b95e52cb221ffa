'use client';
import { Tabs } from '@mantine/core';
import { makeFen, type MoveText } from '@/core/notation';
import type { ForcingKind } from '@/core/proof';
import { checkPosition, passTurn, type Position } from '@/core/rules';
import * as deskText from '@/text/screens/desk';
import * as questionsText from '@/text/screens/questions';
import type { SetChoice } from '@/ui/forms/chosenSet';
import type { Bench, BoardQuestions, ShownLine } from '@/ui/workbench';
import type { DeskActions } from './AddToSet';
import { betterLine, breakLine } from './brokenLine';
import classes from './Desk.module.css';
import { FatesPanel } from './FatesPanel';
import { ForcingPanel } from './ForcingPanel';
import { ProofPanel } from './ProofPanel';
import { QuestionsPanel, type PickedQuestion } from './QuestionsPanel';
import { SolutionTree } from './SolutionTree';
import type { useDeskSearch } from './useDeskSearch';
import { WrittenPanel } from './WrittenPanel';

type Search = ReturnType<typeof useDeskSearch>;

/** What is found out of the position, one finding beside the other. */
export function DeskFindings(props: {
  readonly bench: Bench;
  readonly fen: string;
  readonly position: Position | undefined;
  readonly search: Search;
  readonly maxMoves: number;
  readonly areLooseNamesShown: boolean;
  readonly readingOrder: readonly ForcingKind[];
  readonly onMaxMoves: (moves: number) => void;
  readonly onProve: () => void;
  readonly onProveShown: () => void;
  readonly onShow: (line: ShownLine) => void;
  readonly tab: string;
  readonly onTab: (tab: string) => void;
  readonly questions: BoardQuestions;
  readonly picked: PickedQuestion | undefined;
  readonly onPick: (picked: PickedQuestion | undefined) => void;
  readonly sets: readonly SetChoice[];
  readonly actions: DeskActions;
}) {
  const { bench, fen, position, search, onShow } = props;
  const { prover, written, fates } = search;
  const isPassed = fates.kind !== 'none' && 'isPassed' in fates && fates.isPassed;
  const fatesAt = isPassed ? position && passTurn(position) : position;
  const showHere = (name: string, moves: readonly MoveText[]) => onShow({ name, fen, moves });

  async function judge(text: string, claimed: number | undefined, isBlockless: boolean) {
    const answer = await search.judge(fen, text, claimed, isBlockless);
    if (answer?.kind === 'breaks') onShow(breakLine(answer));
  }

  return (
    <Tabs
      value={props.tab}
      onChange={(tab) => tab !== null && props.onTab(tab)}
      className={`${classes.card} ${classes.findings} ${props.tab === 'questions' ? classes.questions : ''}`}
      keepMounted={false}
    >
      <Tabs.List mb="sm" className={classes.tabs}>
        <Tabs.Tab value="proof">{deskText.proof}</Tabs.Tab>
        <Tabs.Tab value="fates">{deskText.everyMove}</Tabs.Tab>
        <Tabs.Tab value="questions">{questionsText.questions}</Tabs.Tab>
        <Tabs.Tab value="forcing">{deskText.forcingMoves}</Tabs.Tab>
        <Tabs.Tab value="written">{deskText.writtenSolution}</Tabs.Tab>
      </Tabs.List>
      <Tabs.Panel value="proof" className={classes.panel}>
        <ProofPanel
          fen={fen}
          turn={bench.home.turn}
          prover={prover}
          maxMoves={props.maxMoves}
          canProve={position !== undefined}
          onMaxMoves={props.onMaxMoves}
          onProve={props.onProve}
          onProveShown={bench.isHome || !checkPosition(bench.shown).ok ? undefined : props.onProveShown}
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
          turn={bench.home.turn}
          position={fatesAt}
          fates={fates}
          onAsk={(isAskedPassed) => position !== undefined && void search.findFates(fen, isAskedPassed)}
          onStop={() => search.stop('fates')}
          onShow={(name, moves) => fatesAt !== undefined && onShow({ name, fen: makeFen(fatesAt), moves })}
        />
      </Tabs.Panel>
      <Tabs.Panel value="questions" className={classes.panel}>
        <QuestionsPanel {...props} />
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
          onBetter={showBetter(written, onShow)}
        />
      </Tabs.Panel>
    </Tabs>
  );
}

/** What shows the better line of a broken solution; undefined where there is none to show. */
function showBetter(written: Search['written'], onShow: (line: ShownLine) => void): (() => void) | undefined {
  const broken = written.kind === 'judged' && written.answer.kind === 'breaks' ? written.answer : undefined;
  const better = broken && betterLine(broken);
  return better && (() => onShow(better));
}
