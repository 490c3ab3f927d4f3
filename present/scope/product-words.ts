import { productInText, productName } from '@/core/catalogue/products';
import { type ProductChoice, productsOf } from '@/core/products/product-choice';

/** What a task is done with, and why that is not what was asked for; nothing where nothing is used. */
export function productWords(choice: ProductChoice): string | undefined {
  const used = productsOf(choice).map((product) => productInText(product));
  if (used.length === 0 && !choice.swap) return undefined;
  return `With ${used.length > 0 ? used.join(' and ') : 'water and a cloth'}. ${swapWords(choice)}`.trim();
}

/** Where a school has nothing safe, the nearest that has. */
function swapWords({ swap }: ProductChoice): string {
  if (!swap) return '';
  if (swap.why === 'none') return 'The school you chose has nothing for this, so it is the nearest that has.';
  const product = productName(swap.product);
  if (swap.why === 'told')
    return `You would not have ${product} on this surface, so it is the nearest that may.`;
  return swap.why === 'surface'
    ? `${product} would harm this surface, so it is the nearest that is safe.`
    : `${product} must not meet what else is used in this room, so it is the nearest that may.`;
}
