import type { PartDone, Tick } from '../../core/clean/tick';
import type { HouseholdScope } from '../db/scope';
import { correctTime, dropParts, putParts, untick } from '../repositories/clean';
import type { ToWrite } from './to-write';

/** What a held household has done of its clean: written, and known from then on without being read. */
export class Progress {
  private readonly byStep: Map<string, Tick>;
  private readonly shares: Map<string, number>;

  constructor(
    private readonly scope: HouseholdScope,
    private readonly toWrite: ToWrite,
    ticks: readonly Tick[],
    parts: readonly PartDone[],
  ) {
    this.byStep = new Map(ticks.map((tick) => [tick.step, tick]));
    this.shares = new Map(parts.map(({ step, share }) => [step, share]));
  }

  /** What is ticked off, in the order in which the database gives it. */
  get ticks(): Tick[] {
    return [...this.byStep.values()].sort((a, b) => {
      if (a.at !== b.at) return a.at < b.at ? -1 : 1;
      return a.step < b.step ? -1 : 1;
    });
  }

  /** How far other steps have come, in the same order. */
  get parts(): PartDone[] {
    const steps = [...this.shares.keys()].sort();
    return steps.map((step) => ({ step, share: this.shares.get(step) ?? 0 }));
  }

  get steps(): Iterable<string> {
    return this.byStep.keys();
  }

  of(step: string): Tick | undefined {
    return this.byStep.get(step);
  }

  /** Ticks a step off. Ticked already, it keeps the time of the first tick. */
  async tick(clean: string, tick: Tick): Promise<void> {
    if (this.byStep.has(tick.step)) return;
    this.toWrite.tick(clean, tick);
    this.byStep.set(tick.step, tick);
    if (!this.shares.delete(tick.step)) return;
    await dropParts(this.scope, [tick.step]);
  }

  async untick(clean: string, steps: readonly string[]): Promise<void> {
    await this.toWrite.write();
    await untick(this.scope, clean, steps);
    for (const step of steps) this.byStep.delete(step);
  }

  /** How long a ticked step took after all. */
  async took(clean: string, step: string, seconds: number): Promise<void> {
    const ticked = this.byStep.get(step);
    if (!ticked) return;
    await this.toWrite.write();
    await correctTime(this.scope, clean, step, seconds);
    this.byStep.set(step, { ...ticked, seconds });
  }

  /** How far a step has come that is not done. */
  async came(part: PartDone): Promise<void> {
    await putParts(this.scope, [part]);
    this.shares.set(part.step, part.share);
  }
}
