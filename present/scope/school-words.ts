import type { ProductSchool } from '@/core/catalogue/work-kinds';

export const SCHOOL_WORDS: Record<ProductSchool, string> = {
  water: 'Water, microfibre, steam',
  pantry: 'From the pantry: acid, soda, soap',
  shop: 'From the shop',
  disinfecting: 'Disinfecting where it matters',
};
