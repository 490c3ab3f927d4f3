import { fc, it as prop } from '@fast-check/vitest';
import { describe, expect, it, vi } from 'vitest';
import type { DayBatch, DayEvent, ToldEvent, Verdict } from '@/core/clean/events';
import type { DayFile } from '@/present/day/day-file';
import { DayStore, type Slip } from './day-store';
import { cupboardInMemory } from './memory-cupboard';
import type { Ears, Known, Sent, Wire } from './wire';

const STEPS = ['a', 'b', 'c', 'd'].map((name) => `sink:scrub/${name}`);

const FILE = {
  made: 'once',
  keeper: 'phone',
  date: '2027-03-01',
  today: '2027-03-01',
  now: '2027-03-01T18:00:00',
  person: 'ada',
  pack: { date: '2027-03-01', tasks: [], rules: [], entries: [], planned: [], done: [], parts: [] },
  words: { [STEPS[0] as string]: { title: 'Scrub' } },
  people: [
    { id: 'ada', name: 'Ada' },
    { id: 'ben', name: 'Ben' },
  ],
  earlier: [],
  events: [],
  seq: 0,
} as unknown as DayFile;

/** A server as far as a phone can tell: each event once, in one order, told to all that listen. */
class Server {
  readonly log: ToldEvent[] = [];
  readonly batches: DayBatch[] = [];
  private readonly answers = new Map<string, Verdict>();
  private readonly ears = new Set<Ears>();

  take(batch: DayBatch): Extract<Sent, { as: 'taken' }>['taken'] {
    this.batches.push(batch);
    const told: ToldEvent[] = [];
    const answers = batch.events.map((event) => {
      const known = this.answers.get(event.id) ?? this.judge(event);
      if (!this.answers.has(event.id) && known.as === 'kept') {
        const heard = { ...event, seq: this.log.length + 1 };
        this.log.push(heard);
        told.push(heard);
      }
      this.answers.set(event.id, known);
      return { id: event.id, verdict: known };
    });
    for (const event of told) for (const ears of this.ears) ears.happened(event);
    return { answers, told, clockWrong: false, isBack: false };
  }

  private judge({ act }: DayEvent): Verdict {
    const first = this.log.find(
      (known) => known.act.do === 'done' && act.do === 'done' && known.act.step === act.step,
    );
    return first ? { as: 'already', by: first.person, at: first.at.slice(0, 16) } : { as: 'kept' };
  }

  listen({ after }: Known, ears: Ears): () => void {
    this.ears.add(ears);
    for (const event of this.log) if (event.seq > after) ears.happened(event);
    return () => this.ears.delete(ears);
  }
}

/** How a sending goes: it arrives, it is lost on the way, or its answer is. */
type Weather = 'fine' | 'lost' | 'unanswered';

function phone(server: Server, weather: () => Weather, name: string, cupboard = cupboardInMemory()) {
  let numbers = 0;
  const wire: Wire = {
    send: async (batch) => {
      const how = weather();
      if (how === 'lost') return { as: 'later' };
      const taken = server.take(batch);
      return how === 'fine' ? { as: 'taken', taken } : { as: 'later' };
    },
    moved: async () => undefined,
    fetchFile: async () => undefined,
    listen: (known, ears) => server.listen(known, ears),
  };
  const store = new DayStore(FILE, { cupboard, wire, device: () => 0, newId: () => `${name}-${++numbers}` });
  return { store, cupboard };
}

const tick = (step: string) => ({ do: 'done' as const, step });

describe('DayStore', () => {
  it('says so where the phone’s cupboard is full, and sends what was pressed all the same', async () => {
    const full = {
      ...cupboardInMemory(),
      keepUnsent: () => Promise.reject(new DOMException('No room', 'QuotaExceededError')),
    };
    const server = new Server();
    let how: Weather = 'lost';
    const { store } = phone(server, () => how, 'full', full);
    await store.open();
    await store.carry(tick(STEPS[0] as string));
    expect(store.snapshot().notices).toEqual([
      'This phone could not keep that for later. Stay on this page until it is sent.',
    ]);
    expect(store.snapshot().run.done.has(STEPS[0] as string)).toBe(true);
    how = 'fine';
    await store.flush();
    expect(server.log.map(({ act }) => act)).toEqual([tick(STEPS[0] as string)]);
    store.close();
  });

  it('shows a tick before the server has answered', async () => {
    const server = new Server();
    const { store } = phone(server, () => 'lost', 'ada');
    const carried = store.carry(tick(STEPS[0] as string));
    expect(store.snapshot().run.done.has(STEPS[0] as string)).toBe(true);
    await carried;
    expect(store.snapshot()).toMatchObject({ unsent: 1, link: 'cut' });
  });

  it('says who was first, where two tick the same', async () => {
    const server = new Server();
    const [ada, ben] = [phone(server, () => 'fine', 'ada').store, phone(server, () => 'fine', 'ben').store];
    await ben.carry(tick(STEPS[0] as string), 'ben');
    await ada.carry(tick(STEPS[0] as string), 'ada');
    expect(ada.snapshot().notices).toEqual([
      '“Scrub” was done already: Ben was first, at 18:00. It counts once.',
    ]);
    expect(server.log.length).toBe(1);
  });

  it('keeps everything while it is not known any more, and says so', async () => {
    const server = new Server();
    const cupboard = cupboardInMemory();
    const wire: Wire = {
      send: async () => ({ as: 'nobody' }),
      moved: async () => undefined,
      fetchFile: async () => undefined,
      listen: () => () => {},
    };
    const store = new DayStore(FILE, { cupboard, wire, device: () => 0, newId: () => 'one' });
    await store.carry(tick(STEPS[0] as string));
    expect(store.snapshot()).toMatchObject({ link: 'nobody', unsent: 1 });
    expect(cupboard.outbox.length).toBe(1);
    const later = phone(server, () => 'fine', 'again', cupboard).store;
    await later.open();
    await later.flush();
    expect(server.log.map(({ id }) => id)).toEqual(['one']);
  });

  it('takes back what was said last, and offers nothing to take back after that', async () => {
    const sent: DayEvent[] = [];
    let tell = (_words: string) => {};
    const planned = new Promise<string>((resolve) => {
      tell = resolve;
    });
    const wire: Wire = {
      send: async ({ events }) => {
        sent.push(...events);
        const answers = events.map(({ id }) => ({ id, verdict: { as: 'kept' as const } }));
        const told = events.map((event, i) => ({ ...event, seq: sent.length + i }));
        const said = events.find(({ act }) => act.do === 'not-today')?.id;
        return {
          as: 'taken',
          taken: {
            answers,
            told,
            clockWrong: false,
            isBack: said === undefined,
            ...(said ? { said, wish: 7 } : { wish: 8 }),
          },
        };
      },
      moved: async (wish) => (wish === 7 ? planned : 'Nothing had to move.'),
      fetchFile: async () => undefined,
      listen: () => () => {},
    };
    let numbers = 0;
    const store = new DayStore(FILE, {
      cupboard: cupboardInMemory(),
      wire,
      device: () => 0,
      newId: () => `one-${++numbers}`,
    });
    const step = STEPS[0] as string;
    await store.carry({ do: 'not-today', step });
    // It is sent, whenever the plan is there.
    expect(store.snapshot()).toMatchObject({ unsent: 0, notices: [], slip: undefined });
    tell('1 job moved.');
    await vi.waitFor(() => expect(store.snapshot().notices).not.toEqual([]));
    expect(store.snapshot()).toMatchObject({ notices: ['1 job moved.'], slip: { event: { id: 'one-1' } } });
    expect(store.snapshot().run.off.get(step)).toBe('not-today');
    await store.takeBack(store.snapshot().slip as Slip);
    expect(sent.at(-1)?.act).toEqual({ do: 'take-back', said: 'one-1', putBack: step });
    expect(store.snapshot().run.off.size).toBe(0);
    await vi.waitFor(() =>
      expect(store.snapshot()).toMatchObject({
        notices: ['Taken back. Nothing had to move.'],
        slip: undefined,
      }),
    );
  });

  it('goes on sending while the day can’t be fetched anew', async () => {
    const wire: Wire = {
      send: async ({ events }) => {
        const answers = events.map(({ id }) => ({ id, verdict: { as: 'kept' as const } }));
        return { as: 'taken', taken: { answers, told: [], clockWrong: true, isBack: false } };
      },
      moved: async () => undefined,
      fetchFile: () => new Promise(() => {}),
      listen: () => () => {},
    };
    let numbers = 0;
    const around = { cupboard: cupboardInMemory(), wire, device: () => 0, newId: () => `${++numbers}` };
    const store = new DayStore(FILE, around);
    for (const step of STEPS) await store.carry(tick(step));
    expect(store.snapshot()).toMatchObject({ unsent: 0, link: 'live' });
    expect(store.snapshot().notices).toEqual([expect.stringContaining('The clock of this phone is wrong')]);
    store.close();
  });

  it('leaves out what can’t be understood, and sends the rest', async () => {
    const cupboard = cupboardInMemory();
    const taken: string[] = [];
    const wire: Wire = {
      send: async ({ events }) => {
        if (events.some(({ id }) => id === '2')) return { as: 'unfit' };
        taken.push(...events.map(({ id }) => id));
        const answers = events.map(({ id }) => ({ id, verdict: { as: 'kept' as const } }));
        return { as: 'taken', taken: { answers, told: [], clockWrong: false, isBack: false } };
      },
      moved: async () => undefined,
      fetchFile: async () => undefined,
      listen: () => () => {},
    };
    const at = '2027-03-01T18:00:00';
    for (const id of ['1', '2', '3']) await cupboard.keepUnsent({ id, at, act: tick(STEPS[0] as string) });
    const store = new DayStore(FILE, { cupboard, wire, device: () => 0, newId: () => 'new' });
    await store.open();
    await store.flush();
    expect(taken).toEqual(['1', '3']);
    expect(store.snapshot().unsent).toBe(0);
  });

  /** A phone whose server and news are in the hands of the test. */
  function inHand(file: Partial<DayFile> = {}) {
    const asked: ((file: DayFile | undefined) => void)[] = [];
    const sent: DayBatch[] = [];
    let ears: Ears | undefined;
    let isUp = true;
    const wire: Wire = {
      send: async (batch) => {
        if (!isUp) return { as: 'later' };
        sent.push(batch);
        const answers = batch.events.map(({ id }) => ({ id, verdict: { as: 'kept' as const } }));
        const told = batch.events.map((event, i) => ({ ...event, seq: 10 * sent.length + i }));
        return { as: 'taken', taken: { answers, told, clockWrong: false, isBack: false } };
      },
      moved: async () => undefined,
      fetchFile: () => new Promise((resolve) => asked.push(resolve)),
      listen: (_known, heard) => {
        ears = heard;
        return () => {};
      },
    };
    let numbers = 0;
    const cupboard = cupboardInMemory();
    const store = new DayStore({ ...FILE, revision: 5, ...file } as DayFile, {
      cupboard,
      wire,
      device: () => 0,
      newId: () => `own-${++numbers}`,
    });
    return { store, cupboard, asked, sent, news: () => ears as Ears, server: (up: boolean) => (isUp = up) };
  }

  const heard = (seq: number, act: DayEvent['act']): ToldEvent => ({
    id: `other-${seq}`,
    seq,
    at: '2027-03-01T18:00:00',
    person: 'ben',
    act,
  });

  it('lays what it hears in its order, in whatever order that comes', async () => {
    const { store, news } = inHand();
    await store.open();
    const step = STEPS[0] as string;
    news().happened(heard(3, { do: 'hand', step, to: 'ada' }));
    news().happened(heard(2, { do: 'not-today', step }));
    news().happened(heard(1, { do: 'hand', step, to: 'ben' }));
    // Handed on last of all, it is Ada’s, and on again.
    expect(store.snapshot().run.hands.get(step)).toBe('ada');
    expect(store.snapshot().run.off.has(step)).toBe(false);
    store.close();
  });

  it('keeps the newer day of two that were on their way at once', async () => {
    vi.useFakeTimers();
    try {
      const { store, news, asked } = inHand();
      await store.open();
      news().planned();
      await vi.advanceTimersByTimeAsync(500);
      news().planned();
      await vi.advanceTimersByTimeAsync(500);
      expect(asked).toHaveLength(2);
      const day = (revision: number) => ({ ...FILE, revision, made: `${revision}` }) as DayFile;
      asked[1]?.(day(7));
      await vi.advanceTimersByTimeAsync(0);
      asked[0]?.(day(6));
      await vi.advanceTimersByTimeAsync(0);
      expect(store.snapshot().file.revision).toBe(7);
      store.close();
    } finally {
      vi.useRealTimers();
    }
  });

  it('counts once what happened while the day was being read anew', async () => {
    vi.useFakeTimers();
    try {
      const { store, news, asked } = inHand();
      await store.open();
      const bag = heard(1, { do: 'bag', kind: 'bag', pile: 'give', count: 1 });
      news().planned();
      await vi.advanceTimersByTimeAsync(500);
      news().happened(bag);
      asked[0]?.({ ...FILE, revision: 7, made: 'anew', events: [bag], seq: 0 } as DayFile);
      await vi.advanceTimersByTimeAsync(0);
      expect(store.snapshot().file.made).toBe('anew');
      expect([...store.snapshot().run.bags]).toEqual([['bag/give', 1]]);
      store.close();
    } finally {
      vi.useRealTimers();
    }
  });

  it('keeps what was pressed before it was open, behind what was kept earlier', async () => {
    const { store, cupboard, sent } = inHand();
    const at = '2027-03-01T17:59:00';
    await cupboard.keepUnsent({ id: 'earlier', at, act: tick(STEPS[1] as string) });
    const pressed = store.carry(tick(STEPS[0] as string));
    await store.open();
    await pressed;
    await store.flush();
    const ids = sent.flatMap(({ events }) => events.map(({ id }) => id));
    expect(ids).toContain('earlier');
    expect(ids).toContain('own-1');
    expect(store.snapshot().unsent).toBe(0);
    expect(store.snapshot().run.done.has(STEPS[0] as string)).toBe(true);
    store.close();
  });

  it('tries again by itself after a cut', async () => {
    vi.useFakeTimers();
    try {
      const { store, sent, server } = inHand();
      await store.open();
      server(false);
      await store.carry(tick(STEPS[0] as string));
      expect(store.snapshot()).toMatchObject({ link: 'cut', unsent: 1 });
      server(true);
      await vi.advanceTimersByTimeAsync(6_000);
      expect(sent).toHaveLength(1);
      expect(store.snapshot()).toMatchObject({ link: 'live', unsent: 0 });
      store.close();
    } finally {
      vi.useRealTimers();
    }
  });

  const action = fc.tuple(
    fc.constantFrom('ada', 'ben'),
    fc.constantFrom(...STEPS),
    fc.constantFrom<Weather>('fine', 'lost', 'unanswered'),
    fc.constantFrom('go on', 'close and open'),
  );

  prop.prop([fc.array(action, { minLength: 1, maxLength: 40 })], { seed: 11, numRuns: 200 })(
    'sends everything once and in its order, through cuts, lost answers and closed browsers; all agree',
    async (actions) => {
      const server = new Server();
      let weather: Weather = 'fine';
      const cupboards = { ada: cupboardInMemory(), ben: cupboardInMemory() };
      let opened = 0;
      const open = async (name: 'ada' | 'ben') => {
        const { store } = phone(server, () => weather, `${name}-${++opened}`, cupboards[name]);
        await store.open();
        return store;
      };
      const phones = { ada: await open('ada'), ben: await open('ben') };
      let carried = 0;
      for (const [name, step, now, then] of actions) {
        weather = now;
        carried++;
        await phones[name as 'ada'].carry({ do: 'pile', pile: 'give', count: 1 }, name);
        await phones[name as 'ada'].carry(tick(step), name);
        if (then === 'close and open') {
          phones[name as 'ada'].close();
          phones[name as 'ada'] = await open(name as 'ada');
        }
      }
      weather = 'fine';
      for (const store of Object.values(phones)) await store.flush();
      const { ada, ben } = phones;
      expect(server.log.filter(({ act }) => act.do === 'pile').length).toBe(carried);
      expect(new Set(server.log.map(({ id }) => id)).size).toBe(server.log.length);
      for (const name of ['ada', 'ben']) {
        const ids = server.log
          .filter(({ id }) => id.startsWith(name))
          .map(({ id }) => id.split('-').slice(1).map(Number));
        expect(ids).toEqual(ids.toSorted((a, b) => (a[0] ?? 0) - (b[0] ?? 0) || (a[1] ?? 0) - (b[1] ?? 0)));
      }
      const ticked = new Set(actions.map(([, step]) => step));
      for (const store of [ada, ben]) {
        const { run, unsent } = store.snapshot();
        expect(unsent).toBe(0);
        expect(new Set(run.done.keys())).toEqual(ticked);
        expect(run.piles.get('give')).toBe(carried);
        store.close();
      }
    },
  );
});
