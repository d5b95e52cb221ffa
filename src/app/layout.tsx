import '@fontsource/andika/400.css';
import '@fontsource/andika/700.css';
import '@/ui/theme/tokens.css';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { SCHEME_ATTRIBUTE, SCHEME_SCRIPT } from '@/ui/theme/scheme';
import { FetchingNote } from './_parts/FetchingNote';

export const metadata: Metadata = {
  title: { default: 'Vorschule', template: '%s · Vorschule' },
  description: 'A workbench for chess coaches.',
  robots: { index: false, follow: false },
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  // Scripts of the page itself bear the number of this answer; no other one runs. So no page is made before it is asked for.
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    // The script below may change the scheme before the page wakes.
    <html lang="en" {...{ [SCHEME_ATTRIBUTE]: 'light' }} suppressHydrationWarning>
      <head>
        <script nonce={nonce} dangerouslySetInnerHTML={{ __html: SCHEME_SCRIPT }} />
      </head>
      <body>
        <FetchingNote />
        {children}
      </body>
    </html>
  );
}
