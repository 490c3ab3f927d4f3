import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import type { Household } from '../household/household';
import { productTags } from '../products/product-choice';
import { tasksOf } from '../work/tasks';
import { workOf } from '../work/work';
import { CATALOGUE, surfaceOf } from './catalogue';
import { clashesOn } from './clashes';
import { steaming } from './steam';

const steamed = (home: Household) =>
  tasksOf(workOf({ ...home, clean: { ...home.clean, products: 'steam' } }, CATALOGUE));

describe('a house that is cleaned with steam', () => {
  it.each(DOZEN_HOMES.map((home) => [home.name, home] as const))(
    'steams what bears it, and nothing else: %s',
    (_name, home) => {
      const tasks = steamed(home);
      const bySteam = tasks.filter(({ products }) => products.school === 'steam');
      expect(bySteam.length).toBeGreaterThan(2);
      for (const { fixture, method, products } of bySteam) {
        const surface = surfaceOf(fixture);
        expect(clashesOn('steam', surface, fixture.kind), `${method.id} on ${surface}`).toEqual([]);
        expect(productTags(products)).toContain('heat');
        expect(method.steps.some(({ mode, title }) => mode === 'hands' && /steam/i.test(title))).toBe(true);
        expect(method.tools).toContain('steam cleaner');
      }
      const onLayers = tasks.filter(({ fixture }) => surfaceOf(fixture) === 'laminate');
      for (const { products, id } of onLayers) expect(products.school, id).not.toBe('steam');
    },
  );

  it('waits for no product, and lets a floor dry all the same', () => {
    const taps = steaming(CATALOGUE.method('taps-descale')!);
    expect(taps.steps.map(({ key, mode }) => [key, mode])).toEqual([
      ['steam', 'hands'],
      ['dry', 'hands'],
    ]);
    const floor = steaming(CATALOGUE.method('floor-mop')!);
    expect(floor.steps.map(({ key, mode }) => [key, mode])).toEqual([
      ['mop', 'hands'],
      ['dry', 'wait'],
    ]);
    const sill = CATALOGUE.method('sill-wipe')!;
    expect(steaming(sill)).toBe(sill);
  });

  it('takes water where there is no other way, before what is mixed', () => {
    const doors = steamed(DOZEN_HOMES[1]!).filter(({ method }) => method.id === 'door-wash');
    expect(doors.map(({ products }) => products.school)).toEqual(doors.map(() => 'water'));
  });
});
