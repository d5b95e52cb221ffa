'use client';
import { useFullscreenDocument } from '@mantine/hooks';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { BoardPage, BoardPlace } from '@/contracts/live';
import { opponentOf } from '@/core/board';
import type { ExerciseTask } from '@/core/exercises';
import type { Result } from '@/core/shared';
import { thoughtText } from '@/text';
import * as liveText from '@/text/screens/live';
import * as questionsText from '@/text/screens/questions';
import { useIsBrowser } from '@/ui/device';
import { QuestionPicker, useBoardQuestions, usePastedPosition, useSight, type Hand } from '@/ui/workbench';
import { useHouseVoice } from '@/ui/words';
import classes from './BigBoard.module.css';
import { BoardFoot, type SideName } from './BoardFoot';
import { BoardStage } from './BoardStage';
import { LedgerSide } from './LedgerSide';
import { MoreSide } from './MoreSide';
import { SaidSide } from './SaidSide';
import { SetUpSide } from './SetUpSide';
import { showBrought } from './stops';
import { useAsking, type AskActions } from './useAsking';
import { useBoard } from './useBoard';
import { useBoardKeys } from './useBoardKeys';
import { useLiveClass } from './useLiveClass';
import { useSigns } from './useSigns';

type Send<Value> = (input: unknown) => Promise<Result<Value, ServiceFault>>;

/** What a board needs of the server. */
export interface BoardActions extends AskActions {
  readonly savePlace: Send<undefined>;
  readonly end: Send<undefined>;
}

interface BigBoardProps {
  readonly page: BoardPage & { readonly live: NonNullable<BoardPage['live']> };
  readonly actions: BoardActions;
  readonly onEnded: () => void;
}

/**
 * The board in front of a class: question and board, the rest beside them when it is called. It reads the device's memory, so that a reload
 * finds what was set up; until then its room is kept.
 */
export function BigBoard(props: BigBoardProps) {
  return useIsBrowser() ? <OpenBoard {...props} /> : <div className={classes.page} />;
}

function OpenBoard({ page, actions, onEnded }: BigBoardProps) {
  const { liveId } = page.live;
  const { gathered, reading } = useLiveClass(page.classId);
  const board = useBoard(
    page,
    (place: BoardPlace) => void actions.savePlace({ liveId, place }).catch(() => undefined),
  );
  const { terms } = useHouseVoice();
  const asking = useAsking(liveId, board, gathered, actions);
  const signs = useSigns(board.fen);
  const look = useSight(board.shown, page.values);
  const [side, setSide] = useState<SideName>();
  const [isTurned, setIsTurned] = useState(false);
  const fullscreen = useFullscreenDocument();
  const { shownStop, hand } = board;

  async function end() {
    const ended = await asking.sending.send(() => actions.end({ liveId }));
    if (ended !== undefined) onEnded();
  }

  const questions = useBoardQuestions(board, side === 'questions', page);

  const pasteFault = usePastedPosition(board.shown, board.paste);

  function askBrought(exercise: ExerciseTask) {
    const question = { fen: questions.fen, exercise };
    questions.stopChoosing();
    questions.clear();
    board.bring(question);
    void asking.askBrought(question, showBrought(question, terms).words);
  }

  const deeds = {
    onHand: (next: Hand) => {
      signs.drop();
      look.end();
      board.takeHand(next);
    },
    onSide: (name: SideName) => setSide(side === name ? undefined : name),
    onAsk: () => void asking.ask(),
    onReveal: asking.toggleRevealed,
    onTurn: () => setIsTurned(!isTurned),
    onWhole: () => void fullscreen.toggle(),
  };
  useBoardKeys({ board, signs, look, ...deeds });
  const beside = hand === 'sets-up' ? hand : side;
  const words = board.isComposing ? liveText.oneMoment : shownStop.words;

  return (
    <div className={classes.page} data-question={sizeOf(words)}>
      <header className={classes.head}>
        <h1 className={classes.words}>{words}</h1>
        <div className={classes.asked}>
          <span>
            {liveText.seatsCode}
            <strong>{page.joinCode}</strong>
          </span>
          <span role="status">
            {asking.isOpen
              ? liveText.askedAndThinking(thoughtText(asking.thinkingMs))
              : reading === 'away'
                ? liveText.offlineNoAnswers
                : ''}
          </span>
        </div>
      </header>
      <main className={classes.middle}>
        <BoardStage
          board={board}
          signs={signs}
          look={look}
          asking={asking}
          bottom={isTurned ? opponentOf(shownStop.bottom) : shownStop.bottom}
          questions={questions}
          isNoting={asking.isAboutShown && side === 'said' && !asking.isRevealed}
        />
        {beside !== undefined && (
          <aside className={classes.side}>
            {beside === 'sets-up' ? (
              <SetUpSide board={board} onDone={() => deeds.onHand('sets-up')} />
            ) : beside === 'said' ? (
              <SaidSide
                gathered={gathered}
                isRevealed={asking.isRevealed}
                onReveal={asking.toggleRevealed}
                onCalled={(move) => void asking.note(move)}
                onPlay={(line) => board.playOut(line)}
              />
            ) : beside === 'questions' ? (
              <>
                <h2>{questionsText.whatCanBeAsked}</h2>
                <QuestionPicker questions={questions} onPick={askBrought} />
              </>
            ) : beside === 'ledger' ? (
              <LedgerSide home={board.home} steps={board.steps} ply={board.ply} values={page.values} />
            ) : (
              <MoreSide
                classId={page.classId}
                segments={page.segments}
                place={board.place}
                hand={hand}
                look={look}
                onSegment={(segment) => board.openSegment(segment)}
                onHand={deeds.onHand}
                onTurn={deeds.onTurn}
                onWhole={deeds.onWhole}
                onEnd={() => void end()}
              />
            )}
          </aside>
        )}
      </main>
      <BoardFoot
        board={board}
        side={side}
        isOpen={asking.isOpen}
        isBusy={asking.sending.isBusy}
        error={pasteFault === '' ? asking.error : pasteFault}
        onSide={deeds.onSide}
        onAsk={deeds.onAsk}
      />
    </div>
  );
}

/** Letters of a question that has its line, or two, in large letters. */
const ONE_LINE = 44;
const TWO_LINES = 100;

function sizeOf(words: string): 'short' | 'long' | 'longest' {
  return words.length <= ONE_LINE ? 'short' : words.length <= TWO_LINES ? 'long' : 'longest';
}
