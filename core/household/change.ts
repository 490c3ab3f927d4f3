import { isFixtureKind } from '../catalogue/fixture-kinds';
import type { HouseholdCatalogue, MethodChange } from '../catalogue/household-catalogue';
import type { Method } from '../catalogue/method';
import { OWN_PREFIX } from '../catalogue/own-prefix';
import type { Household, Units } from '../formats/household';
import type { Home } from '../home/room';
import { isEmptyMark, type Mark, markKey } from '../scope/marks';
import { changeHome, type HomeChange, type Refusal } from './home-change';

/** The part of a household that is changed by hand on the walk, in the scope and in the catalogue, and can be undone. */
export type Editable = Pick<Household, 'home' | 'marks' | 'catalogue' | 'units'>;

export type HouseholdChange =
  | HomeChange
  /** Each replaces what was said of the same task, room or kind; one that says nothing takes it back. */
  | { readonly do: 'mark'; readonly marks: readonly Mark[] }
  | { readonly do: 'change-method'; readonly id: string; readonly change: MethodChange }
  | { readonly do: 'switch-method'; readonly id: string; readonly off: boolean }
  | { readonly do: 'put-method'; readonly method: Method }
  | { readonly do: 'drop-method'; readonly id: string }
  /** Back to the catalogue that ships. */
  | { readonly do: 'reset-method'; readonly id: string }
  | { readonly do: 'units'; readonly units: Units }
  /** Rooms and fixtures from a table. */
  | { readonly do: 'take-in'; readonly home: Home };

export type Changed =
  | { readonly ok: true; readonly value: Editable }
  | { readonly ok: false; readonly why: Refusal };

/** What can be edited, after a change; what did not change stays the same object. */
export function applyChange(before: Editable, change: HouseholdChange): Changed {
  switch (change.do) {
    case 'mark':
      return changed({ ...before, marks: withMarks(before.marks, change.marks) });
    case 'units':
      return changed({ ...before, units: change.units });
    case 'take-in':
      return changed({ ...before, home: change.home });
    case 'change-method':
      return onCatalogue(before, ({ changed: known, ...rest }) => ({
        ...rest,
        changed: { ...known, [change.id]: change.change },
      }));
    case 'switch-method':
      return onCatalogue(before, (catalogue) => ({
        ...catalogue,
        off: [...catalogue.off.filter((id) => id !== change.id), ...(change.off ? [change.id] : [])],
      }));
    case 'put-method':
      return putMethod(before, change.method);
    case 'drop-method':
      return onCatalogue(before, (catalogue) => ({
        ...forget(catalogue, change.id),
        own: catalogue.own.filter((method) => method.id !== change.id),
      }));
    case 'reset-method':
      return onCatalogue(before, (catalogue) => forget(catalogue, change.id));
    default: {
      const result = changeHome(before.home, change);
      return result.ok ? changed({ ...before, home: result.home }) : result;
    }
  }
}

function changed(value: Editable): Changed {
  return { ok: true, value };
}

function withMarks(known: readonly Mark[], marks: readonly Mark[]): Mark[] {
  const all = new Map(known.map((mark) => [markKey(mark), mark]));
  for (const mark of marks) {
    if (isEmptyMark(mark)) all.delete(markKey(mark));
    else all.set(markKey(mark), mark);
  }
  return [...all.values()];
}

function onCatalogue(
  before: Editable,
  change: (catalogue: HouseholdCatalogue) => HouseholdCatalogue,
): Changed {
  return changed({ ...before, catalogue: change(before.catalogue) });
}

function putMethod(before: Editable, method: Method): Changed {
  if (!isFixtureKind(method.fixture) || !method.id.startsWith(OWN_PREFIX))
    return { ok: false, why: 'unknown-kind' };
  return onCatalogue(before, (catalogue) => ({
    ...catalogue,
    own: [...catalogue.own.filter((known) => known.id !== method.id), method],
  }));
}

function forget({ changed: known, off, own }: HouseholdCatalogue, id: string): HouseholdCatalogue {
  const { [id]: _gone, ...rest } = known;
  return { changed: rest, off: off.filter((method) => method !== id), own };
}
