/** What the cost of a plan is made of; see "Which plan is better" in docs/formats/plan.md. */
export const COST_PARTS = [
  'late',
  'uneven',
  'open',
  'scatter',
  'wishes',
  'idle',
  'goings',
  'slivers',
  'sessions',
  'apart',
  'handovers',
  'dread',
  'dislikes',
  'unfair',
] as const;
/** The largest factor that a problem may put on one of them. */
export const MOST_WEIGHT = 10;

export type CostPart = (typeof COST_PARTS)[number];

/** Each part after its factor, rounded down: minutes' worth. */
export type Costs = Readonly<Record<CostPart, number>>;
