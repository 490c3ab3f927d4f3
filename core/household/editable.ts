import type { Clean } from '../clean/clean';
import type { Household } from './household';

/** The part of a household that is changed by hand, and can be undone. */
export type Editable = Pick<
  Household,
  | 'home'
  | 'marks'
  | 'catalogue'
  | 'units'
  | 'rules'
  | 'supplies'
  | 'leaving'
  | 'calls'
  | 'almanac'
  | 'steering'
  | 'people'
  | 'machines'
  | 'weather'
  | 'forecastSeed'
> & { readonly clean: Clean | undefined };
