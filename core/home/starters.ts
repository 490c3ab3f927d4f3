import { FIXTURE_KINDS, type FixtureKindName } from '../catalogue/fixture-kinds';
import type { Fixture, Room, RoomKind, Stop } from './room';

/** What a room of a kind usually has, so that a walk does not start at an empty strip. The room itself comes first. */

type Starter = {
  readonly shell: readonly FixtureKindName[];
  readonly stops: readonly (readonly [string, ...FixtureKindName[]])[];
};

const DOOR = ['Door', 'door', 'switches'] as const;
const LAMP = ['Lamp', 'ceiling-light'] as const;
const SHELL = ['ceiling', 'walls', 'skirting', 'hard-floor'] as const;

const USUAL: Starter = { shell: SHELL, stops: [DOOR, ['Window', 'window', 'sill', 'radiator'], LAMP] };

const SLEEPING: Starter = {
  shell: SHELL,
  stops: [
    DOOR,
    ['Wardrobe', 'wardrobe'],
    ['Window', 'window', 'sill', 'curtains', 'radiator'],
    ['Bed', 'bed', 'mattress', 'duvet', 'under-bed'],
    ['Chest of drawers', 'drawers', 'mirror'],
    LAMP,
  ],
};

const WASHING: Starter = {
  shell: ['ceiling', 'walls', 'hard-floor'],
  stops: [
    DOOR,
    ['Basin', 'mirror', 'bathroom-cabinet', 'taps', 'basin'],
    ['Toilet', 'toilet'],
    ['Shower', 'shower-head', 'shower-screen', 'wall-tiles'],
    ['Bath', 'bath', 'bath-mats'],
    ['Vent', 'vent', 'radiator'],
    LAMP,
  ],
};

const COOKING: Starter = {
  shell: SHELL,
  stops: [
    DOOR,
    ['Fridge', 'fridge', 'freezer'],
    ['Cooker', 'hood', 'splashback', 'hob', 'oven'],
    ['Wall cupboards', 'cupboard-tops', 'cupboard'],
    ['Worktop', 'worktop', 'kettle', 'microwave'],
    ['Sink', 'sink', 'taps', 'dishwasher', 'kitchen-bin'],
    ['Drawers', 'kitchen-drawers', 'plinths'],
    ['Window', 'window', 'sill'],
    LAMP,
  ],
};

const LIVING: Starter = {
  shell: SHELL,
  stops: [
    DOOR,
    ['Bookcase', 'books', 'shelf'],
    ['Window', 'window', 'sill', 'curtains', 'radiator'],
    ['Sofa', 'upholstery', 'picture'],
    ['Screen', 'screens'],
    ['Rug', 'rug'],
    LAMP,
  ],
};

const STARTERS: Partial<Record<RoomKind, Starter>> = {
  bedroom: SLEEPING,
  child: SLEEPING,
  guest: SLEEPING,
  bathroom: WASHING,
  shower: { shell: WASHING.shell, stops: WASHING.stops.filter(([name]) => name !== 'Bath') },
  toilet: {
    shell: WASHING.shell,
    stops: WASHING.stops.filter(([name]) => !['Bath', 'Shower'].includes(name)),
  },
  kitchen: COOKING,
  living: LIVING,
  dining: LIVING,
  stairs: { shell: ['ceiling', 'walls', 'skirting'], stops: [['Stairs', 'treads', 'banister'], LAMP] },
  terrace: {
    shell: [],
    stops: [
      ['Back door', 'door'],
      ['Furniture', 'wood-furniture'],
    ],
  },
  balcony: {
    shell: [],
    stops: [
      ['Door', 'door'],
      ['Furniture', 'wood-furniture'],
    ],
  },
};

/** The stops that a new room starts with; ids are the room's with a number behind it. */
export function starterStops(room: Pick<Room, 'id' | 'kind'>): Stop[] {
  const { shell, stops } = STARTERS[room.kind] ?? USUAL;
  const all: (readonly [string, ...FixtureKindName[]])[] = [['The room itself', ...shell], ...stops];
  return all.map(([name, ...kinds], i): Stop => {
    const id = `${room.id}-${i}`;
    return { id, name, shell: i === 0, fixtures: kinds.map((kind) => newFixture(`${id}-${kind}`, kind)) };
  });
}

/** A fixture as it is until somebody says more about it. */
export function newFixture(id: string, kind: FixtureKindName): Fixture {
  const { height, holds } = FIXTURE_KINDS[kind];
  return {
    id,
    kind,
    height,
    count: 1,
    size: {},
    soil: 'normal',
    fullness: holds ? 'half' : 'empty',
    leave: false,
  };
}
