import { describe, expect, it } from 'vitest';
import { readBusy } from '@/core/formats/calendar/read-busy';
import type { Plan } from '@/core/plan/plan';
import { writeCalendar } from './write-calendar';

const RANGE = { timezone: 'Europe/Berlin', from: '2027-03-01', to: '2027-04-04' };

describe('sessions as a calendar', () => {
  const entry = (step: string, start: string, end: string) => ({
    step,
    people: ['ines'],
    start: `2027-${start}`,
    end: `2027-${end}`,
  });
  const session = (start: string, end: string) => ({
    id: `ines@${start}`,
    person: 'ines',
    date: `2027-${start.slice(0, 5)}`,
    start: `2027-${start}`,
    end: `2027-${end}`,
  });
  const plan = {
    entries: [entry('a', '03-27T18:00', '03-27T18:20'), entry('b', '03-28T18:00', '03-28T18:30')],
    sessions: [session('03-27T18:00', '03-27T18:20'), session('03-28T18:00', '03-28T18:30')],
  } as unknown as Plan;
  const source = {
    name: 'Spring',
    cleanId: 'spring',
    timezone: 'Europe/Berlin',
    plan,
    version: 7,
    madeAt: '2027-03-01T08:00',
    people: new Map([['ines', 'Ines']]),
    steps: new Map([
      ['a', { title: 'Wash, rinse; dry', room: 'Bathroom' }],
      ['b', { title: 'Vacuum', room: 'Hall' }],
    ]),
  };

  it('come back as the times that they were, over a change of the clocks', () => {
    const written = writeCalendar(source);
    expect(written).toContain('UID:spring-ines-2027-03-27-1@early-thaw');
    expect(written).toContain('SEQUENCE:7');
    expect(written).toContain('DTSTART:20270327T170000Z');
    expect(written).toContain('DTSTART:20270328T160000Z');
    expect(written).toContain('SUMMARY:Ines: Bathroom');
    expect(written.split('\r\n').every((line) => line.length <= 75)).toBe(true);
    const read = readBusy(written, RANGE);
    expect(read.ok && read.busy).toEqual(source.plan.sessions.map(({ start, end }) => ({ start, end })));
  });

  it('can be those of one person', () => {
    expect(writeCalendar({ ...source, person: 'bram' })).not.toContain('BEGIN:VEVENT');
  });
});
