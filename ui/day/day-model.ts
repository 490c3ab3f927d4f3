import { PRODUCTS } from '@/core/catalogue/products';
import type { Campaign, Current } from '@/core/clean/campaign';
import { type CleanTask, partsOfStepId } from '@/core/clean/tasks';
import { type DayItem, type DayView, dayView, type RunningWait, slippedSteps } from '@/core/day/day-view';
import type { PlanSession } from '@/core/formats/plan';
import type { HomeFacts } from '@/core/home/facts';
import type { Call } from '@/core/safety/calls';
import { cautionsAt, cautionsBeside } from '@/core/safety/step-cautions';

/** The day as plain data for the screen in the person's hand. */

export type DayStep = {
  readonly id: string;
  readonly title: string;
  readonly job: string;
  readonly where: string;
  readonly minutes: number;
  readonly start: string;
  readonly end: string;
  readonly who: string;
  readonly how: string;
  readonly doneWhen: string;
  /** What to beware of at this step, each said once a day. */
  readonly cautions: readonly string[];
  readonly kit: readonly string[];
  /** Nothing holds it up: it could be done this minute. */
  readonly ready: boolean;
};

export type DayWait = {
  readonly id: string;
  readonly title: string;
  readonly where: string;
  readonly since: string;
  readonly ready: string;
  readonly latest: string | undefined;
};

export type DayScreen = {
  readonly date: string;
  readonly now: string;
  readonly current: DayStep | undefined;
  readonly waits: readonly DayWait[];
  readonly next: readonly DayStep[];
  readonly done: readonly DayStep[];
  readonly minutes: { readonly done: number; readonly open: number };
  readonly sessions: readonly { readonly name: string; readonly start: string; readonly end: string }[];
  readonly slipped: number;
  /** Licensed trades that come on this day. */
  readonly calls: readonly Call[];
  /** The nearest later date on which something is planned. */
  readonly nextDate: string | undefined;
};

export function dayScreen(
  state: Current,
  campaign: Campaign,
  date: string,
  person: string | undefined,
): DayScreen {
  const { problem } = campaign;
  const plan = campaign.plans?.latest.plan;
  if (!plan) throw new Error('A day needs a plan.');
  const view = dayView(problem, plan, date, state.now, person);
  const tasks = new Map(state.tasks.map((task) => [task.id, task]));
  const names = new Map(state.household.people.map((member) => [member.id, member.name]));
  const cautions = cautionsOf(view, tasks, state.household.home.facts);
  const step = (item: DayItem) => ({
    ...stepOf(item, tasks, names, view.ready.has(item.step.id)),
    cautions: cautions.get(item.step.id) ?? [],
  });
  const isToday = date === state.today;
  const ofPerson = (session: PlanSession) => person === undefined || session.person === person;
  return {
    date,
    now: state.now,
    current: view.now && step(view.now),
    waits: isToday ? view.waits.map((wait) => waitOf(wait, tasks)) : [],
    next: view.next.map(step),
    done: view.done.map(step),
    minutes: view.minutes,
    sessions: plan.sessions
      .filter((session) => session.date === date && ofPerson(session))
      .map((session) => ({
        name: names.get(session.person) ?? session.person,
        start: session.start,
        end: session.end,
      })),
    calls: state.household.calls.filter((call) => call.date === date),
    slipped: isToday ? slippedSteps(problem, plan, date) : 0,
    nextDate: plan.sessions
      .filter((session) => session.date > date && ofPerson(session))
      .map((session) => session.date)
      .sort()[0],
  };
}

/**
 * What to beware of, by step: each caution at the first step of the day where it matters, whatever its order later on.
 * Steps that are done keep theirs, so that nothing moves to another step with a tick.
 */
function cautionsOf(
  view: DayView,
  tasks: ReadonlyMap<string, CleanTask>,
  facts: HomeFacts,
): Map<string, string[]> {
  const items = [...view.done, ...(view.now ? [view.now] : []), ...view.next];
  const said = new Set<string>();
  const before: CleanTask[] = [];
  const found = new Map<string, string[]>();
  for (const item of items.sort((a, b) => a.start.localeCompare(b.start))) {
    const task = taskOf(item.step.id, tasks);
    const step = task.method.steps.find((known) => known.key === partsOfStepId(item.step.id)?.key);
    if (step?.mode !== 'hands') continue;
    const all = [...cautionsAt(task, step, facts), ...cautionsBeside(task, before)];
    before.push(task);
    const fresh = all.filter(({ id }) => !said.has(id));
    for (const { id } of fresh) said.add(id);
    found.set(
      item.step.id,
      fresh.map(({ says }) => says),
    );
  }
  return found;
}

function stepOf(
  item: DayItem,
  tasks: ReadonlyMap<string, CleanTask>,
  names: ReadonlyMap<string, string>,
  ready: boolean,
): Omit<DayStep, 'cautions'> {
  const task = taskOf(item.step.id, tasks);
  return {
    id: item.step.id,
    title: titleOf(item.step.id, task),
    job: task.method.title,
    where: whereOf(task),
    minutes: item.step.minutes,
    start: item.start,
    end: item.end,
    who: item.people.map((id) => names.get(id) ?? id).join(' and '),
    how: task.method.how,
    doneWhen: task.method.doneWhen,
    kit: kitOf(task),
    ready,
  };
}

function waitOf(wait: RunningWait, tasks: ReadonlyMap<string, CleanTask>): DayWait {
  const task = taskOf(wait.step.id, tasks);
  return {
    id: wait.step.id,
    title: titleOf(wait.step.id, task),
    where: whereOf(task),
    since: wait.since,
    ready: wait.ready,
    latest: wait.latest,
  };
}

function taskOf(stepId: string, tasks: ReadonlyMap<string, CleanTask>): CleanTask {
  const task = tasks.get(partsOfStepId(stepId)?.taskId ?? '');
  if (!task) throw new Error(`No task for the step ${stepId}`);
  return task;
}

function titleOf(stepId: string, task: CleanTask): string {
  const key = partsOfStepId(stepId)?.key;
  return task.method.steps.find((step) => step.key === key)?.title ?? task.method.title;
}

function whereOf(task: CleanTask): string {
  const many = task.fixture.count > 1 ? `, ${task.fixture.count} of them` : '';
  return task.stop.shell ? task.room.name : `${task.room.name}, ${task.stop.name.toLowerCase()}${many}`;
}

/** Tools, and the products that are safe there. */
function kitOf({ method, products }: CleanTask): string[] {
  const doses = [...products.doses, ...(products.disinfectant ? [products.disinfectant] : [])];
  const mixed = doses.map(({ product, amount, unit, inMl }) => {
    const water = inMl === undefined ? '' : ` in ${inMl / 1000} l of water`;
    return `${PRODUCTS[product].toLowerCase()}, ${amount} ${unit}${water}`;
  });
  return [...method.tools, ...mixed];
}
