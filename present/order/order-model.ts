import { type OrderRule, OWN_RULE_PREFIX } from '@/core/clean/rule';
import type { Contradiction } from '@/core/order/contradictions';
import { ORDER_RULES } from '@/core/order/rules';
import type { Current } from '@/core/problem/campaign';
import { jobName } from '@/core/work/place-of-job';
import { WITHIN_WORDS } from './order-words';

/** The rules of order as plain data for the screen. */

export type RuleRow = {
  readonly id: string;
  readonly name: string;
  readonly reason: string;
  readonly hard: boolean;
  readonly cost: string | undefined;
  readonly within: string;
  readonly off: boolean;
  readonly own: boolean;
  /** How often it holds in this house. */
  readonly holds: number;
};

export type ContradictionRow = {
  readonly id: string;
  /** The circle in words: this before that, because of a rule, and so round. */
  readonly circle: readonly { readonly before: string; readonly after: string; readonly rule: string }[];
  readonly setAside: string;
  /** In how many places the same rules run in a circle. */
  readonly places: number;
};

export type OrderScreen = {
  readonly rules: readonly RuleRow[];
  readonly contradictions: readonly ContradictionRow[];
  /** Methods that are in scope, for rules of one's own. */
  readonly methods: readonly (readonly [id: string, title: string])[];
};

export function orderScreen({ household, order, tasks }: Current): OrderScreen {
  const { off, own } = household.rules;
  const held = new Map<string, number>();
  for (const { rule } of order.links) held.set(rule.id, (held.get(rule.id) ?? 0) + 1);
  const row = (rule: OrderRule): RuleRow => ({
    id: rule.id,
    name: rule.name,
    reason: rule.reason,
    hard: rule.hard,
    cost: rule.cost,
    within: WITHIN_WORDS[rule.within],
    off: off.includes(rule.id),
    own: rule.id.startsWith(OWN_RULE_PREFIX),
    holds: held.get(rule.id) ?? 0,
  });
  const titles = new Map(tasks.map(({ method }) => [method.id, method.title]));
  return {
    // What holds somewhere in this clean comes before what holds nowhere.
    rules: [...own, ...ORDER_RULES].map(row).sort((a, b) => Number(b.holds > 0) - Number(a.holds > 0)),
    contradictions: contradictionRows(order.contradictions),
    methods: [...titles].sort(([, a], [, b]) => a.localeCompare(b)),
  };
}

/** The same circle in many rooms is one line. */
function contradictionRows(contradictions: readonly Contradiction[]): ContradictionRow[] {
  const rows = new Map<string, ContradictionRow>();
  for (const { circle, setAside } of contradictions) {
    const id = [...new Set(circle.map((link) => link.rule.id))].sort().join(' ');
    const known = rows.get(id);
    rows.set(id, {
      id,
      circle:
        known?.circle ??
        circle.map(({ rule, before, after }) => ({
          before: `${jobName(before)}, ${before.room.name}`,
          after: `${jobName(after)}, ${after.room.name}`,
          rule: rule.name,
        })),
      setAside: setAside.name,
      places: (known?.places ?? 0) + 1,
    });
  }
  return [...rows.values()];
}
