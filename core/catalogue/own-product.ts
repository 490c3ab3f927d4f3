/**
 * A product or a mixture of one's own. Its reference says what it is, so that whoever meets it knows: how it is measured,
 * the kinds of product that are in it or that it is like, and its name, as in `own/liquid/vinegar+alcohol/Window spray`.
 */

export const FORMS = ['liquid', 'powder'] as const;
export type Form = (typeof FORMS)[number];

export type OwnProductRef = `own/${Form}/${string}/${string}`;

export type OwnProductParts<Part extends string = string> = {
  readonly form: Form;
  /** What is in it, or what it is like, by the names of kinds of product; at least one. */
  readonly parts: readonly Part[];
  readonly name: string;
};

export const OWN = 'own';
const PLUS = '+';

export const MOST_OWN_NAME = 60;

export function isOwnRef(product: string): product is OwnProductRef {
  return product.startsWith(`${OWN}/`);
}

export function ownRef({ form, parts, name }: OwnProductParts): OwnProductRef {
  return `${OWN}/${form}/${parts.join(PLUS)}/${name.trim()}`;
}

/** What a reference says; a name may have strokes in it. */
export function partsOf<Part extends string = string>(ref: OwnProductRef): OwnProductParts<Part> {
  const [, form, parts = '', ...name] = ref.split('/');
  return { form: form as Form, parts: parts.split(PLUS) as Part[], name: name.join('/') };
}
