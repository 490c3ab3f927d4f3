import { longDate } from '../words/words';

/** Chances as one says them, the surest first; each holds from its share on. */
const CHANCES = [
  [0.97, 'as good as certain'],
  [0.88, 'nine in ten'],
  [0.78, 'four in five'],
  [0.71, 'three in four'],
  [0.6, 'two in three'],
  [0.45, 'one in two'],
  [0.3, 'one in three'],
  [0.22, 'one in four'],
  [0.15, 'one in five'],
  [0.07, 'one in ten'],
] as const;

/** `four in five`. */
export function chanceWords(chance: number): string {
  return CHANCES.find(([least]) => chance >= least)?.[1] ?? 'hardly any';
}

type Told = {
  readonly dates: readonly { readonly date: string; readonly chance: number }[];
  readonly p80: string | null;
};

/** `Four in five by Saturday 20 March; by the finish line nine in ten.` */
export function finishWords({ dates, p80 }: Told, finish: string, hasPlace: HasPlace): string {
  if (hasPlace === 'nothing')
    return 'Nothing has a place in the time that is left, so there is no chance to tell.';
  const last = dates.findLast(({ date }) => date <= finish)?.chance ?? 0;
  const whose = hasPlace === 'some' ? 'for what has a place to be done' : 'to be done';
  if (p80 === null || p80 >= finish) return `The chance ${whose} by the finish line: ${chanceWords(last)}.`;
  const of = hasPlace === 'some' ? ' Of what has a place.' : '';
  return `${sentence(chanceWords(0.8))} by ${longDate(p80)}; by the finish line ${chanceWords(last)}.${of}`;
}

/** How much of the work that is left has a place in the plan. */
export type HasPlace = 'all' | 'some' | 'nothing';

function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

const NINE_IN_TEN = 0.88;
const MOST_NAMED = 3;

/** What would make it nine in ten, of ways that were tried, the gentlest first; or what comes nearest. */
export function surerWords(
  now: number,
  others: readonly { readonly words: string; readonly chance: number }[],
): string {
  if (now >= NINE_IN_TEN) return `To be done in time is ${chanceWords(now)} as it is.`;
  const enough = others.filter(({ chance }) => chance >= NINE_IN_TEN).slice(0, MOST_NAMED);
  if (enough.length > 0)
    return `Nine in ten to be done in time with one of these: ${enough.map(({ words }) => lowerFirst(words)).join('; ')}.`;
  const [best] = others.toSorted((a, b) => b.chance - a.chance);
  return best && best.chance > now + 0.05
    ? `None of these alone makes it nine in ten. ${best.words} comes nearest: ${chanceWords(best.chance)}.`
    : 'None of these alone makes it much surer. Two together may.';
}

function lowerFirst(words: string): string {
  return words.charAt(0).toLowerCase() + words.slice(1);
}
