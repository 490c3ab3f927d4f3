import { type Home, roomsOf } from '../home/room';

/** Rooms whose floor runs on from one that comes before them on the walk: what is set up there is carried along. */
export function joinedRooms(home: Home): Set<string> {
  const rooms = roomsOf(home);
  const before = new Map(rooms.map((room, i) => [room.id, i]));
  const joined = new Set<string>();
  rooms.forEach((room, i) => {
    for (const other of room.opensTo) {
      const at = before.get(other);
      if (at !== undefined && at !== i) joined.add(at < i ? room.id : other);
    }
  });
  return joined;
}
