import { markKey } from '../../core/clean/marks';
import type { Editable } from '../../core/household/editable';
import { CLEANS, FIXTURES, FLOORS, MACHINES, MEMBERS, ROOMS, STOPS } from './codecs';
import { methodRows } from './method-rows';
import type { Row } from './scope';
import { settingRows } from './settings';

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
  return {
    floors: keyed(state.home.floors.map((floor, position) => ({ ...FLOORS.toRow(floor), position }))),
    rooms: keyed(
      rooms.map(({ floor, room, position }) => ({ ...ROOMS.toRow(room), floor_id: floor.id, position })),
    ),
    stops: keyed(
      open.map(({ room, stop, position }) => ({ ...STOPS.toRow(stop), room_id: room.id, position })),
    ),
    fixtures: keyed(
      open.flatMap(({ stop }) =>
        stop.fixtures.map((fixture, position) => ({
          ...FIXTURES.toRow(fixture),
          stop_id: stop.id,
          position,
        })),
      ),
    ),
    settings: settingRows(state),
    marks: keyed(state.marks.map((mark) => ({ id: markKey(mark), value: JSON.stringify(mark) }))),
    methods: methodRows(state.catalogue),
    members: keyed(state.people.map((member, position) => ({ ...MEMBERS.toRow(member), position }))),
    machines: keyed(state.machines.map((machine, position) => ({ ...MACHINES.toRow(machine), position }))),
    cleans: keyed(state.clean ? [CLEANS.toRow(state.clean)] : []),
  };
}

function keyed(rows: readonly Row[]): Map<string, Row> {
  return new Map(rows.map((row) => [String(row.id), row]));
}
