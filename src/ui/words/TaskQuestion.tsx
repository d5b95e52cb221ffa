'use client';
import { ReadAloud } from './ReadAloud';
import classes from './TaskQuestion.module.css';
import { useHouseVoice } from './HouseWords';

/** The question of a task, in the words of the house, and read aloud on demand with what is said now. */
export function TaskQuestion({ text, said }: { readonly text: string; readonly said: string }) {
  const { say } = useHouseVoice();
  return (
    <div className={classes.row}>
      <h1 className={classes.question}>{say(text)}</h1>
      <ReadAloud text={say(`${text} ${said}`.trim())} />
    </div>
  );
}
