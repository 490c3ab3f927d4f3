import { createHash } from 'node:crypto';
import type { OrderedWork } from '../../core/order/ordered';
import { type ExpandedHousehold, expandWork } from '../../core/problem/expand';
import { isFirstJobWish } from '../../core/problem/first-job';

/**
 * SHA-256 of what a plan rests on apart from the passing of time and what is done meanwhile: two equal ones need no new plan.
 * The first job is behind once something is done, and asks for no other plan then.
 */
export function basisOf(household: ExpandedHousehold, order: OrderedWork): string {
  const undone = { ...household, ticks: [], parts: [] };
  const { now: _now, done: _done, precedence, ...lasting } = expandWork(undone, order, undefined);
  const rules = precedence.filter((rule) => !isFirstJobWish(rule));
  const { firstJob } = household.clean;
  return sha256(JSON.stringify({ ...lasting, precedence: rules, firstJob }));
}

export function sha256(text: string): string {
  return createHash('sha256').update(text).digest('hex');
}
