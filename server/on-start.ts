import { startClock } from './commands/clock-commands';
import { database } from './database';
import { forgetAnswers } from './household/perform';
import { endAll } from './news/hub';
import { startPlanning } from './planning/planner';
import { log } from './process/log';
import { watchReadiness } from './process/readiness';

/**
 * What a server process does besides answering: plans that are wished for are made, also those of a process that ended;
 * what was missed rolls on; phones that listen are let go when it is told to end.
 */
export function onServerStart(): void {
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, endAll);
  const db = database();
  watchReadiness(() => db.raw('SELECT 1'));
  startClock(db);
  for (const begin of [startPlanning, forgetAnswers])
    begin(db).catch((error: unknown) =>
      log.error({ err: { type: error instanceof Error ? error.name : 'unknown' } }, 'not all could begin'),
    );
}
