import type { Knex } from 'knex';
import type { Answer, ToldEvent } from '../../core/clean/events';
import type { RecordLine } from '../../core/clean/record-line';
import type { Tick } from '../../core/clean/tick';
import type { HouseholdScope } from '../db/scope';
import { insertingTicks } from '../repositories/clean';
import { insertingAnswered } from '../repositories/day';
import { puttingLines } from '../repositories/record';

/**
 * What a command has said and not written yet: a phone that was without a network sends hundreds of ticks, which are
 * written in one statement. Written before anything reads or changes what was written, and at the end.
 */
export class ToWrite {
  private events: { readonly event: ToldEvent; readonly answer: Answer }[] = [];
  private lines: RecordLine[] = [];
  private readonly ticks = new Map<string, Tick[]>();

  constructor(private readonly scope: HouseholdScope) {}

  event(event: ToldEvent, answer: Answer): void {
    this.events.push({ event, answer });
  }

  line(line: RecordLine): void {
    this.lines.push(line);
  }

  tick(clean: string, tick: Tick): void {
    const ticks = this.ticks.get(clean) ?? [];
    this.ticks.set(clean, ticks);
    ticks.push(tick);
  }

  /** Writes all of it and then what is given, in one go. */
  async write(...last: readonly Knex.QueryBuilder[]): Promise<void> {
    const { events, lines } = this;
    const ticks = [...this.ticks];
    this.events = [];
    this.lines = [];
    this.ticks.clear();
    await this.scope.together([
      ...insertingAnswered(this.scope, events),
      ...puttingLines(this.scope, lines),
      ...ticks.flatMap(([clean, own]) => insertingTicks(this.scope, clean, own)),
      ...last,
    ]);
  }
}
