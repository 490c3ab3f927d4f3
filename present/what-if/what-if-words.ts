import type { Clean } from '@/core/clean/clean';
import type { Outcome } from '@/core/what-if/outcome';
import type { WhatIf } from '@/core/what-if/what-if';
import { chanceWords } from '../forecast/chance-words';
import { count, daysBetween, duration, longDate } from '../words/words';

const WEEKDAYS = ['Mondays', 'Tuesdays', 'Wednesdays', 'Thursdays', 'Fridays', 'Saturdays', 'Sundays'];

const GROUPINGS: Record<Clean['grouping'], string> = {
  room: 'One room after the other',
  kind: 'One job through the whole house',
  layer: 'High work first, floors last',
  none: 'Whatever fits',
};

/** What matters most in a plan, as it is called. */
export const MATTER_WORDS: Record<Clean['matters'], string> = {
  usual: 'Everything alike',
  tidy: 'Tidy every night',
  early: 'Done early',
  'few-sessions': 'Few sessions',
};

/** A what-if as it is called. `rooms` has the names of rooms by id. */
export function whatIfWords(whatIf: WhatIf, rooms: ReadonlyMap<string, string>): string {
  switch (whatIf.do) {
    case 'nothing':
      return 'As it is, spread anew';
    case 'group':
      return GROUPINGS[whatIf.grouping];
    case 'spread':
      return whatIf.spread === 'early' ? 'Done as early as can be' : 'Evenly, up to the finish line';
    case 'matters':
      return MATTER_WORDS[whatIf.matters];
    case 'hours':
      return `${duration(whatIf.minutes)} more on ${weekdayWords(whatIf.weekdays)}`;
    case 'helper':
      return `A helper for ${duration(whatIf.minutes)} on ${WEEKDAYS[whatIf.weekday - 1]}`;
    case 'finish':
      return `The finish line ${count(whatIf.days, 'day', 'days')} later`;
    case 'reserve':
      return `${count(whatIf.days, 'working day', 'working days')} kept free at the end`;
    case 'without-room':
      return `Without ${rooms.get(whatIf.room) ?? 'one room'}`;
    case 'without':
      return `Leave out ${count(whatIf.tasks.length, 'job', 'jobs')}`;
  }
}

function weekdayWords(weekdays: readonly number[]): string {
  if (weekdays.length === WEEKDAYS.length) return 'every day';
  const names = [...weekdays].sort((a, b) => a - b).map((weekday) => WEEKDAYS[weekday - 1] ?? '');
  const last = names[names.length - 1] ?? '';
  return names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${last}` : last;
}

/** What would come of it, against another outcome. */
export function outcomeWords(outcome: Outcome, now: Outcome): string {
  return [
    finishWords(outcome, now),
    outcome.chance === undefined ? '' : `in time: ${chanceWords(outcome.chance)}`,
    leftOutWords(outcome, now),
    moreOrFewer(
      outcome.metrics.openRoomNights - now.metrics.openRoomNights,
      'night with a room open',
      'nights with a room open',
    ),
    idleWords(outcome.metrics.idle - now.metrics.idle),
    moreOrFewer(outcome.sessions - now.sessions, 'session', 'sessions'),
  ]
    .filter((part) => part !== '')
    .join(' · ');
}

function finishWords({ metrics }: Outcome, now: Outcome): string {
  const [then, before] = [metrics.finish?.slice(0, 10), now.metrics.finish?.slice(0, 10)];
  if (then === undefined) return 'Nothing planned';
  const days = before === undefined ? 0 : daysBetween(then, before);
  const how =
    days === 0
      ? ''
      : days > 0
        ? `, ${count(days, 'day', 'days')} earlier`
        : `, ${count(-days, 'day', 'days')} later`;
  return `Done on ${longDate(then)}${how}`;
}

function leftOutWords(outcome: Outcome, now: Outcome): string {
  if (outcome.leftOut > 0) return `${count(outcome.leftOut, 'job has', 'jobs have')} no place`;
  return now.leftOut > 0 ? 'Everything has a place' : '';
}

function moreOrFewer(difference: number, one: string, many: string): string {
  const size = Math.abs(difference);
  return size === 0 ? '' : `${size} ${difference > 0 ? 'more' : 'fewer'} ${size === 1 ? one : many}`;
}

function idleWords(difference: number): string {
  return difference === 0
    ? ''
    : `${duration(Math.abs(difference))} ${difference > 0 ? 'more' : 'less'} waiting with nothing to do`;
}
