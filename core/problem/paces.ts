import { type DayNumber, dayOf, formatDate, weekdayOf } from '../basics/local-time';
import type { Clean } from '../clean/clean';
import type { Later } from '../clean/steering';

/** How long a clean takes and how it goes about its days: the ways in which people do it, as rows. */
type PaceRow = {
  readonly id: string;
  readonly days: number;
  /** The weekday on which it begins, where that matters. */
  readonly startsOn?: Weekday;
  /** Weekdays kept free for rest or for catching up. */
  readonly reserve: readonly Weekday[];
  /** Days after the start that are kept free. */
  readonly restDays: readonly number[];
  readonly spread: Clean['spread'];
  readonly grouping: Clean['grouping'];
  /** The longest session, in minutes. */
  readonly sessionCap: number;
  /** The rooms in their order, shared out over twelve of these. */
  readonly areas?: 'week' | 'month';
};

/** 1 Monday … 7 Sunday. */
type Weekday = number;

const MONDAY = 1;
const SATURDAY = 6;
const SUNDAY = 7;

const SHORT_WEEKDAYS = {
  grouping: 'room',
  reserve: [SATURDAY, SUNDAY],
  restDays: [],
  spread: 'even',
  sessionCap: 60,
} as const;

const BY_AREAS = {
  reserve: [],
  restDays: [],
  spread: 'early',
  grouping: 'room',
  sessionCap: 120,
} as const;

const PACE_ROWS = [
  {
    id: 'weekend',
    days: 2,
    startsOn: SATURDAY,
    reserve: [],
    restDays: [],
    spread: 'early',
    grouping: 'room',
    sessionCap: 240,
  },
  { id: 'week', days: 7, reserve: [], restDays: [3], spread: 'early', grouping: 'room', sessionCap: 240 },
  { id: 'month', days: 30, reserve: [], restDays: [], spread: 'even', grouping: 'room', sessionCap: 150 },
  { id: 'four-weeks', days: 28, startsOn: MONDAY, ...SHORT_WEEKDAYS },
  { id: 'eight-weeks', days: 56, startsOn: MONDAY, ...SHORT_WEEKDAYS },
  { id: 'twelve-weeks', days: 84, startsOn: MONDAY, ...SHORT_WEEKDAYS },
  { id: 'area-weeks', days: 84, startsOn: MONDAY, ...BY_AREAS, areas: 'week' },
  { id: 'year', days: 365, ...BY_AREAS, areas: 'month' },
] as const satisfies readonly PaceRow[];

export type CleanPace = (typeof PACE_ROWS)[number]['id'];
export const CLEAN_PACES = PACE_ROWS.map((row) => row.id) as [CleanPace, ...CleanPace[]];

/** What a clean becomes at a pace that begins on a date, or on the next of the weekday on which that pace begins. */
export function atPace(
  pace: CleanPace,
  from: string,
): Pick<Clean, 'start' | 'finish' | 'spread' | 'grouping' | 'sessionCap' | 'reserve'> {
  const row: PaceRow = PACE_ROWS.find(({ id }) => id === pace) as PaceRow;
  const start = firstDay(dayOf(from), row.startsOn);
  const days = Array.from({ length: row.days }, (_, i) => start + i);
  const isFree = (day: DayNumber, i: number) =>
    row.reserve.includes(weekdayOf(day)) || row.restDays.includes(i);
  return {
    start: formatDate(start),
    finish: formatDate(start + row.days - 1),
    spread: row.spread,
    grouping: row.grouping,
    sessionCap: row.sessionCap,
    reserve: days.filter(isFree).map(formatDate),
  };
}

function firstDay(from: DayNumber, weekday: Weekday | undefined): DayNumber {
  let day = from;
  while (weekday !== undefined && weekdayOf(day) !== weekday) day++;
  return day;
}

/** An area a week or a month goes round the house in so many of them. */
const TURNS = 12;

/**
 * An area a week, or a month: the rooms in their order, shared out over twelve of them from the start; nothing of a room
 * begins before its turn. Nothing at a pace that takes no areas.
 */
export function areasInTurn(
  pace: CleanPace,
  tasks: readonly { readonly id: string; readonly room: { readonly id: string } }[],
  start: string,
): Later[] {
  const { areas }: PaceRow = PACE_ROWS.find(({ id }) => id === pace) as PaceRow;
  if (areas === undefined) return [];
  const rooms = [...new Set(tasks.map((task) => task.room.id))];
  return tasks.map((task) => {
    const turn = Math.floor((rooms.indexOf(task.room.id) * TURNS) / Math.max(1, rooms.length));
    const from = areas === 'week' ? formatDate(dayOf(start) + 7 * turn) : monthsAfter(start, turn);
    return { task: task.id, from };
  });
}

/** The same day so many months later; the last of a shorter month. */
function monthsAfter(date: string, months: number): string {
  const [year, month, day] = date.split('-').map(Number) as [number, number, number];
  const first = new Date(Date.UTC(year, month - 1 + months, 1));
  const length = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0)).getUTCDate();
  return `${first.toISOString().slice(0, 8)}${String(Math.min(day, length)).padStart(2, '0')}`;
}
