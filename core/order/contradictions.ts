import { stronglyConnected } from '../basics/strongly-connected';
import { type OrderRule, OWN_RULE_PREFIX } from '../clean/rule';
import type { CleanTask } from '../work/task';
import type { RuledLink } from './links';

/** Rules that run in a circle, by the links of the circle, and the rule that is set aside so that a plan comes out. */
export type Contradiction = {
  readonly circle: readonly RuledLink[];
  readonly setAside: OrderRule;
};

export type Settled = {
  readonly links: readonly RuledLink[];
  readonly contradictions: readonly Contradiction[];
};

/** A step of a task as a node: what has to follow it, and by which link; steps of a task follow each other without one. */
type Edge = { readonly to: number; readonly link: RuledLink | undefined };

/**
 * Links without circles. In each circle the weakest rule is set aside, for the tasks that are in it: a wish before
 * anything hard, what ships before what the household wished for, and a hard rule of the household before one that
 * ships. Linear in the links for each circle that is found.
 */
export function withoutCircles(tasks: readonly CleanTask[], links: readonly RuledLink[]): Settled {
  const nodes = nodesOf(tasks);
  const listed = [...new Set(links.map((link) => link.rule))];
  const contradictions: Contradiction[] = [];
  let kept = links;
  for (;;) {
    const edges = edgesOf(tasks, kept, nodes);
    const sets = stronglyConnected(edges.map((from) => from.map((edge) => edge.to)));
    const knots = sets.filter((set) => set.length > 1).map((set) => new Set(set));
    if (knots.length === 0) return { links: kept, contradictions };
    for (const members of knots) {
      const circle = circleIn(members, edges);
      const setAside = weakest(listed.filter((rule) => circle.some((link) => link.rule === rule)));
      contradictions.push({ circle, setAside });
      const inside = (link: RuledLink) =>
        members.has(fromNode(link, nodes)) && members.has(toNode(link, nodes));
      kept = kept.filter((link) => link.rule !== setAside || !inside(link));
    }
  }
}

function nodesOf(tasks: readonly CleanTask[]): ReadonlyMap<CleanTask, number> {
  const nodes = new Map<CleanTask, number>();
  let next = 0;
  for (const task of tasks) {
    nodes.set(task, next);
    next += task.estimate.steps.length;
  }
  return nodes;
}

function fromNode(link: RuledLink, nodes: ReadonlyMap<CleanTask, number>): number {
  return (nodes.get(link.before) as number) + link.from;
}

function toNode(link: RuledLink, nodes: ReadonlyMap<CleanTask, number>): number {
  return (nodes.get(link.after) as number) + link.to;
}

function edgesOf(
  tasks: readonly CleanTask[],
  links: readonly RuledLink[],
  nodes: ReadonlyMap<CleanTask, number>,
): Edge[][] {
  const edges = tasks.flatMap((task) => {
    const first = nodes.get(task) as number;
    const last = task.estimate.steps.length - 1;
    return task.estimate.steps.map((_step, i): Edge[] =>
      i < last ? [{ to: first + i + 1, link: undefined }] : [],
    );
  });
  for (const link of links) edges[fromNode(link, nodes)]?.push({ to: toNode(link, nodes), link });
  return edges;
}

/** The links of a shortest circle through the first node of a knot. */
function circleIn(members: ReadonlySet<number>, edges: readonly (readonly Edge[])[]): RuledLink[] {
  const start = Math.min(...members);
  const cameBy = new Map<number, { readonly from: number; readonly edge: Edge }>();
  const queue = [start];
  for (let i = 0; i < queue.length; i++) {
    const node = queue[i] as number;
    for (const edge of edges[node] as readonly Edge[]) {
      if (!members.has(edge.to) || cameBy.has(edge.to)) continue;
      cameBy.set(edge.to, { from: node, edge });
      if (edge.to === start) return linksBack(start, cameBy);
      queue.push(edge.to);
    }
  }
  throw new Error('A knot has a circle through each of its nodes.');
}

function linksBack(
  start: number,
  cameBy: ReadonlyMap<number, { readonly from: number; readonly edge: Edge }>,
): RuledLink[] {
  const links: RuledLink[] = [];
  let node = start;
  do {
    const { from, edge } = cameBy.get(node) as { from: number; edge: Edge };
    if (edge.link) links.unshift(edge.link);
    node = from;
  } while (node !== start);
  return links;
}

function isOwn(rule: OrderRule): boolean {
  return rule.id.startsWith(OWN_RULE_PREFIX);
}

function strength(rule: OrderRule): number {
  if (!rule.hard) return isOwn(rule) ? 1 : 0;
  return isOwn(rule) ? 2 : 3;
}

/** Of equally strong ones the last. */
function weakest(rules: readonly OrderRule[]): OrderRule {
  return rules.reduce((weak, rule) => (strength(rule) <= strength(weak) ? rule : weak));
}
