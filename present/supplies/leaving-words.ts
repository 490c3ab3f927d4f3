import { groupBy } from '@/core/basics/group-by';
import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import type { DropOff, Leaving, NewHome, Spot } from '@/core/clean/leaving';
import type { NewHomeReason } from '@/core/clean/names';
import { PILES } from '@/core/clean/names';
import { fixturesOf, type Home, type Place, placesOf } from '@/core/home/room';
import type { Member } from '@/core/people/member';
import { WEEKDAYS } from '../people/weekdays';
import { fromTo } from '../words/words';
import { pilesOf } from './pile-words';

/** Words for places that take things, and new homes of things. */

/** `give, sell, Pharmacy`; all that leave where nothing is said. */
export function takesWords({ takes }: DropOff, leaving: Pick<Leaving, 'piles'>): string {
  if (takes.length === 0) return 'all that leaves';
  const names = pilesOf(leaving)
    .filter(({ id }) => takes.includes(id))
    .map(({ id, name }) => ((PILES as readonly string[]).includes(id) ? name.toLowerCase() : name));
  return names.length === 0 ? 'only a pile that is gone' : names.join(', ');
}

/** `Monday to Friday 08:30 to 18:30; Saturday 09:00 to 14:00`: weekdays with the same hours together. */
export function opensWords({ opens }: Pick<DropOff, 'opens'>): string {
  const byHours = groupBy(
    opens.toSorted((a, b) => a.weekday - b.weekday || (a.from < b.from ? -1 : 1)),
    fromTo,
  );
  return [...byHours]
    .map(([hours, own]) => `${daysWords(own.map(({ weekday }) => weekday))} ${hours}`)
    .join('; ');
}

/** Three days and more on end are said by the first and the last. */
function daysWords(weekdays: readonly number[]): string {
  const names = weekdays.map((weekday) => WEEKDAYS[weekday - 1] as string);
  const isOnEnd = weekdays.length > 2 && weekdays.every((day, i) => day === (weekdays[0] as number) + i);
  return isOnEnd ? `${names[0]} to ${names.at(-1)}` : names.join(', ');
}

export const REASON_WORDS: Record<NewHomeReason, string> = {
  use: 'nearer to where it is used',
  reach: 'out of reach of children',
  room: 'there is more room',
};

/** Everything in a home that holds things, place by place, as `value` and words. */
export function spotsIn(home: Home): readonly (readonly [value: string, words: string])[] {
  return placesOf(home).flatMap((place) => {
    const { fixture } = place;
    if (!isFixtureKind(fixture.kind) || !FIXTURE_KINDS[fixture.kind].holds) return [];
    const places = fixture.places ?? [];
    const whole = [spotValue({ fixture: fixture.id }), spotWords(place)] as const;
    return [
      whole,
      ...places.flatMap((name, i) =>
        name === ''
          ? []
          : [[spotValue({ fixture: fixture.id, place: i + 1 }), spotWords(place, i + 1)] as const],
      ),
    ];
  });
}

const BETWEEN = '#';

export function spotValue({ fixture, place }: Spot): string {
  return place === undefined ? fixture : `${fixture}${BETWEEN}${place}`;
}

export function spotOf(value: string): Spot {
  const at = value.lastIndexOf(BETWEEN);
  return at < 0 ? { fixture: value } : { fixture: value.slice(0, at), place: Number(value.slice(at + 1)) };
}

/** `Kitchen, Wall cupboards: by the window`. */
function spotWords({ room, stop, fixture }: Place, place?: number): string {
  const kind = isFixtureKind(fixture.kind) ? FIXTURE_KINDS[fixture.kind].name : fixture.kind;
  const where = stop.shell || stop.name === kind ? kind : `${stop.name}, ${kind.toLowerCase()}`;
  const name = place === undefined ? undefined : fixture.places?.[place - 1];
  return `${room.name}: ${name ? `${stop.name}, ${name}` : where}`;
}

export function wordsOfSpot(spot: Spot, home: Home): string {
  const place = placesOf(home).find(({ fixture }) => fixture.id === spot.fixture);
  return place ? spotWords(place, spot.place) : 'a place that is no longer there';
}

/** Below this age a child climbs where it must not. */
const CHILD = 12;

/** What speaks against a new home; undefined for nothing. */
export function cautionOf(
  { why, to }: NewHome,
  home: Home,
  people: readonly Pick<Member, 'age'>[],
): string | undefined {
  const at = home.floors
    .flatMap((floor) => floor.rooms)
    .flatMap(fixturesOf)
    .find(({ id }) => id === to.fixture);
  if (why !== 'reach' || !at || at.height === 'high' || at.height === 'ceiling') return undefined;
  return people.some(({ age }) => age !== undefined && age < CHILD)
    ? 'A child reaches that place. Higher up, or behind a lock.'
    : undefined;
}
