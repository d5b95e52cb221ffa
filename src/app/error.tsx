'use client';
import { Button } from '@mantine/core';
import { Notice } from './_parts/Notice';

export default function Failed({ reset }: { error: Error; reset: () => void }) {
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
