import type { Catalogue } from '../catalogue/catalogue';
import { FIXTURE_KINDS } from '../catalogue/fixture-kinds';
import type { Method } from '../catalogue/method';
import { PRODUCTS } from '../catalogue/products';
import { TAGS } from '../catalogue/tags';
import { MACHINE_KINDS, WORK_KINDS } from '../catalogue/work-kinds';
import type { Range, StepEstimate } from '../estimate/estimate';
import { SURFACES } from '../home/surfaces';
import type { HouseholdFile } from '../household/household';
import { jobName } from '../work/place-of-job';
import { type CleanTask, handsRange, listTasks } from '../work/tasks';
import { gathered } from '../work/wash-loads';
import { workOf } from '../work/work';

/** What the command line prints of the catalogue and of the estimate: plain JSON for other programs. */

export type CatalogueDocument = {
  readonly format: 'early-thaw/catalogue';
  readonly version: 1;
  readonly fixtures: typeof FIXTURE_KINDS;
  readonly surfaces: readonly string[];
  readonly products: typeof PRODUCTS;
  readonly tags: typeof TAGS;
  readonly workKinds: typeof WORK_KINDS;
  readonly machines: typeof MACHINE_KINDS;
  readonly methods: readonly Method[];
};

export function catalogueDocument(catalogue: Catalogue): CatalogueDocument {
  return {
    format: 'early-thaw/catalogue',
    version: 1,
    fixtures: FIXTURE_KINDS,
    surfaces: SURFACES,
    products: PRODUCTS,
    tags: TAGS,
    workKinds: WORK_KINDS,
    machines: MACHINE_KINDS,
    methods: catalogue.all(),
  };
}

/** Minutes of every task of a household, in scope or not, with their ranges and the parts of each figure. */
export function estimateDocument(household: HouseholdFile, catalogue: Catalogue): object {
  const work = workOf({ ...household, clean: household.clean }, catalogue);
  const tasks = gathered(listTasks(work), work);
  const inScope = tasks.filter((task) => task.scope.in);
  return {
    format: 'early-thaw/estimate',
    version: 1,
    hands: rounded(handsRange(inScope)),
    waitMinutes: inScope.reduce((sum, task) => sum + task.estimate.waitMinutes, 0),
    tasks: tasks.map(taskEntry),
  };
}

function taskEntry(task: CleanTask): object {
  const { estimate, scope } = task;
  return {
    task: task.id,
    title: jobName(task),
    floor: task.floor.name,
    room: task.room.name,
    stop: task.stop.name,
    kind: task.method.kind,
    in: scope.in,
    ...(scope.reason !== undefined && { reason: scope.reason }),
    priority: scope.priority,
    ...(scope.due !== undefined && { due: scope.due }),
    hands: rounded(estimate.hands),
    waitMinutes: estimate.waitMinutes,
    ...(scope.guessMinutes !== undefined && { guessMinutes: scope.guessMinutes }),
    steps: estimate.steps.map(stepEntry),
  };
}

function stepEntry({ step, parts, ...range }: StepEstimate): object {
  return { key: step.key, mode: step.mode, title: step.title, ...rounded(range), ...(parts && { parts }) };
}

/** Hundredths of a minute are exact enough for anybody who adds up. */
function rounded({ minutes, low, high }: Range): Range {
  const round = (value: number) => Math.round(value * 100) / 100;
  return { minutes: round(minutes), low: round(low), high: round(high) };
}
