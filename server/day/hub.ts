import { EventEmitter } from 'node:events';
import type { ToldEvent } from '../../core/day/events';

/** What is told at once to all phones of a household that listen: what happened, or that the plan is another one. */
export type News = { readonly kind: 'event'; readonly event: ToldEvent } | { readonly kind: 'plan' };

const store = globalThis as { earlyThawHub?: EventEmitter };

/** Outside the module, so that all parts of the server share it however they are bundled. One server process tells all. */
function hub(): EventEmitter {
  store.earlyThawHub ??= new EventEmitter().setMaxListeners(0);
  return store.earlyThawHub;
}

export function tell(household: string, news: News): void {
  hub().emit(household, news);
}

/** Calls back with all news of one household until what it returns is called. */
export function listen(household: string, hear: (news: News) => void): () => void {
  hub().on(household, hear);
  return () => hub().off(household, hear);
}
