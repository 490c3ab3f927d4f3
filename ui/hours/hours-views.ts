/** The two ways to look at the hours. */
export const HOURS_VIEWS = [
  { href: '/hours', name: 'Room by room' },
  { href: '/scope', name: 'The whole list' },
] as const;
