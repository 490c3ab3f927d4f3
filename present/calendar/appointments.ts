import { taskOfStep } from '@/core/basics/ids';
import { formatMinute, minuteOf } from '@/core/basics/local-time';
import type { Plan, PlanEntry } from '@/core/plan/plan';

/** Somebody's work in one go, as a calendar shows it. */
export type Appointment = {
  readonly person: string;
  readonly date: string;
  readonly start: string;
  readonly end: string;
  /** Hands-on, in their order. */
  readonly entries: readonly PlanEntry[];
  /** Waits that it sets going and that are over on the same day, each until it is over and not until somebody goes on. */
  readonly waits: readonly PlanEntry[];
};

/** Stretches that are closer than this are one appointment: nobody goes out in between. */
const CLOSE_MINUTES = 60;
/** A stretch as short as this is none by itself where there is another within reach. */
const SHORT_MINUTES = 20;
const REACH_MINUTES = 180;

/** The sessions of a plan as appointments; short stretches of one evening are one. */
export function appointmentsOf(
  { sessions, entries }: Pick<Plan, 'sessions' | 'entries'>,
  /** How long waits take, in minutes, by their step. */
  minutesOfWait: ReadonlyMap<string, number>,
): Appointment[] {
  const wanted = sessions.toSorted(
    (a, b) => a.person.localeCompare(b.person) || a.start.localeCompare(b.start),
  );
  const joined: Stretch[] = [];
  for (const { person: who, date, start, end } of wanted) {
    const last = joined.at(-1);
    const next = { person: who, date, start, end };
    if (last && belongTogether(last, next)) joined[joined.length - 1] = { ...last, end };
    else joined.push(next);
  }
  return joined
    .map((stretch) => ({ ...stretch, ...workIn(stretch, entries, minutesOfWait) }))
    .toSorted((a, b) => a.start.localeCompare(b.start) || a.person.localeCompare(b.person));
}

type Stretch = Pick<Appointment, 'person' | 'date' | 'start' | 'end'>;

function belongTogether(last: Stretch, next: Stretch): boolean {
  if (last.person !== next.person || last.date !== next.date) return false;
  const gap = minuteOf(next.start) - minuteOf(last.end);
  const shorter = Math.min(lengthOf(last), lengthOf(next));
  return gap <= CLOSE_MINUTES || (shorter <= SHORT_MINUTES && gap <= REACH_MINUTES);
}

const lengthOf = ({ start, end }: Stretch) => minuteOf(end) - minuteOf(start);

function workIn(
  { person, start, end }: Stretch,
  entries: readonly PlanEntry[],
  minutesOfWait: ReadonlyMap<string, number>,
): Pick<Appointment, 'entries' | 'waits'> {
  const own = entries
    .filter((entry) => entry.people.includes(person) && entry.start >= start && entry.end <= end)
    .toSorted((a, b) => a.start.localeCompare(b.start));
  const tasks = new Set<string>(own.map(({ step }) => taskOfStep(step)));
  const date = start.slice(0, 10);
  const over = (entry: PlanEntry): PlanEntry => {
    const minutes = minutesOfWait.get(entry.step);
    return minutes === undefined ? entry : { ...entry, end: formatMinute(minuteOf(entry.start) + minutes) };
  };
  const waits = entries
    .map(over)
    .filter(
      (entry) =>
        entry.people.length === 0 &&
        tasks.has(taskOfStep(entry.step)) &&
        entry.start >= start &&
        entry.start.slice(0, 10) === date &&
        entry.end.slice(0, 10) === date,
    );
  return { entries: own, waits };
}
