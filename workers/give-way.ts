import { constants, setPriority } from 'node:os';

/** Work in the background gives way to whoever waits for a page: on Linux, a thread has a priority of its own. */
export function giveWay(): void {
  if (process.platform === 'linux') setPriority(constants.priority.PRIORITY_LOW);
}
