import ICAL from 'ical.js';
import { taskOfStep } from '@/core/basics/ids';
import { instantOf } from '@/core/basics/wall-clock';
import type { Plan } from '@/core/plan/plan';

/** What a calendar of sessions is made from. */
export type CalendarSource = {
  readonly name: string;
  readonly cleanId: string;
  readonly timezone: string;
  readonly plan: Pick<Plan, 'entries' | 'sessions'>;
  /** The version of the plan: what a calendar has from an earlier one is replaced. */
  readonly version: number;
  /** When the plan was made, by the wall clock of the home. */
  readonly madeAt: string;
  readonly people: ReadonlyMap<string, string>;
  /** What a step is called, and the room it is in. */
  readonly steps: ReadonlyMap<string, { readonly title: string; readonly room: string }>;
  /** Only this person's sessions; all where absent. */
  readonly person?: string;
};

/**
 * The sessions of a plan as an iCalendar file (RFC 5545): one event a session, with its steps and times. Times are
 * given as moments, so that they stay right over a change of the clocks. An event keeps its UID from plan to plan: the
 * n-th session of one person on one date.
 */
export function writeCalendar(source: CalendarSource): string {
  const calendar = new ICAL.Component(['vcalendar', [], []]);
  calendar.updatePropertyWithValue('version', '2.0');
  calendar.updatePropertyWithValue('prodid', '-//Early Thaw//Sessions//EN');
  calendar.updatePropertyWithValue('x-wr-calname', source.name);
  const turns = new Map<string, number>();
  for (const session of source.plan.sessions) {
    if (source.person !== undefined && session.person !== source.person) continue;
    const key = `${session.person}-${session.date}`;
    const turn = (turns.get(key) ?? 0) + 1;
    turns.set(key, turn);
    calendar.addSubcomponent(eventOf(session, `${source.cleanId}-${key}-${turn}@early-thaw`, source));
  }
  return `${calendar.toString()}\r\n`;
}

function eventOf(session: Plan['sessions'][number], uid: string, source: CalendarSource): ICAL.Component {
  const { timezone, steps, people } = source;
  const entries = source.plan.entries
    .filter(
      (entry) =>
        entry.people.includes(session.person) && entry.start >= session.start && entry.end <= session.end,
    )
    .sort((a, b) => a.start.localeCompare(b.start));
  const rooms = [...new Set(entries.flatMap((entry) => steps.get(entry.step)?.room ?? []))];
  const event = new ICAL.Component('vevent');
  event.updatePropertyWithValue('uid', uid);
  event.updatePropertyWithValue('sequence', source.version);
  event.updatePropertyWithValue('dtstamp', moment(source.madeAt, timezone));
  event.updatePropertyWithValue('dtstart', moment(session.start, timezone));
  event.updatePropertyWithValue('dtend', moment(session.end, timezone));
  event.updatePropertyWithValue(
    'summary',
    `${people.get(session.person) ?? session.person}: ${rooms.join(', ')}`,
  );
  event.updatePropertyWithValue(
    'description',
    entries
      .map((entry) => `${entry.start.slice(11)} ${steps.get(entry.step)?.title ?? entry.step}`)
      .join('\n'),
  );
  for (const alarm of alarmsOf(session, entries, source)) event.addSubcomponent(alarm);
  return event;
}

/** So long before a session the kit is carried together. */
const BEFORE = '-PT10M';

/** A word before the session, and one when each soak or cycle that is set going in it is over. */
function alarmsOf(
  { start }: Plan['sessions'][number],
  entries: Plan['entries'],
  { plan, steps, timezone }: CalendarSource,
): ICAL.Component[] {
  const begin = alarm('It is time to carry the kit together.', ICAL.Duration.fromString(BEFORE));
  const own = new Set<string>(entries.map(({ step }) => taskOfStep(step)));
  const waits = plan.entries.filter(
    (entry) => entry.people.length === 0 && own.has(taskOfStep(entry.step)) && entry.start >= start,
  );
  const over = waits
    .filter(
      ({ start: since, end }) =>
        since.slice(0, 10) === start.slice(0, 10) && end.slice(0, 10) === start.slice(0, 10),
    )
    .map(({ step, end }) =>
      alarm(`${steps.get(step)?.title ?? 'A wait'}: it is over.`, moment(end, timezone)),
    );
  return [begin, ...over];
}

function alarm(words: string, trigger: ICAL.Duration | ICAL.Time): ICAL.Component {
  const component = new ICAL.Component('valarm');
  component.updatePropertyWithValue('action', 'DISPLAY');
  component.updatePropertyWithValue('description', words);
  const property = new ICAL.Property('trigger');
  if (trigger instanceof ICAL.Time) property.resetType('date-time');
  property.setValue(trigger);
  component.addProperty(property);
  return component;
}

/** A time on the wall of the home as a moment. */
function moment(local: string, timezone: string): ICAL.Time {
  return ICAL.Time.fromJSDate(new Date(instantOf(local, timezone)), true);
}
