'use client';
import { Button } from '@/ui/controls';
import { Notice } from './Notice';
import * as shellText from '@/text/screens/shell';

/** Something of ours has failed. `retry` fetches the page anew. */
export function FailedNotice({ retry }: { readonly retry: () => void }) {
  return (
    <Notice title={shellText.somethingWentWrong}>
      {shellText.errorHelp}
      <br />
      <Button style={{ marginTop: '1rem' }} onClick={retry}>
        {shellText.tryAgain}
      </Button>
    </Notice>
  );
}
