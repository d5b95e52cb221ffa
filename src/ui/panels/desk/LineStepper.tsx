'use client';
import { Button } from '@mantine/core';
import classes from './Desk.module.css';
import * as deskText from '@/text/screens/desk';

/** A line to step through; ply 0 is the home position. Without a line its place is kept. */
export function LineStepper(props: {
  /** What line it is. */
  readonly name: string;
  /** One text a ply, move numbers included. */
  readonly words: readonly string[];
  readonly ply: number;
  readonly onPly: (ply: number) => void;
}) {
  const { name, words, ply, onPly } = props;
  return (
    <section className={classes.card} aria-label={deskText.line}>
      <h2>{name}</h2>
      <p className={classes.lineText}>
        {words.length === 0 && <span className={classes.soft}>{deskText.noLineYet}</span>}
        {words.map((word, index) => (
          <span key={index} className={`${classes.ply} ${index + 1 === ply ? classes.plyNow : ''}`}>
            {word}{' '}
          </span>
        ))}
      </p>
      <div className={classes.row}>
        <Button variant="default" disabled={ply === 0} onClick={() => onPly(0)}>
          {deskText.backHome}
        </Button>
        <Button variant="default" disabled={ply === 0} onClick={() => onPly(ply - 1)}>
          {deskText.stepBack}
        </Button>
        <Button disabled={ply >= words.length} onClick={() => onPly(ply + 1)}>
          {deskText.stepOn}
        </Button>
      </div>
    </section>
  );
}
