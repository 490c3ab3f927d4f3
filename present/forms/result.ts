/** What a server action answers. A fault names its field, so that the form can put the sentence beside it. */
export type ActionResult<T = undefined> = { readonly ok: true; readonly value: T } | Refusal;

export type Refusal = {
  readonly ok: false;
  readonly faults: readonly { readonly field: string; readonly sentence: string }[];
};

/** The field of a fault that belongs to no field. */
export const WHOLE_FORM = 'root';

export function refused(sentence: string, field: string = WHOLE_FORM): Refusal {
  return { ok: false, faults: [{ field, sentence }] };
}

export function accepted(): { readonly ok: true; readonly value: undefined } {
  return { ok: true, value: undefined };
}
