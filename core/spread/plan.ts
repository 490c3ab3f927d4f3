import type { Plan } from '../formats/plan';
import type { Problem } from '../formats/problem';
import { type DayNumber, dayOfMinute } from '../time/local-time';
import type { Board } from './board';
import { clustersOf } from './clusters';
import { compareScores, SCORE_OF_TIME, type Score, scoreOf } from './compare';
import { type Construction, construct, type Recipe } from './construct';
import { documentOf } from './document';
import { improve } from './improve';
import { handsOf, metricsOf, sessionsOf } from './metrics';
import { type Model, modelOf, openHands, type Room } from './model';
import { FEW_CLUSTERS } from './neighbourhoods';
import { randomFrom, shuffled } from './random';
import { indexLinks } from './step-order';

export type PlanOptions = {
  /** SHA-256 of the problem's bytes, lower-case hex. */
  readonly problemHash: string;
  readonly seed: number;
  /** Asked between attempts: true ends the search, and the best plan so far is returned. */
  readonly stop: () => boolean;
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
  let reference: Score | undefined;
  let best: { construction: Construction; score: Score } | undefined;
  for (const recipe of recipes(model, options.seed)) {
    const construction = construct(
      model,
      clusters,
      links,
      recipe,
      () => best !== undefined && options.stop(),
    );
    if (!construction) break;
    const exact = scoreConstruction(model, construction);
    reference ??= exact;
    const score = coarsened(exact, construction, reference);
    if (!best || compareScores(score, best.score) < 0) best = { construction, score };
  }
  if (!best || !reference) throw new Error('There is always a recipe.');
  const first = reference;
  const bettered = improve(best.construction, {
    clusters,
    links,
    random: randomFrom(options.seed),
    stop: options.stop,
    rounds: options.rounds ?? MOST_ROUNDS,
    scoreOf: (construction) => coarsened(scoreConstruction(model, construction), construction, first),
    dayLoads: loadsOf(model),
  });
  return documentOf(model, bettered, links, options.problemHash);
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

/** Squared loads closer than this, in parts, count as equally even: a few minutes must not scatter the rooms. */
const EVEN_ENOUGH = 0.1;

/**
 * The score that the search goes by. Of plans that are about equally even, or done on the same date and no later than
 * the first that was built, it wants the one that closes its rooms and wastes no time; only then the exact figure.
 * In a small plan every minute counts.
 */
function coarsened(score: Score, { board }: Construction, first: Score): Score {
  const { model } = board;
  const exact = score[SCORE_OF_TIME] as number;
  if (model.policy.spread === 'early' && model.tasks.length <= FEW_CLUSTERS) return score;
  const coarse =
    model.policy.spread === 'even'
      ? Math.round(Math.log(exact + 1) / EVEN_ENOUGH)
      : dayOfMinute(exact) +
        workOn(board, dayOfMinute(exact)) +
        (exact > (first[SCORE_OF_TIME] as number) ? 0.5 : 0);
  return [...score.map((figure, i) => (i === SCORE_OF_TIME ? coarse : figure)), exact];
}

/** What lies on a date, as a small part of one: the less is left for the last date, the nearer is the one before. */
function workOn(board: Board, day: DayNumber): number {
  const minutes = board
    .entries()
    .filter((entry) => dayOfMinute(entry.end) === day)
    .reduce((sum, entry) => sum + Math.max(1, handsOf(entry)), 0);
  return Math.min(minutes / 100_000, 0.4);
}

function scoreConstruction(model: Model, { board, leftOut }: Construction): Score {
  const entries = board.entries();
  const unplaced = leftOut.flatMap((item) => item.tasks);
  const metrics = metricsOf(model, entries, sessionsOf(entries, model.people), unplaced);
  return scoreOf(model, entries, unplaced, metrics);
}
