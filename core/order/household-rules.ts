import type { HouseholdRules, OrderRule } from '../clean/rule';
import type { Home } from '../home/room';
import { ORDER_RULES } from './rules';
import { inTheirWay, wayRules } from './way-rules';

/** The rules as the household works by them: its own after those that ship, without what it switched off. */
export function rulesWith({ off, own, ways }: HouseholdRules, home: Home): OrderRule[] {
  return [...inTheirWay(ORDER_RULES, ways), ...wayRules(ways, home), ...own].filter(
    (rule) => !off.includes(rule.id),
  );
}
