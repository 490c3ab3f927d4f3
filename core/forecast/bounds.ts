import { clearOfDaily, type DailySpan, dailySpans } from '../basics/daily';
import { type Minute, minuteOf } from '../basics/local-time';
import type { Problem, ProblemFocus, ProblemStep, ProblemTask } from '../plan/problem';

/** What bounds the times of a step beyond who is free: focuses, quiet hours, rooms in use, a grown-up at home. */
export type Bounds = {
  /** Stretches that are given to other work, and to whom; nobody named: to all. */
  readonly given: readonly Stretch[];
  /** The stretches that its hands-on work keeps to; undefined: any time. */
  readonly within: readonly Stretch[] | undefined;
  /** Its own time and that of each wait that follows at once. */
  readonly parts: readonly Part[];
};

type Span = { readonly from: Minute; readonly to: Minute };
type Stretch = Span & { readonly people: ReadonlySet<number> | undefined };

type Part = {
  /** Minutes since the step is over; undefined: the step itself. */
  readonly since: number | undefined;
  readonly minutes: number;
  /** Times of every day that it keeps out of. */
  readonly daily: readonly DailySpan[];
  /** Windows within which it lies; undefined: any. */
  readonly windows: readonly Span[] | undefined;
};

/** Bounds that push each other on are given up after so many turns: then it is not begun for now. */
const TURNS = 8;

/** The bounds of a hands-on step; undefined where nothing bounds it. */
export function boundsOf(step: ProblemStep, task: ProblemTask, problem: Problem): Bounds | undefined {
  const given: Stretch[] = [];
  const within: Stretch[] = [];
  for (const focus of problem.focus ?? []) {
    const isMatch = matches(focus, task);
    const stretch = stretchOf(focus, problem);
    if (!isMatch && focus.binds !== 'work') given.push(stretch);
    if (isMatch && focus.binds !== 'time') within.push(stretch);
  }
  const parts = partsOf(step, task, problem);
  if (given.length + within.length + parts.length === 0) return undefined;
  return { given, within: within.length > 0 ? within : undefined, parts };
}

function matches({ rooms, kinds, tasks }: ProblemFocus, task: ProblemTask): boolean {
  const named = [
    [rooms, task.room],
    [kinds, task.kind],
    [tasks, task.id],
  ] as const;
  return named.every(([list, name]) => list?.includes(name) ?? true);
}

function stretchOf({ from, to, people }: ProblemFocus, problem: Problem): Stretch {
  const who = people?.map((id) => problem.people.findIndex((person) => person.id === id));
  return { from: minuteOf(from), to: minuteOf(to), people: who && new Set(who) };
}

/** The step and the waits that it sets going, as far as anything bounds them. */
function partsOf(step: ProblemStep, task: ProblemTask, problem: Problem): Part[] {
  const first = task.steps.indexOf(step);
  const parts: Part[] = [];
  let since = 0;
  for (const next of task.steps.slice(first)) {
    if (next !== step && next.mode === 'hands') break;
    const part = {
      since: next === step ? undefined : since,
      minutes: next.minutes,
      ...boundedBy(next, task, problem),
    };
    if (part.daily.length > 0 || part.windows) parts.push(part);
    if (next !== step) since += next.minutes;
  }
  return parts;
}

function boundedBy(step: ProblemStep, task: ProblemTask, problem: Problem): Pick<Part, 'daily' | 'windows'> {
  const isNoisy = step.tags?.includes('noise') ?? false;
  const closes = step.mode === 'wait' && step.closesRoom === true;
  const inUse = closes ? (problem.rooms.find(({ id }) => id === task.room)?.inUse ?? []) : [];
  const isAttended = step.mode === 'wait' && step.attended === true;
  return {
    daily: dailySpans([...(isNoisy ? (problem.quiet ?? []) : []), ...inUse]),
    windows: isAttended
      ? problem.attendance?.map(({ start, end }) => ({ from: minuteOf(start), to: minuteOf(end) }))
      : undefined,
  };
}

/** The first minute from `at` on at which somebody may begin the step, of which so many minutes are to do; infinite where none is. */
export function clearOfBounds(bounds: Bounds, person: number, at: Minute, minutes: number): Minute {
  let start = at;
  for (let turn = 0; turn < TURNS; turn++) {
    const moved = bounds.parts.reduce(
      (from, part) => clearOfPart(part, from, minutes),
      withinStretches(bounds.within, person, pastGiven(bounds.given, person, start, minutes), minutes),
    );
    if (moved === start || moved === Number.POSITIVE_INFINITY) return moved;
    start = moved;
  }
  return Number.POSITIVE_INFINITY;
}

const isFor = ({ people }: Stretch, person: number) => people === undefined || people.has(person);

function pastGiven(given: readonly Stretch[], person: number, at: Minute, minutes: number): Minute {
  return given.reduce(
    (from, stretch) =>
      isFor(stretch, person) && stretch.from < from + minutes && stretch.to > from ? stretch.to : from,
    at,
  );
}

function withinStretches(
  within: readonly Stretch[] | undefined,
  person: number,
  at: Minute,
  minutes: number,
): Minute {
  if (!within) return at;
  const starts = within
    .filter((stretch) => isFor(stretch, person) && Math.max(at, stretch.from) + minutes <= stretch.to)
    .map(({ from }) => Math.max(at, from));
  return Math.min(Number.POSITIVE_INFINITY, ...starts);
}

function clearOfPart({ since, minutes, daily, windows }: Part, at: Minute, left: number): Minute {
  const before = since === undefined ? 0 : left + since;
  const length = since === undefined ? left : minutes;
  const start = clearOfDaily(daily, length, at + before);
  if (!windows) return start - before;
  const starts = windows
    .filter(({ from, to }) => Math.max(start, from) + length <= to)
    .map(({ from }) => Math.max(start, from));
  return Math.min(Number.POSITIVE_INFINITY, ...starts) - before;
}
