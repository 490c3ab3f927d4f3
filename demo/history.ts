import { dayOf, formatDate } from '../core/basics/local-time';
import { randomFrom } from '../core/basics/random';
import { CATALOGUE } from '../core/catalogue/catalogue';
import type { PastClean } from '../core/clean/past-clean';
import type { RecordLine } from '../core/clean/record-line';
import type { Household } from '../core/household/household';
import { lineOf } from '../core/record/line-of';
import { pastOf } from '../core/record/past-of';
import { type CleanTask, listTasks, stepIdOf } from '../core/work/tasks';
import { workOf } from '../core/work/work';

/** What the demo household did before the clean that it is about: last spring's, and a little round the year. */

const DAYS_BACK = 352;
const DAYS_OF_LAST_CLEAN = 9;
/** A few things that are done more often, and how many days ago they were. */
const SINCE: Readonly<Record<string, number>> = {
  'kettle-descale': 74,
  'coffee-descale': 40,
  'dryer-lint': 80,
  'hood-filter': 130,
  'fridge-clean': 118,
  'washer-clean': 101,
  'vacuum-filter': 84,
  'treads-clean': 95,
  'window-inside': 160,
};
/** Done so often or so seldom, it is not part of a yearly clean here. */
const YEARLY = { least: 3, most: 12 };
const LAST = 'spring-before';

export function historyOf(household: Household, today: string): Pick<Household, 'record' | 'past'> {
  const random = randomFrom(14);
  const tasks = listTasks(workOf(household, CATALOGUE)).filter(({ method }) => isYearly(method));
  const first = dayOf(today) - DAYS_BACK;
  const record = tasks.flatMap((task, i) => {
    const day = first + Math.floor((i / tasks.length) * DAYS_OF_LAST_CLEAN);
    return linesOn(task, formatDate(day), { clean: LAST, people: household.people, random });
  });
  const since = listTasks(workOf(household, CATALOGUE)).flatMap((task) => {
    const days = SINCE[task.method.id];
    return days === undefined
      ? []
      : linesOn(task, formatDate(dayOf(today) - days), { people: household.people, random });
  });
  return {
    record: [...record, ...since].sort((a, b) => (a.at + a.id < b.at + b.id ? -1 : 1)),
    past: [lastSpring(household, record, tasks, formatDate(first))],
  };
}

function isYearly({ intervalMonths, occasional }: CleanTask['method']): boolean {
  return !occasional && intervalMonths >= YEARLY.least && intervalMonths <= YEARLY.most;
}

type By = {
  readonly clean?: string;
  readonly people: Household['people'];
  readonly random: () => number;
};

function linesOn(task: CleanTask, date: string, { clean, people, random }: By): RecordLine[] {
  const person = people[Math.floor(random() * people.length)];
  return task.estimate.steps.flatMap((step) => {
    if (step.step.mode !== 'hands') return [];
    const id = stepIdOf(task, step);
    const seconds = Math.round(step.minutes * 60 * (0.85 + 0.35 * random()));
    const at = `${date}T${String(9 + Math.floor(random() * 9)).padStart(2, '0')}:${String(Math.floor(random() * 60)).padStart(2, '0')}`;
    const ticked = { step: id, at, seconds, ...(person && { person: person.id }) };
    const line = lineOf(task, ticked, { id: `${date} ${id}`.slice(0, 200), clean, name: person?.name });
    return line ? [line] : [];
  });
}

function lastSpring(
  household: Household,
  lines: readonly RecordLine[],
  tasks: readonly CleanTask[],
  start: string,
): PastClean {
  const closed = formatDate(dayOf(start) + DAYS_OF_LAST_CLEAN);
  const clean = {
    ...household.clean,
    id: LAST,
    name: `Spring ${start.slice(0, 4)}`,
    reason: 'As every spring.',
    reward: 'Pancakes for supper.',
    start,
    finish: closed,
  };
  return pastOf({
    clean,
    lines,
    tasks,
    ticked: new Set(lines.map(({ step }) => step)),
    supplies: household.supplies,
    bags: [
      { pile: 'give', count: 4 },
      { pile: 'bin', count: 3 },
    ],
    mend: ['The hinge of the cellar door'],
    closed,
  });
}
