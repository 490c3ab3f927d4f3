import type { DayAct, DayEvent, ToldEvent } from '@/core/clean/events';
import { MOST_AT_ONCE } from '@/core/clean/names';
import { runAtStart } from '@/core/day/pack';
import { type Run, runAfter } from '@/core/day/run';
import { formatSecond, type Second } from '@/core/day/seconds';
import { answerWords } from '@/present/day/answer-words';
import type { DayFile } from '@/present/day/day-file';
import type { Cupboard } from './cupboard';
import { readClock, setClock, type WallClock } from './wall-clock';
import type { Wire } from './wire';

export type Link = 'live' | 'cut' | 'nobody';

export type DayState = {
  readonly file: DayFile;
  readonly clock: WallClock;
  readonly run: Run;
  /** How much is kept on this phone and not sent yet. */
  readonly unsent: number;
  readonly link: Link;
  /** What has to be said, the newest last. */
  readonly notices: readonly string[];
  readonly slip: Slip | undefined;
};

/** What was said last on this phone and has moved work: a slip of the finger is taken back with one press. */
export type Slip = { readonly event: DayEvent; readonly notice: string };

export type Surroundings = {
  readonly cupboard: Cupboard;
  readonly wire: Wire;
  /** Milliseconds of the phone's own clock. */
  readonly device: () => number;
  readonly newId: () => string;
};

const BACK = 'Taken back.';
const TRY_AGAIN_MS = 5_000;
const SETTLE_MS = 200;
const MOST_NOTICES = 3;
/** Numbers may come a little out of order: so far back is asked for again. */
const LOOK_BACK = 50;

/**
 * A day on a phone. What happens shows at once, is kept on the phone, and is sent in its order as soon as the server
 * answers; what others say is laid under it. The same whether the server is there or not.
 */
export class DayStore {
  private file: DayFile;
  private clock: WallClock;
  /** What the server has told, and where the day stands by it. */
  private told: Told;
  private pending: DayEvent[] = [];
  private link: Link = 'live';
  private notices: readonly string[] = [];
  private slip: Slip | undefined;
  /** The last plan that was made for something said on this phone. */
  private wish: number | undefined;
  private state: DayState;
  private readonly watchers = new Set<() => void>();
  private flushing: Promise<void> | undefined;
  private again: ReturnType<typeof setTimeout> | undefined;
  private settling: ReturnType<typeof setTimeout> | undefined;
  private keeping: ReturnType<typeof setTimeout> | undefined;
  private unlisten: (() => void) | undefined;

  constructor(
    file: DayFile,
    private readonly around: Surroundings,
  ) {
    this.file = file;
    this.clock = setClock(file.now, around.device());
    this.told = toldBy(file, file.events);
    this.state = this.stateNow();
  }

  readonly subscribe = (watcher: () => void): (() => void) => {
    this.watchers.add(watcher);
    return () => this.watchers.delete(watcher);
  };

  readonly snapshot = (): DayState => this.state;

  now(): Second {
    return readClock(this.clock, this.around.device());
  }

  /** Takes up what the phone has kept, sends what is not sent yet, and listens. */
  async open(): Promise<void> {
    const { cupboard, wire } = this.around;
    const [kept, unsent] = await Promise.all([
      cupboard.file(this.file.date, this.file.person).catch(() => undefined),
      cupboard.unsent().catch(() => []),
    ]);
    this.pending = [...unsent, ...this.pending.filter(({ id }) => !unsent.some((known) => known.id === id))];
    // The page came from the phone's own cupboard: what has been heard since counts, and the clock that was set then.
    if (kept && (kept.file.made === this.file.made || kept.file.seq > this.file.seq)) {
      this.file = kept.file;
      this.clock = kept.clock;
      this.told = toldBy(kept.file, kept.file.events);
    }
    this.changed();
    const known = { after: Math.max(0, this.file.seq - LOOK_BACK), revision: this.file.revision };
    this.unlisten = wire.listen(known, {
      happened: (event) => this.hear([event]),
      planned: () => this.refreshSoon(),
      up: () => this.join(),
      down: () => this.part(),
      withdrawn: () => this.shut(),
    });
    void this.flush();
  }

  close(): void {
    this.unlisten?.();
    clearTimeout(this.again);
    clearTimeout(this.settling);
    if (this.keeping) this.keepNow();
  }

  /** Something happens on this phone. */
  async carry(act: DayAct, person: string | undefined = this.file.person): Promise<void> {
    const event: DayEvent = {
      id: this.around.newId(),
      at: formatSecond(this.now()),
      ...(person !== undefined && { person }),
      act,
    };
    this.pending = [...this.pending, event];
    this.changed();
    const kept = this.around.cupboard.keepUnsent(event).catch(() => {
      this.say('This phone could not keep that for later. Stay on this page until it is sent.');
    });
    await Promise.all([kept, this.flush()]);
  }

  /** Takes back what was said last, as if it had never been. */
  async takeBack({ event, notice }: Slip): Promise<void> {
    const { act, id: said, person } = event;
    this.dismiss(notice);
    await this.carry(
      {
        do: 'take-back',
        said,
        ...('step' in act && { putBack: act.step }),
        ...(act.do === 'not-today' && act.also && { alsoBack: act.also }),
      },
      person ?? this.file.person,
    );
    if (act.do === 'block') await this.carry({ do: 'block', what: 'begin' }, person);
  }

  dismiss(notice: string): void {
    this.notices = this.notices.filter((known) => known !== notice);
    if (this.slip?.notice === notice) this.slip = undefined;
    this.changed();
  }

  /** Sends all that is not sent yet, in its order; one sending at a time. */
  async flush(): Promise<void> {
    this.flushing ??= this.sendAll().finally(() => {
      this.flushing = undefined;
    });
    await this.flushing;
    if (this.pending.length > 0 && this.link === 'live' && !this.flushing) await this.flush();
  }

  private async sendAll(): Promise<void> {
    let atOnce = MOST_AT_ONCE;
    while (this.pending.length > 0 && this.link !== 'nobody') {
      const events = this.pending.slice(0, atOnce);
      const sent = await this.around.wire.send({ sentAt: formatSecond(this.now()), events });
      switch (sent.as) {
        case 'later':
          this.part();
          return;
        case 'nobody':
          this.shut();
          return;
        case 'unfit':
          // One by one, so that what is not understood does not hold up the rest.
          if (events.length > 1) atOnce = 1;
          else
            await this.forget(events, [
              'Something that was kept on this phone could not be read and is left out.',
            ]);
          break;
        case 'taken':
          await this.taken(events, sent.taken);
      }
    }
  }

  private async taken(
    events: readonly DayEvent[],
    {
      answers,
      told,
      clockWrong,
      isBack,
      said,
      wish,
    }: Extract<Awaited<ReturnType<Wire['send']>>, { as: 'taken' }>['taken'],
  ): Promise<void> {
    const acts = new Map(events.map(({ id, act }) => [id, act]));
    const words = answers.flatMap((answer) => {
      const act = acts.get(answer.id);
      return (act && answerWords(answer, act, this.file)) ?? [];
    });
    if (clockWrong)
      words.push('The clock of this phone is wrong. The times were set right by the clock of the household.');
    if (isBack) words.push(BACK);
    if (isBack || wish !== undefined) this.slip = undefined;
    this.told = withTold(this.told, told, this.file);
    this.link = 'live';
    await this.forget(events, words);
    if (wish !== undefined) void this.hearMoved(wish, { said: events.find(({ id }) => id === said), isBack });
    if (clockWrong || answers.some(({ verdict }) => verdict.as !== 'kept')) this.refreshSoon();
  }

  /** What has moved is told once the plan is there: nothing that is pressed meanwhile waits for it. */
  private async hearMoved(
    wish: number,
    { said, isBack }: { readonly said: DayEvent | undefined; readonly isBack: boolean },
  ): Promise<void> {
    this.wish = wish;
    const words = await this.around.wire.moved(wish);
    if (words === undefined) return;
    // Of something taken back, both are one thing to read.
    const known = isBack ? this.notices.filter((one) => one !== BACK) : this.notices;
    const notice = isBack ? `${BACK} ${words}` : words;
    this.notices = withWords(known, [notice]);
    if (said && this.wish === wish) this.slip = { event: said, notice };
    this.changed();
  }

  private async forget(events: readonly DayEvent[], words: readonly string[]): Promise<void> {
    const ids = new Set(events.map(({ id }) => id));
    this.pending = this.pending.filter(({ id }) => !ids.has(id));
    this.notices = withWords(this.notices, words);
    this.changed();
    await this.around.cupboard.sent([...ids]).catch(() => undefined);
  }

  private hear(events: readonly ToldEvent[]): void {
    const fresh = withTold(this.told, events, this.file);
    if (fresh === this.told) return;
    this.told = fresh;
    this.changed();
  }

  private refreshSoon(): void {
    clearTimeout(this.settling);
    this.settling = setTimeout(() => void this.refresh(), SETTLE_MS);
  }

  private async refresh(): Promise<void> {
    const fresh = await this.around.wire.fetchFile(this.file.date, this.file.person);
    // Of two that were on their way at once, the older may come last.
    if (!fresh || fresh.seq < this.file.seq || fresh.revision < this.file.revision) return;
    this.file = fresh;
    this.clock = setClock(fresh.now, this.around.device());
    // What happened while the day was being read may be in it already, and is heard besides.
    const known = new Set(fresh.events.map(({ id }) => id));
    const since = this.told.events.filter(({ id, seq }) => seq > fresh.seq && !known.has(id));
    this.told = toldBy(fresh, [...fresh.events, ...since]);
    this.changed();
  }

  private join(): void {
    if (this.link === 'nobody') return;
    this.link = 'live';
    this.changed();
    void this.flush();
  }

  /** The server does not answer: everything stays on the phone, and is tried again. */
  private part(): void {
    if (this.link !== 'nobody') this.link = 'cut';
    clearTimeout(this.again);
    if (this.pending.length > 0) this.again = setTimeout(() => void this.flush(), TRY_AGAIN_MS);
    this.changed();
  }

  private shut(): void {
    this.link = 'nobody';
    this.changed();
  }

  /** Says something until somebody has read it. */
  say(words: string): void {
    this.notices = withWords(this.notices, [words]);
    this.changed();
  }

  private changed(): void {
    this.state = this.stateNow();
    this.keepSoon();
    for (const watcher of this.watchers) watcher();
  }

  /** What can be had from the server again need not be kept with every press. */
  private keepSoon(): void {
    this.keeping ??= setTimeout(() => this.keepNow(), SETTLE_MS);
  }

  private keepNow(): void {
    clearTimeout(this.keeping);
    this.keeping = undefined;
    const { file, clock } = this;
    const { events, seq } = this.told;
    void this.around.cupboard
      .keepFile({ file: { ...file, events, seq: Math.max(file.seq, seq) }, clock })
      .catch(() => undefined);
  }

  private stateNow(): DayState {
    const { file } = this;
    const unheard = this.pending.filter((event) => !this.told.ids.has(event.id) && concerns(event, file));
    return {
      file,
      clock: this.clock,
      run: runAfter(this.told.run, unheard),
      unsent: this.pending.length,
      link: this.link,
      notices: this.notices,
      slip: this.slip,
    };
  }
}

/** What was said already is not said twice. */
function withWords(notices: readonly string[], words: readonly string[]): readonly string[] {
  return [...new Set([...notices, ...words])].slice(-MOST_NOTICES);
}

type Told = {
  /** In their order. */
  readonly events: readonly ToldEvent[];
  readonly ids: ReadonlySet<string>;
  readonly seq: number;
  readonly run: Run;
};

/** What happens on the date, or to a step that is planned for it. */
function concerns({ at, act }: DayEvent, { date, words }: DayFile): boolean {
  return at.slice(0, 10) === date || ('step' in act && act.step in words);
}

function toldBy(file: DayFile, events: readonly ToldEvent[]): Told {
  const ordered = events.toSorted((a, b) => a.seq - b.seq);
  return {
    events: ordered,
    ids: new Set(ordered.map(({ id }) => id)),
    seq: ordered.at(-1)?.seq ?? 0,
    run: runAfter(runAtStart(file.pack), [...file.earlier, ...ordered]),
  };
}

/** The same object where nothing is new. What comes in its order is laid on top; what comes late puts all in order. */
function withTold(told: Told, heard: readonly ToldEvent[], file: DayFile): Told {
  const fresh = heard
    .filter((event) => !told.ids.has(event.id) && concerns(event, file))
    .toSorted((a, b) => a.seq - b.seq);
  const [first, last] = [fresh[0], fresh.at(-1)];
  if (!first || !last) return told;
  if (first.seq < told.seq) return toldBy(file, [...told.events, ...fresh]);
  return {
    events: [...told.events, ...fresh],
    ids: new Set([...told.ids, ...fresh.map(({ id }) => id)]),
    seq: last.seq,
    run: runAfter(told.run, fresh),
  };
}
