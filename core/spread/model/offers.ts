import { type DayNumber, dayOfMinute, midnightOf } from '../../basics/local-time';
import { firstDateOf, lastDayOf, type Model, type Person } from './model';

/** What people offer: minutes that somebody is free and may work, by person and date, at most the cap of a date. */
export type Offers = {
  readonly ofPerson: readonly number[];
  /** From the first date on; dates after the finish offer nothing. */
  readonly ofDate: readonly number[];
  /** The same of each person. */
  readonly ofPersonOn: readonly (readonly number[])[];
  readonly all: number;
};

export function offersOf(model: Model): Offers {
  const first = firstDateOf(model);
  const dates = Math.max(0, model.lastDay - first + 1);
  const ofDate = new Array<number>(dates).fill(0);
  const ofPersonOn = model.people.map((person) => {
    const own = new Array<number>(dates).fill(0);
    for (const [day, minutes] of freeMinutes(person, model)) {
      const offered = Math.min(minutes, person.dailyCap);
      own[day - first] = offered;
      ofDate[day - first] = (ofDate[day - first] ?? 0) + offered;
    }
    return own;
  });
  const ofPerson = ofPersonOn.map(sum);
  return { ofPerson, ofPersonOn, ofDate, all: sum(ofPerson) };
}

function sum(numbers: readonly number[]): number {
  return numbers.reduce((total, number) => total + number, 0);
}

/** Minutes of a person's windows by date, from the first date (and `now`) to the last, reserve dates left out. */
function freeMinutes(person: Person, model: Model): Map<DayNumber, number> {
  const from = Math.max(midnightOf(firstDateOf(model)), model.now ?? model.start);
  const free = new Map<DayNumber, number>();
  for (const window of person.windows) {
    for (let day = dayOfMinute(Math.max(window.start, from)); day <= lastDayOf(window); day++) {
      if (day > model.lastDay || model.isReserve(day)) continue;
      const start = Math.max(window.start, from, midnightOf(day));
      const end = Math.min(window.end, midnightOf(day + 1));
      if (start < end) free.set(day, (free.get(day) ?? 0) + end - start);
    }
  }
  return free;
}
