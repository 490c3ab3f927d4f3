import { z } from 'zod';
import { CATALOGUE } from '../catalogue/catalogue';
import { mixes } from '../catalogue/clashes';
import { isFixtureKind } from '../catalogue/fixture-kinds';
import { allMethods, householdCatalogueSchema, UNCHANGED_CATALOGUE } from '../catalogue/household-catalogue';
import { machineKindSchema } from '../catalogue/method';
import { OWN_PREFIX } from '../catalogue/own-prefix';
import { PRODUCT_SCHOOLS, WORK_KINDS } from '../catalogue/work-kinds';
import { dayEventSchema } from '../day/events';
import { BELONGINGS, type Fixture, fixturesOf, PACES, type Pace, ROOM_KINDS, roomsOf } from '../home/room';
import { homeSchema } from '../home/room-schema';
import { SURFACES } from '../home/surfaces';
import {
  householdRulesSchema,
  type OrderRule,
  OWN_RULE_PREFIX,
  type Selector,
  UNCHANGED_RULES,
} from '../order/rule';
import { callSchema } from '../safety/calls';
import { useSchema } from '../safety/use';
import { markSchema } from '../scope/mark-schema';
import { markKey } from '../scope/marks';
import { steeringSchema, UNSTEERED } from '../steering/steering';
import { NO_SUPPLIES, suppliesSchema } from '../supplies/supplies';
import { ESTIMATES, FIRST_JOBS, UNITS } from './choices';
import { type Fault, type Parsed, parseDocument } from './fault';
import { MOST_FILE_BYTES, MOST_FIXTURES } from './limits';
import { planSchema } from './plan';
import { GROUPINGS, SPREADS } from './problem';
import {
  clockSchema,
  dateSchema,
  dateTimeSchema,
  idSchema,
  minutesSchema,
  positiveMinutesSchema,
  timezoneSchema,
} from './scalars';

export type { Units } from './choices';

/** A household as a file and in the application: the home, who lives in it, and the clean they are about. */

const nameSchema = z.string().trim().min(1).max(80);

const hoursSchema = z
  .strictObject({ from: clockSchema, to: clockSchema })
  .refine((hours) => hours.from < hours.to, 'a time after the one it starts at');

export const weeklyHoursSchema = z
  .strictObject({
    /** 1 Monday … 7 Sunday. */
    weekday: z.int().min(1).max(7),
    from: clockSchema,
    to: clockSchema,
  })
  .refine((hours) => hours.from < hours.to, 'a time after the one it starts at');
export type WeeklyHours = z.infer<typeof weeklyHoursSchema>;

export const memberSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  hours: z.array(weeklyHoursSchema),
  /** Most hands-on minutes a date. */
  dailyCap: minutesSchema.max(1440),
  cannot: z.array(z.string().max(40)),
  dislikes: z.record(z.string(), z.int().min(1).max(3)),
  breakAfter: positiveMinutesSchema.max(720),
  breakLength: minutesSchema.max(240),
  pace: z.enum(Object.keys(PACES) as [Pace, ...Pace[]]).default('usual'),
  /** In years; what is for older people is never given to a younger one. Absent: grown up. */
  age: z.int().min(0).max(120).optional(),
  /** Dates on which other hours hold than those of the weekday; none: not there. */
  exceptions: z
    .array(z.strictObject({ date: dateSchema, hours: z.array(hoursSchema).max(20) }))
    .max(1000)
    .default([]),
  /** Times at which a person is busy with other things. */
  busy: z
    .array(z.strictObject({ start: dateTimeSchema, end: dateTimeSchema }))
    .max(5000)
    .default([]),
});
export type Member = z.infer<typeof memberSchema>;

export const householdMachineSchema = z.strictObject({
  id: idSchema,
  kind: machineKindSchema,
  /** Every day it may run from … to …; absent: at any time. */
  from: clockSchema.optional(),
  to: clockSchema.optional(),
});
export type HouseholdMachine = z.infer<typeof householdMachineSchema>;

/** How a stretch of work is cut: as long as each person's breaks allow, in sprints with a rest, or until it is done. */
export const blockSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('fixed') }),
  z.strictObject({
    kind: z.literal('sprints'),
    minutes: z.int().min(10).max(120),
    rest: z.int().min(1).max(60),
  }),
  z.strictObject({ kind: z.literal('until-done') }),
]);
export type Block = z.infer<typeof blockSchema>;

export const cleanSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  reason: z.string().trim().max(300),
  reward: z.string().trim().max(200),
  start: dateSchema,
  finish: dateSchema,
  spread: z.enum(SPREADS),
  grouping: z.enum(GROUPINGS),
  firstJob: z.enum(FIRST_JOBS).default('any'),
  block: blockSchema.default({ kind: 'fixed' }),
  openRooms: z.int().min(0).max(50),
  reserve: z.array(dateSchema),
  sessionCap: positiveMinutesSchema.max(1440),
  products: z.enum(PRODUCT_SCHOOLS),
  belongings: z.enum(BELONGINGS).default('stop'),
  estimates: z.enum(ESTIMATES).default('rates'),
});
export type Clean = z.infer<typeof cleanSchema>;

export const tickSchema = z.strictObject({
  step: idSchema,
  at: dateTimeSchema,
  used: useSchema.optional(),
  /** How long it took, where a clock ran along. */
  seconds: z.int().min(0).max(86_400).optional(),
  /** Who did it, where somebody said so. */
  person: idSchema.optional(),
});
export type Tick = z.infer<typeof tickSchema>;

/** How far a step has come that is not done, in hundredths. */
export const partSchema = z.strictObject({ step: idSchema, share: z.int().min(1).max(99) });
export type PartDone = z.infer<typeof partSchema>;

/** A plan as kept: `basis` tells what it was made from, so that one can see whether it still fits. */
export const keptPlanSchema = z.strictObject({
  version: z.int().min(1),
  basis: z.string().max(64),
  madeAt: dateTimeSchema,
  plan: planSchema,
});
export type KeptPlan = z.infer<typeof keptPlanSchema>;

export const weatherSchema = z.strictObject({ date: dateSchema, dry: z.boolean() });

export const householdSchema = z.strictObject({
  format: z.literal('early-thaw/household'),
  version: z.literal(1),
  name: nameSchema,
  timezone: timezoneSchema,
  units: z.enum(UNITS).default('metric'),
  home: homeSchema,
  people: z.array(memberSchema),
  machines: z.array(householdMachineSchema),
  clean: cleanSchema,
  /** What was decided about tasks, rooms and kinds of work. */
  marks: z.array(markSchema).default([]),
  catalogue: householdCatalogueSchema.default(UNCHANGED_CATALOGUE),
  /** Rules of order that are switched off, and those of the household's own. */
  rules: householdRulesSchema.default(UNCHANGED_RULES),
  supplies: suppliesSchema.default(NO_SUPPLIES),
  /** What was placed by hand. */
  steering: steeringSchema.default(UNSTEERED),
  /** Work for licensed trades. */
  calls: z.array(callSchema).max(500).default([]),
  /** Dates of which somebody has said whether they are dry. */
  weather: z.array(weatherSchema).max(2000),
  /** What the simulated forecast for all other dates is drawn from; absent: they are dry. */
  forecastSeed: z.int().min(0).max(2_147_483_647).optional(),
  ticks: z.array(tickSchema),
  parts: z.array(partSchema).max(5000).default([]),
  /** What happened on the days of the clean, in its order. */
  events: z.array(dayEventSchema).max(50_000).default([]),
  plans: z.array(keptPlanSchema).default([]),
  now: dateTimeSchema.optional(),
});
export type Household = z.infer<typeof householdSchema>;

/** A household as it is kept in a file: one that has not set out on a clean yet has none. */
export const householdFileSchema = householdSchema.partial({ clean: true });
export type HouseholdFile = z.infer<typeof householdFileSchema>;

/** A file from before something was called otherwise. */
function upgraded(document: unknown): unknown {
  const { clean, ...rest } = (document ?? {}) as { clean?: Record<string, unknown> };
  if (typeof document !== 'object' || typeof clean !== 'object' || !('hardestFirst' in clean))
    return document;
  const { hardestFirst, ...others } = clean;
  return { ...rest, clean: { firstJob: hardestFirst === true ? 'dreaded' : 'any', ...others } };
}

/** Reads a household file; on failure every fault, with its path. */
export function parseHousehold(text: string): Parsed<Household> {
  return tooLarge(text) ?? withoutFaults(parseDocument(text, z.preprocess(upgraded, householdSchema)));
}

/** The same for one that may not have set out on a clean yet. */
export function parseHouseholdFile(text: string): Parsed<HouseholdFile> {
  return tooLarge(text) ?? withoutFaults(parseDocument(text, z.preprocess(upgraded, householdFileSchema)));
}

function withoutFaults<T extends HouseholdFile>(parsed: Parsed<T>): Parsed<T> {
  if (!parsed.ok) return parsed;
  const faults = householdFaults(parsed.value);
  return faults.length > 0 ? { ok: false, faults } : parsed;
}

/** Found before anything is read; text has at least as many bytes as characters. */
function tooLarge(text: string): Parsed<never> | undefined {
  if (text.length <= MOST_FILE_BYTES) return undefined;
  const fault = {
    path: '$',
    got: `${(text.length / 1e6).toFixed(1)} MB`,
    expected: `at most ${MOST_FILE_BYTES / 1e6} MB`,
  };
  return { ok: false, faults: [fault] };
}

function householdFaults(household: HouseholdFile): Fault[] {
  const faults: Fault[] = [];
  const unique = (path: string, ids: readonly string[]) => {
    const seen = new Set<string>();
    ids.forEach((id) => {
      if (seen.has(id)) faults.push({ path, got: `"${id}" twice`, expected: 'each id once' });
      seen.add(id);
    });
  };
  const rooms = roomsOf(household.home);
  unique(
    'home.floors',
    household.home.floors.map((floor) => floor.id),
  );
  unique(
    'home rooms',
    rooms.map((room) => room.id),
  );
  unique(
    'home stops',
    rooms.flatMap((room) => room.stops.map((stop) => stop.id)),
  );
  unique(
    'home fixtures',
    rooms.flatMap(fixturesOf).map((fixture) => fixture.id),
  );
  unique(
    'people',
    household.people.map((person) => person.id),
  );
  unique(
    'machines',
    household.machines.map((machine) => machine.id),
  );
  unique(
    'events',
    household.events.map((event) => event.id),
  );
  unique(
    'ticks',
    household.ticks.map((tick) => tick.step),
  );
  unique('marks', household.marks.map(markKey));
  unique(
    'plans',
    household.plans.map((plan) => `version ${plan.version}`),
  );
  unique(
    'catalogue.own',
    household.catalogue.own.map((method) => method.id),
  );
  unique(
    'rules.own',
    household.rules.own.map((rule) => rule.id),
  );
  unique(
    'supplies.stock',
    household.supplies.stock.map((stock) => stock.product),
  );
  unique(
    'supplies.things',
    household.supplies.things.map((stock) => stock.thing),
  );
  unique(
    'calls',
    household.calls.map((call) => call.id),
  );
  const fixtures = rooms.flatMap(fixturesOf).length;
  if (fixtures > MOST_FIXTURES)
    faults.push({ path: 'home', got: `${fixtures} fixtures`, expected: `at most ${MOST_FIXTURES}` });
  faults.push(...homeFaults(household), ...ownMethodFaults(household), ...ruleFaults(household));
  const { clean } = household;
  if (clean && clean.finish < clean.start) {
    faults.push({
      path: 'clean.finish',
      got: `"${clean.finish}"`,
      expected: `a date not before the start, "${clean.start}"`,
    });
  }
  return faults;
}

/** What is made of nothing that the catalogue knows, and floors that run on into rooms that are not there. */
function homeFaults(household: HouseholdFile): Fault[] {
  const rooms = new Set(roomsOf(household.home).map((room) => room.id));
  return household.home.floors.flatMap((floor, f) =>
    floor.rooms.flatMap((room, r) => {
      const at = `home.floors[${f}].rooms[${r}]`;
      const nowhere = room.opensTo
        .filter((id) => !rooms.has(id))
        .map((id) => ({ path: `${at}.opensTo`, got: `"${id}"`, expected: 'the id of a room in this file' }));
      return [
        ...nowhere,
        ...room.stops.flatMap((stop, s) => fixtureFaults(stop.fixtures, `${at}.stops[${s}]`)),
      ];
    }),
  );
}

function fixtureFaults(fixtures: readonly Fixture[], at: string): Fault[] {
  return fixtures.flatMap((fixture, i) => {
    const path = `${at}.fixtures[${i}]`;
    const faults: Fault[] = [];
    if (!isFixtureKind(fixture.kind))
      faults.push({
        path: `${path}.kind`,
        got: `"${fixture.kind}"`,
        expected: 'a kind of fixture that the catalogue knows',
      });
    if (fixture.surface !== undefined && !(SURFACES as readonly string[]).includes(fixture.surface))
      faults.push({
        path: `${path}.surface`,
        got: `"${fixture.surface}"`,
        expected: 'a surface that the catalogue knows',
      });
    return faults;
  });
}

function ownMethodFaults(household: HouseholdFile): Fault[] {
  return household.catalogue.own.flatMap((method, i) => {
    const path = `catalogue.own[${i}]`;
    const faults: Fault[] = [];
    if (!method.id.startsWith(OWN_PREFIX))
      faults.push({
        path: `${path}.id`,
        got: `"${method.id}"`,
        expected: `an id that starts with "${OWN_PREFIX}"`,
      });
    if (!isFixtureKind(method.fixture))
      faults.push({
        path: `${path}.fixture`,
        got: `"${method.fixture}"`,
        expected: 'a kind of fixture that the catalogue knows',
      });
    for (const [school, doses] of Object.entries(method.products))
      if (doses && mixes(doses.map((dose) => dose.product)))
        faults.push({
          path: `${path}.products.${school}`,
          got: doses.map((dose) => `"${dose.product}"`).join(' with '),
          expected: 'products that may be used together',
        });
    return faults;
  });
}

/** Own rules under names of their own, that select by what the catalogue knows. */
function ruleFaults(household: HouseholdFile): Fault[] {
  const methods = new Set(allMethods(CATALOGUE, household.catalogue).map((method) => method.id));
  return household.rules.own.flatMap((rule, i) => {
    const path = `rules.own[${i}]`;
    const misnamed = rule.id.startsWith(OWN_RULE_PREFIX)
      ? []
      : [
          {
            path: `${path}.id`,
            got: `"${rule.id}"`,
            expected: `an id that starts with "${OWN_RULE_PREFIX}"`,
          },
        ];
    return [...misnamed, ...unknownIn(rule, methods, path)];
  });
}

function unknownIn(rule: OrderRule, methods: ReadonlySet<string>, path: string): Fault[] {
  const known: Partial<Record<keyof Selector, (id: string) => boolean>> = {
    methods: (id) => methods.has(id),
    notMethods: (id) => methods.has(id),
    kinds: (id) => Object.hasOwn(WORK_KINDS, id),
    notKinds: (id) => Object.hasOwn(WORK_KINDS, id),
    fixtures: isFixtureKind,
    rooms: (id) => Object.hasOwn(ROOM_KINDS, id),
    notRooms: (id) => Object.hasOwn(ROOM_KINDS, id),
  };
  return (['before', 'after'] as const).flatMap((side) =>
    (Object.keys(known) as (keyof Selector)[]).flatMap((name) =>
      ((rule[side][name] ?? []) as readonly string[])
        .filter((id) => !known[name]?.(id))
        .map((id) => ({
          path: `${path}.${side}.${name}`,
          got: `"${id}"`,
          expected: 'something that the catalogue knows; the rule names nothing',
        })),
    ),
  );
}
