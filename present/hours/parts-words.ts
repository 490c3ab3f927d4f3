import type { Units } from '@/core/basics/choices';
import { shownIn, unitName } from '@/core/basics/units';
import type { Factor, Parts, StepEstimate } from '@/core/estimate/estimate';
import type { FactName } from '@/core/home/facts';
import { FULLNESS_WORDS, HEIGHT_WORDS, SOIL_WORDS } from '../walk/fixture-words';
import { amount } from '../words/words';

/**
 * The sum behind a figure, so that a person can do it again:
 * `2 min to set up + 13.2 m ÷ 120 m an hour × 1.1 (low down) = 9 min`.
 */
export function sumOf(estimate: StepEstimate, units: Units): string {
  if (estimate.of) return estimate.of.map((one) => sumOf(one, units)).join('; then ');
  const { parts } = estimate;
  if (!parts) return '';
  const terms = [setUp(parts), rate(parts, units), belongings(parts)].filter(Boolean);
  const minutes = Math.max(1, Math.round(estimate.minutes));
  const sum = terms.length > 0 ? terms.join(' + ') : 'A moment';
  return `${paced(sum, terms.length, parts)} = ${minutes} min${sharedSetUp(parts)}`;
}

const FACT_WORDS: Partial<Record<FactName, string>> = {
  hardWater: 'hard water',
  pets: 'pets',
  smokers: 'smokers',
};

/** One row a factor: the words in brackets behind it. */
const FACTOR_WORDS = {
  soil: (factor: Extract<Factor, { by: 'soil' }>) => `soil ${SOIL_WORDS[factor.level]}`,
  reach: (factor: Extract<Factor, { by: 'reach' }>) => HEIGHT_WORDS[factor.height].toLowerCase(),
  fact: (factor: Extract<Factor, { by: 'fact' }>) => FACT_WORDS[factor.fact] ?? factor.fact,
};

function factorWords(factor: Factor): string {
  const words = FACTOR_WORDS[factor.by] as (factor: Factor) => string;
  return `× ${factor.factor} (${words(factor)})`;
}

function setUp({ setUpMinutes }: Parts): string {
  return setUpMinutes > 0 ? `${amount(setUpMinutes)} min to set up` : '';
}

/** Where it was set up already. */
const SET_UP_WORDS = {
  room: '; set up in the room before, whose floor runs on',
  place: '; set up at the place before',
};

function sharedSetUp({ setUpShared }: Parts): string {
  return setUpShared ? SET_UP_WORDS[setUpShared] : '';
}

function rate({ rate: part }: Parts, units: Units): string {
  if (!part) return '';
  const name = unitName(units, part.unit);
  const unit = name === '' ? '' : ` ${name}`;
  const shown = (value: number) => `${amount(shownIn(units, part.unit, value))}${unit}`;
  return [`${shown(part.quantity)} ÷ ${shown(part.perHour)} an hour`, ...part.factors.map(factorWords)].join(
    ' ',
  );
}

function belongings({ belongings: part }: Parts): string {
  return part
    ? `${part.things} things × ${amount(part.secondsEach)} s each (${FULLNESS_WORDS[part.fullness]})`
    : '';
}

function paced(sum: string, terms: number, { pace, learnt = 1 }: Parts): string {
  const factors = [
    ...(pace === 1 ? [] : [`× ${amount(pace)} (your pace)`]),
    ...(learnt === 1 ? [] : [`× ${amount(learnt)} (as it took you before)`]),
  ];
  return factors.length === 0 ? sum : [terms > 1 ? `(${sum})` : sum, ...factors].join(' ');
}
