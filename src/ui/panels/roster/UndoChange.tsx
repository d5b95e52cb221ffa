'use client';
import { Button } from '@mantine/core';
import type { ServiceFault } from '@/contracts/faults';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';
import * as rosterText from '@/text/screens/roster';

export type UndoRosterChange = (input: {
  readonly changeId: number;
}) => Promise<Result<undefined, ServiceFault>>;

/** Takes back a change of who is in which class, or says why that is too late. */
export function UndoChange(props: {
  readonly changeId: number;
  readonly onUndo: UndoRosterChange;
  readonly onDone?: () => void;
}) {
  const { send, isBusy, error } = useSending();
  return (
    <>
      <Button
        size="md"
        mih={44}
        variant="default"
        loading={isBusy}
        onClick={() =>
          void send(() => props.onUndo({ changeId: props.changeId })).then((sent) => {
            if (sent !== undefined) props.onDone?.();
          })
        }
      >
        {rosterText.undo}
      </Button>
      <span role="alert">{error}</span>
    </>
  );
}
