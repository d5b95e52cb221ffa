import Link from 'next/link';
import { Notice } from './_parts/Notice';

export default function NotFound() {
  return (
    <Notice title="This page is not there.">
      The address may be old, or what it showed was taken away. <Link href="/">Go to the first page</Link>.
    </Notice>
  );
}
