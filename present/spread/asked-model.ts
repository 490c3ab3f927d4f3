import { groupBy } from '@/core/basics/group-by';
import { dayOf, formatDate } from '@/core/basics/local-time';
import { FIXTURE_KINDS, type FixtureKindName } from '@/core/catalogue/fixture-kinds';
import { WORK_KINDS, type WorkKind } from '@/core/catalogue/work-kinds';
import type { Focus } from '@/core/clean/focus';
import { roomsOf } from '@/core/home/room';
import type { Campaign, Current } from '@/core/problem/campaign';
import type { CleanTask } from '@/core/work/tasks';
import { WEEKDAYS } from '../people/weekdays';
import { clock, longDate } from '../words/words';
import { type AskedRow, askedRows } from './asked-rows';

/** What can be asked for, and all that was asked for so far. */

/** What a focus can be about: its value, and the words for it. */
export type About = { readonly value: string; readonly words: string };

export type AskedScreen = {
  readonly rows: readonly AskedRow[];
  readonly abouts: readonly { readonly group: string; readonly of: readonly About[] }[];
  /** Dates that can be pressed: from today on, up to the finish. */
  readonly dates: readonly string[];
  /** Who has time on each of them, and when. */
  readonly free: readonly { readonly words: string; readonly isAny: boolean }[];
  readonly last: string;
  /** What each weekday is for, from Monday on; empty for nothing in particular. */
  readonly week: readonly string[];
  readonly people: readonly { readonly id: string; readonly name: string }[];
};

const DATES_TO_PRESS = 14;

export function askedScreen(state: Current, campaign: Campaign): AskedScreen {
  const { household, tasks, today } = state;
  const { start, finish } = campaign.clean;
  const from = today > start ? today : start;
  const left = Math.max(0, dayOf(finish) - dayOf(from) + 1);
  const dates = Array.from({ length: Math.min(DATES_TO_PRESS, left) }, (_, i) => formatDate(dayOf(from) + i));
  return {
    rows: askedRows(state, campaign),
    abouts: aboutsOf(state, tasks),
    dates,
    free: dates.map((date) => freeOn(date, campaign, household)),
    last: finish,
    week: weekOf(household.steering.focus),
    people: household.people.map(({ id, name }) => ({ id, name })),
  };
}

function freeOn(date: string, { problem }: Campaign, { people }: Current['household']) {
  if (problem.policy.reserve.includes(date))
    return { isAny: false, words: `${longDate(date)} is kept free of work.` };
  const words = problem.people.flatMap(({ id, windows }) => {
    const own = windows.filter(({ start }) => start.startsWith(date));
    const name = people.find((one) => one.id === id)?.name ?? 'Somebody';
    return own.map(({ start, end }) => `${name} ${clock(start)} to ${clock(end)}`);
  });
  const isAny = words.length > 0;
  return {
    isAny,
    words: isAny ? `${longDate(date)}: ${words.join(', ')}.` : `Nobody has time on ${longDate(date)}.`,
  };
}

function aboutsOf({ household }: Current, tasks: readonly CleanTask[]): AskedScreen['abouts'] {
  const { floors } = household.home;
  const kinds = groupBy(tasks, ({ method }) => method.kind);
  const things = groupBy(
    tasks.filter(({ from }) => !from),
    ({ fixture }) => fixture.kind,
  );
  const groups = [
    { group: 'A room', of: roomsOf(household.home).map(({ id, name }) => about('rooms', id, name)) },
    { group: 'A floor', of: floors.map(({ id, name }) => about('floors', id, name)) },
    {
      group: 'A kind of work',
      of: [...kinds.keys()].map((kind) => about('kinds', kind, WORK_KINDS[kind])),
    },
    {
      group: 'All things of one sort',
      of: [...things.keys()]
        .map((kind) => about('fixtures', kind, thingName(kind)))
        .sort((a, b) => a.words.localeCompare(b.words)),
    },
  ];
  return groups.filter(({ of }) => of.length > 0);
}

function thingName(kind: string): string {
  return FIXTURE_KINDS[kind as FixtureKindName].name;
}

function about(list: string, id: string, words: string): About {
  return { value: `${list}:${id}`, words };
}

/** The focus of a weekday is known by its name: 1 for Monday to 7 for Sunday. */
export function focusOfWeekday(weekday: number): string {
  return `week-${weekday}`;
}

function weekOf(focuses: readonly Focus[]): string[] {
  return WEEKDAYS.map((_name, i) => {
    const focus = focuses.find(({ id }) => id === focusOfWeekday(i + 1));
    return focus ? aboutValue(focus) : '';
  });
}

/** The value under which a focus was chosen. */
function aboutValue({ rooms, floors, kinds, fixtures }: Focus): string {
  const lists = Object.entries({ rooms, floors, kinds, fixtures });
  return lists.flatMap(([list, ids]) => (ids?.[0] === undefined ? [] : [`${list}:${ids[0]}`]))[0] ?? '';
}

/** What was chosen, as a focus says it. */
export function aboutOf(value: string): Pick<Focus, 'rooms' | 'floors' | 'kinds' | 'fixtures'> {
  const id = value.slice(value.indexOf(':') + 1);
  switch (value.slice(0, value.indexOf(':'))) {
    case 'rooms':
      return { rooms: [id] };
    case 'floors':
      return { floors: [id] };
    case 'kinds':
      return { kinds: [id as WorkKind] };
    default:
      return { fixtures: [id as FixtureKindName] };
  }
}
