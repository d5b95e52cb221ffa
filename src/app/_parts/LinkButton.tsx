'use client';
import { Button, type ButtonProps } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import type { ReactNode } from 'react';

/** A link that looks like a button: it goes somewhere, it changes nothing. */
export function LinkButton<Path extends string>({
  href,
  says,
  children,
  ...props
}: ButtonProps & {
  href: Route<Path>;
  /** Said to who cannot see what stands beside it; the words inside, unless this says more. */
  says?: string;
  children: ReactNode;
}) {
  return (
    <Button component={Link} href={href as Route} aria-label={says} {...props}>
      {children}
    </Button>
  );
}
