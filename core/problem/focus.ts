import { dayOf, formatDate, weekdayOf } from '../basics/local-time';
import type { Focus, FocusDays } from '../clean/focus';
import type { Problem, ProblemFocus } from '../plan/problem';
import type { CleanTask } from '../work/task';

/**
 * What a household has given its time, as the stretches of a problem. What is over, and what is about a room or a person
 * that is gone, is left aside: it must not bind what nobody meant.
 */
export function focusOf(
  focuses: readonly Focus[],
  problem: Pick<Problem, 'start' | 'finish' | 'now' | 'people' | 'rooms' | 'tasks'>,
  tasks: readonly CleanTask[],
): ProblemFocus[] {
  return focuses.flatMap((focus) => {
    const about = aboutOf(focus, problem, tasks);
    if (!about) return [];
    return datesOf(focus.days, problem)
      .map((date) => ({ id: `${focus.id} ${date}`, ...stretchOn(date, focus.hours), ...about }))
      .filter(({ to }) => problem.now === undefined || to > problem.now)
      .map((stretch): ProblemFocus => ({ ...stretch, binds: focus.binds }));
  });
}

type About = Pick<ProblemFocus, 'people' | 'rooms' | 'kinds' | 'tasks'>;

/** Whose and which work it is, of what there is; undefined where nothing of what was named is there any more. */
function aboutOf(
  focus: Focus,
  { people, rooms, tasks: open }: Pick<Problem, 'people' | 'rooms' | 'tasks'>,
  tasks: readonly CleanTask[],
): About | undefined {
  const [known, isOpen] = [new Set(rooms.map(({ id }) => id)), new Set(open.map(({ id }) => id))];
  const listed = new Set(people.map(({ id }) => id));
  const about = {
    people: focus.people?.filter((id) => listed.has(id)),
    rooms: roomsOf(focus, tasks)?.filter((id) => known.has(id)),
    kinds: focus.kinds,
    tasks: tasksOf(focus, tasks)?.filter((id) => isOpen.has(id)),
  };
  if (Object.values(about).some((some) => some?.length === 0)) return undefined;
  return Object.fromEntries(Object.entries(about).filter(([, some]) => some !== undefined));
}

function roomsOf({ rooms, floors }: Focus, tasks: readonly CleanTask[]): string[] | undefined {
  if (!rooms && !floors) return undefined;
  const onFloors = tasks.filter(({ floor }) => floors?.includes(floor.id)).map(({ room }) => room.id);
  return [...new Set([...(rooms ?? []), ...onFloors])];
}

function tasksOf({ tasks: chosen, fixtures }: Focus, tasks: readonly CleanTask[]): string[] | undefined {
  if (!chosen && !fixtures) return undefined;
  const alike = tasks.filter(({ fixture, from }) => !from && fixtures?.some((kind) => kind === fixture.kind));
  return [...new Set<string>([...(chosen ?? []), ...alike.map(({ id }) => id)])];
}

/** The dates that are meant, of those of the clean. */
function datesOf(days: FocusDays, { start, finish }: Pick<Problem, 'start' | 'finish'>): string[] {
  const [first, last] = [dayOf(start), dayOf(finish)];
  return Array.from({ length: last - first + 1 }, (_, i) => formatDate(first + i)).filter((date) =>
    isMeant(date, days),
  );
}

function isMeant(date: string, days: FocusDays): boolean {
  if ('date' in days) return date === days.date;
  if ('weekday' in days) return weekdayOf(dayOf(date)) === days.weekday;
  return date >= days.from && date <= days.to;
}

function stretchOn(date: string, hours: Focus['hours']): Pick<ProblemFocus, 'from' | 'to'> {
  if (hours) return { from: `${date}T${hours.from}`, to: `${date}T${hours.to}` };
  return { from: `${date}T00:00`, to: `${formatDate(dayOf(date) + 1)}T00:00` };
}
