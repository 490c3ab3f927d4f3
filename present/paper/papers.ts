/** Every paper that can be printed, with what it is for; those of a room and of another day are reached from there. */
export const PAPERS_LISTED = [
  {
    href: '/paper/plan',
    name: 'The whole plan',
    use: 'Each day with who does what, when and where, and what waits.',
  },
  {
    href: '/paper/day',
    name: 'Today',
    use: 'Kit, mixtures, cautions, each step with a box, and room for notes.',
  },
  { href: '/paper/shopping', name: 'What to buy', use: 'In the order of the shop, with boxes.' },
  { href: '/paper/mixing', name: 'Mixing cards', use: 'What goes into how much water, to hang by the tap.' },
  { href: '/paper/wash', name: 'The wash', use: 'Each drum, by when it is out, and where it dries.' },
  {
    href: '/paper/seasons',
    name: 'Seasons and trades',
    use: 'What belongs to which season, and who comes when.',
  },
  {
    href: '/paper/year',
    name: 'The year',
    use: 'What was done, what is due and what is late, month by month.',
  },
  {
    href: '/paper/walk',
    name: 'The walk as a form',
    use: 'To go round the house with a pencil and type it in later.',
  },
] as const;
