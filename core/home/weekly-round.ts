import { z } from 'zod';
import { idSchema } from '../basics/scalars';

/** What many households do every week or two anyhow, and what of a deep clean it takes out. */

type Part = {
  readonly name: string;
  /** The methods that it covers, and every how many days. */
  readonly methods: Readonly<Record<string, number>>;
};

/** Floors are not among them: after a deep clean they are done all the same, since all of it ends up there. */
const rows = {
  beds: { name: 'The beds changed', methods: { 'bed-linen': 14, 'bed-linen-wash': 14 } },
  towels: { name: 'Towels and bath mats', methods: { 'towels-wash': 7, 'mats-wash': 14 } },
  basins: { name: 'Basins and mirrors', methods: { 'basin-clean': 7, 'mirror-clean': 7 } },
  kitchen: {
    name: 'Worktop and hob',
    methods: { 'worktop-clean': 7, 'worktop-stone': 7, 'worktop-wood': 7, 'hob-clean': 7 },
  },
  dust: { name: 'Dust on furniture', methods: { 'furniture-wipe': 7, 'sill-wipe': 7, 'screens-wipe': 14 } },
  handles: {
    name: 'Handles and switches',
    methods: { 'touch-points-wash': 7, 'switch-wipe': 14 },
  },
  bins: { name: 'Bins', methods: { 'bin-wash': 14, 'waste-bin-wash': 14 } },
  pets: { name: 'Pet corners', methods: { 'litter-corner-clean': 7, 'cage-clean': 7 } },
} as const satisfies Record<string, Part>;

export type RoundPart = keyof typeof rows;
export const ROUND_PARTS: Readonly<Record<RoundPart, Part>> = rows;
export const ROUND_PART_NAMES = Object.keys(rows) as [RoundPart, ...RoundPart[]];

export const weeklyRoundSchema = z.strictObject({
  covers: z.array(z.enum(ROUND_PART_NAMES)).max(ROUND_PART_NAMES.length),
  /** The id of whoever does it. */
  who: idSchema.optional(),
});
export type WeeklyRound = z.infer<typeof weeklyRoundSchema>;

/** The part of a weekly round that a method belongs to, and every how many days; undefined for deep work alone. */
export function roundOf(methodId: string): { readonly part: RoundPart; readonly days: number } | undefined {
  for (const part of ROUND_PART_NAMES) {
    const days = ROUND_PARTS[part].methods[methodId];
    if (days !== undefined) return { part, days };
  }
  return undefined;
}

/** Whether a household's weekly round does what a method would. */
export function isInRound(methodId: string, round: WeeklyRound | undefined): boolean {
  const part = roundOf(methodId)?.part;
  return part !== undefined && (round?.covers.includes(part) ?? false);
}
