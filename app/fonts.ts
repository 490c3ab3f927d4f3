import '@fontsource-variable/commissioner';
import '@fontsource-variable/petrona';
import localFont from 'next/font/local';

/**
 * The letters of the product. Those of most pages are fetched with the page itself, and where they come too late for its
 * first picture, that page keeps the device’s own: nothing jumps. Letters of other scripts come when a name has them.
 */
const text = localFont({
  src: '../node_modules/@fontsource-variable/commissioner/files/commissioner-latin-wght-normal.woff2',
  weight: '100 900',
  variable: '--font-text',
  display: 'optional',
});

const heading = localFont({
  src: '../node_modules/@fontsource-variable/petrona/files/petrona-latin-wght-normal.woff2',
  weight: '100 900',
  variable: '--font-heading',
  display: 'optional',
  adjustFontFallback: 'Times New Roman',
});

export const letters = `${text.variable} ${heading.variable}`;
