import { PRIORITIES } from '../../basics/choices';
import { type DayNumber, dayOfMinute } from '../../basics/local-time';
import { randomFrom } from '../../basics/random';
import type { Priority } from '../../plan/problem';
import {
  dispatch,
  isByGroup,
  type Manner,
  MUCH_PATIENCE,
  SOME_PATIENCE,
  WORTH_A_DATE,
} from '../dispatch/dispatch';
import { steadyPace } from '../dispatch/pace';
import { Draft } from '../draft/draft';
import { insertBest } from '../draft/insert';
import { compareScores } from '../draft/tally';
import { type Cluster, inOrder } from '../model/clusters';
import type { Model, Room, Task } from '../model/model';
import { fillUp, search } from './search';

/** One way to go about building a plan; several are tried, and the best is bettered. */
type Recipe = {
  readonly manner: Manner;
  /** What matters most alone first, and the rest around it. */
  readonly inTurn: boolean;
};

/** How much of its share a date holds where an even load is wished for. */
const STEADY = [2, 1.4];

function recipesFor(draft: Draft): Recipe[] {
  const { model } = draft;
  const { spread } = model.policy;
  const roomOrder = roomsInOrder(model);
  const usual: Manner = { priorityFirst: false, byWishes: true, roomOrder };
  const paces = spread === 'even' ? STEADY.map((multiple) => ({ pace: steadyPace(model, multiple) })) : [{}];
  const manners: readonly Manner[] = isByGroup(model.policy)
    ? byGroups(usual, paces)
    : byRooms(draft, usual, paces);
  const tried = manners.slice(0, Math.max(FEWEST, Math.floor(DEALT / model.tasks.length)));
  return [...tried.map((manner) => ({ manner, inTurn: false })), { manner: usual, inTurn: true }];
}

type Paced = Pick<Manner, 'pace'>;

/** What of a kind or height is worth a date, room by room or one after the other; then as it comes. */
function byGroups(usual: Manner, paces: readonly Paced[]): Manner[] {
  const [pace] = paces;
  const worthwhile = { ...usual, worthADate: WORTH_A_DATE };
  const patient = { ...worthwhile, roomFirst: true, patience: SOME_PATIENCE };
  return [
    ...paces.map((steady) => ({ ...patient, ...steady })),
    { ...worthwhile, roomFirst: true, ...pace },
    { ...worthwhile, ...pace },
    { ...usual, ...pace },
    { ...usual, byWishes: false, priorityFirst: true },
    ...(pace?.pace ? [patient, usual] : []),
  ];
}

/** Few rooms open at a time, in their order and by when all of one can be done; then as it comes. */
function byRooms(draft: Draft, usual: Manner, paces: readonly Paced[]): Manner[] {
  const [pace] = paces;
  const patient = { ...usual, patience: SOME_PATIENCE };
  const { roomOrder } = usual;
  const byLast = roomsByLast(draft, roomOrder);
  const isAnother = byLast.some((room, i) => room !== roomOrder[i]);
  return [
    ...paces.map((steady) => ({ ...patient, ...steady })),
    { ...patient, patience: MUCH_PATIENCE, ...pace },
    ...(isAnother ? paces.map((steady) => ({ ...patient, roomOrder: byLast, ...steady })) : []),
    { ...patient, byWishes: false, ...pace },
    { ...usual, ...pace },
    { ...usual, byWishes: false, priorityFirst: true },
    ...(pace?.pace ? [patient, { ...usual, byWishes: false }] : []),
  ];
}

/** Rooms by the date from which on all of one can be done. */
function roomsByLast(draft: Draft, rooms: readonly Room[]): Room[] {
  const last = new Map<Room, DayNumber>();
  for (const task of draft.model.tasks) {
    const start = draft.soonest(task);
    if (start !== undefined) last.set(task.room, Math.max(last.get(task.room) ?? 0, dayOfMinute(start)));
  }
  return rooms.toSorted((a, b) => (last.get(a) ?? 0) - (last.get(b) ?? 0));
}

/** So many tasks are dealt out by all recipes together, about: where there are many, time is better spent on bettering. */
const DEALT = 1900;
const FEWEST = 3;

export type FirstOptions = {
  readonly seed: number;
  readonly stop: () => boolean;
  /** Another draft of the same problem, which knows some things about it already. */
  readonly beside?: Draft;
  /** Told of each plan that is built. */
  readonly built?: (draft: Draft) => void;
};

/** What the recipes give, in their order; at least what the first gives. */
export function firstPlans(model: Model, { seed, stop, beside, built }: FirstOptions): [Draft, ...Draft[]] {
  const ground = beside?.empty() ?? new Draft(model);
  const drafts: Draft[] = [];
  for (const recipe of recipesFor(ground)) {
    const isFirst = drafts.length === 0;
    if (!isFirst && (stop() || (recipe.inTurn && drafts.some(leavesOutNothing)))) continue;
    const draft = isFirst ? ground : ground.empty();
    build(draft, recipe, randomFrom(seed));
    bringIn(draft, { seed, stop });
    drafts.push(draft);
    built?.(draft);
  }
  return drafts as [Draft, ...Draft[]];
}

/** The best as plans are compared. */
export function bestOf(drafts: readonly [Draft, ...Draft[]]): Draft {
  return drafts.reduce((a, b) => (compareScores(b.tally.score(), a.tally.score()) < 0 ? b : a));
}

/** What a minute is taken to cost that is left out for now: much of it comes in later. */
const WORTH_A_MINUTE: Readonly<Record<Priority, number>> = { must: 20, should: 10, could: 5 };

/** The one that a search makes most of: what is left out can mostly be brought in, what lies badly takes longer. */
export function mostPromising(drafts: readonly [Draft, ...Draft[]]): Draft {
  const worth = (draft: Draft) => {
    const [must = 0, should = 0, could = 0] = draft.tally.score();
    const left = must * WORTH_A_MINUTE.must + should * WORTH_A_MINUTE.should + could * WORTH_A_MINUTE.could;
    return left + Object.values(draft.tally.costs()).reduce((sum, cost) => sum + cost, 0);
  };
  return drafts.reduce((a, b) => (worth(b) < worth(a) ? b : a));
}

/** Nothing is left out but what finds no place anyway. */
export function leavesOutNothing(draft: Draft): boolean {
  return draft.out.every((task) => draft.isHopeless(task));
}

/** Before plans are compared, what is left out is tried again; so many rounds in a row in vain are enough. */
const IN_VAIN = 5;

function bringIn(draft: Draft, { seed, stop }: FirstOptions): void {
  if (leavesOutNothing(draft)) return;
  let tries = 0;
  search(draft, {
    random: randomFrom(seed),
    stop: () => tries++ >= IN_VAIN || stop(),
    rounds: Number.POSITIVE_INFINITY,
    onlyLeftOut: true,
    better: () => {
      tries = 0;
    },
  });
}

/** Dealt out once, evenly where that is wished for; where something has no place, with what matters most first. */
export function sensibleDraft(model: Model): Draft {
  const ground = new Draft(model);
  const drafts = recipesFor(ground)
    .filter(({ inTurn }) => !inTurn)
    .map((recipe) => {
      const draft = ground.empty();
      build(draft, recipe, randomFrom(1));
      return draft;
    });
  return bestOf(drafts as [Draft, ...Draft[]]);
}

/** Fills an empty draft by a recipe. */
function build(draft: Draft, recipe: Recipe, random: () => number): void {
  const turns = recipe.inTurn ? byWeight(draft) : [draft.wanted];
  for (const clusters of promisedFirst(draft, turns))
    dispatch(draft.board, clusters, draft.links, recipe.manner);
  placeTheRest(draft, random);
}

const LOOK = { beside: 4, dates: 2 };

/** What was not dealt out comes in where it costs least. */
function placeTheRest(draft: Draft, random: () => number): void {
  const isMissing = (task: Task) => !draft.isOut(task) && !draft.isPlaced(task);
  const rest = draft.movable
    .filter(({ tasks }) => tasks.some(isMissing))
    .flatMap((cluster) => draft.wantedParts(cluster));
  for (const cluster of rest) draft.takeOff(cluster);
  const weight = ({ tasks }: Cluster) =>
    Math.min(...tasks.map((task) => PRIORITIES.indexOf(draft.weightOf(task))));
  for (const cluster of inOrder(rest, draft.links.hard, (a, b) => weight(a) - weight(b)))
    insertBest(draft, cluster, LOOK, random);
  draft.leaveOutLoose();
  fillUp(draft);
}

/** What is given its time, and whatever has to come before it, before the rest fills that time. */
function promisedFirst(draft: Draft, turns: readonly (readonly Cluster[])[]): (readonly Cluster[])[] {
  const promised = promisedIn(draft);
  if (promised.size === 0) return [...turns];
  const isPromised = ({ tasks }: Cluster) => tasks.some((task) => promised.has(task));
  return [
    turns.flat().filter(isPromised),
    ...turns.map((clusters) => clusters.filter((cluster) => !isPromised(cluster))),
  ];
}

/** Work that is given its time, and what a hard rule puts before it. */
export function promisedIn({ model, links }: Draft): ReadonlySet<Task> {
  const bound = model.focuses.filter(({ bindsWork }) => bindsWork);
  const found = new Set(model.tasks.filter((task) => bound.some(({ matches }) => matches(task))));
  // A set is walked on to what is added while it is walked.
  for (const task of found)
    for (const step of task.steps)
      for (const { hard, before } of links.into(step)) if (hard) found.add(before.task);
  return found;
}

function byWeight(draft: Draft): Cluster[][] {
  const weight = ({ tasks }: Cluster) =>
    Math.min(...tasks.map((task) => PRIORITIES.indexOf(draft.weightOf(task))));
  return PRIORITIES.map((_priority, i) => draft.wanted.filter((cluster) => weight(cluster) === i));
}

/** Rooms as listed, or the most dreaded first. */
function roomsInOrder(model: Model): Room[] {
  if (!model.policy.hardestFirst) return [...model.rooms];
  const hardest = new Map<Room, number>();
  for (const task of model.tasks)
    hardest.set(task.room, Math.max(hardest.get(task.room) ?? 0, task.hardness));
  return [...model.rooms].sort((a, b) => (hardest.get(b) ?? 0) - (hardest.get(a) ?? 0) || a.index - b.index);
}
