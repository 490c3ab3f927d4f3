import type { Knex } from 'knex';
import { type HouseholdId, HouseholdScope } from '../db/scope';
import { keptHousehold, keptIds, whenRead } from '../household/kept';
import { nowIn } from '../process/clock';
import { log } from '../process/log';
import { processWide } from '../process/process-wide';
import { takeLessons } from './record';
import { rollOn } from './roll-on';

/** What the clock does by itself: what was missed rolls on, for households that somebody looks at. */

const LOOK_MS = 30_000;

/** Looks at every household in use now and then, and at one as soon as somebody opens it. */
export function startClock(db: Knex): void {
  processWide('clock', () => {
    whenRead((id) => void lookAt(new HouseholdScope(db, id)));
    return setInterval(() => {
      for (const id of keptIds()) void lookAt(new HouseholdScope(db, id));
    }, LOOK_MS).unref();
  });
}

const looking = new Set<HouseholdId>();

async function lookAt(scope: HouseholdScope): Promise<void> {
  if (looking.has(scope.household)) return;
  looking.add(scope.household);
  try {
    const { timezone } = (await keptHousehold(scope)).household;
    const now = nowIn(timezone);
    await rollOn(scope, now);
    await takeLessons(scope, now.slice(0, 10));
  } catch (error) {
    log.error({ err: { type: error instanceof Error ? error.name : 'unknown' } }, 'the clock could not look');
  } finally {
    looking.delete(scope.household);
  }
}
