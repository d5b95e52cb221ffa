'use client';
import type { Route } from 'next';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import styles from '../../_parts/pages.module.css';
import * as shellText from '@/text/screens/shell';

const PLACES: readonly { readonly href: Route; readonly name: string }[] = [
  { href: '/desk', name: 'Desk' },
  { href: '/exercises', name: 'Exercises' },
  { href: '/patterns', name: 'Mates' },
  { href: '/sets', name: 'Sets' },
  { href: '/games', name: 'Games' },
  { href: '/classes', name: 'Classes' },
  { href: '/club', name: 'Club' },
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
