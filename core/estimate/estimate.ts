import type { HandsStep, Method, MethodStep } from '../catalogue/method';
import { type QuantityName, quantityOf, unitOf } from '../home/quantities';
import type { Fixture, Fullness, Height, Room, Soil } from '../home/room';

/**
 * Minutes from quantities and production rates:
 *
 *     hands-on = set-up + quantity ÷ rate × soil × reach + things × seconds each
 *
 * All figures are minutes. `low` to `high` is the range into which four in five fall.
 */

/** How much longer the rate's share takes, by how bad it is. */
export const SOIL_FACTORS: Record<Soil, number> = { light: 0.75, normal: 1, heavy: 1.5, years: 2.2 };

/** How much longer, by how it is reached: overhead from a step, bent or on the knees. */
export const REACH_FACTORS: Record<Height, number> = {
  ceiling: 1.25,
  high: 1.1,
  middle: 1,
  low: 1.1,
  floor: 1.1,
};

/** Share of the things that a full fixture would hold. */
export const FULLNESS_FACTORS: Record<Fullness, number> = {
  empty: 0,
  sparse: 0.35,
  half: 0.65,
  full: 1,
  crammed: 1.4,
};

/** Where 80 % fall, as multiples of the estimate. Deciding about belongings varies far more than wiping. */
const USUAL_SPREAD = { low: 0.8, high: 1.3 };
const BELONGINGS_SPREAD = { low: 0.6, high: 1.7 };

/** Half of the 80 % range of a normal distribution, in standard deviations. */
const DEVIATIONS_IN_RANGE = 1.2816;

/** Part of each step's deviation that is shared by a whole day: people are slow or quick all day. */
const SHARED_SHARE = 0.35;

export type Range = { readonly minutes: number; readonly low: number; readonly high: number };

/** The parts of a figure, so that a person can do the sum again. */
export type Parts = {
  readonly setUpMinutes: number;
  readonly rate?: {
    readonly quantity: number;
    readonly unit: string;
    readonly perHour: number;
    readonly soil: { readonly level: Soil; readonly factor: number };
    readonly reach: { readonly height: Height; readonly factor: number };
    readonly minutes: number;
  };
  readonly belongings?: {
    readonly things: number;
    readonly secondsEach: number;
    readonly fullness: Fullness;
    readonly minutes: number;
  };
};

export type StepEstimate = Range & { readonly step: MethodStep; readonly parts?: Parts };

export type TaskEstimate = {
  readonly steps: readonly StepEstimate[];
  readonly hands: Range;
  readonly waitMinutes: number;
};

/** What a method takes at one fixture of one room. */
export function estimateTask(method: Method, fixture: Fixture, room: Room): TaskEstimate {
  const steps = method.steps.map((step) => estimateStep(step, fixture, room));
  return {
    steps,
    hands: sumRanges(steps.filter((estimate) => estimate.step.mode === 'hands')),
    waitMinutes: steps.reduce(
      (sum, estimate) => sum + (estimate.step.mode === 'wait' ? estimate.minutes : 0),
      0,
    ),
  };
}

/**
 * The sum of ranges: minutes add up, and so do variances, so that the range of a long list is narrower than the sum
 * of its worst cases. A share of each deviation is common to all and adds up in full.
 */
export function sumRanges(ranges: readonly Range[]): Range {
  let minutes = 0;
  let ownVariance = 0;
  let shared = 0;
  let skew = 0;
  for (const range of ranges) {
    const deviation = (range.high - range.low) / 2 / DEVIATIONS_IN_RANGE;
    minutes += range.minutes;
    ownVariance += deviation ** 2 * (1 - SHARED_SHARE ** 2);
    shared += deviation * SHARED_SHARE;
    skew += (range.high + range.low) / 2 - range.minutes;
  }
  const half = DEVIATIONS_IN_RANGE * Math.sqrt(ownVariance + shared ** 2);
  return { minutes, low: Math.max(0, minutes + skew - half), high: minutes + skew + half };
}

/** Whole minutes to plan with; a hands-on step is never nothing. */
export function plannedMinutes(estimate: StepEstimate): number {
  return Math.max(1, Math.round(estimate.minutes));
}

function estimateStep(step: MethodStep, fixture: Fixture, room: Room): StepEstimate {
  if (step.mode === 'wait') return { step, minutes: step.minutes, low: step.low, high: step.high };
  const parts = partsOf(step, fixture, room);
  const work = parts.setUpMinutes + (parts.rate?.minutes ?? 0);
  const belongings = parts.belongings?.minutes ?? 0;
  const spread = step.spread ?? USUAL_SPREAD;
  return {
    step,
    parts,
    minutes: work + belongings,
    low: work * spread.low + belongings * BELONGINGS_SPREAD.low,
    high: work * spread.high + belongings * BELONGINGS_SPREAD.high,
  };
}

function partsOf(step: HandsStep, fixture: Fixture, room: Room): Parts {
  return {
    setUpMinutes: step.setUpMinutes,
    ...(step.rate && { rate: ratePart(step.rate, step.soiled, fixture, room) }),
    ...(step.belongings && { belongings: belongingsPart(step.belongings, fixture, room) }),
  };
}

function ratePart(
  rate: { quantity: QuantityName; perHour: number },
  soiled: boolean,
  fixture: Fixture,
  room: Room,
): NonNullable<Parts['rate']> {
  const quantity = quantityOf(rate.quantity, fixture, room);
  const soil = { level: fixture.soil, factor: soiled ? SOIL_FACTORS[fixture.soil] : 1 };
  const reach = { height: fixture.height, factor: REACH_FACTORS[fixture.height] };
  const minutes = (quantity / rate.perHour) * 60 * soil.factor * reach.factor;
  return { quantity, unit: unitOf(rate.quantity), perHour: rate.perHour, soil, reach, minutes };
}

function belongingsPart(
  belongings: NonNullable<HandsStep['belongings']>,
  fixture: Fixture,
  room: Room,
): NonNullable<Parts['belongings']> {
  const full = quantityOf(belongings.quantity, fixture, room) * belongings.thingsPerUnit;
  const things = Math.round(full * FULLNESS_FACTORS[fixture.fullness]);
  return {
    things,
    secondsEach: belongings.secondsEach,
    fullness: fixture.fullness,
    minutes: (things * belongings.secondsEach) / 60,
  };
}
