import { describe, expect, it } from 'vitest';
import { BEFORE, windowSpray } from '../../demo/changes';
import { applyChange, type HouseholdChange } from '../household/change';
import type { Editable } from '../household/editable';
import { chooseProducts } from '../products/product-choice';
import { CATALOGUE } from './catalogue';
import { clashesBetween, clashesOn } from './clashes';
import { catalogueWith, UNCHANGED_CATALOGUE } from './household-catalogue';
import type { Method } from './method';
import { isOwnRef, ownRef, partsOf } from './own-product';
import type { OwnProduct } from './own-products';
import { factsOf, mostMinutesOf, unitFor } from './product-facts';
import { ownProductRefSchema, productSchema } from './product-schema';
import { type ProductName, productName } from './products';

const spray = windowSpray.product;
const acidPowder = 'own/powder/citric-acid/Lemon salt';

function changed(before: Editable, change: HouseholdChange): Editable {
  const made = applyChange(before, change);
  if (!made.ok) throw new Error(made.why);
  return made.value;
}

describe('a product of one’s own', () => {
  it('says by its reference what it is, whatever its name', () => {
    const parts = { form: 'liquid', parts: ['vinegar', 'alcohol'], name: '½ & ½ / Größe „L“' } as const;
    const ref = ownRef(parts);
    expect(partsOf(ref)).toEqual(parts);
    expect(isOwnRef(ref) && productName(ref as ProductName)).toBe('½ & ½ / Größe „L“');
    expect(ownProductRefSchema.parse(ref)).toBe(ref);
  });

  it.each([
    'own/gas/vinegar/Spray',
    'own/liquid//Spray',
    'own/liquid/moonshine/Spray',
    'own/liquid/vinegar/',
    'own/liquid/vinegar/  ',
    `own/liquid/vinegar/${'x'.repeat(61)}`,
    'vinegar2',
  ])('is refused as %s', (ref) => {
    expect(productSchema.safeParse(ref).success).toBe(false);
  });

  it('has all that holds of what is in it', () => {
    expect(factsOf(spray)).toMatchObject({ families: ['acid', 'soap'], form: 'liquid', gloves: false });
    const strong = ownRef({ form: 'liquid', parts: ['limescale-remover', 'dish-soap'], name: 'Strong' });
    expect(factsOf(strong)).toMatchObject({ gloves: true, tags: ['chemical'] });
    expect([unitFor(spray), unitFor(acidPowder)]).toEqual(['ml', 'g']);
    // Vinegar may stay on for 180 min, washing-up liquid for 720.
    expect(mostMinutesOf(spray)).toBe(180);
  });

  it('clashes as what is in it does', () => {
    expect(clashesBetween(spray, 'chlorine-bleach', 'room')[0]?.id).toBe('chlorine-and-acid');
    expect(clashesOn(spray, 'marble')[0]?.id).toBe('acid-on-stone');
    expect(clashesOn(spray, 'glass').some((row) => row.forbidden)).toBe(false);
  });
});

describe('a method with products of one’s own', () => {
  const method = (id: string, products: readonly OwnProduct[]): Method =>
    catalogueWith(CATALOGUE, { ...UNCHANGED_CATALOGUE, products: [...products] }).method(id) as Method;
  const glass = (products: readonly OwnProduct[], surface = 'glass') =>
    chooseProducts(method('window-inside', products), { kind: 'window', surface }, 'shop').doses;

  it('takes them at their dose in place of what they stand in for', () => {
    expect(glass([]).map(({ product }) => product)).toContain('glass-cleaner');
    expect(glass([windowSpray])).toContainEqual({ product: spray, amount: 20, unit: 'ml', inMl: 500 });
    expect(glass([windowSpray]).map(({ product }) => product)).not.toContain('glass-cleaner');
  });

  it('takes what ships where they may not be used: on what is told, and where they clash', () => {
    const usual = glass([]);
    expect(glass([{ ...windowSpray, notOn: ['glass'] }])).toEqual(usual);
    const choice = chooseProducts(
      method('window-inside', [{ ...windowSpray, notOn: ['glass'] }]),
      { kind: 'window', surface: 'glass' },
      'shop',
    );
    expect(choice.swap).toEqual({ why: 'told', product: spray });
    const caustic: OwnProduct = { ...windowSpray, product: 'own/liquid/oven-cleaner/Fierce' };
    expect(glass([caustic], 'plastic')).toEqual(glass([], 'plastic'));
  });

  it('takes them only for the jobs that are named', () => {
    expect(glass([{ ...windowSpray, methods: ['mirror-clean'] }])).toEqual(glass([]));
    expect(glass([{ ...windowSpray, methods: ['window-inside'] }])).not.toEqual(glass([]));
  });

  it('takes what ships at a dose of one’s own', () => {
    const { method: find } = { method: (id: string) => CATALOGUE.method(id) as Method };
    const [dose] = find('floor-mop').products.pantry ?? [];
    if (!dose) throw new Error('the floor is mopped with something');
    const own = catalogueWith(CATALOGUE, {
      ...UNCHANGED_CATALOGUE,
      changed: { 'floor-mop': { steps: {}, doses: { [dose.product]: { amount: 7, inMl: 4000 } } } },
    }).method('floor-mop');
    expect(own?.products.pantry?.[0]).toEqual({ ...dose, amount: 7, inMl: 4000 });
  });
});

describe('a household’s own products', () => {
  const withSpray = changed(BEFORE, { do: 'put-own-product', product: windowSpray });
  const stock = { product: spray, amount: 300, unit: 'ml' as const, counted: '2027-03-01T08:00' };

  it('are refused where what they are made of must not come together', () => {
    const product: OwnProduct = { ...windowSpray, product: 'own/liquid/chlorine-bleach+vinegar/No' };
    expect(applyChange(BEFORE, { do: 'put-own-product', product })).toEqual({
      ok: false,
      why: 'within-itself',
    });
  });

  it('are refused twice under one name', () => {
    const product = { ...windowSpray, id: 'other' };
    expect(applyChange(withSpray, { do: 'put-own-product', product })).toMatchObject({
      why: 'known-product',
    });
  });

  it('keep what is in the cupboard and in methods of one’s own when they get another name', () => {
    const dose = { product: spray, amount: 10, unit: 'ml' as const };
    const own: Method = {
      ...(CATALOGUE.method('furniture-wipe') as Method),
      id: 'own-desk',
      products: { shop: [dose] },
    };
    const filled = changed(changed(withSpray, { do: 'put-stock', stock }), { do: 'put-method', method: own });
    const product: OwnProduct = { ...windowSpray, product: 'own/liquid/vinegar+dish-soap/Glass spray' };
    const renamed = changed(filled, { do: 'put-own-product', product });
    expect(renamed.supplies.stock).toContainEqual({ ...stock, product: product.product });
    expect(renamed.catalogue.own[0]?.products.shop).toEqual([{ ...dose, product: product.product }]);
    const gone = changed(renamed, { do: 'drop-own-product', id: product.id });
    expect(gone.catalogue.products).toEqual([]);
    expect(gone.catalogue.own[0]?.products).toEqual({});
    expect(gone.supplies.stock.map(({ product: name }) => name)).not.toContain(product.product);
  });

  it('are as many as a household can be read with again, and no more; so is what stands in the cupboard', () => {
    const other = (i: number): OwnProduct => ({
      ...windowSpray,
      id: `own-${i}`,
      product: `own/liquid/vinegar/Spray ${i}`,
    });
    let full = {
      ...BEFORE,
      catalogue: { ...BEFORE.catalogue, products: Array.from({ length: 50 }, (_, i) => other(i)) },
    };
    expect(applyChange(full, { do: 'put-own-product', product: other(50) })).toMatchObject({
      why: 'too-much',
    });
    expect(applyChange(full, { do: 'put-own-product', product: { ...other(7), amount: 9 } }).ok).toBe(true);
    const many = Array.from({ length: 100 }, (_, i) => ({ ...stock, product: other(i).product }));
    full = { ...full, supplies: { ...full.supplies, stock: many } };
    expect(applyChange(full, { do: 'put-stock', stock })).toMatchObject({ why: 'too-much' });
    expect(applyChange(full, { do: 'put-stock', stock: { ...many[3]!, amount: 1 } }).ok).toBe(true);
  });

  it('stay away where somebody else has removed them already', () => {
    expect(changed(BEFORE, { do: 'drop-own-product', id: 'nothing' })).toEqual(BEFORE);
  });
});
