'use client';
import { Button } from '@mantine/core';
import type { ReactNode } from 'react';
import type { Square } from '@/core/board';
import type { Note } from '@/core/exercises';
import { answerText, firstSentence, hintText, noteText, questionText, verdictText } from '@/text';
import classes from './AnswerFrame.module.css';
import type { Answering } from './ExercisePlayer';
import { TaskQuestion, useHouseVoice } from '@/ui/words';

/** More sentences than these are not read. */
const MOST_NOTES = 4;
const BIG = { size: 'lg' as const, mih: 56 };

/**
 * Question, board, answer, what is said, buttons: the same places in every mode, and nothing jumps. Where an answer is made with more
 * than the board, it stands beside the board on a wide screen, so that all is seen at once.
 */
export function AnswerFrame(props: {
  readonly session: Answering;
  readonly board?: ReactNode;
  /** What the answer is made with, under the board. */
  readonly children?: ReactNode;
  /** Said before anything is answered. */
  readonly begin: string;
  /** Said before everything else, as long as it holds. */
  readonly notice?: string | undefined;
  /** Gives the answer; undefined: there is none yet. */
  readonly onDone: (() => void) | undefined;
  readonly next: string;
  readonly onNext: () => void;
}) {
  const { session, board, children, begin, notice, onDone, next, onNext } = props;
  const { exercise, verdict, isOver, helpCount } = session;
  const hasMoreHelp = helpCount < exercise.hints.length;
  return (
    <div
      className={board === undefined ? classes.bare : children === undefined ? classes.player : classes.wide}
    >
      <div className={classes.question}>
        <TaskQuestion text={questionText(exercise.question)} />
      </div>
      {board !== undefined && <div className={classes.boardPlace}>{board}</div>}
      {children !== undefined && <div className={classes.made}>{children}</div>}
      <div className={classes.said} aria-live="polite">
        {verdict === undefined && !session.isShown ? (
          <Help session={session} begin={begin} notice={notice} />
        ) : (
          <Said session={session} />
        )}
      </div>
      <div className={classes.buttons}>
        {isOver ? (
          <Button {...BIG} autoFocus onClick={onNext}>
            {next}
          </Button>
        ) : (
          <>
            <Button {...BIG} disabled={onDone === undefined || verdict !== undefined} onClick={onDone}>
              Done
            </Button>
            {verdict === undefined ? (
              <Button {...BIG} variant="default" disabled={!hasMoreHelp} onClick={session.askHelp}>
                {hasMoreHelp ? 'Help' : 'No more help'}
              </Button>
            ) : (
              <Button {...BIG} variant="default" onClick={session.show}>
                Show me
              </Button>
            )}
          </>
        )}
      </div>
    </div>
  );
}

function Help(props: {
  readonly session: Answering;
  readonly begin: string;
  readonly notice: string | undefined;
}) {
  const { session, begin, notice } = props;
  const { exercise, family, helpCount } = session;
  const hint = exercise.hints[helpCount - 1];
  const { say, isShort } = useHouseVoice();
  const text = hint === undefined ? begin : hintText(family, hint);
  return <span>{say(notice ?? (isShort ? firstSentence(text) : text))}</span>;
}

/** What is too much is explained; what is missing is only counted, until it is shown. */
function Said({ session }: { readonly session: Answering }) {
  const { exercise, family, verdict, isShown } = session;
  const { ask, scene, solution } = exercise;
  const { say, isShort } = useHouseVoice();
  const notes = listShownNotes(session).slice(0, isShort ? 1 : MOST_NOTES);
  return (
    <>
      {verdict !== undefined && !isShown && <strong>{verdictText(verdict, ask.kind)}</strong>}
      {isShown && ask.kind !== 'place' && (
        <strong>
          {ask.kind === 'tap' ? 'These are right: ' : 'Right is: '}
          {say(answerText(family, solution))}.
        </strong>
      )}
      {isShown && ask.kind === 'place' && <strong>This is how it stands.</strong>}
      <ul className={classes.notes}>
        {notes.map((note, index) => {
          const text = noteText(family, note, scene);
          return text === '' ? null : <li key={index}>{say(isShort ? firstSentence(text) : text)}</li>;
        })}
      </ul>
    </>
  );
}

/** The notes that are told now: on what is wrong; on what is missing only when the solution is shown. */
export function listShownNotes(session: Answering): readonly Note[] {
  const { verdict, exercise, isShown } = session;
  const isToldWhole = isShown || (exercise.ask.kind !== 'tap' && exercise.ask.kind !== 'choose');
  return (verdict?.notes ?? [])
    .filter((_, index) => isToldWhole || index < countWrong(session))
    .slice(0, MOST_NOTES);
}

/** Notes on what was answered wrong stand before those on what is missing. */
function countWrong({ verdict, exercise }: Answering): number {
  if (verdict === undefined) return 0;
  if (exercise.ask.kind === 'tap') return verdict.extra.length;
  return verdict.notes.filter(({ code }) => code !== 'missing-option').length;
}

/** The square the open help points at. */
export function findHelpSquare({ exercise, helpCount, verdict }: Answering): Square | undefined {
  const hint = exercise.hints[helpCount - 1];
  return verdict === undefined && hint?.kind === 'man' ? hint.square : undefined;
}
