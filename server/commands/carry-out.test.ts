import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest';
import { taskOfStep } from '../../core/basics/ids';
import { dayOf, formatDate, formatMinute, minuteOf } from '../../core/basics/local-time';
import { CATALOGUE } from '../../core/catalogue/catalogue';
import type { DayAct, DayEvent } from '../../core/clean/events';
import { parseHouseholdFile } from '../../core/formats/read-household';
import type { HouseholdFile } from '../../core/household/household';
import type { MachineCycle, MachineDriver, MachineReport } from '../../core/machines/machine';
import { leavesOutMore } from '../../core/plan/left-out';
import { expand } from '../../core/problem/expand';
import { juniperRow } from '../../demo/juniper-row';
import { HouseholdScope } from '../db/scope';
import { keptHousehold } from '../household/kept';
import { askMachines } from '../machines/machines';
import { listen, type News } from '../news/hub';
import { planned as planFor } from '../planning/planner';
import { loadPlans } from '../repositories/clean';
import { eventsAfter, eventsOn } from '../repositories/day';
import { helperOfToken, makeHelperLink, revokeHelperLink } from '../repositories/helpers';
import { householdFile, insertHousehold, loadHousehold } from '../repositories/household';
import { newHousehold, spreadAt, testDatabase } from '../testing/households';
import { type Carried, carryOut } from './carry-out';
import { rollOn } from './roll-on';
import { addTrip } from './trip';

const TODAY = '2027-03-01';
const NOW = `${TODAY}T18:00:00`;

let db: Knex;
let scope: HouseholdScope;
let planned: HouseholdFile;
let steps: { step: string; person: string }[];

beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  process.env.EARLY_THAW_SECRET = 'a secret of the tests, long enough to seal';
  db = await testDatabase();
  const first = await newHousehold(db);
  const household = juniperRow(TODAY);
  const withReserve = { ...household, clean: { ...household.clean, reserve: ['2027-03-13', '2027-03-20'] } };
  await insertHousehold(first, withReserve);
  await spreadAt(first, `${TODAY}T07:00`);
  planned = await householdFile(first);
  steps = planned.plans[0]!.plan.entries.flatMap(({ step, people: [person] }) =>
    person === undefined ? [] : [{ step, person }],
  );
});
afterAll(() => db.destroy());

beforeEach(async () => {
  scope = await newHousehold(db);
  await insertHousehold(scope, planned);
});

const event = (act: DayAct, person = 'bram', at = NOW): DayEvent => ({ id: randomUUID(), at, person, act });
const send = (events: readonly DayEvent[], helper?: string): Promise<Carried> =>
  carryOut({ scope, ...(helper && { helper }) }, { sentAt: NOW, events: [...events] }, () => NOW);
const verdicts = ({ answers }: Carried) => answers.map(({ verdict }) => verdict.as);
const ticks = async () => (await loadHousehold(scope)).ticks;

describe('carryOut', () => {
  it('keeps a tick with who did it, when, and how long it took', async () => {
    const { step } = steps[0]!;
    await send([
      event({ do: 'start', step }, 'bram', `${TODAY}T17:40:00`),
      event({ do: 'done', step }, 'bram', `${TODAY}T17:52:30`),
    ]);
    expect(await ticks()).toMatchObject([{ step, at: `${TODAY}T17:52`, person: 'bram', seconds: 750 }]);
    await send([event({ do: 'took', step, minutes: 20 })]);
    expect(await ticks()).toMatchObject([{ step, seconds: 1200 }]);
  });

  it('does nothing again for what is sent again, and answers the same', async () => {
    const batch = [
      event({ do: 'done', step: steps[0]!.step }),
      event({ do: 'pile', pile: 'give', count: 1 }),
      event({ do: 'not-today', step: steps[1]!.step }),
    ];
    const first = await send(batch);
    const again = await Promise.all([send(batch), send(batch), send(batch.toReversed())]);
    for (const { answers, told } of again) {
      expect(told).toEqual([]);
      expect(answers.toSorted((a, b) => a.id.localeCompare(b.id))).toEqual(
        first.answers.toSorted((a, b) => a.id.localeCompare(b.id)),
      );
    }
    expect((await eventsOn(scope, TODAY)).length).toBe(3);
    expect((await loadHousehold(scope)).steering.later.length).toBe(1);
  });

  it('keeps the tick of somebody with the longest id that there can be', async () => {
    const long = 'i'.repeat(200);
    const [one] = planned.people;
    scope = await newHousehold(db);
    await insertHousehold(scope, { ...planned, people: [...planned.people, { ...one!, id: long }] });
    const taken = await send([event({ do: 'done', step: steps[0]!.step }, long)]);
    expect(verdicts(taken)).toEqual(['kept']);
    expect(await ticks()).toMatchObject([{ person: long }]);
  });

  it('agrees with both who tick the same, and says who was first', async () => {
    const { step } = steps[0]!;
    await send([event({ do: 'done', step }, 'ines', `${TODAY}T17:50:00`)]);
    const second = await send([event({ do: 'done', step }, 'bram', `${TODAY}T17:55:00`)]);
    expect(second.answers[0]?.verdict).toEqual({ as: 'already', by: 'ines', at: `${TODAY}T17:50` });
    expect((await ticks()).length).toBe(1);
    expect(second.told).toEqual([]);
  });

  it('gives a step to one of two who begin it at the same moment', async () => {
    const { step } = steps[0]!;
    const both = await Promise.all(['bram', 'ines'].map((who) => send([event({ do: 'start', step }, who)])));
    expect(both.flatMap(verdicts).sort()).toEqual(['kept', 'taken']);
  });

  it('lets the step go to whoever takes it over, unless a hazard is kept from them', async () => {
    const adults = await send([event({ do: 'hand', step: steps[0]!.step, to: 'ines' })]);
    expect(verdicts(adults)).toEqual(['kept']);
    const household = await loadHousehold(scope);
    const odalys = household.people.find(({ id }) => id === 'odalys')!;
    expect(odalys.cannot.length).toBeGreaterThan(0);
    const all = await send(steps.map(({ step }) => event({ do: 'hand', step, to: 'odalys' })));
    expect(new Set(verdicts(all))).toEqual(new Set(['kept', 'not-for']));
    expect(verdicts(await send([event({ do: 'hand', step: steps[0]!.step, to: 'nobody' })]))).toEqual([
      'not-for',
    ]);
  });

  it('changes nothing for a step that is no longer there, and keeps the rest', async () => {
    const taken = await send([
      event({ do: 'done', step: 'gone:method/step' }),
      event({ do: 'done', step: steps[0]!.step }),
    ]);
    expect(verdicts(taken)).toEqual(['gone', 'kept']);
    expect((await ticks()).map(({ step }) => step)).toEqual([steps[0]!.step]);
  });

  it('sets the times of a phone right whose clock is wrong by a day', async () => {
    const { step } = steps[0]!;
    const wrong = event({ do: 'done', step }, 'bram', '2027-03-02T17:45:00');
    const taken = await carryOut({ scope }, { sentAt: '2027-03-02T18:00:00', events: [wrong] }, () => NOW);
    expect(taken.clockWrong).toBe(true);
    expect(await ticks()).toMatchObject([{ step, at: `${TODAY}T17:45` }]);
  });

  it('takes a tick back, and with it what came after it in its task', async () => {
    const task = steps[0]!.step.slice(0, steps[0]!.step.lastIndexOf('/'));
    const own = [...new Set(steps.map(({ step }) => step))].filter((step) => step.startsWith(`${task}/`));
    await send(own.map((step) => event({ do: 'done', step })));
    await send([event({ do: 'undo', step: own[0]!, also: [...own.slice(1), steps.at(-1)!.step] })]);
    expect(await ticks()).toEqual([]);
  });

  it('has less left to do of what is done in part', async () => {
    const { step } = steps[0]!;
    const taken = await send([event({ do: 'part', step, share: 75 })]);
    expect(taken.wish).toBe(1);
    expect((await loadHousehold(scope)).parts).toEqual([{ step, share: 75 }]);
    await send([event({ do: 'done', step })]);
    expect((await loadHousehold(scope)).parts).toEqual([]);
  });

  it('takes back what was said last, as if it had never been', async () => {
    const before = await loadHousehold(scope);
    const { step } = steps[0]!;
    const slip = event({ do: 'not-today', step });
    const put = await send([slip]);
    expect(put).toMatchObject({ wish: 1, isBack: false, said: slip.id });
    expect((await loadHousehold(scope)).steering).not.toEqual(before.steering);
    const back = event({ do: 'take-back', said: slip.id, putBack: step });
    expect(await send([back])).toMatchObject({ wish: 2, isBack: true, said: undefined });
    expect((await loadHousehold(scope)).steering).toEqual(before.steering);
    // Sent again it does nothing again; said again there is nothing to take back.
    expect(verdicts(await send([back]))).toEqual(['kept']);
    expect(verdicts(await send([event({ do: 'take-back', said: slip.id })]))).toEqual(['too-late']);
    expect((await loadHousehold(scope)).steering).toEqual(before.steering);
  });

  it('takes nothing back that something else was changed after, nor what was never said', async () => {
    const [first, second] = [
      steps[0]!,
      steps.find(({ step }) => step.split(':')[0] !== steps[0]!.step.split(':')[0])!,
    ];
    const early = event({ do: 'not-today', step: first.step });
    await send([early, event({ do: 'not-today', step: second.step })]);
    const { steering } = await loadHousehold(scope);
    const tried = [early.id, randomUUID()].map((said) => event({ do: 'take-back', said }));
    expect(verdicts(await send(tried))).toEqual(['too-late', 'too-late']);
    expect((await loadHousehold(scope)).steering).toEqual(steering);
  });

  it('lets a helper take back only what they said themselves', async () => {
    const theirs = event({ do: 'rain' }, 'ines');
    await send([theirs]);
    const of = steps.find(({ person }) => person === 'bram')!;
    expect(verdicts(await send([event({ do: 'take-back', said: theirs.id })], 'bram'))).toEqual([
      'not-yours',
    ]);
    const own = event({ do: 'not-today', step: of.step }, 'bram');
    await send([own], 'bram');
    expect(verdicts(await send([event({ do: 'take-back', said: own.id })], 'bram'))).toEqual(['kept']);
  });

  it('tells all who listen of their household, in one order, and nobody else', async () => {
    const [heard, elsewhere]: [News[], News[]] = [[], []];
    const other = await newHousehold(db);
    const stop = [
      listen(scope.household, (news) => heard.push(news)),
      listen(other.household, (news) => elsewhere.push(news)),
    ];
    await Promise.all(steps.slice(0, 8).map(({ step }) => send([event({ do: 'done', step })])));
    for (const end of stop) end();
    const seqs = heard.flatMap((news) => (news.kind === 'event' ? [news.event.seq] : []));
    expect(seqs.length).toBe(8);
    expect(seqs).toEqual(seqs.toSorted((a, b) => a - b));
    expect(elsewhere).toEqual([]);
    expect((await eventsAfter(scope, seqs[3]!)).map(({ seq }) => seq)).toEqual(seqs.slice(4));
  });

  it('plans anew only where what was used must not meet something that is planned before a day has passed', async () => {
    const startOf = (task: string) =>
      planned.plans[0]!.plan.entries.filter(
        ({ step, people }) => people.length > 0 && taskOfStep(step) === task,
      )
        .map(({ step, start }) => ({ step, start }))
        .sort((a, b) => (a.start < b.start ? -1 : 1))[0]!;
    const [tiles, taps] = [
      startOf('bathroom-5-wall-tiles:tiles-scrub'),
      startOf('bathroom-2-taps:taps-descale'),
    ];
    const [first, second] = tiles.start < taps.start ? [tiles, taps] : [taps, tiles];
    const use = (step: string, start: string) =>
      carryOut(
        { scope },
        { sentAt: `${start}:00`, events: [event({ do: 'done', step }, 'bram', `${start}:00`)] },
        () => `${start}:00`,
      );
    // As it was planned, with a day between: nothing has to move, and the plan rests on what it did.
    expect((await use(first.step, first.start)).wish).toBeUndefined();
    const kept = await keptHousehold(scope);
    expect(kept.basis).toBe(kept.plans?.latest.basis);
    // The other one right before it: what is begun goes on, what is not moves.
    await send([event({ do: 'undo', step: first.step, also: [] })]);
    const early = formatMinute(minuteOf(first.start) - 60);
    expect((await use(second.step, early)).wish).toBeDefined();
  });

  it('keeps nothing of a batch that could not be kept as a whole', async () => {
    const broken = new HouseholdScope(db, scope.household);
    broken.transaction = (run) =>
      HouseholdScope.prototype.transaction.call(broken, (inside: HouseholdScope) => {
        // What happened is written before the ticks, by the same statement.
        inside.inserting = (table, rows) =>
          table === 'ticks'
            ? [db.insert({ id: 1 }).into('not_there')]
            : HouseholdScope.prototype.inserting.call(inside, table, rows);
        return run(inside);
      }) as ReturnType<typeof run>;
    const batch = steps.slice(0, 4).map(({ step }) => event({ do: 'done', step }));
    await expect(carryOut({ scope: broken }, { sentAt: NOW, events: batch }, () => NOW)).rejects.toThrow(
      'not_there',
    );
    expect(await ticks()).toEqual([]);
    expect(await eventsOn(scope, NOW.slice(0, 10))).toEqual([]);
    expect(verdicts(await send(batch))).toEqual(['kept', 'kept', 'kept', 'kept']);
  });
});

describe('the file of a household', () => {
  it('holds what happened, and brings it to another place', async () => {
    await send([
      event({ do: 'found', find: 'mend', text: 'Loose hinge' }),
      event({ do: 'pile', pile: 'give', count: 3 }),
      event({ do: 'done', step: steps[0]!.step }),
      event({ do: 'done', step: 'gone:method/step' }),
    ]);
    const file = await householdFile(scope);
    expect(file.events.map(({ act }) => act.do)).toEqual(['found', 'pile', 'done']);
    const elsewhere = await newHousehold(db, file.name);
    const read = parseHouseholdFile(JSON.stringify(file));
    if (!read.ok) throw new Error(JSON.stringify(read.faults));
    await insertHousehold(elsewhere, read.value);
    expect(await householdFile(elsewhere)).toEqual(file);
    const next = await carryOut(
      { scope: elsewhere },
      { sentAt: NOW, events: [event({ do: 'rain' })] },
      () => NOW,
    );
    expect(next.told[0]?.seq).toBe(4);
  });

  it('counts nothing twice that comes with it', () => {
    const [one] = [event({ do: 'rain' })];
    const parsed = parseHouseholdFile(JSON.stringify({ ...planned, events: [one, one] }));
    expect(parsed.ok).toBe(false);
  });
});

describe('a helper', () => {
  it('speaks for one person, and of their steps only', async () => {
    const own = steps.find(({ person }) => person === 'bram')!;
    const others = steps.find(
      ({ person, step }) => person !== 'bram' && !steps.some((s) => s.step === step && s.person === 'bram'),
    )!;
    const taken = await send(
      [event({ do: 'done', step: own.step }, 'ines'), event({ do: 'done', step: others.step })],
      'bram',
    );
    expect(verdicts(taken)).toEqual(['kept', 'not-yours']);
    expect(await ticks()).toMatchObject([{ step: own.step, person: 'bram' }]);
  });

  it('says nothing for the household: not the weather, the cupboard, the piles, nor another’s time', async () => {
    const others = steps.find(
      ({ person, step }) => person !== 'bram' && !steps.some((s) => s.step === step && s.person === 'bram'),
    )!;
    const found = event({ do: 'found', find: 'mend', text: 'Loose hinge' }, 'ines');
    await send([found]);
    const before = await householdFile(scope);
    const tried = [
      { do: 'rain' },
      { do: 'run-out', product: 'vinegar' },
      { do: 'pile', pile: 'give', count: -50 },
      { do: 'bag', kind: 'bag', pile: 'give', count: 3 },
      { do: 'settle', found: found.id },
      { do: 'short', who: 'ines', minutes: 0 },
      { do: 'machine', step: others.step, report: 'faulty' },
      { do: 'hand', step: others.step, to: 'bram' },
    ] as const satisfies readonly DayAct[];
    const taken = await send(
      tried.map((act) => event(act, 'bram')),
      'bram',
    );
    expect(verdicts(taken)).toEqual(tried.map(() => 'not-yours'));
    expect(taken.told).toEqual([]);
    expect(await householdFile(scope)).toEqual(before);
    const own = await send(
      [event({ do: 'found', find: 'buy', text: 'A bulb' }), event({ do: 'short', who: 'bram', minutes: 20 })],
      'bram',
    );
    expect(verdicts(own)).toEqual(['kept', 'kept']);
  });

  it('is known by a link until it is withdrawn, or another is made', async () => {
    const first = await makeHelperLink(scope, 'bram');
    const second = await makeHelperLink(scope, 'bram');
    expect(await helperOfToken(db, first)).toBeUndefined();
    expect(await helperOfToken(db, second)).toMatchObject({
      person: 'bram',
      scope: { household: scope.household },
    });
    await revokeHelperLink(await newHousehold(db), 'bram');
    expect(await helperOfToken(db, second)).toBeDefined();
    await revokeHelperLink(scope, 'bram');
    expect(await helperOfToken(db, second)).toBeUndefined();
    expect(await helperOfToken(db, '')).toBeUndefined();
  });
});

describe('askMachines', () => {
  const wash = () => {
    const { tasks } = expand({ ...planned, clean: planned.clean! }, CATALOGUE, `${TODAY}T07:00`);
    const task = tasks.find(({ steps: own }) =>
      own.some(({ mode, machine }) => mode === 'wait' && machine === 'washer'),
    )!;
    const at = task.steps.findIndex(({ mode, machine }) => mode === 'wait' && machine === 'washer');
    return { load: task.steps[at - 1]!.id, run: task.steps[at]! };
  };

  it('tells what a machine says once, and lets the wait end by it', async () => {
    const { load, run } = wash();
    await send([event({ do: 'done', step: load }, 'bram', `${TODAY}T09:00:00`)]);
    const heard: News[] = [];
    const stop = listen(scope.household, (news) => heard.push(news));
    const asked: MachineCycle[] = [];
    const driver = (report: MachineReport): MachineDriver => ({
      ask: async (cycle) => {
        asked.push(cycle);
        return report;
      },
    });
    await askMachines(scope, driver({ report: 'running' }), `${TODAY}T09:10:00`);
    for (let i = 0; i < 3; i++) await askMachines(scope, driver({ report: 'finished' }), `${TODAY}T09:30:00`);
    stop();
    expect(asked[0]).toEqual({
      machine: 'washer',
      kind: 'washer',
      step: run.id,
      since: `${TODAY}T09:00`,
      minutes: run.minutes,
    });
    expect(heard.map((news) => news.kind === 'event' && news.event.act)).toEqual([
      { do: 'machine', step: run.id, report: 'finished' },
    ]);
  });

  it('goes on where a machine can’t be reached', async () => {
    await send([event({ do: 'done', step: wash().load }, 'bram', `${TODAY}T09:00:00`)]);
    const silent: MachineDriver = { ask: () => Promise.reject(new Error('no answer')) };
    await askMachines(scope, silent, `${TODAY}T12:00:00`);
    expect((await eventsOn(scope, TODAY)).map(({ act }) => act.do)).toEqual(['done']);
  });
});

describe('rollOn', () => {
  const morningAfter = (date: string) => `${formatDate(dayOf(date) + 1)}T05:00`;

  const isWaitedFor = (step: string) =>
    expand({ ...planned, clean: planned.clean! }, CATALOGUE, `${TODAY}T07:00`).precedence.some(
      ({ hard, before }) => hard && (before === step || before === taskOfStep(step)),
    );

  it('gives a missed session to a reserve day first, once', async () => {
    const before = (await loadPlans(scope, planned.clean!.id))!.latest.plan;
    const byHand = before.entries.filter(({ people }) => people.length > 0);
    // The first evening with something in it for which nothing else waits.
    const missed = byHand
      .filter(({ step }) => !isWaitedFor(step))
      .map(({ start }) => start.slice(0, 10))
      .toSorted()[0]!;
    const now = morningAfter(missed);
    const lost = byHand.filter(({ start }) => start.slice(0, 10) <= missed);
    const made = (await planFor(scope, (await rollOn(scope, now))!, () => now))!;
    const [first, ...rest] = planned.clean!.reserve;
    // The first one is opened, and those after it in their order where it does not take all that was missed.
    const { reserve } = (await loadHousehold(scope)).clean!;
    expect(reserve).toEqual(rest.slice(rest.length - reserve.length));
    const places = new Map(made.after.entries.map((entry) => [entry.step, entry.start]));
    const dates = lost
      .filter(({ step }) => !isWaitedFor(step))
      .map(({ step }) => places.get(step)!.slice(0, 10));
    expect(dates.every((date) => date >= first!)).toBe(true);
    expect(made.after.entries.some(({ start }) => start.startsWith(first!))).toBe(true);
    expect(leavesOutMore(made.after, before)).toBe(false);
    expect(await rollOn(scope, now)).toBeUndefined();
  });

  it('opens reserve days where a week was missed, as many as it takes to leave nothing more out, or all', async () => {
    const now = '2027-03-09T07:00';
    const { clean: before } = await loadHousehold(scope);
    const made = (await planFor(scope, (await rollOn(scope, now))!, () => now))!;
    const { reserve } = (await loadHousehold(scope)).clean!;
    expect(reserve.length).toBeLessThan(before!.reserve.length);
    expect(before!.reserve).toEqual(expect.arrayContaining(reserve));
    expect(leavesOutMore(made.after, made.before) && reserve.length > 0).toBe(false);
    expect(made.after.entries.every(({ start }) => start >= '2027-03-09T07:00')).toBe(true);
  });

  it('leaves a plan alone of which nothing was missed', async () => {
    expect(await rollOn(scope, `${TODAY}T07:00`)).toBeUndefined();
  });
});

describe('addTrip', () => {
  it('plans a trip while the drop-off place is open, and once', async () => {
    const wish = { id: 'trip-one', bags: 6 };
    const { answer } = await addTrip(scope, wish, `${TODAY}T07:00`);
    if (!answer.ok) throw new Error(answer.why);
    const trip = answer.value;
    expect(trip.date > TODAY).toBe(true);
    await addTrip(scope, wish, `${TODAY}T07:00`);
    const { home, steering } = await loadHousehold(scope);
    const stops = home.floors.flatMap(({ rooms }) => rooms).flatMap((room) => room.stops);
    expect(stops.filter(({ id }) => id === 'trip-trip-one').length).toBe(1);
    expect(
      steering.pins
        .filter(({ step }) => step.startsWith('trip-trip-one'))
        .every(({ start }) => start.startsWith(trip.date)),
    ).toBe(true);
  });
});
