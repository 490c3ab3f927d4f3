import type { Reason } from '@/core/clean/marks';
import type { ProblemTask } from '@/core/plan/problem';
import type { OutReason, Scope } from '@/core/scope/scope';

export const PRIORITY_WORDS: Record<ProblemTask['priority'], string> = {
  must: 'must',
  should: 'should',
  could: 'could',
};

/** Reasons that a person can give. */
export const REASON_WORDS: Record<Reason, string> = {
  'not-due': 'not due yet',
  routine: 'the weekly round covers it',
  redone: 'redone lately',
  'not-worth-it': 'not worth it',
};

const OUT_WORDS: Record<OutReason, string> = {
  ...REASON_WORDS,
  left: 'left this time, on the walk',
  occasional: 'only now and then, where it is needed',
};

const BY_WORDS: Record<Scope['by'], string> = {
  task: '',
  room: ', for the whole room',
  kind: ', for all work of this kind',
  usual: '',
};

/** `in`, or `out: redone lately, for the whole room`. */
export function scopeWords(scope: Scope): string {
  if (scope.in) return scope.by === 'usual' ? 'in' : `in${BY_WORDS[scope.by]}`;
  const why = scope.reason ? OUT_WORDS[scope.reason] : 'left out';
  return `out: ${why}${BY_WORDS[scope.by]}`;
}
