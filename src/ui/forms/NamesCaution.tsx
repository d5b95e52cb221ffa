'use client';
import { Checkbox } from '@mantine/core';
import { NAMES_CAUTION } from '@/text';
import classes from './NamesCaution.module.css';
import * as formsText from '@/text/screens/forms';

/** Stands before everything that takes names out of the app; what is below it waits until it is ticked. */
export function NamesCaution(props: {
  readonly isRead: boolean;
  readonly onRead: (isRead: boolean) => void;
}) {
  return (
    <section className={classes.caution} aria-label={formsText.cautionHeading}>
      <h2>{formsText.cautionHeading}</h2>
      {NAMES_CAUTION.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
      <Checkbox
        className={classes.tick}
        size="md"
        label={formsText.promise}
        checked={props.isRead}
        onChange={({ currentTarget }) => props.onRead(currentTarget.checked)}
      />
    </section>
  );
}
