/** Why something is left out, when a person decides it. */
export const REASONS = ['not-due', 'routine', 'redone', 'not-worth-it'] as const;
export type Reason = (typeof REASONS)[number];

/** What a decision is about, the nearest first. */
export const MARK_LEVELS = ['task', 'room', 'kind'] as const;
