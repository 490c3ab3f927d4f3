import { groupBy } from '../basics/group-by';
import { LEARNT_OF, type Learnt, type LearntFactor, type LearntOf, learntKey } from '../clean/learnt';
import type { RecordLine } from '../clean/record-line';

/**
 * What a household's own times say of its estimates.
 *
 * The logarithm of real by estimated minutes is taken as the sum of what is peculiar to the household, the kind of work, the
 * job, the person and the room, and of chance. Most things are taken to have no peculiarity until ticks say otherwise: each
 * part is the mean of what the others leave over, times how sure it is that there is one at all, times how little of it can
 * be chance (an empirical mixture of nothing and a normal distribution). So few ticks hardly move anything, and many do.
 */

/** Shorter ones are timed by who presses the button. */
const LEAST_MINUTES = 2;
/** What took so many times as long, or so little of it, was not this work: a clock that ran on, a tick afterwards. */
const BELIEVED = { most: 4, least: 0.2 };
/** Deviations of chance beyond this count as this: somebody was at the door, and ranges are wider above than below. */
const OUTLIER = 1;
/** Of how much wider chance is than ranges say, so many ticks are needed to be half believed. */
const TICKS_FOR_CHANCE = 20;
const LEAST_CHANCE = 0.7;
/** Seconds to press a button and whole minutes: no tick is truer than this. */
const LEAST_DEVIATION = 0.08;
/** A mean without outliers knows a little less than one of all. */
const LOST_TO_CAUTION = 1.15;
const DEVIATIONS_IN_RANGE = 1.2816;
/** How peculiar the peculiar are. */
const PECULIARITY = 0.35;
/** How many of each are peculiar before anything is known, and below how many ticks nothing is said of any. */
const PECULIAR: Readonly<Record<LearntOf, { readonly share: number; readonly fewest: number }>> = {
  household: { share: 0.01, fewest: 20 },
  kind: { share: 0.012, fewest: 7 },
  method: { share: 0.001, fewest: 8 },
  person: { share: 0.005, fewest: 15 },
  room: { share: 0.0003, fewest: 15 },
};
/** As long as chance is nearly as likely, nothing is moved. */
const SURE_ENOUGH = 0.5;
/** The parts lean on each other; after so many turns they stand still. */
const TURNS = 12;
/** Less than this is not worth a word. */
const WORTH_SAYING = 0.03;
const TICKS_FOR_RANGE = 60;

type Sample = {
  /** Logarithm of real by estimated minutes. */
  readonly ratio: number;
  /** One standard deviation of it, by the range of the estimate. */
  readonly deviation: number;
  readonly ids: Readonly<Record<LearntOf, string | undefined>>;
};

/** What is learnt from a record, the most certain first; `never` names what a household has set back. */
export function learn(
  record: readonly RecordLine[],
  never: readonly string[] = [],
): Pick<Learnt, 'factors' | 'spread'> {
  const samples = record.flatMap(sampleOf);
  const effects = new Map<string, number>();
  let chance = 1;
  for (let turn = 0; turn < TURNS; turn++) {
    chance = chanceIn(
      samples.map((sample) => (sample.ratio - explained(sample, effects)) / sample.deviation),
    );
    for (const of of LEARNT_OF) learnPart(of, samples, effects, chance);
  }
  const counts = countsOf(samples);
  const factors = [...effects].flatMap(([key, effect]): LearntFactor[] => {
    // What was set back is still known here, so that nothing else is taken for it.
    if (Math.abs(effect) < WORTH_SAYING || never.includes(key)) return [];
    const [of, ...id] = key.split('/') as [LearntOf, ...string[]];
    const factor = Math.round(Math.exp(effect) * 100) / 100;
    return [{ of, id: id.join('/'), factor: within(factor, 0.2, 5), ticks: counts.get(key) ?? 1 }];
  });
  return {
    factors: factors.sort((a, b) => Math.abs(Math.log(b.factor)) - Math.abs(Math.log(a.factor))),
    spread: spreadOf(record, samples.length, effects),
  };
}

/** What a line says of how long work takes: nothing where no clock ran, or where one ran on. */
function sampleOf({ mode, seconds, estimate, kind, method, person, room }: RecordLine): Sample[] {
  const byRates = estimate.minutes / (estimate.learnt ?? 1);
  if (mode !== 'hands' || seconds === undefined || byRates < LEAST_MINUTES) return [];
  const times = seconds / 60 / byRates;
  if (times > BELIEVED.most || times < BELIEVED.least) return [];
  const range = (estimate.high - estimate.low) / 2 / DEVIATIONS_IN_RANGE / Math.max(estimate.minutes, 1);
  const deviation = Math.max(LEAST_DEVIATION, range);
  return [{ ratio: Math.log(times), deviation, ids: { household: '', kind, method, person, room } }];
}

/** Whether what a tick took can be believed at all. */
export function isBelieved(line: RecordLine): boolean {
  return line.seconds === undefined || line.estimate.minutes < LEAST_MINUTES || sampleOf(line).length > 0;
}

function keyOf(of: LearntOf, sample: Sample): string | undefined {
  const id = sample.ids[of];
  return id === undefined ? undefined : learntKey({ of, id });
}

function explained(sample: Sample, effects: ReadonlyMap<string, number>, but?: LearntOf): number {
  return LEARNT_OF.reduce((sum, of) => {
    const key = of === but ? undefined : keyOf(of, sample);
    return key === undefined ? sum : sum + (effects.get(key) ?? 0);
  }, 0);
}

function learnPart(
  of: LearntOf,
  samples: readonly Sample[],
  effects: Map<string, number>,
  chance: number,
): void {
  const groups = groupBy(
    samples.filter((sample) => keyOf(of, sample) !== undefined),
    (sample) => keyOf(of, sample) as string,
  );
  // Where all ticks are of one, it can't be told apart from what lies around it.
  if (of !== 'household' && groups.size < 2) return;
  for (const [key, group] of groups) {
    if (group.length < PECULIAR[of].fewest) continue;
    const left = group.map((sample) => ({
      value: sample.ratio - explained(sample, effects, of),
      deviation: sample.deviation * chance,
    }));
    effects.set(key, shrunk(meanWithoutOutliers(left), PECULIAR[of].share));
  }
}

type Left = { readonly value: number; readonly deviation: number };
type Mean = { readonly mean: number; readonly variance: number };

/** A mean, the more certain weighing more, in which nothing lies further from the middle than `OUTLIER` deviations. */
function meanWithoutOutliers(left: readonly Left[]): Mean {
  const middle = medianOf(left.map(({ value }) => value));
  let [sum, weights] = [0, 0];
  for (const { value, deviation } of left) {
    const weight = 1 / deviation ** 2;
    sum += weight * within(value, middle - OUTLIER * deviation, middle + OUTLIER * deviation);
    weights += weight;
  }
  return { mean: sum / weights, variance: LOST_TO_CAUTION / weights };
}

/** What is expected of a part by the mean of its ticks: most of them are nothing but chance. */
function shrunk({ mean, variance }: Mean, peculiar: number): number {
  const whole = PECULIARITY ** 2 + variance;
  const odds =
    (peculiar / (1 - peculiar)) *
    Math.sqrt(variance / whole) *
    Math.exp(Math.min(50, (mean ** 2 / 2) * (1 / variance - 1 / whole)));
  const sure = odds / (1 + odds);
  return sure < SURE_ENOUGH ? 0 : sure * (PECULIARITY ** 2 / whole) * mean;
}

/** How much wider chance is than the ranges say, by the median of what is left over, so that outliers do not matter. */
function chanceIn(deviations: readonly number[]): number {
  const middle = medianOf(deviations);
  const measured = 1.4826 * medianOf(deviations.map((value) => Math.abs(value - middle)));
  const weight = deviations.length / (deviations.length + TICKS_FOR_CHANCE);
  return Math.max(LEAST_CHANCE, weight * measured + (1 - weight));
}

/**
 * How much wider or narrower ranges are than estimated: how far eight in ten really fall from the estimate as it is now, by
 * how far they should. Half of that is believed after sixty ticks.
 */
function spreadOf(
  record: readonly RecordLine[],
  count: number,
  effects: ReadonlyMap<string, number>,
): number {
  const asked = record.flatMap((line) => {
    const [sample] = sampleOf(line);
    if (!sample) return [];
    const { minutes, low, high } = line.estimate;
    const real = Math.exp(sample.ratio - explained(sample, effects));
    const side = real > 1 ? (high - minutes) / minutes : (minutes - low) / minutes;
    return side > 0 ? [Math.abs(real - 1) / side] : [];
  });
  if (asked.length === 0) return 1;
  const sorted = asked.toSorted((a, b) => a - b);
  const eighth = sorted[Math.min(sorted.length - 1, Math.floor(0.8 * sorted.length))] as number;
  const weight = count / (count + TICKS_FOR_RANGE);
  return Math.round(within(weight * eighth + (1 - weight), 0.5, 2) * 100) / 100;
}

function countsOf(samples: readonly Sample[]): Map<string, number> {
  const counts = new Map<string, number>();
  for (const sample of samples)
    for (const of of LEARNT_OF) {
      const key = keyOf(of, sample);
      if (key !== undefined) counts.set(key, (counts.get(key) ?? 0) + 1);
    }
  return counts;
}

function medianOf(values: readonly number[]): number {
  const sorted = values.toSorted((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  const upper = sorted[half] ?? 0;
  return sorted.length % 2 === 0 ? ((sorted[half - 1] ?? upper) + upper) / 2 : upper;
}

function within(value: number, least: number, most: number): number {
  return Math.min(most, Math.max(least, value));
}
