import { PRIORITIES } from '../../basics/choices';
import { type DayNumber, dayOfMinute, type Minute, midnightOf } from '../../basics/local-time';
import { oneOf } from '../../basics/random';
import { groupOf } from '../cost/costs';
import { type Placed, SESSION_GAP } from '../cost/metrics';
import type { Manner } from '../dispatch/dispatch';
import type { Draft } from '../draft/draft';
import type { Cluster } from '../model/clusters';
import type { Person, Room, Step, Task } from '../model/model';

/** Which clusters a round takes off the board and places anew; the first of them is what it is about. */
type Neighbourhood = (draft: Draft, index: Neighbours, random: () => number) => readonly Cluster[];

/** What a round takes off the board, and whether it is dealt out anew, room by room, or put where each costs least. */
export type Picked = {
  readonly clusters: readonly Cluster[];
  readonly deal?: Dealing;
};

/** From when on, until when, which room first, and whether all of a room before the next. */
export type Dealing = Required<Pick<Manner, 'from' | 'roomOrder'>> &
  Partial<Pick<Manner, 'until' | 'roomFirst' | 'priorityFirst'>>;

/** Clusters by what they have in common. */
export type Neighbours = {
  readonly byRoom: ReadonlyMap<Room, readonly Cluster[]>;
  readonly byKind: ReadonlyMap<string, readonly Cluster[]>;
};

/** The most that is placed anew at a time. */
const MOST_PICKED = 14;
/** Where something is to come in, all that may be in its way. */
const MOST_IN_THE_WAY = 40;

/** How what was picked is dealt out anew: from about the first of it on, on its date, or with what lies on another of its dates. */
type Deal = (draft: Draft, clusters: readonly Cluster[], random: () => number) => Picked;

type Way = {
  readonly share: number;
  readonly pick: Neighbourhood;
  readonly deal?: Deal;
};

const WAYS: readonly Way[] = [
  // Where nothing is left out, a few at random.
  { share: 0.05, pick: whatCouldComeIn },
  { share: 0.03, pick: ofWhole, deal: dealtFromThen },
  { share: 0.02, pick: ofTwoWhole, deal: dealtFromThen },
  { share: 0.03, pick: ofFewDates, deal: dealtFromThen },
  { share: 0.03, pick: ofPerson, deal: dealtFromThen },
  { share: 0.09, pick: ofOneDate, deal: dealtOnItsDate },
  { share: 0.05, pick: ofEdge },
  { share: 0.05, pick: ofEdge, deal: joined },
  { share: 0.07, pick: ofRoom },
  { share: 0.04, pick: ofRoomOnDate },
  { share: 0.06, pick: gathered },
  { share: 0.08, pick: aboutThen },
  { share: 0.07, pick: ofShortSession },
  { share: 0.07, pick: ofShortSession, deal: joined },
  { share: 0.08, pick: ofShortVisit },
  { share: 0.08, pick: ofShortVisit, deal: joined },
  { share: 0.02, pick: ofKind },
  { share: 0.05, pick: ofWish },
  { share: 0.03, pick: aFew },
];

/** How often, at the least, it is about what is left out where there is something. */
const OFTEN_SHORT = 0.35;

/** Draws one of the ways to choose by its share, and chooses by it. */
export function pickClusters(draft: Draft, index: Neighbours, random: () => number): Picked {
  const isShort = draft.out.some((task) => !draft.isHopeless(task));
  let left = isShort && random() < OFTEN_SHORT ? 0 : random();
  const { pick, deal } = WAYS.find(({ share }) => {
    left -= share;
    return left < 0;
  }) ?? { pick: aFew };
  if (deal) return deal(draft, pick(draft, index, random), random);
  const most = pick === whatCouldComeIn ? MOST_IN_THE_WAY : MOST_PICKED;
  return { clusters: [...new Set(pick(draft, index, random))].slice(0, most) };
}

/** Dealt out from about the first of it on, or from any date; the rooms in an order that is drawn. */
function dealtFromThen(draft: Draft, clusters: readonly Cluster[], random: () => number): Picked {
  const { model } = draft;
  const starts = clusters.map((cluster) => startOf(draft, cluster) ?? model.end);
  const first = dayOfMinute(Math.min(...starts));
  const days = model.lastDay - model.firstDay + 1;
  const day = random() < 0.5 ? first : model.firstDay + Math.floor(random() * days);
  return { clusters, deal: { from: midnightOf(day), roomOrder: roomsDrawn(clusters, random) } };
}

/** Dealt out on the date on which all of it lies. */
function dealtOnItsDate(draft: Draft, clusters: readonly Cluster[], random: () => number): Picked {
  const date = clusters[0] && dateOf(draft, clusters[0]);
  return date === undefined ? { clusters: [] } : dealtOn(draft, date, clusters, random);
}

/** Joined with what lies on a date on which the same is done that it belongs to. */
function joined(draft: Draft, clusters: readonly Cluster[], random: () => number): Picked {
  const [task] = clusters[0]?.tasks ?? [];
  const date = task && oneOf(draft.tally.datesOf(task), random);
  return date === undefined
    ? { clusters }
    : dealtOn(draft, date, [...clusters, ...allOn(draft, date)], random);
}

/** Dealt out on one date, mostly room by room, with some of what is left out. */
function dealtOn(draft: Draft, date: DayNumber, clusters: readonly Cluster[], random: () => number): Picked {
  const wanted = someOut(draft, random);
  const picked = [...new Set([...clusters, ...wanted])];
  return {
    clusters: picked,
    deal: {
      from: midnightOf(date),
      until: midnightOf(date + 1),
      roomFirst: random() < MOSTLY_BY_ROOM,
      priorityFirst: wanted.length > 0 && random() < 0.5,
      roomOrder: roomsDrawn(picked, random),
    },
  };
}

/** Some of what is left out, which may find a place in what is dealt out anew. */
function someOut(draft: Draft, random: () => number): Cluster[] {
  const out = draft.out.filter((task) => !draft.isHopeless(task));
  if (out.length === 0 || random() < 0.5) return [];
  return [...new Set(drawn(out, FEW, random).map((task) => draft.homeOf(task)))];
}

const MOSTLY_BY_ROOM = 0.8;

function roomsDrawn(clusters: readonly Cluster[], random: () => number): Room[] {
  const rooms = [...new Set(clusters.map(roomOf))].map((room) => [random(), room] as const);
  return rooms.sort(([a], [b]) => a - b).map(([, room]) => room);
}

/** All of a room, or all of a job where that goes through the whole house. */
function ofWhole({ movable, model }: Draft, index: Neighbours, random: () => number): readonly Cluster[] {
  const seed = oneOf(movable, random);
  if (model.policy.grouping === 'kind') return index.byKind.get((seed.tasks[0] as Task).kind) ?? [];
  return index.byRoom.get(roomOf(seed)) ?? [];
}

function ofTwoWhole(draft: Draft, index: Neighbours, random: () => number): readonly Cluster[] {
  return [...new Set([...ofWhole(draft, index, random), ...ofWhole(draft, index, random)])];
}

/** All that begins on a date or the one or two after it. */
function ofFewDates(draft: Draft, _index: Neighbours, random: () => number): Cluster[] {
  const from = dateOf(draft, oneOf(draft.movable, random));
  if (from === undefined) return [];
  const to = from + Math.floor(random() * 3);
  return draft.movable.filter((one) => {
    const date = dateOf(draft, one);
    return date !== undefined && date >= from && date <= to;
  });
}

function ofOneDate(draft: Draft, _index: Neighbours, random: () => number): Cluster[] {
  const date = dateOf(draft, oneOf(draft.movable, random));
  return date === undefined ? [] : allOn(draft, date);
}

/** All that lies on one date and on no other. */
function allOn(draft: Draft, date: DayNumber): Cluster[] {
  const isOnDate = ({ start }: Placed) => dayOfMinute(start) === date;
  return draft.movable.filter(
    (one) =>
      dateOf(draft, one) === date &&
      one.tasks.every(({ steps }) => steps.every((step) => draft.board.entriesOf(step).every(isOnDate))),
  );
}

/** What somebody does over some dates. */
function ofPerson(draft: Draft, index: Neighbours, random: () => number): Cluster[] {
  const { people } = draft.model;
  const who = oneOf(people, random);
  return ofFewDates(draft, index, random).filter(({ tasks }) =>
    tasks.some(({ steps }) => steps.some((step) => draft.board.entriesOf(step)[0]?.people.includes(who))),
  );
}

function some(clusters: readonly Cluster[], share: number, random: () => number): Cluster[] {
  return clusters.filter(() => random() < share);
}

function roomOf(cluster: Cluster): Room {
  return (cluster.tasks[0] as Task).room;
}

/** When a cluster begins; undefined while it is not on the board. */
function startOf({ board }: Draft, { tasks }: Cluster): Minute | undefined {
  let first: Minute | undefined;
  for (const { steps } of tasks)
    for (const step of steps) {
      const start = board.startOf(step);
      if (start !== undefined) first = first === undefined ? start : Math.min(first, start);
    }
  return first;
}

/** Part of the work of a room. */
function ofRoom({ movable }: Draft, { byRoom }: Neighbours, random: () => number): Cluster[] {
  const seed = oneOf(movable, random);
  return [seed, ...some(byRoom.get(roomOf(seed)) ?? [], random() < 0.3 ? 1 : 0.4, random)];
}

/** All that lies in a room on one date. */
function ofRoomOnDate(draft: Draft, { byRoom }: Neighbours, random: () => number): Cluster[] {
  const seed = oneOf(draft.movable, random);
  const date = dateOf(draft, seed);
  return [seed, ...(byRoom.get(roomOf(seed)) ?? []).filter((one) => dateOf(draft, one) === date)];
}

/** What lies in a room on the first or the last date of it: all between them it stands open. Of a few rooms, the one that does so longest. */
function ofEdge(draft: Draft, { byRoom }: Neighbours, random: () => number): Cluster[] {
  const spans = drawn(draft.movable, COMPARED, random).map((one) => spanOf(draft, roomOf(one)));
  const longest = spans.reduce((a, b) => (b.to - b.from > a.to - a.from ? b : a));
  const edge = random() < 0.5 ? longest.from : longest.to;
  return (byRoom.get(longest.room) ?? []).filter((one) => dateOf(draft, one) === edge);
}

/** From the first to the last date of hands-on work in a room. */
function spanOf({ board }: Draft, room: Room): { room: Room; from: DayNumber; to: DayNumber } {
  const work = board.workIn(room);
  const from = dayOfMinute(
    work.reduce((first, { start }) => Math.min(first, start), Number.POSITIVE_INFINITY),
  );
  const to = dayOfMinute(work.reduce((last, { start }) => Math.max(last, start), 0));
  return { room, from, to };
}

/** What belongs together by the school and lies on one date, and part of the other work on another of its dates. */
function gathered(draft: Draft, _index: Neighbours, random: () => number): Cluster[] {
  const { grouping } = draft.model.policy;
  const seed = oneOf(draft.movable, random);
  const task = seed.tasks[0] as Task;
  const group = groupOf(task, grouping);
  const isOfGroup = (one: Cluster) => groupOf(one.tasks[0] as Task, grouping) === group;
  const from = dateOf(draft, seed);
  const to = oneOf(
    draft.tally.datesOf(task).filter((date) => date !== from),
    random,
  );
  const dated = draft.movable.map((one) => [one, dateOf(draft, one)] as const);
  return [
    ...dated.filter(([one, date]) => date === from && isOfGroup(one)),
    ...dated.filter(([one, date]) => date === to && !isOfGroup(one) && random() < MAKING_ROOM),
  ].map(([one]) => one);
}

const MAKING_ROOM = 0.4;

function dateOf(draft: Draft, cluster: Cluster): DayNumber | undefined {
  const start = startOf(draft, cluster);
  return start === undefined ? undefined : dayOfMinute(start);
}

/** So near each other that it is about the same time. */
const NEAR = 120;

/** What is done about the same time, by whomever. */
function aboutThen(draft: Draft, _index: Neighbours, random: () => number): Cluster[] {
  const seed = oneOf(draft.movable, random);
  const then = startOf(draft, seed);
  if (then === undefined) return [seed];
  const near = draft.movable.filter((one) => Math.abs((startOf(draft, one) ?? Number.NaN) - then) < NEAR);
  return [seed, ...some(near, 0.6, random)];
}

/** Some of one job, wherever it is done. */
function ofKind({ movable }: Draft, { byKind }: Neighbours, random: () => number): Cluster[] {
  const seed = oneOf(movable, random);
  return [seed, ...some(byKind.get((seed.tasks[0] as Task).kind) ?? [], 0.4, random)];
}

/** The two sides of a wish that is broken. */
function ofWish(draft: Draft, index: Neighbours, random: () => number): readonly Cluster[] {
  const link = oneOf(draft.tally.brokenWishes(), random);
  if (!link) return aFew(draft, index, random);
  return [draft.homeOf(link.after.task), draft.homeOf(link.before.task), ...aFew(draft, index, random)];
}

/** All of a session, the shortest of a few: it may be given away, and the session closed. */
function ofShortSession(draft: Draft, _index: Neighbours, random: () => number): Cluster[] {
  return shortestOf(draft, () => true, random);
}

/** All of a visit to a room, the shortest of a few. */
function ofShortVisit(draft: Draft, _index: Neighbours, random: () => number): Cluster[] {
  return shortestOf(draft, (a, b) => a.step.task.room === b.step.task.room, random);
}

/** So many stretches of work are compared. */
const COMPARED = 6;

function shortestOf(
  draft: Draft,
  goesOn: (one: Placed, next: Placed) => boolean,
  random: () => number,
): Cluster[] {
  const stretches = Array.from({ length: COMPARED }, () =>
    stretchAround(draft, oneOf(draft.movable, random), goesOn),
  ).filter((stretch) => stretch.length > 0);
  const minutes = (stretch: readonly Placed[]) =>
    stretch.reduce((sum, { start, end }) => sum + end - start, 0);
  const shortest = stretches.reduce<readonly Placed[]>(
    (best, stretch) => (best.length === 0 || minutes(stretch) < minutes(best) ? stretch : best),
    [],
  );
  return [...new Set(shortest.map(({ step }) => draft.homeOf(step.task)))];
}

/** What somebody does around a cluster, in one session and as far as it goes on. */
function stretchAround(
  { board }: Draft,
  { tasks }: Cluster,
  goesOn: (one: Placed, next: Placed) => boolean,
): Placed[] {
  const steps = tasks.flatMap((task) => task.steps);
  const entry = steps.flatMap((step) => board.entriesOf(step)).find(({ people }) => people.length > 0);
  if (!entry) return [];
  const work = board.workOn(entry.people[0] as Person, dayOfMinute(entry.start));
  const at = work.indexOf(entry);
  const joins = (i: number) => {
    const [one, next] = [work[i], work[i + 1]];
    return one !== undefined && next !== undefined && next.start - one.end < SESSION_GAP && goesOn(one, next);
  };
  let [from, to] = [at, at];
  while (joins(from - 1)) from--;
  while (joins(to)) to++;
  return work.slice(from, to + 1);
}

const FEW = 4;

function aFew({ movable }: Draft, _index: Neighbours, random: () => number): Cluster[] {
  return drawn(movable, FEW, random);
}

function drawn<Item>(items: readonly Item[], count: number, random: () => number): Item[] {
  return Array.from({ length: count }, () => oneOf(items, random));
}

/** Something that is left out, and what lies on a date on which it might come in, or what has to come after it. */
export function whatCouldComeIn(draft: Draft, index: Neighbours, random: () => number): readonly Cluster[] {
  const out = draft.out.filter((task) => !draft.isHopeless(task));
  const wanted = oneOf(out, random);
  if (!wanted) return aFew(draft, index, random);
  const before = [...draft.needsOf(wanted).map((task) => draft.homeOf(task)), draft.homeOf(wanted)];
  const way = random();
  const after = way < BY_FOLLOWERS ? followersIn(draft, wanted) : [];
  if (way < BY_FOLLOWERS_ALONE) return [...before, ...after];
  const date = oneOf(draft.datesFor(draft.homeOf(wanted)), random);
  const weight = random() < AT_ANY_WEIGHT ? 0 : PRIORITIES.indexOf(wanted.priority);
  const inTheWay = draft.movable.filter(
    (one) =>
      dateOf(draft, one) === date &&
      one.tasks.every((task) => PRIORITIES.indexOf(task.priority) >= weight) &&
      random() < IN_THE_WAY,
  );
  return [...before, ...inTheWay, ...after];
}

/** How often even what weighs more is placed anew, since it may find another place. */
const AT_ANY_WEIGHT = 0.5;
const IN_THE_WAY = 0.7;

/** How often what has to come after something makes room for it, and how often that alone, without what lies on some date. */
const BY_FOLLOWERS = 0.65;
const BY_FOLLOWERS_ALONE = 0.35;

/** All that a hard rule puts after a task, directly or by others, in its room. */
function followersIn(draft: Draft, { steps, room }: Task): Cluster[] {
  const found = new Set<Task>();
  const look = (step: Step) => {
    for (const { after } of draft.links.outOf(step)) {
      if (after.task.room !== room || found.has(after.task)) continue;
      found.add(after.task);
      after.task.steps.forEach(look);
    }
  };
  steps.forEach(look);
  return [...new Set([...found].map((task) => draft.homeOf(task)))];
}
