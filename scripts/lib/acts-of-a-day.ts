import { randomUUID } from 'node:crypto';
import type { DayAct, DayEvent } from '../../core/clean/events';

/** Everything that can happen on a day, the rarer the more it moves; what moves work is taken back now and then. */
const RARE: readonly ((step: string, last: DayEvent | undefined) => DayAct)[] = [
  (step) => ({ do: 'start', step }),
  (step) => ({ do: 'pause', step }),
  (step) => ({ do: 'undo', step, also: [] }),
  (step) => ({ do: 'part', step, share: 50 }),
  (step) => ({ do: 'took', step, minutes: 12 }),
  (step) => ({ do: 'not-today', step }),
  (_step, last) => ({ do: 'take-back', said: last?.id ?? randomUUID() }),
  (step) => ({ do: 'cannot', step, why: 'tool' }),
  (step) => ({ do: 'hand', step, to: 'ines' }),
  () => ({ do: 'found', find: 'mend', text: 'Loose hinge' }),
  (_step, last) => ({ do: 'settle', found: last?.id ?? randomUUID() }),
  () => ({ do: 'found', find: 'later', text: 'Behind the cupboard' }),
  () => ({ do: 'bag', kind: 'bag', pile: 'give', count: 1 }),
  (step) => ({ do: 'again', step, also: [] }),
  () => ({ do: 'rain' }),
  () => ({ do: 'run-out', product: 'vinegar' }),
  () => ({ do: 'short', who: 'odalys', minutes: 60 }),
  () => ({ do: 'block', what: 'rest' }),
  () => ({ do: 'block', what: 'begin' }),
  (step) => ({ do: 'machine', step, report: 'delayed', minutes: 5 }),
];

/** What somebody presses in a turn: what is done again and again, and in every third turn something rare. */
export function actsOf(turn: number, step: string, last: DayEvent | undefined): DayAct[] {
  const rare = turn % 3 === 2 ? RARE[Math.floor(turn / 3) % RARE.length] : undefined;
  return [{ do: 'pile', pile: 'give', count: 1 }, { do: 'done', step }, ...(rare ? [rare(step, last)] : [])];
}
