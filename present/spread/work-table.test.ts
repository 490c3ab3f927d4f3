import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { taskOfStep } from '@/core/basics/ids';
import { juniperRow } from '@/demo/juniper-row';
import { quickPlan, stateOf } from '@/ui/testing/demo-state';
import { workTable } from './work-table';

const NOW = '2027-03-01T08:00';
const household = juniperRow('2027-03-01');
const state = stateOf(household, NOW, quickPlan(household, NOW));
const entries = state.campaign?.plans?.latest.plan.entries ?? [];
const tasks = new Map(state.tasks.map((task) => [task.id, task]));
const people = new Map(household.people.map(({ id, name }) => [id, name]));
const HEAD = ['Date', 'From', 'To', 'Minutes', 'Who', 'Room', 'Thing', 'Job', 'How', 'Then waits until'];

describe('the work as a table', () => {
  const { data } = Papa.parse<string[]>(workTable({ entries }, { people, tasks }).trim());
  const [head, ...rows] = data;

  it('has a line for each piece of hands-on work, in the order of time, with its minutes', () => {
    const hands = entries.filter((entry) => entry.people.length > 0);
    expect(head).toEqual(HEAD);
    expect(rows).toHaveLength(hands.length);
    const times = rows.map(([date, from]) => `${date} ${from}`);
    expect(times).toEqual(times.toSorted());
    for (const [, from = '', to = '', minutes, who, room, thing, job] of rows) {
      const at = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3));
      expect(Number(minutes)).toBe(at(to) - at(from));
      for (const cell of [who, room, thing, job]) expect(cell).not.toBe('');
    }
  });

  it('says until when what a line sets going is left alone', () => {
    const waits = entries.filter((entry) => entry.people.length === 0);
    const told = rows.filter((row) => row[9] !== '');
    // Each wait begins where some work ends; a machine that runs twice has its second run set going by the first.
    const begun = waits.filter((wait) =>
      entries.some(
        (entry) =>
          entry.people.length > 0 &&
          taskOfStep(entry.step) === taskOfStep(wait.step) &&
          entry.end === wait.start,
      ),
    );
    expect(begun.length).toBeGreaterThan(20);
    expect(told.length).toBeGreaterThanOrEqual(begun.length);
    expect(told.map((row) => row[9])).toContain(begun[0]?.end.replace('T', ' '));
  });

  it('holds nothing that a spreadsheet would take for a formula, and only its head where nothing is planned', () => {
    const hostile = new Map([...people].map(([id]) => [id, '=2+3'] as const));
    expect(workTable({ entries: entries.slice(0, 9) }, { people: hostile, tasks })).toContain("'=2+3");
    expect(workTable({ entries: [] }, { people, tasks }).trim()).toBe(HEAD.join(','));
  });

  it('has what has changed meanwhile by its id', () => {
    const [first] = entries.filter((entry) => entry.people.length > 0);
    expect(workTable({ entries }, { people, tasks: new Map() })).toContain(first?.step ?? 'nothing');
  });
});
