import { formatMinute, minuteOf } from '../basics/local-time';
import type { Plan, PlanEntry } from '../plan/plan';
import type { Problem, ProblemStep, ProblemTask } from '../plan/problem';
import type { DayItem, RunningWait } from './day-item';
import type { DayPack } from './pack';
import { propose } from './propose';
import type { MachineWord, Run, Work } from './run';
import { type Second, secondOf } from './seconds';

export type DayView = {
  readonly date: string;
  /** What to do now: what was begun, else what is best done this minute. */
  readonly now: DayItem | undefined;
  readonly waits: readonly RunningWait[];
  /** What is still to come, in the order of the plan. */
  readonly next: readonly DayItem[];
  /** Ids of the steps that could be done this minute. */
  readonly ready: ReadonlySet<string>;
  /** Steps that somebody is at, and since when. */
  readonly work: ReadonlyMap<string, Work>;
  /** Steps that are off for today. */
  readonly off: readonly DayItem[];
  /** Steps of the day that are done, in the order in which they were ticked. */
  readonly done: readonly DayItem[];
  /** Hands-on minutes of the day. */
  readonly minutes: { readonly done: number; readonly open: number };
};

/**
 * The day as one person carries it out, or as everybody does where `person` is undefined; `now` in seconds of the wall
 * clock.
 *
 * A step is ready when the steps before it in its task are ticked and the wait before it has run its minutes by
 * `now`, and what has to come before it by a hard rule is done. What somebody else is at is nobody else's.
 */
export function dayView(pack: DayPack, run: Run, now: Second, person?: string): DayView {
  const known = new Knowledge(pack, run);
  const everybodys = mergeParts([...pack.entries, ...known.doneWithoutEntry()])
    // A step that has left the clean since the plan was made is not part of the day any more.
    .filter((entry) => known.step(entry.step) !== undefined)
    .map((entry) => known.item(entry))
    .sort((a, b) => a.start.localeCompare(b.start));
  const isTheirs = ({ people }: DayItem) => person === undefined || people.includes(person);
  const items = everybodys.filter(isTheirs);
  const isOpen = ({ step }: DayItem) => !run.done.has(step.id) && !run.off.has(step.id);
  const open = items.filter(isOpen);
  const isMine = ({ step }: DayItem) => {
    const work = run.work.get(step.id);
    return work?.since === undefined || person === undefined || work.by === person;
  };
  const ready = open.filter((item) => known.isReady(item.step.id, now) && isMine(item));
  const waits = runningWaits(known, now);
  const begun = ready.find(({ step }) => run.work.get(step.id)?.since !== undefined);
  const others = everybodys.filter((item) => isOpen(item) && !isTheirs(item));
  const first =
    begun ??
    propose(ready, waits, now, {
      minutesLeft: (item) => minutesLeft(item, run, pack),
      isAwaited: ({ task }) => task.steps.some(({ id }) => known.holdsUp(id, others, now)),
    });
  const done = items.filter(({ step }) => run.done.has(step.id));
  return {
    date: pack.date,
    now: first,
    waits,
    next: open.filter((item) => item !== first),
    ready: new Set(ready.map(({ step }) => step.id)),
    work: run.work,
    off: items.filter(({ step }) => run.off.has(step.id) && !run.done.has(step.id)),
    done: done.sort((a, b) => known.doneAt(a).localeCompare(known.doneAt(b))),
    minutes: {
      done: done.reduce((sum, { step }) => sum + step.minutes, 0),
      open: open.reduce((sum, item) => sum + minutesLeft(item, run, pack), 0),
    },
  };
}

/** Planned minutes of a step that are still to do, by how far it has come since they were reckoned. */
function minutesLeft({ step }: DayItem, run: Run, pack: DayPack): number {
  const reckoned = pack.parts.find((part) => part.step === step.id)?.share ?? 0;
  return Math.ceil((step.minutes * (100 - (run.shares.get(step.id) ?? 0))) / (100 - reckoned));
}

/** Hands-on steps that were planned for a day before `date` and are not ticked. */
export function slippedSteps(problem: Problem, plan: Plan, date: string): string[] {
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
  return [...new Set(past.map((entry) => entry.step))];
}

class Knowledge {
  private readonly steps = new Map<string, { step: ProblemStep; task: ProblemTask; position: number }>();
  private readonly predecessors = new Map<string, string[]>();

  constructor(
    readonly pack: DayPack,
    readonly run: Run,
  ) {
    const planned = new Set(pack.planned);
    const ends = new Map<string, { first: string; last: string }>();
    for (const task of pack.tasks) {
      task.steps.forEach((step, position) => {
        this.steps.set(step.id, { step, task, position });
        ends.set(step.id, { first: step.id, last: step.id });
      });
      ends.set(task.id, {
        first: task.steps[0]?.id as string,
        last: task.steps[task.steps.length - 1]?.id as string,
      });
    }
    for (const rule of pack.rules) {
      const after = ends.get(rule.after)?.first;
      const before = ends.get(rule.before)?.last;
      // An order of two binds where both are planned: the floor waits for today's lamp, not for a lamp left out.
      if (after && before && (!rule.orderOnly || planned.has(before)))
        this.predecessors.set(after, [...(this.predecessors.get(after) ?? []), before]);
    }
  }

  step(id: string) {
    return this.steps.get(id);
  }

  item(entry: PlanEntry): DayItem {
    const found = this.steps.get(entry.step);
    if (!found) throw new Error(`The day names a step that it does not have: ${entry.step}`);
    const handed = this.run.hands.get(entry.step);
    return {
      step: found.step,
      task: found.task,
      people: handed === undefined ? entry.people : [handed],
      start: entry.start,
      end: entry.end,
    };
  }

  /** What was done on the date and has no entry any more, since the plan was made anew after it. */
  doneWithoutEntry(): PlanEntry[] {
    const planned = new Set(this.pack.entries.map((entry) => entry.step));
    return [...this.run.done].flatMap(([step, { at, by }]): PlanEntry[] => {
      const found = this.steps.get(step);
      if (found?.step.mode !== 'hands' || planned.has(step) || at.slice(0, 10) !== this.pack.date) return [];
      const start = plus(at, -found.step.minutes);
      return [{ step, people: by === undefined ? [] : [by], start, end: at }];
    });
  }

  doneAt(item: DayItem): string {
    return this.run.done.get(item.step.id)?.at ?? '';
  }

  isReady(id: string, now: Second): boolean {
    const found = this.steps.get(id);
    if (!found) return false;
    const held = (this.predecessors.get(id) ?? []).some((before) => !this.isOver(before, now));
    return !held && this.chainIsDone(found.task, found.position, now);
  }

  /** Whether a step is what somebody who would be at something by now has to wait for. */
  holdsUp(id: string, others: readonly DayItem[], now: Second): boolean {
    return others.some(
      ({ step, task, start }) =>
        secondOf(`${start}:00`) <= now &&
        ((this.predecessors.get(step.id) ?? []).includes(id) ||
          task.steps[task.steps.findIndex((one) => one.id === step.id) - 1]?.id === id),
    );
  }

  /** Ticked, or a wait at the end of its task that has run its minutes. */
  private isOver(id: string, now: Second): boolean {
    const found = this.steps.get(id);
    if (this.run.done.has(id) || !found) return true;
    return found.step.mode === 'wait' && this.chainIsDone(found.task, found.position + 1, now);
  }

  /** Everything before the position is ticked, and the waits right before it have run their minutes. */
  private chainIsDone(task: ProblemTask, position: number, now: Second): boolean {
    let waited = 0;
    for (let i = position - 1; i >= 0; i--) {
      const step = task.steps[i] as ProblemStep;
      const doneAt = this.run.done.get(step.id)?.at;
      if (doneAt !== undefined) return (minuteOf(doneAt) + waited) * 60 <= now;
      if (step.mode === 'hands') return false;
      waited += lengthOf(step, this.run.machines.get(step.id), task, i, this.run);
    }
    return true;
  }
}

/** A wait's minutes, as its machine has last said they are. */
function lengthOf(
  step: ProblemStep,
  word: MachineWord | undefined,
  task: ProblemTask,
  position: number,
  run: Run,
): number {
  if (word?.report === 'delayed') return step.minutes + word.minutes;
  const since = run.done.get(task.steps[position - 1]?.id ?? '')?.at;
  // Finished or faulty, it is to be seen to from that moment on.
  return word && since ? Math.max(0, minuteOf(word.at) - minuteOf(since)) : step.minutes;
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

/** Waits that a ticked step has set going and that no later tick has ended. */
function runningWaits({ pack, run }: Knowledge, now: Second): RunningWait[] {
  const running = pack.tasks.flatMap((task) =>
    task.steps.flatMap((step, i): RunningWait[] => {
      const since = run.done.get(task.steps[i - 1]?.id ?? '')?.at;
      const over = run.done.has(step.id) || task.steps.slice(i + 1).some((later) => run.done.has(later.id));
      if (step.mode !== 'wait' || since === undefined || over) return [];
      const word = run.machines.get(step.id);
      return [
        {
          step,
          task,
          since,
          ready: plus(since, lengthOf(step, word, task, i, run)),
          latest: step.atMost === undefined ? undefined : plus(since, step.atMost),
          next: task.steps[i + 1]?.id,
          word,
        },
      ];
    }),
  );
  const isFresh = (wait: RunningWait) => wait.next !== undefined || secondOf(`${wait.ready}:00`) >= now;
  return running.filter(isFresh).sort((a, b) => a.ready.localeCompare(b.ready));
}

function plus(time: string, minutes: number): string {
  return formatMinute(minuteOf(time) + minutes);
}
