'use client';
import { Button } from '@mantine/core';
import type { ServiceFault } from '@/contracts/faults';
import type { EmailId } from '@/contracts/ids';
import type { Result } from '@/core/shared';
import { useSending } from '@/ui/forms/useSending';
import * as reportsText from '@/text/screens/reports';
import * as commonText from '@/text/screens/common';

/** Takes an email out of the outbox. */
export function RemoveEmail(props: {
  readonly emailId: EmailId;
  readonly subject: string;
  readonly onRemove: (input: { readonly emailId: EmailId }) => Promise<Result<undefined, ServiceFault>>;
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
          void send(() => props.onRemove({ emailId: props.emailId })).then((sent) => {
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
