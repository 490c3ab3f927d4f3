import { queueOptionsSymbol, type TaskQueue } from 'piscina';

type Task = Parameters<TaskQueue['push']>[0];

/** Marks work with whose it is, so that nobody waits for all that somebody else has asked for. */
export function of<Job extends object>(who: string, job: Job): Job {
  return Object.assign({ [queueOptionsSymbol]: { who } }, job);
}

function whoseIs(task: Task): string {
  const options = task[queueOptionsSymbol as never] as { readonly who?: string } | null;
  return options?.who ?? '';
}

/** Work that waits for a thread, taken by turns: one of everybody's before the next of anybody's. For pools of `stricterFIFO`. */
export class FairQueue implements TaskQueue {
  /** By whose it is; who is first is next. */
  private readonly lines = new Map<string, Task[]>();
  private count = 0;

  get size(): number {
    return this.count;
  }

  push(task: Task): void {
    const who = whoseIs(task);
    const line = this.lines.get(who);
    if (line) line.push(task);
    else this.lines.set(who, [task]);
    this.count++;
  }

  shift(): Task | null {
    const [first] = this.lines;
    if (!first) return null;
    const [who, [task, ...rest]] = first;
    this.lines.delete(who);
    if (rest.length > 0) this.lines.set(who, rest);
    this.count--;
    return task ?? null;
  }

  /** What no thread could take after all is next again. */
  unshift(task: Task): void {
    const who = whoseIs(task);
    const others = [...this.lines].filter(([one]) => one !== who);
    const line = [task, ...(this.lines.get(who) ?? [])];
    this.lines.clear();
    for (const [one, own] of [[who, line] as const, ...others]) this.lines.set(one, own);
    this.count++;
  }

  remove(task: Task): void {
    const who = whoseIs(task);
    const line = this.lines.get(who) ?? [];
    const rest = line.filter((one) => one !== task);
    if (rest.length === line.length) return;
    if (rest.length > 0) this.lines.set(who, rest);
    else this.lines.delete(who);
    this.count--;
  }

  /** How much of somebody's waits. */
  waitingOf(who: string): number {
    return this.lines.get(who)?.length ?? 0;
  }

  /** How many others have their turn before somebody; undefined where nothing of theirs waits. */
  turnsBefore(who: string): number | undefined {
    const place = [...this.lines.keys()].indexOf(who);
    return place < 0 ? undefined : place;
  }
}
