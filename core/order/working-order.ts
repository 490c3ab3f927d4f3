import { groupBy } from '../basics/group-by';
import { WORK_KINDS } from '../catalogue/work-kinds';
import type { Policy } from '../plan/problem';
import type { Apart } from '../work/apart';
import type { CleanTask } from '../work/task';
import type { RuledLink } from './links';

/** One hands-on step in the order of work, with the wait of its own task that had to be over before it. */
export type OrderedStep = {
  readonly task: CleanTask;
  /** Position of the step in its task. */
  readonly position: number;
  readonly waitedMinutes: number;
};

type Grouping = Policy['grouping'];
type Pair = Pick<Apart, 'first' | 'second'>;

type Node = {
  readonly task: CleanTask;
  readonly position: number;
  readonly rank: number;
  readonly minutes: number;
  readonly waitedMinutes: number;
  readonly next: { readonly node: Node; readonly gapMinutes: number }[];
  open: number;
  readyMinute: number;
};

/**
 * Hands-on steps in the order in which one pair of hands would take them: as the links say, what waits filled with
 * what comes next, and otherwise ceiling to floor and along the walk, room by room or as the grouping says. Of two tasks
 * whose products must be kept apart, one is over before the other begins. The links must not run in circles.
 */
export function workingOrder(
  tasks: readonly CleanTask[],
  links: readonly RuledLink[],
  grouping: Grouping,
  apart: readonly Pair[] = [],
): OrderedStep[] {
  const nodes = nodesOf(tasks, links, ranksOf(tasks, links, grouping));
  const ready: Node[] = [];
  const later: Node[] = [];
  let minute = 0;
  const release = (node: Node) =>
    node.readyMinute <= minute
      ? insert(ready, node, (one) => one.rank)
      : insert(later, node, (one) => one.readyMinute);
  for (const node of nodes) if (node.open === 0) release(node);
  const ordered: OrderedStep[] = [];
  const underWay = new UnderWay(nodes, apart, links);
  while (ready.length + later.length > 0) {
    if (later[0] && ready.every((node) => underWay.holds(node)))
      minute = Math.max(minute, later[0].readyMinute);
    while (later[0] && later[0].readyMinute <= minute)
      insert(ready, later.shift() as Node, (one) => one.rank);
    const free = ready.findIndex((node) => !underWay.holds(node));
    if (free < 0 && later.length > 0) continue;
    const [node] = ready.splice(Math.max(0, free), 1) as [Node];
    ordered.push({ task: node.task, position: node.position, waitedMinutes: node.waitedMinutes });
    underWay.note(node);
    minute += node.minutes;
    for (const { node: next, gapMinutes } of node.next) {
      next.readyMinute = Math.max(next.readyMinute, minute + gapMinutes);
      next.open--;
      if (next.open === 0) release(next);
    }
  }
  return ordered;
}

/** Tasks that must not go on beside each other: which of them have begun, and are not over. */
class UnderWay {
  private readonly partners = new Map<CleanTask, CleanTask[]>();
  /** What rules put after something of a task, one after the other. */
  private readonly later = new Map<CleanTask, ReadonlySet<CleanTask>>();
  /** Steps by hand that are still to come. */
  private readonly left = new Map<CleanTask, number>();
  private readonly begun = new Set<CleanTask>();

  constructor(nodes: readonly Node[], apart: readonly Pair[], links: readonly RuledLink[]) {
    for (const { first, second } of apart) {
      this.partners.set(first, [...(this.partners.get(first) ?? []), second]);
      this.partners.set(second, [...(this.partners.get(second) ?? []), first]);
    }
    const next = groupBy(links, ({ before }) => before);
    for (const task of this.partners.keys()) this.later.set(task, reachedFrom(task, next));
    for (const { task } of nodes) this.left.set(task, (this.left.get(task) ?? 0) + 1);
  }

  /** Whether something must not begin yet. */
  holds({ task }: Node): boolean {
    if (this.begun.has(task)) return false;
    return (this.partners.get(task) ?? []).some((other) => this.isOpen(other) && this.goesFirst(other, task));
  }

  note({ task }: Node): void {
    this.begun.add(task);
    this.left.set(task, (this.left.get(task) as number) - 1);
  }

  private isOpen(task: CleanTask): boolean {
    return (this.left.get(task) ?? 0) > 0;
  }

  private goesFirst(one: CleanTask, other: CleanTask): boolean {
    if (this.begun.has(one)) return true;
    return this.later.get(one)?.has(other) === true && !this.later.get(other)?.has(one);
  }
}

function reachedFrom(
  task: CleanTask,
  next: ReadonlyMap<CleanTask, readonly RuledLink[]>,
): ReadonlySet<CleanTask> {
  const reached = new Set<CleanTask>();
  const queue = [task];
  for (const one of queue)
    for (const { after } of next.get(one) ?? [])
      if (!reached.has(after)) {
        reached.add(after);
        queue.push(after);
      }
  return reached;
}

/** Tasks by their first step in the order of work. */
export function tasksInOrder(steps: readonly OrderedStep[]): CleanTask[] {
  return [...new Set(steps.map((step) => step.task))];
}

/** What decides where no rule does, by the school of grouping: compared from the left. */
const KEYS: Record<Grouping, (task: CleanTask, room: number, walk: number) => number[]> = {
  room: ({ method }, room, walk) => [room, method.layer, walk],
  kind: ({ method }, room, walk) => [KINDS.indexOf(method.kind), room, method.layer, walk],
  layer: ({ method }, room, walk) => [method.layer, room, walk],
  none: (_task, room, walk) => [room, walk],
};

const KINDS = Object.keys(WORK_KINDS);

/** Just before the task that something was moved in front of. */
const IN_FRONT = 0.5;

function ranksOf(
  tasks: readonly CleanTask[],
  links: readonly RuledLink[],
  grouping: Grouping,
): Map<CleanTask, number> {
  const rooms = new Map<string, number>();
  for (const task of tasks) if (!rooms.has(task.room.id)) rooms.set(task.room.id, rooms.size);
  const keyed = tasks.map((task, walk) => ({
    task,
    key: KEYS[grouping](task, rooms.get(task.room.id) as number, walk),
  }));
  keyed.sort((a, b) => compare(a.key, b.key));
  const ranks = new Map(keyed.map(({ task }, rank) => [task, rank]));
  // What a person moved in front of something else is drawn forward to it.
  for (const { rule, before, after } of links)
    if (rule.before.tasks && rule.after.tasks)
      ranks.set(before, Math.min(ranks.get(before) as number, (ranks.get(after) as number) - IN_FRONT));
  return ranks;
}

function compare(a: readonly number[], b: readonly number[]): number {
  const at = a.findIndex((value, i) => value !== b[i]);
  return at < 0 ? 0 : (a[at] as number) - (b[at] as number);
}

function nodesOf(
  tasks: readonly CleanTask[],
  links: readonly RuledLink[],
  ranks: ReadonlyMap<CleanTask, number>,
): Node[] {
  const byTask = new Map(tasks.map((task) => [task, nodesOfTask(task, ranks.get(task) as number)]));
  for (const link of links) {
    const before = lastUpTo(byTask.get(link.before) as Node[], link.from);
    const after = (byTask.get(link.after) as Node[]).find((node) => node.position >= link.to);
    if (!before || !after) continue;
    const gapMinutes = waitsBetween(link.before, before.position, link.from + 1) + (link.rule.minGap ?? 0);
    before.next.push({ node: after, gapMinutes });
    after.open++;
  }
  return [...byTask.values()].flat();
}

function lastUpTo(nodes: readonly Node[], position: number): Node | undefined {
  return nodes.filter((node) => node.position <= position).at(-1);
}

function nodesOfTask(task: CleanTask, rank: number): Node[] {
  const nodes: Node[] = [];
  task.estimate.steps.forEach(({ step, minutes }, position) => {
    if (step.mode !== 'hands') return;
    const last = nodes.at(-1);
    const waitedMinutes = waitsBetween(task, last?.position ?? -1, position);
    const node: Node = {
      task,
      position,
      rank,
      minutes,
      waitedMinutes,
      // A wait that begins a task has nobody to start it.
      readyMinute: last ? 0 : waitedMinutes,
      open: last ? 1 : 0,
      next: [],
    };
    last?.next.push({ node, gapMinutes: waitedMinutes });
    nodes.push(node);
  });
  return nodes;
}

/** Minutes of the waits that lie between two positions of a task. */
function waitsBetween(task: CleanTask, after: number, before: number): number {
  return task.estimate.steps
    .slice(after + 1, before)
    .reduce((sum, { step, minutes }) => (step.mode === 'wait' ? sum + minutes : sum), 0);
}

function insert(list: Node[], node: Node, by: (node: Node) => number): void {
  let low = 0;
  let high = list.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (by(list[middle] as Node) <= by(node)) low = middle + 1;
    else high = middle;
  }
  list.splice(low, 0, node);
}
