// How far forecasts and ranges hold: 300 simulated cleans, their truths drawn from other seeds, and plans re-made each evening
// by the planner itself. Also how long a forecast takes.
import { formatDate, formatMinute, MINUTES_A_DAY } from '../core/basics/local-time';
import { randomFrom } from '../core/basics/random';
import { CATALOGUE } from '../core/catalogue/catalogue';
import { type Chance, carryOut } from '../core/forecast/carry-out';
import { courseOf } from '../core/forecast/course';
import { forecast } from '../core/forecast/forecast';
import { Fortune, USUAL_HABITS } from '../core/forecast/fortune';
import type { Plan } from '../core/plan/plan';
import type { Problem } from '../core/plan/problem';
import { expand } from '../core/problem/expand';
import { plan, replan } from '../core/spread';
import { exampleHome } from '../core/spread/examples/homes';
import { type CleanTask, handsRange, tasksOf } from '../core/work/tasks';
import { workOf } from '../core/work/work';
import { DOZEN_HOMES } from '../demo/dozen-homes';

const HASH = '0'.repeat(64);
const CLEANS = Number(process.argv[2] ?? 300);
const RUNS = 300;
const GROUPINGS = ['room', 'kind', 'layer', 'none'] as const;

const planned = (problem: Problem, rounds = 10) =>
  plan(problem, { problemHash: HASH, seed: 1, stop: () => false, rounds });

/** Homes of 40 to 90 jobs in which everything has a place, by turns in every school, and the small ones of the dozen. */
function* cleans(): Generator<{ problem: Problem; made: Plan }> {
  for (let seed = 1; ; seed++) {
    const problem = exampleHome(seed, 40 + ((seed * 17) % 51), GROUPINGS[seed % GROUPINGS.length]);
    const some = {
      ...problem,
      tasks: problem.tasks.map((task) => ({ ...task, priority: 'should' as const })),
    };
    const made = planned(some);
    if (made.unplaced.length === 0) yield { problem: some, made };
  }
}

/** How it really went: each day as chance has it, each evening the plan made again by the planner. */
function endOf(problem: Problem, made: Plan, seed: number): string | undefined {
  const first = courseOf(problem, made);
  const fortune = new Fortune(first, USUAL_HABITS, randomFrom(seed));
  let [now, plan] = [problem, made];
  for (let d = 0; d < first.days.length; d++) {
    const course = courseOf(now, plan);
    const today = {
      ...course,
      days: course.days.slice(0, 1).map((day) => ({ ...day, dry: !fortune.isWet(d) })),
    };
    const chance: Chance = {
      isAbsent: (person) => fortune.isAbsent(person, d),
      isWet: () => fortune.isWet(d),
      minutesOf: (step, person) => fortune.minutesOf(step, person, d),
      waitOf: (step) => fortune.waitOf(step),
    };
    const { end, ends } = carryOut(today, chance);
    const date = formatDate(first.days[d]?.day ?? 0);
    if (end !== undefined) return formatMinute(Math.floor(end - 1e-6)).slice(0, 10);
    now = evening(now, plan, ends, { d, date, fortune, first: first.days[d]?.day ?? 0 });
    plan = replan(now, plan, HASH);
  }
  return undefined;
}

type Evening = {
  readonly d: number;
  readonly date: string;
  readonly fortune: Fortune;
  readonly first: number;
};

/** The problem as it stands in the evening: what is done is done, tomorrow begins at midnight, and what is known of its weather. */
function evening(
  problem: Problem,
  plan: Plan,
  ends: readonly Float64Array[],
  { d, fortune, first }: Evening,
): Problem {
  const midnight = (first + 1) * MINUTES_A_DAY;
  const left = new Set(plan.unplaced.map(({ task }) => task));
  const before = new Set((problem.done ?? []).map(({ step }) => step));
  const open = problem.tasks.filter((task) => !left.has(task.id) && !before.has(task.steps.at(-1)?.id ?? ''));
  const done = open.flatMap((task, k) =>
    task.steps.flatMap((step, i) => {
      const end = ends[k]?.[i] ?? Number.POSITIVE_INFINITY;
      const isNew = end < midnight && !before.has(step.id);
      return isNew
        ? [{ step: step.id, end: formatMinute(Math.max(first * MINUTES_A_DAY, Math.round(end))) }]
        : [];
    }),
  );
  return {
    ...problem,
    now: formatMinute(midnight),
    done: [...(problem.done ?? []), ...done],
    days: problem.days?.map((day) => {
      const ahead = Math.round(Date.parse(`${day.date}T00:00Z`) / 86_400_000) - first;
      return ahead >= 1 && ahead <= 5 ? { ...day, dry: !fortune.isWet(d + ahead) } : day;
    }) as Problem['days'],
    policy: { ...problem.policy, reserve: [] },
  };
}

function finishDates(): void {
  let [called, held, sure, sureHeld, number] = [0, 0, 0, 0, 0];
  const start = performance.now();
  for (const { problem, made } of cleans()) {
    if (++number > CLEANS) break;
    const told = forecast(problem, made, { runs: RUNS, seed: number });
    const end = endOf(problem, made, 1_000_000 + number);
    for (const { date, chance } of told.dates) {
      if (chance < 0.75 || chance > 0.85) continue;
      called += 1;
      if (end !== undefined && end <= date) held += 1;
    }
    if (told.p80 === null) continue;
    sure += told.dates.find(({ date }) => date === told.p80)?.chance ?? 0;
    if (end !== undefined && end <= told.p80) sureHeld += 1;
  }
  say(`dates called 75 to 85 % sure, ${CLEANS} cleans`, `${percent(held, called)} of ${called} held`);
  say(
    'the date called four in five, at its own chance',
    `${sure.toFixed(0)} expected to hold, ${sureHeld} did`,
  );
  say('took', `${((performance.now() - start) / 1000).toFixed(0)} s`);
}

/** Ranges of jobs, rooms and the whole, against what chance makes of the plans of twelve homes. */
function ranges(): void {
  const counted = { job: [0, 0], room: [0, 0], whole: [0, 0] } as Record<
    'job' | 'room' | 'whole',
    [number, number]
  >;
  const each = Math.ceil(CLEANS / DOZEN_HOMES.length);
  for (const [h, home] of DOZEN_HOMES.entries()) {
    const tasks = tasksOf(workOf(home, CATALOGUE));
    const problem = expand(home, CATALOGUE);
    const made = planned(problem, 2);
    for (let i = 0; i < each; i++) {
      const real = realMinutes(problem, made, 5_000_000 + h * 1000 + i);
      const of = (some: readonly CleanTask[]) => {
        const all = some.map(({ id }) => real.get(id));
        return all.some((one) => one === undefined) || all.length === 0
          ? undefined
          : all.reduce<number>((sum, one) => sum + (one ?? 0), 0);
      };
      const count = (what: keyof typeof counted, some: readonly CleanTask[]) => {
        const minutes = of(some);
        if (minutes === undefined) return;
        const { low, high } = handsRange(some);
        counted[what][1] += 1;
        if (minutes >= low && minutes <= high) counted[what][0] += 1;
      };
      const there = tasks.filter(({ id }) => real.has(id));
      for (const task of there) count('job', [task]);
      for (const room of new Set(there.map(({ room: one }) => one.id)))
        count(
          'room',
          there.filter((task) => task.room.id === room),
        );
      count('whole', there);
    }
  }
  for (const [what, [held, all]] of Object.entries(counted))
    say(`80 % ranges of a ${what}`, `${percent(held, all)} of ${all} hold the truth`);
}

function realMinutes(problem: Problem, made: Plan, seed: number): Map<string, number> {
  const course = courseOf(problem, made);
  const fortune = new Fortune(course, USUAL_HABITS, randomFrom(seed));
  const left = new Set(made.unplaced.map(({ task }) => task));
  const real = new Map<string, number>();
  problem.tasks
    .filter(({ id }) => !left.has(id))
    .forEach((task, k) => {
      const planned = course.tasks[k];
      let minutes = 0;
      planned?.steps.forEach((step, i) => {
        if (!step.isHands) return;
        const day = course.days.findIndex(
          ({ day: one }) => one === Math.floor((planned.starts[i] as number) / MINUTES_A_DAY),
        );
        minutes += fortune.minutesOf(step, step.planned[0] ?? 0, Math.max(0, day)) * step.crew;
      });
      real.set(task.id, minutes);
    });
  return real;
}

function speed(): void {
  const problem = exampleHome(1, 200);
  const made = planned(problem, 2);
  const start = performance.now();
  forecast(problem, made, { runs: 500, seed: 1 });
  say('500 runs of a home of 200 jobs', `${((performance.now() - start) / 1000).toFixed(1)} s`);
}

function percent(part: number, all: number): string {
  return `${((100 * part) / Math.max(1, all)).toFixed(1)} %`;
}

function say(what: string, words: string): void {
  process.stdout.write(`${what.padEnd(52)} ${words}\n`);
}

speed();
ranges();
finishDates();
