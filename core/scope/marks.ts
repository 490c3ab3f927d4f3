import { z } from 'zod';
import { PRIORITIES } from '../formats/problem';
import { idSchema } from '../formats/scalars';

/** What a household has decided about a task, about all of a room, or about all work of a kind. */

/** Why something is left out, when a person decides it. */
export const REASONS = ['not-due', 'routine', 'redone', 'not-worth-it'] as const;
export type Reason = (typeof REASONS)[number];

export const MARK_LEVELS = ['task', 'room', 'kind'] as const;

export const markSchema = z.strictObject({
  on: z.enum(MARK_LEVELS),
  target: idSchema.max(320),
  in: z.boolean().optional(),
  reason: z.enum(REASONS).optional(),
  priority: z.enum(PRIORITIES).optional(),
  matters: z.boolean().optional(),
  dreaded: z.boolean().optional(),
  /** A person's own guess of the hands-on minutes, kept apart from the estimate. */
  guessMinutes: z.int().min(1).max(6000).optional(),
});
export type Mark = z.infer<typeof markSchema>;

export function markKey(mark: Pick<Mark, 'on' | 'target'>): string {
  return `${mark.on}:${mark.target}`;
}

/** Whether a mark says anything at all. */
export function isEmptyMark({ on: _on, target: _target, ...says }: Mark): boolean {
  return Object.values(says).every((value) => value === undefined);
}
