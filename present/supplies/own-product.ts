import { ownRef, partsOf } from '@/core/catalogue/own-product';
import { LABEL_NAMES, type OwnProduct, partsIn } from '@/core/catalogue/own-products';
import { FAMILIES } from '@/core/catalogue/product-facts';
import { ownParts, productInText, productName } from '@/core/catalogue/products';
import type { FormValues } from '../forms/schemas';
import { listed } from '../words/words';

/** A product or mixture of one's own between the form and the household. */

/** What a label may say, in words. */
export const LABEL_WORDS = LABEL_NAMES.map((label) => [label, FAMILIES[label]] as const);

export const BLANK_PRODUCT: FormValues<'ownProduct'> = {
  name: '',
  form: 'liquid',
  madeOf: [],
  label: [],
  insteadOf: [],
  amount: 20,
  water: 0,
  methods: [],
  notOn: [],
};

export function ownProduct(id: string, values: FormValues<'ownProduct'>): OwnProduct {
  const { name, form, insteadOf, amount, water, methods, notOn } = values;
  return {
    id,
    product: ownRef({ form, parts: partsIn(values), name }) as OwnProduct['product'],
    insteadOf,
    amount,
    ...(water > 0 && { inMl: water }),
    ...(methods.length > 0 && { methods }),
    notOn,
  };
}

export function valuesOf({
  product,
  insteadOf,
  amount,
  inMl,
  methods,
  notOn,
}: OwnProduct): FormValues<'ownProduct'> {
  const { form, name } = partsOf(product);
  return {
    name,
    form,
    madeOf: [...ownParts(product)],
    label: [],
    insteadOf,
    amount,
    water: inMl ?? 0,
    methods: methods ?? [],
    notOn,
  };
}

/** `White vinegar and washing-up liquid. 20 ml in 500 ml of water, instead of glass cleaner.` */
export function ownProductWords({ product, insteadOf, amount, inMl, methods, notOn }: OwnProduct): string {
  const unit = partsOf(product).form === 'liquid' ? 'ml' : 'g';
  const dose = `${amount} ${unit}${inMl === undefined ? ', as it is' : ` in ${inMl} ml of water`}`;
  const instead = insteadOf.length > 0 ? `, instead of ${listed(insteadOf.map(productInText))}` : '';
  const jobs = methods ? `, for ${methods.length === 1 ? 'one job' : `${methods.length} jobs`}` : '';
  const not = notOn.length > 0 ? ` Not on ${listed(notOn)}.` : '';
  return `${sentence(listed(ownParts(product).map(productInText)))} ${dose}${instead}${jobs}.${not}`;
}

function sentence(words: string): string {
  return `${words.slice(0, 1).toUpperCase()}${words.slice(1)}.`;
}

export function productOptions(own: readonly OwnProduct[]): (readonly [OwnProduct['product'], string])[] {
  return own.map(({ product }) => [product, productName(product)] as const);
}
