/**
 * What can be done sitting, at a table or with the drawer on one's knees: methods, and of some of them the steps. All
 * other work is done standing.
 */
const SEATED: Readonly<Record<string, true | readonly string[]>> = {
  'appliance-clean': true,
  'bags-empty': true,
  'bed-linen-wash': ['fold'],
  'boards-scrub': true,
  'bread-bin-wash': true,
  'cables-tidy': true,
  'drawers-clear': true,
  'drawers-sort': true,
  'dressing-table-clear': true,
  'emergency-bag-check': true,
  'emergency-numbers': true,
  'first-aid-check': true,
  'hall-bench-clear': true,
  'hob-grates': true,
  'iron-sole': true,
  'jars-wash': true,
  'lamp-clean': true,
  'medicines-check': true,
  'mend-pile': true,
  'ornaments-wash': true,
  'outgrown-sort': true,
  'paperwork-sort': true,
  'screens-wipe': true,
  'season-lights-check': true,
  'shoes-clean': true,
  'toothbrush-holder-wash': true,
  'towels-wash': ['fold'],
  'toys-sort': true,
  'toys-wash': true,
};

export function isSeated(methodId: string, stepKey: string): boolean {
  const steps = SEATED[methodId];
  return steps === true || (steps?.includes(stepKey) ?? false);
}

/** Every method that is named, and every step of those that are so in part. */
export const SEATED_NAMES: readonly (readonly [method: string, steps: readonly string[]])[] = Object.entries(
  SEATED,
).map(([method, steps]) => [method, steps === true ? [] : steps]);
