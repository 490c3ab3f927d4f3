import { taskOfStep } from '../basics/ids';
import type { Pin } from '../clean/steering';
import type { Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import { placeByHand } from './by-hand';

/** All that one person does on a date, wanted on another date or with another person. */
export type SessionWish = {
  readonly person: string;
  readonly date: string;
  readonly to: string;
  /** Who is to do it; whoever did, where nobody is named. */
  readonly by?: string | undefined;
};

export type SessionByHand = {
  readonly pins: readonly Pin[];
  /** Tasks that can't be moved there, and stay where the plan has them. */
  readonly stayed: readonly string[];
};

/** The pins that move a session, job by job in its order; each goes where the ones before it leave room. */
export function moveSession(problem: Problem, plan: Plan, wish: SessionWish): SessionByHand {
  const open = tasksOf(problem, plan, wish);
  const pins: Pin[] = [];
  const stayed: string[] = [];
  open.forEach((task, i) => {
    const waiting = new Set(open.slice(i));
    const others = { ...plan, entries: plan.entries.filter(({ step }) => !waiting.has(taskOfStep(step))) };
    const soFar = { ...problem, fixed: [...(problem.fixed ?? []), ...pins] };
    const who = [wish.by ?? wish.person, ...(wish.by === undefined ? [undefined] : [])];
    const placed = who
      .map((person) => placeByHand(soFar, others, { task, date: wish.to, person }))
      .find((result) => result.ok);
    if (placed?.ok) pins.push(...placed.pins);
    else stayed.push(task);
  });
  return { pins, stayed };
}

/** What the person has to do with on that date, in order. */
function tasksOf({ tasks }: Problem, plan: Plan, { person, date }: SessionWish): string[] {
  const known = new Set(tasks.map((task) => task.id));
  const own = plan.entries
    .filter((entry) => entry.people.includes(person) && entry.start.startsWith(date))
    .sort((a, b) => (a.start < b.start ? -1 : 1))
    .map((entry) => taskOfStep(entry.step));
  return [...new Set(own)].filter((task) => known.has(task));
}
