'use client';
import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { TermId } from '@/contracts/ids';
import type { NewTerm } from '@/contracts/terms';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';
import classes from './Roster.module.css';

/** A term with its first and last day. */
export function NewTermForm(props: {
  readonly onAdd: (input: NewTerm) => Promise<Result<TermId, ServiceFault>>;
}) {
  const [term, setTerm] = useState<NewTerm>({ name: '', startsOn: '', endsOn: '' });
  const { send, isBusy, error } = useSending();
  const isWhole = Object.values(term).every((text) => text.trim() !== '');
  return (
    <form
      className={classes.fields}
      onSubmit={(event) => {
        event.preventDefault();
        void send(() => props.onAdd(term)).then((sent) => {
          if (sent !== undefined) setTerm({ name: '', startsOn: '', endsOn: '' });
        });
      }}
    >
      <TextInput
        label="Name of the next term"
        size="md"
        maxLength={60}
        value={term.name}
        onChange={({ currentTarget }) => setTerm({ ...term, name: currentTarget.value })}
      />
      <TextInput
        label="First day"
        type="date"
        size="md"
        value={term.startsOn}
        onChange={({ currentTarget }) => setTerm({ ...term, startsOn: currentTarget.value })}
      />
      <TextInput
        label="Last day"
        type="date"
        size="md"
        value={term.endsOn}
        onChange={({ currentTarget }) => setTerm({ ...term, endsOn: currentTarget.value })}
      />
      <Button type="submit" size="md" mih={44} loading={isBusy} disabled={!isWhole}>
        Add the term
      </Button>
      <span role="alert">{error}</span>
    </form>
  );
}
