import type { Mark } from './mark-schema';

export { MARK_LEVELS, REASONS, type Reason } from './mark-choices';
export type { Mark } from './mark-schema';

export function markKey(mark: Pick<Mark, 'on' | 'target'>): string {
  return `${mark.on}:${mark.target}`;
}

/** Whether a mark says anything at all. */
export function isEmptyMark({ on: _on, target: _target, ...says }: Mark): boolean {
  return Object.values(says).every((value) => value === undefined);
}
