import ICAL from 'ical.js';
import { taskOfStep } from '@/core/basics/ids';
import { jobName } from '@/core/work/place-of-job';
import type { CleanTask } from '@/core/work/tasks';
import { whereOf } from '../day/day-file';
import { inSentence, workOfStep } from '../words/piece-of-work';
import { clock, shortDate } from '../words/words';
import type { Appointment } from './appointments';
import { calendarText, moment, newCalendar } from './ical';
import type { Known } from './identities';

/** What a calendar of sessions is made from. */
export type CalendarSource = {
  readonly name: string;
  /** Where the home is, as people say it. */
  readonly place: string;
  readonly cleanName: string;
  readonly timezone: string;
  readonly people: ReadonlyMap<string, string>;
  readonly tasks: ReadonlyMap<string, CleanTask>;
  /** Where the application is reached, for the link back; absent where nobody knows. */
  readonly origin?: string | undefined;
  /** So many minutes before a session it rings; none where absent. */
  readonly alarm?: number | undefined;
};

/** What is shown of an appointment. */
export type EventWords = { readonly summary: string; readonly description: string };

/** A title of more than this is cut by every calendar. */
const MOST_SUMMARY = 140;

/**
 * `Ines: Bathroom: descale shower and taps, wash tiles; bedroom: turn the mattress`, and all of it line by line, by the clock at
 * home.
 */
export function eventWords(appointment: Appointment, source: CalendarSource): EventWords {
  const { person, entries, waits } = appointment;
  const { people, timezone } = source;
  const name = people.size > 1 ? `${people.get(person) ?? person}: ` : '';
  const lines = [...entries, ...waits]
    .toSorted((a, b) => a.start.localeCompare(b.start))
    .map((entry) => lineOf(entry, source));
  return {
    summary: shortened(`${name}${byRoom(appointment, source)}`),
    description: [...lines, `Times are by the clock at home (${timezone}).`].join('\n'),
  };
}

function byRoom({ entries }: Appointment, { tasks }: CalendarSource): string {
  const rooms = new Map<string, Set<string>>();
  for (const { step } of entries) {
    const task = tasks.get(taskOfStep(step));
    if (!task) continue;
    const jobs = rooms.get(task.room.name) ?? new Set<string>();
    rooms.set(task.room.name, jobs.add(inSentence(jobName(task))));
  }
  const words = [...rooms].map(([room, jobs]) => `${room}: ${[...jobs].join(', ')}`);
  return words.length > 0 ? words.join('; ') : 'Work that has changed meanwhile';
}

function shortened(words: string): string {
  if (words.length <= MOST_SUMMARY) return words;
  const cut = words.slice(0, MOST_SUMMARY);
  const end = Math.max(cut.lastIndexOf(', '), cut.lastIndexOf('; '));
  return `${end > 0 ? cut.slice(0, end) : cut.slice(0, -1)} …`;
}

function lineOf(entry: Appointment['entries'][number], { tasks, people }: CalendarSource): string {
  const task = tasks.get(taskOfStep(entry.step));
  const what = task
    ? `${whereOf(task, entry.step)}: ${workOfStep(task, entry.step)}`
    : 'A step that has changed meanwhile';
  if (entry.people.length === 0) return `${clock(entry.start)} ${what} (waits until ${clock(entry.end)})`;
  const others =
    entry.people.length > 1 ? ` (${entry.people.map((id) => people.get(id) ?? id).join(' and ')})` : '';
  return `${clock(entry.start)} ${what}${others}`;
}

/** An event with its identity; one that is called off has no appointment any more. */
export type CalendarEvent = { readonly identity: Known; readonly appointment?: Appointment };

/** The sessions of a plan as an iCalendar file. Times are moments, so that they stay right in another zone. */
export function writeCalendar(events: readonly CalendarEvent[], source: CalendarSource): string {
  const calendar = newCalendar(source.name, 'Sessions');
  calendar.updatePropertyWithValue('x-wr-timezone', source.timezone);
  for (const event of events) calendar.addSubcomponent(eventOf(event, source));
  return calendarText(calendar);
}

function eventOf({ identity, appointment }: CalendarEvent, source: CalendarSource): ICAL.Component {
  const { timezone, place, cleanName, origin } = source;
  const { date } = identity;
  const event = new ICAL.Component('vevent');
  event.updatePropertyWithValue('uid', identity.uid);
  event.updatePropertyWithValue('sequence', identity.sequence);
  event.updatePropertyWithValue('dtstamp', moment(identity.changed, timezone));
  event.updatePropertyWithValue('last-modified', moment(identity.changed, timezone));
  event.updatePropertyWithValue('status', appointment ? 'CONFIRMED' : 'CANCELLED');
  if (!appointment) {
    event.updatePropertyWithValue('dtstart', ICAL.Time.fromDateString(date));
    event.updatePropertyWithValue('summary', `Called off: ${shortDate(date)}`);
    return event;
  }
  const { summary, description } = eventWords(appointment, source);
  event.updatePropertyWithValue('dtstart', moment(appointment.start, timezone));
  event.updatePropertyWithValue('dtend', moment(appointment.end, timezone));
  event.updatePropertyWithValue('summary', summary);
  event.updatePropertyWithValue('description', description);
  event.updatePropertyWithValue('location', place);
  const categories = new ICAL.Property('categories');
  categories.setValues(['Deep clean', cleanName]);
  event.addProperty(categories);
  if (origin)
    event.updatePropertyWithValue(
      'url',
      `${origin}/day/${date}?person=${encodeURIComponent(appointment.person)}`,
    );
  for (const alarm of alarmsOf(appointment, source)) event.addSubcomponent(alarm);
  return event;
}

/** A word before the session, and one when each soak or cycle that is set going in it is over. */
function alarmsOf({ waits }: Appointment, { alarm, tasks, timezone }: CalendarSource): ICAL.Component[] {
  if (alarm === undefined) return [];
  const begin = alarmOf('It is time to carry the kit together.', ICAL.Duration.fromSeconds(-alarm * 60));
  const over = waits.map(({ step, end }) => {
    const task = tasks.get(taskOfStep(step));
    return alarmOf(`${task ? workOfStep(task, step) : 'A wait'}: it is over.`, moment(end, timezone));
  });
  return [begin, ...over];
}

function alarmOf(words: string, trigger: ICAL.Duration | ICAL.Time): ICAL.Component {
  const component = new ICAL.Component('valarm');
  component.updatePropertyWithValue('action', 'DISPLAY');
  component.updatePropertyWithValue('description', words);
  const property = new ICAL.Property('trigger');
  if (trigger instanceof ICAL.Time) property.resetType('date-time');
  property.setValue(trigger);
  component.addProperty(property);
  return component;
}
