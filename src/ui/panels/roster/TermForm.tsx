'use client';
import { MOST_LETTERS } from '@/contracts/bounds';
import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { NewTerm } from '@/contracts/terms';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';
import classes from './Roster.module.css';
import * as rosterText from '@/text/screens/roster';

const NO_TERM: NewTerm = { name: '', startsOn: '', endsOn: '' };

/** A name with a first and a last day: a term, or a holiday; new, or changed. */
export function TermForm<Value>(props: {
  readonly term?: NewTerm;
  readonly button: string;
  readonly nameLabel?: string;
  readonly onSend: (input: NewTerm) => Promise<Result<Value, ServiceFault>>;
  readonly onDone?: () => void;
}) {
  const [term, setTerm] = useState<NewTerm>(props.term ?? NO_TERM);
  const { send, isBusy, error } = useSending();
  const isWhole = Object.values(term).every((text) => text.trim() !== '');
  return (
    <form
      className={classes.fields}
      onSubmit={(event) => {
        event.preventDefault();
        void send(() => props.onSend(term)).then((sent) => {
          if (sent === undefined) return;
          if (props.term === undefined) setTerm(NO_TERM);
          props.onDone?.();
        });
      }}
    >
      <TextInput
        label={props.nameLabel ?? rosterText.nameTerm}
        size="md"
        maxLength={MOST_LETTERS.name}
        value={term.name}
        onChange={({ currentTarget }) => setTerm({ ...term, name: currentTarget.value })}
      />
      <TextInput
        label={rosterText.firstDay}
        type="date"
        size="md"
        value={term.startsOn}
        onChange={({ currentTarget }) => setTerm({ ...term, startsOn: currentTarget.value })}
      />
      <TextInput
        label={rosterText.lastDay}
        type="date"
        size="md"
        value={term.endsOn}
        onChange={({ currentTarget }) => setTerm({ ...term, endsOn: currentTarget.value })}
      />
      <Button type="submit" size="md" mih={44} loading={isBusy} disabled={!isWhole}>
        {props.button}
      </Button>
      <span role="alert">{error}</span>
    </form>
  );
}
