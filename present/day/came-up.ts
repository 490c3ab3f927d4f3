import { clockOf } from '@/core/basics/local-time';
import type { DayAct } from '@/core/clean/events';
import { FINDS, type Find } from '@/core/clean/names';
import { timeOfDay } from '../words/words';
import type { DayFile, DayPerson } from './day-file';
import type { StepFace } from './step-face';

/** Everything that can come up on the day, each of it one press on the sheet: what is found, and what comes between. */

export type CameUp = {
  readonly words: string;
  /** Read aloud and to be told from the others, where the words alone could be about anybody. */
  readonly label?: string;
  readonly act: DayAct;
  /** In whose name, where it is not the household as a whole. */
  readonly person?: string;
};

export type CameUpGroup = { readonly title: string; readonly presses: readonly CameUp[] };

export const FIND_WORDS: Record<Find, string> = {
  mend: 'To mend',
  buy: 'To buy',
  elsewhere: 'Belongs elsewhere',
  later: 'Work for later',
  use: 'Use up soon',
};

/** Ends that can be pressed, in minutes from now on. */
const ENDS = [20, 30, 45, 60, 90, 120] as const;
/** Ends are told in steps of so many minutes. */
const ROUND = 5;

export type CameUpAt = {
  readonly file: DayFile;
  /** Whose work is on the page. */
  readonly workers: readonly DayPerson[];
  /** The step at hand. */
  readonly step: StepFace | undefined;
  /** Minute of the day by the wall clock of the home. */
  readonly minute: number;
};

/** What one may say at this moment, under its headings; those of a helper concern their own day alone. */
export function cameUp(at: CameUpAt): CameUpGroup[] {
  const { file } = at;
  return [
    { title: 'Found', presses: finds(at) },
    { title: 'Comes between', presses: between(at) },
    ...at.workers.map((person) => outBy(person, at)),
    ...(file.helper ? [] : household(file)),
  ].filter(({ presses }) => presses.length > 0);
}

function finds({ file, step }: CameUpAt): CameUp[] {
  const room = step?.room || file.rooms[0]?.id;
  // What it is can be said afterwards, with dry hands: until then it is told by where it was.
  const text = step ? `At: ${step.job}` : 'Something';
  return FINDS.map((find) => ({
    words: FIND_WORDS[find],
    act: { do: 'found', find, text: text.slice(0, MOST_TEXT), ...(room && { room }) },
  }));
}

const MOST_TEXT = 200;

function between({ file, workers }: CameUpAt): CameUp[] {
  const named = (words: string, { name }: DayPerson) => (workers.length > 1 ? `${name}: ${words}` : words);
  return [
    ...workers.flatMap((person): CameUp[] => [
      { words: named('I need a break', person), act: { do: 'block', what: 'rest' }, person: person.id },
      { words: named('Enough for today', person), act: { do: 'block', what: 'enough' }, person: person.id },
    ]),
    ...(file.helper ? [] : [{ words: 'It rains', act: { do: 'rain' } } as const]),
  ];
}

/** A hard end: the rest of the day and the plan make room for it. */
function outBy({ id, name }: DayPerson, { file, minute }: CameUpAt): CameUpGroup {
  const ends = ENDS.map((minutes) => {
    const end = Math.ceil((minute + minutes) / ROUND) * ROUND;
    return { end, minutes: end - minute };
  }).filter(({ end }) => end < 24 * 60);
  return {
    title: file.people.length > 1 ? `${name} has to be out by` : 'Out by',
    presses: ends.map(({ end, minutes }) => ({
      words: timeOfDay(clockOf(end)),
      label: `${name} out by ${timeOfDay(clockOf(end))}`,
      act: { do: 'short', who: id, minutes },
    })),
  };
}

function household({ people, products, machines }: DayFile): CameUpGroup[] {
  return [
    {
      title: 'It broke. What it was to do is done another way, until it is named again under People',
      presses: machines.map(({ id, name }) => ({
        words: name,
        label: `${name} broke`,
        act: { do: 'broke', machine: id },
      })),
    },
    {
      title: 'It has run out',
      presses: products.map(({ id, name }) => ({
        words: name,
        label: `${name} has run out`,
        act: { do: 'run-out', product: id },
      })),
    },
    {
      title: 'Somebody is ill, and rests today',
      presses: people.map(({ id, name }) => ({
        words: name,
        label: `${name} is ill`,
        act: { do: 'short', who: id, minutes: 0 },
      })),
    },
  ];
}
