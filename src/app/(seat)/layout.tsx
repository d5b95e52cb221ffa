import type { ReactNode } from 'react';
import styles from '../_parts/pages.module.css';

export default function SeatLayout({ children }: { children: ReactNode }) {
  return <main className={styles.seat}>{children}</main>;
}
