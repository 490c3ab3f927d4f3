import { describe, expect, it } from 'vitest';
import { readBusy } from '@/core/formats/calendar/read-busy';
import { DOZEN_HOMES } from '@/demo/dozen-homes';
import { juniperRow } from '@/demo/juniper-row';
import { quickPlan, stateOf } from '@/ui/testing/demo-state';
import { alarmAsked } from './alarm';
import { type Appointment, appointmentsOf } from './appointments';
import { settle } from './identities';
import { minutesOfWaits } from './waits';
import { type CalendarSource, eventWords, writeCalendar } from './write-calendar';

const RANGE = { timezone: 'Europe/Berlin', from: '2027-03-01', to: '2027-04-30' };
const NOW = '2027-03-01T08:00';

const session = (person: string, start: string, end: string) => ({
  id: `${person}@${start}`,
  person,
  date: `2027-${start.slice(0, 5)}`,
  start: `2027-${start}`,
  end: `2027-${end}`,
});

describe('appointments', () => {
  const joined = (...sessions: ReturnType<typeof session>[]) =>
    appointmentsOf({ sessions, entries: [] } as never, new Map()).map(({ person, start, end }) => [
      person,
      start.slice(11),
      end.slice(11),
    ]);

  it('are one where stretches of one evening are close, or short and within reach', () => {
    const evening = session('ines', '03-02T18:00', '03-02T19:00');
    expect(joined(evening, session('ines', '03-02T19:50', '03-02T20:30'))).toEqual([
      ['ines', '18:00', '20:30'],
    ]);
    expect(joined(evening, session('ines', '03-02T21:00', '03-02T21:10'))).toEqual([
      ['ines', '18:00', '21:10'],
    ]);
  });

  it('are two where somebody can go out in between, on another date, and of another person', () => {
    const evening = session('ines', '03-02T18:00', '03-02T19:00');
    expect(joined(evening, session('ines', '03-02T20:10', '03-02T21:00'))).toHaveLength(2);
    expect(joined(evening, session('ines', '03-03T18:00', '03-03T18:10'))).toHaveLength(2);
    expect(joined(evening, session('bram', '03-02T19:00', '03-02T20:00'))).toHaveLength(2);
    expect(
      joined(session('ines', '03-02T09:00', '03-02T09:10'), session('ines', '03-02T18:00', '03-02T18:05')),
    ).toHaveLength(2);
  });
});

describe('a wait', () => {
  it('is over when it is over, and not when somebody goes on', () => {
    const entry = (step: string, start: string, end: string, people: string[]) => ({
      step,
      people,
      start: `2027-${start}`,
      end: `2027-${end}`,
    });
    const [appointment] = appointmentsOf(
      {
        sessions: [session('ines', '03-02T17:00', '03-02T18:00')],
        entries: [
          entry('hob:clean/soak', '03-02T17:07', '03-02T17:10', ['ines']),
          entry('hob:clean/soften', '03-02T17:10', '03-02T17:38', []),
          entry('hob:clean/scrape', '03-02T17:38', '03-02T17:54', ['ines']),
        ],
      } as never,
      new Map([['hob:clean/soften', 15]]),
    );
    expect(appointment?.waits).toMatchObject([{ start: '2027-03-02T17:10', end: '2027-03-02T17:25' }]);
  });
});

/** All that is written of a home with a plan. */
function written(household: ReturnType<typeof juniperRow>, more: Partial<CalendarSource> = {}) {
  const state = stateOf(household, NOW, quickPlan(household, NOW));
  const plan = state.campaign?.plans?.latest.plan;
  const source: CalendarSource = {
    name: `${household.name}: spring`,
    place: household.name,
    cleanName: household.clean?.name ?? '',
    timezone: 'Europe/Berlin',
    people: new Map(household.people.map(({ id, name }) => [id, name])),
    tasks: new Map(state.tasks.map((task) => [task.id, task])),
    alarm: 10,
    origin: 'https://thaw.example',
    ...more,
  };
  const appointments = appointmentsOf(plan ?? { sessions: [], entries: [] }, minutesOfWaits(state.tasks));
  const shown = appointments.map((appointment) => ({
    person: appointment.person,
    date: appointment.date,
    steps: appointment.entries.map(({ step }) => step),
    look: eventWords(appointment, source).summary,
  }));
  const settled = settle([], shown, { clean: 'spring', now: NOW });
  const events = settled.shown.map((identity, i) => ({
    identity,
    appointment: appointments[i] as Appointment,
  }));
  return { text: writeCalendar(events, source), appointments, source, plan };
}

describe.each([juniperRow('2027-03-01'), ...DOZEN_HOMES].map((home) => [home.name, home] as const))(
  'the calendar of %s',
  (_name, household) => {
    const { text, appointments, source, plan } = written(household);

    it('has every step of every session, with its room and its job', () => {
      const hands = (plan?.entries ?? []).flatMap(({ people, step }) =>
        people.map((person) => `${person} ${step}`),
      );
      const shown = appointments.flatMap(({ person, entries }) =>
        entries.map(({ step }) => `${person} ${step}`),
      );
      expect(shown.toSorted()).toEqual(hands.toSorted());
      for (const appointment of appointments) {
        const { summary, description } = eventWords(appointment, source);
        expect(summary.length).toBeLessThanOrEqual(150);
        expect(summary).toMatch(/: /);
        expect(description.split('\n')).toHaveLength(
          appointment.entries.length + appointment.waits.length + 1,
        );
        for (const line of description.split('\n').slice(0, -1)) expect(line).toMatch(/^\d\d:\d\d .+: .+/);
      }
    });

    it('has no line of more than 75 octets, and comes back as the times that they were', () => {
      for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
      const read = readBusy(text, RANGE);
      expect(read.ok, 'a calendar without events is none').toBe(appointments.length > 0);
    });
  },
);

describe('an event', () => {
  const { text } = written(juniperRow('2027-03-01'), { cleanName: 'Frühling, groß' });
  const unfolded = text.replaceAll('\r\n ', '');
  const [event = ''] = unfolded.split('BEGIN:VEVENT').slice(1);

  it('has its place, its categories, the way back, the zone of its times, and what the calendar is called', () => {
    expect(event).toMatch(/LOCATION:\S/);
    expect(event).toContain('CATEGORIES:Deep clean,Frühling\\, groß');
    expect(event).toMatch(/URL:https:\/\/thaw\.example\/day\/2027-03-\d\d\?person=\w+/);
    expect(event).toContain('Times are by the clock at home (Europe/Berlin).');
    expect(unfolded).toContain('METHOD:PUBLISH');
    expect(unfolded).toContain('REFRESH-INTERVAL;VALUE=DURATION:PT1H');
    expect(unfolded).toContain('X-WR-TIMEZONE:Europe/Berlin');
  });

  it('rings so long before as was asked for, and when what it sets going is over; or not at all', () => {
    expect(event).toContain('TRIGGER:-PT10M');
    expect(unfolded).toContain('it is over.');
    expect(written(juniperRow('2027-03-01'), { alarm: undefined }).text).not.toContain('VALARM');
    expect([alarmAsked('60'), alarmAsked(null), alarmAsked('none'), alarmAsked('-3 or 1=1')]).toEqual([
      60,
      10,
      undefined,
      10,
    ]);
  });

  it('is called off by its id', () => {
    const identity = {
      uid: 'x@early-thaw',
      person: 'ines',
      date: '2027-03-05',
      steps: [],
      look: '',
      sequence: 3,
      changed: NOW,
      gone: true,
    };
    const off = writeCalendar([{ identity }], written(juniperRow('2027-03-01')).source);
    expect(off).toContain('STATUS:CANCELLED');
    expect(off).toContain('SEQUENCE:3');
    expect(readBusy(off, RANGE)).toMatchObject({ ok: true, busy: [] });
  });
});
