import { taskOfStep } from '@/core/basics/ids';
import { dayOf, midnightOf, minuteOf } from '@/core/basics/local-time';
import type { Campaign } from '@/core/problem/campaign';
import type { CleanTask } from '@/core/work/tasks';
import { workOfStep } from '../words/piece-of-work';

/** One date of a plan, ready to draw: what each person does when, and what runs or rests meanwhile. */

export type Block = {
  readonly step: string;
  readonly task: string;
  readonly title: string;
  readonly room: string;
  /** Minutes since midnight. */
  readonly from: number;
  readonly to: number;
  readonly start: string;
  readonly end: string;
  readonly byHand: boolean;
};

export type Lane = { readonly id: string; readonly name: string; readonly blocks: readonly Block[] };

export type DayLanes = {
  readonly date: string;
  readonly people: readonly Lane[];
  /** Machines that run, and waits without one. */
  readonly waits: readonly Lane[];
  /** The hours in sight, as minutes since midnight. */
  readonly from: number;
  readonly to: number;
};

const HOUR = 60;
const DAY = 24 * HOUR;
/** In sight at the least, so that short work stays legible and long days are not squeezed. */
const LEAST_HOURS = 3;
/** The shortest work is drawn wider than it is; there is room for it at the end. */
const MARGIN = 10;

export function lanesOf(
  { problem, plans }: Campaign,
  tasks: readonly CleanTask[],
  people: readonly { readonly id: string; readonly name: string }[],
  pinned: ReadonlySet<string>,
  date: string,
): DayLanes {
  const known = new Map(tasks.map((task) => [task.id, task]));
  const machines = new Map(
    problem.tasks.flatMap((task) => task.steps.map((step) => [step.id, step.machine] as const)),
  );
  const midnight = midnightOf(dayOf(date));
  const entries = (plans?.latest.plan.entries ?? []).filter(
    ({ start, end }) => minuteOf(end) > midnight && minuteOf(start) < midnight + DAY,
  );
  const blockOf = (entry: (typeof entries)[number]): Block => {
    const task = taskOfStep(entry.step);
    const found = known.get(task);
    return {
      step: entry.step,
      task,
      title: found ? workOfStep(found, entry.step) : task,
      room: found?.room.name ?? '',
      from: Math.max(0, minuteOf(entry.start) - midnight),
      to: Math.min(DAY, minuteOf(entry.end) - midnight),
      start: entry.start,
      end: entry.end,
      byHand: pinned.has(entry.step),
    };
  };
  const lanes = people.map(({ id, name }) => ({
    id,
    name,
    blocks: entries.filter((entry) => entry.people.includes(id)).map(blockOf),
  }));
  const hours = hoursAround(lanes.flatMap((lane) => lane.blocks));
  const waiting = entries.filter((entry) => entry.people.length === 0);
  const blocksOf = (machine: string | undefined) =>
    waiting
      .filter((entry) => machines.get(entry.step) === machine)
      .map(blockOf)
      .filter((block) => block.to > hours.from && block.from < hours.to);
  const waits = [
    ...problem.machines.flatMap(({ id }) =>
      lanesBelow(id, `${id.slice(0, 1).toUpperCase()}${id.slice(1)}`, blocksOf(id)),
    ),
    ...lanesBelow('waits', 'Waits', blocksOf(undefined)),
  ];
  return {
    date,
    people: lanes,
    waits,
    ...hours,
  };
}

/** What goes on at the same time lies in lanes below each other, in as few as will do; none where nothing does. */
function lanesBelow(id: string, name: string, blocks: readonly Block[]): Lane[] {
  const lanes: Block[][] = [];
  for (const block of blocks.toSorted((a, b) => a.from - b.from)) {
    const free = lanes.find((lane) => (lane.at(-1)?.to ?? 0) <= block.from);
    if (free) free.push(block);
    else lanes.push([block]);
  }
  return lanes.map((lane, i) => ({
    id: i === 0 ? id : `${id}-${i + 1}`,
    name: i === 0 ? name : `${name} ${i + 1}`,
    blocks: lane,
  }));
}

/** Whole hours around all hands-on work. */
function hoursAround(blocks: readonly Block[]): { from: number; to: number } {
  const from = hourBelow(Math.min(DAY, ...blocks.map((block) => block.from)));
  const to = hourAbove(Math.max(0, ...blocks.map((block) => block.to)) + MARGIN);
  const start = Math.max(0, Math.min(from, DAY - LEAST_HOURS * HOUR));
  return { from: start, to: Math.min(DAY, Math.max(to, start + LEAST_HOURS * HOUR)) };
}

function hourBelow(minute: number): number {
  return Math.floor(minute / HOUR) * HOUR;
}

function hourAbove(minute: number): number {
  return Math.min(DAY, Math.ceil(minute / HOUR) * HOUR);
}
