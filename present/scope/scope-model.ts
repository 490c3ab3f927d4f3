import { WORK_KINDS, type WorkKind } from '@/core/catalogue/work-kinds';
import { type Mark, markKey } from '@/core/clean/marks';
import type { ProblemTask } from '@/core/plan/problem';
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
  readonly helpers: readonly { readonly id: string; readonly name: string }[];
  /** The finish line; undefined without an aim. */
  readonly finish: string | undefined;
  /** Hands-on minutes that are offered until the finish; undefined without an aim. */
  readonly offered: number | undefined;
  /** What the list counts more than once: pieces that share a load of the wash are one job. */
  readonly shared: { readonly jobs: number; readonly minutes: number };
  readonly marks: readonly Mark[];
  readonly today: string;
};

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
  high: { words: 'Ceiling and high up', short: 'High', from: 0, to: 2 },
  middle: { words: 'Hand height', short: 'Middle', from: 3, to: 4 },
  low: { words: 'Furniture and low down', short: 'Low', from: 5, to: 7 },
  floor: { words: 'Floor and last', short: 'Floor', from: 8, to: 9 },
} as const;

/** Where a layer lies, in a word. */
export function layerWords(layer: number): string {
  return Object.values(LAYERS).find((part) => isWithin(layer, part))?.short ?? '';
}

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
