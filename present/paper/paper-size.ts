import type { Units } from '@/core/basics/choices';

/** Sizes of paper that printers at home have. */
export const PAPER_SIZES = {
  a4: { name: 'A4', css: 'A4' },
  letter: { name: 'Letter', css: 'letter' },
} as const;
export type PaperSize = keyof typeof PAPER_SIZES;

/** The size that was asked for, else the one that is usual where the units are. */
export function paperSizeOf(asked: unknown, units: Units): PaperSize {
  if (typeof asked === 'string' && Object.hasOwn(PAPER_SIZES, asked)) return asked as PaperSize;
  return units === 'us' ? 'letter' : 'a4';
}
