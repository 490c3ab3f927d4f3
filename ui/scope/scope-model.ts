import { dosesFor } from '@/core/catalogue/catalogue';
import { PRODUCTS } from '@/core/catalogue/products';
import { WORK_KINDS, type WorkKind } from '@/core/catalogue/work-kinds';
import type { Current } from '@/core/clean/campaign';
import { offeredMinutes } from '@/core/clean/progress';
import type { CleanTask } from '@/core/clean/tasks';
import type { Member } from '@/core/formats/household';
import type { ProblemTask } from '@/core/formats/problem';
import { type Mark, markKey } from '@/core/scope/marks';
import type { OutReason, Scope } from '@/core/scope/scope';

/** One task as a line of the whole list: plain data for the browser. */
export type ScopeRow = {
  readonly id: string;
  readonly title: string;
  readonly room: string;
  readonly roomId: string;
  readonly where: string;
  readonly kind: WorkKind;
  readonly layer: number;
  /** Hands-on minutes of one person each, all of them and those still open. */
  readonly minutes: number;
  readonly left: number;
  readonly wait: number;
  readonly due: string | undefined;
  readonly in: boolean;
  readonly reason: OutReason | undefined;
  readonly by: Scope['by'];
  readonly priority: ProblemTask['priority'];
  readonly matters: boolean;
  readonly dreaded: boolean;
  /** Names of those who may do it. */
  readonly people: readonly string[];
  readonly products: readonly string[];
};

export type ScopeScreen = {
  readonly rows: readonly ScopeRow[];
  readonly rooms: readonly { readonly id: string; readonly name: string }[];
  readonly people: readonly string[];
  /** Hands-on minutes that are offered until the finish; undefined without an aim. */
  readonly offered: number | undefined;
  readonly marks: readonly Mark[];
  readonly today: string;
};

/** The whole list, in scope or not, with the hours that it is held against. */
export function scopeScreen(state: Current): ScopeScreen {
  const { household, listed, campaign, today } = state;
  const done = new Set((campaign?.problem.done ?? []).map((entry) => entry.step));
  const school = household.clean?.products ?? 'pantry';
  return {
    rows: listed.map((task) => rowOf(task, household.people, done, school)),
    rooms: household.home.floors.flatMap((floor) => floor.rooms.map(({ id, name }) => ({ id, name }))),
    people: household.people.map((person) => person.name),
    offered: campaign && offeredMinutes(campaign.problem),
    marks: household.marks,
    today,
  };
}

function rowOf(
  task: CleanTask,
  people: readonly Member[],
  done: ReadonlySet<string>,
  school: Parameters<typeof dosesFor>[1],
): ScopeRow {
  const { method, scope, room, stop, estimate } = task;
  const steps = estimate.steps.flatMap(({ step, minutes }) =>
    step.mode === 'hands' ? [{ key: step.key, minutes: minutes * step.crew }] : [],
  );
  const sum = (list: typeof steps) => list.reduce((total, step) => total + step.minutes, 0);
  return {
    id: task.id,
    title: method.title,
    room: room.name,
    roomId: room.id,
    where: stop.shell ? 'all round' : stop.name,
    kind: method.kind,
    layer: method.layer,
    minutes: Math.round(sum(steps)),
    left: sum(steps.filter((step) => !done.has(`${task.id}/${step.key}`))),
    wait: estimate.waitMinutes,
    due: scope.due,
    in: scope.in,
    reason: scope.reason,
    by: scope.by,
    priority: scope.priority,
    matters: scope.matters,
    dreaded: scope.dreaded,
    people: people.filter((person) => canDo(person, task)).map((person) => person.name),
    products: [...new Set(dosesFor(method, school).map((dose) => PRODUCTS[dose.product]))],
  };
}

function canDo(person: Member, { method }: CleanTask): boolean {
  return method.steps.every(
    (step) => step.mode === 'wait' || !step.tags.some((tag) => person.cannot.includes(tag)),
  );
}

/** The list as it looks once marks are made, before the server has them. */
export function rowsAfter(rows: readonly ScopeRow[], marks: readonly Mark[]): ScopeRow[] {
  const made = new Map(marks.map((mark) => [markKey(mark), mark]));
  return rows.map((row) => {
    const mark =
      made.get(markKey({ on: 'task', target: row.id })) ??
      made.get(markKey({ on: 'room', target: row.roomId })) ??
      made.get(markKey({ on: 'kind', target: row.kind }));
    return mark ? rowAfter(row, mark) : row;
  });
}

function rowAfter(row: ScopeRow, mark: Mark): ScopeRow {
  const decided = mark.in !== undefined;
  return {
    ...row,
    ...(decided && { in: mark.in, reason: mark.in ? undefined : mark.reason, by: mark.on }),
    ...(mark.priority && { priority: mark.priority }),
    ...(mark.matters !== undefined && { matters: mark.matters }),
    ...(mark.dreaded !== undefined && { dreaded: mark.dreaded }),
  };
}

/** Open hands-on minutes of what is in scope. */
export function neededMinutes(rows: readonly ScopeRow[]): number {
  return rows.reduce((sum, row) => sum + (row.in ? row.left : 0), 0);
}

export type Filters = {
  readonly text: string;
  readonly room: string;
  readonly kind: string;
  readonly person: string;
  readonly product: string;
  readonly layer: '' | keyof typeof LAYERS;
  readonly minutes: '' | keyof typeof LENGTHS;
  readonly scope: '' | 'in' | 'out' | 'due' | 'matters' | 'dreaded';
};

export const NO_FILTERS: Filters = {
  text: '',
  room: '',
  kind: '',
  person: '',
  product: '',
  layer: '',
  minutes: '',
  scope: '',
};

/** Parts of the order from the ceiling to the floor. */
export const LAYERS = {
  high: { words: 'Ceiling and high up', from: 0, to: 2 },
  middle: { words: 'Hand height', from: 3, to: 4 },
  low: { words: 'Furniture and low down', from: 5, to: 7 },
  floor: { words: 'Floor and last', from: 8, to: 9 },
} as const;

export const LENGTHS = {
  short: { words: 'Up to 10 min', from: 0, to: 10 },
  middle: { words: '11 to 30 min', from: 11, to: 30 },
  long: { words: 'More than half an hour', from: 31, to: Number.POSITIVE_INFINITY },
} as const;

const isWithin = (value: number, { from, to }: { from: number; to: number }) => value >= from && value <= to;

/** One row a filter; an empty one lets everything through. */
const FILTERS: {
  readonly [Name in keyof Filters]: (row: ScopeRow, value: string, today: string) => boolean;
} = {
  text: (row, value) =>
    `${row.title} ${row.where} ${row.room}`.toLocaleLowerCase().includes(value.trim().toLocaleLowerCase()),
  room: (row, value) => row.roomId === value,
  kind: (row, value) => row.kind === value,
  person: (row, value) => row.people.includes(value),
  product: (row, value) => row.products.includes(value),
  layer: (row, value) => isWithin(row.layer, LAYERS[value as keyof typeof LAYERS]),
  minutes: (row, value) => isWithin(row.minutes, LENGTHS[value as keyof typeof LENGTHS]),
  scope: (row, value, today) => SCOPES[value as Exclude<Filters['scope'], ''>](row, today),
};

const SCOPES: Record<Exclude<Filters['scope'], ''>, (row: ScopeRow, today: string) => boolean> = {
  in: (row) => row.in,
  out: (row) => !row.in,
  due: (row, today) => row.due === undefined || row.due <= today,
  matters: (row) => row.matters,
  dreaded: (row) => row.dreaded,
};

export function filtered(rows: readonly ScopeRow[], filters: Filters, today: string): ScopeRow[] {
  const active = (Object.keys(FILTERS) as (keyof Filters)[]).filter((name) => filters[name] !== '');
  return rows.filter((row) => active.every((name) => FILTERS[name](row, filters[name], today)));
}

export function kindName(kind: WorkKind): string {
  return WORK_KINDS[kind];
}

/** Marks that say the same of several targets, on top of what is known of each. */
export function marksFor(
  targets: readonly Pick<Mark, 'on' | 'target'>[],
  known: readonly Mark[],
  says: Omit<Partial<Mark>, 'on' | 'target'>,
): Mark[] {
  const byKey = new Map(known.map((mark) => [markKey(mark), mark]));
  return targets.map(({ on, target }) => ({
    ...(byKey.get(markKey({ on, target })) ?? { on, target }),
    ...says,
  }));
}
