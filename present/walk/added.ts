import { FIXTURE_KINDS, type FixtureKindName } from '@/core/catalogue/fixture-kinds';
import { newFixture } from '@/core/furnish/fixture';
import { naturalStop } from '@/core/furnish/templates';
import type { Room } from '@/core/home/room';
import type { StripChange } from './room-model';

export { faceOfKind } from './kind-faces';

/**
 * The change by which a new thing comes into a room: to the stop that somebody has open, else to where such a thing
 * naturally stands, else to a stop of its own. What is part of the room itself always goes to the room.
 */
export function added(
  room: Room,
  kind: FixtureKindName,
  meant: string | undefined,
  newId: () => string,
): { readonly change: StripChange; readonly stop: string } {
  const fixture = newFixture(newId(), kind);
  const natural = naturalStop(room, kind);
  const stop = natural?.shell ? natural : (room.stops.find(({ id }) => id === meant) ?? natural);
  if (stop) return { change: { do: 'put-fixture', stopId: stop.id, fixture }, stop: stop.name };
  const id = newId();
  const { name } = FIXTURE_KINDS[kind];
  const changes: Extract<StripChange, { do: 'several' }>['changes'] = [
    { do: 'add-stop', roomId: room.id, id, name },
    { do: 'put-fixture', stopId: id, fixture },
  ];
  return { change: { do: 'several', changes }, stop: name };
}
