'use client';
import { z } from 'zod/mini';
import type { AnswerForm } from '@/core/exercises';
import { questionText, type Spoken } from '@/text';
import { AnswerFrame, findHelpSquare } from './AnswerFrame';
import { useDraft } from '@/ui/device';
import type { Answering } from './answering';
import { SceneBoard } from './SceneBoard';
import { MOVE_KEYS, SQUARE_KEYS, WriteField } from './WriteField';
import * as seatPagesText from '@/text/screens/seatPages';

/** Answered by writing, on any keyboard or with the keys under the board. */
export function WriteAnswer(props: {
  readonly form: Exclude<Extract<AnswerForm, { kind: 'write' }>['form'], 'sheet'>;
  readonly session: Answering;
  readonly next: Spoken;
  readonly onNext: () => void;
}) {
  const { form, session, ...rest } = props;
  const { exercise, verdict } = session;
  const [text, setText] = useDraft(session.draft, 'text', z.string(), '');
  const value = session.isShown && exercise.solution.kind === 'write' ? exercise.solution.text : text;
  const done =
    text.trim() !== '' && verdict === undefined ? () => session.give({ kind: 'write', text }) : undefined;

  function write(next: string) {
    if (session.isOver) return;
    session.change();
    setText(next.slice(0, 40));
  }

  return (
    <AnswerFrame
      session={session}
      begin={form === 'square' ? seatPagesText.letterThenNumber : seatPagesText.writeWayYouLearned}
      onDone={done}
      board={
        <SceneBoard
          scene={exercise.scene}
          title={questionText(session.words, exercise.question)}
          helpSquare={findHelpSquare(session)}
        />
      }
      {...rest}
    >
      <WriteField
        value={value}
        keys={form === 'move' ? MOVE_KEYS : SQUARE_KEYS}
        isClosed={session.isOver}
        onChange={write}
        onEnter={() => done?.()}
      />
    </AnswerFrame>
  );
}
