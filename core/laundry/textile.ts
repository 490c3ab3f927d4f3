/** What can be washed: what it weighs dry, and how it has to be washed and dried. Usual figures, one row a textile. */

export type Fibre = 'cotton' | 'easy-care' | 'wool';
export type Colour = 'white' | 'coloured' | 'dark';
/** In a dryer or wherever there is room; hung, for what a dryer harms; or back damp where it came from. */
export type Drying = 'any' | 'hung' | 'in-place';

export type Textile = {
  readonly name: string;
  /** Kilograms of one, or of a square metre. */
  readonly dryKg: number;
  readonly fibre: Fibre;
  /** The highest temperature that it bears, and at which it is washed, in degrees Celsius. */
  readonly warmest: 60 | 40 | 30 | 20;
  readonly colour: Colour;
  readonly drying: Drying;
  /** Only with its like. */
  readonly apart?: 'duvet' | 'pillow' | 'pet' | 'cloths' | 'toilet';
  /** So many of it at most in one load, whatever they weigh. */
  readonly most?: number;
};

const linen = { fibre: 'cotton', warmest: 60, colour: 'white', drying: 'any' } as const;
const cover = { fibre: 'easy-care', warmest: 40, colour: 'coloured', drying: 'hung' } as const;
const tool = { fibre: 'cotton', warmest: 60, colour: 'dark', drying: 'any' } as const;

export const TEXTILES = {
  'single-sheet': { name: 'Single sheet', dryKg: 0.4, ...linen },
  'double-sheet': { name: 'Double sheet', dryKg: 0.7, ...linen },
  'single-cover': { name: 'Single duvet cover', dryKg: 0.8, ...linen },
  'double-cover': { name: 'Double duvet cover', dryKg: 1.1, ...linen },
  'pillow-case': { name: 'Pillow case', dryKg: 0.15, ...linen },
  protector: { name: 'Mattress protector', dryKg: 1, ...linen },
  'bath-towel': { name: 'Bath towel', dryKg: 0.6, ...linen },
  'hand-towel': { name: 'Hand towel', dryKg: 0.25, ...linen },
  'bath-mat': {
    name: 'Bath mat',
    dryKg: 0.7,
    fibre: 'cotton',
    warmest: 40,
    colour: 'coloured',
    drying: 'hung',
  },
  'cushion-cover': { name: 'Cushion cover', dryKg: 0.2, ...cover },
  throw: { name: 'Throw', dryKg: 1.2, ...cover },
  'wool-throw': {
    name: 'Woollen throw',
    dryKg: 1.2,
    fibre: 'wool',
    warmest: 20,
    colour: 'coloured',
    drying: 'hung',
  },
  curtain: {
    name: 'Curtains',
    dryKg: 0.4,
    fibre: 'easy-care',
    warmest: 30,
    colour: 'coloured',
    drying: 'in-place',
  },
  net: {
    name: 'Net curtains',
    dryKg: 0.1,
    fibre: 'easy-care',
    warmest: 30,
    colour: 'white',
    drying: 'in-place',
  },
  'shower-curtain': {
    name: 'Shower curtain',
    dryKg: 0.4,
    fibre: 'easy-care',
    warmest: 40,
    colour: 'white',
    drying: 'in-place',
  },
  duvet: { name: 'Duvet', dryKg: 2.5, ...linen, apart: 'duvet', most: 1 },
  pillow: { name: 'Pillow', dryKg: 0.8, ...linen, apart: 'pillow', most: 2 },
  'pet-bed': { name: 'Cover of a pet’s bed', dryKg: 1.5, ...cover, apart: 'pet' },
  cloth: { name: 'Cleaning cloth', dryKg: 0.05, ...tool, apart: 'cloths' },
  'mop-cover': { name: 'Mop cover', dryKg: 0.2, ...tool, apart: 'cloths' },
  'toilet-cloth': { name: 'Cloth for the toilet', dryKg: 0.05, ...tool, apart: 'toilet' },
} as const satisfies Record<string, Textile>;
export type TextileName = keyof typeof TEXTILES;

export function textileOf(name: TextileName): Textile {
  return TEXTILES[name];
}
