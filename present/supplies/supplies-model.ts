import type { Units } from '@/core/basics/choices';
import { groupBy } from '@/core/basics/group-by';
import { unitFor } from '@/core/catalogue/product-facts';
import { isFromTap, PRODUCT_NAMES, type ProductName } from '@/core/catalogue/products';
import type { Stock, Supplies } from '@/core/clean/supplies';
import { THING_NAMES, type ThingName } from '@/core/home/thing-names';
import type { Current } from '@/core/problem/campaign';
import { type MixingCard, type Mixture, mergedMixtures, mixingCard } from '@/core/supplies/amounts';
import { type Kit, kitFor } from '@/core/supplies/kit';
import { MADE_UP_PRICES } from '@/core/supplies/price-list';
import {
  consumedSince,
  isExpired,
  mixturesOf,
  type SupplyLine,
  sessionsOf,
  shoppingList,
  type WorkSession,
} from '@/core/supplies/shopping';
import { wornIn, ZONES, type Zone } from '@/core/supplies/things';
import type { CleanTask } from '@/core/work/tasks';
import { clock, shortDate } from '../words/words';
import { type Pour, pourOf } from './pour';
import { type OnShelf, onShelf } from './shelf-model';
import { amountWords, packWords, priceWords, supplyName } from './supply-words';

/** The supplies of a clean as plain data for the screens. */

export type ShoppingRow = Pick<
  SupplyLine,
  'name' | 'kind' | 'unit' | 'packs' | 'pack' | 'cents' | 'toBuy' | 'have'
> & {
  readonly words: string;
  readonly packWords: string;
  readonly price: string;
  readonly needed: string;
  readonly inHouse: string;
  readonly expired: string | undefined;
  /** The day it is needed by, and the session that needs it. */
  readonly by: string | undefined;
  readonly session: string | undefined;
  readonly jobs: readonly string[];
};

export type CupboardRow = {
  readonly product: ProductName;
  readonly words: string;
  readonly unit: 'ml' | 'g';
  readonly left: number;
  readonly stock: Stock | undefined;
  readonly expired: boolean;
  readonly needed: string | undefined;
  /** Jobs that have to wait when it has run out. */
  readonly holdsUp: number;
};

export type ThingRow = {
  readonly thing: ThingName;
  readonly words: string;
  readonly count: number;
  readonly needed: number;
};

export type CardRow = MixingCard & {
  readonly words: string;
  readonly pour: Pour;
  readonly jobs: readonly string[];
};

export type SuppliesScreen = {
  readonly units: Units;
  readonly now: string;
  readonly today: string;
  readonly planned: boolean;
  readonly shopping: readonly ShoppingRow[];
  readonly shelf: readonly OnShelf[];
  readonly total: string;
  readonly cupboard: readonly CupboardRow[];
  /** What may be there besides. */
  readonly others: readonly Pick<CupboardRow, 'product' | 'words' | 'unit'>[];
  readonly things: readonly ThingRow[];
  readonly bucketMl: number;
  readonly bottleMl: number;
  readonly cards: readonly CardRow[];
  readonly neat: readonly {
    readonly product: ProductName;
    readonly total: number;
    readonly words: string;
    readonly amount: string;
    readonly jobs: readonly string[];
  }[];
  readonly cloths: readonly { readonly zone: string; readonly count: number }[];
};

export function suppliesScreen(state: Current): SuppliesScreen {
  const { household, today, now } = state;
  const { supplies, units } = household;
  const sessions = sessionsNow(state);
  const consumed = consumedSince(supplies, state.tasks, household.ticks);
  const { lines, cents } = shoppingList(
    sessions,
    supplies,
    consumed,
    MADE_UP_PRICES,
    today,
    wornIn(household.home),
  );
  const open = sessions.flatMap((session) => session.tasks);
  const mixtures = mergedMixtures(sessions.flatMap((session) => mixturesOf(session, supplies)));
  const names = new Map(household.people.map((person) => [person.id, person.name]));
  const byDate = (a: SupplyLine, b: SupplyLine) =>
    (a.session?.start ?? '9').localeCompare(b.session?.start ?? '9') || b.cents - a.cents;
  return {
    units,
    now,
    today,
    planned: state.campaign?.plans !== undefined,
    shopping: lines
      .filter((line) => line.packs > 0)
      .sort(byDate)
      .map((line) => shoppingRow(line, units, names)),
    shelf: onShelf([...lines].sort(byDate)),
    total: priceWords(cents),
    cupboard: cupboardRows(household, lines, consumed, today),
    others: otherProducts(household, lines),
    things: thingRows(supplies, lines),
    bucketMl: supplies.bucketMl,
    bottleMl: supplies.bottleMl,
    cards: mixtures
      .flatMap((mixture) => cardRow(mixture, household))
      .sort((a, b) => a.words.localeCompare(b.words) || b.waterMl - a.waterMl),
    neat: mixtures
      .filter((mixture) => mixture.fillMl === undefined && !isFromTap(mixture.product))
      .map(({ product, amount, unit, tasks }) => ({
        product,
        total: amount,
        words: supplyName(product),
        amount: amountWords(amount, unit, units),
        jobs: kindsOfJobs(tasks),
      })),
    cloths: kitFor(open, supplies).cloths.map(({ zone, count }) => ({ zone: ZONES[zone].words, count })),
  };
}

/** Things to count: those that the work takes, and those that are there. */
function thingRows(supplies: Supplies, lines: readonly SupplyLine[]): ThingRow[] {
  return THING_NAMES.map((thing) => ({
    thing,
    words: supplyName(thing),
    count: supplies.things.find((known) => known.thing === thing)?.count ?? 0,
    needed: lines.find((line) => line.name === thing)?.needed ?? 0,
  })).filter(({ count: there, needed }) => there + needed > 0);
}

/** The sessions from today on, with the open work that each begins. */
function sessionsNow({ household, tasks, campaign, today }: Current): WorkSession[] {
  const done = new Set(household.ticks.map((tick) => tick.step));
  return sessionsOf(campaign?.plans?.latest.plan, tasks, done, today);
}

function shoppingRow(line: SupplyLine, units: Units, names: ReadonlyMap<string, string>): ShoppingRow {
  const { name, kind, unit, packs, pack, cents, toBuy, have, session } = line;
  const who = session?.people.map((id) => names.get(id) ?? id).join(', ');
  return {
    name,
    kind,
    unit,
    packs,
    pack,
    cents,
    toBuy,
    have,
    words: supplyName(name),
    packWords: packWords(line, units),
    price: priceWords(cents),
    needed: amountWords(line.needed, unit, units),
    inHouse: amountWords(have, unit, units),
    expired: line.expired > 0 ? amountWords(line.expired, unit, units) : undefined,
    by: session?.date,
    session: session && `${who}, ${shortDate(session.date)} at ${clock(session.start)}`,
    jobs: jobsOf(line.holdsUp),
  };
}

type Household = Pick<Current['household'], 'supplies' | 'catalogue' | 'units'>;

/** Every product that can stand in the cupboard: what ships, and what is one's own. */
function productsOf({ supplies, catalogue }: Household): ProductName[] {
  const own = [...catalogue.products, ...supplies.stock].map(({ product }) => product);
  return [...new Set<ProductName>([...PRODUCT_NAMES, ...own])].filter((product) => !isFromTap(product));
}

function isInCupboard(
  { supplies }: Household,
  lines: readonly SupplyLine[],
): (product: ProductName) => boolean {
  const listed = new Set<string>([
    ...lines.map(({ name }) => name),
    ...supplies.stock.map(({ product }) => product),
  ]);
  return (product) => listed.has(product);
}

/** What is neither there nor needed, and may be there all the same. */
function otherProducts(household: Household, lines: readonly SupplyLine[]): SuppliesScreen['others'] {
  const isThere = isInCupboard(household, lines);
  return productsOf(household)
    .filter((product) => !isThere(product))
    .map((product) => ({ product, words: supplyName(product), unit: unitFor(product) }));
}

function cupboardRows(
  household: Household,
  lines: readonly SupplyLine[],
  consumed: ReadonlyMap<ProductName, number>,
  today: string,
): CupboardRow[] {
  const { supplies, units } = household;
  const needed = new Map(lines.map((line) => [line.name, line]));
  return productsOf(household)
    .filter(isInCupboard(household, lines))
    .map((product) => {
      const stock = supplies.stock.find((known) => known.product === product);
      const line = needed.get(product);
      return {
        product,
        words: supplyName(product),
        unit: unitFor(product),
        left: Math.round(Math.max(0, (stock?.amount ?? 0) - (consumed.get(product) ?? 0))),
        stock,
        expired: stock !== undefined && isExpired(stock, today),
        needed: line && amountWords(line.needed, line.unit, units),
        holdsUp: line?.holdsUp.length ?? 0,
      };
    });
}

function cardRow(mixture: Mixture, { supplies, units }: Household): CardRow[] {
  const card = mixingCard(mixture, supplies);
  if (!card) return [];
  const vesselMl = card.vessel === 'bottle' ? supplies.bottleMl : supplies.bucketMl;
  const pour = pourOf({ ...card, vesselMl, say: (amount, unit) => amountWords(amount, unit, units) });
  return [{ ...card, words: supplyName(card.product), pour, jobs: kindsOfJobs(mixture.tasks) }];
}

function jobsOf(tasks: readonly CleanTask[]): string[] {
  return [...new Set(tasks.map((task) => `${task.method.title}, ${task.room.name}`))];
}

/** The same job in several rooms is one line. */
function kindsOfJobs(tasks: readonly CleanTask[]): string[] {
  const rooms = groupBy(tasks, (task) => task.method.title);
  return [...rooms].map(([title, inRooms]) => {
    const names = [...new Set(inRooms.map((task) => task.room.name))];
    return names.length > 1 ? `${title}, ${names.length} rooms` : `${title}, ${names[0]}`;
  });
}

export type KitScreen = {
  readonly who: string;
  readonly from: string;
  readonly to: string;
  readonly tools: readonly string[];
  readonly things: readonly string[];
  readonly cloths: readonly string[];
  readonly mixes: readonly string[];
};

/** What is carried in before each session of a day, in words. */
export function kitsOn(state: Current, date: string, person: string | undefined): KitScreen[] {
  const { household } = state;
  const names = new Map(household.people.map((member) => [member.id, member.name]));
  return sessionsNow(state)
    .filter((session) => session.date === date && (person === undefined || session.people.includes(person)))
    .map((session) => ({
      who: session.people.map((id) => names.get(id) ?? id).join(', '),
      from: session.start,
      to: session.end,
      ...kitWords(kitFor(session.tasks, household.supplies), household.units),
    }));
}

function kitWords(kit: Kit, units: Units): Pick<KitScreen, 'tools' | 'things' | 'cloths' | 'mixes'> {
  return {
    tools: kit.tools,
    things: kit.things.map(({ thing, count }) => `${supplyName(thing)}: ${count}`),
    cloths: kit.cloths.map(({ zone, count }) => `${count} for the ${zoneWords(zone)}`),
    mixes: [
      ...kit.cards.map(
        ({ product, amount, unit, waterMl, vessel }) =>
          `${supplyName(product)}: ${amountWords(amount, unit, units)} in ${amountWords(waterMl, 'ml', units)} (${vessel})`,
      ),
      ...kit.neat.map(
        ({ product, amount, unit }) => `${supplyName(product)}, ${amountWords(amount, unit, units)}`,
      ),
    ],
  };
}

function zoneWords(zone: Zone): string {
  return ZONES[zone].words;
}
