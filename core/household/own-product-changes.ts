import { idSchema } from '../basics/scalars';
import { mixes } from '../catalogue/clashes';
import type { Dose, Method } from '../catalogue/method';
import { doseOf, MOST_OWN_PRODUCTS, type OwnProduct, ownProductSchema } from '../catalogue/own-products';
import { unitFor } from '../catalogue/product-facts';
import { ownParts, type ProductName, productName } from '../catalogue/products';
import type { Stock } from '../clean/supplies';
import { type AnyRow, rowsOn } from './change-row';
import type { Editable } from './editable';
import { type Made, made, refuse } from './made';
import { put } from './put';

const row = rowsOn<Editable>();

/** Products and mixtures of one's own. */
export const OWN_PRODUCT_CHANGES = {
  /** A product of one's own; where it had another name or make, what is in the cupboard of it goes with it. */
  'put-own-product': row({
    shape: { product: ownProductSchema },
    apply: (before, { product }) => putOwnProduct(before, product),
    words: ({ product }) => `${productName(product.product)} written down`,
  }),
  'drop-own-product': row({
    shape: { id: idSchema },
    apply: (before, { id }) => dropOwnProduct(before, id),
    words: () => 'A product of your own removed',
  }),
} satisfies Record<string, AnyRow<Editable>>;

function putOwnProduct(before: Editable, product: OwnProduct): Made<Editable> {
  if (mixes(ownParts(product.product))) return refuse('within-itself');
  const was = before.catalogue.products.find(({ id }) => id === product.id)?.product;
  if (was === undefined && before.catalogue.products.length >= MOST_OWN_PRODUCTS) return refuse('too-much');
  const twin = before.catalogue.products.some(
    (known) => known.id !== product.id && known.product === product.product,
  );
  if (twin) return refuse('known-product');
  const { catalogue } = before;
  const kept: Editable = {
    ...before,
    catalogue: {
      ...catalogue,
      products: put(catalogue.products, product, ({ id }) => id),
      own: catalogue.own.map((method) => withProduct(method, was, doseOf(product))),
    },
  };
  if (was === undefined || was === product.product) return made(kept);
  const unit = unitFor(product.product);
  return onStock(kept, (stock) =>
    stock.product === was ? [{ ...stock, product: product.product, unit }] : [stock],
  );
}

function onStock(state: Editable, change: (stock: Stock) => Stock[]): Made<Editable> {
  const { supplies } = state;
  return made({ ...state, supplies: { ...supplies, stock: supplies.stock.flatMap(change) } });
}

/** A method in which one product has become another. */
function withProduct(method: Method, was: ProductName | undefined, { product, unit }: Dose): Method {
  const become = (dose: Dose) => (dose.product === was ? { ...dose, product, unit } : dose);
  const products = Object.entries(method.products).map(([school, doses]) => [school, doses?.map(become)]);
  return { ...method, products: Object.fromEntries(products) };
}

/** Methods of one's own that take it go on without it, and what is in the cupboard of it is no longer counted. */
function dropOwnProduct(before: Editable, id: string): Made<Editable> {
  const { catalogue } = before;
  const gone = catalogue.products.find((known) => known.id === id)?.product;
  if (gone === undefined) return made(before);
  const dropped: Editable = {
    ...before,
    catalogue: {
      ...catalogue,
      products: catalogue.products.filter((known) => known.id !== id),
      own: catalogue.own.map((method) => withoutProduct(method, gone)),
    },
  };
  return onStock(dropped, (stock) => (stock.product === gone ? [] : [stock]));
}

function withoutProduct(method: Method, gone: ProductName): Method {
  const products = Object.entries(method.products).flatMap(([school, doses]) => {
    const left = doses?.filter(({ product }) => product !== gone) ?? [];
    return left.length > 0 ? [[school, left]] : [];
  });
  return { ...method, products: Object.fromEntries(products) };
}
