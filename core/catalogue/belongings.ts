import type { Fullness } from '../home/scales';

/**
 * What is kept in a home: how many of it a unit holds (a metre of rail or shelf, a drawer, a box), and the seconds that
 * each takes out, decided about and back. Figures of common household practice.
 */

type Row = {
  /** How many in a unit: sparse, half full, full, crammed. */
  readonly many: readonly [sparse: number, half: number, full: number, crammed: number];
  /** Seconds a thing, out, decided and back. */
  readonly seconds: number;
};

const rows = {
  'hung clothes': { many: [15, 30, 50, 70], seconds: 15 },
  'folded clothes': { many: [10, 20, 35, 50], seconds: 25 },
  linen: { many: [10, 20, 35, 50], seconds: 20 },
  /** A pair counts as one. */
  shoes: { many: [2, 4, 6, 9], seconds: 20 },
  coats: { many: [7, 13, 20, 28], seconds: 45 },
  'small things': { many: [8, 15, 30, 45], seconds: 9 },
  /** A drawer of them. */
  garments: { many: [8, 15, 30, 45], seconds: 10 },
  'kitchen tools': { many: [10, 20, 40, 60], seconds: 8 },
  /** A cupboard of 60 cm, with dates to read. */
  'kitchen things': { many: [12, 25, 45, 70], seconds: 10 },
  /** A bathroom cabinet, with dates to read. */
  toiletries: { many: [6, 15, 30, 50], seconds: 10 },
  /** A box of them. */
  toys: { many: [15, 30, 60, 80], seconds: 10 },
  /** Such as stand on a shelf and are wiped. */
  'things on show': { many: [3, 6, 9, 13], seconds: 19 },
  fragile: { many: [4, 7, 10, 14], seconds: 32 },
  /** Boxes, tins and tools of a garage, shed or loft. */
  stored: { many: [3, 6, 9, 13], seconds: 25 },
  medicines: { many: [9, 16, 25, 35], seconds: 12 },
  papers: { many: [20, 40, 60, 85], seconds: 20 },
  /** What is just moved out of the way and back: food in a fridge. */
  food: { many: [5, 9, 14, 20], seconds: 8 },
} as const satisfies Record<string, Row>;

export type BelongingKind = keyof typeof rows;
export const BELONGINGS: Readonly<Record<BelongingKind, Row>> = rows;
export const BELONGING_KINDS = Object.keys(rows) as [BelongingKind, ...BelongingKind[]];

/** Of a thing's seconds: what taking it out and deciding about it takes; putting it back takes the rest. */
export const OUT_SHARE = 2 / 3;

/** How full the things of unnamed kinds stand. */
const USUAL: Row['many'] = [35, 65, 100, 140];

const PLACES: Readonly<Record<Exclude<Fullness, 'empty'>, 0 | 1 | 2 | 3>> = {
  sparse: 0,
  half: 1,
  full: 2,
  crammed: 3,
};

/** Of what a full unit holds, the share that one so full holds. */
export function shareOfFull(kind: BelongingKind | undefined, fullness: Fullness): number {
  if (fullness === 'empty') return 0;
  const many = kind ? BELONGINGS[kind].many : USUAL;
  return many[PLACES[fullness]] / many[2];
}
