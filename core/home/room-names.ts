import { ROOM_KINDS, type RoomKind } from './scales';

/** What people call rooms, besides the names of their kinds: the longest that a text holds says what it is. */
const WORDS: Readonly<Partial<Record<RoomKind, readonly string[]>>> = {
  kitchen: ['kitchenette', 'galley'],
  pantry: ['larder'],
  living: ['lounge', 'sitting room', 'family room', 'parlour', 'parlor', 'snug', 'den'],
  bedroom: ['master bedroom', 'main bedroom'],
  child: [
    'child room',
    'children’s room',
    'kids room',
    'kid’s room',
    'nursery',
    'playroom',
    'teenager’s room',
  ],
  guest: ['spare room', 'spare bedroom', 'guest bedroom'],
  study: ['office', 'home office', 'library', 'workroom'],
  bathroom: ['bath', 'ensuite', 'en suite', 'family bathroom'],
  shower: ['shower', 'wet room'],
  toilet: ['wc', 'loo', 'cloakroom', 'powder room', 'half bath', 'lavatory'],
  hall: ['hallway', 'entrance', 'entry', 'corridor', 'way in', 'mud room', 'mudroom'],
  stairs: ['staircase', 'stairway'],
  laundry: ['utility', 'utility room', 'laundry room', 'washroom'],
  cupboard: ['closet', 'store cupboard', 'walk-in'],
  loft: ['attic'],
  cellar: ['basement'],
  porch: ['front step', 'veranda'],
  terrace: ['terrace', 'yard', 'patio', 'garden', 'deck'],
  store: ['shed', 'store', 'storage', 'store room', 'storeroom', 'workshop'],
};

const NAMES: readonly (readonly [kind: RoomKind, words: string])[] = (
  Object.keys(ROOM_KINDS) as RoomKind[]
).flatMap((kind) => [ROOM_KINDS[kind], ...(WORDS[kind] ?? [])].map((words) => [kind, plain(words)] as const));

/** The kind of room that a text names, alone or among other words; undefined where it names none. */
export function roomKindIn(text: string): RoomKind | undefined {
  const said = ` ${plain(text)} `;
  const found = NAMES.filter(([, words]) => said.includes(` ${words} `) || said.includes(` ${words}s `));
  return found.toSorted((a, b) => b[1].length - a[1].length)[0]?.[0];
}

/** Words alone, in small letters, without marks. */
export function plain(text: string): string {
  return text
    .toLowerCase()
    .replace(/[’']/g, '')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
}
