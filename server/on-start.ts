import { endAll } from './day/hub';

/** What a server process does besides answering: phones that listen are let go when it is told to end. */
export function onServerStart(): void {
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, endAll);
}
