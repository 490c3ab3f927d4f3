import { type DayNumber, dayOfMinute } from '../basics/local-time';
import { handsOf, type Placed } from './metrics';
import type { Model, Task } from './model';

/**
 * How far a plan is from what the household's school asks for beyond the comparison of plans: the same job on few
 * dates, high work before low, what is dreaded early. The smaller, the better; kept up as entries come and go.
 */
export class SchoolFigures {
  /** Hands-on person-minutes by group and date. */
  private readonly minutes: Map<DayNumber, number>[];
  private readonly groups: ReadonlyMap<Task, number>;
  private dreadDays = 0;

  constructor(private readonly model: Model) {
    this.groups = groupsOf(model);
    this.minutes = Array.from({ length: Math.max(0, ...this.groups.values()) + 1 }, () => new Map());
  }

  note(entry: Placed, sign: 1 | -1): void {
    const hands = handsOf(entry) * sign;
    if (hands === 0) return;
    const { task } = entry.step;
    const day = dayOfMinute(entry.start);
    this.dreadDays += hands * task.hardness ** 2 * (day - this.model.firstDay + 1);
    const dates = this.minutes[this.groups.get(task) ?? 0] as Map<DayNumber, number>;
    const left = (dates.get(day) ?? 0) + hands;
    if (left === 0) dates.delete(day);
    else dates.set(day, left);
  }

  /** How scattered the groups of the school are; 0 where rooms are what is grouped, or nothing. */
  scatter(): number {
    switch (this.model.policy.grouping) {
      case 'kind':
        return this.minutes.reduce((sum, dates) => sum + dates.size, 0);
      case 'layer':
        return this.outOfOrder();
      default:
        return 0;
    }
  }

  /** How late what is dreaded comes; 0 where that does not matter. */
  dread(): number {
    return this.model.policy.hardestFirst ? this.dreadDays : 0;
  }

  /** For each piece of work, how much of what should come before it lies on a later date, as products of minutes. */
  private outOfOrder(): number {
    let sum = 0;
    this.minutes.forEach((low, i) => {
      for (const high of this.minutes.slice(0, i))
        for (const [day, minutes] of low)
          for (const [other, earlier] of high) if (other > day) sum += minutes * earlier;
    });
    return sum;
  }
}

function groupsOf({ tasks, policy }: Model): Map<Task, number> {
  const layers = [...new Set(tasks.map((task) => task.layer))].sort((a, b) => a - b);
  const kinds = [...new Set(tasks.map((task) => task.kind))];
  const of: Record<Model['policy']['grouping'], (task: Task) => number> = {
    kind: (task) => kinds.indexOf(task.kind),
    layer: (task) => layers.indexOf(task.layer),
    room: () => 0,
    none: () => 0,
  };
  return new Map(tasks.map((task) => [task, of[policy.grouping](task)]));
}
