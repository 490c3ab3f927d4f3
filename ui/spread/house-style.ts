import { FROST } from '../theme/frost';

const LINE = '1px solid var(--mui-palette-divider)';

/**
 * The look of the house by day. A table of hundreds of cells takes its style from its tags and classes: a styled
 * component for each would cost the server more than everything else on the page.
 */
export const HOUSE_STYLE = {
  borderCollapse: 'collapse',
  fontSize: '0.9rem',
  minWidth: '100%',
  '& th': { fontWeight: 400, p: 0, borderBottom: LINE },
  '& th[scope=col]': { minWidth: 38 },
  '& th:first-of-type': {
    position: 'sticky',
    insetInlineStart: 0,
    zIndex: 1,
    bgcolor: 'background.default',
    textAlign: 'start',
    fontWeight: 500,
    pr: 1.5,
    maxWidth: { xs: 116, md: 210 },
    whiteSpace: 'nowrap',
    overflow: 'hidden',
    textOverflow: 'ellipsis',
  },
  '& a': {
    display: 'block',
    py: 0.5,
    lineHeight: 1.25,
    color: 'inherit',
    textDecoration: 'none',
    minHeight: 48,
  },
  '& a.opened': { boxShadow: 'inset 0 -3px 0 var(--mui-palette-text-primary)' },
  '& a:hover': { textDecoration: 'underline' },
  '& a svg': { display: 'block', mx: 'auto' },
  '& small': { display: 'block', fontSize: '0.78rem', color: 'text.secondary' },
  '& .today': { bgcolor: 'var(--mui-palette-thaw-sunSoft)', fontWeight: 650 },
  '& td': {
    p: 0,
    height: 44,
    position: 'relative',
    borderBottom: LINE,
    verticalAlign: 'bottom',
    fontWeight: 400,
  },
  '& td > i': {
    position: 'absolute',
    insetInline: 0,
    bottom: 0,
    height: 3,
    bgcolor: 'var(--mui-palette-thaw-iceEdge)',
  },
  '& td > .frozen, & td > .clear': {
    position: 'absolute',
    insetInline: 3,
    bottom: 0,
    fontSize: '0.76rem',
    pt: '1px',
    textAlign: 'center',
  },
  '& td > .frozen': { background: FROST },
  '& td > .clear': { bgcolor: 'var(--mui-palette-thaw-waterSoft)', borderRadius: '10px 10px 0 0' },
  '& .people td': { p: '3px', height: 40, verticalAlign: 'top', fontSize: '0.72rem', lineHeight: 1.3 },
  '& .people b': {
    display: 'block',
    height: 4,
    mb: '2px',
    borderRadius: 2,
    bgcolor: 'var(--mui-palette-thaw-water)',
  },
} as const;
