import { groupBy } from '../basics/group-by';
import { taskIdOf } from '../basics/ids';
import type { HandsStep } from '../catalogue/method';
import { factorOf, type StepEstimate, type TaskEstimate, taskEstimate } from '../estimate/estimate';
import { loadOf, placeOfMachine, sharedDrums } from './load';
import { isPutAway } from './put-away-loads';
import { type CleanTask, stepIdOf, type Work } from './task';

/** What is taken off in a room, washed, and goes back to where it was. */
type Row = {
  readonly what: string;
  /** How it is taken off where it goes into a drum with others. */
  readonly off: string;
  /** Whether its room looks bare without it, so that it is washed while one is there. */
  readonly isMissed?: true;
};

export const BROUGHT_BACK: Readonly<Record<string, Row>> = {
  'mats-wash': { what: 'bath mats', off: 'Shake out, into the basket' },
  'shower-curtain-wash': { what: 'shower curtains', off: 'Rings off, into the basket', isMissed: true },
  'curtain-wash': {
    what: 'curtains',
    off: 'Take down, shake out, hooks out, into the basket',
    isMissed: true,
  },
  'nets-wash': { what: 'nets', off: 'Take down, into a washing bag', isMissed: true },
  'cushion-covers-wash': { what: 'cushion covers', off: 'Covers off, zips shut, into the basket' },
  'throws-wash': { what: 'throws', off: 'Shake out outside, into the basket' },
  'pet-bed-wash': { what: 'pets’ beds', off: 'Vacuum the hair off outside, cover into the basket' },
  'towels-wash': { what: 'towels', off: 'Off the rail, into the basket', isMissed: true },
  'protector-wash': { what: 'mattress protectors', off: 'Off, into the basket', isMissed: true },
};

/** The method of a load of these: gathered, washed and dried, until each goes back. */
export const SHARED_WASH = 'shared-wash';

/** Of taking a thing off, what is loading it. */
const LOADING_MINUTES = 1;

/**
 * The tasks of a clean with these in loads where several fill a drum: taking off and bringing back stay with their room;
 * between them lies one task, in the room of the machine.
 */
export function broughtBackLoads(tasks: readonly CleanTask[], work: Work): CleanTask[] {
  const ones = tasks.filter(
    (task) => task.scope.in && task.method.id in BROUGHT_BACK && !isPutAway(task) && isWashedHere(task, work),
  );
  const drums = sharedDrums(ones, work, (task) => goesWith(task, work));
  if (drums.length === 0) return [...tasks];
  const machine = placeOfMachine(work.home);
  const loads = new Map(drums.map((own) => [own[0] as CleanTask, sharedWash(own, loadOf(own, machine))]));
  const loadFor = new Map(drums.flatMap((own) => own.map((task) => [task, loads.get(own[0] as CleanTask)])));
  return tasks.flatMap((task) => {
    const load = loadFor.get(task);
    if (!load) return task;
    const own = loads.get(task);
    return [offAndBack(task, load), ...(own ? [own] : [])];
  });
}

/** Taken off by hand, through the machine, and back by hand; and not begun by itself. */
function isWashedHere({ estimate, ...task }: CleanTask, { ticked }: Work): boolean {
  const { first, between, last } = threeOf(estimate);
  return (
    first?.step.mode === 'hands' &&
    last?.step.mode === 'hands' &&
    between.some(({ step }) => step.machine === 'washer') &&
    !between.some((step) => ticked.has(stepIdOf({ estimate, ...task }, step)))
  );
}

function threeOf({ steps }: TaskEstimate) {
  return { first: steps[0], between: steps.slice(1, -1), last: steps.at(-1) };
}

/**
 * What goes together: the same steps between off and back; of one room, where its room misses it and one room is done after
 * the other. Once a load is on, what is still in its place goes into the next.
 */
function goesWith(task: CleanTask, { roomByRoom, ticked }: Work): string {
  const { first, between } = threeOf(task.estimate);
  const isOn = [...ticked].some((step) => step.includes(`:${SHARED_WASH}/`));
  const isOff = isOn && first !== undefined && ticked.has(stepIdOf(task, first));
  const room = roomByRoom && BROUGHT_BACK[task.method.id]?.isMissed ? task.room.id : '';
  return [room, isOff, ...between.map(({ step }) => step.key)].join(' ');
}

/** A load as a task of its own, known by the fixture that it comes from first. */
function sharedWash(own: readonly CleanTask[], { estimate, byRates, ...load }: CleanTask): CleanTask {
  const what = listed(own.map(({ method }) => BROUGHT_BACK[method.id]?.what ?? method.title));
  const steps = washSteps(
    estimate,
    what,
    own.map(({ estimate }) => estimate),
  );
  return {
    ...load,
    id: taskIdOf(load.fixture.id, SHARED_WASH),
    method: {
      ...load.method,
      id: SHARED_WASH,
      title: `Wash a load of ${what}`,
      tools: [],
      leastAge: 0,
      sameDay: false,
      steps: steps.steps.map(({ step }) => step),
    },
    estimate: steps,
    byRates: washSteps(
      byRates,
      what,
      own.map(({ byRates }) => byRates),
    ),
  };
}

/** Into the machine all together; then what lies between off and back. */
function washSteps(load: TaskEstimate, what: string, own: readonly TaskEstimate[]): TaskEstimate {
  const loading = own.flatMap(({ steps: [first] }) => (first ? parted(first).loading : []));
  const sum = (of: (one: StepEstimate) => number) => loading.reduce((total, one) => total + of(one), 0);
  const [{ step }] = loading as [StepEstimate & { step: HandsStep }];
  const gather: StepEstimate = {
    step: { ...step, key: 'gather', title: 'Gather it all and load the machine', setUpMinutes: 0, tags: [] },
    minutes: sum(({ minutes }) => minutes),
    low: sum(({ low }) => low),
    high: sum(({ high }) => high),
  };
  return taskEstimate([gather, ...threeOf(load).between.map((step) => calledBy(what, step))]);
}

/** Where something is while it is waited for. */
const MEANWHILE: Readonly<Record<string, string>> = {
  wash: 'in the wash',
  dry: 'drying',
  'dry-line': 'on the line',
  'dry-airer': 'on the airer',
};

function calledBy(what: string, estimate: StepEstimate): StepEstimate {
  const where = MEANWHILE[estimate.step.key];
  if (where === undefined) return estimate;
  const title = `${what.charAt(0).toUpperCase()}${what.slice(1)} ${where}`;
  return { ...estimate, step: { ...estimate.step, title } };
}

/** What is left in the room: taking off, and bringing back when the load is through. */
function offAndBack(task: CleanTask, load: CleanTask): CleanTask {
  const estimate = withoutWash(task, task.estimate);
  return {
    ...task,
    method: { ...task.method, steps: estimate.steps.map(({ step }) => step), products: {} },
    products: { wanted: task.products.wanted, school: task.products.school, doses: [] },
    estimate,
    byRates: withoutWash(task, task.byRates),
    away: { load: load.id, steps: threeOf(task.estimate).between },
  };
}

function withoutWash({ method }: CleanTask, estimate: TaskEstimate): TaskEstimate {
  const { first, last } = threeOf(estimate) as { first: StepEstimate; last: StepEstimate };
  const { off } = parted(first);
  const title = BROUGHT_BACK[method.id]?.off ?? off.step.title;
  return taskEstimate([{ ...off, step: { ...off.step, title } }, last]);
}

/** Taking off, parted from the loading that is in it: the two come to what it was. */
function parted(first: StepEstimate): { off: StepEstimate; loading: StepEstimate } {
  const { parts, minutes } = first;
  const setUp = Math.min(LOADING_MINUTES, parts?.setUpMinutes ?? 0);
  const share = minutes === 0 ? 0 : Math.min(1, (setUp * (parts ? factorOf(parts) : 1)) / minutes);
  const { parts: _whole, ...loading } = scaled(first, share);
  return {
    off: {
      ...scaled(first, 1 - share),
      ...(parts && { parts: { ...parts, setUpMinutes: parts.setUpMinutes - setUp } }),
    },
    loading,
  };
}

function scaled(estimate: StepEstimate, by: number): StepEstimate {
  return {
    ...estimate,
    minutes: estimate.minutes * by,
    low: estimate.low * by,
    high: estimate.high * by,
  };
}

/** Each once: `cushion covers and throws`. */
function listed(words: readonly string[]): string {
  const each = [...groupBy(words, (word) => word).keys()];
  return each.length < 2 ? each.join() : `${each.slice(0, -1).join(', ')} and ${each.at(-1)}`;
}
