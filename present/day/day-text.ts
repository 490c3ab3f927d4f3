import { clock, longDate } from '../words/words';
import type { DayFile } from './day-file';

/** A day as a message: who does what from when on, a line each. */
export function dayText({ date, person, pack, words, people }: DayFile): string {
  const names = new Map(people.map(({ id, name }) => [id, name]));
  const lines = pack.entries
    .filter((entry) => person === undefined || entry.people.includes(person))
    .toSorted((a, b) => a.start.localeCompare(b.start))
    .map((entry) => {
      const who =
        person === undefined && names.size > 1
          ? `${entry.people.map((id) => names.get(id) ?? 'somebody').join(' and ')}: `
          : '';
      const own = words[entry.step];
      return `- ${clock(entry.start)} ${who}${own ? `${own.title}, ${own.where}` : 'A step that has changed meanwhile'}`;
    });
  return [longDate(date), ...lines].join('\n');
}
