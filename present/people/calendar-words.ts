import type { LeftOut, ReadCalendar } from '@/core/formats/calendar/read-busy';
import { count } from '../words/words';

/** What became of a calendar, in sentences. */

type Why = Extract<ReadCalendar, { ok: false }>['why'];

/** Why nothing was taken from it. What was there before is kept. */
export const NOTHING: Readonly<Record<Why, string>> = {
  'no-calendar':
    'This is not a calendar that can be read. Nothing was changed. Export it as iCalendar (.ics) and try again.',
  'nothing-read':
    'No event could be read from this file, so nothing was changed: the busy times from before still hold.',
  'too-often':
    'This calendar repeats far more often than anybody could follow, so nothing was changed. Take out what repeats every few seconds, and try again.',
};

/** Events that were left out, and why; empty where none was. Begins with a blank. */
export function leftOutWords({ broken, tooOften, unknownZone, zones }: LeftOut): string {
  const sentences = [
    broken > 0 && `${events(broken)} made no sense and ${were(broken)} left out.`,
    tooOften > 0 &&
      `${events(tooOften)} ${tooOften === 1 ? 'repeats' : 'repeat'} too often and ${were(tooOften)} left out.`,
    unknownZone > 0 &&
      `${events(unknownZone)} ${were(unknownZone)} left out, since ${zonesWords(zones)} not known here.`,
  ];
  return sentences
    .filter(Boolean)
    .map((sentence) => ` ${sentence}`)
    .join('');
}

function events(number: number): string {
  return count(number, 'event', 'events');
}

function were(number: number): string {
  return number === 1 ? 'was' : 'were';
}

function zonesWords(zones: readonly string[]): string {
  const names = zones.map((zone) => `“${zone}”`).join(' and ');
  return zones.length === 1 ? `the time zone ${names} is` : `the time zones ${names} are`;
}
