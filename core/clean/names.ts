/** What a person chooses from on the day; apart from the schemas, so that a page need not bring those along. */

export const PILES = ['stays', 'elsewhere', 'give', 'sell', 'mend', 'recycle', 'bin'] as const;
export type Pile = (typeof PILES)[number];

/** What was found on the way: work for later, something to mend or to buy, a thing that belongs in another room, food to use up soon. */
export const FINDS = ['mend', 'buy', 'elsewhere', 'later', 'use'] as const;
export type Find = (typeof FINDS)[number];

/** Why a step can't be done. */
export const HINDRANCES = ['product', 'tool', 'help', 'broken', 'unsafe'] as const;
export type Hindrance = (typeof HINDRANCES)[number];

/** Why a thing is to live elsewhere. */
export const NEW_HOME_REASONS = ['use', 'reach', 'room'] as const;
export type NewHomeReason = (typeof NEW_HOME_REASONS)[number];

/** How it came out, as somebody saw it. */
export const OUTCOMES = ['clean', 'part', 'dirty'] as const;
export type HowItCameOut = (typeof OUTCOMES)[number];

/** Events that are sent in one go. */
export const MOST_AT_ONCE = 200;
