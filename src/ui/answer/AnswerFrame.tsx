'use client';
import { Button } from '@/ui/controls';
import type { ReactNode } from 'react';
import type { Square } from '@/core/board';
import type { FamilyNote } from '@/core/exercises';
import {
  answerText,
  firstSentence,
  hintText,
  joinSpoken,
  noteText,
  questionText,
  verdictText,
  type Spoken,
} from '@/text';
import classes from './AnswerFrame.module.css';
import type { Answering } from './answering';
import { TaskQuestion, useHouseVoice } from '@/ui/words';
import * as seatPagesText from '@/text/screens/seatPages';

/** More sentences than these are not read. */
const MOST_NOTES = 4;

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
  readonly begin: Spoken;
  /** Said before everything else, as long as it holds. */
  readonly notice?: Spoken | undefined;
  /** The board is only looked at and leaves its room to a long answer. */
  readonly isBoardSmall?: boolean;
  /** Gives the answer; undefined: there is none yet. */
  readonly onDone: (() => void) | undefined;
  /** What the button that gives it says. */
  readonly done?: Spoken;
  readonly next: Spoken;
  readonly onNext: () => void;
}) {
  const { session, board, children, begin, notice, isBoardSmall = false, onDone, next, onNext } = props;
  const { exercise, verdict, isOver, helpCount } = session;
  const hasMoreHelp = helpCount < exercise.hints.length;
  const { isShort } = useHouseVoice();
  const isAnswered = verdict !== undefined || session.isShown;
  const said = isAnswered ? listSaid(session, isShort) : [helpText(session, begin, notice, isShort)];
  return (
    <div
      className={board === undefined ? classes.bare : children === undefined ? classes.player : classes.wide}
    >
      <div className={classes.question}>
        <TaskQuestion text={questionText(session.words, exercise.question)} said={joinSpoken(said)} />
      </div>
      {board !== undefined && (
        <div className={`${classes.boardPlace} ${isBoardSmall ? classes.small : ''}`}>{board}</div>
      )}
      {children !== undefined && <div className={classes.made}>{children}</div>}
      <div className={classes.said} role="status">
        {isAnswered ? <Said said={said} /> : <span>{joinSpoken(said)}</span>}
      </div>
      <div className={classes.buttons}>
        {isOver ? (
          <Button autoFocus onClick={onNext}>
            {next}
          </Button>
        ) : (
          <>
            <Button disabled={onDone === undefined || verdict !== undefined} onClick={onDone}>
              {props.done ?? seatPagesText.done}
            </Button>
            {verdict === undefined ? (
              <Button variant="default" disabled={!hasMoreHelp} onClick={session.askHelp}>
                {hasMoreHelp ? seatPagesText.help : seatPagesText.noMoreHelp}
              </Button>
            ) : (
              <Button variant="default" onClick={session.show}>
                {seatPagesText.showMe}
              </Button>
            )}
          </>
        )}
      </div>
    </div>
  );
}

/** Before an answer: what has to be told first, the open help, or how to begin. */
function helpText(
  { exercise, words, helpCount }: Answering,
  begin: Spoken,
  notice: Spoken | undefined,
  isShort: boolean,
): Spoken {
  if (notice !== undefined) return notice;
  const hint = exercise.hints[helpCount - 1];
  const text = hint === undefined ? begin : hintText(words, hint);
  return isShort ? firstSentence(text) : text;
}

/**
 * The head, then the reasons: what is too much is explained; what is missing is only counted, until it is shown. Who reads slowly gets
 * one reason in one sentence.
 */
function listSaid(session: Answering, isShort: boolean): Spoken[] {
  const { exercise, words } = session;
  const reasons = listShownNotes(session)
    .map((note) => noteText(words, note, exercise.scene))
    .filter((text) => text !== '');
  return [headText(session), ...(isShort ? reasons.slice(0, 1).map(firstSentence) : reasons)];
}

function headText({ exercise, words, verdict, isShown }: Answering): Spoken {
  const { ask, solution } = exercise;
  if (!isShown && verdict !== undefined) return verdictText(verdict, ask);
  if (ask.kind === 'place') return seatPagesText.thisIsHowItLooks;
  const hasSquares = solution.kind === 'tap' && solution.marks.length > 0;
  const begin = hasSquares ? seatPagesText.theseAreRight : seatPagesText.theAnswerIs;
  return begin(answerText(words, solution));
}

function Said({ said: [head, ...reasons] }: { readonly said: readonly Spoken[] }) {
  return (
    <>
      <strong>{head}</strong>
      <ul className={classes.notes}>
        {reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </ul>
    </>
  );
}

/** The notes that are told now: on what is wrong; on what is missing only when the solution is shown. */
export function listShownNotes(session: Answering): readonly FamilyNote[] {
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
