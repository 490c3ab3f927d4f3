import { describe, expect, it } from 'vitest';
import { almanacOf } from '@/core/almanac/due';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { NOTHING_SAID_OF_THE_YEAR } from '@/core/clean/almanac-settings';
import { lastDoneIn } from '@/core/clean/last-done';
import { marksOf } from '@/core/scope/scope';
import { listTasks } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { DOZEN_HOMES } from '@/demo/dozen-homes';
import { juniperRow } from '@/demo/juniper-row';
import { dueBy, dueWords, everyWords, lapse } from './due-words';
import { seasonsScreen } from './seasons-model';
import { todayScreen } from './today-model';
import { almanacHead, lateAndOut, yearScreen } from './year-model';

const TODAY = '2027-03-01';
const entriesOf = (home: ReturnType<typeof juniperRow>) =>
  almanacOf({
    listed: listTasks(workOf(home, CATALOGUE)),
    lastDone: lastDoneIn(home.record, undefined),
    marks: marksOf(home.marks),
    facts: home.home.facts,
    today: TODAY,
  });
const demo = juniperRow(TODAY);
const entries = entriesOf(demo);

describe('when something is due, in words', () => {
  it('has years, and says how late', () => {
    const entry = { last: '2026-03-15', due: '2026-09-15', state: 'overdue' as const, overdueDays: 167 };
    expect(dueWords(entry)).toBe('late by 5 months, last done 15 Mar 2026');
    expect(dueWords({ ...entry, state: 'not-yet', due: '2027-09-15' })).toBe(
      'due 15 Sept 2027, last done 15 Mar 2026',
    );
    expect(dueWords({ ...entry, state: 'unknown', due: undefined })).toContain('nobody knows');
    expect([lapse(1), lapse(44), lapse(61)]).toEqual(['1 day', '44 days', '2 months']);
    expect([1, 6, 12, 24, 18].map(everyWords)).toEqual([
      'every month',
      'every 6 months',
      'every year',
      'every 2 years',
      'every 18 months',
    ]);
  });

  it('says what the next clean would hold', () => {
    const deep = entries.filter(({ routine }) => !routine);
    const out = deep.filter(({ due }) => due !== undefined && due > '2027-03-28').length;
    expect(dueBy(entries, '2027-03-28')).toContain(`${deep.length - out} jobs are due by 28 Mar 2027`);
  });
});

describe('the year on its page', () => {
  const screen = yearScreen({
    entries,
    record: demo.record,
    rooms: new Map(),
    year: '2027',
    today: TODAY,
    by: 'kind',
  });

  it('names every cell by what is in it, and has each of its jobs', () => {
    for (const row of screen.rows)
      for (const cell of row.cells) {
        expect(cell.label).toMatch(new RegExp(`^${row.name} in [A-Z][a-z]+: `));
        expect(cell.jobs).toHaveLength(cell.due + cell.late);
        for (const id of cell.jobs) expect(screen.jobs[id]).toBeDefined();
      }
  });

  it('leaves what was said of a job as it is when it is taken in', () => {
    const marked = {
      ...demo,
      marks: [{ on: 'task' as const, target: entries[0]?.task.id ?? '', dreaded: true }],
    };
    const [first] = entriesOf(marked);
    expect(first?.mark).toMatchObject({ dreaded: true });
  });

  it('says in its head what is late, what waits, or that nothing is due', () => {
    expect(almanacHead(entries).title).toMatch(/^\d+ jobs are late$/);
    const unknown = entries.map((entry) => ({ ...entry, state: 'unknown' as const }));
    expect(almanacHead(unknown).title).toMatch(/wait for a first tick$/);
    expect(almanacHead([]).title).toBe('Nothing is due');
  });

  it('speaks up on the aim only for what matters, is late, and is left out', () => {
    const late = entries.filter(({ state }) => state === 'overdue').slice(0, 5);
    const out = late.map((entry) => ({
      ...entry,
      task: { ...entry.task, scope: { ...entry.task.scope, in: false, priority: 'must' as const } },
    }));
    expect(lateAndOut(entries)).toBeUndefined();
    expect(lateAndOut(out)).toMatch(/^Late, and not part of this clean: .*; and 2 more\.$/);
  });
});

describe('every home', () => {
  it.each(DOZEN_HOMES.map((home) => [home.name, home] as const))(
    'has its little today and its seasons: %s',
    (_name, home) => {
      const own = entriesOf(home);
      const almanac = { ...NOTHING_SAID_OF_THE_YEAR, roundSince: TODAY };
      const { choices, turns } = todayScreen(own, { almanac, today: TODAY, isSouth: false });
      for (const { jobs, takes } of choices) expect(takes === '').toBe(jobs.length === 0);
      expect(turns?.title).toMatch(/^March: /);
      const { seasons, trades } = seasonsScreen(own, almanac, TODAY);
      expect(seasons.map(({ name }) => name)).toEqual([
        'Spring',
        'Summer',
        'Autumn',
        'Winter',
        'Before the frost',
        'After the heating season',
      ]);
      for (const { jobs, others } of seasons) {
        const there = new Set(jobs.map(({ method }) => method));
        expect(others.some(({ method }) => there.has(method))).toBe(false);
      }
      expect(trades.length).toBeGreaterThan(3);
    },
  );
});
