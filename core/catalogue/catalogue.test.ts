import { describe, expect, it } from 'vitest';
import { CATALOGUE, catalogueOf, dosesFor, methodsFor } from './catalogue';
import { FIXTURE_KINDS, type FixtureKindName, searchFixtureKinds } from './fixture-kinds';
import type { Method } from './method';
import { ANY_ROOM } from './methods/any-room';

describe('the catalogue', () => {
  it('has a method for every kind of fixture', () => {
    const bare = (Object.keys(FIXTURE_KINDS) as FixtureKindName[]).filter(
      (kind) => ![...CATALOGUE.values()].some((m) => m.fixture === kind),
    );
    expect(bare).toEqual([]);
  });

  it('starts and ends every wait between steps that say what is happening', () => {
    for (const method of CATALOGUE.values()) {
      expect(method.steps[0]?.mode, method.id).toBe('hands');
      for (const step of method.steps)
        if (step.mode === 'wait')
          expect(step.low <= step.minutes && step.minutes <= step.high, method.id).toBe(true);
    }
  });

  it('names what is wrong with an entry', () => {
    const [first] = ANY_ROOM as [(typeof ANY_ROOM)[number]];
    expect(() => catalogueOf([first, first])).toThrow(/Two methods have the id ceiling-dust/);
    expect(() => catalogueOf([{ ...first, fixture: 'dragon' }])).toThrow(/unknown fixture: dragon/);
    expect(() => catalogueOf([{ ...first, layer: 12 }])).toThrow(/layer/);
  });

  it('chooses methods by what the fixture is made of', () => {
    const fixture = {
      id: 'w',
      kind: 'walls',
      height: 'middle',
      count: 1,
      size: {},
      soil: 'normal',
      fullness: 'empty',
      leave: false,
    } as const;
    expect(methodsFor({ ...fixture, surface: 'tile' }, CATALOGUE).map((m) => m.id)).toEqual([
      'tile-walls-wash',
    ]);
    expect(methodsFor(fixture, CATALOGUE).map((m) => m.id)).toEqual(['walls-spot']);
  });

  it('takes products of the school that is asked for, and of the mildest one where that has none', () => {
    const products = (id: string, school: Parameters<typeof dosesFor>[1]) =>
      dosesFor(CATALOGUE.get(id) as Method, school).map((dose) => dose.product);
    expect(products('taps-descale', 'shop')).toEqual(['limescale-remover']);
    expect(products('taps-descale', 'water')).toEqual(['citric-acid']);
    expect(products('ceiling-dust', 'shop')).toEqual([]);
  });

  it('finds a fixture by another word for it', () => {
    expect(searchFixtureKinds('loo')[0]).toBe('toilet');
    expect(searchFixtureKinds('WIND')[0]).toBe('window');
    expect(searchFixtureKinds('zzz')).toEqual([]);
  });
});
