import { partsOf } from '@/core/catalogue/own-product';
import type { OwnProduct } from '@/core/catalogue/own-products';
import { ownParts, productInText } from '@/core/catalogue/products';
import { listed } from '../words/words';

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
