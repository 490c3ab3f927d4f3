import type { Plan, UnplacedReason } from '../formats/plan';
import type { Problem } from '../formats/problem';
import { dayOfMinute, formatMinute } from '../time/local-time';
import { clustersOf } from './clusters';
import { compareScores, SCORE_OF_TIME, type Score, scoreOf } from './compare';
import { type Construction, construct, type Recipe, reasonsFor } from './construct';
import { improve } from './improve';
import { metricsOf, type Placed, sessionDocuments, sessionsOf } from './metrics';
import { type Model, modelOf, openHands, type Room, type Task } from './model';
import { FEW_CLUSTERS } from './neighbourhoods';
import { randomFrom, shuffled } from './random';
import { indexLinks, type LinkIndex } from './step-order';

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
const MOST_ROUNDS = 400;

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
    const score = coarsened(exact, model, reference);
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
    scoreOf: (construction) => coarsened(scoreConstruction(model, construction), model, first),
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
function coarsened(score: Score, model: Model, first: Score): Score {
  const exact = score[SCORE_OF_TIME] as number;
  if (model.policy.spread === 'early' && model.tasks.length <= FEW_CLUSTERS) return score;
  const coarse =
    model.policy.spread === 'even'
      ? Math.round(Math.log(exact + 1) / EVEN_ENOUGH)
      : dayOfMinute(exact) + (exact > (first[SCORE_OF_TIME] as number) ? 0.5 : 0);
  return [...score.map((figure, i) => (i === SCORE_OF_TIME ? coarse : figure)), exact];
}

function scoreConstruction(model: Model, { board, leftOut }: Construction): Score {
  const entries = board.entries();
  const unplaced = leftOut.flatMap((item) => item.tasks);
  const metrics = metricsOf(model, entries, sessionsOf(entries, model.people), unplaced);
  return scoreOf(model, entries, unplaced, metrics);
}

const MESSAGES: Record<UnplacedReason, (task: Task) => string> = {
  'no-time': (task) => `There is not enough free time for “${task.title}” before the finish date.`,
  person: (task) => `Nobody who may do “${task.title}” is there, or too few at once.`,
  machine: (task) => `No machine is free long enough for “${task.title}”.`,
  weather: (task) => `“${task.title}” needs a dry day, and none of them has time for it.`,
  daylight: (task) => `“${task.title}” needs daylight, and nobody is free in it for long enough.`,
  'too-long': (task) => `“${task.title}” is longer in one go than anybody works without a break or has free.`,
  predecessor: (task) => `“${task.title}” waits for something that is not planned.`,
  deadline: (task) => `“${task.title}” can't be done by its latest time.`,
};

function documentOf(model: Model, construction: Construction, links: LinkIndex, problemHash: string): Plan {
  const entries = construction.board.entries();
  const reasons = [...reasonsFor(construction, links)].sort(([a], [b]) => a.index - b.index);
  const sessions = sessionsOf(entries, model.people);
  const metrics = metricsOf(
    model,
    entries,
    sessions,
    reasons.map(([task]) => task),
  );
  return {
    format: 'early-thaw/plan',
    version: 1,
    problem: problemHash,
    entries: [...entries].sort(byTime).map((entry) => ({
      step: entry.step.id,
      people: entry.people.map((person) => person.id),
      start: formatMinute(entry.start),
      end: formatMinute(entry.end),
    })),
    sessions: sessionDocuments(sessions),
    unplaced: reasons.map(([task, reason]) => ({ task: task.id, reason, message: MESSAGES[reason](task) })),
    metrics,
  };
}

function byTime(a: Placed, b: Placed): number {
  return a.start - b.start || a.step.task.index - b.step.task.index || a.step.position - b.step.position;
}
