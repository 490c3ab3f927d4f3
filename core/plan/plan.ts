import { z } from 'zod';
import { type Parsed, parseDocument } from '../basics/fault';
import { MOST_IN_DOCUMENT } from '../basics/limits';
import { dateSchema, dateTimeSchema, stepIdSchema } from '../basics/scalars';
import { COST_PARTS, type CostPart } from './costs';

/** The plan as others read and write it; see docs/formats/plan.md. */

const entrySchema = z.strictObject({
  step: stepIdSchema,
  people: z.array(stepIdSchema).max(MOST_IN_DOCUMENT.people),
  start: dateTimeSchema,
  end: dateTimeSchema,
});

const sessionSchema = z.strictObject({
  id: stepIdSchema,
  person: stepIdSchema,
  date: dateSchema,
  start: dateTimeSchema,
  end: dateTimeSchema,
});

const UNPLACED_REASONS = [
  'no-time',
  'person',
  'machine',
  'weather',
  'daylight',
  'too-long',
  'predecessor',
  'deadline',
] as const;

const unplacedV1Schema = z.strictObject({
  task: stepIdSchema,
  reason: z.enum(UNPLACED_REASONS),
  message: z.string().max(2000),
});
const unplacedSchema = unplacedV1Schema.extend({
  reason: z.enum([...UNPLACED_REASONS, 'focus', 'attendance']),
});

const countSchema = z.int().min(0);

const metricsV1Schema = z.strictObject({
  finish: dateTimeSchema.nullable(),
  hands: countSchema,
  session: countSchema,
  idle: countSchema,
  unplaced: z.strictObject({ must: countSchema, should: countSchema, could: countSchema }),
  openRoomNights: countSchema,
  wishesBroken: countSchema,
});

const metricsSchema = metricsV1Schema.extend({
  costs: z.strictObject(
    Object.fromEntries(COST_PARTS.map((part) => [part, countSchema])) as Record<CostPart, typeof countSchema>,
  ),
  cost: countSchema,
  /** Of a re-made plan: tasks that lie on another date or with other people than before. */
  moved: countSchema.optional(),
});

const planV1Schema = z.strictObject({
  format: z.literal('early-thaw/plan'),
  version: z.literal(1),
  problem: z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256 as 64 lower-case hex digits'),
  entries: z.array(entrySchema).max(MOST_IN_DOCUMENT.entries),
  sessions: z.array(sessionSchema).max(MOST_IN_DOCUMENT.sessions),
  unplaced: z.array(unplacedV1Schema).max(MOST_IN_DOCUMENT.tasks),
  metrics: metricsV1Schema,
});

/** A plan as it is written now. */
export const madePlanSchema = planV1Schema.extend({
  version: z.literal(2),
  unplaced: z.array(unplacedSchema).max(MOST_IN_DOCUMENT.tasks),
  metrics: metricsSchema,
});

/** A plan as it is read: one of version 1 says nothing of what it costs. */
export const planSchema = z.discriminatedUnion('version', [planV1Schema, madePlanSchema]);

export type Plan = z.infer<typeof planSchema>;
export type MadePlan = z.infer<typeof madePlanSchema>;
export type PlanEntry = z.infer<typeof entrySchema>;
export type PlanSession = z.infer<typeof sessionSchema>;
export type Unplaced = z.infer<typeof unplacedSchema>;
export type UnplacedReason = Unplaced['reason'];
/** What any plan says of itself. */
export type BaseMetrics = z.infer<typeof metricsV1Schema>;
export type Metrics = z.infer<typeof metricsSchema>;

export function parsePlan(text: string): Parsed<Plan> {
  return parseDocument(text, planSchema);
}
