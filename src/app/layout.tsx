import '@fontsource/andika/400.css';
import '@fontsource/andika/700.css';
import '@/ui/theme/tokens.css';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { SCHEME_ATTRIBUTE, SCHEME_SCRIPT } from '@/ui/theme/scheme';
import { preload } from 'react-dom';
import { FetchingNote } from './_parts/FetchingNote';
import * as shellText from '@/text/screens/shell';

/** The letters of every page, asked for with the page itself. */
const FONTS = [
  new URL('@fontsource/andika/files/andika-latin-400-normal.woff2', import.meta.url),
  new URL('@fontsource/andika/files/andika-latin-700-normal.woff2', import.meta.url),
];

export const metadata: Metadata = {
  title: { default: shellText.productName, template: '%s · Vorschule' },
  description: shellText.description,
  robots: { index: false, follow: false },
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  // Scripts of the page itself bear the number of this answer; no other one runs. So no page is made before it is asked for.
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  for (const { href } of FONTS) preload(href, { as: 'font', type: 'font/woff2', crossOrigin: 'anonymous' });
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
