/** The ways to look at the work: how long, what of it, in which order, and what to beware of. */
export const HOURS_VIEWS = [
  { href: '/hours', name: 'Room by room' },
  { href: '/scope', name: 'The whole list' },
  { href: '/order', name: 'What comes first' },
  { href: '/safety', name: 'What to beware of' },
] as const;
