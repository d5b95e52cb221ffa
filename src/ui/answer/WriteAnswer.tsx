'use client';
import { TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Ask } from '@/core/exercises';
import { questionText } from '@/text';
import { AnswerFrame, findHelpSquare } from './AnswerFrame';
import classes from './AnswerFrame.module.css';
import type { Answering } from './ExercisePlayer';
import { SceneBoard } from './SceneBoard';

const SQUARE_KEYS = [
  ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'],
  ['1', '2', '3', '4', '5', '6', '7', '8'],
];
const MOVE_KEYS = [['K', 'Q', 'R', 'B', 'N', 'O-O', 'O-O-O'], ...SQUARE_KEYS, ['x', '+', '#', '=']];

/** Answered by writing, on any keyboard or with the keys under the board. */
export function WriteAnswer(props: {
  readonly form: Extract<Ask, { kind: 'write' }>['form'];
  readonly session: Answering;
  readonly next: string;
  readonly onNext: () => void;
}) {
  const { form, session, ...rest } = props;
  const { exercise, verdict } = session;
  const [text, setText] = useState('');
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
      begin={form === 'square' ? 'A letter, then a number.' : 'Write it as you have learnt it.'}
      onDone={done}
      board={
        <SceneBoard
          scene={exercise.scene}
          title={questionText(exercise.question)}
          helpSquare={findHelpSquare(session)}
        />
      }
      {...rest}
    >
      <div className={classes.write}>
        <TextInput
          aria-label="Your answer"
          autoComplete="off"
          autoCapitalize="off"
          autoCorrect="off"
          spellCheck={false}
          value={value}
          onChange={(event) => write(event.currentTarget.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') done?.();
          }}
        />
        <button
          type="button"
          className={classes.key}
          disabled={session.isOver || text === ''}
          onClick={() => write(text.slice(0, -1))}
        >
          Back
        </button>
      </div>
      <div className={classes.keys} role="group" aria-label="Keys">
        {(form === 'move' ? MOVE_KEYS : SQUARE_KEYS).map((row) => (
          <div key={row[0]} className={classes.keyRow}>
            {row.map((key) => (
              <button
                key={key}
                type="button"
                className={classes.key}
                disabled={session.isOver}
                onClick={() => write(text + key)}
              >
                {key}
              </button>
            ))}
          </div>
        ))}
      </div>
    </AnswerFrame>
  );
}
