// Measures the spread: how valid, how near the best, how fast. Everything is drawn from seeds that are kept here.

import { groupBy } from '../core/basics/group-by';
import { dayOf, dayOfMinute, formatDate, formatMinute, minuteOf } from '../core/basics/local-time';
import { CATALOGUE } from '../core/catalogue/catalogue';
import type { MadePlan, Plan } from '../core/plan/plan';
import { changesBetween } from '../core/plan/plan-changes';
import { GROUPINGS, type Policy, type Problem } from '../core/plan/problem';
import { expand } from '../core/problem/expand';
import { checkPlan, earlierPlaces, modelOf, plan, replan } from '../core/spread';
import { groupOf, handoversIn } from '../core/spread/cost/costs';
import { handsOf, type Placed, sessionsOf } from '../core/spread/cost/metrics';
import { addSession, noSessionCosts } from '../core/spread/cost/session-costs';
import { compareScores } from '../core/spread/draft/tally';
import { hardDay } from '../core/spread/examples/hard-days';
import { exampleHome } from '../core/spread/examples/homes';
import {
  drawnJobShop,
  type JobShop,
  jobShopProblem,
  SIX_BY_SIX,
  TEN_BY_TEN,
} from '../core/spread/examples/job-shops';
import { exampleProblem, FEATURES, type Feature } from '../core/spread/examples/problems';
import { sensiblePlan } from '../core/spread/examples/sensible';
import { exampleDay } from '../core/spread/examples/single-days';
import { boundsOf } from '../core/spread/words/bounds';
import { placeByHand } from '../core/steering/by-hand';
import { DOZEN_HOMES } from '../demo/dozen-homes';
import { canEndBy } from './lib/exact-day';

type Grouping = Policy['grouping'];

const HASH = '0'.repeat(64);
const say = (line: string) => process.stdout.write(`${line}\n`);
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
const percent = (share: number) => `${(100 * share).toFixed(1)} %`;

function planIn(problem: Problem, seconds: number, seed = 1): MadePlan {
  const end = performance.now() + seconds * 1000;
  return plan(problem, {
    problemHash: HASH,
    seed,
    rounds: Number.POSITIVE_INFINITY,
    stop: () => performance.now() >= end,
  });
}

function lengthOf({ metrics }: Plan, since: number): number {
  return metrics.finish === null ? 0 : minuteOf(metrics.finish) - since;
}

/** Problems of each feature alone, of pairs, and of all at once; every plan and every re-made plan is checked. */
function validity(count: number): void {
  const mixes: readonly (readonly Feature[])[] = [
    FEATURES,
    ...FEATURES.map((feature): readonly Feature[] => ['waits', feature]),
    ...FEATURES.map((feature): readonly Feature[] => ['waits', 'machines', 'precedence', feature]),
  ];
  let broken = 0;
  for (let seed = 0; seed < count; seed++) {
    const problem = exampleProblem(seed + 100_000, mixes[seed % mixes.length], 20);
    const made = plan(problem, { problemHash: HASH, seed, rounds: 40, stop: () => false });
    const again = replan(withoutFirstWindow(problem), made, HASH);
    if (checkPlan(problem, made, HASH).length > 0) broken++;
    if (checkPlan(withoutFirstWindow(problem), again, HASH).length > 0) broken++;
  }
  say(`${count} generated problems, each planned and re-planned: ${broken} plans break a rule`);
}

function withoutFirstWindow(problem: Problem): Problem {
  const people = problem.people.map((person, i) =>
    i === 0 ? { ...person, windows: person.windows.slice(1) } : person,
  );
  return { ...problem, people };
}

const DAY_OPENS = 9 * 60;
const GRID = 5;

/** Days of up to sixteen tasks against the proven optimum: by the bound where it is reached, else by integer programming. */
async function singleDays(count: number): Promise<void> {
  const gaps: number[] = [];
  let byBound = 0;
  let open = 0;
  for (let seed = 1; seed <= count; seed++) {
    const problem = exampleDay(seed);
    const made = planIn(problem, 1);
    const model = modelOf(problem);
    const since = model.start + DAY_OPENS;
    const bound = Math.ceil((boundsOf(model, model.tasks).finish as number) / GRID) * GRID;
    const reached = lengthOf(made, 0);
    let best = bound;
    let proof = 'impossible';
    if (bound === reached) byBound++;
    for (; best < reached && proof === 'impossible'; best += GRID) {
      proof = await canEndBy(problem, best, 60);
      if (proof === 'possible') break;
      if (proof === 'unknown') open++;
    }
    gaps.push((reached - since) / (best - since) - 1);
  }
  say(
    `${count} single days, 1 s each: ${percent(mean(gaps))} above the optimum on average, ${percent(Math.max(...gaps))} at worst ` +
      `(${byBound} proven by the bound, ${count - byBound - open} by integer programming, ${open} not proven: measured against the bound)`,
  );
}

/** Days with odd minutes and long soaks: a second against the best that two longer searches find. */
function hardDays(count: number, seconds: number): void {
  const gaps: number[] = [];
  for (let seed = 1; seed <= count; seed++) {
    const problem = hardDay(seed);
    const opens = modelOf(problem).start + DAY_OPENS;
    const [inOne, ...longer] = [
      planIn(problem, 1),
      planIn(problem, seconds, 2),
      planIn(problem, seconds, 3),
    ].map((made) => lengthOf(made, opens));
    gaps.push((inOne as number) / Math.min(inOne as number, ...longer) - 1);
  }
  say(
    `${count} hard single days, 1 s each: ${percent(mean(gaps))} above the best that two searches of ${seconds} s find on average, ` +
      `${percent(Math.max(...gaps))} at worst`,
  );
}

function jobShop(shop: JobShop, seconds: number): void {
  const problem = jobShopProblem(shop);
  const model = modelOf(problem);
  const made = planIn(problem, seconds);
  const length = lengthOf(made, model.start);
  const bound = (boundsOf(model, model.tasks).finish as number) - model.start;
  const against = shop.best
    ? `${percent(length / shop.best - 1)} above the optimum`
    : `${percent(length / bound - 1)} above the bound`;
  say(
    `job shop ${shop.name}, ${seconds} s: ${length}, ${against}; ${checkPlan(problem, made, HASH).length} rules broken`,
  );
}

/** What a plan leaves out, minutes by priority, and what it costs. */
function standing({ metrics }: MadePlan): readonly number[] {
  const { must, should, could } = metrics.unplaced;
  return [must, should, could, metrics.cost];
}

/** Homes and seasons against the plan of a sensible person, who deals the work out once and never looks back. */
function againstSensible(name: string, problems: readonly Problem[], seconds: number): void {
  const shares: number[] = [];
  let [worse, dearer] = [0, 0];
  for (const problem of problems) {
    const yard = standing(sensiblePlan(problem));
    const made = standing(planIn(problem, seconds));
    const leftOut = compareScores(made.slice(0, 3), yard.slice(0, 3));
    if (leftOut > 0) worse++;
    if (leftOut === 0 && (made[3] as number) > (yard[3] as number)) dearer++;
    // Where nothing can be done, nothing costs anything.
    if (leftOut === 0 && (yard[3] as number) > 0) shares.push((made[3] as number) / (yard[3] as number));
  }
  say(
    `${problems.length} ${name}, ${seconds} s each, against a sensible person: more left out in ${worse}, dearer in ${dearer}; ` +
      `where as much is left out (${shares.length}), the cost is ${percent(mean(shares))} on average`,
  );
}

/** Seasons of 60 to 250 tasks, by all schools. */
function seasons(count: number): Problem[] {
  return Array.from({ length: count }, (_, i) => exampleHome(i + 1, 60 + ((i * 67) % 191), GROUPINGS[i % 4]));
}

const dozen = DOZEN_HOMES.map((household) => expand(household, CATALOGUE, household.now));

/** What somebody who reads the plans aloud would stumble over, summed up over homes. */
function readAloud(problems: readonly Problem[], seconds: number): void {
  const seen = { visits: 0, short: 0, sessions: 0, brief: 0, tasks: 0, further: 0, hours: 0, changes: 0 };
  for (const problem of problems) {
    const made = planIn(problem, seconds);
    const model = modelOf(problem);
    const entries = [...earlierPlaces(model, made).values()].flat();
    const sessions = sessionsOf(entries, model.people);
    const costs = noSessionCosts();
    for (const { person, entries: own } of sessions) addSession(costs, person, own, problem.policy.grouping);
    seen.visits += costs.visits;
    seen.short += costs.short;
    seen.sessions += sessions.length;
    seen.brief += sessions.filter((session) => handsIn(session.entries) < BRIEF_SESSION).length;
    const byTask = [...groupBy(entries, ({ step }) => step.task).values()];
    seen.tasks += byTask.length;
    seen.further += byTask.reduce((sum, own) => sum + handoversIn(own), 0);
    if (problem.policy.grouping !== 'room') continue;
    seen.hours += handsIn(entries) / 60;
    seen.changes += costs.visits - sessions.length;
  }
  say(
    `read aloud, ${problems.length} homes, ${seconds} s each: ${percent(seen.short / seen.visits)} of visits under ten minutes that tend nothing, ` +
      `${percent(seen.brief / seen.sessions)} of sessions under twenty, ${(seen.changes / seen.hours).toFixed(2)} changes of room an hour by rooms, ` +
      `${percent(seen.further / seen.tasks)} further people on a task`,
  );
}

const BRIEF_SESSION = 20;
const handsIn = (entries: readonly Placed[]) => entries.reduce((sum, entry) => sum + handsOf(entry), 0);

/** How far each school shows: dates by kind and by height, nights with rooms open. */
function schoolsShow(
  name: string,
  homes: readonly ((grouping: Grouping) => Problem)[],
  seconds: number,
): void {
  const seen = new Map(GROUPINGS.map((grouping) => [grouping, { kinds: 0, bands: 0, nights: 0 }]));
  for (const [grouping, sums] of seen)
    for (const problem of homes.map((home) => home(grouping))) {
      const made = planIn(problem, seconds);
      const hands = [...earlierPlaces(modelOf(problem), made).values()]
        .flat()
        .filter(({ step }) => step.mode === 'hands');
      const dates = (school: 'kind' | 'layer') =>
        new Set(hands.map(({ step, start }) => `${groupOf(step.task, school)} ${dayOfMinute(start)}`)).size;
      sums.kinds += dates('kind');
      sums.bands += dates('layer');
      sums.nights += made.metrics.openRoomNights;
    }
  const of = (grouping: Grouping) => seen.get(grouping) as { kinds: number; bands: number; nights: number };
  say(
    `schools in ${name}, ${seconds} s each: by kind ${percent(of('kind').kinds / of('room').kinds)} of the dates a kind that by rooms has, ` +
      `by heights ${percent(of('layer').bands / of('room').bands)} of the dates a height, ` +
      `by rooms ${percent(of('room').nights / of('none').nights)} of the open nights of none`,
  );
}

function growth(): void {
  const firstPlan = (tasks: number) => {
    const times = [2, 3, 4].map((seed) => {
      const problem = exampleHome(seed, tasks);
      const started = performance.now();
      plan(problem, { problemHash: HASH, seed: 1, rounds: 0, stop: () => true });
      return performance.now() - started;
    });
    return mean(times);
  };
  firstPlan(200);
  const [small, large] = [firstPlan(200), firstPlan(2000)];
  say(
    `first valid plan: 200 tasks ${small.toFixed(0)} ms, 2,000 tasks ${large.toFixed(0)} ms: grows as n^${Math.log10(large / small).toFixed(2)}`,
  );
}

/** Something that comes between a plan and its being kept. */
type Mishap = {
  readonly name: string;
  /** The problem afterwards, and how many tasks it touched itself; undefined where it can't befall this plan. */
  readonly of: (
    problem: Problem,
    before: Plan,
  ) => { readonly problem: Problem; readonly touched: number } | undefined;
};

const taskOf = (step: string) => step.slice(0, step.indexOf('/'));

const MISHAPS: readonly Mishap[] = [
  {
    name: 'a lost evening',
    of: (problem, before) => {
      const session = before.sessions[before.sessions.length >> 1] as Plan['sessions'][number];
      const isLost = (person: string, start: string) =>
        person === session.person && start.slice(0, 10) === session.date;
      const people = problem.people.map((person) => ({
        ...person,
        windows: person.windows.filter(({ start }) => !isLost(person.id, start)),
      }));
      const gone = before.entries.filter((entry) =>
        entry.people.some((person) => isLost(person, entry.start)),
      );
      return { problem: { ...problem, people }, touched: new Set(gone.map(({ step }) => taskOf(step))).size };
    },
  },
  {
    name: 'a tick ten minutes late',
    of: (problem, before) => {
      const [first] = before.entries
        .filter((entry) => entry.people.length > 0)
        .sort((a, b) => (a.end < b.end ? -1 : 1));
      if (!first) return undefined;
      const end = formatMinute(minuteOf(first.end) + 10);
      return { problem: { ...problem, now: end, done: [{ step: first.step, end }] }, touched: 1 };
    },
  },
  {
    name: 'a job moved two days on by hand',
    of: (problem, before) => {
      const entry = before.entries.find(({ people }) => people.length > 0);
      if (!entry) return undefined;
      const task = taskOf(entry.step);
      const date = formatDate(dayOf(entry.start.slice(0, 10)) + 2);
      const placed = placeByHand(problem, before, { task, date });
      return placed.ok ? { problem: { ...problem, fixed: [...placed.pins] }, touched: 1 } : undefined;
    },
  },
];

function replanning({ name, of }: Mishap): void {
  const [times, moved, touched]: [number[], number[], number[]] = [[], [], []];
  for (let seed = 1; seed <= 6; seed++) {
    const problem = exampleHome(seed, 200);
    // Searched, as a plan is that somebody goes by.
    const before = plan(problem, { problemHash: HASH, seed: 1, rounds: 300, stop: () => false });
    const mishap = of(problem, before);
    if (!mishap) continue;
    replan(problem, before, HASH);
    const started = performance.now();
    const after = replan(mishap.problem, before, HASH);
    times.push(performance.now() - started);
    moved.push(changesBetween(before, after).length);
    touched.push(mishap.touched);
  }
  say(
    `${name} in a plan of 200 tasks: re-planned in ${mean(times).toFixed(0)} ms (at most ${Math.max(...times).toFixed(0)}); ` +
      `it concerned ${mean(touched).toFixed(1)} tasks, ${mean(moved).toFixed(1)} moved`,
  );
}

/** So many seconds does the page look for a plan. */
const AS_ON_THE_PAGE = 8;

/** What can be measured; all of it, or what is named on the command line. */
const PARTS: Readonly<Record<string, () => void | Promise<void>>> = {
  validity: () => validity(1000),
  days: () => singleDays(30),
  'hard-days': () => hardDays(20, 8),
  shops: () => {
    jobShop(SIX_BY_SIX, 1);
    jobShop(TEN_BY_TEN, 5);
    jobShop(drawnJobShop(1, 10), 5);
  },
  sensible: () => {
    againstSensible('homes', dozen, 2);
    againstSensible('seasons', seasons(30), 2);
  },
  'sensible-20': () => {
    againstSensible('homes', dozen, 20);
    againstSensible('seasons', seasons(30), 20);
  },
  aloud: () => readAloud(dozen, AS_ON_THE_PAGE),
  schools: () => {
    const lived = DOZEN_HOMES.map((household) => (grouping: Grouping) => {
      const clean = { ...household.clean, grouping };
      return expand({ ...household, clean }, CATALOGUE, household.now);
    });
    schoolsShow('homes', lived, AS_ON_THE_PAGE);
    const drawn = [1, 2, 3, 4].map((seed) => (grouping: Grouping) => exampleHome(seed, 150, grouping));
    schoolsShow('drawn seasons', drawn, AS_ON_THE_PAGE);
  },
  growth,
  replan: () => MISHAPS.forEach(replanning),
};

const asked = process.argv.slice(2);
for (const [name, measure] of Object.entries(PARTS))
  if (asked.length === 0 || asked.includes(name)) await measure();
