import { FIXTURE_KINDS, type FixtureKindName } from '../catalogue/fixture-kinds';
import type { Fixture, Room, Stop } from '../home/room';
import { newFixture } from './fixture';
import { naturalStop, usualStops } from './templates';

type Listed = { readonly kind: FixtureKindName; readonly count: number };

/** A room that holds what was listed of it, each where such a thing stands; where nothing was, what is usual. */
export function stopsWith(room: Pick<Room, 'id' | 'kind'>, things: readonly Listed[]): Stop[] {
  const usual = usualStops(room);
  if (things.length === 0) return usual;
  const [shell] = usual as [Stop];
  return things.reduce<Stop[]>((stops, thing) => withThing(room, stops, thing), [shell]);
}

/** The stops with one thing more; what is there already is counted, not doubled. */
export function withThing(
  room: Pick<Room, 'id' | 'kind'>,
  stops: readonly Stop[],
  { kind, count }: Listed,
): Stop[] {
  const known = stops.flatMap(({ fixtures }) => fixtures).find((fixture) => fixture.kind === kind);
  if (known)
    return stops.map((stop) => ({
      ...stop,
      fixtures: stop.fixtures.map((fixture) =>
        fixture === known ? { ...fixture, count: Math.max(fixture.count, count) } : fixture,
      ),
    }));
  const fixture: Fixture = { ...newFixture(`${room.id}-listed-${kind}`, kind), count };
  const at = naturalStop({ kind: room.kind, stops: [...stops] }, kind);
  if (at)
    return stops.map((stop) => (stop === at ? { ...stop, fixtures: [...stop.fixtures, fixture] } : stop));
  const { name } = FIXTURE_KINDS[kind];
  return [...stops, { id: `${room.id}-at-${kind}`, name, shell: false, fixtures: [fixture] }];
}
