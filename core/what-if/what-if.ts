import { MATTERS } from '../basics/choices';
import type { Clean } from '../clean/clean';
import type { Household } from '../household/household';

/** Something that could be otherwise in a clean: asked first, planned anew, and carried out only when it is taken. */
export type WhatIf =
  /** As it is, only spread anew: what the others are held against. */
  | { readonly do: 'nothing' }
  | { readonly do: 'group'; readonly grouping: Clean['grouping'] }
  | { readonly do: 'spread'; readonly spread: Clean['spread'] }
  /** Something else matters most. */
  | { readonly do: 'matters'; readonly matters: Clean['matters'] }
  /** Everybody who works on these weekdays goes on for longer. */
  | { readonly do: 'hours'; readonly weekdays: readonly number[]; readonly minutes: number }
  /** Somebody comes to help for so long on a weekday. */
  | { readonly do: 'helper'; readonly weekday: number; readonly minutes: number }
  | { readonly do: 'finish'; readonly days: number }
  /** So many of the last working days are kept free for what slips. */
  | { readonly do: 'reserve'; readonly days: number }
  | { readonly do: 'without-room'; readonly room: string }
  | { readonly do: 'without'; readonly tasks: readonly string[] };

const SATURDAY = 6;
const HOUR = 60;
const WEEK = 7;
const A_FORENOON = 4 * HOUR;

type Subject = Pick<Household, 'people' | 'home'> & { readonly clean: Clean };

/** What is worth asking of any clean; nothing that is so already. */
export function whatIfsFor({ clean, people, home }: Subject): WhatIf[] {
  const groupings = (['room', 'kind', 'layer'] as const).filter((grouping) => grouping !== clean.grouping);
  const rooms = home.floors.flatMap((floor) => floor.rooms);
  const weekday = busiestWeekday(people);
  return [
    { do: 'nothing' },
    ...groupings.map((grouping): WhatIf => ({ do: 'group', grouping })),
    ...MATTERS.filter((matters) => matters !== clean.matters).map(
      (matters): WhatIf => ({ do: 'matters', matters }),
    ),
    ...(clean.spread === 'early' ? [{ do: 'spread' as const, spread: 'even' as const }] : []),
    ...(weekday === undefined ? [] : [{ do: 'hours' as const, weekdays: [weekday], minutes: HOUR }]),
    { do: 'helper', weekday: SATURDAY, minutes: A_FORENOON },
    { do: 'finish', days: WEEK },
    ...(clean.reserve.length === 0 ? [{ do: 'reserve' as const, days: 1 }] : []),
    ...(rooms.length > 1 ? [{ do: 'without-room' as const, room: rooms[rooms.length - 1]?.id ?? '' }] : []),
  ];
}

/** Saturday where anybody works then; else the weekday on which most do. */
function busiestWeekday(people: Subject['people']): number | undefined {
  const weekdays = workingWeekdays(people);
  return weekdays.includes(SATURDAY) ? SATURDAY : weekdays[0];
}

/** The weekdays on which anybody has hours, those with the most people first. */
export function workingWeekdays(people: Subject['people']): number[] {
  const count = (weekday: number) =>
    people.filter((member) => member.hours.some((hours) => hours.weekday === weekday)).length;
  return [1, 2, 3, 4, 5, SATURDAY, WEEK]
    .filter((weekday) => count(weekday) > 0)
    .sort((a, b) => count(b) - count(a) || a - b);
}
