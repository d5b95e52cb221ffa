'use client';
import { Button } from '@mantine/core';
import type { ServiceFault } from '@/contracts/faults';
import type { MailId } from '@/contracts/ids';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';
import * as reportsText from '@/text/screens/reports';
import * as commonText from '@/text/screens/common';

/** Takes a mail out of the outbox. */
export function RemoveMail(props: {
  readonly mailId: MailId;
  readonly subject: string;
  readonly onRemove: (input: { readonly mailId: MailId }) => Promise<Result<undefined, ServiceFault>>;
  readonly onDone?: () => void;
}) {
  const { send, isBusy, error } = useSending();
  return (
    <>
      <Button
        variant="default"
        size="md"
        mih={44}
        loading={isBusy}
        aria-label={reportsText.deleteNamed(props.subject)}
        onClick={() =>
          void send(() => props.onRemove({ mailId: props.mailId })).then((sent) => {
            if (sent !== undefined) props.onDone?.();
          })
        }
      >
        {commonText.deleteButton}
      </Button>
      {error !== '' && <span role="alert">{error}</span>}
    </>
  );
}
