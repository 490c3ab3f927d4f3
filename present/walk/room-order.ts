import type { OrderedWork } from '@/core/order/ordered';
import { whyHere } from '@/core/order/why-here';
import type { OrderedStep } from '@/core/order/working-order';

/** The order of work in one room as plain data: step by step, with what holds each where it is. */
export type RoomOrderStep = {
  readonly task: string;
  readonly fixture: string;
  readonly title: string;
  readonly job: string;
  readonly where: string;
  readonly minutes: number;
  /** Minutes of the wait that had to be over before this step. */
  readonly waited: number;
  /** The wait that this step sets going. */
  readonly sets: { readonly title: string; readonly minutes: number } | undefined;
  readonly holds: readonly RoomHold[];
};

export type RoomHold = {
  readonly rule: string;
  readonly hard: boolean;
  readonly reason: string;
  readonly after: readonly string[];
};

/** A task that is held by many others names so many of them. */
const MOST_NAMED = 3;

export function roomOrder(work: OrderedWork, roomId: string): RoomOrderStep[] {
  return work.steps
    .filter((step) => step.task.room.id === roomId)
    .map((step) => ({
      ...stepWords(step),
      holds: whyHere(work, step.task.id).map(({ rule, after }) => ({
        rule: rule.name,
        hard: rule.hard,
        reason: rule.reason,
        after: [...new Set(after.map((task) => task.method.title))].slice(0, MOST_NAMED),
      })),
    }));
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

function stepWords({ task, position, waitedMinutes }: OrderedStep): Omit<RoomOrderStep, 'holds'> {
  const { step, minutes } = task.estimate.steps[position] as (typeof task.estimate.steps)[number];
  const next = task.estimate.steps[position + 1];
  return {
    task: task.id,
    fixture: task.fixture.id,
    title: step.title,
    job: task.method.title,
    where: task.stop.shell ? 'all round' : task.stop.name,
    minutes: Math.max(1, Math.round(minutes)),
    waited: Math.round(waitedMinutes),
    sets:
      next?.step.mode === 'wait' ? { title: next.step.title, minutes: Math.round(next.minutes) } : undefined,
  };
}
