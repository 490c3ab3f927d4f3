import { MOST_NAME } from '../basics/limits';
import { oneLine } from '../basics/scalars';
import { FIXTURE_KINDS, type FixtureKindName, fixtureKindIn } from '../catalogue/fixture-kinds';
import { roomKindIn } from '../home/room-names';
import { MOST_COUNT, ROOM_KINDS, type RoomKind } from '../home/scales';

/** A list as people write it, `Kitchen: oven, fridge behind`, as rooms and what is in them. */

export type ListedThing = { readonly kind: FixtureKindName; readonly count: number };

export type ListedRoom = {
  readonly name: string;
  readonly kind: RoomKind;
  /** None: nothing was listed of it, and it is furnished as usual. */
  readonly things: readonly ListedThing[];
};

export type PastedList = {
  readonly rooms: readonly ListedRoom[];
  /** What was not understood, as it was written, with its line from 1. */
  readonly unread: readonly { readonly line: number; readonly words: string }[];
};

/** Longer texts are no list. */
export const MOST_LIST_CHARACTERS = 20_000;
/** So many rooms one list may name. */
export const MOST_LISTED_ROOMS = 60;

/**
 * Reads a list, line by line: a line that names a room begins it, with what follows its colon or dash; other lines belong
 * to the room before them. Whatever is not understood is told and not guessed.
 */
export function readPastedList(text: string): PastedList {
  const rooms: Draft[] = [];
  const unread: { line: number; words: string }[] = [];
  let isHeadMarked = false;
  for (const [i, raw] of text.slice(0, MOST_LIST_CHARACTERS).split(/\r?\n/).entries()) {
    const line = bare(raw);
    if (line === '') continue;
    const isBelow = isMarked(raw) && !isHeadMarked && rooms.length > 0;
    const { heads, rest } = headsIn(line, rooms.at(-1), isBelow);
    if (heads.length > 0) isHeadMarked = isMarked(raw);
    const room = heads.length > 0 ? startRooms(heads, rooms) : rooms.at(-1);
    for (const item of itemsIn(rest)) {
      const thing = room && thingIn(item, room.kind);
      if (thing) addThing(room, thing);
      else unread.push({ line: i + 1, words: item });
    }
  }
  return {
    rooms: rooms
      .slice(0, MOST_LISTED_ROOMS)
      .map(({ things, ...room }) => ({ ...room, things: listOf(things) })),
    unread,
  };
}

type Draft = {
  readonly name: string;
  readonly kind: RoomKind;
  readonly things: Map<FixtureKindName, number>;
};

type Head = Pick<ListedRoom, 'name' | 'kind'>;

/** Whether a line stands in below another, or begins as things in a list do. */
function isMarked(line: string): boolean {
  return /^\s+\S/.test(line) || bare(line) !== oneLine(line).trim();
}

/** Without what lists begin their lines with: dashes, dots, boxes, numbers. */
function bare(line: string): string {
  return oneLine(line)
    .replace(/^(?:[-*•–—▪◦☐☑✓✔]|\[[ xX]?\]|\d{1,3}[.)]\s)\s*/u, '')
    .replace(/^(?:\[[ xX]?\])\s*/u, '')
    .trim();
}

/**
 * The rooms that a line names before its colon or dash, and what it says of them; a line without is a room or things. A thing
 * may bear the name of a room (a toilet, a shower screen): below a room it is one, or where its own name is the longer.
 */
function headsIn(
  line: string,
  under: Draft | undefined,
  isBelow: boolean,
): { heads: readonly Head[]; rest: string } {
  const parted = /^(.{1,60}?)\s*(?::|\s[-–—]\s)\s*(.*)$/u.exec(line);
  const [head, rest] = parted ? [parted[1] ?? '', parted[2] ?? ''] : [line, ''];
  const kind = roomKindIn(head);
  const thing = under && fixtureKindIn(head, under.kind);
  const isThing = thing !== undefined && (isBelow || roomKindIn(FIXTURE_KINDS[thing].name) !== undefined);
  const isRoom = kind !== undefined && (parted !== null || (isRoomAlone(head) && !isThing));
  return isRoom ? { heads: roomsNamed(head, kind), rest } : { heads: [], rest: line };
}

function isRoomAlone(text: string): boolean {
  return !/[,;]/.test(text) && text.split(/\s+/).length <= 5;
}

/** `2 bedrooms` are two rooms. */
function roomsNamed(text: string, kind: RoomKind): Head[] {
  const { count, words } = counted(text);
  const name = tidy(words);
  if (count === 1) return [{ name, kind }];
  return Array.from({ length: Math.min(count, MOST_LISTED_ROOMS) }, (_, i) => ({
    name: `${ROOM_KINDS[kind]} ${i + 1}`,
    kind,
  }));
}

function startRooms(heads: readonly Head[], rooms: Draft[]): Draft | undefined {
  for (const head of heads)
    if (!rooms.some(({ name }) => name.toLowerCase() === head.name.toLowerCase()))
      rooms.push({ ...head, things: new Map() });
  return rooms.find(({ name }) => name.toLowerCase() === heads.at(-1)?.name.toLowerCase());
}

function itemsIn(text: string): string[] {
  return text
    .split(/[,;/+&]|\.\s|\sand\s/u)
    .map((item) => item.replace(/[.!?]+$/u, '').trim())
    .filter((item) => item !== '');
}

function thingIn(item: string, room: RoomKind): ListedThing | undefined {
  const { count, words } = counted(item);
  const kind = fixtureKindIn(words, room);
  return kind && { kind, count };
}

function addThing({ things }: Draft, { kind, count }: ListedThing): void {
  // The same thing twice is said twice of one: what is to be done at it.
  things.set(kind, Math.max(things.get(kind) ?? 0, count));
}

function listOf(things: ReadonlyMap<FixtureKindName, number>): ListedThing[] {
  return [...things].map(([kind, count]) => ({ kind, count }));
}

const NUMBERS: Readonly<Record<string, number>> = { two: 2, three: 3, four: 4, five: 5, six: 6 };

/** `4 windows`, `windows x4`, `windows (4)`, `two windows`. */
function counted(text: string): { count: number; words: string } {
  const found =
    /^(\d{1,3})\s*[x×]?\s+(.+)$/iu.exec(text) ?? /^(two|three|four|five|six)\s+(.+)$/iu.exec(text);
  if (found) return { count: numberOf(found[1] ?? ''), words: found[2] ?? '' };
  const behind = /^(.+?)\s*(?:[x×]\s*(\d{1,3})|\((\d{1,3})\))$/iu.exec(text);
  return behind
    ? { count: numberOf(behind[2] ?? behind[3] ?? ''), words: behind[1] ?? '' }
    : { count: 1, words: text };
}

function numberOf(text: string): number {
  return Math.min(MOST_COUNT, Math.max(1, NUMBERS[text.toLowerCase()] ?? Number(text)));
}

function tidy(name: string): string {
  const short = name.trim().slice(0, MOST_NAME).trim();
  return short.charAt(0).toUpperCase() + short.slice(1);
}
