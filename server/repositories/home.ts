import type { Fixture, Floor, Room, Stop } from '../../core/home/room';
import { fixtureSchema, sizeSchema } from '../../core/home/room-schema';
import type { HouseholdScope } from '../db/scope';

/** Floors, rooms, stops and fixtures, put together from their rows. */

type Placed = { id: string; position: number };
type FloorRow = Placed & { name: string };
type RoomRow = Placed & {
  floor_id: string;
  name: string;
  kind: Room['kind'];
  length_m: number;
  width_m: number;
  height_m: number;
  ventilation: Room['ventilation'];
  opens_to: string;
};
type StopRow = Placed & { room_id: string; name: string; shell: number };
type FixtureRow = Placed & {
  stop_id: string;
  kind: string;
  height: string;
  count: number;
  size: string;
  surface: string | null;
  soil: string;
  fullness: string;
  leave_it: number;
  last_done: string | null;
  mend: string | null;
};

export async function loadFloors(scope: HouseholdScope): Promise<Floor[]> {
  const inOrder = <T>(table: 'floors' | 'rooms' | 'stops' | 'fixtures'): Promise<T[]> =>
    scope.rows(table).orderBy('position').orderBy('id').select() as unknown as Promise<T[]>;
  const [floors, rooms, stops, fixtures] = await Promise.all([
    inOrder<FloorRow>('floors'),
    inOrder<RoomRow>('rooms'),
    inOrder<StopRow>('stops'),
    inOrder<FixtureRow>('fixtures'),
  ]);
  const fixturesAt = groupBy(fixtures, (row) => row.stop_id, fixtureOf);
  const stopsIn = groupBy(
    stops,
    (row) => row.room_id,
    (row): Stop => ({
      id: row.id,
      name: row.name,
      shell: row.shell === 1,
      fixtures: fixturesAt.get(row.id) ?? [],
    }),
  );
  const roomsOn = groupBy(
    rooms,
    (row) => row.floor_id,
    (row): Room => ({
      id: row.id,
      name: row.name,
      kind: row.kind,
      lengthM: row.length_m,
      widthM: row.width_m,
      heightM: row.height_m,
      ventilation: row.ventilation,
      opensTo: JSON.parse(row.opens_to),
      stops: stopsIn.get(row.id) ?? [],
    }),
  );
  return floors.map((row): Floor => ({ id: row.id, name: row.name, rooms: roomsOn.get(row.id) ?? [] }));
}

function fixtureOf(row: FixtureRow): Fixture {
  return fixtureSchema.parse({
    id: row.id,
    kind: row.kind,
    height: row.height,
    count: row.count,
    size: sizeSchema.parse(JSON.parse(row.size)),
    ...(row.surface !== null && { surface: row.surface }),
    soil: row.soil,
    fullness: row.fullness,
    leave: row.leave_it === 1,
    ...(row.last_done !== null && { lastDone: row.last_done }),
    ...(row.mend !== null && { mend: row.mend }),
  });
}

function groupBy<T, U>(rows: readonly T[], key: (row: T) => string, of: (row: T) => U): Map<string, U[]> {
  const groups = new Map<string, U[]>();
  for (const row of rows) {
    const list = groups.get(key(row));
    if (list) list.push(of(row));
    else groups.set(key(row), [of(row)]);
  }
  return groups;
}
