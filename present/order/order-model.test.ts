import { describe, expect, it } from 'vitest';
import { type OrderRule, UNCHANGED_RULES } from '@/core/clean/rule';
import { ORDER_RULES } from '@/core/order/rules';
import { juniperRow } from '@/demo/juniper-row';
import { quickPlan, stateOf } from '@/ui/testing/demo-state';
import { orderScreen } from './order-model';

const NOW = '2027-03-01T08:00';
const household = juniperRow('2027-03-01');
const made = quickPlan(household, NOW);
const screenOf = (rules = household.rules) => orderScreen(stateOf({ ...household, rules }, NOW, made));

const own: OrderRule = {
  id: 'own-round',
  name: 'Floors first, for once',
  before: { methods: ['floor-mop'] },
  after: { methods: ['door-wash'] },
  within: 'room',
  hard: false,
  orderOnly: true,
  reason: 'Ours.',
};

describe('the rules of order on the screen', () => {
  it('are all there, those that hold somewhere in this house first', () => {
    const { rules } = screenOf();
    expect(rules).toHaveLength(ORDER_RULES.length);
    const idle = rules.findIndex(({ holds }) => holds === 0);
    expect(rules.slice(0, idle).every(({ holds }) => holds > 0)).toBe(true);
    expect(rules.slice(idle).every(({ holds }) => holds === 0)).toBe(true);
    for (const rule of rules) expect(rule.reason.length * rule.name.length, rule.id).toBeGreaterThan(0);
  });

  it('hold nowhere once they are switched off', () => {
    const [first] = screenOf().rules;
    const off = screenOf({ ...UNCHANGED_RULES, off: [first!.id] }).rules.find(({ id }) => id === first!.id);
    expect(off).toMatchObject({ off: true, own: false, holds: 0 });
  });

  it('tell a circle once, however many rooms it runs in, and what is set aside for it', () => {
    const { contradictions, rules } = screenOf({ ...UNCHANGED_RULES, own: [own] });
    expect(rules.find(({ id }) => id === own.id)).toMatchObject({ own: true, hard: false });
    expect(new Set(contradictions.map(({ id }) => id)).size).toBe(contradictions.length);
    const round = contradictions.find(({ id }) => id.includes(own.id));
    expect(round).toBeDefined();
    expect(round!.places).toBeGreaterThan(1);
    expect(round!.setAside).toBe(own.name);
    round!.circle.forEach((link, at) => {
      expect(link.after).toBe(round!.circle[(at + 1) % round!.circle.length]!.before);
    });
    expect(screenOf().contradictions.some(({ id }) => id.includes(own.id))).toBe(false);
  });

  it('offer the methods of this clean by their titles, in the order of the alphabet', () => {
    const titles = screenOf().methods.map(([, title]) => title);
    expect(titles).toEqual(titles.toSorted((a, b) => a.localeCompare(b)));
    expect(new Set(screenOf().methods.map(([id]) => id)).size).toBe(titles.length);
  });
});
