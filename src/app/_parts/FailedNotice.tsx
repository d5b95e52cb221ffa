'use client';
import { Button } from '@/ui/controls';
import { Notice } from './Notice';

/** Something of ours has failed. `retry` fetches the page anew. */
export function FailedNotice({ retry }: { readonly retry: () => void }) {
  return (
    <Notice title="Something went wrong on our side.">
      What you had stored is safe. Try once more; if it happens again, tell whoever runs Vorschule for your
      club.
      <br />
      <Button style={{ marginTop: '1rem' }} onClick={retry}>
        Try again
      </Button>
    </Notice>
  );
}
