import type { FixtureKindName } from '@/core/catalogue/fixture-kinds';
import { FIXTURE_KINDS } from '@/core/catalogue/fixture-kinds';
import { naturalStop } from '@/core/furnish/templates';
import { NO_FACTS } from '@/core/home/facts';
import { type Fixture, HEIGHTS, type Height, type Home, type Room, type Stop } from '@/core/home/room';
import { changeHome, type HomeChange } from '@/core/household/home-changes';

/** What is changed by one press on the strip. */
export type StripChange = HomeChange | { readonly do: 'several'; readonly changes: HomeChange[] };

/** The room as it looks once a change has been made, before the server has it; as it is where the change can't be. */
export function roomAfter(room: Room, change: StripChange): Room {
  if (change.do === 'several') return change.changes.reduce(roomAfter, room);
  const home: Home = {
    floors: [{ id: 'here', name: 'here', rooms: [room] }],
    wayRound: 'clockwise',
    facts: NO_FACTS,
  };
  const made = changeHome(home, change);
  return (made.ok && made.value.floors[0]?.rooms[0]) || room;
}

export type Place = { readonly stop: Stop; readonly fixture: Fixture };

export function placeOf(room: Room, fixtureId: string | undefined): Place | undefined {
  for (const stop of room.stops) {
    const fixture = stop.fixtures.find((known) => known.id === fixtureId);
    if (fixture) return { stop, fixture };
  }
  return undefined;
}

/**
 * The change by which a new thing comes into a room: to the stop that somebody has open, else to where such a thing
 * naturally stands, else to a stop of its own. What is part of the room itself always goes to the room.
 */
export function addedTo(
  room: Room,
  fixture: Fixture & { kind: FixtureKindName },
  meant: string | undefined,
  newId: () => string,
): { readonly change: StripChange; readonly stop: string } {
  const natural = naturalStop(room, fixture.kind);
  const stop = natural?.shell ? natural : (room.stops.find(({ id }) => id === meant) ?? natural);
  if (stop) return { change: { do: 'put-fixture', stopId: stop.id, fixture }, stop: stop.name };
  const id = newId();
  const { name } = FIXTURE_KINDS[fixture.kind];
  const changes: HomeChange[] = [
    { do: 'add-stop', roomId: room.id, id, name },
    { do: 'put-fixture', stopId: id, fixture },
  ];
  return { change: { do: 'several', changes }, stop: name };
}

export type Direction = 'left' | 'right' | 'up' | 'down';

/** A fixture moved by one: to the stop before or behind, or one height up or down; undefined at the edge. */
export function fixtureMoved(
  shown: readonly Stop[],
  { stop, fixture }: Place,
  way: Direction,
): Extract<HomeChange, { do: 'move-fixture' }> | undefined {
  if (way === 'up' || way === 'down') {
    const height = HEIGHTS[HEIGHTS.indexOf(fixture.height) + (way === 'up' ? -1 : 1)] as Height | undefined;
    return height && { do: 'move-fixture', id: fixture.id, stopId: stop.id, height };
  }
  const to = shown[shown.findIndex((known) => known.id === stop.id) + (way === 'left' ? -1 : 1)];
  if (!to || !shown.some((known) => known.id === stop.id)) return undefined;
  return { do: 'move-fixture', id: fixture.id, stopId: to.id, height: fixture.height };
}

/** A stop moved by one along the strip; undefined at the edge. */
export function stopMoved(
  shown: readonly Stop[],
  id: string,
  way: 'left' | 'right',
): Extract<HomeChange, { do: 'move-stop' }> | undefined {
  const at = shown.findIndex((stop) => stop.id === id);
  if (at < 0) return undefined;
  if (way === 'left') return at === 0 ? undefined : { do: 'move-stop', id, after: shown[at - 2]?.id ?? null };
  const next = shown[at + 1];
  return next && { do: 'move-stop', id, after: next.id };
}
