import type { Dose, Method } from '@/core/catalogue/method';
import { isFromTap, PRODUCTS, type ShippedProduct } from '@/core/catalogue/products';

export type ShippedDose = Dose & { readonly product: ShippedProduct };

/** Each product of a method with its dose, where that is the same in all its schools: it can be set for this job. */
export function dosesOf({ products }: Method): ShippedDose[] {
  const doses = Object.values(products)
    .flatMap((own) => own ?? [])
    .filter((dose): dose is ShippedDose => Object.hasOwn(PRODUCTS, dose.product) && !isFromTap(dose.product));
  const isOnlyOne = (dose: ShippedDose) =>
    doses.every(
      ({ product, amount, inMl }) =>
        product !== dose.product || (amount === dose.amount && inMl === dose.inMl),
    );
  return [...new Map(doses.filter(isOnlyOne).map((dose) => [dose.product, dose])).values()];
}
