import type { Route } from 'next';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { buttonClass, type ButtonLook } from '@/ui/controls';

/** A link of the seat that looks like a button: it goes somewhere, it changes nothing. */
export function SeatLink<Path extends string>({
  href,
  says,
  children,
  ...look
}: ButtonLook & {
  readonly href: Route<Path>;
  /** Said to who cannot see what stands beside it; the words inside, unless this says more. */
  readonly says?: string;
  readonly children: ReactNode;
}) {
  return (
    <Link href={href as Route} className={buttonClass(look)} aria-label={says}>
      {children}
    </Link>
  );
}
