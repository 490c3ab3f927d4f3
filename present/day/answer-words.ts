import type { Answer, DayAct } from '@/core/clean/events';
import { clock } from '../words/words';
import type { DayFile } from './day-file';

/** What a person has to know of how something was taken; undefined where it was taken as it was meant. */
export function answerWords({ verdict }: Answer, act: DayAct, file: DayFile): string | undefined {
  const title = 'step' in act ? (file.words[act.step]?.title ?? 'That step') : 'That';
  const name = (person: string | undefined) =>
    file.people.find(({ id }) => id === person)?.name ?? 'Somebody else';
  switch (verdict.as) {
    case 'kept':
      return undefined;
    case 'already':
      return `“${title}” was done already: ${name(verdict.by)} was first, at ${clock(verdict.at)}. It counts once.`;
    case 'taken':
      return `${name(verdict.by)} is at “${title}” by now. Take it over if you want to go on with it.`;
    case 'gone':
      return `“${title}” is no longer part of your work. Nothing was changed by it; the rest is kept.`;
    case 'not-for':
      return `“${title}” is not for that person: a hazard is kept from them. It stays where it was.`;
    case 'not-yours':
      return 'That is for the household to say. Nothing was changed by it.';
    case 'too-late':
      return 'Something else was changed after it. Take that back first, on the page Spread.';
  }
}
