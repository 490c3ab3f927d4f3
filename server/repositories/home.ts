import type { Fixture, Floor, Home, Room, Stop } from '../../core/home/room';
import { fixtureSchema, sizeSchema } from '../../core/home/room-schema';
import type { HouseholdScope, Row } from '../db/scope';

/** Floors, rooms, stops and fixtures. A place that is not the household's own is as good as not there. */

type Placed = { id: string; position: number };
type FloorRow = Placed & { name: string };
type RoomRow = Placed & {
  floor_id: string;
  name: string;
  kind: Room['kind'];
  length_m: number;
  width_m: number;
  height_m: number;
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
};

export async function loadHome(scope: HouseholdScope): Promise<Home> {
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
      stops: stopsIn.get(row.id) ?? [],
    }),
  );
  return {
    floors: floors.map((row): Floor => ({ id: row.id, name: row.name, rooms: roomsOn.get(row.id) ?? [] })),
  };
}

/** Writes a whole home into a household that has none. */
export async function insertHome(scope: HouseholdScope, home: Home): Promise<void> {
  const rooms = home.floors.flatMap((floor) =>
    floor.rooms.map((room, position) => ({ floor, room, position })),
  );
  await scope.insert(
    'floors',
    home.floors.map((floor, position) => ({ id: floor.id, name: floor.name, position })),
  );
  await scope.insert(
    'rooms',
    rooms.map(({ floor, room, position }) => roomRow(floor.id, room, position)),
  );
  for (const { room } of rooms) await insertStops(scope, room);
}

export async function insertFloor(scope: HouseholdScope, floor: { id: string; name: string }): Promise<void> {
  await scope.insertOnce(
    'floors',
    { id: floor.id, name: floor.name, position: await nextPosition(scope, 'floors') },
    ['id'],
  );
}

/** Adds a room with its stops; again with the same id, it changes nothing. */
export async function insertRoom(scope: HouseholdScope, floorId: string, room: Room): Promise<void> {
  await scope.transaction(async (inside) => {
    if (await inside.rows('rooms').where({ id: room.id }).first('id')) return;
    await inside.insert('rooms', [roomRow(floorId, room, await nextPosition(inside, 'rooms'))]);
    await insertStops(inside, room);
  });
}

export async function updateRoom(
  scope: HouseholdScope,
  room: Pick<Room, 'id' | 'name' | 'lengthM' | 'widthM' | 'heightM'>,
): Promise<boolean> {
  const changed = await scope
    .rows('rooms')
    .where({ id: room.id })
    .update({ name: room.name, length_m: room.lengthM, width_m: room.widthM, height_m: room.heightM });
  return changed > 0;
}

export async function removeRoom(scope: HouseholdScope, id: string): Promise<boolean> {
  return (await scope.rows('rooms').where({ id }).del()) > 0;
}

export async function insertStop(
  scope: HouseholdScope,
  roomId: string,
  stop: { id: string; name: string },
): Promise<void> {
  await scope.insertOnce(
    'stops',
    {
      id: stop.id,
      room_id: roomId,
      name: stop.name,
      shell: false,
      position: await nextPosition(scope, 'stops'),
    },
    ['id'],
  );
}

/** Adds a fixture at a stop, or writes it anew. */
export async function putFixture(scope: HouseholdScope, stopId: string, fixture: Fixture): Promise<void> {
  await scope.transaction(async (inside) => {
    const known: { position: number } | undefined = await inside
      .rows('fixtures')
      .where({ id: fixture.id })
      .first('position');
    await inside.put(
      'fixtures',
      fixtureRow(stopId, fixture, known?.position ?? (await nextPosition(inside, 'fixtures'))),
      ['id'],
    );
  });
}

export async function removeFixture(scope: HouseholdScope, id: string): Promise<boolean> {
  return (await scope.rows('fixtures').where({ id }).del()) > 0;
}

async function insertStops(scope: HouseholdScope, room: Room): Promise<void> {
  await scope.insert(
    'stops',
    room.stops.map((stop, position) => ({
      id: stop.id,
      room_id: room.id,
      name: stop.name,
      shell: stop.shell,
      position,
    })),
  );
  await scope.insert(
    'fixtures',
    room.stops.flatMap((stop) =>
      stop.fixtures.map((fixture, position) => fixtureRow(stop.id, fixture, position)),
    ),
  );
}

async function nextPosition(
  scope: HouseholdScope,
  table: 'floors' | 'rooms' | 'stops' | 'fixtures',
): Promise<number> {
  const row: { last: number | null } = await scope.rows(table).max({ last: 'position' }).first();
  return (row.last ?? -1) + 1;
}

function roomRow(floorId: string, room: Room, position: number): Row {
  return {
    id: room.id,
    floor_id: floorId,
    name: room.name,
    kind: room.kind,
    length_m: room.lengthM,
    width_m: room.widthM,
    height_m: room.heightM,
    position,
  };
}

function fixtureRow(stopId: string, fixture: Fixture, position: number): Row {
  return {
    id: fixture.id,
    stop_id: stopId,
    kind: fixture.kind,
    height: fixture.height,
    count: fixture.count,
    size: JSON.stringify(fixture.size),
    surface: fixture.surface ?? null,
    soil: fixture.soil,
    fullness: fixture.fullness,
    leave_it: fixture.leave,
    position,
  };
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
