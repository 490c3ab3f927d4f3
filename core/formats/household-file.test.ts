import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { describeFault } from '../basics/fault';
import type { Household } from '../household/household';
import { parseHousehold } from './read-household';

const home = juniperRow('2027-03-01');

function ownMethod(products: object): never {
  return {
    id: 'own-wash',
    fixture: 'door',
    title: 'Our way',
    kind: 'walls',
    layer: 4,
    steps: [{ key: 'do', mode: 'hands', title: 'Do it', setUpMinutes: 5 }],
    products,
    intervalMonths: 6,
    hardness: 2,
    how: 'So.',
    doneWhen: 'Done.',
  } as never;
}

function ownRule(rest: object): never {
  return {
    id: 'own-rule',
    name: 'Ours',
    before: { methods: ['door-wash'] },
    after: { methods: ['floor-mop'] },
    within: 'room',
    hard: true,
    reason: 'Ours.',
    ...rest,
  } as never;
}

const acid = { product: 'vinegar', amount: 20, unit: 'ml' };

function faultsOf(change: (household: Household) => void): string[] {
  const changed = structuredClone(home);
  change(changed);
  const parsed = parseHousehold(JSON.stringify(changed));
  return parsed.ok ? [] : parsed.faults.map(describeFault);
}

describe('parseHousehold', () => {
  it('reads what it wrote', () => {
    expect(parseHousehold(JSON.stringify(home))).toEqual({ ok: true, value: home });
  });

  const cases: [string, (household: Household) => void, RegExp][] = [
    [
      'two rooms with one id',
      (h) => {
        h.home.floors[1]!.rooms[1]!.id = 'hall';
      },
      /^home rooms: got "hall" twice, expected each id once/,
    ],
    [
      'two fixtures with one id',
      (h) => {
        const stop = h.home.floors[0]!.rooms[0]!.stops[0]!;
        stop.fixtures.push(structuredClone(stop.fixtures[0]!));
      },
      /^home fixtures: got "cellar-0-ceiling" twice/,
    ],
    [
      'a product with no dose',
      (h) => h.catalogue.own.push(ownMethod({ pantry: [] })),
      /^catalogue\.own\[0\]\.products\.pantry: /,
    ],
    [
      'a dilution of 1:0',
      (h) => h.catalogue.own.push(ownMethod({ pantry: [{ ...acid, inMl: 0 }] })),
      /products\.pantry\[0\]\.inMl: got 0/,
    ],
    [
      'a liquid by weight',
      (h) => h.catalogue.own.push(ownMethod({ pantry: [{ ...acid, unit: 'g' }] })),
      /products\.pantry\[0\]\.unit: .*ml for a liquid, g for a powder/,
    ],
    [
      'products that must never be mixed',
      (h) =>
        h.catalogue.own.push(
          ownMethod({ shop: [acid, { product: 'chlorine-bleach', amount: 20, unit: 'ml' }] }),
        ),
      /products\.shop: got "vinegar" with "chlorine-bleach", expected products that may be used together/,
    ],
    [
      'an amount in the cupboard in a unit that does not fit',
      (h) =>
        h.supplies.stock.push({
          product: 'toilet-cleaner',
          amount: 1,
          unit: 'g',
          counted: '2027-03-01T08:00',
        }),
      /^supplies\.stock\[6\]\.unit: .*ml for a liquid, g for a powder/,
    ],
    [
      'a rule that names nothing',
      (h) => h.rules.own.push(ownRule({ before: { methods: ['polish-the-moon'] } })),
      /^rules\.own\[0\]\.before\.methods: got "polish-the-moon", .*the rule names nothing/,
    ],
    [
      'a rule that selects by nothing',
      (h) => h.rules.own.push(ownRule({ after: {} })),
      /^rules\.own\[0\]\.after: .*at least one thing that it selects by/,
    ],
    [
      'an own rule under the name of one that ships',
      (h) => h.rules.own.push(ownRule({ id: 'vacuum-before-mop' })),
      /^rules\.own\[0\]\.id: got "vacuum-before-mop", expected an id that starts with "own-"/,
    ],
    [
      'two ticks of one step',
      (h) => {
        h.ticks = [
          { step: 'a', at: '2027-03-01T10:00' },
          { step: 'a', at: '2027-03-01T11:00' },
        ];
      },
      /^ticks: got "a" twice/,
    ],
    [
      'a line of the record that is there twice',
      (h) => void h.record.push(h.record[0]!),
      /^record: got ".*" twice, expected each id once/,
    ],
    [
      'a clean of the past that is there twice',
      (h) => void h.past.push(h.past[0]!),
      /^past: got "spring-before" twice/,
    ],
    [
      'two kinds of weather on one date',
      (h) => void h.weather.push({ date: '2027-03-02', dry: true }, { date: '2027-03-02', dry: false }),
      /^weather: got "2027-03-02" twice/,
    ],
    [
      'a count of nothing',
      (h) => {
        h.home.floors[0]!.rooms[0]!.stops[0]!.fixtures[0]!.count = 0;
      },
      /fixtures\[0\]\.count: got 0/,
    ],
    [
      'a count beyond reason',
      (h) => {
        h.home.floors[0]!.rooms[0]!.stops[0]!.fixtures[0]!.count = 1e9;
      },
      /fixtures\[0\]\.count: got 1000000000/,
    ],
    [
      'a room of 900 m',
      (h) => {
        h.home.floors[0]!.rooms[0]!.lengthM = 900;
      },
      /rooms\[0\]\.lengthM: got 900, expected a number of at most 40/,
    ],
    [
      'a room without a name',
      (h) => {
        h.home.floors[0]!.rooms[0]!.name = '';
      },
      /rooms\[0\]\.name: got ""/,
    ],
    [
      'hours that end before they begin',
      (h) => {
        h.people[0]!.hours[0] = { weekday: 1, from: '20:00', to: '18:00' };
      },
      /people\[0\]\.hours\[0\]: got an object, expected a time after/,
    ],
    [
      'an eighth weekday',
      (h) => {
        h.people[0]!.hours[0]!.weekday = 8;
      },
      /weekday: got 8/,
    ],
    [
      'a finish before the start',
      (h) => {
        h.clean.finish = '2027-01-01';
      },
      /^clean\.finish: got "2027-01-01", expected a date not before/,
    ],
    [
      'an unknown machine',
      (h) => {
        Object.assign(h.machines[0]!, { kind: 'mangle' });
      },
      /machines\[0\]\.kind: got "mangle", expected one of/,
    ],
    [
      'a made-up key',
      (h) => {
        Object.assign(h.clean, { mood: 'good' });
      },
      /^clean\.mood: got a key that is not known here/,
    ],
  ];

  it.each(cases)('says what is wrong with %s', (_name, change, expected) => {
    const faults = faultsOf(change);
    expect(
      faults.some((line) => expected.test(line)),
      faults.join('\n'),
    ).toBe(true);
  });

  it('says of a clean that is nothing that it is none, and breaks at nothing', () => {
    for (const document of [null, 7, [], { ...juniperRow('2027-03-01'), clean: null }])
      expect(parseHousehold(JSON.stringify(document)).ok).toBe(false);
  });

  it('reads a file from before the first job had a name', () => {
    const { firstJob: _now, block: _block, ...clean } = juniperRow('2027-03-01').clean;
    for (const [hardestFirst, firstJob] of [
      [true, 'dreaded'],
      [false, 'any'],
    ]) {
      const older = { ...juniperRow('2027-03-01'), clean: { ...clean, hardestFirst } };
      const read = parseHousehold(JSON.stringify(older));
      expect(read.ok && read.value.clean).toMatchObject({ firstJob, block: { kind: 'fixed' } });
    }
  });
});
