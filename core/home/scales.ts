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
export const MOST_ROOM_M = 40;
