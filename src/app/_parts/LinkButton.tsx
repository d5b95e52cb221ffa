'use client';
import { Button, type ButtonProps } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import type { ReactNode } from 'react';

/** A link that looks like a button: it goes somewhere, it changes nothing. */
export function LinkButton<Path extends string>({
  href,
  children,
  ...props
}: ButtonProps & {
  href: Route<Path>;
  children: ReactNode;
}) {
  return (
    <Button component={Link} href={href as Route} {...props}>
      {children}
    </Button>
  );
}
