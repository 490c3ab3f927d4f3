import { z } from 'zod';
import { PRIORITIES } from '../basics/choices';
import {
  MOST_CHOICES,
  MOST_ID,
  MOST_METHOD_ID,
  MOST_NAME,
  MOST_STEP_KEY,
  MOST_STEPS,
  MOST_TEXT,
  MOST_TITLE,
  MOST_TOOLS,
} from '../basics/limits';
import { QUANTITY_NAMES } from '../home/quantity-names';
import { SOILS } from '../home/scales';
import { SURFACES } from '../home/surfaces';
import { BELONGING_KINDS } from './belongings';
import { unitFor } from './product-facts';
import { productSchema } from './product-schema';
import { PRODUCT_NAMES } from './products';
import { TAGS, type Tag } from './tags';
import {
  MACHINE_KINDS,
  type MachineKind,
  PRODUCT_SCHOOLS,
  type ProductSchool,
  WORK_KINDS,
  type WorkKind,
} from './work-kinds';

/**
 * A method: how one kind of fixture is deep cleaned. Rates and times are the product's own defaults from common
 * household practice: metric, rounded, and meant to be overridden.
 */

const tagSchema = z.enum(Object.keys(TAGS) as [Tag, ...Tag[]]);

export const machineKindSchema = z.enum(Object.keys(MACHINE_KINDS) as [MachineKind, ...MachineKind[]]);

const minutesSchema = z.number().min(0).max(1440);
const spreadSchema = z.strictObject({ low: z.number().gt(0).max(1), high: z.number().min(1).max(5) });

const rateSchema = z.strictObject({
  quantity: z.enum(QUANTITY_NAMES),
  perHour: z.number().gt(0).max(100_000),
});

/** Belongings: things by unit of the fixture when it is full, and the seconds that each takes to decide and return. */
const belongingsSchema = z.strictObject({
  /** Absent: things of no kind in particular. */
  of: z.enum(BELONGING_KINDS).optional(),
  quantity: z.enum(QUANTITY_NAMES),
  thingsPerUnit: z.number().gt(0),
  secondsEach: z.number().gt(0),
  /** Whether things are decided about, put back, or only moved out of the way. */
  does: z.enum(['decide', 'return', 'move']),
});

/** Where a step is done at all: by the machines that a household has or lacks, its bedding and towels, and whether one lifts alone. */
const whenSchema = z.strictObject({
  has: z.array(machineKindSchema).min(1).max(MOST_CHOICES).optional(),
  lacks: z.array(machineKindSchema).min(1).max(MOST_CHOICES).optional(),
  singleBedding: z.boolean().optional(),
  singleTowels: z.boolean().optional(),
  alone: z.boolean().optional(),
});

const handsSchema = z.strictObject({
  key: z
    .string()
    .max(MOST_STEP_KEY)
    .regex(/^[a-z-]+$/),
  mode: z.literal('hands'),
  title: z.string().min(1).max(MOST_TITLE),
  setUpMinutes: minutesSchema.default(0),
  rate: rateSchema.optional(),
  belongings: belongingsSchema.optional(),
  /** Whether dirt slows it down. Carrying and fitting take as long either way. */
  soiled: z.boolean().default(true),
  spread: spreadSchema.optional(),
  tags: z.array(tagSchema).max(MOST_TOOLS).default([]),
  machine: machineKindSchema.optional(),
  crew: z.int().min(1).max(4).default(1),
  /** The shortest part into which it may be cut, in minutes. */
  splitMinutes: z.int().min(5).optional(),
  when: whenSchema.optional(),
});

const waitSchema = z.strictObject({
  key: z
    .string()
    .max(MOST_STEP_KEY)
    .regex(/^[a-z-]+$/),
  mode: z.literal('wait'),
  title: z.string().min(1).max(MOST_TITLE),
  minutes: z.int().min(1).max(2880),
  low: z.int().min(1),
  high: z.int().min(1),
  atMostMinutes: z.int().min(1).optional(),
  machine: machineKindSchema.optional(),
  closesRoom: z.boolean().default(false),
  /** Whether a product works on something meanwhile, so that it must not stay on longer than is good for it. */
  works: z.boolean().optional(),
  /** Products that may stay on here for longer than usual, in minutes. */
  longest: z.partialRecord(z.enum(PRODUCT_NAMES), z.int().min(1)).optional(),
  when: whenSchema.optional(),
});

export const doseSchema = z
  .strictObject({
    product: productSchema,
    amount: z.number().gt(0),
    unit: z.enum(['ml', 'g']),
    /** Water it goes into; absent: used as it is. */
    inMl: z.number().gt(0).optional(),
    /** What a household would not have it on, beside what no such product may touch. */
    notOn: z.array(z.enum(SURFACES)).max(MOST_CHOICES).optional(),
  })
  .refine(({ product, unit }) => unit === unitFor(product), {
    message: 'ml for a liquid, g for a powder',
    path: ['unit'],
  });

export const methodSchema = z.strictObject({
  id: z
    .string()
    .max(MOST_METHOD_ID)
    .regex(/^[a-z0-9-]+$/),
  fixture: z.string().min(1).max(MOST_ID),
  title: z.string().min(1).max(MOST_TITLE),
  kind: z.enum(Object.keys(WORK_KINDS) as [WorkKind, ...WorkKind[]]),
  /** Absent: for every surface of the fixture. */
  surfaces: z.array(z.enum(SURFACES)).max(MOST_CHOICES).optional(),
  /** Surfaces that it must not touch. */
  notOn: z.array(z.enum(SURFACES)).max(MOST_CHOICES).default([]),
  /** 0 ceiling … 9 floor. */
  layer: z.int().min(0).max(9),
  steps: z
    .array(z.discriminatedUnion('mode', [handsSchema, waitSchema]))
    .min(1)
    .max(MOST_STEPS),
  /** By what the places are counted that are gone through one by one, and whether each is a step of the job or a job. */
  places: z
    .strictObject({ by: z.enum(['each', 'drawers', 'shelfM']), as: z.enum(['steps', 'jobs']) })
    .optional(),
  sameDay: z.boolean().default(false),
  needs: z
    .array(z.enum(['dry', 'daylight']))
    .max(2)
    .default([]),
  /** How it is done with steam, where that is another way. */
  steam: z.array(handsSchema).min(1).max(MOST_STEPS).optional(),
  tools: z.array(z.string().max(MOST_NAME)).max(MOST_TOOLS).default([]),
  products: z.partialRecord(z.enum(PRODUCT_SCHOOLS), z.array(doseSchema).min(1).max(MOST_TOOLS)).default({}),
  leastAge: z.int().min(0).max(18).default(0),
  intervalMonths: z.int().min(1).max(60),
  priority: z.enum(PRIORITIES).default('should'),
  /** Part of the weekly routine rather than the deep clean. */
  routine: z.boolean().default(false),
  /** Done where it is needed rather than in every deep clean. */
  occasional: z.boolean().default(false),
  /** How bad it has to be for what is done now and then to be needed; absent: only when somebody asks for it. */
  neededFrom: z.enum(SOILS).optional(),
  /** How much one would rather not: 1 to 5. */
  hardness: z.int().min(1).max(5),
  how: z.string().min(1).max(MOST_TEXT),
  doneWhen: z.string().min(1).max(MOST_TEXT),
  caution: z.string().max(MOST_TEXT).optional(),
  /** What about it is for a licensed trade. */
  professional: z.string().max(MOST_TEXT).optional(),
});

/** What of one's own takes the place of the products of a school; where it may not, they are taken after all. */
export type OwnDoses = Partial<Record<ProductSchool, readonly Dose[]>>;

export type Method = z.infer<typeof methodSchema> & {
  readonly own?: OwnDoses;
  /** There is a way for one person and another for two. */
  readonly forOneOrTwo?: boolean;
};
export type Dose = z.infer<typeof doseSchema>;
export type MethodStep = Method['steps'][number];
export type HandsStep = Extract<MethodStep, { mode: 'hands' }>;
export type WaitStep = Extract<MethodStep, { mode: 'wait' }>;
/** A method as it is written down: what has a usual value may be left out. */
export type MethodEntry = z.input<typeof methodSchema>;
export type HandsEntry = z.input<typeof handsSchema>;
export type WaitEntry = z.input<typeof waitSchema>;
export type DoseEntry = z.input<typeof doseSchema>;
