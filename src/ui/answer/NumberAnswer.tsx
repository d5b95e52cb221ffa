'use client';
import { Button, controlClasses } from '@/ui/controls';
import type { AnswerForm } from '@/core/exercises';
import { questionText, type Spoken } from '@/text';
import { z } from 'zod/mini';
import { useDraft } from '@/ui/device';
import { AnswerFrame, findHelpSquare } from './AnswerFrame';
import classes from './AnswerFrame.module.css';
import type { Answering } from './answering';
import { arrowsOf } from './noteArrows';
import { SceneBoard } from './SceneBoard';
import * as seatPagesText from '@/text/screens/seatPages';

/** Answered by a number: typed, or stepped to with the two large buttons. */
export function NumberAnswer(props: {
  readonly ask: Extract<AnswerForm, { kind: 'number' }>;
  readonly session: Answering;
  readonly next: Spoken;
  readonly onNext: () => void;
}) {
  const { ask, session, ...rest } = props;
  const { exercise, verdict } = session;
  const [text, setText] = useDraft(session.draft, 'text', z.string(), '');
  const typed = /^\d{1,3}$/.test(text) ? Number(text) : undefined;
  const isFit = typed !== undefined && typed >= ask.least && typed <= ask.most;
  const value =
    session.isShown && exercise.solution.kind === 'number' ? String(exercise.solution.value) : text;

  function set(next: string) {
    if (session.isOver) return;
    session.change();
    setText(next);
  }
  const step = (by: number) =>
    set(String(Math.max(ask.least, Math.min(ask.most, typed === undefined ? ask.least : typed + by))));
  const done =
    isFit && verdict === undefined ? () => session.give({ kind: 'number', value: typed }) : undefined;
  // The squares that were to be counted are shown once it is over.
  const counted = session.isOver ? [...(verdict?.right ?? []), ...(verdict?.missed ?? [])] : [];

  return (
    <AnswerFrame
      session={session}
      begin={
        text === '' || isFit
          ? seatPagesText.countThenSayNumber
          : seatPagesText.numberFrom(ask.least, ask.most)
      }
      onDone={done}
      board={
        <SceneBoard
          scene={exercise.scene}
          title={questionText(session.words, exercise.question)}
          arrows={arrowsOf(session)}
          helpSquare={findHelpSquare(session)}
          marks={counted.map((square) => ({ square, mark: 'chosen' }))}
        />
      }
      {...rest}
    >
      <div className={classes.number}>
        <Button
          style={{ minWidth: 56 }}
          variant="default"
          aria-label={seatPagesText.oneLess}
          onClick={() => step(-1)}
        >
          −
        </Button>
        <input
          type="text"
          className={controlClasses.field}
          aria-label={seatPagesText.yourNumber}
          inputMode="numeric"
          autoComplete="off"
          value={value}
          maxLength={3}
          onChange={(event) => set(event.currentTarget.value.replace(/\D/g, ''))}
          onKeyDown={(event) => {
            if (event.key === 'Enter') done?.();
          }}
        />
        <Button
          style={{ minWidth: 56 }}
          variant="default"
          aria-label={seatPagesText.oneMore}
          onClick={() => step(1)}
        >
          +
        </Button>
      </div>
    </AnswerFrame>
  );
}
