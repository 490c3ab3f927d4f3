import ICAL from 'ical.js';
import type { AlmanacEntry } from '@/core/almanac/due';
import type { TradeDue } from '@/core/almanac/trades';
import { calendarText, newCalendar } from '../calendar/ical';
import { plusDays } from '../words/words';
import { dueJob } from './year-model';

export type AlmanacCalendarSource = {
  readonly name: string;
  readonly entries: readonly AlmanacEntry[];
  readonly trades: readonly TradeDue[];
  readonly today: string;
};

/**
 * What is due as an iCalendar file (RFC 5545): an event of a whole day for each job at each thing, and for each trade. An event
 * keeps its id however often it falls due, so that a calendar that is read again moves it.
 */
export function almanacCalendar({ name, entries, trades, today }: AlmanacCalendarSource): string {
  const calendar = newCalendar(`${name}: what is due`, 'Almanac');
  for (const entry of entries) {
    if (entry.routine || entry.due === undefined) continue;
    const { job, place, when } = dueJob(entry);
    calendar.addSubcomponent(
      dayEvent({
        uid: entry.task.id,
        date: entry.due,
        today,
        summary: `${job}, ${place}`,
        description: when,
      }),
    );
  }
  for (const trade of trades)
    if (trade.due !== undefined && !trade.off)
      calendar.addSubcomponent(
        dayEvent({ uid: `trade-${trade.id}`, date: trade.due, today, summary: trade.what, description: '' }),
      );
  return calendarText(calendar);
}

type DayEvent = {
  readonly uid: string;
  readonly date: string;
  readonly today: string;
  readonly summary: string;
  readonly description: string;
};

function dayEvent({ uid, date, today, summary, description }: DayEvent): ICAL.Component {
  const event = new ICAL.Component('vevent');
  event.updatePropertyWithValue('uid', `due-${uid}@early-thaw`);
  event.updatePropertyWithValue('dtstamp', ICAL.Time.fromDateTimeString(`${today}T00:00:00Z`));
  event.updatePropertyWithValue('dtstart', ICAL.Time.fromDateString(date));
  event.updatePropertyWithValue('dtend', ICAL.Time.fromDateString(plusDays(date, 1)));
  event.updatePropertyWithValue('summary', summary);
  if (description) event.updatePropertyWithValue('description', description);
  event.updatePropertyWithValue('transp', 'TRANSPARENT');
  return event;
}
