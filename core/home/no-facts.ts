import type { HomeFacts } from './facts';

/** A home of which nobody has said anything yet. */
export const NO_FACTS: HomeFacts = {
  hardWater: false,
  pets: false,
  birds: false,
  smokers: false,
  well: false,
  tank: false,
  singleBedding: false,
  singleTowels: false,
};
