import type { DayAct, DayEvent } from '../clean/events';
import type { PileId } from '../clean/leaving';
import type { Find, Hindrance, HowItCameOut } from '../clean/names';
import { type Second, secondOf } from './seconds';

/** A step somebody has begun: how long they have been at it, and since when, while it is not paused. */
export type Work = {
  readonly by: string | undefined;
  readonly spent: Second;
  readonly since: Second | undefined;
};

export type Done = { readonly at: string; readonly by: string | undefined };

export type FoundThing = {
  readonly id: string;
  readonly find: Find;
  readonly room: string | undefined;
  readonly text: string;
  /** Until when it is good, where somebody said so. */
  readonly by?: string;
};

export type MachineWord = {
  readonly report: 'finished' | 'delayed' | 'faulty';
  readonly minutes: number;
  readonly at: string;
};

/** A stretch of work of one person: when it began, and whether it is a rest by now, or enough for the day. */
export type Stretch = { readonly what: 'begin' | 'rest' | 'enough'; readonly since: Second };

/** Where a day stands after all that has happened in it. */
export type Run = {
  /** Steps that were ticked off, whenever it was. */
  readonly done: ReadonlyMap<string, Done>;
  readonly work: ReadonlyMap<string, Work>;
  /** Seconds that steps took in all. */
  readonly took: ReadonlyMap<string, Second>;
  /** How what was done came out, where somebody said so. */
  readonly cameOut: ReadonlyMap<string, HowItCameOut>;
  /** Steps that did not come clean, and whose job is planned once more. */
  readonly secondGoes: ReadonlySet<string>;
  /** How far steps have come, in hundredths. */
  readonly shares: ReadonlyMap<string, number>;
  /** Steps that somebody else does than was planned. */
  readonly hands: ReadonlyMap<string, string>;
  /** Steps that are off for today, and why. */
  readonly off: ReadonlyMap<string, 'not-today' | Hindrance>;
  readonly found: readonly FoundThing[];
  readonly piles: ReadonlyMap<PileId, number>;
  /** Bags and boxes by what they are and which pile is in them, such as `bag/give`. */
  readonly bags: ReadonlyMap<string, number>;
  readonly machines: ReadonlyMap<string, MachineWord>;
  readonly stretches: ReadonlyMap<string | undefined, Stretch>;
};

export const RESTED: Run = {
  done: new Map(),
  work: new Map(),
  took: new Map(),
  cameOut: new Map(),
  secondGoes: new Set(),
  shares: new Map(),
  hands: new Map(),
  off: new Map(),
  found: [],
  piles: new Map(),
  bags: new Map(),
  machines: new Map(),
  stretches: new Map(),
};

/** The run that these events lead to, in their order; ticked twice, the first counts. */
export function runAfter(start: Run, events: readonly DayEvent[]): Run {
  return events.reduce(after, start);
}

type Of<D extends DayAct['do']> = Extract<DayAct, { do: D }>;
type Rules = { readonly [D in DayAct['do']]: (run: Run, act: Of<D>, event: DayEvent) => Partial<Run> };

const RULES: Rules = {
  start: (run, { step }, event) =>
    run.done.has(step)
      ? {}
      : {
          work: set(run.work, step, {
            by: event.person,
            spent: run.work.get(step)?.spent ?? 0,
            since: secondOf(event.at),
          }),
          off: without(run.off, step),
        },
  pause: (run, { step }, event) => {
    const work = run.work.get(step);
    return work
      ? { work: set(run.work, step, { ...work, spent: spentOn(work, secondOf(event.at)), since: undefined }) }
      : {};
  },
  done: (run, { step }, event) => {
    if (run.done.has(step)) return {};
    const work = run.work.get(step);
    return {
      done: set(run.done, step, { at: event.at.slice(0, 16), by: event.person }),
      work: without(run.work, step),
      off: without(run.off, step),
      shares: without(run.shares, step),
      ...(work && { took: set(run.took, step, spentOn(work, secondOf(event.at))) }),
    };
  },
  undo: (run, { step, also }) => undone(run, [step, ...also]),
  part: (run, { step, share }, event) => ({
    shares: set(run.shares, step, share),
    ...RULES.pause(run, { do: 'pause', step }, event),
  }),
  took: (run, { step, minutes }) => ({ took: set(run.took, step, minutes * 60) }),
  'came-out': (run, { step, how }) => ({ cameOut: set(run.cameOut, step, how) }),
  'not-today': (run, { step, also = [] }, event) => ({
    ...putOff(run, step, 'not-today', event),
    off: [step, ...also].reduce((off, one) => set(off, one, 'not-today'), run.off),
  }),
  cannot: (run, { step, why }, event) => putOff(run, step, why, event),
  hand: (run, { step, to }) => ({
    hands: set(run.hands, step, to),
    work: without(run.work, step),
    off: without(run.off, step),
  }),
  found: (run, { find, room, text, by }, { id }) => {
    if (run.found.some((thing) => thing.id === id)) return {};
    return { found: [...run.found, { id, find, room, text, ...(by !== undefined && { by }) }] };
  },
  reword: (run, { found, text, room, by }) => ({
    found: run.found.map((thing) =>
      thing.id === found ? { ...thing, text, ...(room && { room }), ...(by && { by }) } : thing,
    ),
  }),
  settle: (run, { found }) => ({ found: run.found.filter(({ id }) => id !== found) }),
  pile: (run, { pile, count }) => ({ piles: add(run.piles, pile, count) }),
  bag: (run, { kind, pile, count }) => ({ bags: add(run.bags, `${kind}/${pile}`, count) }),
  again: (run, { step, also }) => ({
    ...undone(run, [step, ...also]),
    machines: without(run.machines, step),
  }),
  'take-back': (run, { putBack, alsoBack = [] }) =>
    putBack === undefined ? {} : { off: [putBack, ...alsoBack].reduce(without, run.off) },
  'second-go': (run, { step }) => ({ secondGoes: new Set([...run.secondGoes, step]) }),
  // What these change is the plan, and not the run.
  rain: () => ({}),
  'run-out': () => ({}),
  broke: () => ({}),
  short: () => ({}),
  block: (run, { what }, event) => ({
    stretches: set(run.stretches, event.person, { what, since: secondOf(event.at) }),
  }),
  machine: (run, { step, report, minutes = 0 }, event) => ({
    machines: set(run.machines, step, { report, minutes, at: event.at.slice(0, 16) }),
  }),
};

function after(run: Run, event: DayEvent): Run {
  const rule = RULES[event.act.do] as (run: Run, act: DayAct, event: DayEvent) => Partial<Run>;
  return { ...run, ...rule(run, event.act, event) };
}

/** Seconds spent on a step by now. */
export function spentOn(work: Work, now: Second): Second {
  return work.spent + (work.since === undefined ? 0 : Math.max(0, now - work.since));
}

function undone(run: Run, steps: readonly string[]): Partial<Run> {
  return {
    done: steps.reduce((left, step) => without(left, step), run.done),
    took: steps.reduce((left, step) => without(left, step), run.took),
    cameOut: steps.reduce((left, step) => without(left, step), run.cameOut),
  };
}

function putOff(run: Run, step: string, why: 'not-today' | Hindrance, event: DayEvent): Partial<Run> {
  return { off: set(run.off, step, why), ...RULES.pause(run, { do: 'pause', step }, event) };
}

function set<K, V>(map: ReadonlyMap<K, V>, key: K, value: V): ReadonlyMap<K, V> {
  return new Map(map).set(key, value);
}

function without<K, V>(map: ReadonlyMap<K, V>, key: K): ReadonlyMap<K, V> {
  if (!map.has(key)) return map;
  const left = new Map(map);
  left.delete(key);
  return left;
}

function add<K>(map: ReadonlyMap<K, number>, key: K, count: number): ReadonlyMap<K, number> {
  return set(map, key, Math.max(0, (map.get(key) ?? 0) + count));
}
