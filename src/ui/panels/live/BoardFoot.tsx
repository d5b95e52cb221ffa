'use client';
import { Button } from '@mantine/core';
import classes from './BigBoard.module.css';
import type { BoardState } from './useBoard';
import * as liveText from '@/text/screens/live';
import * as questionsText from '@/text/screens/questions';

export type SideName = 'said' | 'questions' | 'ledger' | 'more';

/** What can be done at the big board, by hand; every deed has a key as well. */
export function BoardFoot(props: {
  readonly board: BoardState;
  readonly side: SideName | undefined;
  readonly isOpen: boolean;
  readonly isBusy: boolean;
  readonly error: string;
  readonly onSide: (name: SideName) => void;
  readonly onAsk: () => void;
}) {
  const { board, side, isOpen } = props;
  return (
    <footer className={classes.foot}>
      <div className={classes.group}>
        <Button variant="default" onClick={() => board.step(-1)}>
          {liveText.back}
        </Button>
        <Button onClick={() => board.step(1)}>{liveText.next}</Button>
      </div>
      <div className={classes.group}>
        <Button variant="default" disabled={board.isHome} onClick={() => board.toPly(board.ply - 1)}>
          {liveText.moveBack}
        </Button>
        <Button
          variant="default"
          disabled={board.ply >= board.steps.length}
          onClick={() => board.toPly(board.ply + 1)}
        >
          {liveText.moveOn}
        </Button>
        <Button variant="default" disabled={board.isHome} onClick={() => board.goHome()}>
          {liveText.home}
        </Button>
      </div>
      <div className={classes.group}>
        <Button
          {...(isOpen ? { color: 'clay' } : {})}
          loading={props.isBusy}
          miw="9rem"
          onClick={props.onAsk}
        >
          {isOpen ? liveText.stopAsking : liveText.askTheClass}
        </Button>
        <Button
          variant="default"
          aria-pressed={side === 'questions'}
          onClick={() => props.onSide('questions')}
        >
          {questionsText.questions}
        </Button>
        <Button variant="default" aria-pressed={side === 'said'} onClick={() => props.onSide('said')}>
          {liveText.whatTheySay}
        </Button>
        <Button variant="default" aria-pressed={board.isAnswerShown} onClick={() => board.showAnswer()}>
          {liveText.answer}
        </Button>
        <Button variant="default" aria-pressed={side === 'ledger'} onClick={() => props.onSide('ledger')}>
          {liveText.points}
        </Button>
      </div>
      <Button variant="default" aria-pressed={side === 'more'} onClick={() => props.onSide('more')}>
        {liveText.more}
      </Button>
      {props.error !== '' && (
        <p className={classes.error} role="alert">
          {props.error}
        </p>
      )}
    </footer>
  );
}
