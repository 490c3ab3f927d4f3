import { groupBy } from '../basics/group-by';
import { taskOfStep } from '../basics/ids';
import { isFromTap, type ProductName } from '../catalogue/products';
import type { Stock, Supplies } from '../clean/supplies';
import type { Fixture } from '../home/room';
import { THING_NAMES, type ThingName } from '../home/thing-names';
import type { Plan } from '../plan/plan';
import type { CleanTask } from '../work/task';
import { type Mixture, mixturesFor, mixturesInTurn } from './amounts';
import type { Pack, PriceList } from './price-list';
import { type Lasting, lastingOf, thingsFor, wornOutAt } from './things';

/** What has to be bought, by when, and for which session: what a clean needs against what is in the cupboard. */

/** A stretch of work with the tasks that it begins. */
export type WorkSession = {
  readonly id: string;
  readonly date: string;
  readonly start: string;
  readonly end: string;
  readonly people: readonly string[];
  readonly tasks: readonly CleanTask[];
};

export type SupplyName = ProductName | ThingName;

export type SupplyLine = {
  readonly name: SupplyName;
  readonly kind: 'product' | 'thing';
  readonly unit: 'ml' | 'g' | 'pieces';
  readonly needed: number;
  /** In the cupboard and still good. */
  readonly have: number;
  /** In the cupboard, and past its date. */
  readonly expired: number;
  readonly toBuy: number;
  readonly packs: number;
  readonly pack: Pack;
  readonly cents: number;
  /** The first session for which the cupboard does not hold enough; undefined where nothing is missing or planned. */
  readonly session: WorkSession | undefined;
  /** Sessions and tasks that can't be done without what is missing. */
  readonly holdsUp: readonly CleanTask[];
};

export type Shopping = {
  readonly lines: readonly SupplyLine[];
  readonly cents: number;
};

/** Work on one date by the people who share it; what is not planned yet comes as one stretch without a date. */
export function sessionsOf(
  plan: Plan | undefined,
  tasks: readonly CleanTask[],
  done: ReadonlySet<string>,
  from: string,
): WorkSession[] {
  const open = tasks.filter((task) => !isBegun(task, done));
  if (!plan) return open.length === 0 ? [] : [unplanned(open)];
  const starts = firstStarts(plan);
  const sessions = plan.sessions
    .filter((session) => session.date >= from)
    .map((session) => ({
      id: session.id,
      date: session.date,
      start: session.start,
      end: session.end,
      people: [session.person],
      tasks: open
        .filter((task) => {
          const start = starts.get(task.id);
          return start?.person === session.person && start.at >= session.start && start.at < session.end;
        })
        .sort((a, b) => startOf(a, starts).localeCompare(startOf(b, starts))),
    }))
    .filter((session) => session.tasks.length > 0)
    .sort((a, b) => a.start.localeCompare(b.start));
  const planned = new Set(sessions.flatMap((session) => session.tasks));
  const rest = open.filter((task) => !planned.has(task));
  return rest.length === 0 ? sessions : [...sessions, unplanned(rest)];
}

function startOf(task: CleanTask, starts: ReturnType<typeof firstStarts>): string {
  return starts.get(task.id)?.at ?? '';
}

function unplanned(tasks: readonly CleanTask[]): WorkSession {
  return { id: '', date: '', start: '', end: '', people: [], tasks };
}

/** What a begun task takes has been taken out of the cupboard already. */
function isBegun(task: CleanTask, done: ReadonlySet<string>): boolean {
  return task.estimate.steps.some(({ step }) => done.has(`${task.id}/${step.key}`));
}

function firstStarts(plan: Plan): Map<string, { readonly at: string; readonly person: string }> {
  const starts = new Map<string, { at: string; person: string }>();
  for (const entry of plan.entries) {
    const person = entry.people[0];
    if (person === undefined) continue;
    const task = taskOfStep(entry.step);
    const known = starts.get(task);
    if (!known || entry.start < known.at) starts.set(task, { at: entry.start, person });
  }
  return starts;
}

/**
 * The list: what the sessions need in turn, drawn from the cupboard until it is empty. Amounts in millilitres, grams or
 * pieces; packs are whole. `consumed` is what was used since the cupboard was counted; `today` decides what is past
 * its date. `worn` are fixtures at which something is worn out, seen to in a session or not.
 */
export function shoppingList(
  sessions: readonly WorkSession[],
  supplies: Supplies,
  consumed: ReadonlyMap<ProductName, number>,
  prices: PriceList,
  today: string,
  worn: readonly Fixture[] = [],
): Shopping {
  const lines = [
    ...productLines(sessions, supplies, consumed, prices, today),
    ...thingLines(sessions, supplies, prices, worn),
  ];
  return { lines, cents: lines.reduce((sum, line) => sum + line.cents, 0) };
}

/** What a session mixes, in its order; of what has no date yet no order is known. */
export function mixturesOf({ date, tasks }: WorkSession, supplies: Supplies): Mixture[] {
  return date === '' ? mixturesFor(tasks, supplies) : mixturesInTurn(tasks, supplies);
}

function productLines(
  sessions: readonly WorkSession[],
  supplies: Supplies,
  consumed: ReadonlyMap<ProductName, number>,
  prices: PriceList,
  today: string,
): SupplyLine[] {
  const needs = new Map<ProductName, { unit: Mixture['unit']; uses: Use[] }>();
  for (const session of sessions)
    for (const { product, unit, amount, tasks } of mixturesOf(session, supplies)) {
      if (isFromTap(product)) continue;
      const known = needs.get(product) ?? { unit, uses: [] };
      known.uses.push({ session, amount, tasks });
      needs.set(product, known);
    }
  return [...needs].map(([product, { unit, uses }]) => {
    const stock = supplies.stock.find((known) => known.product === product);
    const left = Math.max(0, (stock?.amount ?? 0) - (consumed.get(product) ?? 0));
    const old = stock !== undefined && isExpired(stock, today);
    return lineOf(
      'product',
      product,
      unit,
      uses,
      old ? 0 : left,
      old ? left : 0,
      prices.productPack(product),
    );
  });
}

function thingLines(
  sessions: readonly WorkSession[],
  supplies: Supplies,
  prices: PriceList,
  worn: readonly Fixture[],
): SupplyLine[] {
  const renewed = new Set<string>();
  const seenTo = sessions.flatMap((session) => [
    ...thingsFor(session.tasks).map((needed) => ({ ...needed, tasks: session.tasks, session })),
    // Something worn out is renewed where its fixture is first seen to.
    ...wornOutAt(session.tasks, renewed).map((needed) => ({ ...needed, session })),
  ]);
  // Where nothing is done at it any more, it is needed all the same, by no date.
  const besides = worn.flatMap(({ id, needs: thing, count }) =>
    thing === undefined || renewed.has(id) ? [] : [{ thing, count, tasks: [], session: unplanned([]) }],
  );
  const needs = [...seenTo, ...besides];
  const byThing = groupBy(needs, (need) => need.thing);
  return THING_NAMES.flatMap((thing) => {
    const uses = byThing.get(thing) ?? [];
    if (uses.length === 0) return [];
    const have = supplies.things.find((known) => known.thing === thing)?.count ?? 0;
    const needed = ADDS_UP[lastingOf(thing)](uses.map(({ count, ...use }) => ({ ...use, amount: count })));
    return [lineOf('thing', thing, 'pieces', needed, have, 0, prices.thingPack(thing))];
  });
}

type Use = { readonly session: WorkSession; readonly amount: number; readonly tasks: readonly CleanTask[] };

/** One row a way of lasting: which of the uses take one more. */
const ADDS_UP: Readonly<Record<Lasting, (uses: readonly Use[]) => readonly Use[]>> = {
  'used-up': (uses) => uses,
  'a-day-each': (uses) => firstOf(uses, ({ session }) => `${session.date} ${session.people.join()}`),
  washed: (uses) => growing(uses, ({ session }) => session.date),
  each: (uses) => firstOf(uses, ({ session }) => session.people.join()),
  kept: (uses) => growing(uses, ({ session }) => session.id),
};

/** The first of those that share what they use. */
function firstOf(uses: readonly Use[], sharedBy: (use: Use) => string): Use[] {
  return [...groupBy(uses, sharedBy).values()].map(([first]) => first as Use);
}

/** What is there again is needed as often as in the group that takes most at once. */
function growing(uses: readonly Use[], atOnce: (use: Use) => string): Use[] {
  let most = 0;
  const more: Use[] = [];
  for (const group of groupBy(uses, atOnce).values()) {
    const amount = group.reduce((sum, use) => sum + use.amount, 0);
    if (amount <= most) continue;
    more.push({ ...(group[0] as Use), amount: amount - most });
    most = amount;
  }
  return more;
}

/** Amounts add up with tiny errors. */
const ALMOST_NOTHING = 1e-6;

function lineOf(
  kind: SupplyLine['kind'],
  name: SupplyName,
  unit: SupplyLine['unit'],
  uses: readonly Use[],
  have: number,
  expired: number,
  pack: Pack,
): SupplyLine {
  let left = have + ALMOST_NOTHING;
  const short: Use[] = [];
  for (const use of uses) {
    left -= use.amount;
    if (left < 0) short.push(use);
  }
  const needed = uses.reduce((sum, use) => sum + use.amount, 0);
  const toBuy = left < 0 ? needed - have : 0;
  const packs = Math.ceil((toBuy - ALMOST_NOTHING) / pack.amount);
  return {
    name,
    kind,
    unit,
    needed,
    have,
    expired,
    toBuy,
    packs: Math.max(0, packs),
    pack,
    cents: Math.max(0, packs) * pack.cents,
    session: short[0]?.session.date ? short[0].session : undefined,
    holdsUp: short.flatMap((use) => use.tasks),
  };
}

export function isExpired(stock: Stock, today: string): boolean {
  return stock.expires !== undefined && stock.expires < today;
}

/** What tasks that were begun after the cupboard was counted have taken out of it since. */
export function consumedSince(
  supplies: Supplies,
  tasks: readonly CleanTask[],
  ticks: readonly { readonly step: string; readonly at: string }[],
): Map<ProductName, number> {
  const begun = new Map<string, string>();
  for (const { step, at } of ticks) {
    const task = taskOfStep(step);
    const known = begun.get(task);
    if (known === undefined || at < known) begun.set(task, at);
  }
  const consumed = new Map<ProductName, number>();
  for (const [counted, stocks] of groupBy(supplies.stock, (stock) => stock.counted)) {
    const since = tasks.filter((task) => (begun.get(task.id) ?? '') >= counted);
    const used = groupBy(mixturesFor(since, supplies), (mixture) => mixture.product);
    for (const { product } of stocks)
      consumed.set(
        product,
        (used.get(product) ?? []).reduce((sum, mixture) => sum + mixture.amount, 0),
      );
  }
  return consumed;
}
