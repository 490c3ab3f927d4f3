import type { Floor, Room, RoomKind } from '../home/room';
import type { Daily, Problem } from '../plan/problem';

/** A room in which two people are in each other's way, in square metres. */
const SMALL_ROOM_M2 = 5;

const NIGHT: Daily = { from: '21:00', to: '07:00' };
const MEALS: readonly Daily[] = [
  { from: '06:30', to: '08:30' },
  { from: '12:00', to: '13:00' },
  { from: '18:00', to: '19:30' },
];

/** When nobody may be shut out of a room: where one sleeps at night, where one cooks at meals. */
const IN_USE: Partial<Record<RoomKind, readonly Daily[]>> = {
  bedroom: [NIGHT],
  child: [NIGHT],
  kitchen: MEALS,
};

/** A room for the planner; floors are counted from the lowest. */
export function roomFor(room: Room, floors: readonly Floor[]): Problem['rooms'][number] {
  const inUse = IN_USE[room.kind];
  return {
    id: room.id,
    maxPeople: room.lengthM * room.widthM < SMALL_ROOM_M2 ? 1 : 2,
    floor: floors.findIndex(({ rooms }) => rooms.includes(room)),
    ...(inUse && { inUse: [...inUse] }),
  };
}
