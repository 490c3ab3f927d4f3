import { randomFrom, shuffled } from '../basics/random';
import type { Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import { type Aim, roundedAim } from './aim';
import { clustersOf } from './clusters';
import { compareScores, type Score } from './compare';
import { type Construction, construct, type Recipe } from './construct';
import { documentOf } from './document';
import { earlierDate, hasten } from './hasten';
import { improve, type Search } from './improve';
import { type Model, modelOf, openHands, type Room } from './model';
import { FEW_CLUSTERS } from './neighbourhoods';
import type { SchoolFigures } from './schools';
import { Standing } from './standing';
import { indexLinks } from './step-order';

export type PlanOptions = {
  /** SHA-256 of the problem's bytes, lower-case hex. */
  readonly problemHash: string;
  readonly seed: number;
  /** Asked between attempts: true ends the search, and the best plan so far is returned. */
  readonly stop: () => boolean;
  /** Told of each plan that is the best so far, which can be had at that moment. */
  readonly report?: (best: () => Plan) => void;
  /** The most rounds of bettering the best plan that was built. */
  readonly rounds?: number;
};

/** Room orders that are drawn once the set recipes have been tried. */
const DRAWN_ORDERS = 4;

/** Rounds of bettering where nothing else ends them; the same seed then gives the same plan. */
const MOST_ROUNDS = 4000;

/** Loads by date to aim for, as multiples of a perfectly even one. */
const LOAD_FACTORS = [1.05, 1.3];

/**
 * The best plan found for a problem that passed `problemFaults`.
 *
 * Builds a plan by each of a fixed list of recipes, keeps the best in the order of docs/formats/plan.md, and betters it
 * by placing parts of it anew, drawn from the seed. Always returns a valid plan; what can't be placed is in `unplaced`.
 */
export function plan(problem: Problem, options: PlanOptions): Plan {
  const model = modelOf(problem);
  const clusters = clustersOf(model);
  const links = indexLinks(model);
  let aim: Aim | undefined;
  const isEven = model.policy.spread === 'even';
  const hurry = isWeeks(model) && !isEven;
  let best: Rated | undefined;
  let soonest: Rated | undefined;
  for (const recipe of recipes(model, options.seed)) {
    // What gets a place first does not matter where everything has one and no date is to be the last.
    if (isEven && recipe.priorityFirst && best?.construction.leftOut.length === 0) continue;
    const construction = construct(
      model,
      clusters,
      links,
      recipe,
      () => best !== undefined && options.stop(),
    );
    if (!construction) break;
    const { board, leftOut } = construction;
    const standing = new Standing(board);
    const exact = standing.score(leftOut);
    aim ??= aimFor(model, exact, standing.school);
    const isFirst = best === undefined;
    best = better(best, { construction, score: aim(exact, board, standing.school) });
    soonest = better(soonest, { construction, score: earlierDate(exact, board) });
    standing.close();
    if (isFirst) report(construction);
  }
  if (!best || !soonest || !aim) throw new Error('There is always a recipe.');
  const search: Search = {
    clusters,
    links,
    random: randomFrom(options.seed),
    stop: options.stop,
    rounds: options.rounds ?? MOST_ROUNDS,
    aim,
    dayLoads: loadsOf(model),
  };
  const start = hurry ? hasten(best.construction, soonest.construction, search) : best.construction;
  report(start);
  return documentOf(model, improve(start, { ...search, better: report }), links, options.problemHash);

  function report(found: Construction): void {
    options.report?.(() => documentOf(model, found, links, options.problemHash));
  }
}

type Rated = { readonly construction: Construction; readonly score: Score };

function better(a: Rated | undefined, b: Rated): Rated {
  return a && compareScores(a.score, b.score) <= 0 ? a : b;
}

function* recipes(model: Model, seed: number): Generator<Recipe> {
  const { spread, grouping } = model.policy;
  const base = {
    priorityFirst: false,
    wishes: true,
    closeRooms: false,
    roomOrder: roomsInOrder(model),
    asListed: false,
  };
  const loads = loadsOf(model);
  // Where nothing else is wished for, rooms are closed one by one as well.
  const byRooms = grouping === 'room' || grouping === 'none';
  // As early as can be is quickest to build, and so there is a plan at once.
  yield { ...base, wishes: false, asListed: true, dayLoad: Number.POSITIVE_INFINITY };
  for (const dayLoad of loads) {
    if (byRooms) yield { ...base, dayLoad, closeRooms: true };
    yield { ...base, dayLoad };
    yield { ...base, dayLoad, wishes: false };
    yield { ...base, dayLoad, priorityFirst: true };
  }
  // How an even load closes its rooms is decided by the order of the rooms; an early finish is bettered piece by piece.
  if (spread === 'early') return;
  const random = randomFrom(seed);
  for (let i = 0; i < DRAWN_ORDERS; i++) {
    const dayLoad = loads[i % Math.max(1, loads.length - 1)] as number;
    yield {
      ...base,
      dayLoad,
      priorityFirst: i % 2 === 1,
      closeRooms: byRooms && i % 4 < 2,
      roomOrder: shuffled(base.roomOrder, random),
    };
  }
}

function loadsOf(model: Model): number[] {
  const even = evenLoad(model);
  const wished = model.policy.spread === 'even' ? LOAD_FACTORS.map((factor) => factor * even) : [];
  return [...wished, Number.POSITIVE_INFINITY];
}

/** Rooms as listed, or the most dreaded first. */
function roomsInOrder(model: Model): Room[] {
  if (!model.policy.hardestFirst) return [...model.rooms];
  const hardest = new Map<Room, number>();
  for (const task of model.tasks)
    hardest.set(task.room, Math.max(hardest.get(task.room) ?? 0, task.hardness));
  return [...model.rooms].sort((a, b) => (hardest.get(b) ?? 0) - (hardest.get(a) ?? 0) || a.index - b.index);
}

/** Hands-on person-minutes a date if the work were spread evenly over the dates on which anybody has time. */
function evenLoad(model: Model): number {
  const dates = new Set<number>();
  for (const person of model.people) {
    for (const window of person.windows) {
      if (window.end <= (model.now ?? model.start)) continue;
      dates.add(Math.floor(window.start / 1440));
    }
  }
  const usable = [...dates].filter(
    (day) => day >= model.firstDay && day <= model.lastDay && !model.isReserve(day),
  );
  const hands = model.tasks.reduce((sum, task) => sum + openHands(task), 0);
  return Math.ceil(hands / Math.max(1, usable.length));
}

/** In a small plan that is to end early every minute counts. */
function aimFor(model: Model, first: Score, school: SchoolFigures): Aim {
  return isWeeks(model) || model.policy.spread === 'even'
    ? roundedAim(first, school, evenLoad(model))
    : (exact) => exact;
}

function isWeeks(model: Model): boolean {
  return model.tasks.length > FEW_CLUSTERS;
}
