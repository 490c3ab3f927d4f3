import { z } from 'zod';
import { idSchema } from '../../core/basics/scalars';
import type { HouseholdId } from '../db/scope';
import type { Wire } from '../news/wire';
import { processWide } from '../process/process-wide';
import { ownSearches, type PlanSearch, searchOf } from './searches';
import { turnsBefore } from './workers';

/** Searches in other processes: how far each has come is told on a beat, and each can be ended from here. */

const TOLD = 'early-thaw searches';
const STOPPED = 'early-thaw searches that are to end';
const BEAT_MS = 500;
/** What was not told of for so long is over. */
const OVER_MS = 2_000;

const progressSchema = z.strictObject({
  household: idSchema,
  seconds: z.number().min(0),
  best: z.strictObject({ cost: z.number(), leftOut: z.number() }).optional(),
  before: z.int().min(0).optional(),
});
const stoppedSchema = z.strictObject({ household: idSchema });

/** How far a search has come; before it has begun, how many others' come first. */
export type Progress = ReturnType<PlanSearch['progress']> & { readonly before?: number };

/** What whoever looks on sees of a search, and can do. */
export type WatchedSearch = { readonly progress: () => Progress; readonly stop: () => void };

type Told = { readonly at: number; readonly progress: Progress };
const far = () => processWide('far-searches', () => new Map<string, Told>());
const wires = () => processWide<{ wire?: Wire }>('search-wire', () => ({}));

/** From now on others hear of the searches of this process, and this one of theirs. */
export function shareSearches(wire: Wire): void {
  wires().wire = wire;
  wire.hear(TOLD, progressSchema, ({ household, seconds, best, before }) => {
    const progress = { seconds, ...(best && { best }), ...(before !== undefined && { before }) };
    far().set(household, { at: Date.now(), progress });
  });
  wire.hear(STOPPED, stoppedSchema, ({ household }) => searchOf(household as HouseholdId)?.stop());
  setInterval(() => {
    for (const [household, search] of ownSearches())
      wire.say(TOLD, { household, ...progressOf(household, search) });
    for (const [household, { at }] of far()) if (Date.now() - at > OVER_MS) far().delete(household);
  }, BEAT_MS).unref();
}

/** The search that is under way for a household, here or elsewhere; undefined where there is none. */
export function anySearchOf(household: HouseholdId): WatchedSearch | undefined {
  const own = searchOf(household);
  if (own) return { progress: () => progressOf(household, own), stop: () => own.stop() };
  const told = far().get(household);
  if (!told || Date.now() - told.at > OVER_MS) return undefined;
  return { progress: () => told.progress, stop: () => wires().wire?.say(STOPPED, { household }) };
}

function progressOf(household: HouseholdId, search: PlanSearch): Progress {
  const before = turnsBefore(household);
  return { ...search.progress(), ...(before !== undefined && { before }) };
}
