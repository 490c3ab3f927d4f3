import { ownRef, partsOf } from '@/core/catalogue/own-product';
import { LABEL_NAMES, type OwnProduct, partsIn } from '@/core/catalogue/own-products';
import { FAMILIES } from '@/core/catalogue/product-facts';
import { ownParts, productName } from '@/core/catalogue/products';
import type { FormValues } from '../forms/schemas';

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

export function productOptions(own: readonly OwnProduct[]): (readonly [OwnProduct['product'], string])[] {
  return own.map(({ product }) => [product, productName(product)] as const);
}
