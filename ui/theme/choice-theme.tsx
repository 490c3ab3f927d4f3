'use client';
import { createTheme, ThemeProvider } from '@mui/material/styles';
import { type ReactNode, useSyncExternalStore } from 'react';
import { DARK, LIGHT } from './palette';
import { SCHEME_CHANGED, type Scheme, shownScheme } from './scheme';

const themeOf = (mode: Scheme, tones: typeof LIGHT) =>
  createTheme({
    palette: {
      mode,
      primary: { main: tones.water, contrastText: tones.onWater },
      error: { main: tones.alarm },
      background: { default: tones.page, paper: tones.paper },
      text: { primary: tones.ink, secondary: tones.quiet },
      divider: tones.line,
    },
    shape: { borderRadius: 3 },
    typography: { fontFamily: 'inherit', fontSize: 15 },
    components: {
      MuiButtonBase: { defaultProps: { disableRipple: true } },
      MuiIconButton: { styleOverrides: { root: { minWidth: 44, minHeight: 44 } } },
      MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: 'none' } } },
    },
  });

const THEMES: Readonly<Record<Scheme, ReturnType<typeof createTheme>>> = {
  light: themeOf('light', LIGHT),
  dark: themeOf('dark', DARK),
};

function listen(onChange: () => void) {
  window.addEventListener(SCHEME_CHANGED, onChange);
  return () => window.removeEventListener(SCHEME_CHANGED, onChange);
}

/** The look of what is chosen from a long list, a month or a clock: fetched with them, and only there. */
export function ChoiceTheme({ children }: { children: ReactNode }) {
  const scheme = useSyncExternalStore(listen, shownScheme, () => 'light' as const);
  return <ThemeProvider theme={THEMES[scheme]}>{children}</ThemeProvider>;
}
