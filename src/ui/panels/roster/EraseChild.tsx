'use client';
import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { StudentId } from '@/contracts/ids';
import type { EraseStudent } from '@/contracts/records';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';
import classes from './Roster.module.css';
import * as rosterText from '@/text/screens/roster';
import * as commonText from '@/text/screens/common';

/** Erases a child everywhere once its name is typed; nothing brings it back. */
export function EraseChild(props: {
  readonly studentId: StudentId;
  readonly name: string;
  readonly onErase: (input: EraseStudent) => Promise<Result<undefined, ServiceFault>>;
  readonly onDone?: () => void;
}) {
  const [isOpen, setIsOpen] = useState(false);
  const [typed, setTyped] = useState('');
  const { send, isBusy, error } = useSending();
  if (!isOpen) {
    return (
      <Button
        variant="default"
        size="md"
        mih={44}
        aria-label={rosterText.eraseNamed(props.name)}
        onClick={() => setIsOpen(true)}
      >
        {rosterText.erase}
      </Button>
    );
  }
  return (
    <form
      className={classes.fields}
      onSubmit={(event) => {
        event.preventDefault();
        void send(() => props.onErase({ studentId: props.studentId, name: typed })).then((sent) => {
          if (sent !== undefined) props.onDone?.();
        });
      }}
    >
      <TextInput
        label={rosterText.eraseHelp(props.name)}
        size="md"
        value={typed}
        error={error === '' ? undefined : error}
        errorProps={{ role: 'alert' }}
        onChange={({ currentTarget }) => setTyped(currentTarget.value)}
      />
      <Button type="submit" color="clay" size="md" mih={44} loading={isBusy} disabled={typed !== props.name}>
        {rosterText.eraseGood}
      </Button>
      <Button variant="default" size="md" mih={44} onClick={() => setIsOpen(false)}>
        {commonText.cancel}
      </Button>
    </form>
  );
}
