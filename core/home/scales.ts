/** The scales on which rooms and fixtures are noted, and the limits of what can be. */

export const ROOM_KINDS = {
  kitchen: 'Kitchen',
  pantry: 'Pantry',
  dining: 'Dining room',
  living: 'Living room',
  bedroom: 'Bedroom',
  child: 'Child’s room',
  guest: 'Guest room',
  study: 'Study',
  bathroom: 'Bathroom',
  shower: 'Shower room',
  toilet: 'Toilet',
  hall: 'Hall',
  stairs: 'Stairs',
  landing: 'Landing',
  laundry: 'Laundry',
  cupboard: 'Cupboard',
  loft: 'Loft',
  cellar: 'Cellar',
  garage: 'Garage',
  porch: 'Porch',
  balcony: 'Balcony',
  terrace: 'Terrace or yard',
  store: 'Store or shed',
} as const;
export type RoomKind = keyof typeof ROOM_KINDS;

/** From the ceiling down: the rows of the unrolled room. */
export const HEIGHTS = ['ceiling', 'high', 'middle', 'low', 'floor'] as const;
export type Height = (typeof HEIGHTS)[number];

export const SOILS = ['light', 'normal', 'heavy', 'years'] as const;
export type Soil = (typeof SOILS)[number];

/** How full of belongings a fixture is. */
export const FULLNESSES = ['empty', 'sparse', 'half', 'full', 'crammed'] as const;
export type Fullness = (typeof FULLNESSES)[number];

export const MOST_COUNT = 500;
/** Places of one fixture that are told apart; where there are more, they are gone through as one. */
export const MOST_PLACES = 24;
export const MOST_ROOM_M = 40;

/** How one goes round a room, from the door. */
export const WAYS_ROUND = ['clockwise', 'left-to-right', 'right-to-left', 'u'] as const;
export type WayRound = (typeof WAYS_ROUND)[number];

/** How air gets in and out of a room. */
export const VENTILATIONS = ['window', 'fan', 'none'] as const;
export type Ventilation = (typeof VENTILATIONS)[number];

/** Sizes for whoever does not measure: length and width in metres, by kind of room where it differs from the usual. */
export const ROOM_SIZES = ['small', 'middle', 'large'] as const;
export type RoomSize = (typeof ROOM_SIZES)[number];

type Sizes = Readonly<Record<RoomSize, readonly [lengthM: number, widthM: number]>>;
const USUAL_SIZES: Sizes = { small: [3, 2.4], middle: [4, 3.2], large: [5.5, 4] };
const WET_SIZES: Sizes = { small: [2, 1.6], middle: [2.7, 2.2], large: [3.6, 2.8] };
const CLOSET_SIZES: Sizes = { small: [1.3, 0.9], middle: [1.6, 1.1], large: [2.4, 1.6] };
const PASSAGE_SIZES: Sizes = { small: [2.5, 1.1], middle: [4.5, 1.4], large: [6.5, 2] };
const LIVING_SIZES: Sizes = { small: [4, 3.2], middle: [5.2, 4], large: [7, 5] };

const SIZES_OF: Partial<Record<RoomKind, Sizes>> = {
  bathroom: WET_SIZES,
  shower: WET_SIZES,
  laundry: WET_SIZES,
  toilet: CLOSET_SIZES,
  cupboard: CLOSET_SIZES,
  pantry: CLOSET_SIZES,
  hall: PASSAGE_SIZES,
  stairs: PASSAGE_SIZES,
  landing: PASSAGE_SIZES,
  living: LIVING_SIZES,
  dining: LIVING_SIZES,
};

export function roomSizes(kind: RoomKind): Sizes {
  return SIZES_OF[kind] ?? USUAL_SIZES;
}

export const USUAL_HEIGHT_M = 2.5;

/** How fast a person works, and how much longer things take them than the rates say. */
export const PACES = { unhurried: 1.25, usual: 1, brisk: 0.85 } as const;
export type Pace = keyof typeof PACES;

/** What happens with belongings: sorted through in the whole house first, at each stop, swept through against the clock, or left. */
export const BELONGINGS = ['first', 'stop', 'sweep', 'leave'] as const;
export type BelongingsSchool = (typeof BELONGINGS)[number];
