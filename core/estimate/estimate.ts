import { shareOfFull } from '../catalogue/belongings';
import type { HandsStep, Method, MethodStep, WaitStep } from '../catalogue/method';
import { type Knowledge, knowledgeOf, quantityOf, type Unit, unitOf } from '../furnish/quantities';
import type { FactName, HomeFacts } from '../home/facts';
import { NO_FACTS } from '../home/no-facts';
import type { QuantityName } from '../home/quantity-names';
import type { BelongingsSchool, Fixture, Fullness, Height, Room, Soil } from '../home/room';
import { USUAL_MACHINE_KG } from '../laundry/loads';
import { effectsOn } from './fact-effects';
import { runsOf } from './runs';

/**
 * Minutes from quantities and production rates:
 *
 *     hands-on = (set-up + quantity ÷ rate × soil × reach × facts of the home + things × seconds each) × pace × learnt
 *
 * All figures are minutes. `low` to `high` is the range into which four in five fall.
 */

/** How much longer the rate's share takes, by how bad it is. */
const SOIL_FACTORS: Record<Soil, number> = { light: 0.75, normal: 1, heavy: 1.5, years: 2.2 };

/** How much longer, by how it is reached: overhead from a step, bent or on the knees. */
const REACH_FACTORS: Record<Height, number> = {
  ceiling: 1.25,
  high: 1.1,
  middle: 1,
  low: 1.1,
  floor: 1.1,
};

/** How much longer a wet floor takes to dry where no air gets in. */
const STILL_AIR_FACTOR = 1.5;

/** With belongings sorted through beforehand: what is left of taking a thing out, without deciding about it. */
export const HANDLING_SHARE = 0.4;

/** Where 80 % fall, as multiples of the estimate. Deciding about belongings varies far more than wiping. */
const USUAL_SPREAD = { low: 0.8, high: 1.3 };
const BELONGINGS_SPREAD = { low: 0.6, high: 1.7 };

/** How much wider the range is where nobody measured, and narrower where somebody did. */
const SPREAD_BY_KNOWLEDGE: Readonly<Record<Knowledge, number>> = { measured: 0.8, derived: 1, guessed: 1.2 };

/** However wide a range is, nothing takes less than this share of its estimate in nine of ten cases. */
const LEAST_LOW = 0.1;

/** Half of the 80 % range of a normal distribution, in standard deviations. */
const DEVIATIONS_IN_RANGE = 1.2816;

/** Part of each step's deviation that is shared by a whole day: people are slow or quick all day. */
const SHARED_SHARE = 0.35;

export type Range = { readonly minutes: number; readonly low: number; readonly high: number };

/** What the work is done under, apart from the fixture itself. */
export type Circumstances = {
  readonly facts: HomeFacts;
  /** How much longer this household takes than the rates say. */
  readonly pace: number;
  /** How much longer such work has been found to take here. */
  readonly learnt: number;
  /** How much wider ranges have been found to be. */
  readonly spread: number;
  readonly belongings: BelongingsSchool;
  /** Where the tools stand ready from: the room before, whose floor runs on, or the place before at the same thing. */
  readonly setUpShared?: 'room' | 'place';
  /** The share of what is at the fixture: one of several places. */
  readonly share: number;
  /** What the washing machine takes, in kilograms. */
  readonly washerKg: number;
};

export const USUAL_CIRCUMSTANCES: Circumstances = {
  facts: NO_FACTS,
  pace: 1,
  learnt: 1,
  spread: 1,
  belongings: 'stop',
  share: 1,
  washerKg: USUAL_MACHINE_KG,
};

/** What makes the rate's share longer or shorter. */
export type Factor =
  | { readonly by: 'soil'; readonly level: Soil; readonly factor: number }
  | { readonly by: 'reach'; readonly height: Height; readonly factor: number }
  | { readonly by: 'fact'; readonly fact: FactName; readonly factor: number };

/** The parts of a figure, so that a person can do the sum again. */
export type Parts = {
  readonly setUpMinutes: number;
  readonly setUpShared?: 'room' | 'place';
  readonly rate?: {
    readonly quantity: number;
    readonly unit: Unit;
    readonly perHour: number;
    /** Those that are not one. */
    readonly factors: readonly Factor[];
    readonly minutes: number;
  };
  readonly belongings?: {
    readonly things: number;
    readonly secondsEach: number;
    readonly fullness: Fullness;
    readonly minutes: number;
  };
  readonly pace: number;
  /** By what was learnt from one's own times; absent: nothing. */
  readonly learnt?: number;
};

export type StepEstimate = Range & {
  readonly step: MethodStep;
  readonly parts?: Parts;
  /** What is done in it one after the other, at one of several places. */
  readonly of?: readonly StepEstimate[];
};

export type TaskEstimate = {
  readonly steps: readonly StepEstimate[];
  readonly hands: Range;
  readonly waitMinutes: number;
};

/** What a method takes at one fixture of one room; steps of which nothing is left under the circumstances are gone. */
export function estimateTask(
  method: Method,
  fixture: Fixture,
  room: Room,
  circumstances: Circumstances = USUAL_CIRCUMSTANCES,
): TaskEstimate {
  const site = { method, fixture, room, circumstances };
  return taskEstimate(
    method.steps.filter((step) => isDone(step, circumstances)).map((step) => estimateStep(step, site)),
  );
}

/** The sums over a task's steps. */
export function taskEstimate(steps: readonly StepEstimate[]): TaskEstimate {
  return {
    steps,
    hands: sumRanges(steps.filter((estimate) => estimate.step.mode === 'hands')),
    waitMinutes: steps.reduce(
      (sum, estimate) => sum + (estimate.step.mode === 'wait' ? estimate.minutes : 0),
      0,
    ),
  };
}

/** The same task by a person's own guess of its hands-on minutes: every hands-on step in proportion. */
export function guessedEstimate(estimate: TaskEstimate, guessMinutes: number): TaskEstimate {
  const factor = estimate.hands.minutes === 0 ? 1 : guessMinutes / estimate.hands.minutes;
  return taskEstimate(
    estimate.steps.map((step) =>
      step.step.mode === 'wait'
        ? step
        : { ...step, minutes: step.minutes * factor, low: step.low * factor, high: step.high * factor },
    ),
  );
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

type Site = {
  readonly method: Method;
  readonly fixture: Fixture;
  readonly room: Room;
  readonly circumstances: Circumstances;
};

/** Where belongings are left, a step that is only about them falls away. */
function isDone(step: MethodStep, { belongings }: Circumstances): boolean {
  if (step.mode === 'wait' || belongings !== 'leave' || !step.belongings) return true;
  return step.belongings.does === 'move' || step.rate !== undefined;
}

function estimateStep(step: MethodStep, site: Site): StepEstimate {
  if (step.mode === 'wait') return waitEstimate(step, site);
  const parts = partsOf(step, site);
  const factor = factorOf(parts);
  const work = (parts.setUpMinutes + (parts.rate?.minutes ?? 0)) * factor;
  const belongings = (parts.belongings?.minutes ?? 0) * factor;
  const spread = spreadBy(step.rate?.quantity, step.spread ?? USUAL_SPREAD, site);
  const spreadOfThings = spreadBy(step.belongings?.quantity, BELONGINGS_SPREAD, site);
  return {
    step,
    parts,
    minutes: work + belongings,
    low: work * spread.low + belongings * spreadOfThings.low,
    high: work * spread.high + belongings * spreadOfThings.high,
  };
}

type Spread = { readonly low: number; readonly high: number };

/** By how much all of a step's work is multiplied. */
export function factorOf({ pace, learnt = 1 }: Parts): number {
  return pace * learnt;
}

/** The range of a figure, by how well its quantity is known. */
function spreadBy(
  quantity: QuantityName | undefined,
  { low, high }: Spread,
  { fixture, circumstances }: Site,
): Spread {
  const known = quantity ? SPREAD_BY_KNOWLEDGE[knowledgeOf(quantity, fixture)] : 1;
  const factor = known * circumstances.spread;
  return { low: Math.max(LEAST_LOW, 1 - (1 - low) * factor), high: 1 + (high - 1) * factor };
}

/** A wet floor dries slower where the air stands still; what a machine can't do in one go, it does one after the other. */
function waitEstimate(step: WaitStep, { method, fixture, room, circumstances }: Site): StepEstimate {
  const air = step.closesRoom && room.ventilation === 'none' ? STILL_AIR_FACTOR : 1;
  const factor = air * runsOf(step.machine, method.id, { fixture, room }, circumstances.washerKg);
  return { step, minutes: step.minutes * factor, low: step.low * factor, high: step.high * factor };
}

function partsOf(step: HandsStep, site: Site): Parts {
  const { setUpShared, pace, learnt } = site.circumstances;
  const isSpared = setUpShared !== undefined && step.setUpMinutes > 0;
  const belongings = step.belongings && belongingsPart(step.belongings, site);
  return {
    setUpMinutes: isSpared ? 0 : step.setUpMinutes,
    ...(isSpared && { setUpShared }),
    ...(step.rate && { rate: ratePart(step.rate, step.soiled, site) }),
    ...(belongings && { belongings }),
    pace,
    ...(learnt !== 1 && { learnt }),
  };
}

function ratePart(
  rate: { quantity: QuantityName; perHour: number },
  soiled: boolean,
  { method, fixture, room, circumstances }: Site,
): NonNullable<Parts['rate']> {
  const quantity = quantityOf(rate.quantity, fixture, room) * circumstances.share;
  const factors = [
    ...(soiled ? [{ by: 'soil', level: fixture.soil, factor: SOIL_FACTORS[fixture.soil] } as const] : []),
    { by: 'reach', height: fixture.height, factor: REACH_FACTORS[fixture.height] } as const,
    ...effectsOn(method, circumstances.facts).map(
      ({ fact, minutes }) => ({ by: 'fact', fact, factor: minutes }) as const,
    ),
  ].filter(({ factor }) => factor !== 1);
  const minutes = factors.reduce((product, { factor }) => product * factor, (quantity / rate.perHour) * 60);
  return { quantity, unit: unitOf(rate.quantity), perHour: rate.perHour, factors, minutes };
}

function belongingsPart(
  belongings: NonNullable<HandsStep['belongings']>,
  { fixture, room, circumstances }: Site,
): Parts['belongings'] {
  const { of, quantity, thingsPerUnit, does } = belongings;
  if (circumstances.belongings === 'leave' && does !== 'move') return undefined;
  const share = circumstances.belongings === 'first' && does === 'decide' ? HANDLING_SHARE : 1;
  const things = Math.round(
    quantityOf(quantity, fixture, room) *
      circumstances.share *
      thingsPerUnit *
      shareOfFull(of, fixture.fullness),
  );
  const secondsEach = belongings.secondsEach * share;
  return { things, secondsEach, fullness: fixture.fullness, minutes: (things * secondsEach) / 60 };
}
