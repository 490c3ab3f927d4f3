/** Ice, as custom properties of the page: sheets and components draw it by the same two names. */
export const FROST_PROPERTIES = {
  // Hairlines on the ice tone: the look of everything that is still to do.
  '--frost':
    'repeating-linear-gradient(128deg, transparent 0 7px, color-mix(in srgb, var(--mui-palette-thaw-iceEdge) 38%, transparent) 7px 8px), var(--mui-palette-thaw-ice)',
  // Cut corners are ice; they become round when the thing is clear.
  '--cut': 'polygon(9px 0, 100% 0, 100% calc(100% - 9px), calc(100% - 9px) 100%, 0 100%, 0 9px)',
} as const;

export const FROST = 'var(--frost)';
export const CUT = 'var(--cut)';
