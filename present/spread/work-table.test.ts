import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { workTable } from './work-table';

const entry = (step: string, start: string, people: string[]) => ({
  step,
  people,
  start,
  end: '2027-03-02T19:00',
});
const names = {
  people: new Map([
    ['ines', 'Ines'],
    ['bram', '=2+3'],
  ]),
  steps: new Map([['a', { title: 'Wash, rinse; "dry"', room: 'Bathroom' }]]),
};

describe('the work as a table', () => {
  it('has a line for each piece of hands-on work, in the order of time', () => {
    const text = workTable(
      {
        entries: [
          entry('b', '2027-03-02T18:30', ['ines']),
          entry('soak', '2027-03-02T18:00', []),
          entry('a', '2027-03-02T18:00', ['ines', 'bram']),
        ],
      },
      names,
    );
    const { data } = Papa.parse<string[]>(text);
    expect(data).toEqual([
      ['Date', 'From', 'To', 'Who', 'Room', 'What'],
      ['2027-03-02', '18:00', '19:00', 'Ines, =2+3', 'Bathroom', 'Wash, rinse; "dry"'],
      ['2027-03-02', '18:30', '19:00', 'Ines', '', 'b'],
    ]);
  });

  it('holds nothing that a spreadsheet would take for a formula, and only its head where nothing is planned', () => {
    expect(workTable({ entries: [entry('a', '2027-03-02T18:00', ['bram'])] }, names)).toContain("'=2+3");
    expect(workTable({ entries: [] }, names).trim()).toBe('Date,From,To,Who,Room,What');
  });
});
