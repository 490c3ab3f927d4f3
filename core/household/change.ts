import type { Units } from '../basics/choices';
import { mixes } from '../catalogue/clashes';
import { isFixtureKind } from '../catalogue/fixture-kinds';
import type { HouseholdCatalogue, MethodChange } from '../catalogue/household-catalogue';
import type { Method } from '../catalogue/method';
import { OWN_PREFIX } from '../catalogue/own-prefix';
import type { Call } from '../clean/call';
import type { Clean } from '../clean/clean';
import { isEmptyMark, type Mark, markKey } from '../clean/marks';
import { type HouseholdRules, isReverse, type OrderRule, OWN_RULE_PREFIX } from '../clean/rule';
import { changeSteering, type SteeringChange } from '../clean/steering';
import type { Stock, Supplies, ThingStock } from '../clean/supplies';
import type { Home } from '../home/room';
import type { HouseholdMachine } from '../machines/household-machine';
import type { Member } from '../people/member';
import type { Editable } from './editable';
import { changeHome, type HomeChange, type Refusal } from './home-change';
import { put } from './put';
import { outgrows } from './size';

export type HouseholdChange =
  | HomeChange
  | SteeringChange
  /** Each replaces what was said of the same task, room or kind; one that says nothing takes it back. */
  | { readonly do: 'mark'; readonly marks: readonly Mark[] }
  | { readonly do: 'change-method'; readonly id: string; readonly change: MethodChange }
  | { readonly do: 'switch-method'; readonly id: string; readonly off: boolean }
  | { readonly do: 'put-method'; readonly method: Method }
  | { readonly do: 'drop-method'; readonly id: string }
  /** Back to the catalogue that ships. */
  | { readonly do: 'reset-method'; readonly id: string }
  | { readonly do: 'units'; readonly units: Units }
  | { readonly do: 'put-rule'; readonly rule: OrderRule }
  | { readonly do: 'drop-rule'; readonly id: string }
  | { readonly do: 'switch-rule'; readonly id: string; readonly off: boolean }
  /** What is in the cupboard of one product; nothing takes it off the list. */
  | { readonly do: 'put-stock'; readonly stock: Stock }
  | { readonly do: 'drop-stock'; readonly product: Stock['product'] }
  | { readonly do: 'put-thing'; readonly stock: ThingStock }
  | { readonly do: 'vessels'; readonly bucketMl: number; readonly bottleMl: number }
  | { readonly do: 'put-call'; readonly call: Call }
  | { readonly do: 'drop-call'; readonly id: string }
  /** Adds a person, or says everything of one anew. */
  | { readonly do: 'put-member'; readonly member: Member }
  | { readonly do: 'drop-member'; readonly id: string }
  | { readonly do: 'put-machine'; readonly machine: HouseholdMachine }
  | { readonly do: 'drop-machine'; readonly id: string }
  | { readonly do: 'put-clean'; readonly clean: Clean }
  /** Whether a date is dry; without it the forecast holds again. */
  | { readonly do: 'weather'; readonly date: string; readonly dry?: boolean }
  /** One after the other, taken back together. */
  | { readonly do: 'several'; readonly changes: readonly HouseholdChange[] }
  /** Rooms and fixtures from a table. */
  | { readonly do: 'take-in'; readonly home: Home };

export type Changed =
  | { readonly ok: true; readonly value: Editable }
  | { readonly ok: false; readonly why: Refusal };

/** What can be edited, after a change; what did not change stays the same object. */
export function applyChange(before: Editable, change: HouseholdChange): Changed {
  const after = applied(before, change);
  return after.ok && outgrows(before, after.value) ? { ok: false, why: 'too-much' } : after;
}

function applied(before: Editable, change: HouseholdChange): Changed {
  switch (change.do) {
    case 'mark':
      return changed({ ...before, marks: withMarks(before.marks, change.marks) });
    case 'several':
      return several(before, change.changes);
    case 'put-member':
      return changed({ ...before, people: put(before.people, change.member, (member) => member.id) });
    case 'drop-member':
      return changed({ ...before, people: before.people.filter((member) => member.id !== change.id) });
    case 'put-machine':
      return changed({ ...before, machines: put(before.machines, change.machine, (machine) => machine.id) });
    case 'drop-machine':
      return changed({ ...before, machines: before.machines.filter((machine) => machine.id !== change.id) });
    case 'put-clean':
      return changed({ ...before, clean: change.clean });
    case 'weather':
      return changed({ ...before, weather: withWeather(before.weather, change) });
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
    case 'put-rule':
      return putRule(before, change.rule);
    case 'drop-rule':
      return onRules(before, ({ off, own }) => ({
        off: off.filter((id) => id !== change.id),
        own: own.filter((rule) => rule.id !== change.id),
      }));
    case 'switch-rule':
      return onRules(before, ({ off, own }) => ({
        off: [...off.filter((id) => id !== change.id), ...(change.off ? [change.id] : [])],
        own,
      }));
    case 'put-call':
      return changed({ ...before, calls: put(before.calls, change.call, (call) => call.id) });
    case 'drop-call':
      return changed({ ...before, calls: before.calls.filter((call) => call.id !== change.id) });
    case 'pin':
    case 'let-go':
    case 'later':
    case 'doer':
    case 'free-day':
      return changed({ ...before, steering: changeSteering(before.steering, change) });
    case 'put-stock':
    case 'drop-stock':
    case 'put-thing':
    case 'vessels':
      return changed({ ...before, supplies: changeSupplies(before.supplies, change) });
    default: {
      const result = changeHome(before.home, change);
      return result.ok ? changed({ ...before, home: result.home }) : result;
    }
  }
}

function several(before: Editable, changes: readonly HouseholdChange[]): Changed {
  return changes.reduce<Changed>(
    (state, change) => (state.ok ? applyChange(state.value, change) : state),
    changed(before),
  );
}

function withWeather(
  known: Editable['weather'],
  { date, dry }: { readonly date: string; readonly dry?: boolean },
): Editable['weather'] {
  const others = known.filter((day) => day.date !== date);
  return dry === undefined ? others : [...others, { date, dry }].sort((a, b) => (a.date < b.date ? -1 : 1));
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

/** A list with one member put in the place of the one that goes by the same key, or at its end. */
function onRules(before: Editable, change: (rules: HouseholdRules) => HouseholdRules): Changed {
  return changed({ ...before, rules: change(before.rules) });
}

function putRule(before: Editable, rule: OrderRule): Changed {
  if (!rule.id.startsWith(OWN_RULE_PREFIX)) return { ok: false, why: 'own-name' };
  return onRules(before, ({ off, own }) => ({
    off,
    own: put(
      own.filter((known) => !isReverse(known, rule)),
      rule,
      (known) => known.id,
    ),
  }));
}

type SuppliesChange = Extract<HouseholdChange, { do: 'put-stock' | 'drop-stock' | 'put-thing' | 'vessels' }>;

function changeSupplies(supplies: Supplies, change: SuppliesChange): Supplies {
  switch (change.do) {
    case 'put-stock':
      return { ...supplies, stock: put(supplies.stock, change.stock, (stock) => stock.product) };
    case 'drop-stock':
      return { ...supplies, stock: supplies.stock.filter((stock) => stock.product !== change.product) };
    case 'put-thing':
      return { ...supplies, things: put(supplies.things, change.stock, (stock) => stock.thing) };
    case 'vessels':
      return { ...supplies, bucketMl: change.bucketMl, bottleMl: change.bottleMl };
  }
}

function putMethod(before: Editable, method: Method): Changed {
  if (!isFixtureKind(method.fixture) || !method.id.startsWith(OWN_PREFIX))
    return { ok: false, why: 'unknown-kind' };
  if (Object.values(method.products).some((doses) => doses && mixes(doses.map((dose) => dose.product))))
    return { ok: false, why: 'forbidden-mix' };
  return onCatalogue(before, (catalogue) => ({
    ...catalogue,
    own: [...catalogue.own.filter((known) => known.id !== method.id), method],
  }));
}

function forget({ changed: known, off, own }: HouseholdCatalogue, id: string): HouseholdCatalogue {
  const { [id]: _gone, ...rest } = known;
  return { changed: rest, off: off.filter((method) => method !== id), own };
}
