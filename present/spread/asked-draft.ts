import { dayOf, formatDate, weekdayOf } from '@/core/basics/local-time';
import type { Focus, FocusDays } from '@/core/clean/focus';
import type { HouseholdChange } from '@/core/household/change';
import { type AskedScreen, aboutOf, focusOfWeekday } from './asked-model';

/** What is being asked for, as it stands in the form, and the change that comes of it. */

/** The first and the last of a row that were pressed. */
type Pressed = { readonly first: number; readonly last: number };

export type AskedDraft = {
  readonly about: string;
  /** Of the dates that can be pressed. */
  readonly pressed: Pressed | undefined;
  /** A date beyond those, a day of each week, or any day. */
  readonly date: string | undefined;
  readonly weekday: string;
  readonly hours: Pressed | undefined;
  readonly person: string;
  readonly binds: Focus['binds'];
};

export const NOTHING_ASKED: AskedDraft = {
  about: '',
  pressed: undefined,
  date: undefined,
  weekday: '',
  hours: undefined,
  person: '',
  binds: 'work',
};

/** From now on to the finish. */
export const ANY_DAY = 'any';

/** What is said of a day itself. */
export const DAY_ABOUTS = {
  'day:free': 'Nothing: the day is kept free',
  'day:open': 'A reserve day, opened for work',
} as const;
type DayAbout = keyof typeof DAY_ABOUTS;

export const FIRST_HOUR = 6;

/** So many days can be said in one go. */
const MOST_DAYS = 20;

export type Asked = { readonly change: HouseholdChange } | { readonly fault: string };

/** What comes of pressing “Ask for it”; `id` for what is new. */
export function askedBy(draft: AskedDraft, screen: AskedScreen, id: string): Asked {
  if (draft.about === '') return { fault: 'Choose what it is about.' };
  const days = daysOf(draft, screen);
  if (!days) return { fault: 'Choose a day, or the first and the last of several.' };
  if (isDayAbout(draft.about)) return ofDays(draft.about, datesOf(days, screen));
  const isAnyFree = screen.free.some(({ isAny }, at) => isAny && isWithin(at, draft.pressed));
  if (draft.pressed && !isAnyFree)
    return { fault: 'Nobody has time then. Choose another day, or give somebody hours under People.' };
  return { change: { do: 'put-focus', focus: focusOf(draft, days, id) } };
}

function isDayAbout(about: string): about is DayAbout {
  return Object.hasOwn(DAY_ABOUTS, about);
}

export function isWithin(at: number, stretch: Pressed | undefined): boolean {
  return stretch !== undefined && at >= stretch.first && at <= stretch.last;
}

/** Of the hours that can be pressed. */
export function clockAt(at: number): string {
  return `${String(FIRST_HOUR + at).padStart(2, '0')}:00`;
}

function daysOf(draft: AskedDraft, { dates, last }: AskedScreen): FocusDays | undefined {
  if (draft.weekday === ANY_DAY) return { from: dates[0] ?? last, to: last };
  if (draft.weekday !== '') return { weekday: Number(draft.weekday) };
  if (draft.date !== undefined) return { date: draft.date };
  const from = draft.pressed && dates[draft.pressed.first];
  const to = draft.pressed && dates[draft.pressed.last];
  if (from === undefined || to === undefined) return undefined;
  return from === to ? { date: from } : { from, to };
}

/** Each of the days by its date, from the first that can be pressed to the finish. */
function datesOf(days: FocusDays, { dates: [first], last }: AskedScreen): string[] {
  if ('date' in days) return [days.date];
  const [from, to] = 'from' in days ? [days.from, days.to] : [first ?? last, last];
  const all = Array.from({ length: dayOf(to) - dayOf(from) + 1 }, (_, i) => formatDate(dayOf(from) + i));
  return 'weekday' in days ? all.filter((date) => weekdayOf(dayOf(date)) === days.weekday) : all;
}

function ofDays(about: DayAbout, dates: readonly string[]): Asked {
  if (dates.length > MOST_DAYS)
    return { fault: `So many days at once are too many: ${MOST_DAYS} can be said in one go.` };
  const change = (date: string) =>
    about === 'day:free'
      ? ({ do: 'free-day', date, free: true } as const)
      : ({ do: 'reserve-day', date, reserve: false } as const);
  return { change: { do: 'several', changes: dates.map(change) } };
}

function focusOf({ about, hours, person, binds }: AskedDraft, days: FocusDays, id: string): Focus {
  return {
    id,
    ...aboutOf(about),
    ...(person !== '' && { people: [person] }),
    days,
    ...(hours && { hours: { from: clockAt(hours.first), to: clockAt(hours.last + 1) } }),
    binds,
  };
}

/** A focus for each day of the week, in one go: what each weekday is about, from Monday on; empty for nothing. */
export function askedWeek(week: readonly string[]): HouseholdChange {
  return {
    do: 'several',
    changes: week.map((about, i) => {
      const id = focusOfWeekday(i + 1);
      return about === ''
        ? { do: 'drop-focus', focus: id }
        : { do: 'put-focus', focus: { id, ...aboutOf(about), days: { weekday: i + 1 }, binds: 'time' } };
    }),
  };
}
