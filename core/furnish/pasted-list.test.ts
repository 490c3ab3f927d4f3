import { fc, it as prop } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { FIXTURE_KINDS, fixtureKindIn, NOT_ON_THE_WALK } from '../catalogue/fixture-kinds';
import { roomKindIn } from '../home/room-names';
import { ROOM_KINDS, type RoomKind } from '../home/scales';
import { MOST_LISTED_ROOMS, readPastedList } from './pasted-list';

const said = (text: string) =>
  readPastedList(text).rooms.map(
    ({ name, kind, things }) =>
      `${name} (${kind}): ${things.map((thing) => `${thing.count} ${thing.kind}`).join(', ')}`,
  );
const unread = (text: string) => readPastedList(text).unread;

describe('a list pasted from anywhere', () => {
  it('has a room before its colon and what is in it behind', () => {
    expect(said('Kitchen: oven, fridge behind, 2 windows and the sink')).toEqual([
      'Kitchen (kitchen): 1 oven, 1 fridge, 2 window, 1 sink',
    ]);
    expect(unread('Kitchen: oven, fridge behind, 2 windows and the sink')).toEqual([]);
  });

  it('has rooms as headings with things below, however lines begin', () => {
    expect(
      said('BATHROOM\n- [ ] toilet\n* [x] mirror\n• shower screen\n\n2) Lounge\n1. sofa\n☐ rug x2\n'),
    ).toEqual([
      'BATHROOM (bathroom): 1 toilet, 1 mirror, 1 shower-screen',
      'Lounge (living): 1 upholstery, 2 rug',
    ]);
  });

  it('takes two of a room as two, and a room alone as it usually is', () => {
    expect(said('2 bedrooms\nHall\nUtility room')).toEqual([
      'Bedroom 1 (bedroom): ',
      'Bedroom 2 (bedroom): ',
      'Hall (hall): ',
      'Utility room (laundry): ',
    ]);
  });

  it('goes on with a room that comes again, and counts a thing once', () => {
    expect(said('Kitchen - hob\nHall: mirror\nkitchen: hob, oven')).toEqual([
      'Kitchen (kitchen): 1 hob, 1 oven',
      'Hall (hall): 1 mirror',
    ]);
  });

  it('tells what it has not understood, with its line, and guesses nothing', () => {
    const text = 'call mum\nKitchen: oven, the thing, flux capacitor';
    expect(said(text)).toEqual(['Kitchen (kitchen): 1 oven']);
    expect(unread(text)).toEqual([
      { line: 1, words: 'call mum' },
      { line: 2, words: 'the thing' },
      { line: 2, words: 'flux capacitor' },
    ]);
  });

  it('reads a novel to its end without a room that is none, and no more rooms than a list has', () => {
    const novel = 'It was a dark night; the wind blew. She thought of nothing at all. '.repeat(400);
    expect(said(novel)).toEqual([]);
    const many = Array.from(
      { length: 200 },
      (_, i) => `Bedroom ${String.fromCharCode(65 + (i % 26))}${i}: bed`,
    );
    expect(readPastedList(many.join('\n')).rooms).toHaveLength(MOST_LISTED_ROOMS);
    expect(readPastedList('900 bathrooms').rooms).toHaveLength(MOST_LISTED_ROOMS);
  });

  prop.prop([fc.string({ unit: 'grapheme', maxLength: 400 })], { seed: 5, numRuns: 500 })(
    'never falls over any text, and has only kinds that are known',
    (text) => {
      for (const { name, kind, things } of readPastedList(text).rooms) {
        expect(name.length > 0 && name.length <= 80).toBe(true);
        expect(ROOM_KINDS).toHaveProperty(kind);
        for (const thing of things) {
          expect(FIXTURE_KINDS).toHaveProperty([thing.kind]);
          expect(thing.count).toBeGreaterThan(0);
        }
      }
    },
  );
});

describe('words for rooms and things', () => {
  it('know every kind by its own name', () => {
    for (const kind of Object.keys(ROOM_KINDS) as RoomKind[]) expect(roomKindIn(ROOM_KINDS[kind])).toBe(kind);
    for (const [kind, { name }] of Object.entries(FIXTURE_KINDS)) {
      const found = fixtureKindIn(name);
      if (!(NOT_ON_THE_WALK as readonly string[]).includes(kind))
        expect(FIXTURE_KINDS[found!].name, name).toBe(name);
    }
  });

  it('take the longest name that a text holds, and of a text with none none', () => {
    expect(roomKindIn('Ada’s bedroom')).toBe('bedroom');
    expect(roomKindIn('the spare bedroom upstairs')).toBe('guest');
    expect(roomKindIn('Tuesday')).toBeUndefined();
    expect(fixtureKindIn('behind the washing machine')).toBe('washer');
    expect(fixtureKindIn('')).toBeUndefined();
  });
});
