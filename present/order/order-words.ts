import type { Within } from '@/core/clean/rule';

export const WITHIN_WORDS: Record<Within, string> = {
  stop: 'at one stop',
  room: 'in one room',
  connected: 'in connected rooms',
  house: 'in the whole house',
  load: 'in one load of the wash',
};

/** Between which a rule of one’s own may hold. */
export const OWN_WITHIN = Object.entries(WITHIN_WORDS).filter(([within]) => within !== 'load');
