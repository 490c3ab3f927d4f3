import { dayOf, formatMinute, midnightOf } from '../../basics/local-time';
import { COST_PARTS } from '../../plan/costs';
import type { Daily, Problem, ProblemFocus } from '../../plan/problem';
import type { Draw } from './draw';

/** What goes on meanwhile in a generated problem: rooms in use, grown-ups at home, who is kept out, focuses, weights. */
export const MEANWHILE = [
  'floors',
  'by',
  'inUse',
  'attended',
  'keepsOut',
  'quiet',
  'focus',
  'weights',
  'soonest',
] as const;
type Meanwhile = (typeof MEANWHILE)[number];

type Change = (draw: Draw, problem: Problem) => Partial<Problem>;

const CHANGES: Readonly<Record<Meanwhile, Change>> = {
  floors: (draw, { rooms }) => ({ rooms: rooms.map((room) => ({ ...room, floor: draw.from(-1, 3) })) }),
  by: (draw, { tasks }) => ({
    tasks: tasks.map((task) =>
      draw.chance(0.2) ? { ...task, by: draw.one(['13:00', '19:30', '21:00']) } : task,
    ),
  }),
  inUse: (draw, { rooms }) => ({
    rooms: rooms.map((room) => (draw.chance(0.5) ? { ...room, inUse: [dailyFrom(draw)] } : room)),
  }),
  attended: (draw, problem) => ({
    tasks: withSteps(problem, (step) =>
      step.mode === 'wait' && draw.chance(0.4) ? { ...step, attended: true } : step,
    ),
    attendance: daysOf(problem).flatMap((day) => {
      const start = midnightOf(day) + draw.from(6, 12) * 60;
      return draw.chance(0.8)
        ? [{ start: formatMinute(start), end: formatMinute(start + draw.from(3, 12) * 60) }]
        : [];
    }),
  }),
  keepsOut: (draw, problem) => ({
    tasks: withSteps(problem, (step) =>
      draw.chance(0.2) ? { ...step, keepsOut: [draw.one(problem.people).id] } : step,
    ),
  }),
  quiet: (draw, problem) => ({
    tasks: withSteps(problem, (step) =>
      draw.chance(0.2) ? { ...step, tags: [...(step.tags ?? []), 'noise'] } : step,
    ),
    quiet: [dailyFrom(draw)],
  }),
  focus: (draw, problem) => ({
    focus: Array.from({ length: draw.from(1, 3) }, (_, i) => focusFrom(draw, problem, i)),
  }),
  weights: (draw, { policy }) => ({
    policy: { ...policy, weights: { [draw.one(COST_PARTS)]: draw.from(0, 30) / 10 } },
  }),
  soonest: (draw, { policy }) => ({
    policy: { ...policy, spread: draw.chance(0.3) ? 'soonest' : policy.spread },
  }),
};

/** The problem with those of these features that are wanted. */
export function withMeanwhile(draw: Draw, problem: Problem, has: (feature: Meanwhile) => boolean): Problem {
  let changed = problem;
  for (const feature of MEANWHILE.filter(has)) changed = { ...changed, ...CHANGES[feature](draw, changed) };
  return changed;
}

type Step = Problem['tasks'][number]['steps'][number];

function withSteps({ tasks }: Problem, change: (step: Step) => Step): Problem['tasks'] {
  return tasks.map((task) => ({ ...task, steps: task.steps.map(change) }));
}

function daysOf({ start, finish }: Problem): number[] {
  return Array.from({ length: dayOf(finish) - dayOf(start) + 1 }, (_, i) => dayOf(start) + i);
}

function dailyFrom(draw: Draw): Daily {
  return draw.one([
    { from: '22:00', to: '06:30' },
    { from: '13:00', to: '14:30' },
    { from: '00:00', to: '09:15' },
    { from: '18:00', to: '18:00' },
  ]);
}

function focusFrom(draw: Draw, problem: Problem, i: number): ProblemFocus {
  const from = midnightOf(draw.one(daysOf(problem))) + draw.from(6, 18) * 60;
  const of = draw.from(0, 2);
  return {
    id: `focus-${i}`,
    from: formatMinute(from),
    to: formatMinute(from + draw.from(1, 30) * 60),
    ...(draw.chance(0.4) && { people: [draw.one(problem.people).id] }),
    ...(of === 0 && { rooms: [draw.one(problem.rooms).id] }),
    ...(of === 1 && { kinds: [draw.one(problem.tasks).kind] }),
    ...(of === 2 && { tasks: [draw.one(problem.tasks).id] }),
    binds: draw.one(['time', 'work', 'both'] as const),
  };
}
