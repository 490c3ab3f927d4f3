import { groupBy } from '@/core/basics/group-by';
import type { OrderedWork } from '@/core/order/ordered';
import { whyHere } from '@/core/order/why-here';
import type { OrderedStep } from '@/core/order/working-order';
import type { Campaign } from '@/core/problem/campaign';
import { brokenWishesOf } from '@/core/spread';
import { type CleanTask, stepIdOf } from '@/core/work/tasks';
import { pieceOfWork } from '../words/piece-of-work';

/**
 * The order of work in one room as plain data: step by step, with what holds each where it is. Where there is a plan,
 * it is the order in which the plan does it.
 */
export type RoomOrderStep = {
  readonly task: string;
  readonly fixture: string;
  readonly manner: string;
  readonly job: string;
  readonly where: string;
  readonly minutes: number;
  readonly when: StepTime;
  /** Minutes of the wait that had to be over before this step. */
  readonly waited: number;
  /** The wait that this step sets going. */
  readonly sets: { readonly title: string; readonly minutes: number } | undefined;
  readonly holds: readonly RoomHold[];
  /** Wishes that the plan does not keep here, with what was to come before; said once, with the first step of a task. */
  readonly setAside: readonly { readonly after: string; readonly reason: string }[];
};

/** When a step is done, by the plan; nothing where there is none. */
export type StepTime =
  | { readonly is: 'done' | 'left-out' | 'unplanned' }
  | { readonly is: 'planned'; readonly at: string };

export type RoomHold = {
  readonly rule: string;
  readonly hard: boolean;
  readonly reason: string;
  readonly after: readonly string[];
};

/** A task that is held by many others names so many of them. */
const MOST_NAMED = 3;

export function roomOrder(
  work: OrderedWork,
  roomId: string,
  campaign: Pick<Campaign, 'problem' | 'plans'> | undefined,
): RoomOrderStep[] {
  const whenOf = timesOf(campaign);
  const setAside = setAsideIn(campaign);
  return work.steps
    .filter((step) => step.task.room.id === roomId)
    .map((step) => ({ step, when: whenOf(idOf(step)) }))
    .sort((a, b) => compareTimes(a.when, b.when))
    .map(({ step, when }) => ({
      ...stepWords(step),
      when,
      setAside: isFirstOf(step) ? (setAside.get(step.task.id) ?? []) : [],
      holds: whyHere(work, step.task.id).map(({ rule, after }) => ({
        rule: rule.name,
        hard: rule.hard,
        reason: rule.reason,
        after: [...new Set(after.map((task) => task.method.title))].slice(0, MOST_NAMED),
      })),
    }));
}

function isFirstOf({ task, position }: OrderedStep): boolean {
  return position === task.estimate.steps.findIndex(({ step }) => step.mode === 'hands');
}

/** By task, what a wish wanted before it and the plan does later. */
function setAsideIn(
  campaign: Pick<Campaign, 'problem' | 'plans'> | undefined,
): ReadonlyMap<string, RoomOrderStep['setAside']> {
  const plan = campaign?.plans?.latest.plan;
  if (!plan) return new Map();
  const titles = new Map(campaign.problem.tasks.map(({ id, title }) => [id, title]));
  const broken = groupBy(brokenWishesOf(campaign.problem, plan), ({ after }) => after);
  return new Map(
    [...broken].map(([task, wishes]) => [
      task,
      wishes.map(({ before, reason }) => ({ after: titles.get(before) ?? before, reason })),
    ]),
  );
}

function idOf({ task, position }: OrderedStep): string {
  return stepIdOf(task, task.estimate.steps[position] as CleanTask['estimate']['steps'][number]);
}

function timesOf(campaign: Pick<Campaign, 'problem' | 'plans'> | undefined): (step: string) => StepTime {
  const plan = campaign?.plans?.latest.plan;
  if (!plan) return () => ({ is: 'unplanned' });
  const done = new Set(campaign.problem.done?.map(({ step }) => step));
  const starts = new Map<string, string>();
  for (const { step, start } of plan.entries)
    if (!starts.has(step) || start < (starts.get(step) as string)) starts.set(step, start);
  return (step) => {
    if (done.has(step)) return { is: 'done' };
    const at = starts.get(step);
    return at === undefined ? { is: 'left-out' } : { is: 'planned', at };
  };
}

const PLACES: Readonly<Record<StepTime['is'], number>> = { done: 0, planned: 1, unplanned: 1, 'left-out': 2 };

function compareTimes(a: StepTime, b: StepTime): number {
  if (a.is === 'planned' && b.is === 'planned') return a.at < b.at ? -1 : a.at > b.at ? 1 : 0;
  return PLACES[a.is] - PLACES[b.is];
}

/** The jobs of a room that begin before a step, the nearest first: in front of them it can be moved. */
export function earlierJobs(
  steps: readonly RoomOrderStep[],
  at: number,
): { readonly task: string; readonly job: string }[] {
  const own = steps[at]?.task;
  const first = steps.findIndex((step) => step.task === own);
  const jobs = new Map(
    steps.slice(0, Math.max(0, first)).map(({ task, job, where }) => [task, `${job}, ${where}`]),
  );
  return [...jobs].map(([task, job]) => ({ task, job })).reverse();
}

function stepWords({
  task,
  position,
  waitedMinutes,
}: OrderedStep): Omit<RoomOrderStep, 'holds' | 'when' | 'setAside'> {
  const { step, minutes } = task.estimate.steps[position] as (typeof task.estimate.steps)[number];
  const next = task.estimate.steps[position + 1];
  return {
    task: task.id,
    fixture: task.fixture.id,
    ...pieceOfWork(task, step.key),
    where: task.stop.shell ? 'all round' : task.stop.name,
    minutes: Math.max(1, Math.round(minutes)),
    waited: Math.round(waitedMinutes),
    sets:
      next?.step.mode === 'wait' ? { title: next.step.title, minutes: Math.round(next.minutes) } : undefined,
  };
}
