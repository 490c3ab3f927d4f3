import { groupBy } from '../../basics/group-by';
import type { Minute } from '../../basics/local-time';
import type { Policy } from '../../plan/problem';
import { groupOf } from '../cost/costs';
import { type Board, NEVER } from '../draft/board';
import type { Cluster } from '../model/clusters';
import { isSettled, type Link, type Person, type Step, type Task } from '../model/model';
import { segmentsOf } from '../model/segments';
import type { LinkIndex } from '../model/step-order';

/** A wait of so many minutes is set going before other work. */
const LONG_WAIT = 15;

/** Work that is placed in one go, and what has to stand before it. */
export type Unit = {
  readonly steps: readonly Step[];
  readonly task: Task;
  /** The first hands-on step, and the minutes of waiting before it. */
  readonly hands: Step;
  readonly lead: number;
  readonly waitsLong: boolean;
  readonly tends: boolean;
  readonly byMachine: boolean;
  readonly able: ReadonlySet<Person>;
  /** Hands-on person-minutes of all of it. */
  readonly minutes: number;
  /** The least that is done of it in one go, and how long somebody is at it who begins it. */
  readonly shortest: number;
  readonly stint: number;
  /** The wait that begins as soon as the hands are done, in one go. */
  readonly sets: Step | undefined;
  /** What comes before it of the same work. */
  readonly previous: Unit | undefined;
  /** What has to be done after the last wait that it sets going. */
  readonly awaited: Step | undefined;
  readonly before: Set<Unit>;
  /** What would better be done before it. */
  readonly wishes: readonly Link[];
  /** What comes after it, and whether that can't be without it. */
  readonly followers: Map<Unit, boolean>;
  /** What comes first by weight and school, and then by its place among all. */
  weight: number;
  place: number;
  /** Which kind or height it is of, where work goes by these; their order is that of the numbers. */
  group: number;
  /** From when it may begin, once nothing has to come before it any more. */
  ready: Minute;
  /** Before when each person, by index, need not look at it again. */
  readonly later: Minute[];
  /** When somebody has to see to it at the latest. */
  due: Minute;
  /** Who did what came before it in its task, and goes on with it if they can. */
  owner: Person | undefined;
};

/** What clusters come to, each with what has to be placed before it. */
export function unitsOf(board: Board, clusters: readonly Cluster[], links: LinkIndex): Unit[] {
  const home = new Map<Step, Unit>();
  const units: Unit[] = [];
  for (const cluster of clusters) {
    let last: Unit | undefined;
    for (const steps of stretchesOf(cluster, links)) {
      const hands = steps.find(isToDo);
      if (!hands) continue;
      const wishes = steps.flatMap((step) => links.wishesInto(step));
      const unit = unitOf({ steps, hands, wishes, able: board.eligibleFor(hands), previous: last });
      if (last) join(last, unit, true);
      for (const step of steps) home.set(step, unit);
      units.push(unit);
      last = unit;
    }
  }
  for (const unit of units)
    for (const step of unit.steps)
      for (const link of links.into(step)) {
        const before = home.get(link.before);
        if (before && before !== unit) join(before, unit, !link.orderOnly);
      }
  return units;
}

/** The segments of a cluster; waits that no hands go with are put to what comes after them, or at the end before. */
function stretchesOf(cluster: Cluster, links: LinkIndex): Step[][] {
  const stretches: Step[][] = [];
  let waits: Step[] = [];
  for (const { steps } of segmentsOf(cluster, links) ?? []) {
    waits = [...waits, ...steps];
    if (!steps.some(isToDo)) continue;
    stretches.push(waits);
    waits = [];
  }
  stretches.at(-1)?.push(...waits);
  return stretches;
}

/** Kinds or heights from the ceiling to the floor, by where most of their work is. */
export function groupsInOrder(
  units: readonly Unit[],
  grouping: Policy['grouping'],
): ReadonlyMap<unknown, number> {
  const tasks = groupBy(
    units.map(({ task }) => task),
    (task) => groupOf(task, grouping),
  );
  const meanLayer = (own: readonly Task[]) => own.reduce((sum, { layer }) => sum + layer, 0) / own.length;
  const inOrder = [...tasks].sort(([, a], [, b]) => meanLayer(a) - meanLayer(b));
  return new Map(inOrder.map(([group], i) => [group, i]));
}

export function isToDo(step: Step): boolean {
  return step.mode === 'hands' && !isSettled(step);
}

type Cut = Pick<Unit, 'steps' | 'hands' | 'wishes' | 'previous'> & { readonly able: readonly Person[] };

function unitOf({ steps, hands, wishes, able, previous }: Cut): Unit {
  const wait = hands.task.steps[hands.position - 1];
  const leading = steps.slice(0, steps.indexOf(hands)).filter((step) => step.task === hands.task);
  const shortest = Math.min(hands.split ?? hands.minutes, hands.minutes);
  return {
    steps,
    task: hands.task,
    hands,
    lead: leading.reduce(
      (sum, step) => sum + (step.mode === 'wait' && !isSettled(step) ? step.minutes : 0),
      0,
    ),
    waitsLong: steps.some((step) => step.mode === 'wait' && step.minutes >= LONG_WAIT),
    byMachine: steps.some((step) => step.machine !== undefined),
    tends: wait?.mode === 'wait' && Number.isFinite(wait.atMost),
    able: new Set(able),
    minutes: steps.filter(isToDo).reduce((sum, step) => sum + step.minutes * step.crew, 0),
    shortest,
    stint: stintOf(steps, hands),
    sets: waitAfter(hands),
    previous,
    awaited: awaitedAfter(steps),
    before: new Set(),
    wishes,
    followers: new Map(),
    weight: 0,
    place: 0,
    group: 0,
    ready: 0,
    later: [],
    due: NEVER,
    owner: undefined,
  };
}

/** Hands-on minutes from the first of it up to a wait. */
function stintOf(steps: readonly Step[], hands: Step): number {
  let minutes = 0;
  for (let i = steps.indexOf(hands); i < steps.length; i++) {
    const step = steps[i] as Step;
    if (!isToDo(step)) break;
    minutes += step.split ?? step.minutes;
    if (step.split !== undefined) break;
  }
  return minutes;
}

function waitAfter({ task, position, split }: Step): Step | undefined {
  const next = task.steps[position + 1];
  return split === undefined && next?.mode === 'wait' && !isSettled(next) ? next : undefined;
}

/** The step after a wait that must not last too long, where it is for another unit. */
function awaitedAfter(steps: readonly Step[]): Step | undefined {
  const last = steps[steps.length - 1] as Step;
  if (last.mode === 'hands' || !Number.isFinite(last.atMost)) return undefined;
  return last.task.steps[last.position + 1];
}

function join(before: Unit, after: Unit, needs: boolean): void {
  after.before.add(before);
  before.followers.set(after, needs || (before.followers.get(after) ?? false));
}
