import type { OwnProduct } from '../core/catalogue/own-products';
import type { Call } from '../core/clean/call';
import type { DropOff, OwnPile } from '../core/clean/leaving';
import type { OrderRule } from '../core/clean/rule';
import type { Stock } from '../core/clean/supplies';
import { applyChange, type HouseholdChange } from '../core/household/change';
import type { Editable } from '../core/household/editable';
import { juniperRow } from './juniper-row';

/** What can be changed by hand in the demo household, and small things to change in it. */

const {
  home,
  marks,
  catalogue,
  units,
  rules,
  supplies,
  leaving,
  calls,
  almanac,
  steering,
  people,
  machines,
  clean,
  weather,
} = juniperRow('2027-03-01');
export const BEFORE: Editable = {
  home,
  marks,
  catalogue,
  units,
  rules,
  supplies,
  leaving,
  calls,
  almanac,
  steering,
  people,
  machines,
  clean,
  weather,
};

export const pile: OwnPile = {
  id: '6f0d3c1e-6a0b-4b53-9d0e-0a4a8c0f2b11',
  name: 'For the neighbours',
  leaves: true,
};
export const dropOff: DropOff = {
  id: 'market-hall',
  name: 'Market hall',
  address: 'Well Street 4',
  takes: [],
  opens: [{ weekday: 5, from: '10:00', to: '17:00' }],
};
export const rule = (id: string): OrderRule => ({
  id,
  name: id,
  before: { methods: ['door-wash'] },
  after: { methods: ['floor-mop'] },
  within: 'room',
  hard: false,
  orderOnly: true,
  reason: 'Ours.',
});
export const windowSpray: OwnProduct = {
  id: 'window-spray',
  product: 'own/liquid/vinegar+dish-soap/Window spray',
  insteadOf: ['glass-cleaner', 'vinegar'],
  amount: 20,
  inMl: 500,
  notOn: [],
};
export const stock = (amount: number): Stock => ({
  product: 'vinegar',
  amount,
  unit: 'ml',
  counted: '2027-03-01T08:00',
});
export const call = (id: string): Call => ({ id, what: 'Have it looked at', why: '', note: '', done: false });

/** The demo household after some changes; throws where one is refused. */
export function once(...changes: HouseholdChange[]): Editable {
  return changes.reduce((state, change) => {
    const made = applyChange(state, change);
    if (!made.ok) throw new Error(`${change.do}: ${made.why}`);
    return made.value;
  }, BEFORE);
}
