import { z } from 'zod';
import { dateSchema, idSchema, lineSchema, stepIdSchema } from '../basics/scalars';
import { productSchema } from '../catalogue/product-schema';
import { pileSchema } from './leaving';
import { FINDS, HINDRANCES, MOST_AT_ONCE, OUTCOMES } from './names';

/** What happens while a day is carried out, as it is kept on a phone, sent, and told to the others. */

/** Wall clock of the home with its seconds. */
const secondSchema = z.string().regex(/^\d{4}-\d{2}-\d{2}T([01]\d|2[0-3]):[0-5]\d:[0-5]\d$/);

const step = stepIdSchema;
const textSchema = lineSchema(200).min(1);

export const dayActSchema = z.discriminatedUnion('do', [
  z.strictObject({ do: z.literal('start'), step }),
  z.strictObject({ do: z.literal('pause'), step }),
  z.strictObject({ do: z.literal('done'), step }),
  /** Not done after all, nor what came after it in its task. */
  z.strictObject({ do: z.literal('undo'), step, also: z.array(step).max(30) }),
  /** How far a step has come, in hundredths. */
  z.strictObject({ do: z.literal('part'), step, share: z.int().min(1).max(99) }),
  /** It took so many minutes in all, whatever the clock says. */
  z.strictObject({ do: z.literal('took'), step, minutes: z.int().min(1).max(1440) }),
  /** What one sees of what was done: clean by default. */
  z.strictObject({ do: z.literal('came-out'), step, how: z.enum(OUTCOMES) }),
  /** And `also` others, where all of a sort is put off. */
  z.strictObject({ do: z.literal('not-today'), step, also: z.array(step).max(200).optional() }),
  z.strictObject({ do: z.literal('cannot'), step, why: z.enum(HINDRANCES) }),
  /** Somebody else does it from now on; taken over where that is who says so. */
  z.strictObject({ do: z.literal('hand'), step, to: idSchema }),
  z.strictObject({
    do: z.literal('found'),
    find: z.enum(FINDS),
    room: idSchema.optional(),
    text: textSchema,
    /** Until when it is good. */
    by: dateSchema.optional(),
  }),
  /** What it is that was found, said after it was written down. */
  z.strictObject({
    do: z.literal('reword'),
    found: idSchema,
    text: textSchema,
    room: idSchema.optional(),
    by: dateSchema.optional(),
  }),
  /** Something that was found has been put away, written on, or thought better of. */
  z.strictObject({ do: z.literal('settle'), found: idSchema }),
  z.strictObject({ do: z.literal('pile'), pile: pileSchema, count: z.int().min(-50).max(50) }),
  z.strictObject({
    do: z.literal('bag'),
    kind: z.enum(['bag', 'box']),
    pile: pileSchema,
    count: z.int().min(-20).max(20),
  }),
  /** A load came out dirty: what set the wait going is to be done again, and all that came after it. */
  z.strictObject({ do: z.literal('again'), step, also: z.array(step).max(30) }),
  /** What came out dirty is done once more, with something stronger. */
  z.strictObject({ do: z.literal('second-go'), step }),
  z.strictObject({ do: z.literal('rain') }),
  z.strictObject({ do: z.literal('run-out'), product: productSchema }),
  /** A machine of the household does not run any more. */
  z.strictObject({ do: z.literal('broke'), machine: idSchema }),
  /** Somebody has no more time today than so many minutes from now on; none for who is ill. */
  z.strictObject({ do: z.literal('short'), who: idSchema, minutes: z.int().min(0).max(1440) }),
  z.strictObject({ do: z.literal('block'), what: z.enum(['begin', 'rest', 'enough']) }),
  /** Something said on the day was a slip: what it changed is as it was, and its steps are open again. */
  z.strictObject({
    do: z.literal('take-back'),
    said: z.uuid(),
    putBack: step.optional(),
    alsoBack: z.array(step).max(200).optional(),
  }),
  /** A machine says how its cycle goes. */
  z.strictObject({
    do: z.literal('machine'),
    step,
    report: z.enum(['finished', 'delayed', 'faulty']),
    minutes: z.int().min(0).max(1440).optional(),
  }),
]);
export type DayAct = z.infer<typeof dayActSchema>;

export const dayEventSchema = z.strictObject({
  /** Given by the phone, so that what is sent twice counts once. */
  id: z.uuid(),
  /** When it happened, by the wall clock of the home as the phone knows it. */
  at: secondSchema,
  /** Who says so; undefined for the household as a whole. */
  person: idSchema.optional(),
  act: dayActSchema,
});
export type DayEvent = z.infer<typeof dayEventSchema>;

/** What a phone sends: all that it has kept, in the order in which it happened. */
export const dayBatchSchema = z.strictObject({
  /** The phone's idea of the wall clock at the moment of sending, by which a wrong one is seen. */
  sentAt: secondSchema,
  events: z.array(dayEventSchema).min(1).max(MOST_AT_ONCE),
});
export type DayBatch = z.infer<typeof dayBatchSchema>;

/** How the server takes an event: kept, or why not. */
export type Verdict =
  | { readonly as: 'kept' }
  /** Somebody was first; both agree. */
  | { readonly as: 'already'; readonly by: string | undefined; readonly at: string }
  /** Somebody else has it in hand. */
  | { readonly as: 'taken'; readonly by: string | undefined }
  /** The step is no longer part of the clean. */
  | { readonly as: 'gone' }
  /** A hazard is kept from the person to whom it was handed. */
  | { readonly as: 'not-for' }
  /** Not for who says so: a helper speaks of their own steps only. */
  | { readonly as: 'not-yours' }
  /** Something else has been changed since, which would go with it. */
  | { readonly as: 'too-late' };

/** An event as the server tells it: in one order for all. */
export type ToldEvent = DayEvent & { readonly seq: number };

export type Answer = { readonly id: string; readonly verdict: Verdict };
