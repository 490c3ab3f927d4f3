import { describe, expect, it } from 'vitest';
import type { SupplyLine } from '@/core/supplies/shopping';
import { onShelf } from './shelf-model';

const line = (more: Partial<SupplyLine>) =>
  ({ name: 'citric-acid', kind: 'product', needed: 100, have: 0, packs: 0, cents: 0, ...more }) as SupplyLine;

describe('the shelf', () => {
  it('shows what is there of what is needed, and the price of what is to buy first', () => {
    expect(
      onShelf([
        line({ name: 'vinegar', have: 500 }),
        line({ have: 25, packs: 1, cents: 320 }),
        line({ name: 'soft-soap', packs: 2, cents: 900 }),
      ]),
    ).toEqual([
      {
        words: 'Citric acid',
        shape: 'bottle',
        there: 0.25,
        price: '3.20',
        says: '25 % of what is needed is there, to buy for 3.20',
      },
      { words: 'Soft soap', shape: 'bottle', there: 0, price: '9.00', says: 'none there, to buy for 9.00' },
      { words: 'White vinegar', shape: 'bottle', there: 1, price: undefined, says: 'enough is there' },
    ]);
  });

  it('leaves out what nothing needs', () => {
    expect(onShelf([line({ needed: 0, have: 100 })])).toEqual([]);
  });
});
