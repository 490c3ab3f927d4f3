import type { OrderRule } from '@/core/clean/rule';

/** What a move by hand costs. */
export function costWords(breaks: readonly OrderRule[]): string {
  const costs = [...new Set(breaks.map((rule) => rule.cost ?? `“${rule.name}” is set aside.`))];
  return costs.length === 0 ? 'Moved. It costs nothing.' : `Moved. It costs something: ${costs.join(' ')}`;
}

/** Why a move can't be. */
export function heldWords(task: string, before: string, held: readonly OrderRule[]): string {
  const rules = held.map((rule) => `“${rule.name}”`).join(' and ');
  return `“${task}” can’t come before “${before}”: ${rules} ${held.length === 1 ? 'stands' : 'stand'} against it. ${held[0]?.reason ?? ''} Whoever knows better switches that off by its name, under What comes first.`;
}
