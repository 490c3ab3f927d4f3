import { dayOfMinute, MINUTES_A_DAY, type Minute, midnightOf } from '../../basics/local-time';
import { type Focus, lastDayOf, type Model, type Person, type Span, type Task } from './model';

/** When people may work, within the plan's dates and by what is given to certain times. */
export class FreeHours {
  private readonly windows: readonly (readonly Span[])[];
  /** Windows of a task that a focus touches, by person. */
  private readonly narrowed = new Map<Task, (readonly Span[])[]>();

  constructor(private readonly model: Model) {
    this.windows = model.people.map((person) => workingWindows(person, model));
  }

  /** All of a person's time. Windows are sorted, none crosses midnight, and they don't overlap. */
  of(person: Person): readonly Span[] {
    return this.windows[person.index] as readonly Span[];
  }

  /** The time in which a person may do a task. */
  for(person: Person, task: Task): readonly Span[] {
    if (this.model.focuses.length === 0) return this.of(person);
    let narrowed = this.narrowed.get(task);
    if (!narrowed) {
      narrowed = this.model.people.map((one) => this.narrow(one, task));
      this.narrowed.set(task, narrowed);
    }
    return narrowed[person.index] as readonly Span[];
  }

  private narrow(person: Person, task: Task): readonly Span[] {
    const { focuses } = this.model;
    const isFor = ({ people }: Focus) => people?.has(person) ?? true;
    const given = focuses.filter((focus) => focus.bindsTime && isFor(focus) && !focus.matches(task));
    const left = given.reduce<readonly Span[]>(without, this.of(person));
    const stretches = focuses.filter((focus) => focus.bindsWork && focus.matches(task));
    if (stretches.length === 0) return left;
    return disjoint(stretches.filter(isFor)).flatMap((stretch) => within(left, stretch));
  }
}

/** Stretches one after the other; of two that overlap, the later begins where the earlier ends. */
function disjoint(stretches: readonly Span[]): Span[] {
  let end = Number.NEGATIVE_INFINITY;
  return [...stretches]
    .sort((a, b) => a.start - b.start || b.end - a.end)
    .flatMap((stretch) => {
      const start = Math.max(stretch.start, end);
      end = Math.max(end, stretch.end);
      return start < stretch.end ? [{ start, end: stretch.end }] : [];
    });
}

function within(windows: readonly Span[], { start, end }: Span): Span[] {
  return windows.flatMap((window) => {
    const part = { start: Math.max(window.start, start), end: Math.min(window.end, end) };
    return part.start < part.end ? [part] : [];
  });
}

function without(windows: readonly Span[], { start, end }: Span): Span[] {
  return windows.flatMap((window) =>
    [
      { start: window.start, end: Math.min(window.end, start) },
      { start: Math.max(window.start, end), end: window.end },
    ].filter((part) => part.start < part.end),
  );
}

/** Free time within the plan's dates, cut at midnight, since no session crosses it. Reserve dates are out. */
function workingWindows(person: Person, model: Model): Span[] {
  const open = Math.max(model.start, model.now ?? model.start);
  const cut: Span[] = [];
  for (const window of person.windows) {
    for (let day = dayOfMinute(window.start); day <= lastDayOf(window); day++) {
      if (model.isReserve(day)) continue;
      const start = Math.max(window.start, midnightOf(day), open);
      const end = Math.min(window.end, midnightOf(day) + MINUTES_A_DAY - 1, model.end);
      if (start < end) cut.push({ start, end });
    }
  }
  return cut;
}

/** The first window that ends after a moment. */
export function windowFrom(windows: readonly Span[], at: Minute): Span | undefined {
  return windows[indexFrom(windows, at)];
}

function indexFrom(windows: readonly Span[], at: Minute): number {
  let low = 0;
  let high = windows.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((windows[middle] as Span).end <= at) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The first start from `from` on at which `length` minutes fit into one of the windows; infinite where none has room. */
export function windowStart(windows: readonly Span[], length: number, from: Minute): Minute {
  for (let i = indexFrom(windows, from); i < windows.length; i++) {
    const window = windows[i] as Span;
    const start = Math.max(window.start, from);
    if (start + length <= window.end) return start;
  }
  return Number.POSITIVE_INFINITY;
}
