import { broughtBackLoads } from './brought-back-loads';
import { putAwayLoads } from './put-away-loads';
import type { CleanTask, Work } from './task';

/** The tasks of a clean with what is washed gathered into loads, as few as the machine allows. */
export function gathered(tasks: readonly CleanTask[], work: Work): CleanTask[] {
  return broughtBackLoads(putAwayLoads(tasks, work), work);
}
