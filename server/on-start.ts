import type { Knex } from 'knex';
import { sweepGone } from './access/leaving';
import { startClock } from './commands/clock-commands';
import { database } from './database';
import { connect } from './db/connection';
import { forgetAnswers } from './household/perform';
import { readFrom } from './household/replica';
import { endAll } from './news/hub';
import { shareNews } from './news/share';
import { wireBy } from './news/wire';
import { shareSearches } from './planning/far-searches';
import { startPlanning } from './planning/planner';
import { queueWishes } from './planning/queue';
import { config } from './process/config';
import { log } from './process/log';
import { watchReadiness } from './process/readiness';

const SWEEP_MS = 60 * 60_000;

/**
 * What a server process does besides answering: plans that are wished for are made, also those of a process that ended;
 * what was missed rolls on; phones that listen are let go when it is told to end.
 */
export function onServerStart(): void {
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, endAll);
  const db = database();
  watchReadiness(() => db.raw('SELECT 1'));
  startClock(db);
  setInterval(() => void sweep(db), SWEEP_MS).unref();
  const { redisUrl, readUrl } = config();
  readFrom(readUrl === undefined ? undefined : connect(readUrl));
  if (redisUrl) standBesideOthers(redisUrl, db);
  else startPlanning(db).catch((error: unknown) => failed(error, 'not all could begin'));
  forgetAnswers(db).catch((error: unknown) => failed(error, 'not all could begin'));
  void sweep(db);
}

/** One of several servers before one database: news are shared, and plans are made by planners. */
function standBesideOthers(redisUrl: string, db: Knex): void {
  const wire = wireBy(redisUrl);
  shareNews(wire);
  shareSearches(wire);
  queueWishes(redisUrl, db, wire);
}

/** Households whose pause is over go for good. */
async function sweep(db: Knex): Promise<void> {
  try {
    const { length } = await sweepGone(db);
    if (length > 0) log.info({ households: length }, 'households went for good, as they were asked to');
  } catch (error) {
    failed(error, 'what was to go could not be looked for');
  }
}

function failed(error: unknown, what: string): void {
  log.error({ err: { type: error instanceof Error ? error.name : 'unknown' } }, what);
}
