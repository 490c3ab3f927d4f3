/** Ways to look at what was done and what is due. */
export const ALMANAC_VIEWS = [
  { href: '/almanac', name: 'The year' },
  { href: '/almanac/today', name: 'A little today' },
  { href: '/almanac/seasons', name: 'Seasons and trades' },
  { href: '/record', name: 'The record' },
] as const;
