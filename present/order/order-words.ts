import type { Within } from '@/core/clean/rule';

export const WITHIN_WORDS: Record<Within, string> = {
  stop: 'at one stop',
  room: 'in one room',
  connected: 'in connected rooms',
  house: 'in the whole house',
};
