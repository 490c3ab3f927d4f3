import { EventEmitter } from 'node:events';
import type { ToldEvent } from '../../core/clean/events';
import { processWide } from '../process/process-wide';

/** What is told at once to all phones of a household that listen: what happened, or that the plan is another one. */
export type News = { readonly kind: 'event'; readonly event: ToldEvent } | { readonly kind: 'plan' };

/** One server process tells all that listen at it. */
const hub = () => processWide('hub', () => new EventEmitter().setMaxListeners(0));

type Pass = (household: string, news: News) => void;
/** How other server processes hear of it, where there are any. */
const others = () => processWide<{ pass?: Pass }>('other-servers', () => ({}));

export function tell(household: string, news: News): void {
  hub().emit(household, news);
  others().pass?.(household, news);
}

/** From now on what is told here is passed on to other server processes. */
export function passOn(pass: Pass): void {
  others().pass = pass;
}

/** Another server process has told something. */
export function heardElsewhere(household: string, news: News): void {
  hub().emit(household, news);
}

/** Something may have been missed: all that listen look anew. */
export function catchUp(): void {
  for (const household of hub().eventNames())
    if (household !== WISH && household !== END) hub().emit(household, { kind: 'plan' } satisfies News);
}

/** Tells what a command has come to: what happened, in its order, and that the household is another. */
export function revisionTold(household: string, events: readonly ToldEvent[], isAnother: boolean): void {
  for (const event of events) tell(household, { kind: 'event', event });
  if (isAnother) tell(household, { kind: 'plan' });
}

// Words, not symbols: pages, routes and what runs from the start are bundled apart, and each would have its own symbol.
const WISH = 'a plan is wished for';
const END = 'nothing more is told';

/** When a plan is wanted: at once, or when no more changes come. */
export type When = 'now' | 'soon';

/** Tells whoever makes plans that one is wished for. */
export function wishTold(household: string, when: When): void {
  hub().emit(WISH, household, when);
}

/** Calls back whenever a plan is wished for. */
export function whenWished(hear: (household: string, when: When) => void): void {
  hub().on(WISH, hear);
}

/** Lets all go that listen: nothing more will be told. */
export function endAll(): void {
  hub().emit(END);
}

/** Calls back once when nothing more will be told, until what it returns is called. */
export function whenEnded(end: () => void): () => void {
  hub().once(END, end);
  return () => hub().off(END, end);
}

/** Calls back with all news of one household until what it returns is called. */
export function listen(household: string, hear: (news: News) => void): () => void {
  hub().on(household, hear);
  return () => hub().off(household, hear);
}
