import { minuteOf } from '../basics/local-time';
import type { MachineCycle, MachineDriver, MachineKind, MachineReport } from './machine';

/** How a kind of machine behaves: of a hundred cycles so many take longer, and so many stop with a fault. */
const HABITS: Readonly<Partial<Record<MachineKind, { late: number; faulty: number; extra: number }>>> = {
  washer: { late: 20, faulty: 4, extra: 15 },
  dryer: { late: 25, faulty: 2, extra: 20 },
  dishwasher: { late: 15, faulty: 3, extra: 10 },
  oven: { late: 10, faulty: 2, extra: 15 },
};

/** When in its cycle a machine notices that it will be late, or stops. */
const NOTICED_AT = 0.5;

/** Runs cycles against the clock: what becomes of one is drawn from a seed, the machine, and when it was set going. */
export class SimulatedMachines implements MachineDriver {
  constructor(private readonly seed: number) {}

  async ask(cycle: MachineCycle, now: string): Promise<MachineReport> {
    return reportAt(cycle, this.seed, now);
  }
}

export function reportAt(cycle: MachineCycle, seed: number, now: string): MachineReport {
  const habit = HABITS[cycle.kind];
  const gone = minuteOf(now) - minuteOf(cycle.since);
  const fate = hundredth(`${seed} ${cycle.machine} ${cycle.step} ${cycle.since}`);
  const late = habit !== undefined && fate >= habit.faulty && fate < habit.faulty + habit.late;
  if (habit && fate < habit.faulty && gone >= cycle.minutes * NOTICED_AT) return { report: 'faulty' };
  const length = cycle.minutes + (late ? habit.extra : 0);
  if (gone >= length) return { report: 'finished' };
  return late && gone >= cycle.minutes * NOTICED_AT
    ? { report: 'delayed', minutes: habit.extra }
    : { report: 'running' };
}

/** A number from 0 to 99 that a text always leads to. */
function hundredth(text: string): number {
  let hash = 2_166_136_261;
  for (const letter of text) hash = Math.imul(hash ^ (letter.codePointAt(0) as number), 16_777_619) >>> 0;
  hash ^= hash >>> 15;
  return (Math.imul(hash, 2_246_822_519) >>> 8) % 100;
}
