import './fonts';
import CssBaseline from '@mui/material/CssBaseline';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { ThemeProvider } from '@mui/material/styles';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { CommandsProvider } from '@/ui/state/commands-provider';
import { DARK, LIGHT } from '@/ui/theme/palette';
import { theme } from '@/ui/theme/theme';

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
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <InitColorSchemeScript attribute="data-scheme" defaultMode="system" nonce={nonce} />
        <AppRouterCacheProvider options={{ key: 'thaw' }}>
          <ThemeProvider theme={theme} defaultMode="system">
            <CssBaseline />
            <CommandsProvider>{children}</CommandsProvider>
          </ThemeProvider>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
