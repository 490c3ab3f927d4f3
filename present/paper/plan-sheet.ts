import { groupBy } from '@/core/basics/group-by';
import type { Plan, PlanEntry } from '@/core/plan/plan';
import type { Current } from '@/core/problem/campaign';
import { jobName } from '@/core/work/place-of-job';
import type { CleanTask } from '@/core/work/tasks';
import { minutesOfWaits } from '../calendar/waits';
import { whereOf } from '../day/day-file';
import { clock, count, dateWithYear, duration, longDate } from '../words/words';
import { linesOfWaits, linesOfWork } from './lines-of-work';
import { emptySheet, type Line, type Sheet, type SheetPart } from './sheet';

/** The whole plan by date: who, when, what, where, and what waits meanwhile. */
export function planSheet({ household, campaign, tasks, today }: Current): Sheet {
  const plan = campaign?.plans?.latest.plan;
  if (!campaign || !plan)
    return emptySheet('The plan', 'There is no plan yet. Once the work is spread, it can be printed here.');
  const known = {
    tasks: new Map(tasks.map((task) => [task.id, task])),
    done: new Set<string>(household.ticks.map(({ step }) => step)),
  };
  const waits = minutesOfWaits(tasks);
  const names = new Map(household.people.map(({ id, name }) => [id, name]));
  const byDate = groupBy(inTurn(plan.entries), ({ start }) => start.slice(0, 10));
  const partOf = ([date, entries]: readonly [string, readonly PlanEntry[]]): SheetPart => ({
    title: `${longDate(date)} ${date.slice(0, 4)}`,
    line: sessionsOn(plan, date, names),
    blocks: [
      {
        is: 'lines',
        lines: linesOfWork(
          entries.filter(({ people }) => people.length > 0),
          known,
          ([{ people }], minutes) =>
            names.size > 1 ? `${people.map((id) => names.get(id) ?? id).join(', ')}, ${minutes}` : minutes,
        ),
      },
      ...callsOn(household.calls, date),
      ...waitsOf(
        linesOfWaits(
          entries.filter(({ people }) => people.length === 0),
          known,
          waits,
        ),
      ),
    ],
  });
  return {
    title: campaign.clean.name,
    line: `${dateWithYear(campaign.clean.start)} to ${dateWithYear(campaign.clean.finish)}. ${count(byDate.size, 'day', 'days')} with work; printed ${dateWithYear(today)}. The label on a product comes first.`,
    parts: [...[...byDate].map(partOf), ...withoutPlace(plan, known.tasks)],
  };
}

function inTurn(entries: readonly PlanEntry[]): PlanEntry[] {
  return entries.toSorted((a, b) => a.start.localeCompare(b.start) || a.end.localeCompare(b.end));
}

function sessionsOn(
  { sessions }: Plan,
  date: string,
  names: ReadonlyMap<string, string>,
): string | undefined {
  const own = sessions.filter((session) => session.date === date);
  if (own.length === 0) return undefined;
  return own
    .map(({ person, start, end }) => {
      const time = `${clock(start)} to ${clock(end)}`;
      return names.size > 1 ? `${names.get(person) ?? person} ${time}` : time;
    })
    .join(' · ');
}

function callsOn(calls: Current['household']['calls'], date: string): SheetPart['blocks'] {
  const own = calls.filter((call) => call.date === date);
  return own.length === 0
    ? []
    : [{ is: 'words', title: 'Comes on this day', words: own.map(({ what }) => what) }];
}

function waitsOf(lines: readonly Line[]): SheetPart['blocks'] {
  return lines.length === 0 ? [] : [{ is: 'lines', title: 'Waits meanwhile', lines }];
}

/** Jobs that found no place in the plan, so that none is missing on paper. */
function withoutPlace({ unplaced }: Plan, tasks: ReadonlyMap<string, CleanTask>): SheetPart[] {
  if (unplaced.length === 0) return [];
  const lines = unplaced.flatMap(({ task: id }): Line[] => {
    const task = tasks.get(id);
    if (!task) return [];
    return [
      {
        box: 'open',
        what: jobName(task),
        where: whereOf(task),
        side: duration(task.estimate.hands.minutes),
      },
    ];
  });
  return [{ title: 'No place in the plan yet', blocks: [{ is: 'lines', lines }] }];
}
