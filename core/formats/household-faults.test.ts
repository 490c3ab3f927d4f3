import { describe, expect, it } from 'vitest';
import { windowSpray } from '../../demo/changes';
import { DOZEN_HOMES, homeNamed } from '../../demo/dozen-homes';
import { describeFault } from '../basics/fault';
import { MOST } from '../basics/limits';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Method } from '../catalogue/method';
import { roomsOf } from '../home/room';
import type { HouseholdFile } from '../household/household';
import { householdFaults } from './household-faults';

const method = { ...(CATALOGUE.method('furniture-wipe') as Method), id: 'own-desk' };
const rule = {
  id: 'own-rule',
  name: 'Ours',
  before: { methods: ['door-wash'] },
  after: { methods: ['floor-mop'] },
  within: 'room' as const,
  hard: true,
  orderOnly: true,
  reason: 'Ours.',
};

/** A home with one of everything that has a name. */
function full(): HouseholdFile {
  const home = homeNamed('children of 6 and 11');
  return {
    ...home,
    ticks: [{ step: 'a:b/c' as never, at: '2027-03-01T10:00' }],
    marks: [{ on: 'room', target: 'kitchen' as never, in: false }],
    events: [
      {
        id: '7c9b0c4e-0000-4000-8000-000000000001',
        at: '2027-03-01T18:10:40',
        act: { do: 'rain' },
      },
    ],
    plans: [{ version: 1 } as never],
    calls: [{ id: 'a', what: 'Chimney', why: '', note: '', done: false }],
    supplies: {
      ...home.supplies,
      stock: [{ product: 'vinegar', amount: 1, unit: 'ml', counted: '2027-03-01T08:00' }],
      things: [{ thing: 'gloves', count: 2 }],
    },
    catalogue: { ...home.catalogue, own: [method], products: [windowSpray] },
    rules: { ...home.rules, own: [rule] },
  };
}
const faults = (household: HouseholdFile) => householdFaults(household).map(describeFault);

/** Where one more of a list is put, so that a name is there twice. */
const LISTS: Readonly<Record<string, (household: HouseholdFile) => unknown[]>> = {
  'home.floors': ({ home }) => home.floors,
  'home rooms': ({ home }) => home.floors[0]!.rooms,
  'home stops': ({ home }) => home.floors[0]!.rooms[0]!.stops,
  'home fixtures': ({ home }) => home.floors[0]!.rooms[0]!.stops[0]!.fixtures,
  people: ({ people }) => people,
  machines: ({ machines }) => machines,
  events: ({ events }) => events,
  ticks: ({ ticks }) => ticks,
  marks: ({ marks }) => marks,
  plans: ({ plans }) => plans,
  'catalogue.own': ({ catalogue }) => catalogue.own,
  'catalogue.products': ({ catalogue }) => catalogue.products,
  'rules.own': ({ rules }) => rules.own,
  'supplies.stock': ({ supplies }) => supplies.stock,
  'supplies.things': ({ supplies }) => supplies.things,
  calls: ({ calls }) => calls,
};

describe('what a household file says in one place and can’t hold with another', () => {
  it('is nothing in any of the dozen homes', () => {
    for (const home of DOZEN_HOMES) expect(faults(home), home.name).toEqual([]);
    expect(faults(full())).toEqual([]);
  });

  it.each(Object.entries(LISTS))('is a name that is twice in %s', (path, listOf) => {
    const household = structuredClone(full());
    const list = listOf(household);
    list.push(structuredClone(list[0]));
    const found = faults(household).filter((line) => line.startsWith(`${path}: got "`));
    expect(found).toHaveLength(1);
    expect(found[0]).toMatch(/ twice, expected each id once/);
  });

  it('is a floor that runs on into a room that is not there', () => {
    const household = structuredClone(full());
    roomsOf(household.home)[0]!.opensTo = ['nowhere'];
    expect(faults(household)).toEqual([
      'home.floors[0].rooms[0].opensTo: got "nowhere", expected the id of a room in this file',
    ]);
  });

  it('is a thing or a surface that the catalogue does not know', () => {
    const household = structuredClone(full());
    const [fixture] = roomsOf(household.home)[0]!.stops[0]!.fixtures;
    Object.assign(fixture!, { kind: 'dragon', surface: 'scales' });
    expect(faults(household)).toEqual([
      expect.stringMatching(/fixtures\[0\]\.kind: got "dragon", expected a kind of fixture/),
      expect.stringMatching(/fixtures\[0\]\.surface: got "scales", expected a surface/),
    ]);
  });

  it('is a product of one’s own made of things that must not come together, with the reason', () => {
    const household = structuredClone(full());
    household.catalogue.products[0]!.product = 'own/liquid/chlorine-bleach+vinegar/No';
    expect(faults(household)).toEqual([
      expect.stringMatching(
        /^catalogue\.products\[0\]\.product: got "own\/liquid.*", expected things that may be in one bottle\. .*chlorine gas/,
      ),
    ]);
  });

  it('is a method that takes the name of one that ships, for a thing that is not known', () => {
    const household = structuredClone(full());
    Object.assign(household.catalogue.own[0]!, { id: 'desk', fixture: 'dragon' });
    expect(faults(household)).toEqual([
      'catalogue.own[0].id: got "desk", expected an id that starts with "own-"',
      expect.stringMatching(/^catalogue\.own\[0\]\.fixture: got "dragon"/),
    ]);
  });

  it.each(['methods', 'notMethods', 'kinds', 'notKinds', 'fixtures', 'rooms', 'notRooms'])(
    'is a rule that selects by %s of which the catalogue knows nothing',
    (name) => {
      const household = structuredClone(full());
      Object.assign(household.rules.own[0]!.after, { [name]: ['dragon'] });
      expect(faults(household)).toEqual([
        expect.stringMatching(new RegExp(`^rules\\.own\\[0\\]\\.after\\.${name}: got "dragon"`)),
      ]);
    },
  );

  it('is a finish before the start; a household without a clean has none', () => {
    const household = full();
    const clean = { ...household.clean!, finish: '2027-02-28' };
    expect(faults({ ...household, clean })).toHaveLength(1);
    expect(faults({ ...household, clean: undefined })).toEqual([]);
  });

  it('is more of something than a household can hold', () => {
    const household = full();
    const [one] = household.people;
    const people = Array.from({ length: MOST.people + 1 }, (_, i) => ({ ...one!, id: `p${i}` }));
    expect(faults({ ...household, people })).toEqual([
      `people: got ${MOST.people + 1} people, expected at most ${MOST.people}`,
    ]);
  });
});
