import { setTimeout as pause } from 'node:timers/promises';
import type { Knex } from 'knex';
import type { DayEvent } from '../../core/clean/events';
import type { HouseholdScope } from '../../server/db/scope';
import { keptHousehold } from '../../server/household/kept';
import type { DayStore } from '../../ui/day/run/day-store';
import { cupboardInMemory } from '../../ui/day/run/memory-cupboard';
import type { Wire } from '../../ui/day/run/wire';
import { actsOf } from './acts-of-a-day';
import { moveIn, openPhone, plannedHousehold, stepsOf } from './phones';

const PHONES = 4;
/** Between two turns of a phone. */
const PRESS_MS = 400;
/** Sendings that are repeated at the same time. */
const AT_ONCE = 16;
const MOST_MS = 120_000;
/** A plan is there again after so long at the latest. */
const STALE_MS = 10_000;

/** News of the last presses are with the others after so long at the latest. */
const AGREE_MS = 5_000;

type Batch = Parameters<Wire['send']>[0];
type Event = { readonly id: string; readonly seq: number; readonly verdict: string };

/** What must be nothing, once all is sent. */
export type Wrongs = {
  readonly lost: number;
  readonly doubled: number;
  readonly outOfOrder: number;
  readonly fromNowhere: number;
  readonly notSent: number;
  readonly refused: number;
  /** Tables that are another after everything has been sent once more. */
  readonly changed: number;
  readonly disagree: number;
  readonly stale: number;
};

/** Four phones of one household on which people press without end; what was pressed, sent and acknowledged is known. */
export class Pressing {
  /** All that was ever pressed, by phone, in its order; and all that was ever sent, whether it arrived or not. */
  private readonly pressed: DayEvent[][] = Array.from({ length: PHONES }, () => []);
  private readonly batches: Batch[] = [];
  /** Presses that a server has said it has. */
  private readonly acknowledged = new Set<string>();
  private readonly phones: DayStore[] = [];
  private readonly awaited: (() => void)[] = [];
  private refused = 0;
  private isOver = false;
  private ticking: Promise<void>[] = [];
  /** Sendings that a phone keeps, to try again. */
  putOff = 0;

  private constructor(
    private readonly scope: HouseholdScope,
    private readonly steps: readonly string[],
    private readonly wire: Wire,
  ) {}

  /** In a household of its own; phones are split between the wires. */
  static async begin(
    db: Knex,
    secret: string,
    wiresWith: (cookie: string) => readonly Wire[],
  ): Promise<Pressing> {
    const household = plannedHousehold();
    const { scope, cookie } = await moveIn(db, household, secret);
    const wires = wiresWith(cookie);
    const own = new Pressing(scope, stepsOf(household), wires[0] as Wire);
    for (let i = 0; i < PHONES; i++) {
      const cupboard = cupboardInMemory();
      const keep = cupboard.keepUnsent;
      cupboard.keepUnsent = async (event) => {
        own.pressed[i]?.push(event);
        await keep(event);
      };
      own.phones.push(await openPhone(own.watched(wires[i % wires.length] as Wire), cupboard));
    }
    own.ticking = own.phones.map((phone, i) => own.press(phone, i));
    return own;
  }

  get presses(): number {
    return this.pressed.flat().length;
  }

  private watched(wire: Wire): Wire {
    return {
      ...wire,
      send: async (batch) => {
        this.batches.push(batch);
        const sent = await wire.send(batch);
        if (sent.as === 'taken') {
          for (const { id } of sent.taken.answers) this.acknowledged.add(id);
          for (const hear of this.awaited.splice(0)) hear();
        }
        if (sent.as === 'later') this.putOff++;
        if (sent.as === 'unfit' || sent.as === 'nobody') this.refused++;
        return sent;
      },
    };
  }

  private async press(phone: DayStore, i: number): Promise<void> {
    for (let turn = 0; !this.isOver; turn++) {
      const step = this.steps[(turn * PHONES + i) % this.steps.length] as string;
      for (const act of actsOf(turn, step, this.pressed[i]?.at(-1))) void phone.carry(act);
      await pause(PRESS_MS);
    }
  }

  /** Resolves when a server says next that it has a press. */
  nextTaken(): Promise<void> {
    return new Promise((resolve) => {
      this.awaited.push(resolve);
    });
  }

  /** Resolves when all that has been pressed until now is taken, or after a while; meanwhile people press on. */
  async allTaken(): Promise<void> {
    const open = this.pressed.flat().filter(({ id }) => !this.acknowledged.has(id));
    const until = Date.now() + MOST_MS;
    while (open.some(({ id }) => !this.acknowledged.has(id)) && Date.now() < until) await pause(20);
  }

  /** Plans that are wished for and not made yet. */
  async openWishes(): Promise<number> {
    const row = await this.scope
      .own()
      .first('plan_wanted', 'plan_made')
      .catch(() => undefined);
    return row ? row.plan_wanted - row.plan_made : 0;
  }

  /** Nobody presses any more; everything is sent, then sent once more in any order, and counted. */
  async end(): Promise<Wrongs> {
    this.isOver = true;
    await Promise.all(this.ticking);
    const drained = Date.now() + MOST_MS;
    while (this.phones.some((phone) => phone.snapshot().unsent > 0) && Date.now() < drained) {
      await Promise.all(this.phones.map((phone) => phone.flush()));
      await pause(200);
    }
    const stale = await this.countStale();
    const before = await this.kept();
    await this.sendAgain();
    const after = await this.kept();
    const wrongs = {
      ...this.against(before.events),
      notSent: this.phones.reduce((sum, phone) => sum + phone.snapshot().unsent, 0),
      refused: this.refused,
      changed: before.tables.filter((table, i) => table !== after.tables[i]).length,
      disagree: await this.disagreeing(),
      stale,
    };
    for (const phone of this.phones) phone.close();
    return wrongs;
  }

  /** Whether the plan is still of another house after a while. */
  private async countStale(): Promise<number> {
    const isStale = async () => {
      const { basis, plans } = await keptHousehold(this.scope);
      return (await this.openWishes()) > 0 || plans?.latest.basis !== basis;
    };
    const until = Date.now() + STALE_MS;
    // A connection may have gone with the database.
    while ((await isStale().catch(() => true)) && Date.now() < until) await pause(50);
    return Number(await isStale());
  }

  private async kept(): Promise<{ readonly events: readonly Event[]; readonly tables: readonly string[] }> {
    const events: Event[] = await this.scope.rows('day_events').orderBy('seq').select('id', 'seq', 'verdict');
    const ticks = await this.scope.rows('ticks').orderBy('step').select('step', 'at', 'person');
    return { events, tables: [JSON.stringify(events), JSON.stringify(ticks)] };
  }

  private async sendAgain(): Promise<void> {
    const again = this.batches.toSorted(() => Math.random() - 0.5);
    for (let i = 0; i < again.length; i += AT_ONCE)
      await Promise.all(again.slice(i, i + AT_ONCE).map(this.wire.send));
  }

  private against(events: readonly Event[]): Pick<Wrongs, 'lost' | 'doubled' | 'outOfOrder' | 'fromNowhere'> {
    const all = new Set(this.pressed.flat().map(({ id }) => id));
    const kept = new Map(events.map((event) => [event.id, event]));
    return {
      lost: [...all].filter((id) => !kept.has(id)).length,
      doubled: events.length - kept.size,
      outOfOrder: this.pressed.reduce((sum, own) => {
        const seqs = own.flatMap(({ id }) => kept.get(id)?.seq ?? []);
        return sum + seqs.filter((seq, i) => i > 0 && seq < (seqs[i - 1] as number)).length;
      }, 0),
      fromNowhere: events.filter(({ id }) => !all.has(id)).length,
    };
  }

  /** Phones that show something else than the first, also after a while. */
  private async disagreeing(): Promise<number> {
    const others = () => {
      const shown = this.phones.map((phone) => {
        const { run } = phone.snapshot();
        return JSON.stringify([[...run.done.keys()].sort(), [...run.piles]]);
      });
      return shown.filter((one) => one !== shown[0]).length;
    };
    const until = Date.now() + AGREE_MS;
    while (others() > 0 && Date.now() < until) await pause(50);
    return others();
  }
}
