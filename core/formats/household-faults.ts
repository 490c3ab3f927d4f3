import type { Fault } from '../basics/fault';
import { type Counted, MOST } from '../basics/limits';
import { CATALOGUE } from '../catalogue/catalogue';
import { mixes } from '../catalogue/clashes';
import { isFixtureKind } from '../catalogue/fixture-kinds';
import { allMethods } from '../catalogue/household-catalogue';
import { OWN_PREFIX } from '../catalogue/own-prefix';
import { clashWithin } from '../catalogue/own-products';
import { ownParts } from '../catalogue/products';
import { WORK_KINDS } from '../catalogue/work-kinds';
import { markKey } from '../clean/marks';
import { type OrderRule, OWN_RULE_PREFIX, type Selector } from '../clean/rule';
import { type Fixture, fixturesOf, ROOM_KINDS, roomsOf } from '../home/room';
import { SURFACES } from '../home/surfaces';
import type { HouseholdFile } from '../household/household';
import { sizeOf, tooMuchOf } from '../household/size';

/** What a household file says in one place and can't hold with another. */

type Ids = (household: HouseholdFile) => readonly string[];

const roomsIn = ({ home }: HouseholdFile) => roomsOf(home);

/** Names that have to be different, by where they are. */
const UNIQUE: readonly (readonly [path: string, ids: Ids])[] = [
  ['home.floors', ({ home }) => home.floors.map(({ id }) => id)],
  ['home rooms', (household) => roomsIn(household).map(({ id }) => id)],
  ['home stops', (household) => roomsIn(household).flatMap(({ stops }) => stops.map(({ id }) => id))],
  [
    'home fixtures',
    (household) =>
      roomsIn(household)
        .flatMap(fixturesOf)
        .map(({ id }) => id),
  ],
  ['people', ({ people }) => people.map(({ id }) => id)],
  ['machines', ({ machines }) => machines.map(({ id }) => id)],
  ['events', ({ events }) => events.map(({ id }) => id)],
  ['ticks', ({ ticks }) => ticks.map(({ step }) => step)],
  ['parts', ({ parts }) => parts.map(({ step }) => step)],
  ['record', ({ record }) => record.map(({ id }) => id)],
  ['past', ({ past }) => past.map(({ id }) => id)],
  ['pictures', ({ pictures }) => pictures.map(({ id }) => id)],
  ['weather', ({ weather }) => weather.map(({ date }) => date)],
  ['marks', ({ marks }) => marks.map(markKey)],
  ['plans', ({ plans }) => plans.map(({ version }) => `version ${version}`)],
  ['catalogue.own', ({ catalogue }) => catalogue.own.map(({ id }) => id)],
  ['catalogue.products', ({ catalogue }) => catalogue.products.map(({ id }) => id)],
  ['rules.own', ({ rules }) => rules.own.map(({ id }) => id)],
  ['supplies.stock', ({ supplies }) => supplies.stock.map(({ product }) => product)],
  ['leaving.piles', ({ leaving }) => leaving.piles.map(({ id }) => id)],
  ['leaving.places', ({ leaving }) => leaving.places.map(({ id }) => id)],
  ['leaving.homes', ({ leaving }) => leaving.homes.map(({ id }) => id)],
  ['supplies.things', ({ supplies }) => supplies.things.map(({ thing }) => thing)],
  ['calls', ({ calls }) => calls.map(({ id }) => id)],
];

export function householdFaults(household: HouseholdFile): Fault[] {
  return [
    ...UNIQUE.flatMap(([path, ids]) => repeated(path, ids(household))),
    ...sizeFaults(household),
    ...homeFaults(household),
    ...ownMethodFaults(household),
    ...ownProductFaults(household),
    ...ruleFaults(household),
    ...cleanFaults(household),
  ];
}

function repeated(path: string, ids: readonly string[]): Fault[] {
  const seen = new Set<string>();
  return ids.flatMap((id) => {
    if (seen.has(id)) return [{ path, got: `"${id}" twice`, expected: 'each id once' }];
    seen.add(id);
    return [];
  });
}

/** Where there is too much of something; in the home else. */
const PATH_OF: Readonly<Partial<Record<Counted, string>>> = {
  people: 'people',
  machines: 'machines',
  ownMethods: 'catalogue.own',
  ownRules: 'rules.own',
  marks: 'marks',
};

function sizeFaults(household: HouseholdFile): Fault[] {
  const size = sizeOf(household);
  return tooMuchOf(household).map((counted) => ({
    path: PATH_OF[counted] ?? 'home',
    got: `${size[counted]} ${counted}`,
    expected: `at most ${MOST[counted]}`,
  }));
}

function cleanFaults({ clean }: HouseholdFile): Fault[] {
  if (!clean || clean.finish >= clean.start) return [];
  return [
    {
      path: 'clean.finish',
      got: `"${clean.finish}"`,
      expected: `a date not before the start, "${clean.start}"`,
    },
  ];
}

/** What is made of nothing that the catalogue knows, and floors that run on into rooms that are not there. */
function homeFaults(household: HouseholdFile): Fault[] {
  const rooms = new Set(roomsOf(household.home).map((room) => room.id));
  return household.home.floors.flatMap((floor, f) =>
    floor.rooms.flatMap((room, r) => {
      const at = `home.floors[${f}].rooms[${r}]`;
      const nowhere = room.opensTo
        .filter((id) => !rooms.has(id))
        .map((id) => ({ path: `${at}.opensTo`, got: `"${id}"`, expected: 'the id of a room in this file' }));
      return [
        ...nowhere,
        ...room.stops.flatMap((stop, s) => fixtureFaults(stop.fixtures, `${at}.stops[${s}]`)),
      ];
    }),
  );
}

function fixtureFaults(fixtures: readonly Fixture[], at: string): Fault[] {
  return fixtures.flatMap((fixture, i) => {
    const path = `${at}.fixtures[${i}]`;
    const faults: Fault[] = [];
    if (!isFixtureKind(fixture.kind))
      faults.push({
        path: `${path}.kind`,
        got: `"${fixture.kind}"`,
        expected: 'a kind of fixture that the catalogue knows',
      });
    if (fixture.surface !== undefined && !(SURFACES as readonly string[]).includes(fixture.surface))
      faults.push({
        path: `${path}.surface`,
        got: `"${fixture.surface}"`,
        expected: 'a surface that the catalogue knows',
      });
    return faults;
  });
}

function ownMethodFaults(household: HouseholdFile): Fault[] {
  return household.catalogue.own.flatMap((method, i) => {
    const path = `catalogue.own[${i}]`;
    const faults: Fault[] = [];
    if (!method.id.startsWith(OWN_PREFIX))
      faults.push({
        path: `${path}.id`,
        got: `"${method.id}"`,
        expected: `an id that starts with "${OWN_PREFIX}"`,
      });
    if (!isFixtureKind(method.fixture))
      faults.push({
        path: `${path}.fixture`,
        got: `"${method.fixture}"`,
        expected: 'a kind of fixture that the catalogue knows',
      });
    for (const [school, doses] of Object.entries(method.products))
      if (doses && mixes(doses.map((dose) => dose.product)))
        faults.push({
          path: `${path}.products.${school}`,
          got: doses.map((dose) => `"${dose.product}"`).join(' with '),
          expected: 'products that may be used together',
        });
    return faults;
  });
}

/** What is made of things that must not come together. */
function ownProductFaults(household: HouseholdFile): Fault[] {
  return household.catalogue.products.flatMap(({ product }, i) => {
    const clash = clashWithin(ownParts(product));
    if (!clash) return [];
    return [
      {
        path: `catalogue.products[${i}].product`,
        got: `"${product}"`,
        expected: `things that may be in one bottle. ${clash.why}`,
      },
    ];
  });
}

/** Own rules under names of their own, that select by what the catalogue knows. */
function ruleFaults(household: HouseholdFile): Fault[] {
  const methods = new Set(allMethods(CATALOGUE, household.catalogue).map((method) => method.id));
  return household.rules.own.flatMap((rule, i) => {
    const path = `rules.own[${i}]`;
    const misnamed = rule.id.startsWith(OWN_RULE_PREFIX)
      ? []
      : [
          {
            path: `${path}.id`,
            got: `"${rule.id}"`,
            expected: `an id that starts with "${OWN_RULE_PREFIX}"`,
          },
        ];
    return [...misnamed, ...unknownIn(rule, methods, path)];
  });
}

function unknownIn(rule: OrderRule, methods: ReadonlySet<string>, path: string): Fault[] {
  const known: Partial<Record<keyof Selector, (id: string) => boolean>> = {
    methods: (id) => methods.has(id),
    notMethods: (id) => methods.has(id),
    kinds: (id) => Object.hasOwn(WORK_KINDS, id),
    notKinds: (id) => Object.hasOwn(WORK_KINDS, id),
    fixtures: isFixtureKind,
    rooms: (id) => Object.hasOwn(ROOM_KINDS, id),
    notRooms: (id) => Object.hasOwn(ROOM_KINDS, id),
  };
  return (['before', 'after'] as const).flatMap((side) =>
    (Object.keys(known) as (keyof Selector)[]).flatMap((name) =>
      ((rule[side][name] ?? []) as readonly string[])
        .filter((id) => !known[name]?.(id))
        .map((id) => ({
          path: `${path}.${side}.${name}`,
          got: `"${id}"`,
          expected: 'something that the catalogue knows; the rule names nothing',
        })),
    ),
  );
}
