'use client';
import { ReadAloud } from './ReadAloud';
import classes from './TaskQuestion.module.css';
import { joinSpoken, type Spoken } from '@/text';

/** The question of a task, and read aloud on demand with what is said now. */
export function TaskQuestion({ text, said }: { readonly text: Spoken; readonly said?: Spoken }) {
  return (
    <div className={classes.row}>
      <h1 className={classes.question}>{text}</h1>
      <ReadAloud text={said === undefined ? text : joinSpoken([text, said])} />
    </div>
  );
}
