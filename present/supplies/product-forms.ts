import { unitFor } from '@/core/catalogue/product-facts';
import { PRODUCT_NAMES, PRODUCTS } from '@/core/catalogue/products';

/** Every product that can stand in a cupboard, with what it is measured in. */
export const PRODUCT_FORMS = PRODUCT_NAMES.filter((product) => product !== 'water').map((product) => ({
  product,
  words: PRODUCTS[product],
  unit: unitFor(product),
}));
