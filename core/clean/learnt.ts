import { z } from 'zod';
import { MOST_METHOD_ID } from '../basics/limits';

/** Of what a factor speaks: the whole household, a kind of work, a job of the catalogue, a person, a room. */
export const LEARNT_OF = ['household', 'kind', 'method', 'person', 'room'] as const;
export type LearntOf = (typeof LEARNT_OF)[number];

/** How much longer something takes in this household than the rates say. */
export const learntFactorSchema = z.strictObject({
  of: z.enum(LEARNT_OF),
  /** Of the kind, job, person or room; empty for the household. */
  id: z.string().max(Math.max(200, MOST_METHOD_ID)).default(''),
  factor: z.number().min(0.2).max(5),
  /** From how many ticks. */
  ticks: z.int().min(1).max(1_000_000),
});
export type LearntFactor = z.infer<typeof learntFactorSchema>;

export const learntSchema = z.strictObject({
  /** Whether estimates go by what was learnt. */
  on: z.boolean().default(true),
  factors: z.array(learntFactorSchema).max(2000).default([]),
  /** How much wider ranges are than the rates say. */
  spread: z.number().min(0.3).max(3).default(1),
  /** What a household does not want to have learnt: `kind/appliances`. */
  never: z.array(z.string().max(300)).max(2000).default([]),
});
export type Learnt = z.infer<typeof learntSchema>;

export const NOTHING_LEARNT: Learnt = { on: true, factors: [], spread: 1, never: [] };

export function learntKey({ of, id }: Pick<LearntFactor, 'of' | 'id'>): string {
  return `${of}/${id}`;
}

/** By how much an estimate is multiplied for work of a kind, by a method, in a room; people are accounted for by their pace. */
export function learntFor(
  { on, factors }: Learnt,
  work: { readonly kind: string; readonly method: string; readonly room: string },
): number {
  if (!on || factors.length === 0) return 1;
  const ids: Readonly<Record<LearntOf, string | undefined>> = {
    household: '',
    kind: work.kind,
    method: work.method,
    person: undefined,
    room: work.room,
  };
  return factors.reduce((product, { of, id, factor }) => (ids[of] === id ? product * factor : product), 1);
}

/** How much longer a person takes. */
export function learntOfPerson({ on, factors }: Learnt, person: string): number {
  const known = on ? factors.find(({ of, id }) => of === 'person' && id === person) : undefined;
  return known?.factor ?? 1;
}
