import type { ProductSchool } from '@/core/catalogue/work-kinds';

export const SCHOOL_WORDS: Record<ProductSchool, string> = {
  water: 'Water and microfibre',
  steam: 'Steam, where it may be',
  pantry: 'From the pantry: acid, soda, soap',
  shop: 'From the shop',
  disinfecting: 'Disinfecting where it matters',
};
