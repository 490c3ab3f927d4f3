import { letters } from './fonts';
import '@/ui/theme/look.css';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { reader, readerScript } from '@/present/words/reader';
import { DARK, LIGHT } from '@/ui/theme/palette';
import { SCHEME_SCRIPT } from '@/ui/theme/scheme';

export const metadata: Metadata = {
  title: { default: 'Early Thaw', template: '%s · Early Thaw' },
  description: 'Plans a deep clean of a whole home and carries it through.',
  appleWebApp: { capable: true, title: 'Early Thaw' },
};

export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: LIGHT.page },
    { media: '(prefers-color-scheme: dark)', color: DARK.page },
  ],
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  const scripts = `${readerScript(reader())};${SCHEME_SCRIPT}`;
  return (
    <html lang="en" className={letters} suppressHydrationWarning>
      <body>
        {/* biome-ignore lint/security/noDangerouslySetInnerHtml: the application's own few lines. */}
        <script nonce={nonce} dangerouslySetInnerHTML={{ __html: scripts }} suppressHydrationWarning />
        {children}
      </body>
    </html>
  );
}
