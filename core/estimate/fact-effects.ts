import type { Method } from '../catalogue/method';
import type { WorkKind } from '../catalogue/work-kinds';
import type { FactName, HomeFacts } from '../home/facts';

/** What the facts of a home do to the figures, one row an effect. */
export type FactEffect = {
  readonly fact: FactName;
  readonly kinds: readonly WorkKind[];
  /** How much longer the work of these kinds takes. */
  readonly minutes: number;
  /** How much sooner it is due again: 0.67 is a third sooner. */
  readonly interval: number;
};

const FACT_EFFECTS: readonly FactEffect[] = [
  { fact: 'hardWater', kinds: ['limescale'], minutes: 1.25, interval: 0.67 },
  { fact: 'pets', kinds: ['floors', 'furniture'], minutes: 1.15, interval: 0.75 },
  { fact: 'smokers', kinds: ['walls', 'windows', 'dusting'], minutes: 1.2, interval: 0.67 },
];

/** Rows that hold for a method in a home. */
export function effectsOn(method: Pick<Method, 'kind'>, facts: HomeFacts): FactEffect[] {
  return FACT_EFFECTS.filter((row) => facts[row.fact] === true && row.kinds.includes(method.kind));
}

/** Months until a method is due again in a home; never less than one. */
export function intervalIn(method: Method, facts: HomeFacts): number {
  const factor = effectsOn(method, facts).reduce((product, row) => product * row.interval, 1);
  return Math.max(1, Math.round(method.intervalMonths * factor));
}
