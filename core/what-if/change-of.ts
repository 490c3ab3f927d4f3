import { clockMinutes, clockOf, dayOf, formatDate } from '../basics/local-time';
import type { Clean } from '../clean/clean';
import type { HouseholdChange } from '../household/change';
import type { Editable } from '../household/editable';
import type { Member, WeeklyHours } from '../people/member';
import { freeOn } from '../problem/free-time';
import type { WhatIf } from './what-if';

/** What a what-if changes in a household; the same whether it is only asked or taken. */
export function changeOf(
  whatIf: WhatIf,
  household: Pick<Editable, 'people'> & { readonly clean: Clean },
): HouseholdChange {
  const { clean, people } = household;
  switch (whatIf.do) {
    case 'nothing':
      return { do: 'several', changes: [] };
    case 'group':
      return { do: 'put-clean', clean: { ...clean, grouping: whatIf.grouping } };
    case 'spread':
      return { do: 'put-clean', clean: { ...clean, spread: whatIf.spread } };
    case 'matters':
      return { do: 'put-clean', clean: { ...clean, matters: whatIf.matters } };
    case 'finish':
      return { do: 'put-clean', clean: { ...clean, finish: formatDate(dayOf(clean.finish) + whatIf.days) } };
    case 'reserve':
      return { do: 'put-clean', clean: { ...clean, reserve: lastWorkingDays(whatIf.days, household) } };
    case 'hours':
      return {
        do: 'several',
        changes: people
          .map((member) => withLonger(member, whatIf.weekdays, whatIf.minutes))
          .map((member) => ({ do: 'put-member' as const, member })),
      };
    case 'helper':
      return { do: 'put-member', member: helper(people, whatIf.weekday, whatIf.minutes) };
    case 'without-room':
      return { do: 'mark', marks: [{ on: 'room', target: whatIf.room, in: false }] };
    case 'without':
      return { do: 'mark', marks: whatIf.tasks.map((target) => ({ on: 'task', target, in: false })) };
  }
}

/** The last dates before the finish on which anybody has time; never the only ones. */
export function lastWorkingDays(
  days: number,
  { people, clean }: Pick<Editable, 'people'> & { readonly clean: Clean },
): string[] {
  const dates: string[] = [];
  for (let day = dayOf(clean.finish); day > dayOf(clean.start) && dates.length < days; day--)
    if (people.some((member) => freeOn(member, day).length > 0)) dates.unshift(formatDate(day));
  return dates;
}

const MIDNIGHT = 24 * 60 - 1;

/** The last hours of these weekdays go on for longer, as far as the day does; a daily cap in the way of that grows by as much. */
function withLonger(member: Member, weekdays: readonly number[], minutes: number): Member {
  const hours = member.hours.map((own) =>
    weekdays.includes(own.weekday) && isLastOf(own, member.hours)
      ? { ...own, to: clockOf(Math.min(MIDNIGHT, clockMinutes(own.to) + minutes)) }
      : own,
  );
  const offered = Math.max(0, ...weekdays.map((weekday) => offeredOn(weekday, member.hours)));
  const isCapped = offered > 0 && member.dailyCap < offered + minutes;
  return { ...member, hours, dailyCap: member.dailyCap + (isCapped ? minutes : 0) };
}

function isLastOf(own: WeeklyHours, all: readonly WeeklyHours[]): boolean {
  return all.every((other) => other.weekday !== own.weekday || other.from <= own.from);
}

function offeredOn(weekday: number, hours: readonly WeeklyHours[]): number {
  return hours
    .filter((own) => own.weekday === weekday)
    .reduce((sum, own) => sum + clockMinutes(own.to) - clockMinutes(own.from), 0);
}

const HELPER_FROM = 9 * 60;

function helper(people: readonly Member[], weekday: number, minutes: number): Member {
  const ids = new Set(people.map((member) => member.id));
  let number = 1;
  while (ids.has(`helper-${number}`)) number++;
  const to = clockOf(Math.min(MIDNIGHT, HELPER_FROM + minutes));
  return {
    id: `helper-${number}`,
    name: number === 1 ? 'A helper' : `Helper ${number}`,
    hours: [{ weekday, from: clockOf(HELPER_FROM), to }],
    dailyCap: minutes,
    cannot: [],
    dislikes: {},
    breakAfter: 90,
    breakLength: 10,
    pace: 'usual',
    exceptions: [],
    busy: [],
  };
}
