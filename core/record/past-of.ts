import { groupBy } from '../basics/group-by';
import type { Clean } from '../clean/clean';
import type { PastClean } from '../clean/past-clean';
import type { RecordLine } from '../clean/record-line';
import type { Supplies } from '../clean/supplies';
import { mixturesFor } from '../supplies/amounts';
import { MADE_UP_PRICES } from '../supplies/price-list';
import { jobName } from '../work/place-of-job';
import { type CleanTask, stepIdOf } from '../work/task';

export type CleanSoFar = {
  readonly clean: Clean;
  /** What was done in it. */
  readonly lines: readonly RecordLine[];
  /** What was in scope. */
  readonly tasks: readonly CleanTask[];
  readonly ticked: ReadonlySet<string>;
  readonly supplies: Supplies;
  readonly bags: PastClean['bags'];
  readonly mend: readonly string[];
  readonly closed: string;
};

/** What a clean comes to in figures: hours, people, rooms, bags, loads, what was used, what was slowest, what was left. */
export function pastOf({ clean, lines, tasks, ticked, supplies, bags, mend, closed }: CleanSoFar): PastClean {
  const hands = lines.filter(({ mode }) => mode === 'hands');
  const done = tasks.filter((task) => isDone(task, ticked));
  const left = tasks.filter((task) => !isDone(task, ticked));
  const slowest = slowestOf(hands);
  return {
    id: clean.id,
    name: clean.name,
    reason: clean.reason,
    reward: clean.reward,
    start: clean.start,
    finish: clean.finish,
    closed,
    doneMinutes: sumOf(hands),
    estimatedMinutes: Math.round(hands.reduce((sum, { estimate }) => sum + estimate.minutes, 0)),
    jobs: hands.filter(({ ends }) => ends).length,
    sessions: new Set(hands.map(({ at, person }) => `${at.slice(0, 10)} ${person ?? ''}`)).size,
    people: byName(hands, ({ name }) => name ?? SOMEBODY),
    rooms: byName(hands, ({ place }) => place),
    bags,
    loads: done.filter(({ from }) => from !== undefined).length,
    spentCents: spentOn(done, supplies),
    ...(slowest && { slowest }),
    left: left.map((task) => ({ job: jobName(task), place: task.room.name })),
    mend: [...mend],
  };
}

const SOMEBODY = 'Somebody';

/** What a line took: as it was timed, else as it was estimated. */
export function minutesOfLine({ seconds, estimate }: RecordLine): number {
  return seconds === undefined ? estimate.minutes : seconds / 60;
}

function sumOf(lines: readonly RecordLine[]): number {
  return Math.round(lines.reduce((sum, line) => sum + minutesOfLine(line), 0));
}

function byName(
  lines: readonly RecordLine[],
  nameOf: (line: RecordLine) => string,
): { name: string; minutes: number; jobs: number }[] {
  return [...groupBy(lines, nameOf)]
    .map(([name, own]) => ({ name, minutes: sumOf(own), jobs: own.filter(({ ends }) => ends).length }))
    .sort((a, b) => b.minutes - a.minutes);
}

function isDone(task: CleanTask, ticked: ReadonlySet<string>): boolean {
  return task.estimate.steps.every((step) => step.step.mode === 'wait' || ticked.has(stepIdOf(task, step)));
}

/** The job on which the most time went. */
function slowestOf(lines: readonly RecordLine[]): PastClean['slowest'] {
  let most: { job: string; place: string; minutes: number } | undefined;
  for (const own of groupBy(lines, ({ fixture, method }) => `${fixture}:${method}`).values()) {
    const minutes = sumOf(own);
    const [first] = own;
    if (first && minutes > (most?.minutes ?? 0)) most = { job: first.job, place: first.place, minutes };
  }
  return most;
}

/** What was used, by the price of its share of a pack. */
function spentOn(done: readonly CleanTask[], supplies: Supplies): number {
  const cents = mixturesFor(done, supplies).reduce((sum, { product, amount }) => {
    const pack = MADE_UP_PRICES.productPack(product);
    return sum + (amount / pack.amount) * pack.cents;
  }, 0);
  return Math.round(cents);
}
