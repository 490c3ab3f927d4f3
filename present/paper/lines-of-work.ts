import { partsOfStepId, taskOfStep } from '@/core/basics/ids';
import { formatMinute, minuteOf, minutesOf } from '@/core/basics/local-time';
import type { PlanEntry } from '@/core/plan/plan';
import type { CleanTask } from '@/core/work/tasks';
import { whereOf } from '../day/day-file';
import { inSentence, pieceOfWork } from '../words/piece-of-work';
import { clock, duration, shortDate } from '../words/words';
import type { Line } from './sheet';

/** Work that is planned, as lines on paper. */

/** Entries that follow one another without a gap: one task, the same people. */
type Stretch = readonly [PlanEntry, ...PlanEntry[]];

type Known = {
  readonly tasks: ReadonlyMap<string, CleanTask>;
  /** Steps that are done. */
  readonly done: ReadonlySet<string>;
};

/** One line for what is done in one go, steps of a job in their order; entries are of hands-on work, sorted by start. */
export function linesOfWork(
  entries: readonly PlanEntry[],
  known: Known,
  sideOf: (stretch: Stretch, minutes: string) => string,
): Line[] {
  return stretchesOf(entries).map((stretch) => {
    const [first] = stretch;
    const last = stretch.at(-1) ?? first;
    const isDone = stretch.every(({ step }) => known.done.has(step));
    return {
      box: isDone ? 'ticked' : 'open',
      at: `${clock(first.start)} to ${clock(last.end)}`,
      ...wordsOf(stretch, known.tasks),
      side: sideOf(stretch, duration(stretch.reduce((sum, entry) => sum + minutesOf(entry), 0))),
    };
  });
}

/** One line for each wait, without a box: nobody does it. It is over at one time, and gone on with at another. */
export function linesOfWaits(
  entries: readonly PlanEntry[],
  { tasks }: Known,
  /** How long each takes, in minutes. */
  minutesOfWait: ReadonlyMap<string, number>,
): Line[] {
  return entries.map((entry) => {
    const minutes = minutesOfWait.get(entry.step);
    const over = minutes === undefined ? entry.end : formatMinute(minuteOf(entry.start) + minutes);
    const isLeft = over < entry.end;
    return {
      box: 'none',
      at: `from ${clock(entry.start)}`,
      ...wordsOf([entry], tasks),
      side: `until ${timeAfter(over, entry.start)}${isLeft ? `, goes on ${timeAfter(entry.end, entry.start)}` : ''}`,
    };
  });
}

function timeAfter(time: string, named: string): string {
  const date = time.slice(0, 10);
  return date === named.slice(0, 10) ? clock(time) : `${shortDate(date)} ${clock(time)}`;
}

function stretchesOf(entries: readonly PlanEntry[]): Stretch[] {
  const stretches: [PlanEntry, ...PlanEntry[]][] = [];
  const open = new Map<string, [PlanEntry, ...PlanEntry[]]>();
  for (const entry of entries) {
    const key = [taskOfStep(entry.step), ...entry.people].join('\n');
    const last = open.get(key);
    if (last && last.at(-1)?.end === entry.start) last.push(entry);
    else {
      const fresh: [PlanEntry, ...PlanEntry[]] = [entry];
      stretches.push(fresh);
      open.set(key, fresh);
    }
  }
  return stretches;
}

const CHANGED = 'A job that has changed meanwhile';

/** `Wash the tiled walls: from the bottom up; rinse`, and where. */
function wordsOf(stretch: Stretch, tasks: ReadonlyMap<string, CleanTask>): Pick<Line, 'what' | 'where'> {
  const task = tasks.get(taskOfStep(stretch[0].step));
  if (!task) return { what: CHANGED };
  const pieces = stretch.map(({ step }) => pieceOfWork(task, partsOfStepId(step)?.key));
  const manners = pieces.flatMap(({ manner }) => (manner === '' ? [] : [inSentence(manner)]));
  const job = pieces[0]?.job ?? task.method.title;
  return {
    what: manners.length === 0 ? job : `${job}: ${[...new Set(manners)].join('; ')}`,
    where: whereOf(task, stretch.length === 1 ? stretch[0].step : undefined),
  };
}
