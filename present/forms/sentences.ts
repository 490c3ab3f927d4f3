import type { z } from 'zod';
import { MOST_COUNT, MOST_ROOM_M } from '@/core/home/room';

/**
 * What a person is told of a value that can't be taken. The core says by code and bound what is wrong; the words are
 * here, by the name of the field first, and else by what is wrong with it.
 */

type Issue = z.core.$ZodRawIssue;
type Wrong = 'missing' | 'too-small' | 'too-big' | 'not-whole' | 'not-known';

const measure = (what: string) => ({
  missing: `Please give the ${what} in metres, such as 3.5.`,
  'too-small': `The ${what} has to be more than 0 m.`,
  'too-big': `The ${what} can be ${MOST_ROOM_M} m at the most.`,
});

const asNumber = (what: string) => ({ missing: `Please give ${what} as a number.` });

const YEAR = 'Please give the year in four digits.';

const FIELDS: Readonly<Record<string, Partial<Record<Wrong, string>>>> = {
  lengthM: measure('length'),
  widthM: measure('width'),
  heightM: measure('height'),
  builtYear: {
    missing: 'Please give the year in four digits, or leave it empty.',
    'not-whole': 'A year is a whole number.',
    'too-small': YEAR,
    'too-big': YEAR,
  },
  count: {
    missing: 'Please give the count as a number.',
    'not-whole': 'A count is a whole number.',
    'too-small': 'There has to be at least 1. To drop it, use “Leave it this time” or “Remove”.',
    'too-big': `The most is ${MOST_COUNT} at one stop. Is there a digit too many?`,
  },
  setUpMinutes: asNumber('the set-up'),
  perHour: asNumber('the rate'),
  secondsEach: asNumber('the seconds'),
  minutes: asNumber('the minutes'),
  intervalMonths: asNumber('the months'),
  hardness: asNumber('the dread'),
  leastAge: asNumber('the age'),
  surface: { 'not-known': 'The catalogue does not know this surface.' },
  floor: { 'not-known': 'The catalogue does not know this surface.' },
  walls: { 'not-known': 'The catalogue does not know this surface.' },
  mend: { 'too-small': 'Please say what is to mend.' },
};

/** Fields that are given in minutes. */
const IN_MINUTES: ReadonlySet<string> = new Set(['minutes', 'rest', 'setUpMinutes']);

/** How a schema is asked so that it answers in sentences. */
export const IN_SENTENCES = { error: (issue: Issue) => sentenceOf(issue) };

/** The sentence for what a schema finds wrong; `field` names a value that was checked by itself. */
export function sentenceOf(issue: Issue, field = String(issue.path?.at(-1) ?? '')): string {
  const wrong = wrongOf(issue);
  return FIELDS[field]?.[wrong] ?? generally(wrong, issue, IN_MINUTES.has(field) ? ' minutes' : '');
}

function wrongOf(issue: Issue): Wrong {
  switch (issue.code) {
    case 'too_small':
      return 'too-small';
    case 'too_big':
      return 'too-big';
    case 'invalid_type':
      return issue.expected === 'int' ? 'not-whole' : 'missing';
    default:
      return 'not-known';
  }
}

function generally(wrong: Wrong, issue: Issue, unit: string): string {
  const isText = issue.origin === 'string';
  switch (wrong) {
    case 'missing':
      return issue.expected === 'number' ? 'Please give this as a number.' : 'Please fill this in.';
    case 'not-whole':
      return unit ? 'Whole minutes, please.' : 'A whole number, please.';
    case 'too-small':
      return isText ? 'Please fill this in.' : `At least ${issue.minimum}${unit}, please.`;
    case 'too-big':
      return isText
        ? `Please keep it under ${issue.maximum} characters.`
        : `At most ${issue.maximum}${unit}, please.`;
    case 'not-known':
      return 'Please choose one that is on the list.';
  }
}
