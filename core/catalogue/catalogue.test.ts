import { describe, expect, it } from 'vitest';
import { SURFACES } from '../home/surfaces';
import { CATALOGUE, catalogueOf } from './catalogue';
import { FIXTURE_KINDS, type FixtureKindName, NOT_ON_THE_WALK, searchFixtureKinds } from './fixture-kinds';
import { allMethods, catalogueWith, UNCHANGED_CATALOGUE } from './household-catalogue';
import type { Method } from './method';
import { CEILING_AND_WALLS } from './methods/ceiling-and-walls';

const KINDS = Object.keys(FIXTURE_KINDS) as FixtureKindName[];
const method = (id: string): Method => CATALOGUE.method(id) as Method;

describe('the catalogue', () => {
  it('has 150 methods and more', () => {
    expect(CATALOGUE.all().length).toBeGreaterThan(150);
  });

  it('has a method for every kind of fixture, of whatever it is made', () => {
    const bare = KINDS.flatMap((kind) =>
      FIXTURE_KINDS[kind].surfaces.flatMap((surface) =>
        CATALOGUE.for({ kind, surface }).length === 0 ? [`${kind} of ${surface}`] : [],
      ),
    );
    expect(bare).toEqual([]);
  });

  it('names no surface that the kind is never made of', () => {
    for (const { id, fixture, surfaces = [] } of CATALOGUE.all())
      for (const surface of surfaces)
        expect(FIXTURE_KINDS[fixture as FixtureKindName].surfaces, `${id}: ${surface}`).toContain(surface);
  });

  it('uses every surface that it knows', () => {
    const used = new Set<string>(KINDS.flatMap((kind) => [...FIXTURE_KINDS[kind].surfaces]));
    expect(SURFACES.filter((surface) => !used.has(surface))).toEqual([]);
  });

  it('begins every method with the hands, and says how it is done and when', () => {
    for (const { id, steps, how, doneWhen } of CATALOGUE.all()) {
      expect(steps[0]?.mode, id).toBe('hands');
      expect(how.length + doneWhen.length, id).toBeGreaterThan(20);
      expect(`${how}${doneWhen}`, id).not.toMatch(/!/);
    }
  });

  it('names what is wrong with an entry', () => {
    const [first] = CEILING_AND_WALLS as [(typeof CEILING_AND_WALLS)[number]];
    expect(() => catalogueOf([first, first])).toThrow(/Two methods have the id ceiling-dust/);
    expect(() => catalogueOf([{ ...first, fixture: 'dragon' }])).toThrow(/unknown fixture: dragon/);
    expect(() => catalogueOf([{ ...first, layer: 12 }])).toThrow(/layer/);
    const wait = { key: 'wait', mode: 'wait', title: 'Wait', minutes: 90, low: 5, high: 10 } as const;
    expect(() => catalogueOf([{ ...first, steps: [...first.steps, wait] }])).toThrow(
      /out of its range: wait/,
    );
  });

  it('chooses methods by what the fixture is made of', () => {
    const ids = (kind: string, surface?: string) =>
      CATALOGUE.for({ kind, ...(surface && { surface }) }).map((found) => found.id);
    expect(ids('walls', 'tile')).toEqual(['tile-walls-wash']);
    expect(ids('walls')).toEqual(['walls-spot', 'walls-wash']);
    expect(ids('shower-wall', 'marble')).toEqual(['shower-wall-stone']);
    expect(ids('banister', 'glass')).toEqual(['banister-glass']);
    expect(ids('dragon')).toEqual([]);
  });
});

describe('searching for what stands in a room', () => {
  it('finds it by another word, and in any case', () => {
    expect(searchFixtureKinds('loo')[0]).toBe('toilet');
    expect(searchFixtureKinds('WIND')[0]).toBe('window');
    expect(searchFixtureKinds('nightstand')).toEqual(['bedside']);
    expect(searchFixtureKinds('zzz')).toEqual([]);
  });

  it('finds every kind by its own name first', () => {
    for (const kind of KINDS.filter((name) => !NOT_ON_THE_WALK.includes(name)))
      expect(searchFixtureKinds(FIXTURE_KINDS[kind].name), kind).toContain(kind);
    expect(searchFixtureKinds('dryer')[0]).toBe('dryer');
  });

  it('puts what is at home in the room before the rest', () => {
    expect(searchFixtureKinds('', 'kitchen').slice(0, 12)).toContain('worktop');
    expect(searchFixtureKinds('mat', 'hall')[0]).toBe('door-mat');
    expect(searchFixtureKinds('').includes('sorting')).toBe(false);
  });
});

describe('the catalogue of a household', () => {
  const own: Method = {
    ...method('furniture-wipe'),
    id: 'own-piano',
    fixture: 'instrument',
    title: 'Polish it',
  };

  it('is the very one that ships until something is changed', () => {
    expect(catalogueWith(CATALOGUE, UNCHANGED_CATALOGUE)).toBe(CATALOGUE);
  });

  it('has numbers of its own, methods of its own, and lacks what is switched off', () => {
    const changed = catalogueWith(CATALOGUE, {
      changed: {
        'taps-descale': { steps: { soak: { minutes: 90 } }, intervalMonths: 1 },
        'ceiling-dust': { steps: { sweep: { perHour: 80, setUpMinutes: 5 } } },
      },
      off: ['walls-spot'],
      own: [own],
      products: [],
    });
    const sweep = changed.method('ceiling-dust')?.steps[0];
    expect(sweep).toMatchObject({ setUpMinutes: 5, rate: { quantity: 'ceilingM2', perHour: 80 } });
    expect(changed.method('taps-descale')?.intervalMonths).toBe(1);
    expect(changed.for({ kind: 'instrument' }).map((found) => found.id)).toEqual([
      'instrument-dust',
      'own-piano',
    ]);
    expect(changed.method('walls-spot')).toBeUndefined();
    expect(CATALOGUE.method('ceiling-dust')?.steps[0]).toMatchObject({ rate: { perHour: 160 } });
  });

  it('keeps a changed wait within its range, and shows what is switched off in the list', () => {
    const changes = {
      ...UNCHANGED_CATALOGUE,
      off: ['ceiling-dust'],
      changed: { 'kettle-descale': { steps: { soak: { minutes: 60 } } } },
    };
    const soak = catalogueWith(CATALOGUE, changes).method('kettle-descale')?.steps[1];
    expect(soak).toMatchObject({ low: 20, minutes: 60, high: 60 });
    expect(allMethods(CATALOGUE, changes).some((found) => found.id === 'ceiling-dust')).toBe(true);
  });
});
