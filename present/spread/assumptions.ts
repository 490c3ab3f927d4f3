import { isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { newFixture } from '@/core/furnish/fixture';
import { NO_FACTS } from '@/core/home/no-facts';
import { type Fixture, fixturesOf, type Room, roomSizes, roomsOf } from '@/core/home/room';
import type { Household } from '@/core/household/household';
import { hasUsualHours } from '@/core/people/usual-hours';
import { count, listed, longDate } from '../words/words';

/** What a plan takes for granted because nobody has said it, each with where it is put right. */
export type Assumption = {
  readonly key: string;
  readonly words: string;
  readonly links: readonly { readonly words: string; readonly href: string }[];
};

export function assumptionsOf({
  home,
  people,
  machines,
  clean,
  almanac: { learnt },
}: Pick<Household, 'home' | 'people' | 'machines' | 'almanac'> & {
  readonly clean: Pick<Household['clean'], 'reserve'> | undefined;
}): Assumption[] {
  const rooms = roomsOf(home);
  const usual = people.filter(hasUsualHours).map(({ name }) => name);
  return [
    inRooms(rooms.filter(isUnrated), 'rated', 'Normally dirty and half full, since nobody has rated them:'),
    inRooms(
      rooms.filter(isOfUsualSize),
      'size',
      'As large as such rooms usually are, since nobody has measured:',
    ),
    learnt.on &&
      learnt.factors.length > 0 && {
        key: 'learnt',
        words: `Your own times in place of the usual ones, where ticks have shown them: ${count(learnt.factors.length, 'lesson', 'lessons')}.`,
        links: [{ words: 'See what was learnt', href: '/record' }],
      },
    usual.length > 0 && {
      key: 'hours',
      words: `Two evenings and a Saturday morning a week for ${listed(usual)}, since nobody has said otherwise.`,
      links: [{ words: 'Say when there is time', href: '/people' }],
    },
    clean !== undefined &&
      clean.reserve.length > 0 && {
        key: 'reserve',
        words: `${listed(clean.reserve.map(longDate))} ${clean.reserve.length === 1 ? 'is' : 'are'} kept free for what slips.`,
        links: [{ words: 'Open for work', href: '/spread/asked' }],
      },
    machines.length === 0 && {
      key: 'machines',
      words: 'No machine in the house: the wash is done by hand or goes out, dishes are washed at the sink.',
      links: [{ words: 'Say what there is', href: '/people' }],
    },
    JSON.stringify(home.facts) === JSON.stringify(NO_FACTS) && {
      key: 'facts',
      words: 'Soft water, no animals, nobody who smokes, a second set of bedding.',
      links: [{ words: 'Say what is so', href: '/walk' }],
    },
  ].filter((one) => one !== false && one !== undefined);
}

/** Rooms by name are a press each up to so many. */
const MOST_NAMED = 8;

function inRooms(rooms: readonly Room[], key: string, words: string): Assumption | undefined {
  if (rooms.length === 0) return undefined;
  const more = rooms.length - MOST_NAMED;
  return {
    key,
    words,
    links: [
      ...rooms
        .slice(0, MOST_NAMED)
        .map(({ id, name }) => ({ words: name, href: `/walk/${encodeURIComponent(id)}` })),
      ...(more > 0 ? [{ words: `${more} more`, href: '/walk' }] : []),
    ],
  };
}

/** Nobody has said how dirty or how full anything in it is. */
function isUnrated(room: Room): boolean {
  const fixtures = fixturesOf(room);
  return fixtures.length > 0 && fixtures.every(isAsItCame);
}

function isAsItCame({ kind, soil, fullness }: Fixture): boolean {
  if (!isFixtureKind(kind)) return false;
  const usual = newFixture('', kind);
  return soil === usual.soil && fullness === usual.fullness;
}

function isOfUsualSize({ kind, lengthM, widthM }: Room): boolean {
  const [length, width] = roomSizes(kind).middle;
  return lengthM === length && widthM === width;
}
