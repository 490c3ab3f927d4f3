import { loadOf, placeOfMachine, sharedDrums } from './load';
import type { CleanTask, Work } from './task';

/**
 * Methods whose wash is in no hurry and goes into a cupboard afterwards: what comes off in several places, and by several of
 * them, goes into one drum. A load is known by the first of them.
 */
const GATHERED: readonly string[] = ['bed-linen-wash', 'towels-wash', 'mops-boil', 'cloths-boil'];

/** Whether what a task washes lies in a cupboard afterwards: of what there is just one set, it goes back. */
export function isPutAway({ method }: CleanTask): boolean {
  return GATHERED.includes(method.id) && method.steps.at(-1)?.key !== 'back';
}

/** The tasks of a clean with these in loads: each one task, in the room of the machine, with the hands of all and one run. */
export function putAwayLoads(tasks: readonly CleanTask[], work: Work): CleanTask[] {
  const washed = tasks.filter((task) => task.scope.in && isPutAway(task));
  const ones = GATHERED.flatMap((id) => washed.filter(({ method }) => method.id === id));
  const loads = sharedDrums(ones, work, stepsIn);
  if (loads.length === 0) return [...tasks];
  const machine = placeOfMachine(work.home);
  const heads = new Map(
    loads.map((own) => {
      const load = loadOf(own, machine);
      return [own[0] as CleanTask, { ...load, method: { ...load.method, title: titleOf(own) } }];
    }),
  );
  const inside = new Set(loads.flatMap((own) => own.slice(1)));
  return tasks.filter((task) => !inside.has(task)).map((task) => heads.get(task) ?? task);
}

/** Only what is done in the same steps is done together. */
function stepsIn({ estimate }: CleanTask): string {
  return estimate.steps.map(({ step }) => step.key).join();
}

/** What is washed, each once: `Wash the bed linen; wash the towels`. */
function titleOf(own: readonly CleanTask[]): string {
  const [first = '', ...more] = new Set(own.map(({ method }) => method.title));
  return [first, ...more.map((title) => title.charAt(0).toLowerCase() + title.slice(1))].join('; ');
}
