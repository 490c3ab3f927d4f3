import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { almanacOf } from '@/core/almanac/due';
import { tradesOf } from '@/core/almanac/trades';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { lastDoneIn } from '@/core/clean/last-done';
import { marksOf } from '@/core/scope/scope';
import { listTasks } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { juniperRow } from '@/demo/juniper-row';
import { recordTable } from '../record/record-table';
import { almanacCalendar } from './almanac-calendar';
import { almanacTable } from './almanac-table';

const TODAY = '2027-03-01';
const home = juniperRow(TODAY);
const entries = almanacOf({
  listed: listTasks(workOf(home, CATALOGUE)),
  lastDone: lastDoneIn(home.record, undefined),
  marks: marksOf(home.marks),
  facts: home.home.facts,
  today: TODAY,
});
const trades = tradesOf(
  {
    ...home.almanac,
    trades: [{ id: 'sweep', what: 'Chimney swept', everyMonths: 12, last: '2026-05-02', off: false }],
  },
  TODAY,
);
const deep = entries.filter(({ routine }) => !routine);

describe('what is due as a calendar', () => {
  const text = almanacCalendar({ name: 'Juniper Row', entries, trades, today: TODAY });
  const events = new ICAL.Component(ICAL.parse(text))
    .getAllSubcomponents('vevent')
    .map((one) => new ICAL.Event(one));

  it('has a whole day for each job with a date, and for each trade', () => {
    expect(events).toHaveLength(deep.filter(({ due }) => due !== undefined).length + 1);
    for (const event of events) {
      expect(event.startDate.isDate).toBe(true);
      expect(event.duration.toSeconds()).toBe(86_400);
    }
    const sweep = events.find(({ summary }) => summary === 'Chimney swept');
    expect(sweep?.startDate.toString()).toBe('2027-05-02');
  });

  it('keeps an id for each, whenever it falls due', () => {
    const ids = events.map(({ uid }) => uid);
    expect(new Set(ids).size).toBe(ids.length);
    const later = almanacCalendar({
      name: 'Juniper Row',
      trades,
      today: '2027-05-01',
      entries: entries.map((entry) => ({ ...entry, ...(entry.due && { due: '2027-08-01' }) })),
    });
    for (const id of ids) expect(later.replaceAll(/\r\n[ \t]/g, '')).toContain(`UID:${id}`);
  });
});

describe('tables', () => {
  const rowsOf = (text: string) => text.trim().split(/\r?\n/);

  it('have a line a tick', () => {
    const rows = rowsOf(recordTable(home.record, new Map([['spring-before', 'Spring 2026']])));
    expect(rows).toHaveLength(home.record.length + 1);
    expect(rows[0]).toContain('Date,Time,Clean,Room');
    expect(rows.filter((row) => row.includes('Spring 2026')).length).toBeGreaterThan(100);
  });

  it('have a line for each job that comes round', () => {
    expect(rowsOf(almanacTable(entries))).toHaveLength(deep.length + 1);
  });

  it('let nothing be taken for a formula', () => {
    const [line] = home.record;
    if (!line) throw new Error('There is no line.');
    const text = recordTable([{ ...line, place: '=1+1', name: '@ada' }], new Map());
    expect(text).not.toMatch(/(^|,)"?[=@]/m);
  });
});
