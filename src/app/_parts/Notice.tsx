import type { ReactNode } from 'react';

/** A page that is one message: what happened and what to do. It stands inside the page's one `main`. */
export function Notice({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div style={{ maxWidth: '34rem', margin: '5rem auto', padding: '0 1.25rem', fontSize: '1.125rem' }}>
      <h1 style={{ fontSize: '1.6rem' }}>{title}</h1>
      <div>{children}</div>
    </div>
  );
}
