import { productName } from '@/core/catalogue/products';
import type { Member } from '@/core/people/member';
import type { Current } from '@/core/problem/campaign';
import { offeredMinutes, progressByRoom, sumProgress } from '@/core/problem/progress';
import { productsOf } from '@/core/products/product-choice';
import { jobName } from '@/core/work/place-of-job';
import { mayDo } from '@/core/work/step-tags';
import { type CleanTask, handsRange } from '@/core/work/tasks';
import { neededMinutes, type ScopeRow, type ScopeScreen } from './scope-model';

/** The whole list, in scope or not, with the hours that it is held against. */
export function scopeScreen(state: Current): ScopeScreen {
  const { household, listed, campaign, today } = state;
  const done = new Set((campaign?.problem.done ?? []).map((entry) => entry.step));
  const rows = listed.map((task) => rowOf(task, household.people, done));
  return {
    rows,
    shared: {
      jobs: rows.filter((row) => row.in).length - state.tasks.length,
      minutes: neededMinutes(rows) - leftOf(state),
    },
    rooms: household.home.floors.flatMap((floor) => floor.rooms.map(({ id, name }) => ({ id, name }))),
    people: household.people.map((person) => person.name),
    helpers: household.people.map(({ id, name }) => ({ id, name })),
    finish: household.clean?.finish,
    offered: campaign && offeredMinutes(campaign.problem),
    marks: household.marks,
    today,
  };
}

/** Hands-on minutes that are still to do. */
function leftOf({ campaign, tasks }: Current): number {
  if (!campaign) return handsRange(tasks).minutes;
  const { total, done } = sumProgress(progressByRoom(campaign.problem).values());
  return total - done;
}

function rowOf(task: CleanTask, people: readonly Member[], done: ReadonlySet<string>): ScopeRow {
  const { method, scope, room, stop, estimate } = task;
  const steps = estimate.steps.flatMap(({ step, minutes }) =>
    step.mode === 'hands' ? [{ key: step.key, minutes: Math.max(1, Math.round(minutes)) * step.crew }] : [],
  );
  const sum = (list: typeof steps) => list.reduce((total, step) => total + step.minutes, 0);
  return {
    id: task.id,
    title: jobName(task),
    room: room.name,
    roomId: room.id,
    where: stop.shell ? 'all round' : stop.name,
    kind: method.kind,
    layer: method.layer,
    minutes: Math.round(sum(steps)),
    left: sum(steps.filter((step) => !done.has(`${task.id}/${step.key}`))),
    wait: estimate.waitMinutes,
    due: scope.due,
    in: scope.in,
    reason: scope.reason,
    by: scope.by,
    priority: scope.priority,
    matters: scope.matters,
    dreaded: scope.dreaded,
    people: people.filter((person) => mayDo(person, task)).map((person) => person.name),
    products: [...new Set(productsOf(task.products).map((product) => productName(product)))],
  };
}
