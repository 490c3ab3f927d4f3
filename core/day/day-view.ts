import type { Plan, PlanEntry } from '../formats/plan';
import type { Problem, ProblemStep, ProblemTask } from '../formats/problem';
import { formatMinute, minuteOf } from '../time/local-time';

/** One step of today's work, with everything the person in the room needs to find it. */
export type DayItem = {
  readonly step: ProblemStep;
  readonly task: ProblemTask;
  readonly people: readonly string[];
  readonly start: string;
  readonly end: string;
};

/** A soak, a cycle or a drying floor that is going on. */
export type RunningWait = {
  readonly step: ProblemStep;
  readonly task: ProblemTask;
  readonly since: string;
  /** When its minutes are over. */
  readonly ready: string;
  /** The latest moment by which it must be seen to; undefined where it may stay. */
  readonly latest: string | undefined;
};

export type DayView = {
  readonly date: string;
  /** What to do now: the first open step of the day that nothing holds up. */
  readonly now: DayItem | undefined;
  readonly waits: readonly RunningWait[];
  /** What is still to come, in the order of the plan. */
  readonly next: readonly DayItem[];
  /** Ids of the steps that could be done this minute. */
  readonly ready: ReadonlySet<string>;
  /** Steps of the day that are done, in the order in which they were ticked. */
  readonly done: readonly DayItem[];
  /** Hands-on minutes of the day. */
  readonly minutes: { readonly done: number; readonly open: number };
};

/**
 * The day as one person carries it out, or as everybody does where `person` is undefined.
 *
 * A step is ready when the steps before it in its task are ticked and the wait before it has run its minutes by
 * `now`, and what has to come before it by a hard rule is done. A wait that is over comes first.
 */
export function dayView(problem: Problem, plan: Plan, date: string, now: string, person?: string): DayView {
  const known = new Knowledge(problem, plan);
  const entries = plan.entries
    .filter(
      (entry) => entry.start.slice(0, 10) === date && (person === undefined || entry.people.includes(person)),
    )
    // A step that has left the clean since the plan was made is not part of the day any more.
    .filter((entry) => known.step(entry.step)?.step.mode === 'hands');
  const items = mergeParts(entries)
    .map((entry) => itemOf(entry, known))
    .sort(byStart);
  const open = items.filter((item) => !known.done.has(item.step.id));
  const ready = open.filter((item) => known.isReady(item.step.id, now));
  const due = ready.find((item) => known.followsWait(item.step.id));
  const first = due ?? ready[0];
  const done = items.filter((item) => known.done.has(item.step.id));
  return {
    date,
    now: first,
    waits: runningWaits(problem, known, now),
    next: open.filter((item) => item !== first),
    ready: new Set(ready.map((item) => item.step.id)),
    done: done.sort((a, b) => known.doneAt(a).localeCompare(known.doneAt(b))),
    minutes: { done: sumMinutes(done), open: sumMinutes(open) },
  };
}

/** Hands-on steps that were planned for a day before `date` and are not ticked. */
export function slippedSteps(problem: Problem, plan: Plan, date: string): number {
  const done = new Set((problem.done ?? []).map((entry) => entry.step));
  const hands = new Set(
    problem.tasks
      .flatMap((task) => task.steps)
      .filter((step) => step.mode === 'hands')
      .map((step) => step.id),
  );
  const past = plan.entries.filter(
    (entry) => entry.end.slice(0, 10) < date && hands.has(entry.step) && !done.has(entry.step),
  );
  return new Set(past.map((entry) => entry.step)).size;
}

class Knowledge {
  readonly done: ReadonlyMap<string, string>;
  private readonly steps = new Map<string, { step: ProblemStep; task: ProblemTask; position: number }>();
  private readonly predecessors = new Map<string, string[]>();

  constructor(problem: Problem, plan: Plan) {
    const planned = new Set(plan.entries.map((entry) => entry.step));
    this.done = new Map((problem.done ?? []).map((entry) => [entry.step, entry.end]));
    const firstAndLast = new Map<string, { first: string; last: string }>();
    for (const task of problem.tasks) {
      task.steps.forEach((step, position) => {
        this.steps.set(step.id, { step, task, position });
        firstAndLast.set(step.id, { first: step.id, last: step.id });
      });
      firstAndLast.set(task.id, {
        first: task.steps[0]?.id as string,
        last: task.steps[task.steps.length - 1]?.id as string,
      });
    }
    for (const link of problem.precedence.filter((rule) => rule.hard)) {
      const after = firstAndLast.get(link.after)?.first;
      const before = firstAndLast.get(link.before)?.last;
      // An order of two binds where both are planned: the floor waits for today's lamp, not for a lamp left out.
      if (after && before && (!link.orderOnly || planned.has(before)))
        this.predecessors.set(after, [...(this.predecessors.get(after) ?? []), before]);
    }
  }

  step(id: string) {
    return this.steps.get(id);
  }

  doneAt(item: DayItem): string {
    return this.done.get(item.step.id) ?? '';
  }

  isReady(id: string, now: string): boolean {
    const found = this.steps.get(id);
    if (!found) return false;
    const held = (this.predecessors.get(id) ?? []).some((before) => !this.done.has(before));
    return !held && this.chainIsDone(found.task, found.position, now);
  }

  followsWait(id: string): boolean {
    const found = this.steps.get(id);
    return found?.task.steps[found.position - 1]?.mode === 'wait';
  }

  /** Everything before the position is ticked, and the waits right before it have run their minutes. */
  private chainIsDone(task: ProblemTask, position: number, now: string): boolean {
    let waited = 0;
    for (let i = position - 1; i >= 0; i--) {
      const step = task.steps[i] as ProblemStep;
      const doneAt = this.done.get(step.id);
      if (doneAt !== undefined) return minuteOf(doneAt) + waited <= minuteOf(now);
      if (step.mode === 'hands') return false;
      waited += step.minutes;
    }
    return true;
  }
}

/** Parts of a split step that lie on one date count as one piece of work. */
function mergeParts(entries: readonly PlanEntry[]): PlanEntry[] {
  const merged = new Map<string, PlanEntry>();
  for (const entry of entries) {
    const known = merged.get(entry.step);
    merged.set(
      entry.step,
      known
        ? {
            ...known,
            people: [...new Set([...known.people, ...entry.people])],
            end: entry.end > known.end ? entry.end : known.end,
          }
        : entry,
    );
  }
  return [...merged.values()];
}

function itemOf(entry: PlanEntry, known: Knowledge): DayItem {
  const found = known.step(entry.step);
  if (!found) throw new Error(`The plan names a step that the problem does not have: ${entry.step}`);
  return { step: found.step, task: found.task, people: entry.people, start: entry.start, end: entry.end };
}

function byStart(a: DayItem, b: DayItem): number {
  return a.start.localeCompare(b.start);
}

function sumMinutes(items: readonly DayItem[]): number {
  return items.reduce((sum, item) => sum + item.step.minutes, 0);
}

/** Waits that a ticked step has set going and that no later tick has ended. */
function runningWaits(problem: Problem, known: Knowledge, now: string): RunningWait[] {
  const running: RunningWait[] = [];
  for (const task of problem.tasks) {
    task.steps.forEach((step, i) => {
      const since = known.done.get(task.steps[i - 1]?.id ?? '');
      const over =
        known.done.has(step.id) || task.steps.slice(i + 1).some((later) => known.done.has(later.id));
      if (step.mode !== 'wait' || since === undefined || over) return;
      running.push({
        step,
        task,
        since,
        ready: plus(since, step.minutes),
        latest: step.atMost === undefined ? undefined : plus(since, step.atMost),
      });
    });
  }
  const isFresh = (wait: RunningWait) =>
    wait.ready >= now || wait.task.steps[wait.task.steps.length - 1] !== wait.step;
  return running.filter(isFresh).sort((a, b) => a.ready.localeCompare(b.ready));
}

function plus(time: string, minutes: number): string {
  return formatMinute(minuteOf(time) + minutes);
}
