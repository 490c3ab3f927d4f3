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

  it('ring before they begin, and when a soak that is set going in them is over', () => {
    const soaked = {
      ...plan,
      entries: [
        entry('bath:soak/coat', '03-27T18:00', '03-27T18:10'),
        { ...entry('bath:soak/sit', '03-27T18:10', '03-27T18:40'), people: [] },
        { ...entry('hall:dry/dry', '03-27T18:10', '03-27T18:40'), people: [] },
      ],
    } as unknown as Plan;
    const steps = new Map([['bath:soak/sit', { title: 'The bath soaks', room: 'Bathroom' }]]);
    const written = writeCalendar({ ...source, plan: soaked, steps }).replaceAll('\r\n ', '');
    const alarms = written.split('BEGIN:VALARM').slice(1);
    expect(alarms[0]).toContain('TRIGGER:-PT10M');
    expect(alarms[1]).toContain('TRIGGER;VALUE=DATE-TIME:20270327T174000Z');
    expect(alarms[1]).toContain('DESCRIPTION:The bath soaks: it is over.');
    // What nobody sets going in this session does not ring in it.
    expect(written).not.toContain('hall');
    expect(alarms).toHaveLength(3);
  });

  it('can be those of one person', () => {
    expect(writeCalendar({ ...source, person: 'bram' })).not.toContain('BEGIN:VEVENT');
  });
});
