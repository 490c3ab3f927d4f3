'use client';
import { createTheme } from '@mui/material/styles';
import { FROST_PROPERTIES } from './frost';
import { DARK, LIGHT } from './palette';

/**
 * The product's own look. What is still frozen has straight, cut edges; what is clear is round. Tones are named by
 * what they stand for and reach the drawings as CSS variables: --mui-palette-thaw-ice and so on.
 */

declare module '@mui/material/styles' {
  interface Palette {
    thaw: typeof LIGHT;
  }
  interface PaletteOptions {
    thaw: typeof LIGHT;
  }
}

const paletteOf = (tones: typeof LIGHT, contrast: string) => ({
  primary: { main: tones.water, contrastText: contrast },
  secondary: { main: tones.sunInk, contrastText: contrast },
  error: { main: tones.alarm, contrastText: contrast },
  background: { default: tones.page, paper: tones.paper },
  text: { primary: tones.ink, secondary: tones.quiet },
  divider: tones.line,
  thaw: tones,
});

const HEADING = '"Petrona Variable", Georgia, serif';
const heading = (size: string, weight = 560) => ({
  fontFamily: HEADING,
  fontSize: size,
  fontWeight: weight,
  lineHeight: 1.15,
  letterSpacing: '-0.01em',
});

export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-scheme' },
  colorSchemes: {
    light: { palette: paletteOf(LIGHT, '#ffffff') },
    dark: { palette: paletteOf(DARK, '#0d181d') },
  },
  shape: { borderRadius: 3 },
  spacing: 8,
  typography: {
    fontFamily: '"Commissioner Variable", system-ui, sans-serif',
    fontSize: 15,
    h1: heading('clamp(1.75rem, 1.3rem + 1.6vw, 2.5rem)'),
    h2: heading('1.45rem'),
    h3: heading('1.15rem', 600),
    button: { textTransform: 'none', fontWeight: 600, fontSize: '1rem' },
    overline: { textTransform: 'none', letterSpacing: 0, fontSize: '0.85rem', lineHeight: 1.4 },
  },
  transitions: { duration: { shortest: 120, shorter: 160, short: 200, standard: 240 } },
  components: {
    MuiButton: {
      defaultProps: { disableElevation: true, disableRipple: true },
      styleOverrides: {
        root: {
          minHeight: 44,
          paddingInline: 18,
          borderRadius: 3,
          // What is written on it can be read at once, also while the rest of it turns from off to on.
          transitionProperty: 'background-color, border-color',
        },
      },
    },
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: {
        root: {
          fontFamily: 'inherit',
          '&.Mui-focusVisible': { outline: '3px solid var(--mui-palette-thaw-ring)', outlineOffset: 2 },
        },
      },
    },
    MuiIconButton: { styleOverrides: { root: { minWidth: 44, minHeight: 44 } } },
    MuiLink: {
      defaultProps: { underline: 'always' },
      styleOverrides: { root: { textUnderlineOffset: '0.2em' } },
    },
    MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiCssBaseline: {
      styleOverrides: {
        body: { fontVariantNumeric: 'tabular-nums', ...FROST_PROPERTIES },
        html: { scrollPaddingBottom: 96 },
        'a:focus-visible, summary:focus-visible, [tabindex]:focus-visible': {
          outline: '3px solid var(--mui-palette-thaw-ring)',
          outlineOffset: 2,
        },
        '@media (prefers-reduced-motion: reduce)': {
          '*, *::before, *::after': {
            animationDuration: '0.01ms !important',
            transitionDuration: '0.01ms !important',
          },
        },
        // There backgrounds say nothing: what is pressed has a line round it.
        '@media (forced-colors: active)': {
          'button, [role=button]': { outline: '1px solid ButtonText', outlineOffset: -1 },
        },
        '.skip': {
          position: 'absolute',
          insetInlineStart: 8,
          top: -80,
          zIndex: 2000,
          padding: '12px 18px',
          background: 'var(--mui-palette-background-paper)',
          color: 'var(--mui-palette-text-primary)',
        },
        '.skip:focus': { top: 8 },
        '@media print': { 'nav, button, [role=toolbar], .not-printed': { display: 'none !important' } },
        '.visually-hidden': {
          position: 'absolute',
          width: 1,
          height: 1,
          overflow: 'hidden',
          clipPath: 'inset(50%)',
          whiteSpace: 'nowrap',
        },
      },
    },
  },
});
