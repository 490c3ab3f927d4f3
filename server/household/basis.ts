import { createHash } from 'node:crypto';
import type { Problem } from '../../core/plan/problem';

/** SHA-256 of what a plan rests on apart from the passing of time: two equal ones need no new plan. */
export function basisOf(problem: Problem): string {
  const { now: _now, done: _done, ...lasting } = problem;
  return sha256(JSON.stringify(lasting));
}

export function sha256(text: string): string {
  return createHash('sha256').update(text).digest('hex');
}
