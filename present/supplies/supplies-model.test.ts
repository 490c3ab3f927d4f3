import { describe, expect, it } from 'vitest';
import { applyChange } from '@/core/household/change';
import type { Editable } from '@/core/household/editable';
import type { Household } from '@/core/household/household';
import { MADE_UP_PRICES } from '@/core/supplies/price-list';
import { sessionsOf, shoppingList } from '@/core/supplies/shopping';
import { windowSpray } from '@/demo/changes';
import { DOZEN_HOMES } from '@/demo/dozen-homes';
import { juniperRow } from '@/demo/juniper-row';
import { quickPlan, stateOf } from '@/ui/testing/demo-state';
import { boughtChange } from './bought';
import { shoppingTable } from './shopping-table';
import { shoppingText } from './shopping-text';
import { kitsOn, suppliesScreen } from './supplies-model';
import { amountWords, packWords, priceWords, spoonWords } from './supply-words';

const NOW = '2027-03-01T08:00';
const household = juniperRow('2027-03-01');
const made = quickPlan(household, NOW);
const state = stateOf(household, NOW, made);
const screen = suppliesScreen(state);

describe('the shopping list', () => {
  it('has what the work takes and the cupboard has not, the soonest first', () => {
    expect(screen.shopping.length).toBeGreaterThan(3);
    const days = screen.shopping.map(({ by }) => by ?? '9');
    expect(days).toEqual(days.toSorted());
    for (const row of screen.shopping) {
      expect(row.packs * row.pack.amount, row.words).toBeGreaterThanOrEqual(row.toBuy);
      expect((row.packs - 1) * row.pack.amount, row.words).toBeLessThan(row.toBuy);
      expect(row.jobs.length, row.words).toBeGreaterThan(0);
    }
  });

  it('adds up to what it says', () => {
    const cents = screen.shopping.reduce((sum, row) => sum + row.cents, 0);
    expect(screen.total).toBe(priceWords(cents));
  });

  it('is empty once everything on it is bought', () => {
    let bought: Household = household;
    for (const row of screen.shopping) {
      const change = applyChange(bought as Editable, boughtChange(row, row.packs, screen));
      if (!change.ok) throw new Error(change.why);
      bought = { ...bought, supplies: change.value.supplies };
    }
    expect(suppliesScreen(stateOf(bought, NOW, made)).shopping).toEqual([]);
  });

  it('goes along as text and as a table that a spreadsheet does not carry out', () => {
    const text = shoppingText(screen.shopping, screen.total, ['A bulb']);
    expect(text.split('\n')).toHaveLength(screen.shopping.length + 2);
    expect(text).toContain(`Together ${screen.total}, at made-up prices.`);
    expect(text.endsWith('- A bulb')).toBe(true);
    const [first] = screen.shopping;
    const hostile = [{ ...first!, words: '=HYPERLINK("x"),"y"' }];
    const [head, line] = shoppingTable(hostile).split('\r\n');
    expect(head).toBe('Item,Section,Packs,Pack,Price a pack,Price,Needed by,For');
    expect(line).toMatch(/^"'=HYPERLINK\(""x""\),""y"""/);
  });
});

describe('what is mixed and what is bought', () => {
  it.each([juniperRow('2027-03-01'), ...DOZEN_HOMES].map((home) => [home.name, home] as const))(
    'is one sum to the millilitre: %s',
    (_name, home) => {
      const now = home.now ?? NOW;
      const { cards, neat } = suppliesScreen(stateOf(home, now, quickPlan(home, now)));
      expect(cards.length + neat.length).toBeGreaterThan(3);
      const lines = neededOf(home, now);
      for (const [product, needed] of lines) {
        const mixed = cards
          .filter((card) => card.product === product)
          .reduce((sum, { amount, fills }) => sum + amount * fills, 0);
        const asItIs = neat.find((line) => line.product === product)?.total ?? 0;
        expect(mixed + asItIs, product).toBeCloseTo(needed, 6);
      }
    },
  );
});

/** What the list says is needed of each product. */
function neededOf(home: Household, now: string): [string, number][] {
  const state = stateOf(home, now, quickPlan(home, now));
  const sessions = sessionsOf(
    state.campaign?.plans?.latest.plan,
    state.tasks,
    new Set(home.ticks.map(({ step }) => step)),
    state.today,
  );
  const { lines } = shoppingList(sessions, home.supplies, new Map(), MADE_UP_PRICES, state.today);
  return lines.filter(({ kind }) => kind === 'product').map(({ name, needed }) => [name, needed]);
}

describe('the cupboard', () => {
  it('has what is there less what was used since it was counted', () => {
    for (const row of screen.cupboard) {
      expect(row.left, row.words).toBeGreaterThanOrEqual(0);
      expect(row.left, row.words).toBeLessThanOrEqual(row.stock?.amount ?? 0);
    }
    expect(screen.cupboard.map(({ product }) => product)).not.toContain('water');
  });

  it('takes what is one’s own, and offers whatever is neither there nor needed', () => {
    const { product } = windowSpray;
    const mine = { ...household, catalogue: { ...household.catalogue, products: [windowSpray] } };
    const { others, cupboard } = suppliesScreen(stateOf(mine, NOW, made));
    const listed = [...others, ...cupboard].map((row) => row.product);
    expect(listed).toContain(product);
    expect(new Set(listed).size).toBe(listed.length);
    expect(others.find((row) => row.product === 'drain-opener')).toMatchObject({ unit: 'ml' });
    expect(listed).not.toContain('water');
  });

  it('is measured, mixed and bought of what is one’s own', () => {
    const { product } = windowSpray;
    const clean = { ...household.clean, products: 'shop' as const };
    const mine = { ...household, clean, catalogue: { ...household.catalogue, products: [windowSpray] } };
    const own = suppliesScreen(stateOf(mine, NOW, made));
    expect(own.cards.find((card) => card.product === product)).toMatchObject({
      words: 'Window spray',
      vessel: 'bottle',
      waterMl: 500,
      amount: 20,
    });
    expect(own.shopping.find(({ name }) => name === product)).toMatchObject({ unit: 'ml' });
    expect(own.cards.map((card) => card.product)).not.toContain('glass-cleaner');
  });

  it('counts nothing that is past its date', () => {
    const [row] = screen.cupboard.filter(({ stock, needed }) => stock !== undefined && needed !== undefined);
    const stock = { ...row!.stock!, expires: '2027-02-01' };
    const supplies = {
      ...household.supplies,
      stock: [...household.supplies.stock.filter(({ product }) => product !== row!.product), stock],
    };
    const after = suppliesScreen(stateOf({ ...household, supplies }, NOW, made));
    expect(after.cupboard.find(({ product }) => product === row!.product)).toMatchObject({ expired: true });
    expect(after.shopping.find(({ name }) => name === row!.product)?.expired).toBeDefined();
  });
});

describe('the kit', () => {
  it('is what the sessions of one person on one date take', () => {
    const session = made.sessions.find(({ person }) => person === 'bram')!;
    const [kit, ...others] = kitsOn(state, session.date, 'bram');
    expect(kit).toMatchObject({ who: 'Bram', from: session.start });
    expect(kit!.tools.length + kit!.cloths.length + kit!.mixes.length).toBeGreaterThan(0);
    for (const other of others) expect(other.who).toBe('Bram');
    const everybody = kitsOn(state, session.date, undefined);
    expect(everybody.length).toBeGreaterThanOrEqual(1 + others.length);
    expect(kitsOn(state, '2026-01-01', undefined)).toEqual([]);
  });
});

describe('amounts', () => {
  it('read in the units of the house', () => {
    expect(amountWords(350, 'ml', 'metric')).toBe('350 ml');
    expect(amountWords(1200, 'ml', 'metric')).toBe('1.2 l');
    expect(amountWords(2.5, 'g', 'metric')).toBe('2.5 g');
    expect(amountWords(4, 'pieces', 'us')).toBe('4');
    expect(amountWords(350, 'ml', 'us')).toMatch(/^11\.8 fl oz$/);
  });

  it('come in packs and spoons', () => {
    const pack = { amount: 500 } as (typeof screen.shopping)[number]['pack'];
    expect(packWords({ packs: 2, pack, unit: 'ml' }, 'metric')).toBe('2 × 500 ml');
    expect(packWords({ packs: 1, pack, unit: 'pieces' }, 'metric')).toBe('1 × pack of 500');
    expect(spoonWords({ count: 1.5, measure: 'tablespoon' })).toBe('1½ tablespoons');
    expect(spoonWords({ count: 0.25, measure: 'teaspoon' })).toBe('¼ teaspoon');
    expect(priceWords(640)).toBe('6.40');
  });
});
