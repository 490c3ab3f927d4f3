import { midnightOf } from '../../basics/local-time';
import {
  at,
  byDay,
  type Entry,
  handsOfPerson,
  named,
  overlaps,
  type Subject,
  type Violation,
} from './subject';

/** Rules 3 and 4: people are free, able, and have their breaks. */

/** Rule 3. */
export function peopleAreFree({ model, entries }: Subject): Violation[] {
  const found: Violation[] = [];
  const say = (message: string) => found.push({ rule: 3, message });
  for (const entry of entries) {
    if (!entry.fixed) rightPeople(entry, say);
  }
  for (const person of model.people) {
    const own = handsOfPerson(entries, person);
    for (const entry of own) {
      const inside = person.windows.some((window) => window.start <= entry.start && entry.end <= window.end);
      if (!entry.fixed && !inside) say(`${named(entry)} lies outside the free time of "${person.id}"`);
    }
    for (const [a, b] of overlaps(own)) {
      if (!(a.fixed && b.fixed))
        say(`"${person.id}" has two things to do at once: ${named(a)} and ${named(b)}`);
    }
    for (const [day, list] of byDay(own)) {
      const sum = list.reduce((total, entry) => total + entry.end - entry.start, 0);
      if (sum > person.dailyCap && list.some((entry) => !entry.fixed)) {
        say(
          `"${person.id}" has ${sum} hands-on minutes on ${at(midnightOf(day)).slice(0, 10)}, more than the cap of ${person.dailyCap}`,
        );
      }
    }
  }
  return found;
}

function rightPeople(entry: Entry, say: (message: string) => void): void {
  const { step } = entry;
  if (entry.people.length !== step.crew)
    say(`${named(entry)} has ${entry.people.length} people, not ${step.crew}`);
  for (const person of entry.people) {
    const barred = step.tags.find((tag) => person.cannot.has(tag));
    if (barred !== undefined) say(`${named(entry)} is tagged "${barred}", which "${person.id}" must not do`);
    if (step.task.person !== undefined && step.task.person !== person) {
      say(`${named(entry)} is given to "${person.id}"; only "${step.task.person.id}" may do it`);
    }
  }
}

/** Rule 4. */
export function breaksAreTaken({ model, entries }: Subject): Violation[] {
  const found: Violation[] = [];
  for (const person of model.people) {
    let run: Entry[] = [];
    const close = () => {
      const sum = run.reduce((total, entry) => total + entry.end - entry.start, 0);
      if (sum > person.breakAfter && run.some((entry) => !entry.fixed)) {
        found.push({
          rule: 4,
          message: `"${person.id}" works ${sum} minutes from ${at((run[0] as Entry).start)} without a break of ${person.breakLength}; the most in a row is ${person.breakAfter}`,
        });
      }
    };
    let end = Number.NEGATIVE_INFINITY;
    for (const entry of handsOfPerson(entries, person)) {
      if (entry.start - end >= person.breakLength) {
        close();
        run = [];
      }
      run.push(entry);
      end = Math.max(end, entry.end);
    }
    close();
  }
  return found;
}
