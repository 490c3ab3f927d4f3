import { partsOfStepId, taskOfStep } from '@/core/basics/ids';
import { minutesOf } from '@/core/basics/local-time';
import type { Campaign, Current } from '@/core/problem/campaign';
import type { CleanTask } from '@/core/work/tasks';
import { pieceOfWork, workSentence } from '../words/piece-of-work';
import { clock, duration, listed, longDate } from '../words/words';

/** The session that comes next: when, who, where, how long, and the first thing in it. */
export type NextSession = {
  readonly when: string;
  readonly what: string;
  readonly first: string;
  readonly href: string;
};

type Of = Pick<Current, 'household' | 'tasks' | 'now' | 'today'>;

/** Undefined where nothing more is planned. */
export function nextSession(
  { household, tasks, now, today }: Of,
  { plans }: Campaign,
): NextSession | undefined {
  const plan = plans?.latest.plan;
  const session = plan?.sessions
    .filter(({ end }) => end > now)
    .toSorted((a, b) => a.start.localeCompare(b.start))[0];
  if (!plan || !session) return undefined;
  const known = new Map<string, CleanTask>(tasks.map((task) => [task.id, task]));
  const entries = plan.entries
    .filter(
      ({ people, start, end }) =>
        people.includes(session.person) && end > session.start && start < session.end,
    )
    .filter(({ end }) => end > now)
    .toSorted((a, b) => a.start.localeCompare(b.start));
  const rooms = new Set(entries.flatMap(({ step }) => known.get(taskOfStep(step))?.room.name ?? []));
  const first = entries[0]?.step;
  const task = first === undefined ? undefined : known.get(taskOfStep(first));
  const name = household.people.find(({ id }) => id === session.person)?.name ?? 'Somebody';
  const minutes = entries.reduce((sum, entry) => sum + minutesOf(entry), 0);
  return {
    when: `${session.date === today ? 'Today' : longDate(session.date)}, ${clock(session.start)} to ${clock(session.end)}`,
    what: `${name}, ${duration(minutes)} of work: ${listed([...rooms])}`,
    first: task && first ? workSentence(pieceOfWork(task, partsOfStepId(first)?.key)) : '',
    href: `/day/${session.date}`,
  };
}
