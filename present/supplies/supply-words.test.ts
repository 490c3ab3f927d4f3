import { describe, expect, it } from 'vitest';
import { boughtChange } from './bought';
import { shoppingTable } from './shopping-table';
import { shoppingText } from './shopping-text';
import type { ShoppingRow, SuppliesScreen } from './supplies-model';
import { amountWords, packWords, priceWords, spoonWords, supplyName } from './supply-words';

const row: ShoppingRow = {
  name: 'vinegar',
  kind: 'product',
  unit: 'ml',
  packs: 2,
  pack: { amount: 500 },
  cents: 240,
  toBuy: 620,
  have: 130.4,
  words: 'Vinegar',
  packWords: '2 × 500 ml',
  price: '2.40',
  needed: '750 ml',
  inHouse: '130 ml',
  expired: undefined,
  by: '2027-03-06',
  session: 'Saturday morning',
  jobs: [],
} as unknown as ShoppingRow;

describe('amounts', () => {
  it('are said in the unit that reads best', () => {
    const metric = (value: number, unit: 'ml' | 'g' | 'pieces') => amountWords(value, unit, 'metric');
    expect([metric(3.26, 'ml'), metric(350.4, 'ml'), metric(1250, 'ml'), metric(999, 'g')]).toEqual([
      '3.3 ml',
      '350 ml',
      '1.25 l',
      '999 g',
    ]);
    expect(metric(4, 'pieces')).toBe('4');
    expect(amountWords(350, 'ml', 'us')).toBe('11.8 fl oz');
    expect(amountWords(4, 'pieces', 'us')).toBe('4');
  });

  it('are said of packs, prices and spoons', () => {
    expect(packWords({ packs: 2, pack: { amount: 500 }, unit: 'ml' } as never, 'metric')).toBe('2 × 500 ml');
    expect(packWords({ packs: 1, pack: { amount: 10 }, unit: 'pieces' } as never, 'metric')).toBe(
      '1 × pack of 10',
    );
    expect([priceWords(640), priceWords(5), priceWords(0)]).toEqual(['6.40', '0.05', '0.00']);
    expect(
      [0.25, 0.5, 1, 1.5, 2.75].map((count) => spoonWords({ count, measure: 'tablespoon' } as never)),
    ).toEqual(['¼ tablespoon', '½ tablespoon', '1 tablespoon', '1½ tablespoons', '2¾ tablespoons']);
  });

  it('are of products and things by name', () => {
    expect(supplyName('gloves')).toMatch(/glove/i);
    expect(supplyName('vinegar')).toMatch(/vinegar/i);
    expect(supplyName('own/liquid/vinegar/Window spray')).toBe('Window spray');
  });
});

describe('the shopping list', () => {
  it('is a message that can be read aloud', () => {
    expect(shoppingText([row, { ...row, words: 'Soda', by: undefined }], '4.80', ['Hinge'])).toBe(
      [
        '- Vinegar: 2 × 500 ml, 2.40, by Saturday 6 March',
        '- Soda: 2 × 500 ml, 2.40',
        'Together 4.80, at made-up prices.',
        '- Hinge',
      ].join('\n'),
    );
  });

  it('is a table that carries no formula', () => {
    const gloves = { ...row, words: '=HYPERLINK("x")', unit: 'pieces', pack: { amount: 10 } } as ShoppingRow;
    expect(shoppingTable([row, gloves]).split('\r\n')).toEqual([
      'Item,Section,Packs,Pack,Price a pack,Price,Needed by,For',
      'Vinegar,Kitchen and baking shelf,2,500 ml,1.20,2.40,2027-03-06,Saturday morning',
      '"\'=HYPERLINK(""x"")",Kitchen and baking shelf,2,10 pieces,1.20,2.40,2027-03-06,Saturday morning',
      'Together,,,,,4.80,,',
    ]);
  });

  it('puts what was bought into the cupboard, beside what was there', () => {
    const screen = { now: '2027-03-01T17:00' } as SuppliesScreen;
    expect(boughtChange(row, 2, screen)).toEqual({
      do: 'put-stock',
      stock: { product: 'vinegar', amount: 1130, unit: 'ml', counted: '2027-03-01T17:00' },
    });
    const gloves = { ...row, kind: 'thing', name: 'gloves', have: 1, pack: { amount: 10 } } as ShoppingRow;
    expect(boughtChange(gloves, 1, screen)).toEqual({
      do: 'put-thing',
      stock: { thing: 'gloves', count: 11 },
    });
  });
});
