'use client';
import type { CSSProperties } from 'react';
import { controlClasses } from '@/ui/controls';
import classes from './AnswerFrame.module.css';
import * as seatPagesText from '@/text/screens/seatPages';

export const SQUARE_KEYS = [
  ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'],
  ['1', '2', '3', '4', '5', '6', '7', '8'],
];
export const MOVE_KEYS = [['K', 'Q', 'R', 'B', 'N', 'O-O', 'O-O-O'], ...SQUARE_KEYS, ['x', '+', '#', '=']];
const MOST_SIGNS = 40;

/** A line to write in, and the keys for a screen without a keyboard. */
export function WriteField(props: {
  readonly value: string;
  readonly keys: readonly (readonly string[])[];
  readonly isClosed: boolean;
  readonly onChange: (text: string) => void;
  readonly onEnter: () => void;
}) {
  const { value, keys, isClosed, onEnter } = props;
  const change = (text: string) => {
    if (!isClosed) props.onChange(text.slice(0, MOST_SIGNS));
  };
  return (
    <>
      <div className={classes.write}>
        <input
          type="text"
          className={controlClasses.field}
          aria-label={seatPagesText.yourAnswer}
          autoComplete="off"
          autoCapitalize="off"
          autoCorrect="off"
          spellCheck={false}
          value={value}
          onChange={(event) => change(event.currentTarget.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') onEnter();
          }}
        />
        <button
          type="button"
          className={classes.key}
          disabled={isClosed || value === ''}
          onClick={() => change(value.slice(0, -1))}
        >
          {seatPagesText.back}
        </button>
      </div>
      <div className={classes.keys} role="group" aria-label={seatPagesText.keys}>
        {keys.map((row) => (
          <div key={row[0]} className={classes.keyRow} style={{ '--keys': row.length } as CSSProperties}>
            {row.map((key) => (
              <button
                key={key}
                type="button"
                className={classes.key}
                disabled={isClosed}
                onClick={() => change(value + key)}
              >
                {key}
              </button>
            ))}
          </div>
        ))}
      </div>
    </>
  );
}
