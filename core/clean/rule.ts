import { z } from 'zod';
import { MOST } from '../basics/limits';
import { idSchema } from '../basics/scalars';

/**
 * What comes before what, as data: a rule holds between two selections of work within a stop, a room, connected rooms
 * or the house. A hard rule is kept; a wish costs something when it is broken. `orderOnly` binds only where both sides
 * are planned: a dropped lampshade must not cost the floor.
 */

const idsSchema = z.array(z.string().min(1).max(320)).min(1).max(400);

const selectorSchema = z
  .strictObject({
    methods: idsSchema.optional(),
    notMethods: idsSchema.optional(),
    kinds: idsSchema.optional(),
    notKinds: idsSchema.optional(),
    /** Kinds of fixture. */
    fixtures: idsSchema.optional(),
    /** Kinds of room. */
    rooms: idsSchema.optional(),
    notRooms: idsSchema.optional(),
    layers: z.strictObject({ from: z.int().min(0).max(9), to: z.int().min(0).max(9) }).optional(),
    /** Work that waits at least so many minutes between its steps. */
    waitsFrom: z.int().min(1).optional(),
    /** Work that a machine does. */
    byMachine: z.literal(true).optional(),
    /** Certain tasks, stops or rooms, by id. */
    tasks: idsSchema.optional(),
    stops: idsSchema.optional(),
    inRooms: idsSchema.optional(),
    notInRooms: idsSchema.optional(),
    /** Narrows the selection to one step of the method, or to the first or last. */
    step: z.string().max(60).optional(),
    first: z.literal(true).optional(),
    last: z.literal(true).optional(),
  })
  .refine(
    (selector) => Object.values(selector).some((value) => value !== undefined),
    'at least one thing that it selects by',
  );
export type Selector = z.infer<typeof selectorSchema>;

/** `load`: between a load of the wash and what is washed in it. */
const WITHIN = ['stop', 'room', 'connected', 'house', 'load'] as const;
export type Within = (typeof WITHIN)[number];

export const orderRuleSchema = z.strictObject({
  id: z
    .string()
    .regex(/^[a-z0-9-]+$/)
    .max(80),
  /** As it is called in a sentence. */
  name: z.string().trim().min(1).max(120),
  before: selectorSchema,
  after: selectorSchema,
  within: z.enum(WITHIN),
  hard: z.boolean(),
  orderOnly: z.boolean().default(true),
  /** Minutes between the end of the one and the start of the other. */
  minGap: z.int().min(0).max(20_160).optional(),
  maxGap: z.int().min(0).max(20_160).optional(),
  reason: z.string().trim().min(1).max(300),
  /** What breaking a wish costs, in minutes' worth; 10 where nothing is said. */
  minutes: z.number().min(0).max(120).optional(),
  /** The same in words. */
  cost: z.string().trim().min(1).max(200).optional(),
});
export type OrderRule = z.infer<typeof orderRuleSchema>;

/**
 * How a room is gone through, where it is not by layers, all round: section by section along the walls, each from top to
 * bottom; the floor before everything else; or by layers together with the other rooms of which the same is said.
 */
export const ROOM_WAYS = ['sections', 'floor-first', 'together'] as const;
export type RoomWay = (typeof ROOM_WAYS)[number];

/** So many rooms can be gone through together: in more, all the high work comes first by the school of the house. */
export const MOST_TOGETHER = 8;

/** What a household has made of the rules: some switched off, some of its own, and how it goes through its rooms. */
export const householdRulesSchema = z.strictObject({
  off: z.array(z.string().max(80)).max(200).default([]),
  own: z.array(orderRuleSchema).max(MOST.ownRules).default([]),
  ways: z
    .array(z.strictObject({ room: idSchema, way: z.enum(ROOM_WAYS) }))
    .max(500)
    .default([]),
  /** Rooms one after the other, as far as it is said; none for as in the house. */
  rooms: z.array(idSchema).max(500).default([]),
});
export type HouseholdRules = z.infer<typeof householdRulesSchema>;

export const UNCHANGED_RULES: HouseholdRules = { off: [], own: [], ways: [], rooms: [] };

/** Whether two rules put the same two tasks in order, each the other way round. */
export function isReverse(a: OrderRule, b: OrderRule): boolean {
  const [one, other] = [a.before.tasks?.join(), a.after.tasks?.join()];
  return one !== undefined && one === b.after.tasks?.join() && other === b.before.tasks?.join();
}

/** Rules that a household has made by itself, or by moving a task, are told by this. */
export const OWN_RULE_PREFIX = 'own-';
