import type { Parts, StepEstimate } from '@/core/estimate/estimate';
import { amount } from '../parts/words';
import { FULLNESS_WORDS, HEIGHT_WORDS, SOIL_WORDS } from '../walk/fixture-words';

/**
 * The sum behind a figure, so that a person can do it again:
 * `2 min to set up + 13.2 m ÷ 120 m an hour × 1.1 (low down) = 9 min`.
 */
export function sumOf(estimate: StepEstimate): string {
  const { parts } = estimate;
  if (!parts) return '';
  const terms = [setUp(parts), rate(parts), belongings(parts)].filter(Boolean);
  const minutes = Math.max(1, Math.round(estimate.minutes));
  return `${terms.length > 0 ? terms.join(' + ') : 'A moment'} = ${minutes} min`;
}

function setUp({ setUpMinutes }: Parts): string {
  return setUpMinutes > 0 ? `${amount(setUpMinutes)} min to set up` : '';
}

function rate({ rate: part }: Parts): string {
  if (!part) return '';
  const unit = part.unit === '' ? '' : ` ${part.unit}`;
  const factors = [
    part.soil.factor !== 1 && `× ${part.soil.factor} (soil ${SOIL_WORDS[part.soil.level]})`,
    part.reach.factor !== 1 && `× ${part.reach.factor} (${HEIGHT_WORDS[part.reach.height].toLowerCase()})`,
  ].filter(Boolean);
  return [`${amount(part.quantity)}${unit} ÷ ${amount(part.perHour)}${unit} an hour`, ...factors].join(' ');
}

function belongings({ belongings: part }: Parts): string {
  return part ? `${part.things} things × ${part.secondsEach} s each (${FULLNESS_WORDS[part.fullness]})` : '';
}
