import type { Fixture, Floor, Room, Stop } from '../../core/home/room';
import { FIXTURES, FLOORS, ROOMS, STOPS } from '../db/codecs';
import type { HouseholdScope, Row } from '../db/scope';

/** Floors, rooms, stops and fixtures, put together from their rows. */
export async function loadFloors(scope: HouseholdScope): Promise<Floor[]> {
  const inOrder = (table: 'floors' | 'rooms' | 'stops' | 'fixtures'): Promise<Row[]> =>
    scope.rows(table).orderBy('position').orderBy('id').select();
  const [floors, rooms, stops, fixtures] = await Promise.all([
    inOrder('floors'),
    inOrder('rooms'),
    inOrder('stops'),
    inOrder('fixtures'),
  ]);
  const fixturesAt = groupBy(fixtures, 'stop_id', (row): Fixture => FIXTURES.ofRow(row));
  const stopsIn = groupBy(
    stops,
    'room_id',
    (row): Stop => ({ ...STOPS.ofRow(row), fixtures: fixturesAt.get(row.id) ?? [] }),
  );
  const roomsOn = groupBy(
    rooms,
    'floor_id',
    (row): Room => ({ ...ROOMS.ofRow(row), stops: stopsIn.get(row.id) ?? [] }),
  );
  return floors.map((row): Floor => ({ ...FLOORS.ofRow(row), rooms: roomsOn.get(row.id) ?? [] }));
}

function groupBy<T>(rows: readonly Row[], column: string, of: (row: Row) => T): Map<unknown, T[]> {
  const groups = new Map<unknown, T[]>();
  for (const row of rows) {
    const list = groups.get(row[column]);
    if (list) list.push(of(row));
    else groups.set(row[column], [of(row)]);
  }
  return groups;
}
