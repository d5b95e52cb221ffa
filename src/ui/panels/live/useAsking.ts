'use client';
import { useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { ServiceFault } from '@/contracts/faults';
import type { LiveId, QuestionId } from '@/contracts/ids';
import type { LiveQuestion } from '@/contracts/seatLesson';
import { makeFen, type MoveText } from '@/core/notation';
import type { Result } from '@/core/shared';
import { SIDE_WORDS } from '@/text';
import * as liveText from '@/text/screens/live';
import { useSending } from '@/ui/forms/useSending';
import { hasMoves } from '@/ui/workbench';
import type { Gathered } from './answers';
import type { BoardState, BroughtQuestion } from './useBoard';

type Send<Value> = (input: unknown) => Promise<Result<Value, ServiceFault>>;

/** Letters of a question. */
const MOST_WORDS = 200;

/** What asking needs of the server. */
export interface AskActions {
  readonly ask: Send<QuestionId>;
  readonly close: Send<undefined>;
  readonly addCalled: Send<undefined>;
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

/** The big board's question to the class: asked and closed with the same key, and moves that children call out noted to it. */
export function useAsking(liveId: LiveId, board: BoardState, gathered: Gathered, actions: AskActions) {
  const sending = useSending();
  const [asked, setAsked] = useState<Asked>();
  const [notice, setNotice] = useState('');
  const [isRevealed, setIsRevealed] = useState(false);
  const { home, shown, isHome, shownStop } = board;
  const question = gathered.news?.question;
  const openId = findOpen(question, asked);

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
        fen: isHome ? board.fen : makeFen(shown),
        words: (isTask ? shownStop.words : liveText.whatWouldYouPlay(SIDE_WORDS[shown.turn])).slice(
          0,
          MOST_WORDS,
        ),
        ...(isTask ? shownStop.task : {}),
      }),
    );
    if (sent !== undefined) setAsked({ questionId: sent.value, isOpen: true });
  }

  /** Asks a question of a board that was brought. */
  async function askBrought({ fen, exercise }: BroughtQuestion, words: string) {
    if (sending.isBusy) return;
    setNotice('');
    setIsRevealed(false);
    const sent = await sending.send(() =>
      actions.ask({ requestId: makeUuid(), liveId, fen, words: words.slice(0, MOST_WORDS), exercise }),
    );
    if (sent !== undefined) setAsked({ questionId: sent.value, isOpen: true });
  }

  async function note(move: MoveText) {
    if (question === undefined) return;
    const { questionId } = question;
    await sending.send(() => actions.addCalled({ clientId: makeUuid(), questionId, move, waitedMs: 0 }));
  }

  const isRead = gathered.news !== undefined && question !== undefined && question.questionId === openId;
  return {
    ask,
    askBrought,
    note,
    sending,
    error: notice === '' ? sending.error : notice,
    isOpen: openId !== undefined,
    isRevealed,
    toggleRevealed: () => setIsRevealed(!isRevealed),
    /** Is the open question about the board that is shown? Then a move on it may be one that a child has called out. */
    isAboutShown: isRead && question.fen === makeFen(shown),
    /** How long the class has been thinking. */
    thinkingMs: isRead ? Math.max(0, gathered.news.nowMs - Date.parse(question.askedAt)) : 0,
  };
}

export type Asking = ReturnType<typeof useAsking>;
