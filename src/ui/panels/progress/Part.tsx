import type { ReactNode } from 'react';
import classes from './Progress.module.css';

/** A card of a progress page. */
export function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section className={classes.part}>
      <h2>{title}</h2>
      {children}
    </section>
  );
}
