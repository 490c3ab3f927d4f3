import type { Refusal } from './refusals';

/** What a change has come to: the state after it, or why it can't be. */
export type Made<State> =
  | { readonly ok: true; readonly value: State }
  | { readonly ok: false; readonly why: Refusal };

export function made<State>(value: State): Made<State> {
  return { ok: true, value };
}

export function refuse(why: Refusal): { readonly ok: false; readonly why: Refusal } {
  return { ok: false, why };
}
