import { z } from 'zod';
import { MOST } from '../basics/limits';
import { idSchema } from '../basics/scalars';
import { mixes } from '../catalogue/clashes';
import { isFixtureKind } from '../catalogue/fixture-kinds';
import { type HouseholdCatalogue, methodChangeSchema } from '../catalogue/household-catalogue';
import { type Method, methodSchema } from '../catalogue/method';
import { OWN_PREFIX } from '../catalogue/own-prefix';
import { markSchema } from '../clean/mark-schema';
import { isEmptyMark, type Mark, markKey } from '../clean/marks';
import {
  type HouseholdRules,
  householdRulesSchema,
  isReverse,
  MOST_TOGETHER,
  type OrderRule,
  OWN_RULE_PREFIX,
  orderRuleSchema,
  ROOM_WAYS,
  type RoomWay,
} from '../clean/rule';
import { type AnyRow, rowsOn } from './change-row';
import type { Editable } from './editable';
import { type Made, made, refuse } from './made';
import { put } from './put';

const row = rowsOn<Editable>();

/** What is to be done, how, and in which order. */
export const WORK_CHANGES = {
  /** Each mark replaces what was said of the same task, room or kind; one that says nothing takes it back. */
  mark: row({
    shape: { marks: z.array(markSchema).max(MOST.marks).readonly() },
    apply: (before, { marks }) => made({ ...before, marks: withMarks(before.marks, marks) }),
    words: ({ marks }) =>
      marks.length === 1 ? 'One decision about the scope' : `${marks.length} decisions about the scope`,
  }),
  'change-method': row({
    shape: { id: idSchema, change: methodChangeSchema },
    apply: (before, { id, change }) =>
      onCatalogue(before, ({ changed, ...rest }) => ({ ...rest, changed: { ...changed, [id]: change } })),
    words: () => 'Numbers of a method changed',
  }),
  'switch-method': row({
    shape: { id: idSchema, off: z.boolean() },
    apply: (before, { id, off }) =>
      onCatalogue(before, (catalogue) => ({ ...catalogue, off: switched(catalogue.off, id, off) })),
    words: ({ off }) => (off ? 'A method switched off' : 'A method switched on'),
  }),
  'put-method': row({
    shape: { method: methodSchema },
    apply: (before, { method }) => putMethod(before, method),
    words: ({ method }) => `${method.title} written down`,
  }),
  'drop-method': row({
    shape: { id: idSchema },
    apply: (before, { id }) =>
      onCatalogue(before, (catalogue) => ({
        ...forget(catalogue, id),
        own: catalogue.own.filter((method) => method.id !== id),
      })),
    words: () => 'An own method removed',
  }),
  /** Back to the catalogue that ships. */
  'reset-method': row({
    shape: { id: idSchema },
    apply: (before, { id }) => onCatalogue(before, (catalogue) => forget(catalogue, id)),
    words: () => 'A method set back to the default',
  }),
  'put-rule': row({
    shape: { rule: orderRuleSchema },
    apply: (before, { rule }) => putRule(before, rule),
    words: ({ rule }) => `Rule “${rule.name}”`,
  }),
  'drop-rule': row({
    shape: { id: idSchema },
    apply: (before, { id }) =>
      onRules(before, (rules) => ({
        ...rules,
        off: rules.off.filter((known) => known !== id),
        own: rules.own.filter((rule) => rule.id !== id),
      })),
    words: () => 'A rule removed',
  }),
  'switch-rule': row({
    shape: { id: idSchema, off: z.boolean() },
    apply: (before, { id, off }) =>
      onRules(before, (rules) => ({ ...rules, off: switched(rules.off, id, off) })),
    words: ({ off }) => (off ? 'A rule switched off' : 'A rule switched on'),
  }),
  /** How rooms are gone through; none for by layers, all round. */
  'room-way': row({
    shape: {
      rooms: householdRulesSchema.shape.rooms.unwrap().readonly(),
      way: z.enum(ROOM_WAYS).nullable(),
    },
    apply: putWay,
    words: ({ way }) => (way ? 'How a room is gone through' : 'A room by layers again'),
  }),
  /** Rooms one after the other; none for as in the house. */
  'room-order': row({
    shape: { rooms: householdRulesSchema.shape.rooms.unwrap().readonly() },
    apply: (before, { rooms }) => onRules(before, (rules) => ({ ...rules, rooms: [...new Set(rooms)] })),
    words: () => 'The order of the rooms',
  }),
} satisfies Record<string, AnyRow<Editable>>;

function putWay(
  before: Editable,
  { rooms, way }: { readonly rooms: readonly string[]; readonly way: RoomWay | null },
): Made<Editable> {
  const others = before.rules.ways.filter(({ room }) => !rooms.includes(room));
  const ways = [...others, ...(way ? rooms.map((room) => ({ room, way })) : [])];
  if (ways.filter((one) => one.way === 'together').length > MOST_TOGETHER) return refuse('many-together');
  return onRules(before, (rules) => ({ ...rules, ways }));
}

function withMarks(known: readonly Mark[], marks: readonly Mark[]): Mark[] {
  const all = new Map(known.map((mark) => [markKey(mark), mark]));
  for (const mark of marks) {
    if (isEmptyMark(mark)) all.delete(markKey(mark));
    else all.set(markKey(mark), mark);
  }
  return [...all.values()];
}

function switched(ids: readonly string[], id: string, off: boolean): string[] {
  return [...ids.filter((known) => known !== id), ...(off ? [id] : [])];
}

function onCatalogue(
  before: Editable,
  change: (catalogue: HouseholdCatalogue) => HouseholdCatalogue,
): Made<Editable> {
  return made({ ...before, catalogue: change(before.catalogue) });
}

function onRules(before: Editable, change: (rules: HouseholdRules) => HouseholdRules): Made<Editable> {
  return made({ ...before, rules: change(before.rules) });
}

/** A rule of the household's own; it takes the place of the one that says the same the other way round. */
function putRule(before: Editable, rule: OrderRule): Made<Editable> {
  if (!rule.id.startsWith(OWN_RULE_PREFIX)) return refuse('own-name');
  return onRules(before, (rules) => ({
    ...rules,
    own: put(
      rules.own.filter((known) => !isReverse(known, rule)),
      rule,
      (known) => known.id,
    ),
  }));
}

function putMethod(before: Editable, method: Method): Made<Editable> {
  if (!isFixtureKind(method.fixture) || !method.id.startsWith(OWN_PREFIX)) return refuse('unknown-kind');
  if (Object.values(method.products).some((doses) => doses && mixes(doses.map((dose) => dose.product))))
    return refuse('forbidden-mix');
  return onCatalogue(before, (catalogue) => ({
    ...catalogue,
    own: [...catalogue.own.filter((known) => known.id !== method.id), method],
  }));
}

function forget(catalogue: HouseholdCatalogue, id: string): HouseholdCatalogue {
  const { [id]: _gone, ...rest } = catalogue.changed;
  return { ...catalogue, changed: rest, off: catalogue.off.filter((method) => method !== id) };
}
