import { dayOfMinute, formatDate, type Minute } from '../../basics/local-time';
import type { Plan } from '../../plan/plan';
import type { Problem } from '../../plan/problem';
import { Board } from '../draft/board';
import {
  eligiblePeople,
  isSettled,
  lastDayOf,
  type Model,
  modelOf,
  type Person,
  remainingMinutes,
  type Span,
  type Step,
  type Task,
} from '../model/model';
import { indexLinks } from '../model/step-order';

/**
 * What no plan of the same tasks can be better than: the earliest end of all work, and the least sum of squared
 * hands-on person-minutes a date. Worked out by leaving most rules aside, so that the best there is may lie above.
 */
export type Bounds = {
  /** Undefined where nothing is planned. */
  readonly finish: Minute | undefined;
  readonly squaredLoads: number;
};

/** Bounds for all plans that plan what `planned` names and leave out the rest. */
export function boundsOf(model: Model, planned: readonly Task[]): Bounds {
  const works = worksOf(model, planned);
  if (works.length === 0) return { finish: undefined, squaredLoads: 0 };
  const alone = Math.max(...works.map((work) => work.head + work.minutes + work.tail));
  const together = resourcesOf(model, works).map((resource) => boundOn(resource));
  return { finish: Math.max(alone, ...together), squaredLoads: leastSquares(model, works) };
}

/** The date before which what a plan holds can't all be done, in any order. */
export function soonestDate({
  problem,
  plans,
}: {
  readonly problem: Problem;
  readonly plans: { readonly latest: { readonly plan: Plan } } | undefined;
}): string | undefined {
  if (!plans) return undefined;
  const model = modelOf(problem);
  const out = new Set(plans.latest.plan.unplaced.map((item) => item.task));
  const { finish } = boundsOf(
    model,
    model.tasks.filter((task) => !out.has(task.id)),
  );
  return finish === undefined ? undefined : formatDate(dayOfMinute(finish));
}

/** An open step: when it can start at the soonest, and how long its task goes on after it at the least. */
type Work = {
  readonly step: Step;
  readonly minutes: number;
  readonly head: Minute;
  readonly tail: number;
};

function worksOf(model: Model, planned: readonly Task[]): Work[] {
  const heads = headsOf(model, planned);
  return planned.flatMap((task) => {
    const works: Work[] = [];
    let tail = 0;
    for (const step of [...task.steps].reverse()) {
      const head = heads.get(step);
      if (head === undefined || isSettled(step)) continue;
      const minutes = minutesOf(step);
      works.push({ step, minutes, head, tail });
      tail += minutes;
    }
    return works;
  });
}

/** A step with fixed parts has only the rest to come. */
function minutesOf(step: Step): number {
  return step.mode === 'wait' ? step.minutes : remainingMinutes(step);
}

/** The soonest start of each step by its calendar and by what comes before it, with nothing else on the board. */
function headsOf(model: Model, planned: readonly Task[]): Map<Step, Minute> {
  const links = indexLinks(model);
  const board = new Board(model);
  const heads = new Map<Step, Minute>();
  const ends = new Map<Step, Minute>();
  const known = new Set(planned);
  const under = new Set<Step>();
  const endOf = (step: Step): Minute => {
    if (step.doneAt !== undefined) return step.doneAt;
    if (isSettled(step) || !known.has(step.task)) return Number.NEGATIVE_INFINITY;
    const found = ends.get(step);
    if (found !== undefined) return found;
    // Hard rules between the steps of two tasks may run in a circle; what is looked at already binds nothing more.
    if (under.has(step)) return Number.NEGATIVE_INFINITY;
    under.add(step);
    const previous = step.task.steps[step.position - 1];
    const ready = Math.max(
      model.start,
      model.now ?? model.start,
      step.task.earliest,
      previous && !previous.over ? endOf(previous) : Number.NEGATIVE_INFINITY,
      ...links.into(step).map((link) => endOf(link.before) + link.minGap),
    );
    const head = soonest(board, step, ready);
    heads.set(step, head);
    const end = head + (step.split === undefined ? minutesOf(step) : 0);
    ends.set(step, end);
    under.delete(step);
    return end;
  };
  for (const task of planned) for (const step of task.steps) endOf(step);
  return heads;
}

/** A wait after a done or fixed step may have begun before; nothing is said of it. */
function soonest(board: Board, step: Step, from: Minute): Minute {
  if (step.mode === 'wait') {
    const previous = step.task.steps[step.position - 1];
    if (previous && isSettled(previous)) return Number.NEGATIVE_INFINITY;
    return finite(board.waitStart(step, from, undefined), from);
  }
  const length = step.split === undefined ? step.minutes : Math.min(step.split, remainingMinutes(step));
  const starts = board
    .eligibleFor(step)
    .map((person) => board.handsStart(step, [person], length, from, undefined))
    .sort((a, b) => a - b);
  return finite(starts[step.crew - 1], from);
}

function finite(minute: Minute | undefined, otherwise: Minute): Minute {
  return minute !== undefined && Number.isFinite(minute) ? minute : otherwise;
}

/** Something that gives so many minutes in a stretch of time, and the work that has nowhere else to go. */
type Resource = {
  readonly works: readonly Weighed[];
  readonly minutesFrom: (from: Minute, work: number) => Minute;
};
type Weighed = { readonly head: Minute; readonly tail: number; readonly weight: number };

function resourcesOf(model: Model, works: readonly Work[]): Resource[] {
  return [...ofPeople(model, works), ...ofMachines(model, works), ...ofSmallRooms(model, works)];
}

/** For each group of people: the work that nobody outside it may do. */
function ofPeople(model: Model, works: readonly Work[]): Resource[] {
  const hands = works
    .filter(({ step }) => step.mode === 'hands')
    .map((work) => ({ work, who: new Set(eligiblePeople(work.step, model.people)) }));
  const groups = new Map<string, ReadonlySet<Person>>();
  for (const { who } of hands) groups.set([...who].map((person) => person.index).join(), who);
  return [...groups.values()].map((group) => {
    const slots = slotsOf(model, group);
    return {
      works: hands
        .filter(({ who }) => [...who].every((person) => group.has(person)))
        .map(({ work }) => ({ head: work.head, tail: work.tail, weight: work.minutes * work.step.crew })),
      minutesFrom: (from, minutes) => timeFor(slots, from, minutes),
    };
  });
}

function ofMachines(model: Model, works: readonly Work[]): Resource[] {
  return model.machines.map((machine) => ({
    works: works
      .filter(({ step }) => step.machine === machine)
      .map(({ head, tail, minutes }) => ({ head, tail, weight: minutes })),
    minutesFrom: (from, minutes) =>
      machine.windows
        ? timeFor(
            machine.windows.map((w) => ({ ...w, most: Infinity, day: 0 })),
            from,
            minutes,
          )
        : from + minutes,
  }));
}

/** A room with space for one: hands on in it, and waits that close it. */
function ofSmallRooms(model: Model, works: readonly Work[]): Resource[] {
  return model.rooms
    .filter((room) => room.maxPeople === 1)
    .map((room) => ({
      works: works
        .filter(({ step }) => step.task.room === room && (step.mode === 'hands' || step.closesRoom))
        .map(({ head, tail, minutes }) => ({ head, tail, weight: minutes })),
      minutesFrom: (from, minutes) => from + minutes,
    }));
}

/** At the most so many thresholds are tried on each side. */
const MOST_THRESHOLDS = 40;

/** All work that starts no sooner than a head, and is followed by no less than a tail, lies between the two. */
function boundOn({ works, minutesFrom }: Resource): Minute {
  let bound = Number.NEGATIVE_INFINITY;
  for (const head of thresholds(works.map((work) => work.head).filter(Number.isFinite)))
    for (const tail of thresholds(works.map((work) => work.tail))) {
      const weight = works.reduce(
        (sum, work) => sum + (work.head >= head && work.tail >= tail ? work.weight : 0),
        0,
      );
      if (weight > 0) bound = Math.max(bound, minutesFrom(head, weight) + tail);
    }
  return bound;
}

function thresholds(values: readonly number[]): number[] {
  const sorted = [...new Set(values)].sort((a, b) => a - b);
  const every = Math.ceil(sorted.length / MOST_THRESHOLDS);
  return sorted.filter((_, i) => i % every === 0);
}

/** Time of one person in which to work; `most` is what a date's cap leaves of it. */
type Slot = Span & { readonly most: number; readonly day: number };

function slotsOf(model: Model, people: ReadonlySet<Person>): Slot[] {
  const open = Math.max(model.start, model.now ?? model.start);
  return [...people].flatMap((person) =>
    person.windows.flatMap((window) => {
      const slots: Slot[] = [];
      for (let day = dayOfMinute(window.start); day <= lastDayOf(window); day++) {
        if (model.isReserve(day)) continue;
        const start = Math.max(window.start, day * 1440, open);
        const end = Math.min(window.end, (day + 1) * 1440, model.end);
        if (start < end) slots.push({ start, end, most: person.dailyCap, day });
      }
      return slots;
    }),
  );
}

/** The first moment by which the slots have given so many minutes since `from`; the end of time where they never do. */
function timeFor(slots: readonly Slot[], from: Minute, minutes: number): Minute {
  const edges: { at: Minute; change: number }[] = [];
  for (const { start, end, most } of slots) {
    const opens = Math.max(start, from);
    const closes = Math.min(end, opens + most);
    if (closes > opens) edges.push({ at: opens, change: 1 }, { at: closes, change: -1 });
  }
  edges.sort((a, b) => a.at - b.at);
  let left = minutes;
  let open = 0;
  let at = from;
  for (const edge of edges) {
    const given = open * (edge.at - at);
    if (given >= left) return at + Math.ceil(left / open);
    left -= given;
    at = edge.at;
    open += edge.change;
  }
  return left <= 0 ? at : Number.NEGATIVE_INFINITY;
}

/** The work shared out over the dates as evenly as what people offer on each of them allows. */
function leastSquares(model: Model, works: readonly Work[]): number {
  let left = works.reduce(
    (sum, { step, minutes }) => sum + (step.mode === 'hands' ? minutes * step.crew : 0),
    0,
  );
  const offers = offersByDate(model).sort((a, b) => a - b);
  let squares = 0;
  offers.forEach((offer, i) => {
    const load = Math.min(offer, left / (offers.length - i));
    squares += load * load;
    left -= load;
  });
  return squares;
}

function offersByDate(model: Model): number[] {
  const offers = new Map<string, number>();
  for (const person of model.people)
    for (const slot of slotsOf(model, new Set([person]))) {
      const key = `${person.index} ${slot.day}`;
      offers.set(key, Math.min(person.dailyCap, (offers.get(key) ?? 0) + slot.end - slot.start));
    }
  const dates = new Map<string, number>();
  for (const [key, offer] of offers) {
    const date = key.split(' ')[1] as string;
    dates.set(date, (dates.get(date) ?? 0) + offer);
  }
  return [...dates.values()];
}
