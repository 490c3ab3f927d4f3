import { type HouseholdRules, isReverse, type OrderRule, OWN_RULE_PREFIX } from '../clean/rule';
import type { Home } from '../home/room';
import type { Policy } from '../plan/problem';
import { jobName } from '../work/place-of-job';
import type { CleanTask } from '../work/task';
import { type OrderedWork, orderWork } from './ordered';

/** What moving a task in front of another leads to: the rule that does it and its costs, or the hard rules that forbid it. */
export type Move =
  | {
      readonly ok: true;
      readonly rule: OrderRule;
      readonly breaks: readonly OrderRule[];
      readonly work: OrderedWork;
    }
  | { readonly ok: false; readonly held: readonly OrderRule[] };

type House = { readonly home: Home; readonly rules: HouseholdRules; readonly grouping: Policy['grouping'] };

/**
 * Moves a task in front of another. Wishes in the way are set aside and told; a hard rule in the way stops the move
 * until it is switched off by its name.
 */
export function moveBefore(
  work: OrderedWork,
  { home, rules, grouping }: House,
  task: CleanTask,
  before: CleanTask,
): Move {
  const held = hardWay(work, before, task);
  if (held.length > 0) return { ok: false, held };
  const rule = moveRule(task, before);
  const own = [...rules.own.filter((known) => known.id !== rule.id && !isReverse(known, rule)), rule];
  const moved = orderWork(work.tasks, home, { ...rules, own }, grouping);
  const known = new Set(work.contradictions.map(({ setAside }) => setAside.id));
  const breaks = moved.contradictions.map(({ setAside }) => setAside).filter(({ id }) => !known.has(id));
  return { ok: true, rule, breaks: [...new Set(breaks)], work: moved };
}

function moveRule(task: CleanTask, before: CleanTask): OrderRule {
  return {
    id: `${OWN_RULE_PREFIX}move-${hash(`${task.id} ${before.id}`)}`,
    name: `“${jobName(task)}” before “${jobName(before)}”`.slice(0, 120),
    before: { tasks: [task.id] },
    after: { tasks: [before.id] },
    within: 'house',
    hard: true,
    orderOnly: true,
    reason: 'Moved here by hand.',
  };
}

/** A short name for a text, the same each time. */
function hash(text: string): string {
  let value = 7;
  for (const letter of text) value = (value * 31 + (letter.codePointAt(0) as number)) % 2_147_483_647;
  return value.toString(36);
}

/** The hard rules of a way from one task to another; none where only wishes or the walk put the one first. */
function hardWay(work: OrderedWork, from: CleanTask, to: CleanTask): OrderRule[] {
  const out = new Map<CleanTask, { readonly task: CleanTask; readonly rule: OrderRule }[]>();
  for (const { rule, before, after } of work.links)
    if (rule.hard) out.set(before, [...(out.get(before) ?? []), { task: after, rule }]);
  const cameBy = new Map<CleanTask, { readonly from: CleanTask; readonly rule: OrderRule }>();
  const queue = [from];
  for (let i = 0; i < queue.length && !cameBy.has(to); i++) {
    const task = queue[i] as CleanTask;
    for (const { task: next, rule } of out.get(task) ?? [])
      if (!cameBy.has(next) && next !== from) {
        cameBy.set(next, { from: task, rule });
        queue.push(next);
      }
  }
  const rules: OrderRule[] = [];
  for (let task = to; cameBy.has(task); ) {
    const step = cameBy.get(task) as { from: CleanTask; rule: OrderRule };
    rules.unshift(step.rule);
    task = step.from;
  }
  return [...new Set(rules)];
}
