import Link from 'next/link';
import { Notice } from './Notice';

/** What was asked for is not there, or not for whoever asks. */
export function MissingNotice() {
  return (
    <Notice title="This page does not exist.">
      The address may be old, or what it showed was deleted. <Link href="/">Go to the home page</Link>.
    </Notice>
  );
}
