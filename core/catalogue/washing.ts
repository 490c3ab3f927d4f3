import type { HandsEntry, WaitEntry } from './method';
import { hands, wait } from './notation';

/** How textiles are washed and dried, by what a household has: steps of methods. */

type Range = readonly [number, number, number];
type When = NonNullable<HandsEntry['when']>;
type Entries = readonly (HandsEntry | WaitEntry)[];

/** In the machine; by hand, in so many minutes, where there is none. */
export function washing(what: string, minutes: Range, byHand: number, atMostMinutes?: number): Entries {
  return [
    wait('wash', `${what} in the wash`, minutes, {
      machine: 'washer',
      ...(atMostMinutes !== undefined && { atMostMinutes }),
      when: { has: ['washer'] },
    }),
    hands('by-hand', `Wash by hand: ${what.toLowerCase()} in the tub, rinsed until the water is clear`, {
      setUpMinutes: byHand,
      when: { lacks: ['washer'] },
    }),
  ];
}

const IN_THE_DRYER: Range = [60, 75, 90];
const ON_THE_LINE: Range = [180, 240, 300];
const INDOORS: Range = [720, 1080, 1440];

/** In the dryer where there is one, else hung on the line, else on an airer. */
export function drying(what: string, when: When = {}): Entries {
  const { has = [], lacks = [] } = when;
  return [
    hands('tumble', 'Over into the dryer', {
      setUpMinutes: 1,
      soiled: false,
      when: { ...when, has: [...has, 'dryer'] },
    }),
    wait('dry', `${what} in the dryer`, IN_THE_DRYER, {
      machine: 'dryer',
      when: { ...when, has: [...has, 'dryer'] },
    }),
    hands('hang', 'Hang up, smoothed out', {
      setUpMinutes: 5,
      soiled: false,
      when: { ...when, lacks: [...lacks, 'dryer'] },
    }),
    wait('dry-line', `${what} on the line`, ON_THE_LINE, {
      machine: 'line',
      when: { ...when, has: [...has, 'line'], lacks: [...lacks, 'dryer'] },
    }),
    wait('dry-airer', `${what} on the airer`, INDOORS, {
      when: { ...when, lacks: [...lacks, 'dryer', 'line'] },
    }),
  ];
}

/** Hung to dry: on the line where there is one, else on an airer. */
export function hanging(what: string, onTheLine: Range): Entries {
  return [
    wait('dry', `${what} on the line`, onTheLine, { machine: 'line', when: { has: ['line'] } }),
    wait('dry-airer', `${what} on the airer`, INDOORS, { when: { lacks: ['line'] } }),
  ];
}

/** All of it: in the machine and dried by what there is; where there is no machine, out of the house and back. */
export function laundered(what: string, minutes: Range, when: When = {}): Entries {
  const out = { ...when, lacks: ['washer' as const] };
  return [
    wait('wash', `${what} in the wash`, minutes, { machine: 'washer', when: { ...when, has: ['washer'] } }),
    ...drying(what, { ...when, has: ['washer'] }),
    hands('take-out', 'Bag it and take it out to be washed', { setUpMinutes: 15, soiled: false, when: out }),
    wait('out', `${what} washed and dried out of the house`, OUT_OF_THE_HOUSE, { when: out }),
    hands('fetch', 'Fetch it back', { setUpMinutes: 15, soiled: false, when: out }),
  ];
}

/** As soon as a machine at the launderette is through. */
const OUT_OF_THE_HOUSE: Range = [90, 120, 1440];
