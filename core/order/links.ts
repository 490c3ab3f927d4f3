import { groupBy } from '../basics/group-by';
import type { OrderRule, Selector, Within } from '../clean/rule';
import type { Home } from '../home/room';
import { roomsOf } from '../home/room';
import type { CleanTask } from '../work/task';

/** One rule between two tasks, from the step that has to be over to the step that may begin then. */
export type RuledLink = {
  readonly rule: OrderRule;
  readonly before: CleanTask;
  readonly after: CleanTask;
  /** Positions of the two steps in their tasks. */
  readonly from: number;
  readonly to: number;
};

/** Whether two rooms run on into each other, either way. */
export type Connections = ReadonlyMap<string, ReadonlySet<string>>;

export function connectionsOf(home: Home): Connections {
  const found = new Map<string, Set<string>>();
  const join = (a: string, b: string) => found.set(a, (found.get(a) ?? new Set()).add(b));
  for (const room of roomsOf(home))
    for (const other of room.opensTo) {
      join(room.id, other);
      join(other, room.id);
    }
  return found;
}

/** Every pair of tasks that a rule puts one before the other. Time grows with the pairs, not with the square of the tasks. */
export function linksOf(
  tasks: readonly CleanTask[],
  rules: readonly OrderRule[],
  connections: Connections,
): RuledLink[] {
  return rules.flatMap((rule) => {
    const [isBefore, isAfter] = [selecting(rule.before), selecting(rule.after)];
    const befores = groupBy(tasks.filter(isBefore), (task) => placeOf(task, rule.within));
    return tasks.filter(isAfter).flatMap((after) =>
      placesNear(after, rule.within, connections)
        .flatMap((place) => befores.get(place) ?? [])
        .flatMap((before) => linkBetween(rule, before, after)),
    );
  });
}

function placeOf(task: CleanTask, within: Within): string {
  if (within === 'house') return '';
  if (within === 'load') return task.away?.load ?? task.id;
  if (task.from) return task.id;
  return within === 'stop' ? task.stop.id : task.room.id;
}

/** A load comes after what took its pieces off, wherever that was, and is no part of the work in the machine's room. */
function placesNear(task: CleanTask, within: Within, connections: Connections): string[] {
  if (task.from && within !== 'house' && within !== 'load')
    return within === 'stop' ? task.from.map(({ stop }) => stop.id) : [];
  return within === 'connected' ? [...(connections.get(task.room.id) ?? [])] : [placeOf(task, within)];
}

function linkBetween(rule: OrderRule, before: CleanTask, after: CleanTask): RuledLink[] {
  if (before === after) return [];
  const from = sideOf(rule.before, before, before.estimate.steps.length - 1);
  const to = sideOf(rule.after, after, 0);
  return from < 0 || to < 0 ? [] : [{ rule, before, after, from, to }];
}

/** The position of the step that a rule is about; below nothing where the task has no such step. */
function sideOf(selector: Selector, task: CleanTask, whole: number): number {
  const { steps } = task.estimate;
  if (selector.first) return steps.findIndex(({ step }) => step.mode === 'hands');
  if (selector.last) return steps.findLastIndex(({ step }) => step.mode === 'hands');
  return selector.step === undefined ? whole : steps.findIndex(({ step }) => step.key === selector.step);
}

/** One row a way to select; all that are given have to hold. */
const SELECTS: {
  readonly [Name in keyof Selector]-?: (wanted: NonNullable<Selector[Name]>, task: CleanTask) => boolean;
} = {
  methods: (wanted, task) => wanted.includes(task.method.id),
  notMethods: (wanted, task) => !wanted.includes(task.method.id),
  kinds: (wanted, task) => wanted.includes(task.method.kind),
  notKinds: (wanted, task) => !wanted.includes(task.method.kind),
  fixtures: (wanted, task) => wanted.includes(task.fixture.kind),
  rooms: (wanted, task) => wanted.includes(task.room.kind),
  notRooms: (wanted, task) => !wanted.includes(task.room.kind),
  layers: ({ from, to }, task) => task.method.layer >= from && task.method.layer <= to,
  waitsFrom: (wanted, task) =>
    task.estimate.steps.some(({ step }, i) => step.mode === 'wait' && step.minutes >= wanted && i > 0),
  byMachine: (_wanted, task) => task.estimate.steps.some(({ step }) => step.machine !== undefined),
  tasks: (wanted, task) => wanted.includes(task.id),
  stops: (wanted, task) => wanted.includes(task.stop.id),
  inRooms: (wanted, task) => wanted.includes(task.room.id),
  notInRooms: (wanted, task) => !wanted.includes(task.room.id),
  step: () => true,
  first: () => true,
  last: () => true,
};

/** Whether a selector selects a task; taken apart once, asked of many. */
function selecting(selector: Selector): (task: CleanTask) => boolean {
  const asked = (Object.entries(selector) as [keyof Selector, never][]).filter(
    ([, wanted]) => wanted !== undefined,
  );
  return (task) => asked.every(([name, wanted]) => SELECTS[name](wanted, task));
}
