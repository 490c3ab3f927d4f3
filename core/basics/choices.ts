/** Closed choices of a household, apart from its schema so that a screen can show them without it. */

/** Estimates from rates and the walk, or by a person's own guess where there is one. */
export const ESTIMATES = ['rates', 'guess'] as const;

/** What a household cares about most in its plan. */
export const MATTERS = ['usual', 'tidy', 'early', 'few-sessions'] as const;
export type Matter = (typeof MATTERS)[number];

export const UNITS = ['metric', 'us'] as const;
export type Units = (typeof UNITS)[number];

/** How much a task matters: what is left out first is what could be done. */
export const PRIORITIES = ['must', 'should', 'could'] as const;

/** What comes first in a clean. */
export const FIRST_JOBS = ['dreaded', 'easy', 'way-in', 'any'] as const;
