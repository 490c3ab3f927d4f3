/** Closed choices of the catalogue, apart from its schema so that a screen can show them without it. */

/** The same kind of work through the house can be grouped into one round. */
export const WORK_KINDS = {
  dusting: 'Dusting high up',
  windows: 'Windows',
  textiles: 'Textiles',
  belongings: 'Belongings',
  furniture: 'Furniture',
  walls: 'Walls, doors and trim',
  limescale: 'Limescale',
  sanitary: 'Bath and toilet',
  kitchen: 'Kitchen surfaces',
  appliances: 'Appliances',
  floors: 'Floors',
  outside: 'Outside',
  household: 'The whole house',
} as const;
export type WorkKind = keyof typeof WORK_KINDS;

/** Machines of the home that a step may need. */
export const MACHINE_KINDS = {
  washer: 'Washing machine',
  dryer: 'Dryer',
  line: 'Drying line',
  dishwasher: 'Dishwasher',
  oven: 'Oven',
} as const;
export type MachineKind = keyof typeof MACHINE_KINDS;
/** What one uses: water alone, steam where it may be, things from the pantry, shop products, or disinfecting where it matters. */
export const PRODUCT_SCHOOLS = ['water', 'steam', 'pantry', 'shop', 'disinfecting'] as const;
export type ProductSchool = (typeof PRODUCT_SCHOOLS)[number];
