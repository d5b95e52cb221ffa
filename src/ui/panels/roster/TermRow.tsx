'use client';
import { Button } from '@mantine/core';
import { useState, type ReactNode } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { ChangedTerm, Term } from '@/contracts/terms';
import type { Result } from '@/core/shared';
import { TermForm } from './TermForm';
import * as rosterText from '@/text/screens/roster';
import * as commonText from '@/text/screens/common';

/** A term as it is told, or the form that changes it. */
export function TermRow(props: {
  readonly term: Term;
  readonly children: ReactNode;
  readonly onSave: (input: ChangedTerm) => Promise<Result<undefined, ServiceFault>>;
}) {
  const { termId, name, startsOn, endsOn } = props.term;
  const [isOpen, setIsOpen] = useState(false);
  if (!isOpen) {
    return (
      <>
        {props.children}
        <Button
          variant="default"
          size="md"
          mih={44}
          aria-label={rosterText.changeNamed(name)}
          onClick={() => setIsOpen(true)}
        >
          {rosterText.change}
        </Button>
      </>
    );
  }
  return (
    <>
      <TermForm
        term={{ name, startsOn, endsOn }}
        button={commonText.save}
        onSend={(changed) => props.onSave({ ...changed, termId })}
        onDone={() => setIsOpen(false)}
      />
      <Button variant="default" size="md" mih={44} onClick={() => setIsOpen(false)}>
        {commonText.cancel}
      </Button>
    </>
  );
}
