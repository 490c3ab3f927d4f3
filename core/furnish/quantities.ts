import { FIXTURE_KINDS, isFixtureKind } from '../catalogue/fixture-kinds';
import type { QuantityName } from '../home/quantity-names';
import { type Fixture, fixturesOf, type Room, type Size } from '../home/room';

/** How much there is to do, derived from the sizes of a fixture and its room. */

export type Unit = '' | 'm' | 'm²' | 'm of shelf' | 'drawers' | 'slats';
type Quantity = { readonly unit: Unit; readonly of: (fixture: Fixture, room: Room) => number };

const perimeterM = (room: Room) => 2 * (room.lengthM + room.widthM);
const areaM2 = (room: Room) => room.lengthM * room.widthM;

/** One row a quantity: its unit, and how it follows from fixture and room. */
const rows = {
  each: { unit: '', of: (fixture) => fixture.count },
  widthM: { unit: 'm', of: (fixture) => fixture.count * size(fixture, 'widthM') },
  faceM2: { unit: 'm²', of: (fixture) => fixture.count * size(fixture, 'widthM') * size(fixture, 'heightM') },
  shelfM: { unit: 'm of shelf', of: (fixture) => fixture.count * size(fixture, 'shelfM') },
  drawers: { unit: 'drawers', of: (fixture) => fixture.count * size(fixture, 'drawers') },
  slats: { unit: 'slats', of: (fixture) => fixture.count * size(fixture, 'slats') },
  floorM2: { unit: 'm²', of: (_fixture, room) => areaM2(room) },
  ceilingM2: { unit: 'm²', of: (_fixture, room) => areaM2(room) },
  wallM2: {
    unit: 'm²',
    of: (_fixture, room) => Math.max(1, perimeterM(room) * room.heightM - openingsM2(room)),
  },
  skirtingM: { unit: 'm', of: (_fixture, room) => Math.max(1, perimeterM(room) - doorsM(room)) },
} as const satisfies Record<QuantityName, Quantity>;

/** The amount of a quantity, in its unit. A size that nobody gave is the usual one of the kind. */
export function quantityOf(name: QuantityName, fixture: Fixture, room: Room): number {
  return rows[name].of(fixture, room);
}

/** Sizes of a fixture that a quantity is reckoned from; none where it is counted, or follows from the room. */
const SIZES: Partial<Record<QuantityName, readonly (keyof Size)[]>> = {
  widthM: ['widthM'],
  faceM2: ['widthM', 'heightM'],
  shelfM: ['shelfM'],
  drawers: ['drawers'],
  slats: ['slats'],
};

/** How well a quantity is known: by a size of the fixture's own, by the usual one of its kind, or as it follows from elsewhere. */
export type Knowledge = 'measured' | 'guessed' | 'derived';

export function knowledgeOf(name: QuantityName, { size: own }: Pick<Fixture, 'size'>): Knowledge {
  const sizes = SIZES[name];
  if (!sizes) return 'derived';
  return sizes.every((one) => own[one] !== undefined) ? 'measured' : 'guessed';
}

export function unitOf(name: QuantityName): Unit {
  return rows[name].unit;
}

/** A size of a fixture: its own, else the usual one of its kind, else one. */
function size(fixture: Fixture, name: keyof Size): number {
  const usual = isFixtureKind(fixture.kind) ? FIXTURE_KINDS[fixture.kind].size[name] : undefined;
  return fixture.size[name] ?? usual ?? 1;
}

function openingsM2(room: Room): number {
  return fixturesOf(room)
    .filter((fixture) => fixture.kind === 'window' || fixture.kind === 'door')
    .reduce((sum, fixture) => sum + fixture.count * size(fixture, 'widthM') * size(fixture, 'heightM'), 0);
}

function doorsM(room: Room): number {
  return fixturesOf(room)
    .filter((fixture) => fixture.kind === 'door')
    .reduce((sum, fixture) => sum + fixture.count * size(fixture, 'widthM'), 0);
}
