import { PRIORITIES } from '../basics/choices';
import { groupBy } from '../basics/group-by';
import {
  factorOf,
  type Parts,
  type StepEstimate,
  type TaskEstimate,
  taskEstimate,
} from '../estimate/estimate';
import { type Home, type Place, placesOf, type RoomKind } from '../home/room';
import { loadsOf } from '../laundry/loads';
import { type Piece, washedAt } from '../laundry/piece';
import type { CleanTask, Work } from './task';

/** What several tasks wash, in as few drums as may be. */

/** What one task would wash, packed as one piece: a set of bedding stays together. */
type Bundle = Piece & { readonly task: CleanTask };

/** Tasks by the drums that they fill, each of several; only what goes by one key goes together. */
export function sharedDrums(
  tasks: readonly CleanTask[],
  { atHand }: Work,
  keyOf: (task: CleanTask) => string,
): CleanTask[][] {
  return [...groupBy(tasks, keyOf).values()]
    .flatMap((own) => loadsOf(own.map(bundleOf), atHand.washerKg).loads)
    .map(({ pieces }) => inTurn(pieces, tasks))
    .filter((own) => own.length > 1);
}

/** Rooms in which a washing machine stands that nobody put on the strip, the likeliest first. */
const WASH_ROOMS: readonly RoomKind[] = ['laundry', 'bathroom', 'shower', 'kitchen', 'cellar'];

/** Where the washing machine is, or stands in such a house as a rule. */
export function placeOfMachine(home: Home): Place | undefined {
  const places = placesOf(home);
  return (
    places.find(({ fixture }) => fixture.kind === 'washer') ??
    WASH_ROOMS.flatMap((kind) => places.find(({ room }) => room.kind === kind) ?? [])[0]
  );
}

function bundleOf(task: CleanTask): Bundle {
  const pieces = washedAt(task.method.id, task);
  const kg = pieces.reduce((sum, piece) => sum + piece.kg, 0);
  return { textile: (pieces[0] as Piece).textile, kg, task };
}

/** The tasks of a load: by what they wash, and then along the walk. */
function inTurn(bundles: readonly Bundle[], tasks: readonly CleanTask[]): CleanTask[] {
  const own = new Set(bundles.map(({ task }) => task));
  return tasks.filter((task) => own.has(task));
}

/** One load of several tasks; it is known by the first of them. */
export function loadOf(own: readonly CleanTask[], machine: Place | undefined): CleanTask {
  const [head] = own as [CleanTask];
  const { floor, room, stop } = machine ?? head;
  return {
    ...head,
    scope: { ...head.scope, priority: mostUrgent(own) },
    floor,
    room,
    stop,
    estimate: together(own.map(({ estimate }) => estimate)),
    byRates: together(own.map(({ byRates }) => byRates)),
    from: own.map(({ floor, room, stop, fixture, method }) => ({
      floor,
      room,
      stop,
      fixture,
      methodId: method.id,
    })),
  };
}

/** What goes into the drum for a task: of a load, from every place. */
export function washedBy(task: CleanTask): Piece[] {
  return (task.from ?? [{ ...task, methodId: task.method.id }]).flatMap((place) =>
    washedAt(place.methodId, place),
  );
}

/** A load matters as much as what matters most in it. */
function mostUrgent(own: readonly CleanTask[]): CleanTask['scope']['priority'] {
  return PRIORITIES.find((priority) => own.some(({ scope }) => scope.priority === priority)) ?? 'should';
}

/** Hands add up; the machine runs once for all, as long as the longest takes. */
function together(estimates: readonly TaskEstimate[]): TaskEstimate {
  const [first] = estimates as [TaskEstimate];
  return taskEstimate(
    first.steps.map((step, i): StepEstimate => {
      const same = estimates.flatMap(({ steps }) => steps[i] ?? []);
      if (step.step.mode === 'wait') return same.reduce((a, b) => (b.minutes > a.minutes ? b : a));
      return addedUp(same);
    }),
  );
}

function addedUp(same: readonly StepEstimate[]): StepEstimate {
  const [{ step }] = same as [StepEstimate];
  const parts = partsAddedUp(same.flatMap((one) => one.parts ?? []));
  return {
    step,
    minutes: sumOf(same, (one) => one.minutes),
    low: sumOf(same, (one) => one.low),
    high: sumOf(same, (one) => one.high),
    ...(parts && { parts }),
  };
}

/** The sum of several as one sum, where the same factors hold for all; else there is none to show. */
function partsAddedUp(parts: readonly Parts[]): Parts | undefined {
  const [first] = parts;
  if (!first || new Set(parts.map((one) => JSON.stringify([one.rate?.factors, factorOf(one)]))).size > 1)
    return undefined;
  return {
    ...first,
    setUpMinutes: sumOf(parts, ({ setUpMinutes }) => setUpMinutes),
    ...(first.rate && {
      rate: {
        ...first.rate,
        quantity: sumOf(parts, ({ rate }) => rate?.quantity ?? 0),
        minutes: sumOf(parts, ({ rate }) => rate?.minutes ?? 0),
      },
    }),
  };
}

function sumOf<T>(items: readonly T[], of: (item: T) => number): number {
  return items.reduce((sum, item) => sum + of(item), 0);
}
