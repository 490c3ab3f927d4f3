import { NO_FACTS } from '@/core/home/no-facts';
import { type Fixture, HEIGHTS, type Height, type Home, type Room, type Stop } from '@/core/home/room';
import type { HomeChange } from '@/core/household/home-changes';
import type { Made } from '@/core/household/made';
import { STOP_EDITS } from '@/core/household/stop-edits';

type StripEdit = Extract<HomeChange, { do: keyof typeof STOP_EDITS }>;

/** What is changed by one press on the strip. */
export type StripChange = StripEdit | { readonly do: 'several'; readonly changes: StripEdit[] };

/** The room as it looks once a change has been made, before the server has it; as it is where the change can't be. */
export function roomAfter(room: Room, change: StripChange): Room {
  if (change.do === 'several') return change.changes.reduce(roomAfter, room);
  const home: Home = {
    floors: [{ id: 'here', name: 'here', rooms: [room] }],
    wayRound: 'clockwise',
    facts: NO_FACTS,
  };
  const edit = STOP_EDITS[change.do] as (home: Home, said: StripEdit) => Made<Home>;
  const made = edit(home, change);
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
