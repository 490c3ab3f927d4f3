const heading = (fontSize: string, fontWeight = 560) => ({
  value: {
    fontFamily: 'var(--heading)',
    fontSize,
    fontWeight,
    lineHeight: 1.15,
    letterSpacing: '-0.01em',
  },
});

const text = (fontSize: string, lineHeight: number) => ({
  value: { fontSize, lineHeight, fontWeight: 400, letterSpacing: 0 },
});

/** How headings and running text are set. */
export const TEXT_STYLES = {
  h1: heading('clamp(1.75rem, 1.3rem + 1.6vw, 2.5rem)'),
  h2: heading('1.45rem'),
  h3: heading('1.15rem', 600),
  body: text('1.0714rem', 1.5),
  small: text('0.9375rem', 1.43),
  caption: text('0.8036rem', 1.66),
  overline: text('0.85rem', 1.4),
};
