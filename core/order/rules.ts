import { z } from 'zod';

/**
 * What comes before what, as data: a rule holds between two selections of work within a stop, a room or the house.
 * A hard rule is kept; a wish costs when it is broken. `orderOnly` binds only where both sides are planned: a dropped
 * lampshade must not cost the floor.
 */

const selectorSchema = z.strictObject({
  methods: z.array(z.string()).optional(),
  layers: z.strictObject({ from: z.int(), to: z.int() }).optional(),
  kinds: z.array(z.string()).optional(),
  /** Narrows the selection to one step of the method. */
  step: z.string().optional(),
});
export type Selector = z.infer<typeof selectorSchema>;

export const orderRuleSchema = z.strictObject({
  id: z.string(),
  before: selectorSchema,
  after: selectorSchema,
  within: z.enum(['stop', 'room', 'house']),
  hard: z.boolean(),
  orderOnly: z.boolean(),
  minGap: z.int().min(0).optional(),
  reason: z.string().min(1),
});
export type OrderRule = z.infer<typeof orderRuleSchema>;

export const ORDER_RULES: readonly OrderRule[] = [
  {
    id: 'sort-before-cleaning',
    before: { methods: ['sorting-pass'] },
    after: { layers: { from: 0, to: 9 } },
    within: 'room',
    hard: true,
    orderOnly: true,
    reason: 'What leaves the house is not cleaned round, so the room is sorted through first.',
  },
  {
    id: 'sort-whole-house-first',
    before: { methods: ['sorting-pass'] },
    after: { kinds: ['belongings'] },
    within: 'house',
    hard: false,
    orderOnly: false,
    reason: 'The whole house is sorted through first, so that things find their place in one go.',
  },
  {
    id: 'floor-last',
    before: { layers: { from: 0, to: 7 } },
    after: {
      methods: [
        'floor-vacuum',
        'carpet-vacuum',
        'treads-clean',
        'garage-floor-sweep',
        'porch-sweep',
        'yard-sweep',
      ],
    },
    within: 'room',
    hard: true,
    orderOnly: true,
    reason: 'Dust falls: the floor is done last, so that it is done once.',
  },
  {
    id: 'vacuum-before-mop',
    before: { methods: ['floor-vacuum'] },
    after: { methods: ['floor-mop'] },
    within: 'room',
    hard: true,
    orderOnly: false,
    reason: 'Grit under a wet mop scratches, so the floor is vacuumed first.',
  },
  {
    id: 'strip-before-mattress',
    before: { methods: ['bed-linen'], step: 'strip' },
    after: { methods: ['mattress-freshen', 'mattress-turn', 'bed-base'] },
    within: 'room',
    hard: true,
    orderOnly: false,
    reason: 'The mattress has to be bare first.',
  },
  {
    id: 'mattress-before-make',
    before: { methods: ['mattress-freshen', 'mattress-turn', 'bed-base'] },
    after: { methods: ['bed-linen'], step: 'make' },
    within: 'room',
    hard: true,
    orderOnly: true,
    reason: 'The bed is made once everything under the sheet is clean.',
  },
  {
    id: 'turn-after-vacuum',
    before: { methods: ['mattress-freshen'], step: 'vacuum' },
    after: { methods: ['mattress-turn'] },
    within: 'stop',
    hard: false,
    orderOnly: false,
    reason: 'Vacuumed first, the mattress does not shed dust on the slats.',
  },
  {
    id: 'high-before-middle',
    before: { layers: { from: 0, to: 1 } },
    after: { layers: { from: 2, to: 7 } },
    within: 'room',
    hard: false,
    orderOnly: false,
    reason: 'From the ceiling down: what falls lands on what is still to do.',
  },
  {
    id: 'inside-before-outside',
    before: { methods: ['cupboard-sort'] },
    after: { methods: ['cupboard-fronts'] },
    within: 'stop',
    hard: false,
    orderOnly: false,
    reason: 'Inside before outside, so that drips are wiped once.',
  },
  {
    id: 'mirror-before-basin',
    before: { methods: ['mirror-clean'] },
    after: { methods: ['basin-clean'] },
    within: 'room',
    hard: false,
    orderOnly: false,
    reason: 'Drops from the mirror land in the basin.',
  },
  {
    id: 'sink-near-end',
    before: { methods: ['worktop-clean', 'cupboard-fronts', 'fridge-clean', 'hob-clean', 'hood-filter'] },
    after: { methods: ['sink-clean'], step: 'scrub' },
    within: 'room',
    hard: false,
    orderOnly: false,
    reason: 'Buckets are emptied into the sink, so it is cleaned near the end.',
  },
  {
    id: 'window-before-sill',
    before: { methods: ['window-inside'] },
    after: { methods: ['sill-wipe'] },
    within: 'stop',
    hard: false,
    orderOnly: false,
    reason: 'Water from the pane runs onto the sill.',
  },
];
