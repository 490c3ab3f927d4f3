import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import type { Method } from '@/core/catalogue/method';
import { windowSpray } from '@/demo/changes';
import { dosesOf } from '../catalogue/method-doses';
import { FORMS } from '../forms/schemas';
import { BLANK_PRODUCT, ownProduct, valuesOf } from './own-product';
import { ownProductWords } from './own-product-words';

const faultsOf = (values: object) =>
  FORMS.ownProduct
    .safeParse({ ...BLANK_PRODUCT, ...values })
    .error?.issues.map(({ path, message }) => [path[0], message]);

describe('the form of a product of one’s own', () => {
  it('comes to the product and back', () => {
    const product = { ...windowSpray, methods: ['window-inside'], notOn: ['marble' as const] };
    expect(ownProduct(product.id, valuesOf(product))).toEqual(product);
    expect(ownProduct(product.id, valuesOf(windowSpray))).toEqual(windowSpray);
  });

  it('takes what a label says for the kind of product that is handled alike', () => {
    const { product } = ownProduct('a', { ...BLANK_PRODUCT, name: 'Blue bottle', label: ['acid', 'soap'] });
    expect(product).toBe('own/liquid/limescale-remover+dish-soap/Blue bottle');
  });

  it('asks for a name, for what is in it, and says why two things must not be', () => {
    expect(faultsOf({ madeOf: ['vinegar'] })).toEqual([['name', 'Please say what you call it.']]);
    expect(faultsOf({ name: 'Spray' })).toEqual([
      ['madeOf', 'What is in it, or what does its label say that it is?'],
    ]);
    const [[field, why] = []] = faultsOf({ name: 'No', madeOf: ['vinegar'], label: ['chlorine'] }) ?? [];
    expect([field, why]).toEqual(['madeOf', expect.stringContaining('chlorine gas')]);
    expect(faultsOf({ name: 'Spray', madeOf: ['vinegar'], amount: 0 })).toHaveLength(1);
    expect(faultsOf({ name: 'Spray', madeOf: ['vinegar'] })).toBeUndefined();
  });

  it('is said in a line', () => {
    expect(ownProductWords(windowSpray)).toBe(
      'White vinegar and washing-up liquid. 20 ml in 500 ml of water, instead of glass cleaner and white vinegar.',
    );
    const { inMl: _neat, ...neat } = windowSpray;
    expect(ownProductWords({ ...neat, methods: ['mirror-clean'], insteadOf: [], notOn: ['wool'] })).toBe(
      'White vinegar and washing-up liquid. 20 ml, as it is, for one job. Not on wool.',
    );
  });
});

describe('the doses of a method that can be set', () => {
  it('are those of what ships, once each', () => {
    const method = CATALOGUE.method('floor-mop') as Method;
    const dose = method.products.pantry?.[0];
    expect(dosesOf(method)).toContainEqual(dose);
    expect(new Set(dosesOf(method).map(({ product }) => product)).size).toBe(dosesOf(method).length);
  });

  it('leave out what is not the same in all schools', () => {
    const method = CATALOGUE.method('floor-mop') as Method;
    const soap = { product: 'dish-soap' as const, amount: 5, unit: 'ml' as const };
    const differing = { ...method, products: { pantry: [soap], shop: [{ ...soap, amount: 9 }] } };
    expect(dosesOf(differing)).toEqual([]);
  });
});
