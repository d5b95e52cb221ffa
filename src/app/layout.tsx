import '@fontsource/andika/400.css';
import '@fontsource/andika/700.css';
import '@mantine/core/styles.css';
import '@/ui/theme/tokens.css';
import { ColorSchemeScript, mantineHtmlProps } from '@mantine/core';
import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { Providers } from '@/ui/theme/Providers';

export const metadata: Metadata = {
  title: { default: 'Vorschule', template: '%s · Vorschule' },
  description: 'A workbench for chess coaches.',
  robots: { index: false, follow: false },
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" {...mantineHtmlProps}>
      <head>
        <ColorSchemeScript defaultColorScheme="auto" />
      </head>
      <body>
        <Providers>{children}</Providers>
      </body>
    </html>
  );
}
