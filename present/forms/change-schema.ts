import { z } from 'zod';
import { UNITS } from '@/core/basics/choices';
import { dateSchema, idSchema } from '@/core/basics/scalars';
import { methodChangeSchema } from '@/core/catalogue/household-catalogue';
import { methodSchema } from '@/core/catalogue/method';
import { PRODUCT_NAMES } from '@/core/catalogue/products';
import { callSchema } from '@/core/clean/call';
import { markSchema } from '@/core/clean/mark-schema';
import { orderRuleSchema } from '@/core/clean/rule';
import { steeringSchema } from '@/core/clean/steering';
import { stockSchema, suppliesSchema, thingStockSchema } from '@/core/clean/supplies';
import { HEIGHTS, WAYS_ROUND } from '@/core/home/room';
import type { HouseholdChange } from '@/core/household/change';
import { householdMachineSchema } from '@/core/machines/household-machine';
import {
  fixtureFieldsSchema,
  floorFormSchema,
  homeFactsFormSchema,
  roomFactsFormSchema,
  roomFormSchema,
  stopFormSchema,
} from './schemas';

/** A change by hand as the browser sends it; the sentences are those of the forms. */

const name = stopFormSchema.shape.name;
const change = <Do extends string, Shape extends z.ZodRawShape>(what: Do, shape: Shape) =>
  z.strictObject({ do: z.literal(what), ...shape });

/** The most that one press may change: all of a very large house. */
const MOST_MARKS = 20_000;

const oneSchema = z.discriminatedUnion('do', [
  change('add-floor', { id: idSchema, name: floorFormSchema.shape.name }),
  change('rename-floor', { id: idSchema, name: floorFormSchema.shape.name }),
  change('drop-floor', { id: idSchema }),
  change('add-room', { floorId: idSchema, room: roomFormSchema.extend({ id: idSchema }) }),
  change('change-room', { id: idSchema, facts: roomFactsFormSchema }),
  change('drop-room', { id: idSchema }),
  change('copy-room', { id: idSchema, as: idSchema, name: roomFormSchema.shape.name }),
  change('add-stop', { roomId: idSchema, id: idSchema, name }),
  change('rename-stop', { id: idSchema, name }),
  change('move-stop', { id: idSchema, after: idSchema.nullable() }),
  change('drop-stop', { id: idSchema }),
  change('put-fixture', { stopId: idSchema, fixture: fixtureFieldsSchema }),
  change('move-fixture', { id: idSchema, stopId: idSchema, height: z.enum(HEIGHTS) }),
  change('drop-fixture', { id: idSchema }),
  change('way-round', { way: z.enum(WAYS_ROUND) }),
  change('home-facts', { facts: homeFactsFormSchema }),
  change('mark', { marks: z.array(markSchema).max(MOST_MARKS) }),
  change('change-method', { id: idSchema, change: methodChangeSchema }),
  change('switch-method', { id: idSchema, off: z.boolean() }),
  change('put-method', { method: methodSchema }),
  change('drop-method', { id: idSchema }),
  change('reset-method', { id: idSchema }),
  change('put-machine', { machine: householdMachineSchema }),
  change('drop-machine', { id: idSchema }),
  change('weather', { date: dateSchema, dry: z.boolean().optional() }),
  change('units', { units: z.enum(UNITS) }),
  change('put-rule', { rule: orderRuleSchema }),
  change('drop-rule', { id: idSchema }),
  change('switch-rule', { id: idSchema, off: z.boolean() }),
  change('put-stock', { stock: stockSchema }),
  change('drop-stock', { product: z.enum(PRODUCT_NAMES) }),
  change('put-thing', { stock: thingStockSchema }),
  change('vessels', {
    bucketMl: suppliesSchema.shape.bucketMl.unwrap(),
    bottleMl: suppliesSchema.shape.bottleMl.unwrap(),
  }),
  change('put-call', { call: callSchema }),
  change('drop-call', { id: idSchema }),
  change('pin', { pins: steeringSchema.shape.pins.unwrap() }),
  change('let-go', { tasks: z.array(idSchema).max(5000) }),
  change('later', { later: steeringSchema.shape.later.unwrap() }),
  change('doer', { task: idSchema, person: idSchema }),
  change('free-day', { date: dateSchema, free: z.boolean() }),
]);

/** So many changes one press may come to. */
const MOST_AT_ONCE = 20;

export const changeSchema = z.union([
  oneSchema,
  change('several', { changes: z.array(oneSchema).min(1).max(MOST_AT_ONCE) }),
]) satisfies z.ZodType<HouseholdChange>;
export type Change = z.input<typeof changeSchema>;
