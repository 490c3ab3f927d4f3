import { FIXTURE_KINDS, type FixtureKindName } from '../catalogue/fixture-kinds';
import type { Room, RoomKind, Stop } from '../home/room';
import { newFixture } from './fixture';

/**
 * What a room of a kind usually has, so that a walk does not start at an empty strip: the room itself, its stops
 * clockwise from the door, and what is often there as well and is offered without being put in.
 */
export type RoomTemplate = {
  readonly shell: readonly FixtureKindName[];
  readonly stops: readonly StopTemplate[];
  readonly often: readonly FixtureKindName[];
};

/** A kind, or so many of it. */
type Furnished = FixtureKindName | readonly [kind: FixtureKindName, count: number];
type StopTemplate = readonly [name: string, ...fixtures: Furnished[]];

const DOOR: StopTemplate = ['Door', 'door', 'switches'];
const WINDOW: StopTemplate = ['Window', 'window', 'sill', 'curtains', 'radiator'];
const LAMP: StopTemplate = ['Lamp', 'ceiling-light'];
const SHELL: readonly FixtureKindName[] = ['ceiling', 'walls', 'skirting', 'hard-floor', 'touch-points'];
const ANYWHERE: readonly FixtureKindName[] = [
  'picture',
  'shelf',
  'plants',
  'smoke-alarm',
  'blind',
  'rug',
  'lamp',
  'behind-furniture',
  'pick-up',
  'last-touches',
  'air-cleaner',
  'electric-fire',
  'window-grille',
  'season-lights',
];

const USUAL: RoomTemplate = {
  shell: SHELL,
  stops: [DOOR, ['Window', 'window', 'sill', 'radiator'], LAMP],
  often: ANYWHERE,
};

const SLEEPING: RoomTemplate = {
  shell: SHELL,
  stops: [
    DOOR,
    ['Wardrobe', 'wardrobe'],
    WINDOW,
    ['Bed', 'bed', 'mattress', 'duvet', 'under-bed'],
    ['Chest of drawers', 'drawers', 'mirror'],
    LAMP,
  ],
  often: [
    'bedside',
    'picture',
    'headboard',
    'protector',
    'bed-drawers',
    'dressing-table',
    'shoes',
    'bags',
    'season-store',
    ...ANYWHERE,
  ],
};

const CHILD: RoomTemplate = {
  shell: SHELL,
  stops: [
    DOOR,
    ['Shelf', 'shelf', 'toys'],
    WINDOW,
    ['Bed', 'bed', 'mattress', 'duvet', 'under-bed'],
    ['Wardrobe', 'wardrobe', 'drawers'],
    ['Desk', 'wood-furniture', 'screens'],
    LAMP,
  ],
  often: ['outgrown', 'books', 'cushions', 'bed-drawers', ...ANYWHERE],
};

const WASHING: RoomTemplate = {
  shell: ['ceiling', 'walls', 'hard-floor', 'touch-points'],
  stops: [
    DOOR,
    ['Basin', 'mirror', 'bathroom-cabinet', 'taps', 'basin'],
    ['Toilet', 'toilet'],
    ['Shower', 'shower-head', 'shower-screen', 'wall-tiles'],
    ['Bath', 'bath', 'bath-mats'],
    ['Vent', 'vent', 'radiator'],
    LAMP,
  ],
  often: [
    'towels',
    'window',
    'towel-rail',
    'shower-curtain',
    'shower-tray',
    'shower-drain',
    'shower-wall',
    'grout',
    'sealant',
    'small-bath-things',
    'medicine-box',
    'jetted-bath',
    'mould-spot',
    'laundry-basket',
  ],
};

const without = (template: RoomTemplate, ...names: string[]): RoomTemplate => ({
  ...template,
  stops: template.stops.filter(([name]) => !names.includes(name)),
});

const COOKING: RoomTemplate = {
  shell: SHELL,
  stops: [
    DOOR,
    ['Fridge', 'fridge', 'freezer'],
    ['Cooker', 'hood', 'splashback', 'hob', 'oven'],
    ['Wall cupboards', 'cupboard-tops', ['cupboard', 4]],
    ['Worktop', 'worktop', 'kettle', 'microwave'],
    ['Sink', 'sink', 'taps', 'dishwasher', 'kitchen-bin'],
    ['Drawers', 'kitchen-drawers', ['cupboard', 3], 'plinths'],
    ['Window', 'window', 'sill'],
    LAMP,
  ],
  often: [
    'appliance-front',
    'jars',
    'small-appliance',
    'coffee-machine',
    'under-sink',
    'table',
    'bread-bin',
    'boards',
    'drying-rack',
    'water-filter',
    'charcoal-filter',
    'disposer',
    'pantry-shelves',
    'radiator',
    'blind',
    'plants',
    'pick-up',
    'extinguisher',
    'emergency-numbers',
  ],
};

const LIVING: RoomTemplate = {
  shell: SHELL,
  stops: [
    DOOR,
    ['Bookcase', 'books', 'shelf'],
    WINDOW,
    ['Sofa', 'upholstery', 'picture'],
    ['Screen', 'screens'],
    ['Rug', 'rug'],
    LAMP,
  ],
  often: [
    'cushions',
    'throws',
    'ornaments',
    'display-cabinet',
    'glass-furniture',
    'wood-furniture',
    'fireplace',
    'cables',
    'instrument',
    'cage',
    'pet-bed',
    ...ANYWHERE,
  ],
};

const ENTRY: RoomTemplate = {
  shell: SHELL,
  stops: [
    ['Front door', 'front-door', 'door-fittings', 'door-mat', 'switches'],
    ['Coats', 'coats', 'shoe-rack'],
    ['Mirror', 'mirror'],
    LAMP,
  ],
  often: [
    'door',
    'boot-tray',
    'hall-drawer',
    'radiator',
    'fuse-box',
    'first-aid',
    'emergency-bag',
    'leaving-trip',
    'mend-pile',
    'paperwork',
    ...ANYWHERE,
  ],
};

const OUTDOORS: RoomTemplate = {
  shell: ['yard-floor'],
  stops: [
    ['Back door', 'door', 'outdoor-light'],
    ['Furniture', 'outdoor-furniture'],
    ['Pots', 'planters'],
  ],
  often: [
    'balcony-rail',
    'grill',
    'awning',
    'leaves',
    'outdoor-bin',
    'outdoor-toys',
    'bicycle',
    'gutters',
    'door-mat',
  ],
};

const STORING: RoomTemplate = {
  shell: ['ceiling', 'hard-floor'],
  stops: [['Door', 'door', 'switches'], ['Shelves', 'store-shelves'], LAMP],
  often: [
    'window',
    'vent',
    'pest-check',
    'heating-filter',
    'ventilation-filter',
    'fuse-box',
    'bicycle',
    'season-store',
    'washer',
    'dryer',
    'vacuum-cleaner',
  ],
};

const TEMPLATES: Partial<Record<RoomKind, RoomTemplate>> = {
  bedroom: SLEEPING,
  guest: SLEEPING,
  child: CHILD,
  bathroom: WASHING,
  shower: without(WASHING, 'Bath'),
  toilet: without(WASHING, 'Bath', 'Shower'),
  kitchen: COOKING,
  living: LIVING,
  dining: {
    ...LIVING,
    stops: [
      DOOR,
      ['Table', 'table'],
      ['Sideboard', 'display-cabinet', 'picture'],
      WINDOW,
      ['Rug', 'rug'],
      LAMP,
    ],
  },
  study: {
    shell: SHELL,
    stops: [
      DOOR,
      ['Desk', 'wood-furniture', 'screens', 'cables'],
      ['Bookcase', 'books', 'shelf'],
      WINDOW,
      LAMP,
    ],
    often: ['paperwork', 'drawers', 'waste-bin', ...ANYWHERE],
  },
  hall: ENTRY,
  porch: {
    shell: ['ceiling', 'porch-floor'],
    stops: [
      ['Front door', 'front-door', 'door-fittings', 'door-mat'],
      ['Step', 'front-step'],
      ['Light', 'outdoor-light'],
    ],
    often: ['boot-tray', 'shoe-rack', 'window', 'planters', 'outdoor-bin'],
  },
  stairs: {
    shell: ['ceiling', 'walls', 'skirting'],
    stops: [['Stairs', 'treads', 'banister'], LAMP],
    often: ['window', 'picture', 'smoke-alarm', 'radiator', 'pest-check'],
  },
  pantry: {
    shell: ['ceiling', 'walls', 'hard-floor'],
    stops: [DOOR, ['Shelves', 'pantry-shelves'], LAMP],
    often: ['pest-check', 'vent'],
  },
  laundry: {
    shell: ['ceiling', 'walls', 'hard-floor'],
    stops: [
      DOOR,
      ['Machines', 'washer', 'dryer'],
      ['Tools', 'vacuum-cleaner', 'mops', 'cleaning-cloths'],
      LAMP,
    ],
    often: ['sink', 'linen-shelves', 'laundry-basket', 'iron', 'window', 'vent'],
  },
  cupboard: {
    shell: ['hard-floor'],
    stops: [DOOR, ['Shelves', 'linen-shelves']],
    often: ['vacuum-cleaner', 'mops', 'season-store', 'coats', 'shoes'],
  },
  loft: STORING,
  cellar: STORING,
  store: STORING,
  garage: { ...STORING, shell: ['ceiling', 'garage-floor'] },
  terrace: OUTDOORS,
  balcony: without(OUTDOORS, 'Pots'),
};

/** What stands beside what, where the template of a room does not say: the first of these that is there. */
const STANDS_BY: Partial<Record<FixtureKindName, readonly FixtureKindName[]>> = {
  bedside: ['bed'],
  headboard: ['bed'],
  protector: ['mattress', 'bed'],
  'bed-drawers': ['under-bed', 'bed'],
  bags: ['wardrobe'],
  shoes: ['wardrobe', 'shoe-rack', 'coats'],
  'season-store': ['wardrobe', 'store-shelves', 'linen-shelves'],
  outgrown: ['wardrobe'],
  blind: ['window'],
  curtains: ['window'],
  sill: ['window'],
  cushions: ['upholstery', 'bed'],
  throws: ['upholstery', 'bed'],
  books: ['shelf'],
  cables: ['screens'],
  paperwork: ['wood-furniture', 'hall-drawer'],
  'waste-bin': ['wood-furniture'],
  'shower-curtain': ['shower-head', 'bath'],
  'shower-tray': ['shower-head'],
  'shower-drain': ['shower-head', 'bath'],
  'shower-wall': ['shower-head'],
  grout: ['wall-tiles'],
  sealant: ['bath', 'shower-tray', 'basin'],
  'small-bath-things': ['basin'],
  'medicine-box': ['bathroom-cabinet', 'basin'],
  'jetted-bath': ['bath'],
  'small-appliance': ['worktop'],
  'coffee-machine': ['worktop'],
  'bread-bin': ['worktop'],
  boards: ['worktop'],
  'under-sink': ['sink'],
  'drying-rack': ['sink'],
  'water-filter': ['sink', 'worktop'],
  disposer: ['sink'],
  'charcoal-filter': ['hood'],
  'boot-tray': ['front-door'],
  'shoe-rack': ['coats', 'front-door'],
  'door-mat': ['front-door', 'door'],
};

/** The stop of a room at which a thing of a kind naturally stands; undefined where none in it does. */
export function naturalStop(room: Pick<Room, 'kind' | 'stops'>, kind: FixtureKindName): Stop | undefined {
  const shell = room.stops.find((stop) => stop.shell);
  if (FIXTURE_KINDS[kind].shell && shell) return shell;
  const open = room.stops.filter((stop) => !stop.shell);
  const named = templateOf(room.kind).stops.find(([, ...kinds]) => kinds.includes(kind))?.[0];
  const beside = (STANDS_BY[kind] ?? [])
    .map((other) => open.find((stop) => stop.fixtures.some((fixture) => fixture.kind === other)))
    .find((stop) => stop !== undefined);
  return open.find((stop) => stop.name === named) ?? beside;
}

function templateOf(kind: RoomKind): RoomTemplate {
  return TEMPLATES[kind] ?? USUAL;
}

/** The stops that a new room starts with; ids are the room's with a number behind it. */
export function usualStops(room: Pick<Room, 'id' | 'kind'>): Stop[] {
  const { shell, stops } = templateOf(room.kind);
  const all: StopTemplate[] = [['The room itself', ...shell], ...stops];
  return all.map(([name, ...fixtures], i): Stop => {
    const id = `${room.id}-${i}`;
    const furnished = fixtures.map((one) => {
      const kind = kindOf(one);
      return { ...newFixture(`${id}-${kind}`, kind), count: countOf(one) };
    });
    return { id, name, shell: i === 0, fixtures: furnished };
  });
}

const kindOf = (one: Furnished): FixtureKindName => (typeof one === 'string' ? one : one[0]);
const countOf = (one: Furnished): number => (typeof one === 'string' ? 1 : one[1]);

/** What is often in such a room and not in this one yet. */
export function oftenMissing(room: Pick<Room, 'kind' | 'stops'>): FixtureKindName[] {
  const here = new Set(room.stops.flatMap((stop) => stop.fixtures.map((fixture) => fixture.kind)));
  const { shell, stops, often } = templateOf(room.kind);
  const usual = [...shell, ...stops.flatMap(([, ...fixtures]) => fixtures.map(kindOf))];
  return [...new Set([...usual, ...often])].filter((kind) => !here.has(kind));
}
