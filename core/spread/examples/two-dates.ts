import type { Problem, ProblemPerson, ProblemTask } from '../../plan/problem';

/** Two dates with an hour of somebody's on each, and jobs of an hour in one hall: so little that it is worked out by hand. */
export const TWO_DATES = ['2027-03-01', '2027-03-02'] as const;

/** A job of an hour. */
export function hourOf(id: string): ProblemTask {
  const steps: ProblemTask['steps'] = [{ id: `${id}/do`, mode: 'hands', minutes: 60 }];
  return { id, title: id, room: 'hall', kind: 'work', layer: 3, priority: 'should', hardness: 2, steps };
}

/** Free from nine to ten on both dates. */
function somebody(id: string): ProblemPerson {
  return {
    id,
    windows: TWO_DATES.map((date) => ({ start: `${date}T09:00`, end: `${date}T10:00` })),
    dailyCap: 240,
    cannot: [],
    dislikes: {},
    breakAfter: 120,
    breakLength: 10,
  };
}

export function onTwoDates(people: readonly string[], tasks: readonly ProblemTask[]): Problem {
  return {
    format: 'early-thaw/problem',
    version: 2,
    timezone: 'Europe/Berlin',
    start: TWO_DATES[0],
    finish: TWO_DATES[1],
    people: people.map(somebody),
    machines: [],
    rooms: [{ id: 'hall', maxPeople: 1 }],
    tasks: [...tasks],
    precedence: [],
    policy: {
      spread: 'early',
      grouping: 'room',
      hardestFirst: false,
      openRooms: 2,
      reserve: [],
      sessionCap: 240,
    },
  };
}
