import type { HouseholdRules, OrderRule } from '../clean/rule';
import { ORDER_RULES } from './rules';

/** The rules as the household works by them: its own after those that ship, without what it switched off. */
export function rulesWith({ off, own }: HouseholdRules): OrderRule[] {
  return [...ORDER_RULES, ...own].filter((rule) => !off.includes(rule.id));
}
