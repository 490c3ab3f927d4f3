import { z } from 'zod';
import { machineKindSchema, PRODUCT_SCHOOLS } from '../catalogue/method';
import { fixturesOf, roomsOf } from '../home/room';
import { homeSchema } from '../home/room-schema';
import { type Fault, type Parsed, parseDocument } from './fault';
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

/** A household as a file and in the application: the home, who lives in it, and the clean they are about. */

const nameSchema = z.string().trim().min(1).max(80);

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

export const cleanSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  reason: z.string().trim().max(300),
  reward: z.string().trim().max(200),
  start: dateSchema,
  finish: dateSchema,
  spread: z.enum(SPREADS),
  grouping: z.enum(GROUPINGS),
  hardestFirst: z.boolean(),
  openRooms: z.int().min(0).max(50),
  reserve: z.array(dateSchema),
  sessionCap: positiveMinutesSchema.max(1440),
  products: z.enum(PRODUCT_SCHOOLS),
});
export type Clean = z.infer<typeof cleanSchema>;

export const tickSchema = z.strictObject({ step: idSchema, at: dateTimeSchema });
export type Tick = z.infer<typeof tickSchema>;

const weatherSchema = z.strictObject({ date: dateSchema, dry: z.boolean() });

export const householdSchema = z.strictObject({
  format: z.literal('early-thaw/household'),
  version: z.literal(1),
  name: nameSchema,
  timezone: timezoneSchema,
  home: homeSchema,
  people: z.array(memberSchema),
  machines: z.array(householdMachineSchema),
  clean: cleanSchema,
  weather: z.array(weatherSchema),
  ticks: z.array(tickSchema),
  now: dateTimeSchema.optional(),
});
export type Household = z.infer<typeof householdSchema>;

/** Reads a household file; on failure every fault, with its path. */
export function parseHousehold(text: string): Parsed<Household> {
  const parsed = parseDocument(text, householdSchema);
  if (!parsed.ok) return parsed;
  const faults = householdFaults(parsed.value);
  return faults.length > 0 ? { ok: false, faults } : parsed;
}

function householdFaults(household: Household): Fault[] {
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
    'ticks',
    household.ticks.map((tick) => tick.step),
  );
  if (household.clean.finish < household.clean.start) {
    faults.push({
      path: 'clean.finish',
      got: `"${household.clean.finish}"`,
      expected: `a date not before the start, "${household.clean.start}"`,
    });
  }
  return faults;
}
