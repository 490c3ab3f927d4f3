import type { Clean } from '../../core/clean/clean';
import { markKey } from '../../core/clean/marks';
import type { Fixture, Room, Stop } from '../../core/home/room';
import type { Editable } from '../../core/household/editable';
import type { HouseholdMachine } from '../../core/machines/household-machine';
import type { Member } from '../../core/people/member';

/**
 * What can be edited, as rows of tables with a key each: the form in which it is stored, compared, and put back when a
 * change is undone.
 */

export const EDIT_TABLES = [
  'floors',
  'rooms',
  'stops',
  'fixtures',
  'settings',
  'marks',
  'methods',
  'members',
  'machines',
  'cleans',
] as const;
export type EditTable = (typeof EDIT_TABLES)[number];

export type Row = Readonly<Record<string, unknown>>;
export type RowChange = {
  readonly table: EditTable;
  readonly id: string;
  /** Absent where there was or will be no such row. */
  readonly before?: Row;
  readonly after?: Row;
};

type Tables = Readonly<Record<EditTable, ReadonlyMap<string, Row>>>;

/** The rows that differ between two states, containers before what they hold. */
export function rowChanges(before: Editable, after: Editable): RowChange[] {
  const [old, now] = [rowsOf(before, after), rowsOf(after, before)];
  return EDIT_TABLES.flatMap((table) => {
    const ids = new Set([...old[table].keys(), ...now[table].keys()]);
    return [...ids].flatMap((id) => {
      const [was, is] = [old[table].get(id), now[table].get(id)];
      return JSON.stringify(was) === JSON.stringify(is)
        ? []
        : [{ table, id, ...(was && { before: was }), ...(is && { after: is }) }];
    });
  });
}

/** The same changes the other way round. */
export function reversed(changes: readonly RowChange[]): RowChange[] {
  return changes.map(({ table, id, before, after }) => ({
    table,
    id,
    ...(after && { before: after }),
    ...(before && { after: before }),
  }));
}

/** All rows of a state but for the insides of rooms that are the very same object in `other`. */
export function rowsOf(state: Editable, other?: Editable): Tables {
  const known = new Set(other?.home.floors.flatMap((floor) => floor.rooms));
  const rooms = state.home.floors.flatMap((floor) =>
    floor.rooms.map((room, position) => ({ floor, room, position })),
  );
  const open = rooms
    .filter(({ room }) => !known.has(room))
    .flatMap(({ room }) => room.stops.map((stop, position) => ({ room, stop, position })));
  const keyed = <T>(list: readonly T[], row: (item: T, i: number) => readonly [string, Row]) =>
    new Map(list.map(row));
  return {
    floors: keyed(state.home.floors, (floor, position) => [
      floor.id,
      { id: floor.id, name: floor.name, position },
    ]),
    rooms: keyed(rooms, ({ floor, room, position }) => [room.id, roomRow(floor.id, room, position)]),
    stops: keyed(open, ({ room, stop, position }) => [stop.id, stopRow(room.id, stop, position)]),
    fixtures: new Map(
      open.flatMap(({ stop }) =>
        stop.fixtures.map(
          (fixture, position) => [fixture.id, fixtureRow(stop.id, fixture, position)] as const,
        ),
      ),
    ),
    settings: settingRows(state),
    marks: keyed(state.marks, (mark) => [markKey(mark), { id: markKey(mark), value: JSON.stringify(mark) }]),
    methods: methodRows(state),
    members: keyed(state.people, (member, position) => [member.id, memberRow(member, position)]),
    machines: keyed(state.machines, (machine, position) => [machine.id, machineRow(machine, position)]),
    cleans: keyed(state.clean ? [state.clean] : [], (clean) => [clean.id, cleanRow(clean)]),
  };
}

function settingRows(state: Editable): Map<string, Row> {
  const { home, units, rules, supplies, calls, steering, weather, forecastSeed } = state;
  const settings: Record<string, unknown> = {
    facts: home.facts,
    way: home.wayRound,
    units,
    rules,
    supplies,
    calls,
    steering,
    weather,
    ...(forecastSeed !== undefined && { 'forecast-seed': forecastSeed }),
  };
  return new Map(Object.entries(settings).map(([id, value]) => [id, { id, value: JSON.stringify(value) }]));
}

/** One row a method that the household has changed, switched off, or added. */
function methodRows({ catalogue }: Editable): Map<string, Row> {
  const { changed, off, own } = catalogue;
  const ids = [...new Set([...own.map((method) => method.id), ...Object.keys(changed), ...off])];
  return new Map(
    ids.map((id, position) => {
      const method = own.find((known) => known.id === id);
      const value = {
        ...(changed[id] && { changed: changed[id] }),
        ...(off.includes(id) && { off: true }),
        ...(method && { own: method }),
      };
      return [id, { id, value: JSON.stringify(value), position }];
    }),
  );
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
    ventilation: room.ventilation,
    opens_to: JSON.stringify(room.opensTo),
    position,
  };
}

function stopRow(roomId: string, stop: Stop, position: number): Row {
  return { id: stop.id, room_id: roomId, name: stop.name, shell: stop.shell, position };
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
    last_done: fixture.lastDone ?? null,
    mend: fixture.mend ?? null,
    position,
  };
}

function memberRow(member: Member, position: number): Row {
  return {
    id: member.id,
    name: member.name,
    hours: JSON.stringify(member.hours),
    daily_cap: member.dailyCap,
    cannot: JSON.stringify(member.cannot),
    dislikes: JSON.stringify(member.dislikes),
    break_after: member.breakAfter,
    break_length: member.breakLength,
    pace: member.pace,
    age: member.age ?? null,
    exceptions: JSON.stringify(member.exceptions),
    busy: JSON.stringify(member.busy),
    position,
  };
}

function cleanRow(clean: Clean): Row {
  return {
    id: clean.id,
    name: clean.name,
    reason: clean.reason,
    reward: clean.reward,
    start: clean.start,
    finish: clean.finish,
    spread: clean.spread,
    grouping: clean.grouping,
    first_job: clean.firstJob,
    block: JSON.stringify(clean.block),
    open_rooms: clean.openRooms,
    reserve: JSON.stringify(clean.reserve),
    session_cap: clean.sessionCap,
    products: clean.products,
    belongings: clean.belongings,
    estimates: clean.estimates,
  };
}

function machineRow({ id, kind, from, to }: HouseholdMachine, position: number): Row {
  return { id, kind, runs_from: from ?? null, runs_to: to ?? null, position };
}
