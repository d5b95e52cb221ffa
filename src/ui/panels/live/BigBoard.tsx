'use client';
import { useFullscreenDocument } from '@mantine/hooks';
import { useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { ServiceFault } from '@/contracts/faults';
import type { QuestionId } from '@/contracts/ids';
import type { BoardPage, BoardPlace } from '@/contracts/live';
import type { LiveQuestion } from '@/contracts/seatLesson';
import { getMan, opponentOf, type Square } from '@/core/board';
import { makeMoveText, parseFenLetter, type MoveText } from '@/core/notation';
import { findBoardState, tryHandMove, type PositionDraft } from '@/core/rules';
import type { Result } from '@/core/shared';
import type { DiagramMark } from '@/drawing';
import { boardStateText, handFaultText, SIDE_WORDS, thoughtText, workedAnswerText, type Terms } from '@/text';
import { Board, type Drop } from '@/ui/board';
import { useIsBrowser } from '@/ui/device';
import { useSending } from '@/ui/forms/useSending';
import { useHouseVoice } from '@/ui/words';
import { hasMoves, isPromotion, listHandMarks, squaresOfRefusal } from '../desk/useStudy';
import classes from './BigBoard.module.css';
import type { Tool } from '../desk/Tray';
import { BoardFoot, type SideName } from './BoardFoot';
import { MoreSide } from './MoreSide';
import { LedgerSide } from './LedgerSide';
import { SaidSide } from './SaidSide';
import { SetUpSide } from './SetUpSide';
import { useBoard } from './useBoard';
import { useBoardKeys } from './useBoardKeys';
import { useLiveClass } from './useLiveClass';
import { useSigns } from './useSigns';
import * as liveText from '@/text/screens/live';

type Send<Value> = (input: unknown) => Promise<Result<Value, ServiceFault>>;

/** What a board needs of the server. */
export interface BoardActions {
  readonly savePlace: Send<undefined>;
  readonly ask: Send<QuestionId>;
  readonly close: Send<undefined>;
  readonly addCalled: Send<undefined>;
  readonly end: Send<undefined>;
}

/** What this board has asked or closed, until the next reading tells it as well. */
interface Asked {
  readonly questionId: QuestionId;
  readonly isOpen: boolean;
}

/** The question that is open: as it was read, or as it was changed here since. Later questions have higher ids. */
function findOpen(read: LiveQuestion | undefined, asked: Asked | undefined): QuestionId | undefined {
  if (asked !== undefined && (read === undefined || asked.questionId > read.questionId))
    return asked.isOpen ? asked.questionId : undefined;
  const isClosedHere = asked?.isOpen === false && asked.questionId === read?.questionId;
  return read?.isOpen === true && !isClosedHere ? read.questionId : undefined;
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

function OpenBoard(props: BigBoardProps) {
  const { page, actions } = props;
  const { liveId } = page.live;
  const { terms } = useHouseVoice();
  const { gathered, reading } = useLiveClass(page.classId);
  const sending = useSending();
  const board = useBoard(
    page,
    (place: BoardPlace) => void actions.savePlace({ liveId, place }).catch(() => undefined),
  );
  const [side, setSide] = useState<SideName>();
  const [bottom, setBottom] = useState<'usual' | 'turned'>('usual');
  const signs = useSigns(board.fen);
  const [tool, setTool] = useState<Tool>();
  const [notice, setNotice] = useState('');
  const [isRevealed, setIsRevealed] = useState(false);
  const [asked, setAsked] = useState<Asked>();
  const fullscreen = useFullscreenDocument();

  const { shown, home, shownStop, hand, isHome, study } = board;
  const question = gathered.news?.question;
  const openId = findOpen(question, asked);
  const isOpen = openId !== undefined;
  const isNoting =
    openId === question?.questionId &&
    isOpen &&
    side === 'said' &&
    !isRevealed &&
    question?.fen === board.fenOf(shown);
  const refusal = study.refusal?.place === shown ? study.refusal : undefined;

  function open(name: SideName) {
    setSide(side === name ? undefined : name);
  }

  async function ask() {
    // The key pressed twice is one deed until the server has answered.
    if (sending.isBusy) return;
    if (openId !== undefined) {
      const closed = await sending.send(() => actions.close({ questionId: openId }));
      if (closed !== undefined) setAsked({ questionId: openId, isOpen: false });
      return;
    }
    // A task is asked at its home position; anywhere else it is simply a position.
    const isTask = isHome && shownStop.home === home;
    const hasTask = shownStop.task.taskId !== undefined || shownStop.task.exercise !== undefined;
    if (!(isTask && hasTask) && !hasMoves(shown)) {
      setNotice(liveText.noLegalMove);
      return;
    }
    setNotice('');
    setIsRevealed(false);
    const sent = await sending.send(() =>
      actions.ask({
        requestId: makeUuid(),
        liveId,
        fen: isHome ? board.fen : board.fenOf(shown),
        words: (isTask ? shownStop.words : liveText.whatWouldYouPlay(SIDE_WORDS[shown.turn])).slice(0, 200),
        ...(isTask ? shownStop.task : {}),
      }),
    );
    if (sent !== undefined) setAsked({ questionId: sent.value, isOpen: true });
  }

  async function note(move: MoveText) {
    if (question === undefined) return;
    await sending.send(() =>
      actions.addCalled({
        clientId: makeUuid(),
        questionId: question.questionId,
        move,
        waitedMs: 0,
      }),
    );
  }

  function drop(made: Drop) {
    const { from: start, to, promotion } = made;
    if (hand === 'sets-up') {
      board.edit(to === undefined ? { kind: 'take', square: start } : { kind: 'move', from: start, to });
      return;
    }
    const tried =
      to === undefined || to === start || !isNoting || shown.board[start]?.side !== shown.turn
        ? undefined
        : tryHandMove(shown, promotion === undefined ? { from: start, to } : { from: start, to, promotion });
    if (tried?.ok === true) void note(makeMoveText(tried.value.move));
    else board.move(made);
  }

  function press(square: Square): boolean {
    if (hand === 'sets-up') {
      if (tool === undefined) return false;
      board.edit(tool.kind === 'man' ? { kind: 'put', square, man: tool.man } : { kind: 'take', square });
      return true;
    }
    if (hand !== 'draws') return false;
    signs.draw(square);
    return true;
  }

  function pressKey(square: Square, key: string) {
    if (hand !== 'sets-up') return;
    if (key === 'Delete' || key === 'Backspace') board.edit({ kind: 'take', square });
    // The letters of a FEN, but White without Shift, as on the Desk.
    const man = parseFenLetter(key);
    if (man !== undefined) board.edit({ kind: 'put', square, man: getMan(opponentOf(man.side), man.role) });
  }

  async function end() {
    const ended = await sending.send(() => actions.end({ liveId }));
    if (ended !== undefined) props.onEnded();
  }

  const turnBoard = () => setBottom(bottom === 'usual' ? 'turned' : 'usual');
  const take = (next: typeof hand) => {
    signs.drop();
    setTool(undefined);
    board.take(hand === next ? 'moves' : next);
  };
  useBoardKeys({
    board,
    signs,
    onHand: take,
    onSide: open,
    onAsk: () => void ask(),
    onReveal: () => setIsRevealed(!isRevealed),
    onTurn: turnBoard,
    onWhole: () => void fullscreen.toggle(),
  });

  const marks: DiagramMark[] = [
    ...(isHome ? shownStop.marks : []),
    ...(board.isAnswerShown && isHome ? (shownStop.answer?.marks ?? []) : []),
    ...signs.listMarks(shown, home.turn),
  ];
  const refused = refusal === undefined ? [] : squaresOfRefusal(refusal);
  const thinkingMs =
    question === undefined || gathered.news === undefined || question.questionId !== openId
      ? 0
      : Math.max(0, gathered.news.nowMs - Date.parse(question.askedAt));
  const below =
    refusal !== undefined
      ? handFaultText(refusal.place, refusal.fault, terms)
      : board.isAnswerShown && isHome && shownStop.answer !== undefined
        ? liveText.answerIs(shownStop.answer.text)
        : board.isAnswerShown && isHome && board.worked !== undefined
          ? workedAnswerText(board.position, board.worked, terms)
          : (tellStep(board.steps[board.ply - 1]?.words, shown, terms) ??
            (hand === 'sets-up'
              ? liveText.sideToMoveSentence(SIDE_WORDS[home.turn])
              : hand === 'draws'
                ? liveText.drawHelp
                : shownStop.isTurnSaid
                  ? ''
                  : liveText.sideToMoveSentence(SIDE_WORDS[shown.turn])));
  const upright = shownStop.bottom;
  const seenFrom = bottom === 'usual' ? upright : opponentOf(upright);

  return (
    <div className={classes.page}>
      <header className={classes.head}>
        <h1 className={classes.words}>{board.isComposing ? liveText.oneMoment : shownStop.words}</h1>
        <div className={classes.asked}>
          <span>
            {liveText.seatsCode}
            <strong>{page.joinCode}</strong>
          </span>
          <span role="status">
            {isOpen
              ? liveText.askedAndThinking(thoughtText(thinkingMs))
              : reading === 'away'
                ? liveText.offlineNoAnswers
                : ''}
          </span>
        </div>
      </header>
      <main className={classes.middle}>
        <div className={classes.board}>
          {shownStop.isHidden && isHome ? (
            <p className={classes.hidden}>{liveText.inYourHead}</p>
          ) : (
            <Board
              board={shown.board}
              turn={shown.turn}
              bottom={seenFrom}
              label={liveText.bigBoard}
              rules={{
                canHold: (square) => shown.board[square] !== undefined,
                dropResult: (start, to) =>
                  hand !== 'sets-up' && isPromotion(shown, start, to) ? 'promotion' : 'move',
              }}
              onDrop={drop}
              onPress={press}
              onSquareKey={pressKey}
              marks={[...marks, ...refused.map((square) => ({ square, mark: 'fault' as const }))]}
              {...(hand === 'moves' && !signs.isPlain
                ? { marksFor: (start: Square) => listHandMarks(shown, start) }
                : {})}
              arrows={signs.arrows}
              trace={board.steps[board.ply - 1]?.move}
            />
          )}
          <p className={classes.below} aria-live="polite">
            {below}
          </p>
        </div>
        {hand === 'sets-up' ? (
          <aside className={classes.side}>
            <SetUpSide board={board} tool={tool} onTool={setTool} onDone={() => take('sets-up')} />
          </aside>
        ) : (
          side !== undefined && (
            <aside className={classes.side}>
              {side === 'said' ? (
                <SaidSide
                  gathered={gathered}
                  isRevealed={isRevealed}
                  onReveal={() => setIsRevealed(!isRevealed)}
                  onCalled={(move) => void note(move)}
                  onPlay={(line) => board.playOut(line)}
                />
              ) : side === 'ledger' ? (
                <LedgerSide home={home} steps={board.steps} ply={board.ply} values={page.values} />
              ) : (
                <MoreSide
                  classId={page.classId}
                  segments={page.segments}
                  place={board.place}
                  hand={hand}
                  onSegment={(segment) => board.openSegment(segment)}
                  onHand={take}
                  onTurn={turnBoard}
                  onWhole={() => void fullscreen.toggle()}
                  onEnd={() => void end()}
                />
              )}
            </aside>
          )
        )}
      </main>
      <BoardFoot
        board={board}
        side={side}
        isOpen={isOpen}
        isBusy={sending.isBusy}
        error={notice === '' ? sending.error : notice}
        onSide={open}
        onAsk={() => void ask()}
      />
    </div>
  );
}

/** The move that is shown, and what stands on the board after it; undefined at home. */
function tellStep(words: string | undefined, shown: PositionDraft, terms: Terms): string | undefined {
  return words === undefined ? undefined : `${words} ${boardStateText(findBoardState(shown), terms)}`.trim();
}
