import Link from 'next/link';
import { Notice } from './Notice';
import * as shellText from '@/text/screens/shell';

/** What was asked for is not there, or not for whoever asks. */
export function MissingNotice() {
  return (
    <Notice title={shellText.pageDoesNotExist}>
      {shellText.missingPageHelp}
      <Link href="/">{shellText.goHome}</Link>.
    </Notice>
  );
}
