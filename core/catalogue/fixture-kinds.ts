import type { Height, Size } from '../home/room';
import type { SurfaceName } from '../home/surfaces';

/** Kinds of fixtures: where one is usually found, how big it is when nobody has measured, and what it is made of. */
export type FixtureKind = {
  readonly name: string;
  readonly synonyms?: readonly string[];
  readonly height: Height;
  /** Part of the room itself; it runs along the whole strip. */
  readonly shell?: true;
  /** Holds belongings, so that its fullness counts. */
  readonly holds?: string;
  readonly size: Size;
  /** The first is taken when nobody says. */
  readonly surfaces: readonly SurfaceName[];
};

const rows = {
  ceiling: {
    name: 'Ceiling',
    synonyms: ['cobwebs', 'corners', 'coving'],
    height: 'ceiling',
    shell: true,
    size: {},
    surfaces: ['paint'],
  },
  'ceiling-light': {
    name: 'Ceiling light',
    synonyms: ['lamp', 'lampshade', 'bulb'],
    height: 'ceiling',
    size: { widthM: 0.4 },
    surfaces: ['glass', 'fabric', 'metal'],
  },
  'smoke-alarm': {
    name: 'Smoke alarm',
    synonyms: ['detector', 'CO alarm'],
    height: 'ceiling',
    size: {},
    surfaces: ['plastic'],
  },
  vent: {
    name: 'Air vent',
    synonyms: ['extractor', 'fan', 'return'],
    height: 'ceiling',
    size: { widthM: 0.25 },
    surfaces: ['plastic', 'metal'],
  },
  walls: {
    name: 'Walls',
    synonyms: ['wallpaper', 'marks'],
    height: 'middle',
    shell: true,
    size: {},
    surfaces: ['paint', 'wallpaper', 'tile'],
  },
  skirting: {
    name: 'Skirting',
    synonyms: ['baseboard', 'plinth board'],
    height: 'low',
    shell: true,
    size: {},
    surfaces: ['painted wood', 'wood'],
  },
  'hard-floor': {
    name: 'Hard floor',
    synonyms: ['tiles', 'boards', 'laminate', 'vinyl', 'stone floor'],
    height: 'floor',
    shell: true,
    size: {},
    surfaces: ['tile', 'stone', 'vinyl', 'laminate', 'waxed wood', 'oiled wood', 'concrete'],
  },
  carpet: {
    name: 'Carpet',
    synonyms: ['fitted carpet'],
    height: 'floor',
    shell: true,
    size: {},
    surfaces: ['carpet'],
  },
  picture: {
    name: 'Picture or clock',
    synonyms: ['painting', 'frame', 'photo'],
    height: 'high',
    size: { widthM: 0.5, heightM: 0.4 },
    surfaces: ['wood', 'glass', 'metal'],
  },
  mirror: {
    name: 'Mirror',
    height: 'high',
    size: { widthM: 0.6, heightM: 0.9 },
    surfaces: ['glass'],
  },
  shelf: {
    name: 'Open shelves',
    synonyms: ['bookcase', 'rack', 'unit'],
    height: 'high',
    holds: 'things',
    size: { shelfM: 3 },
    surfaces: ['wood', 'painted wood', 'metal', 'glass'],
  },
  books: {
    name: 'Books',
    synonyms: ['library'],
    height: 'high',
    holds: 'books',
    size: { shelfM: 4 },
    surfaces: ['paper'],
  },
  window: {
    name: 'Window',
    synonyms: ['pane', 'frame', 'sill', 'glass'],
    height: 'middle',
    size: { widthM: 1.1, heightM: 1.3 },
    surfaces: ['glass'],
  },
  sill: {
    name: 'Windowsill',
    synonyms: ['ledge'],
    height: 'middle',
    size: { widthM: 1.2 },
    surfaces: ['painted wood', 'marble', 'tile', 'stone'],
  },
  curtains: {
    name: 'Curtains',
    synonyms: ['drapes', 'nets'],
    height: 'middle',
    size: { widthM: 2.4, heightM: 2.2 },
    surfaces: ['fabric'],
  },
  blind: {
    name: 'Blind',
    synonyms: ['slats', 'shade', 'venetian'],
    height: 'middle',
    size: { slats: 40, widthM: 1.1 },
    surfaces: ['metal', 'wood', 'fabric'],
  },
  door: {
    name: 'Door',
    synonyms: ['frame', 'handle', 'grip marks'],
    height: 'middle',
    size: { widthM: 0.8, heightM: 2 },
    surfaces: ['painted wood', 'wood', 'glass'],
  },
  switches: {
    name: 'Switches and sockets',
    synonyms: ['light switch', 'plug'],
    height: 'middle',
    size: {},
    surfaces: ['plastic'],
  },
  radiator: {
    name: 'Radiator',
    synonyms: ['heater', 'heating'],
    height: 'low',
    size: { widthM: 1 },
    surfaces: ['painted metal'],
  },
  'wood-furniture': {
    name: 'Wooden furniture',
    synonyms: ['table', 'desk', 'chest', 'sideboard', 'bedside', 'dressing table', 'chairs'],
    height: 'low',
    size: { widthM: 1.2, heightM: 0.8 },
    surfaces: ['wood', 'waxed wood', 'lacquer', 'laminate'],
  },
  drawers: {
    name: 'Chest of drawers',
    synonyms: ['dresser', 'drawer'],
    height: 'low',
    holds: 'things',
    size: { drawers: 4, widthM: 0.8, heightM: 0.9 },
    surfaces: ['wood', 'painted wood', 'laminate'],
  },
  upholstery: {
    name: 'Sofa or armchair',
    synonyms: ['couch', 'cushions', 'chair'],
    height: 'low',
    size: { widthM: 1.8 },
    surfaces: ['fabric', 'leather'],
  },
  rug: {
    name: 'Rug',
    synonyms: ['mat', 'runner'],
    height: 'floor',
    size: { widthM: 1.4, heightM: 2 },
    surfaces: ['wool', 'fabric'],
  },
  screens: {
    name: 'Screens and remotes',
    synonyms: ['television', 'computer', 'cables', 'phone'],
    height: 'middle',
    size: {},
    surfaces: ['screen'],
  },
  bed: {
    name: 'Bed',
    synonyms: ['linen', 'base', 'headboard', 'sheets'],
    height: 'low',
    size: { widthM: 1.6 },
    surfaces: ['wood', 'fabric', 'metal'],
  },
  mattress: { name: 'Mattress', height: 'low', size: { widthM: 1.6, heightM: 2 }, surfaces: ['fabric'] },
  duvet: {
    name: 'Duvet and pillows',
    synonyms: ['bedding', 'quilt'],
    height: 'low',
    size: {},
    surfaces: ['fabric', 'down'],
  },
  wardrobe: {
    name: 'Wardrobe',
    synonyms: ['closet', 'clothes', 'hanging rail'],
    height: 'high',
    holds: 'clothes',
    size: { widthM: 1.5, heightM: 2.1 },
    surfaces: ['wood', 'painted wood', 'laminate'],
  },
  'under-bed': {
    name: 'Under the bed',
    synonyms: ['boxes'],
    height: 'floor',
    holds: 'things',
    size: { widthM: 1.6 },
    surfaces: ['wood'],
  },
  taps: {
    name: 'Taps',
    synonyms: ['faucet', 'mixer', 'limescale'],
    height: 'middle',
    size: {},
    surfaces: ['chrome', 'brass'],
  },
  'shower-head': { name: 'Shower head', height: 'high', size: {}, surfaces: ['chrome', 'plastic'] },
  'shower-screen': {
    name: 'Shower screen',
    synonyms: ['shower door', 'cubicle'],
    height: 'middle',
    size: { widthM: 1, heightM: 1.9 },
    surfaces: ['glass', 'acrylic'],
  },
  'wall-tiles': {
    name: 'Wall tiles and grout',
    synonyms: ['grout', 'tiling'],
    height: 'high',
    size: { widthM: 4, heightM: 2 },
    surfaces: ['tile', 'marble', 'stone'],
  },
  bath: {
    name: 'Bath',
    synonyms: ['tub'],
    height: 'low',
    size: { widthM: 1.7 },
    surfaces: ['enamel', 'acrylic'],
  },
  toilet: { name: 'Toilet', synonyms: ['loo', 'wc', 'seat'], height: 'low', size: {}, surfaces: ['ceramic'] },
  basin: {
    name: 'Basin',
    synonyms: ['washbasin', 'hair trap', 'overflow'],
    height: 'middle',
    size: {},
    surfaces: ['ceramic', 'marble'],
  },
  'bathroom-cabinet': {
    name: 'Bathroom cabinet',
    synonyms: ['medicine', 'toiletries'],
    height: 'high',
    holds: 'things',
    size: { shelfM: 2 },
    surfaces: ['laminate', 'painted wood', 'glass'],
  },
  'bath-mats': { name: 'Bath mats', height: 'floor', size: {}, surfaces: ['fabric'] },
  worktop: {
    name: 'Worktop',
    synonyms: ['counter', 'countertop'],
    height: 'middle',
    size: { widthM: 3 },
    surfaces: ['laminate', 'stone', 'marble', 'oiled wood', 'steel'],
  },
  cupboard: {
    name: 'Kitchen cupboard',
    synonyms: ['cabinet', 'larder', 'pantry shelf'],
    height: 'high',
    holds: 'things',
    size: { shelfM: 1.6, widthM: 0.6, heightM: 0.8 },
    surfaces: ['laminate', 'painted wood', 'wood'],
  },
  'kitchen-drawers': {
    name: 'Kitchen drawers',
    synonyms: ['cutlery', 'trays'],
    height: 'middle',
    holds: 'things',
    size: { drawers: 4, widthM: 0.6, heightM: 0.8 },
    surfaces: ['laminate', 'painted wood', 'wood'],
  },
  'cupboard-tops': {
    name: 'Cupboard tops',
    synonyms: ['above the cupboards'],
    height: 'ceiling',
    size: { widthM: 3 },
    surfaces: ['laminate'],
  },
  fridge: {
    name: 'Fridge',
    synonyms: ['refrigerator', 'seals'],
    height: 'middle',
    holds: 'things',
    size: { shelfM: 2.5 },
    surfaces: ['plastic'],
  },
  freezer: {
    name: 'Freezer',
    synonyms: ['ice', 'defrost'],
    height: 'low',
    holds: 'things',
    size: { drawers: 3 },
    surfaces: ['plastic'],
  },
  oven: {
    name: 'Oven',
    synonyms: ['stove', 'door glass', 'racks'],
    height: 'low',
    size: {},
    surfaces: ['enamel'],
  },
  hob: {
    name: 'Hob',
    synonyms: ['cooktop', 'burners', 'grates'],
    height: 'middle',
    size: {},
    surfaces: ['glass hob', 'steel', 'enamel'],
  },
  hood: {
    name: 'Cooker hood',
    synonyms: ['filter', 'extractor hood'],
    height: 'high',
    size: {},
    surfaces: ['steel', 'painted metal'],
  },
  microwave: { name: 'Microwave', height: 'middle', size: {}, surfaces: ['plastic', 'steel'] },
  kettle: {
    name: 'Kettle or coffee machine',
    synonyms: ['descale', 'coffee'],
    height: 'middle',
    size: {},
    surfaces: ['steel', 'plastic'],
  },
  'small-appliance': {
    name: 'Small appliance',
    synonyms: ['toaster', 'mixer', 'blender'],
    height: 'middle',
    size: {},
    surfaces: ['plastic', 'steel'],
  },
  dishwasher: { name: 'Dishwasher', height: 'low', size: {}, surfaces: ['steel'] },
  splashback: {
    name: 'Splashback',
    synonyms: ['backsplash'],
    height: 'middle',
    size: { widthM: 2.5, heightM: 0.6 },
    surfaces: ['tile', 'glass', 'steel', 'paint'],
  },
  sink: {
    name: 'Kitchen sink',
    synonyms: ['drain', 'plughole', 'aerator'],
    height: 'middle',
    size: {},
    surfaces: ['steel', 'ceramic', 'composite'],
  },
  'kitchen-bin': {
    name: 'Bin',
    synonyms: ['rubbish', 'trash', 'waste'],
    height: 'floor',
    size: {},
    surfaces: ['plastic', 'steel'],
  },
  plinths: {
    name: 'Plinths',
    synonyms: ['kick boards', 'toe kick'],
    height: 'floor',
    size: { widthM: 4 },
    surfaces: ['laminate'],
  },
  washer: {
    name: 'Washing machine',
    synonyms: ['washer', 'laundry'],
    height: 'low',
    size: {},
    surfaces: ['plastic', 'painted metal'],
  },
  banister: {
    name: 'Banister and spindles',
    synonyms: ['handrail', 'railing'],
    height: 'middle',
    size: { widthM: 4 },
    surfaces: ['painted wood', 'wood'],
  },
  treads: {
    name: 'Stair treads',
    synonyms: ['steps', 'risers', 'stairs'],
    height: 'floor',
    size: {},
    surfaces: ['waxed wood', 'carpet', 'wood', 'stone'],
  },
} as const satisfies Record<string, FixtureKind>;

export type FixtureKindName = keyof typeof rows;

export const FIXTURE_KINDS: Readonly<Record<FixtureKindName, FixtureKind>> = rows;

export function isFixtureKind(name: string): name is FixtureKindName {
  return Object.hasOwn(FIXTURE_KINDS, name);
}

/** Kinds whose name or another word for it contains the text, best matches first. */
export function searchFixtureKinds(text: string): FixtureKindName[] {
  const wanted = text.trim().toLocaleLowerCase();
  const names = Object.keys(FIXTURE_KINDS) as FixtureKindName[];
  if (wanted === '') return names;
  const rank = (name: FixtureKindName) => {
    const kind = FIXTURE_KINDS[name];
    const words = [kind.name, ...(kind.synonyms ?? [])].map((word) => word.toLocaleLowerCase());
    const starts = words.findIndex((word) => word.startsWith(wanted));
    const holds = words.findIndex((word) => word.includes(wanted));
    return starts >= 0 ? starts : holds >= 0 ? 100 + holds : -1;
  };
  return names.filter((name) => rank(name) >= 0).sort((a, b) => rank(a) - rank(b));
}
