import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES, homeNamed } from '../../demo/dozen-homes';
import { CATALOGUE } from '../catalogue/catalogue';
import { NOTHING_SAID_OF_THE_YEAR } from '../clean/almanac-settings';
import { type LastDone, lastDoneIn } from '../clean/last-done';
import type { Household } from '../household/household';
import { marksOf } from '../scope/scope';
import { listTasks } from '../work/tasks';
import { workOf } from '../work/work';
import { monthByTurns } from './by-turns';
import { type AlmanacEntry, almanacOf, urgencyOf } from './due';
import { bestFor, bucketOf } from './now-and-then';
import { seasonJobs, seasonsOf } from './seasons';
import { tradesOf } from './trades';
import { fallsDue, yearOf } from './year';

const TODAY = '2027-03-01';

function entriesOf(home: Household, lastDone: readonly LastDone[] = [], today = TODAY): AlmanacEntry[] {
  return almanacOf({
    listed: listTasks(workOf(home, CATALOGUE)),
    lastDone,
    marks: marksOf(home.marks),
    facts: home.home.facts,
    today,
  });
}

const home = homeNamed('children of 6 and 11');
const all = entriesOf(home);
const oven = all.find(({ task }) => task.method.id === 'oven-paste') as AlmanacEntry;
const ovenOn = (date: string, today = TODAY, of: Household = home) =>
  entriesOf(of, [{ fixture: oven.task.fixture.id, method: 'oven-paste', date }], today).find(
    ({ task }) => task.id === oven.task.id,
  ) as AlmanacEntry;

describe('what is due', () => {
  it('follows from the last time and the interval: an oven every six months', () => {
    expect(oven).toMatchObject({ months: 6, last: undefined, due: undefined, state: 'unknown' });
    expect(ovenOn('2026-10-15')).toMatchObject({ last: '2026-10-15', due: '2027-04-15', state: 'not-yet' });
    expect(ovenOn('2026-09-15')).toMatchObject({ due: '2027-03-15', state: 'due' });
    expect(ovenOn('2026-08-01')).toMatchObject({ due: '2027-02-01', state: 'overdue', overdueDays: 28 });
  });

  it('ends a month on its last day: the last of August is due on the last of February', () => {
    expect(ovenOn('2026-08-31').due).toBe('2027-02-28');
  });

  it('goes by what somebody knows better', () => {
    const often = { ...home, marks: [{ on: 'kind' as const, target: 'appliances', everyMonths: 3 }] };
    expect(ovenOn('2026-12-15', TODAY, often)).toMatchObject({ months: 3, due: '2027-03-15' });
  });

  it('comes sooner where the water is hard', () => {
    const taps = (facts: Household['home']['facts']) =>
      entriesOf({ ...home, home: { ...home.home, facts } }).find(
        ({ task }) => task.method.id === 'shower-head-descale',
      )?.months;
    expect([taps(home.home.facts), taps({ ...home.home.facts, hardWater: true })]).toEqual([6, 4]);
  });

  it('grows more pressing by the share of its interval that has gone by', () => {
    expect(urgencyOf(ovenOn('2026-09-01'))).toBeCloseTo(1, 1);
    expect(urgencyOf(ovenOn('2026-03-01'))).toBeCloseTo(2, 1);
  });

  it('knows nothing of what came out dirty, was only begun, or belongs to the clean of now', () => {
    const line = {
      id: 'a',
      at: '2027-01-05T10:00',
      step: 'oven:oven-paste/scrub',
      mode: 'hands' as const,
      ends: true,
      method: 'oven-paste',
      kind: 'appliances' as const,
      job: 'Clean the oven',
      fixture: 'oven',
      thing: 'Oven',
      room: 'kitchen',
      place: 'Kitchen',
      estimate: { minutes: 40, low: 30, high: 60 },
      cameOut: 'clean' as const,
    };
    const done = [{ fixture: 'oven', method: 'oven-paste', date: '2027-01-05' }];
    expect(lastDoneIn([line], undefined)).toEqual(done);
    expect(lastDoneIn([{ ...line, clean: 'past' }], 'now')).toEqual(done);
    expect(lastDoneIn([{ ...line, cameOut: 'dirty' }], undefined)).toEqual([]);
    expect(lastDoneIn([{ ...line, ends: false }], undefined)).toEqual([]);
    expect(lastDoneIn([{ ...line, clean: 'now' }], 'now')).toEqual([]);
    const later = { ...line, id: 'b', at: '2027-02-05T10:00' };
    expect(lastDoneIn([later, line], undefined)[0]?.date).toBe('2027-02-05');
  });

  it('puts out of the next clean what was done lately, and in again when it is due', () => {
    const task = (date: string) =>
      listTasks(
        workOf(
          {
            ...home,
            record: undefined,
            lastDone: [{ fixture: oven.task.fixture.id, method: 'oven-paste', date }],
          },
          CATALOGUE,
        ),
      ).find(({ id }) => id === oven.task.id)?.scope;
    expect(task('2027-01-10')).toMatchObject({ in: false, reason: 'not-due', due: '2027-07-10' });
    expect(task('2026-09-10')).toMatchObject({ in: true });
  });
});

describe('the year', () => {
  it('has what falls due in its month, again as often as it comes round, and never in the past', () => {
    const twice = ovenOn('2026-10-15');
    const months = ['2027-01', '2027-03', '2027-04', '2027-05', '2027-10', '2028-04'];
    expect(months.filter((month) => fallsDue(twice, month, TODAY))).toEqual([
      '2027-04',
      '2027-10',
      '2028-04',
    ]);
    const late = ovenOn('2026-01-15');
    expect(fallsDue(late, '2027-02', TODAY)).toBe(false);
    expect(fallsDue(late, '2027-09', TODAY)).toBe(true);
  });

  it('has every job that is due in one row of one month, whichever way it is looked at', () => {
    const lastDone = all.map(({ task }, i) => ({
      fixture: task.fixture.id,
      method: task.method.id,
      date: `2026-${String(1 + (i % 12)).padStart(2, '0')}-10`,
    }));
    const entries = entriesOf(home, lastDone);
    const late = entries.filter(({ routine, state }) => !routine && state === 'overdue').length;
    const rowsBy = (id: (of: { kind: string; room: string }) => string) =>
      yearOf(entries, [], { year: '2027', today: TODAY, names: (of) => ({ id: id(of), name: id(of) }) });
    const [byKind, byRoom] = [rowsBy(({ kind }) => kind), rowsBy(({ room }) => room)];
    const count = (rows: typeof byKind) =>
      rows.flatMap(({ cells }) => cells).reduce((sum, cell) => sum + cell.due.length, 0);
    expect(count(byKind)).toBe(count(byRoom));
    expect(byKind.flatMap(({ cells }) => cells).reduce((sum, cell) => sum + cell.late.length, 0)).toBe(late);
  });
});

describe.each(DOZEN_HOMES.map((one) => [one.name, one] as const))('a little today, %s', (_name, one) => {
  const entries = entriesOf(one);

  it.each([20, 45, 90])(
    'fits into %d minutes, with one bucket, and crosses the house for nothing small',
    (minutes) => {
      const chosen = bestFor(entries, minutes);
      const rooms = new Map<string, number>();
      for (const { task, minutes: own } of chosen)
        rooms.set(task.room.id, (rooms.get(task.room.id) ?? 0) + own);
      expect([...rooms.values()].reduce((sum, own) => sum + own, 0)).toBeLessThanOrEqual(minutes);
      expect(new Set(chosen.map(({ task }) => bucketOf(task)).filter(Boolean)).size).toBeLessThanOrEqual(1);
      if (rooms.size > 1) for (const own of rooms.values()) expect(own).toBeGreaterThanOrEqual(4.5);
      // Rooms as one comes through them, each from the top down.
      const order = chosen.map(({ task }) =>
        entries.findIndex((entry) => entry.task.room.id === task.room.id),
      );
      expect(order).toEqual(order.toSorted((a, b) => a - b));
      chosen.forEach(({ task }, i) => {
        const next = chosen[i + 1]?.task;
        if (next?.room.id === task.room.id)
          expect(next.method.layer).toBeGreaterThanOrEqual(task.method.layer);
      });
    },
  );

  it('spreads what was missed: no month far above its share, no week far above the month', () => {
    const month = monthByTurns(entries, NOTHING_SAID_OF_THE_YEAR, TODAY, false);
    const largest = Math.max(0, ...month.jobs.map(({ minutes }) => minutes));
    expect(month.minutes).toBeLessThanOrEqual(1.25 * month.usualMinutes + largest);
    const week = month.week.reduce((sum, { minutes }) => sum + minutes, 0);
    expect(week).toBeLessThanOrEqual(month.minutes / 4 + largest);
    expect(month.jobs.length + month.later).toBe(entries.filter(({ routine }) => !routine).length);
  });
});

describe('round the year', () => {
  it('comes through the whole house, started in any month, and after half a year of nothing', () => {
    let lastDone: LastDone[] = [];
    let worst = 0;
    for (let month = 0; month < 30; month++) {
      const year = 2027 + Math.floor((month + 4) / 12);
      const today = `${year}-${String(((month + 4) % 12) + 1).padStart(2, '0')}-01`;
      // Nothing at all is done from the tenth month to the fifteenth.
      if (month >= 9 && month < 15) continue;
      const plan = monthByTurns(entriesOf(home, lastDone, today), NOTHING_SAID_OF_THE_YEAR, today, false);
      worst = Math.max(worst, plan.minutes / plan.usualMinutes);
      const done = plan.jobs.map(({ task }) => ({
        fixture: task.fixture.id,
        method: task.method.id,
        date: today,
      }));
      lastDone = lastDoneOf([...lastDone, ...done]);
    }
    expect(worst).toBeLessThan(1.5);
    const after = entriesOf(home, lastDone, '2029-11-01').filter(({ routine }) => !routine);
    expect(after.filter(({ last }) => last === undefined)).toEqual([]);
    const late = after.filter(({ overdueDays }) => overdueDays > 120);
    expect(late.length / after.length).toBeLessThan(0.1);
  });
});

function lastDoneOf(done: readonly LastDone[]): LastDone[] {
  return [...new Map(done.map((one) => [`${one.fixture}:${one.method}`, one])).values()];
}

describe('seasons and trades', () => {
  it('lie half a year apart in the south', () => {
    expect(seasonsOf(4, false)).toEqual(['spring', 'after-heating']);
    expect(seasonsOf(10, true)).toEqual(['spring', 'after-heating']);
    for (let month = 1; month <= 12; month++) expect(seasonsOf(month, true).length).toBeGreaterThan(0);
  });

  it('name only jobs that the catalogue knows, and change by a press', () => {
    const settings = {
      ...NOTHING_SAID_OF_THE_YEAR,
      seasons: [
        { season: 'spring' as const, method: 'curtain-wash', on: false },
        { season: 'spring' as const, method: 'oven-paste', on: true },
      ],
    };
    const spring = seasonJobs('spring', settings);
    expect([spring.has('curtain-wash'), spring.has('oven-paste')]).toEqual([false, true]);
    for (const season of ['spring', 'summer', 'autumn', 'winter', 'before-frost', 'after-heating'] as const)
      for (const method of seasonJobs(season, NOTHING_SAID_OF_THE_YEAR))
        expect(CATALOGUE.method(method), `${season}: ${method}`).toBeDefined();
  });

  it('are late once their interval has gone by since the last invoice', () => {
    const sweep = { id: 'sweep', what: 'Chimney swept', everyMonths: 12, last: '2026-02-20', off: false };
    const due = (trade: typeof sweep) =>
      tradesOf({ ...NOTHING_SAID_OF_THE_YEAR, trades: [trade] }, TODAY).find(({ id }) => id === 'sweep');
    expect(due(sweep)).toMatchObject({ due: '2027-02-20', isLate: true });
    expect(due({ ...sweep, last: '2026-04-01' })).toMatchObject({ isLate: false });
    expect(due({ ...sweep, off: true })).toMatchObject({ isLate: false });
  });
});
