'use client';
import { ReadAloud } from './ReadAloud';
import { useHouseVoice } from './HouseWords';
import classes from './TaskQuestion.module.css';
import type { Spoken } from '@/text';

/** The question of a task, and read aloud on demand with what is said now. */
export function TaskQuestion({ text, said }: { readonly text: Spoken; readonly said: string }) {
  return (
    <div className={classes.row}>
      <h1 className={classes.question}>{text}</h1>
      <ReadAloud text={`${text} ${said}`.trim()} />
    </div>
  );
}

/** A question in plain English that the server has drawn: it is put into the words of the house where it is shown. */
export function WaitingQuestion({ text }: { readonly text: string }) {
  const { say } = useHouseVoice();
  return <TaskQuestion text={say(text)} said="" />;
}
