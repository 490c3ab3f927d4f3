import { createHash } from 'node:crypto';
import type { Clean } from '../../core/clean/clean';
import type { Problem } from '../../core/plan/problem';
import { isFirstJobWish } from '../../core/problem/first-job';

/**
 * SHA-256 of what a plan rests on apart from the passing of time: two equal ones need no new plan. The first job is behind
 * once something is done, and asks for no other plan then.
 */
export function basisOf(problem: Problem, { firstJob }: Pick<Clean, 'firstJob'>): string {
  const { now: _now, done: _done, precedence, ...lasting } = problem;
  const rules = precedence.filter((rule) => !isFirstJobWish(rule));
  return sha256(JSON.stringify({ ...lasting, precedence: rules, firstJob }));
}

export function sha256(text: string): string {
  return createHash('sha256').update(text).digest('hex');
}
