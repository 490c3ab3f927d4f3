import { remembered } from '../basics/remembered';
import type { SurfaceName } from '../home/surfaces';
import { FAMILIES, type Family, isOf } from './product-facts';
import type { ProductName } from './products';

/**
 * What must never meet, and what should not: rows that hold between families of products, and between families and
 * what they touch. Usual cautions of the household; the label, the maker and local rules come first.
 */

/** How near two products must not come: in one go on one thing, or in one room, drain and day. */
export type Nearness = 'task' | 'room';

type Row = {
  readonly id: string;
  /** A forbidden one is designed out of every plan; the others are said where they matter. */
  readonly forbidden: boolean;
  readonly why: string;
  readonly instead: string;
};

export type ProductClash = Row & {
  readonly one: readonly Family[];
  readonly other: readonly Family[];
  readonly near: Nearness;
  /** A day between the two is better than another product, where the clean has more than one. */
  readonly waits?: true;
};

export type SurfaceClash = Row & {
  readonly families: readonly Family[];
  readonly surfaces: readonly SurfaceName[];
};

export type FixtureClash = Row & {
  readonly families: readonly Family[];
  /** Kinds of fixture. */
  readonly fixtures: readonly string[];
};

const ANYTHING = (Object.keys(FAMILIES) as Family[]).filter(
  (family) => family !== 'water' && family !== 'steam',
);

const RINSE = 'Rinse well and let the air change before the next.';

export const PRODUCT_CLASHES: readonly ProductClash[] = [
  {
    id: 'chlorine-and-acid',
    one: ['chlorine'],
    other: ['acid'],
    near: 'room',
    forbidden: true,
    why: 'Chlorine bleach with an acid gives off chlorine gas, in the bucket and in the drain.',
    instead: 'One of them another day, with plenty of water between; or oxygen bleach.',
  },
  {
    id: 'chlorine-and-ammonia',
    one: ['chlorine'],
    other: ['ammonia'],
    near: 'room',
    forbidden: true,
    why: 'Chlorine bleach with ammonia gives off poisonous vapour.',
    instead: 'One of them another day; or oxygen bleach.',
  },
  {
    id: 'chlorine-and-alcohol',
    one: ['chlorine'],
    other: ['alcohol', 'solvent'],
    near: 'room',
    forbidden: true,
    why: 'Chlorine bleach with alcohol or a solvent makes vapours that numb and burn.',
    instead: 'One of them another day; or oxygen bleach.',
  },
  {
    id: 'chlorine-and-peroxide',
    one: ['chlorine'],
    other: ['peroxide'],
    near: 'task',
    forbidden: true,
    why: 'The two bleaches react with each other, foam and heat up.',
    instead: 'Only one of them.',
  },
  {
    id: 'chlorine-and-cleaner',
    one: ['chlorine'],
    other: ['soap', 'alkali', 'caustic', 'quat', 'abrasive', 'oil', 'enzyme'],
    near: 'task',
    forbidden: true,
    why: 'Chlorine bleach is never mixed with another cleaner: nobody knows what is in both bottles.',
    instead: 'Clean first, rinse, and only then the bleach by itself; or oxygen bleach.',
  },
  {
    id: 'drain-opener-and-anything',
    one: ['drain'],
    other: ANYTHING.filter((family) => family !== 'soap' && family !== 'oil'),
    near: 'room',
    forbidden: true,
    why: 'A drain opener boils up or gives off gas with what else goes down the drain that day.',
    instead: 'Clear the trap by hand, or leave the drain alone that day; never one opener after another.',
  },
  {
    id: 'drain-opener-mixed',
    one: ['drain'],
    other: ['soap', 'oil'],
    near: 'task',
    forbidden: true,
    why: 'A drain opener is used by itself.',
    instead: 'Clear the trap by hand.',
  },
  {
    id: 'peroxide-and-acid',
    one: ['peroxide'],
    other: ['acid'],
    near: 'room',
    forbidden: true,
    waits: true,
    why: 'Peroxide and vinegar in one bottle make peracetic acid, which burns skin and lungs.',
    instead: 'A day between them, rinsed well; never mixed.',
  },
  {
    id: 'caustic-and-acid',
    one: ['caustic'],
    other: ['acid', 'ammonia'],
    near: 'task',
    forbidden: true,
    why: 'A caustic cleaner with an acid boils and spits.',
    instead: 'Only one of them.',
  },
  {
    id: 'caustic-beside-acid',
    one: ['caustic'],
    other: ['acid'],
    near: 'room',
    forbidden: false,
    why: 'A caustic cleaner and an acid boil and spit where they meet.',
    instead: RINSE,
  },
  {
    id: 'chlorine-beside-peroxide',
    one: ['chlorine'],
    other: ['peroxide', 'quat', 'caustic'],
    near: 'room',
    forbidden: false,
    why: 'Chlorine bleach should meet no other cleaner, not even in the drain.',
    instead: RINSE,
  },
  {
    id: 'alkali-and-acid',
    one: ['alkali'],
    other: ['acid'],
    near: 'task',
    forbidden: false,
    why: 'Soda and acid undo each other: they foam, and neither cleans.',
    instead: 'One after the other, rinsed between.',
  },
  {
    id: 'quat-and-soap',
    one: ['quat'],
    other: ['soap'],
    near: 'task',
    forbidden: false,
    why: 'Soap that is left on the surface stops the disinfectant from working.',
    instead: 'Clean, rinse, then disinfect.',
  },
  {
    id: 'solvent-and-oxidant',
    one: ['solvent', 'alcohol'],
    other: ['peroxide', 'caustic'],
    near: 'task',
    forbidden: true,
    why: 'Solvents with strong cleaners can catch fire or give off vapour.',
    instead: 'Only one of them.',
  },
];

const LIMY: readonly SurfaceName[] = ['marble', 'limestone'];
const OPEN_WOOD: readonly SurfaceName[] = ['wood', 'oiled wood', 'waxed wood'];

export const SURFACE_CLASHES: readonly SurfaceClash[] = [
  {
    id: 'acid-on-stone',
    families: ['acid'],
    surfaces: [...LIMY, 'granite', 'stone', 'grout', 'concrete'],
    forbidden: true,
    why: 'Acid eats lime: marble, limestone and cement grout go dull for good, and the seal of granite with them.',
    instead: 'pH-neutral stone cleaner, or water with a drop of washing-up liquid.',
  },
  {
    id: 'acid-on-soft-metal',
    families: ['acid'],
    surfaces: ['aluminium', 'cast iron'],
    forbidden: true,
    why: 'Acid pits aluminium and rusts iron.',
    instead: 'Washing-up liquid and a soft cloth.',
  },
  {
    id: 'acid-on-rubber',
    families: ['acid'],
    surfaces: ['rubber'],
    forbidden: true,
    why: 'Acid makes natural rubber brittle.',
    instead: 'Washing-up liquid.',
  },
  {
    id: 'acid-on-plating',
    families: ['acid'],
    surfaces: ['chrome', 'brass', 'enamel'],
    forbidden: false,
    why: 'Acid dulls plating and enamel when it stays on or dries.',
    instead: 'Short, wet, and rinsed at once.',
  },
  {
    id: 'alkali-on-aluminium',
    families: ['alkali', 'caustic', 'drain'],
    surfaces: ['aluminium'],
    forbidden: true,
    why: 'Soda turns aluminium black and eats it.',
    instead: 'Washing-up liquid and a soft cloth.',
  },
  {
    id: 'alkali-on-wool',
    families: ['alkali', 'caustic', 'drain', 'chlorine', 'peroxide'],
    surfaces: ['wool', 'down', 'leather'],
    forbidden: true,
    why: 'Soda and bleach break wool, down and leather down.',
    instead: 'A mild detergent made for it.',
  },
  {
    id: 'steam-on-layers',
    families: ['steam'],
    surfaces: [
      'laminate',
      'lacquer',
      'painted wood',
      'paint',
      'acrylic',
      'vinyl',
      'wallpaper',
      'paper',
      'leather',
      'wool',
      'down',
      'glass',
      ...OPEN_WOOD,
    ],
    forbidden: true,
    why: 'Steam lifts layers, wax and glue, swells open wood, and cold glass cracks under it.',
    instead: 'A cloth wrung out well.',
  },
  {
    id: 'enzymes-on-wool',
    families: ['enzyme'],
    surfaces: ['wool', 'down', 'leather'],
    forbidden: true,
    why: 'Enzymes that take stains apart take wool, down and leather apart too.',
    instead: 'A mild detergent made for it.',
  },
  {
    id: 'alkali-on-finish',
    families: ['alkali'],
    surfaces: ['oiled wood', 'waxed wood', 'lacquer'],
    forbidden: true,
    why: 'Soda strips oil and wax and dulls lacquer.',
    instead: 'Wood soap, well wrung out.',
  },
  {
    id: 'caustic-on-finish',
    families: ['caustic', 'drain'],
    surfaces: [
      'acrylic',
      'paint',
      'painted wood',
      'painted metal',
      'lacquer',
      'laminate',
      'vinyl',
      'wallpaper',
      'carpet',
      'fabric',
      'paper',
      'rattan',
      'plastic',
      'rubber',
      ...OPEN_WOOD,
    ],
    forbidden: true,
    why: 'Caustic cleaners take paint, varnish and fibres off.',
    instead: 'Washing-up liquid, warm and with time.',
  },
  {
    id: 'chlorine-on-metal',
    families: ['chlorine'],
    surfaces: ['steel', 'aluminium', 'cast iron', 'brass', 'chrome', 'metal'],
    forbidden: true,
    why: 'Chlorine pits steel and eats metals.',
    instead: 'Oxygen bleach, rinsed off; or washing-up liquid.',
  },
  {
    id: 'chlorine-on-fibre',
    families: ['chlorine'],
    surfaces: ['fabric', 'carpet', 'paper', 'wallpaper', 'rattan', ...OPEN_WOOD],
    forbidden: true,
    why: 'Chlorine takes the colour out and breaks fibres.',
    instead: 'Oxygen bleach where the label allows it.',
  },
  {
    id: 'chlorine-on-stone',
    families: ['chlorine'],
    surfaces: [...LIMY, 'granite', 'stone', 'rubber'],
    forbidden: true,
    why: 'Chlorine bleaches stone in spots and makes rubber brittle.',
    instead: 'pH-neutral stone cleaner.',
  },
  {
    id: 'alcohol-on-finish',
    families: ['alcohol', 'solvent'],
    surfaces: ['lacquer', 'acrylic', 'waxed wood', 'oiled wood', 'leather', 'painted wood'],
    forbidden: true,
    why: 'Alcohol clouds lacquer and acrylic and dissolves wax.',
    instead: 'Water with a drop of washing-up liquid.',
  },
  {
    id: 'solvent-on-plastic',
    families: ['solvent'],
    surfaces: ['plastic', 'rubber', 'vinyl', 'screen', 'laminate'],
    forbidden: true,
    why: 'Solvents melt and cloud plastics.',
    instead: 'Washing-up liquid.',
  },
  {
    id: 'anything-on-screens',
    families: [...ANYTHING, 'steam'],
    surfaces: ['screen'],
    forbidden: true,
    why: 'Screens have a coating that cleaners take off.',
    instead: 'A dry cloth, then one that is just damp with water.',
  },
  {
    id: 'grit-on-gloss',
    families: ['abrasive'],
    surfaces: [
      'acrylic',
      'glass hob',
      'screen',
      'lacquer',
      'glass',
      'plastic',
      'aluminium',
      'paint',
      'vinyl',
    ],
    forbidden: true,
    why: 'Grit scratches what is polished or coated, and dirt holds on there from then on.',
    instead: 'A soft cloth and washing-up liquid.',
  },
  {
    id: 'grit-on-polish',
    families: ['abrasive'],
    surfaces: ['marble', 'limestone', 'enamel', 'laminate', 'painted wood', 'painted metal'],
    forbidden: true,
    why: 'Grit dulls a polished surface for good.',
    instead: 'A soft cloth and a mild cleaner.',
  },
  {
    id: 'ammonia-on-metal',
    families: ['ammonia'],
    surfaces: ['brass', 'aluminium', 'acrylic', 'screen'],
    forbidden: true,
    why: 'Ammonia eats brass and aluminium and clouds acrylic.',
    instead: 'Washing-up liquid.',
  },
  {
    id: 'peroxide-on-colour',
    families: ['peroxide'],
    surfaces: ['fabric', 'carpet', 'paint', 'wallpaper', 'wood', 'painted wood', ...LIMY],
    forbidden: false,
    why: 'Peroxide and oxygen bleach can take colour out.',
    instead: 'Try it where nobody looks first.',
  },
  {
    id: 'oil-on-stone',
    families: ['oil'],
    surfaces: [...LIMY, 'granite', 'stone', 'concrete', 'carpet', 'fabric', 'wallpaper', 'paper'],
    forbidden: true,
    why: 'Oil leaves stains that do not come out.',
    instead: 'What is made for the surface.',
  },
];

export const FIXTURE_CLASHES: readonly FixtureClash[] = [
  {
    id: 'foam-in-jets',
    families: ['soap', 'chlorine', 'oil', 'abrasive'],
    fixtures: ['jetted-bath'],
    forbidden: true,
    why: 'Foam fills the pump of a jetted bath, and bleach and oil spoil its seals.',
    instead: 'Citric acid, or the cleaner that the maker names.',
  },
  {
    id: 'oil-on-treads',
    families: ['oil'],
    fixtures: ['treads'],
    forbidden: true,
    why: 'Oil and wax make stairs slippery.',
    instead: 'Water and soft soap, well wrung out.',
  },
  {
    id: 'solvent-in-dryer',
    families: ['solvent', 'alcohol', 'oil'],
    fixtures: ['dryer'],
    forbidden: true,
    why: 'What evaporates in a dryer can catch fire.',
    instead: 'A cloth with water and a little vinegar.',
  },
  {
    id: 'solvent-by-heat',
    families: ['solvent', 'alcohol'],
    fixtures: ['oven', 'hob', 'fireplace', 'grill'],
    forbidden: true,
    why: 'Vapour of solvents catches fire on a hot oven or a pilot light.',
    instead: 'Soda paste, when it is cold.',
  },
];

/** The rows that hold between two products that come so near, the forbidden ones first. Mixed in one go, what is forbidden in a room is forbidden too. */
export const clashesBetween = remembered(
  (a: ProductName, b: ProductName, near: Nearness): readonly ProductClash[] => {
    if (a === b && !isOf(a, ['drain'])) return [];
    const holds = (clash: ProductClash) =>
      (isOf(a, clash.one) && isOf(b, clash.other)) || (isOf(b, clash.one) && isOf(a, clash.other));
    return forbiddenFirst(
      PRODUCT_CLASHES.filter((clash) => (near === 'task' || clash.near === 'room') && holds(clash)),
    );
  },
);

/** Whether two of some products must not come together in one go. */
export function mixes(products: readonly ProductName[]): boolean {
  return products.some((a, i) =>
    products.slice(i + 1).some((b) => clashesBetween(a, b, 'task').some((row) => row.forbidden)),
  );
}

/** The rows that hold for a product on a surface, or on a kind of fixture. */
export const clashesOn = remembered(
  (
    product: ProductName,
    surface: string | undefined,
    fixture?: string,
  ): readonly (SurfaceClash | FixtureClash)[] => {
    const onSurface = SURFACE_CLASHES.filter(
      (clash) =>
        isOf(product, clash.families) && (clash.surfaces as readonly string[]).includes(surface ?? ''),
    );
    const onFixture = FIXTURE_CLASHES.filter(
      (clash) => isOf(product, clash.families) && clash.fixtures.includes(fixture ?? ''),
    );
    return forbiddenFirst([...onFixture, ...onSurface]);
  },
);

function forbiddenFirst<T extends Row>(rows: readonly T[]): T[] {
  return [...rows].sort((a, b) => Number(b.forbidden) - Number(a.forbidden));
}
