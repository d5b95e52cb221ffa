'use client';
import { Button } from '@mantine/core';
import { Notice } from './Notice';

/** Something of ours has failed. */
export function FailedNotice({ reset }: { readonly reset: () => void }) {
  return (
    <Notice title="Something went wrong on our side.">
      What you had stored is safe. Try once more; if it happens again, tell whoever runs Vorschule for your
      club.
      <br />
      <Button mt="md" onClick={reset}>
        Try again
      </Button>
    </Notice>
  );
}
