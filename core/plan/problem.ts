import { z } from 'zod';
import { PRIORITIES } from '../basics/choices';
import { MOST_IN_DOCUMENT } from '../basics/limits';
import {
  clockSchema,
  dailySchema,
  dateSchema,
  dateTimeSchema,
  minutesSchema,
  positiveMinutesSchema,
  stepIdSchema,
  timezoneSchema,
  titleSchema,
} from '../basics/scalars';
import { COST_PARTS, MOST_WEIGHT } from './costs';

/** The scheduling problem as others read and write it; see docs/formats/problem.md. */

const windowSchema = z.strictObject({ start: dateTimeSchema, end: dateTimeSchema });

export type { Daily } from '../basics/scalars';

const personSchema = z.strictObject({
  id: stepIdSchema,
  windows: z.array(windowSchema).max(MOST_IN_DOCUMENT.windows),
  dailyCap: minutesSchema,
  cannot: z.array(z.string().max(200)).max(MOST_IN_DOCUMENT.tags),
  dislikes: z.record(z.string().max(200), z.int().min(1).max(3)),
  breakAfter: positiveMinutesSchema,
  breakLength: minutesSchema,
});

const machineSchema = z.strictObject({
  id: stepIdSchema,
  windows: z.array(windowSchema).max(MOST_IN_DOCUMENT.windows).optional(),
});

const roomV1Schema = z.strictObject({ id: stepIdSchema, maxPeople: z.int().min(1).max(100).optional() });
const MOST_STOREYS = 200;
const roomSchema = roomV1Schema.extend({
  /** Storeys above the ground. */
  floor: z.int().min(-MOST_STOREYS).max(MOST_STOREYS).optional(),
  /** When nobody may be shut out of it. */
  inUse: z.array(dailySchema).max(MOST_IN_DOCUMENT.daily).optional(),
});

const handsV1Schema = z.strictObject({
  id: stepIdSchema,
  mode: z.literal('hands'),
  minutes: positiveMinutesSchema,
  low: minutesSchema.optional(),
  high: minutesSchema.optional(),
  tags: z.array(z.string().max(200)).max(MOST_IN_DOCUMENT.tags).optional(),
  machine: stepIdSchema.optional(),
  crew: z.int().min(1).max(20).optional(),
  split: positiveMinutesSchema.optional(),
});

const waitV1Schema = z.strictObject({
  id: stepIdSchema,
  mode: z.literal('wait'),
  minutes: minutesSchema,
  low: minutesSchema.optional(),
  high: minutesSchema.optional(),
  tags: z.array(z.string().max(200)).max(MOST_IN_DOCUMENT.tags).optional(),
  machine: stepIdSchema.optional(),
  atMost: minutesSchema.optional(),
  closesRoom: z.boolean().optional(),
});

/** People who may not work in the room meanwhile. */
const keepsOutSchema = z.array(stepIdSchema).max(MOST_IN_DOCUMENT.people).optional();

const stepV1Schema = z.discriminatedUnion('mode', [handsV1Schema, waitV1Schema]);
const stepSchema = z.discriminatedUnion('mode', [
  handsV1Schema.extend({ keepsOut: keepsOutSchema }),
  waitV1Schema.extend({
    /** A grown-up is at home for all of its minutes. */
    attended: z.boolean().optional(),
    keepsOut: keepsOutSchema,
  }),
]);

const prioritySchema = z.enum(PRIORITIES);

const taskV1Schema = z.strictObject({
  id: stepIdSchema,
  title: titleSchema,
  room: stepIdSchema,
  kind: z.string().max(200),
  layer: z.int(),
  priority: prioritySchema,
  hardness: z.int().min(1).max(5),
  steps: z.array(stepV1Schema).min(1).max(MOST_IN_DOCUMENT.steps),
  person: stepIdSchema.optional(),
  earliest: dateTimeSchema.optional(),
  latest: dateTimeSchema.optional(),
  sameDay: z.boolean().optional(),
  needs: z
    .array(z.enum(['dry', 'daylight']))
    .max(MOST_IN_DOCUMENT.tags)
    .optional(),
});
const taskSchema = taskV1Schema.extend({
  steps: z.array(stepSchema).min(1).max(MOST_IN_DOCUMENT.steps),
  /** All its steps end on one date, by this time. */
  by: clockSchema.optional(),
});

const precedenceV1Schema = z.strictObject({
  before: stepIdSchema,
  after: stepIdSchema,
  minGap: minutesSchema.optional(),
  maxGap: minutesSchema.optional(),
  hard: z.boolean(),
  orderOnly: z.boolean().optional(),
  reason: z.string().max(1000),
});
const precedenceSchema = precedenceV1Schema.extend({
  /** Of a wish: what breaking it costs, in minutes' worth. */
  cost: z.number().min(0).max(120).optional(),
});

const daySchema = z.strictObject({ date: dateSchema, dry: z.boolean(), daylight: dailySchema });

const fixedSchema = z.strictObject({
  step: stepIdSchema,
  people: z.array(stepIdSchema).max(MOST_IN_DOCUMENT.people),
  start: dateTimeSchema,
  end: dateTimeSchema,
});

const doneSchema = z.strictObject({ step: stepIdSchema, end: dateTimeSchema });

const focusSchema = z.strictObject({
  id: stepIdSchema,
  from: dateTimeSchema,
  to: dateTimeSchema,
  people: z.array(stepIdSchema).max(MOST_IN_DOCUMENT.people).optional(),
  rooms: z.array(stepIdSchema).max(MOST_IN_DOCUMENT.rooms).optional(),
  kinds: z.array(z.string().max(200)).max(MOST_IN_DOCUMENT.tags).optional(),
  tasks: z.array(stepIdSchema).max(MOST_IN_DOCUMENT.tasks).optional(),
  /** The time to the work, the work to the time, or both. */
  binds: z.enum(['time', 'work', 'both']),
});

export const GROUPINGS = ['room', 'kind', 'layer', 'none'] as const;
/** Over days and weeks. A single day is spread to the minute, `soonest`. */
export const SPREADS = ['early', 'even'] as const;

const policyV1Schema = z.strictObject({
  spread: z.enum(SPREADS),
  grouping: z.enum(GROUPINGS),
  hardestFirst: z.boolean(),
  openRooms: z.int().min(0),
  reserve: z.array(dateSchema).max(MOST_IN_DOCUMENT.days),
  sessionCap: positiveMinutesSchema,
});
const policySchema = policyV1Schema.extend({
  spread: z.enum([...SPREADS, 'soonest']),
  weights: z.partialRecord(z.enum(COST_PARTS), z.number().min(0).max(MOST_WEIGHT)).optional(),
});

const FORMAT = z.literal('early-thaw/problem');

export const problemV1Schema = z.strictObject({
  format: FORMAT,
  version: z.literal(1),
  timezone: timezoneSchema,
  start: dateSchema,
  finish: dateSchema,
  now: dateTimeSchema.optional(),
  people: z.array(personSchema).max(MOST_IN_DOCUMENT.people),
  machines: z.array(machineSchema).max(MOST_IN_DOCUMENT.machines),
  rooms: z.array(roomV1Schema).max(MOST_IN_DOCUMENT.rooms),
  tasks: z.array(taskV1Schema).max(MOST_IN_DOCUMENT.tasks),
  precedence: z.array(precedenceV1Schema).max(MOST_IN_DOCUMENT.rules),
  days: z.array(daySchema).max(MOST_IN_DOCUMENT.days).optional(),
  fixed: z.array(fixedSchema).max(MOST_IN_DOCUMENT.entries).optional(),
  done: z.array(doneSchema).max(MOST_IN_DOCUMENT.entries).optional(),
  policy: policyV1Schema,
});

export const problemSchema = problemV1Schema.extend({
  version: z.literal(2),
  rooms: z.array(roomSchema).max(MOST_IN_DOCUMENT.rooms),
  tasks: z.array(taskSchema).max(MOST_IN_DOCUMENT.tasks),
  precedence: z.array(precedenceSchema).max(MOST_IN_DOCUMENT.rules),
  /** When a grown-up is at home and awake; absent: always. */
  attendance: z.array(windowSchema).max(MOST_IN_DOCUMENT.windows).optional(),
  /** When nothing makes noise. */
  quiet: z.array(dailySchema).max(MOST_IN_DOCUMENT.daily).optional(),
  focus: z.array(focusSchema).max(MOST_IN_DOCUMENT.focuses).optional(),
  policy: policySchema,
});

export type Problem = z.infer<typeof problemSchema>;
export type ProblemTask = z.infer<typeof taskSchema>;
export type ProblemStep = z.infer<typeof stepSchema>;
export type ProblemPerson = z.infer<typeof personSchema>;
export type ProblemFocus = z.infer<typeof focusSchema>;
export type Precedence = z.infer<typeof precedenceSchema>;
export type Policy = z.infer<typeof policySchema>;
export type Priority = z.infer<typeof prioritySchema>;
