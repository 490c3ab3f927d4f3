import type { CleanTask } from '../clean/tasks';
import type { Precedence } from '../formats/problem';
import type { OrderRule, Selector } from './rules';

/** The precedence between tasks that the rules lead to, in the form of the problem document. */
export function precedenceOf(tasks: readonly CleanTask[], rules: readonly OrderRule[]): Precedence[] {
  return rules.flatMap((rule) => {
    const befores = tasks.filter((task) => selects(rule.before, task));
    const afters = tasks.filter((task) => selects(rule.after, task));
    return afters.flatMap((after) =>
      befores
        .filter((before) => before !== after && isWithin(rule.within, before, after))
        .map((before) => linkOf(rule, before, after)),
    );
  });
}

function selects(selector: Selector, task: CleanTask): boolean {
  const { methods, layers, kinds } = selector;
  if (methods && !methods.includes(task.method.id)) return false;
  if (kinds && !kinds.includes(task.method.kind)) return false;
  if (layers && (task.method.layer < layers.from || task.method.layer > layers.to)) return false;
  return true;
}

function isWithin(within: OrderRule['within'], a: CleanTask, b: CleanTask): boolean {
  if (within === 'house') return true;
  return within === 'room' ? a.room === b.room : a.stop === b.stop;
}

function linkOf(rule: OrderRule, before: CleanTask, after: CleanTask): Precedence {
  return {
    before: sideOf(rule.before, before),
    after: sideOf(rule.after, after),
    ...(rule.minGap !== undefined && { minGap: rule.minGap }),
    hard: rule.hard,
    ...(rule.hard && rule.orderOnly && { orderOnly: true }),
    reason: rule.reason,
  };
}

function sideOf(selector: Selector, task: CleanTask): string {
  return selector.step === undefined ? task.id : `${task.id}/${selector.step}`;
}

/** Tasks of one room in the order of work: ceiling to floor, and within a layer along the walk. */
export function inWorkingOrder(tasks: readonly CleanTask[]): CleanTask[] {
  return tasks
    .map((task, i) => ({ task, i }))
    .sort((a, b) => a.task.method.layer - b.task.method.layer || a.i - b.i)
    .map(({ task }) => task);
}
