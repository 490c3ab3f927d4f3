import { FIXTURE_KINDS } from '@/core/catalogue/fixture-kinds';
import { WORK_KINDS } from '@/core/catalogue/work-kinds';
import type { Focus, FocusDays } from '@/core/clean/focus';
import { roomsOf } from '@/core/home/room';
import type { Household } from '@/core/household/household';
import { WEEKDAYS } from '../people/weekdays';
import { count, fromTo, listed, longDate } from '../words/words';

type Of = Pick<Household, 'home' | 'people'>;

/** `Windowsill · Tuesday 9 March, 16:00 to 17:00 · Noor`: what it is about, when, and who. */
export function focusWords(focus: Focus, household: Of): string {
  return [aboutWords(focus, household), whenWords(focus), whoWords(focus, household)]
    .filter((words) => words !== '')
    .join(' · ');
}

function aboutWords({ rooms, floors, kinds, fixtures, tasks }: Focus, { home }: Of): string {
  const named = (ids: readonly string[] | undefined, all: readonly { id: string; name: string }[]) =>
    (ids ?? []).map((id) => all.find((one) => one.id === id)?.name ?? 'a place that is gone');
  const words = [
    ...named(rooms, roomsOf(home)),
    ...named(floors, home.floors),
    ...(kinds ?? []).map((kind) => WORK_KINDS[kind]),
    ...(fixtures ?? []).map((kind) => `Each ${FIXTURE_KINDS[kind].name.toLowerCase()}`),
    ...(tasks ? [count(tasks.length, 'chosen job', 'chosen jobs')] : []),
  ];
  return words.length === 0 ? 'Any work' : listed(words);
}

function whenWords({ days, hours }: Focus): string {
  return hours ? `${daysWords(days)}, ${fromTo(hours)}` : daysWords(days);
}

function daysWords(days: FocusDays): string {
  if ('date' in days) return longDate(days.date);
  if ('weekday' in days) return `every ${WEEKDAYS[days.weekday - 1]}`;
  return `${longDate(days.from)} to ${longDate(days.to)}`;
}

function whoWords({ people }: Focus, household: Of): string {
  return listed(
    (people ?? []).map((id) => household.people.find((one) => one.id === id)?.name ?? 'somebody'),
  );
}

/** How strictly it is meant, in words for the choice and for the list. */
export const BINDS_WORDS = {
  work: 'It is done then, and at no other time',
  time: 'Then nothing else is done; the rest of it whenever there is time',
  both: 'It is done then and at no other time, and nothing else then',
} as const satisfies Record<Focus['binds'], string>;
