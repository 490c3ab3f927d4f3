import { z } from 'zod';
import { ALMANAC_CHANGES } from './almanac-changes';
import { type AnyRow, type ChangeOf, type ChangeRow, schemaOf } from './change-row';
import { CLEAN_CHANGES } from './clean-changes';
import type { Editable } from './editable';
import { HOME_CHANGES } from './home-changes';
import { LEAVING_CHANGES } from './leaving-changes';
import { type Made, made } from './made';
import { OWN_PRODUCT_CHANGES } from './own-product-changes';
import { outgrows } from './size';
import { STEERING_CHANGES } from './steering-changes';
import { SUPPLY_CHANGES } from './supply-changes';
import { WORK_CHANGES } from './work-changes';

/** Every kind of change to a household, by what it is called. */
const CHANGES = {
  ...onPart('home', HOME_CHANGES),
  ...onPart('steering', STEERING_CHANGES),
  ...WORK_CHANGES,
  ...OWN_PRODUCT_CHANGES,
  ...CLEAN_CHANGES,
  ...SUPPLY_CHANGES,
  ...LEAVING_CHANGES,
  ...ALMANAC_CHANGES,
};

type OneChange = ChangeOf<typeof CHANGES>;
/** One after the other, taken back together. */
type SeveralChanges = { readonly do: 'several'; readonly changes: readonly HouseholdChange[] };
export type HouseholdChange = OneChange | SeveralChanges;

/** So many changes one press may come to. */
const MOST_AT_ONCE = 20;

const sentSchema = schemaOf<Editable, typeof CHANGES>(
  Object.fromEntries(
    Object.entries<AnyRow<Editable>>(CHANGES).filter(([, row]) => !row.inside),
  ) as typeof CHANGES,
);

/** A change as a page sends it. */
export const changeSchema: z.ZodType<HouseholdChange> = z.union([
  sentSchema,
  z.strictObject({
    do: z.literal('several'),
    changes: z.array(sentSchema).min(1).max(MOST_AT_ONCE).readonly(),
  }),
]);

/** What can be edited, after a change; what did not change stays the same object. */
export function applyChange(before: Editable, change: HouseholdChange): Made<Editable> {
  const after =
    change.do === 'several' ? several(before, change.changes) : rowFor(change).apply(before, change as never);
  return after.ok && outgrows(before, after.value) ? { ok: false, why: 'too-much' } : after;
}

function several(before: Editable, changes: readonly HouseholdChange[]): Made<Editable> {
  return changes.reduce<Made<Editable>>(
    (state, change) => (state.ok ? applyChange(state.value, change) : state),
    made(before),
  );
}

/** What a change was, in the words beside undo: `Wardrobe removed`. From the state before it. */
export function changeWords(change: HouseholdChange, before: Editable): string {
  if (change.do !== 'several') return rowFor(change).words(change as never, before);
  return change.changes[0] ? changeWords(change.changes[0], before) : 'Nothing';
}

/** Whether a plan rests on what was changed. */
export function restsOn(change: HouseholdChange): boolean {
  return change.do === 'several' ? change.changes.some(restsOn) : !rowFor(change).planless;
}

function rowFor(change: OneChange): AnyRow<Editable> {
  return CHANGES[change.do];
}

/** Rows of changes to one part of a household, as changes to the whole. */
function onPart<Part extends 'home' | 'steering', Rows extends Record<string, AnyRow<Editable[Part]>>>(
  part: Part,
  rows: Rows,
): { [Do in keyof Rows]: ChangeRow<Editable, Rows[Do]['shape']> } {
  const lifted = Object.entries(rows).map(([kind, row]) => [
    kind,
    {
      ...row,
      apply: (before: Editable, said: never) => {
        const after = row.apply(before[part], said);
        return after.ok ? made({ ...before, [part]: after.value }) : after;
      },
      words: (said: never, before: Editable) => row.words(said, before[part]),
    },
  ]);
  return Object.fromEntries(lifted) as { [Do in keyof Rows]: ChangeRow<Editable, Rows[Do]['shape']> };
}
