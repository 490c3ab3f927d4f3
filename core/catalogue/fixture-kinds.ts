import { plain } from '../home/room-names';
import type { RoomKind } from '../home/scales';
import type { FixtureKind } from './fixture-kind';
import { ANY_ROOM_KINDS } from './kinds/any-room';
import { BATHROOM_KINDS } from './kinds/bathroom';
import { BEDROOM_KINDS } from './kinds/bedroom';
import { KITCHEN_KINDS } from './kinds/kitchen';
import { LAUNDRY_KINDS } from './kinds/laundry';
import { OUTSIDE_KINDS } from './kinds/outside';
import { WAYS_IN_KINDS } from './kinds/ways-in';
import { WHOLE_HOUSE_KINDS } from './kinds/whole-house';

export type { FixtureKind } from './fixture-kind';

const rows = {
  ...ANY_ROOM_KINDS,
  ...BEDROOM_KINDS,
  ...KITCHEN_KINDS,
  ...BATHROOM_KINDS,
  ...LAUNDRY_KINDS,
  ...WAYS_IN_KINDS,
  ...OUTSIDE_KINDS,
  ...WHOLE_HOUSE_KINDS,
};

export type FixtureKindName = keyof typeof rows;

export const FIXTURE_KINDS: Readonly<Record<FixtureKindName, FixtureKind>> = rows;

/** Groups of kinds and the rooms in which one looks for them first; what is in no such group belongs anywhere. */
const AT_HOME: readonly { readonly kinds: object; readonly rooms: readonly RoomKind[] }[] = [
  { kinds: BEDROOM_KINDS, rooms: ['bedroom', 'child', 'guest'] },
  { kinds: KITCHEN_KINDS, rooms: ['kitchen', 'pantry', 'dining'] },
  { kinds: BATHROOM_KINDS, rooms: ['bathroom', 'shower', 'toilet'] },
  { kinds: LAUNDRY_KINDS, rooms: ['laundry', 'cupboard', 'cellar'] },
  { kinds: WAYS_IN_KINDS, rooms: ['hall', 'stairs', 'landing', 'porch'] },
  { kinds: OUTSIDE_KINDS, rooms: ['balcony', 'terrace', 'store', 'garage', 'porch'] },
];

/** Made by the product itself; nobody puts one into a room. */
export const NOT_ON_THE_WALK: readonly FixtureKindName[] = ['sorting', 'found-work', 'shop-trip'];

export function isFixtureKind(name: string): name is FixtureKindName {
  return Object.hasOwn(FIXTURE_KINDS, name);
}

/** Kinds whose name or another word for it contains the text, best matches first; those at home in the room come first. */
export function searchFixtureKinds(text: string, room?: RoomKind): FixtureKindName[] {
  const wanted = text.trim().toLocaleLowerCase();
  return (Object.keys(FIXTURE_KINDS) as FixtureKindName[])
    .filter((name) => !NOT_ON_THE_WALK.includes(name))
    .map((name) => ({ name, rank: rankOf(name, wanted), away: awayFrom(name, room) }))
    .filter(({ rank }) => rank >= 0)
    .sort((a, b) => a.rank + a.away - (b.rank + b.away))
    .map(({ name }) => name);
}

/** 0 for the name itself, then its other words; less good where the text stands in the middle; -1 where it does not. */
function rankOf(name: FixtureKindName, wanted: string): number {
  if (wanted === '') return 0;
  const kind = FIXTURE_KINDS[name];
  const words = [kind.name, ...(kind.synonyms ?? [])].map((word) => word.toLocaleLowerCase());
  const exact = words.indexOf(wanted);
  if (exact >= 0) return 0;
  const starts = words.findIndex((word) => word.startsWith(wanted));
  if (starts >= 0) return 1 + starts;
  const inside = words.findIndex((word) => word.includes(wanted));
  return inside >= 0 ? 100 + inside : -1;
}

/**
 * The kind that a text names, alone or among other words, `fridge behind`: of several the longest name, its own before other
 * words, then what belongs in the room. Else the kind of which the text says a part, `sink` of a kitchen sink.
 */
export function fixtureKindIn(text: string, room?: RoomKind): FixtureKindName | undefined {
  const said = singular(text);
  if (said === '') return undefined;
  const kinds = (Object.keys(FIXTURE_KINDS) as FixtureKindName[])
    .filter((name) => !NOT_ON_THE_WALK.includes(name))
    .map((name) => ({ name, ...fitOf(said, FIXTURE_KINDS[name]), away: awayFrom(name, room) }));
  const whole = kinds.filter(({ held }) => held > 0);
  if (whole.length > 0)
    return whole.sort((a, b) => b.held - a.held || Number(b.isOwn) - Number(a.isOwn) || a.away - b.away)[0]
      ?.name;
  return kinds.filter(({ part }) => part > 0).sort((a, b) => a.away - b.away || a.part - b.part)[0]?.name;
}

/** How a kind fits a text: the longest of its names that stands in it, and the shortest of those that end in all of the text. */
function fitOf(said: string, { name, synonyms = [] }: FixtureKind) {
  const names = [name, ...synonyms].map(singular);
  const held = Math.max(0, ...names.filter((one) => hasWords(said, one)).map(({ length }) => length));
  const parts = names.filter((one) => one.endsWith(` ${said}`)).map(({ length }) => length);
  return {
    held,
    isOwn: hasWords(said, singular(name)) && singular(name).length === held,
    part: parts.length === 0 ? 0 : Math.min(...parts),
  };
}

function hasWords(text: string, words: string): boolean {
  return ` ${text} `.includes(` ${words} `);
}

const ARTICLES = /^(?:the|a|an|my|our|all|every|each) /;

/** Words alone, each as of one thing: `The shelves` as `shelf`. */
function singular(text: string): string {
  return plain(text)
    .replace(ARTICLES, '')
    .split(' ')
    .map((word) =>
      word
        .replace(/ves$/, 'f')
        .replace(/([^aeiou])ies$/, '$1y')
        .replace(/(s|x|sh|ch)es$/, '$1')
        .replace(/([^s])s$/, '$1'),
    )
    .join(' ');
}

function awayFrom(name: FixtureKindName, room: RoomKind | undefined): number {
  if (room === undefined) return 0;
  const group = AT_HOME.find(({ kinds }) => Object.hasOwn(kinds, name));
  if (!group) return 1;
  return group.rooms.includes(room) ? 0 : 2;
}
