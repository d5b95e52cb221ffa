'use client';
import { Button, TextInput } from '@mantine/core';
import { MOST_LETTERS } from '@/contracts/bounds';
import type { ServiceFault } from '@/contracts/faults';
import { newTermSchema, type NewTerm } from '@/contracts/terms';
import type { Result } from '@/core/shared';
import { useContractForm } from '@/ui/forms/useContractForm';
import classes from '@/ui/forms/fields.module.css';
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
  const { fields, onSend, isBusy, error } = useContractForm(newTermSchema, props.term ?? NO_TERM, {
    'term/ends-before-it-starts': 'endsOn',
    'term/overlaps': 'startsOn',
  });
  return (
    <form
      noValidate
      className={classes.fields}
      onSubmit={onSend(props.onSend, () => {
        if (props.term === undefined) fields.reset();
        props.onDone?.();
      })}
    >
      <TextInput
        label={props.nameLabel ?? rosterText.nameTerm}
        size="md"
        maxLength={MOST_LETTERS.name}
        {...fields.getInputProps('name')}
      />
      <TextInput label={rosterText.firstDay} type="date" size="md" {...fields.getInputProps('startsOn')} />
      <TextInput label={rosterText.lastDay} type="date" size="md" {...fields.getInputProps('endsOn')} />
      <Button className={classes.send} type="submit" size="md" mih={44} loading={isBusy}>
        {props.button}
      </Button>
      <span role="alert">{error}</span>
    </form>
  );
}
