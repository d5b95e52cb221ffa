'use client';
import type { Route } from 'next';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import styles from '../layout.module.css';
import * as shellText from '@/text/screens/shell';

const PLACES: readonly { readonly href: Route; readonly name: string }[] = [
  { href: '/desk', name: shellText.desk },
  { href: '/exercises', name: shellText.exercises },
  { href: '/patterns', name: shellText.mates },
  { href: '/sets', name: shellText.sets },
  { href: '/games', name: shellText.games },
  { href: '/classes', name: shellText.classes },
  { href: '/club', name: shellText.club },
];

export function NavLinks() {
  const path = usePathname();
  return (
    <nav className={styles.nav} aria-label={shellText.main}>
      {PLACES.map(({ href, name }) => (
        <Link
          key={href}
          href={href}
          className={styles.navLink}
          aria-current={path.startsWith(href) ? 'page' : undefined}
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}
