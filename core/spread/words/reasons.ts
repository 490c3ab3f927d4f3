import { stronglyConnected } from '../../basics/strongly-connected';
import type { UnplacedReason } from '../../plan/plan';
import type { Lifted } from '../draft/board';
import type { Draft } from '../draft/draft';
import { fitsOn } from '../draft/place';
import { eligiblePeople, isSettled, remainingMinutes, type Task } from '../model/model';

/** Why a task is left out. */
export type Cause = {
  readonly reason: UnplacedReason;
  /** It finds no place even where nothing else is planned. */
  readonly alone: boolean;
  /** What it waits for, which is left out itself. */
  readonly waitsFor?: Task;
};

/**
 * Why each task is left out in the end: what waits for something that is left out says so, and of tasks that only go
 * together one keeps a reason of its own.
 */
export function reasonsFor(draft: Draft): Map<Task, Cause> {
  const out = draft.out;
  const reasons = new Map<Task, Cause>();
  if (out.length === 0) return reasons;
  const empty = draft.empty();
  for (const group of groupsOf(out, draft)) {
    const outside = group
      .flatMap((task) => missingBefore(task, draft))
      .find((before) => !group.includes(before));
    const cause = outside ? undefined : (group.find((task) => !fits(draft, [task], undefined)) ?? group[0]);
    for (const task of group) {
      const waitsFor = missingBefore(task, draft)[0] ?? outside ?? cause;
      reasons.set(
        task,
        task === cause
          ? diagnose([empty, draft], group)
          : { reason: 'predecessor', alone: false, ...(waitsFor && { waitsFor }) },
      );
    }
  }
  return new Map([...reasons].sort(([a], [b]) => a.index - b.index));
}

/** Tasks that can only be planned together, among those that are left out. */
function groupsOf(out: readonly Task[], draft: Draft): Task[][] {
  const numbers = new Map(out.map((task, i) => [task, i]));
  const followers: number[][] = out.map(() => []);
  out.forEach((task, i) => {
    for (const before of missingBefore(task, draft)) followers[numbers.get(before) as number]?.push(i);
  });
  return stronglyConnected(followers).map((group) => group.map((i) => out[i] as Task));
}

function missingBefore(task: Task, draft: Draft): Task[] {
  return task.steps.flatMap((step) =>
    draft.links
      .into(step)
      .filter((link) => link.before.task !== task && draft.isMissing(link))
      .map((link) => link.before.task),
  );
}

function fits({ board, links }: Draft, tasks: readonly Task[], lifted: Lifted): boolean {
  return fitsOn(board, { tasks }, links, { wishes: false, lifted });
}

type Lift = readonly [Lifted, UnplacedReason, (task: Task) => boolean];

const LIFTS: readonly Lift[] = [
  ['focus', 'focus', () => true],
  ['attendance', 'attendance', (task) => task.steps.some((step) => step.attended)],
  ['dry', 'weather', (task) => task.dry],
  ['daylight', 'daylight', (task) => task.daylight],
  ['machine', 'machine', (task) => task.steps.some((step) => step.machine?.windows !== undefined)],
  ['latest', 'deadline', (task) => Number.isFinite(task.latest)],
];

/**
 * Found by lifting one condition after the other: with nothing else in the way first, since what keeps a task out then
 * would keep it out of any plan.
 */
function diagnose([empty, draft]: readonly [Draft, Draft], group: readonly Task[]): Cause {
  for (const task of group) {
    const reason = reasonByItself(task, draft);
    if (reason !== undefined) return { reason, alone: true };
  }
  const alone = !fits(empty, group, undefined);
  for (const where of alone ? [empty, draft] : [draft]) {
    const found = LIFTS.find(([lifted, , concerns]) => group.some(concerns) && fits(where, group, lifted));
    if (found) return { reason: found[1], alone };
  }
  return { reason: 'no-time', alone };
}

function reasonByItself(task: Task, { model }: Draft): UnplacedReason | undefined {
  for (const step of task.steps) {
    if (step.mode === 'wait' || isSettled(step)) continue;
    const eligible = eligiblePeople(step, model.people);
    if (eligible.length < step.crew) return 'person';
    const least = Math.min(step.split ?? step.minutes, remainingMinutes(step));
    const able = eligible.filter(
      (person) =>
        least <= Math.min(person.breakAfter, person.dailyCap, model.policy.sessionCap) &&
        person.windows.some((window) => window.end - window.start >= least),
    );
    if (able.length < step.crew)
      return eligible.some((person) => person.windows.length > 0) ? 'too-long' : 'no-time';
  }
  return undefined;
}
