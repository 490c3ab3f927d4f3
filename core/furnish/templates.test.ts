import { describe, expect, it } from 'vitest';
import { FIXTURE_KINDS } from '../catalogue/fixture-kinds';
import { fixturesOf, ROOM_KINDS, type Room, type RoomKind } from '../home/room';
import { naturalStop, oftenMissing, usualStops } from './templates';

const KINDS = Object.keys(ROOM_KINDS) as RoomKind[];

const roomOf = (kind: Room['kind']): Room => ({
  id: `the-${kind}`,
  name: kind,
  kind,
  lengthM: 4,
  widthM: 3,
  heightM: 2.5,
  ventilation: 'window',
  opensTo: [],
  stops: usualStops({ id: `the-${kind}`, kind }),
});
const kindsAt = (room: Room) => room.stops.flatMap((stop) => stop.fixtures.map(({ kind }) => kind));

describe('a room as it usually is', () => {
  it.each(KINDS.map((kind) => [kind] as const))(
    '%s: the room itself first, each id once, each thing once at its stop',
    (kind) => {
      const room = roomOf(kind);
      const ids = room.stops.flatMap((stop) => [stop.id, ...stop.fixtures.map(({ id }) => id)]);
      expect(room.stops.map(({ shell }) => shell)).toEqual(room.stops.map((_, i) => i === 0));
      expect(new Set(ids).size).toBe(ids.length);
      for (const { fixtures } of room.stops)
        expect(new Set(fixtures.map((one) => one.kind)).size).toBe(fixtures.length);
      expect(ids.every((id) => id.startsWith(`the-${kind}-`))).toBe(true);
    },
  );

  it('gives a kitchen the cupboards that a kitchen has: on the wall and below', () => {
    const cupboards = fixturesOf(roomOf('kitchen')).filter(({ kind }) => kind === 'cupboard');
    expect(cupboards.map(({ count }) => count)).toEqual([4, 3]);
  });

  it('offers what is often there and is not there yet, each once', () => {
    for (const kind of KINDS) {
      const room = roomOf(kind);
      const offered = oftenMissing(room);
      expect(new Set(offered).size).toBe(offered.length);
      expect(offered.filter((one) => kindsAt(room).includes(one))).toEqual([]);
    }
    const bathroom = roomOf('bathroom');
    const without = { ...bathroom, stops: bathroom.stops.filter(({ name }) => name !== 'Basin') };
    expect(oftenMissing(without)).toContain('basin');
  });
});

describe('where a thing that is added stands', () => {
  const bedroom = roomOf('bedroom');

  it('is the room itself for what belongs to the shell, and its own stop for what has one', () => {
    const shell = Object.keys(FIXTURE_KINDS).filter(
      (kind) => FIXTURE_KINDS[kind as keyof typeof FIXTURE_KINDS].shell,
    );
    expect(shell).toContain('carpet');
    expect(naturalStop(bedroom, 'carpet')?.shell).toBe(true);
    expect(naturalStop(bedroom, 'mattress')?.name).toBe('Bed');
  });

  it('is beside what it goes with, and nowhere in particular where nothing is known', () => {
    expect(naturalStop(bedroom, 'headboard')?.name).toBe('Bed');
    expect(naturalStop(bedroom, 'smoke-alarm')).toBeUndefined();
  });
});
