import { z } from 'zod';
import { FORMS, MOST_OWN_NAME, OWN, partsOf } from './own-product';
import { PRODUCT_NAMES, PRODUCTS } from './products';

/** What a product has to look like to be taken in; apart from their names, so that a page need not bring this along. */

/** The shape of a reference; what its parts are is looked at where products are known. */
const ownRefShape = z
  .templateLiteral([`${OWN}/`, z.enum(FORMS), '/', z.string(), '/', z.string()])
  .refine((ref) => {
    const { parts, name } = partsOf(ref);
    return parts.every((part) => part !== '') && name.trim() !== '' && name.length <= MOST_OWN_NAME;
  }, 'what it is made of and a name of at most 60 letters');

/** A reference of which every part is a product that ships. */
export const ownProductRefSchema = ownRefShape.refine(
  (ref) => partsOf(ref).parts.every((part) => Object.hasOwn(PRODUCTS, part)),
  'made of kinds of product that the catalogue knows',
);

export const productSchema = z.union([z.enum(PRODUCT_NAMES), ownProductRefSchema]);
