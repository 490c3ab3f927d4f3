import { type Floor, type Home, type Room, roomsOf, type Stop } from '../home/room';
import { type Made, made, refuse } from './made';

/** One part of a home changed. What did not change stays the same object. */

export function onFloor(home: Home, id: string, change: (floor: Floor) => Floor): Made<Home> {
  if (!home.floors.some((floor) => floor.id === id)) return refuse('gone');
  return made({ ...home, floors: home.floors.map((floor) => (floor.id === id ? change(floor) : floor)) });
}

export function onRoom(home: Home, id: string, change: (room: Room) => Room): Made<Home> {
  if (!roomsOf(home).some((room) => room.id === id)) return refuse('gone');
  return made(mapRooms(home, (room) => (room.id === id ? change(room) : room)));
}

export function onRoomOfStop(home: Home, stopId: string, change: (room: Room) => Room): Made<Home> {
  const room = roomsOf(home).find(({ stops }) => stops.some((stop) => stop.id === stopId));
  return room ? onRoom(home, room.id, change) : refuse('gone');
}

export function onStop(home: Home, id: string, change: (stop: Stop) => Stop): Made<Home> {
  return onRoomOfStop(home, id, (room) => ({
    ...room,
    stops: room.stops.map((stop) => (stop.id === id ? change(stop) : stop)),
  }));
}

export function findStop(home: Home, id: string): Stop | undefined {
  return roomsOf(home)
    .flatMap((room) => room.stops)
    .find((stop) => stop.id === id);
}

/** Rooms one by one, or none in their place; floors on which nothing changed stay the same object. */
export function mapRooms(home: Home, change: (room: Room) => Room | undefined): Home {
  const floors = home.floors.map((floor) => {
    const rooms = floor.rooms.flatMap((room) => change(room) ?? []);
    const same = rooms.length === floor.rooms.length && rooms.every((room, i) => room === floor.rooms[i]);
    return same ? floor : { ...floor, rooms };
  });
  return { ...home, floors };
}
