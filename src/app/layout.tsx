import '@fontsource/andika/400.css';
import '@fontsource/andika/700.css';
import '@mantine/core/styles.css';
import '@/ui/theme/tokens.css';
import { ColorSchemeScript, mantineHtmlProps } from '@mantine/core';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { Providers } from '@/ui/theme/Providers';
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
    <html lang="en" {...mantineHtmlProps}>
      <head>
        <ColorSchemeScript nonce={nonce} defaultColorScheme="auto" />
      </head>
      <body>
        <Providers>
          <FetchingNote />
          {children}
        </Providers>
      </body>
    </html>
  );
}
