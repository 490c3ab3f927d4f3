import type { PastedList } from '@/core/furnish/pasted-list';
import { ROOM_KINDS, type RoomKind } from '@/core/home/scales';
import type { RoomToAdd } from '@/core/household/room-changes';
import { count } from '../words/words';

/** Rooms as they are pressed, so many of each kind. */
export type Pressed = Partial<Record<RoomKind, number>>;

export function pressedRooms(pressed: Pressed): number {
  return Object.values(pressed).reduce((sum, number) => sum + number, 0);
}

/** Each with a name of its own: `Bedroom 1`, `Bedroom 2`; a kind of which there is one bears its name. */
export function roomsOfPressed(pressed: Pressed, taken: readonly string[], newId: () => string): RoomToAdd[] {
  const names = new Set(taken.map((name) => name.toLowerCase()));
  return (Object.keys(ROOM_KINDS) as RoomKind[]).flatMap((kind) => {
    const many = pressed[kind] ?? 0;
    return Array.from({ length: many }, (): RoomToAdd => {
      const name = freeName(ROOM_KINDS[kind], many > 1, names);
      names.add(name.toLowerCase());
      return { id: newId(), name, kind, things: [] };
    });
  });
}

function freeName(name: string, isNumbered: boolean, taken: ReadonlySet<string>): string {
  if (!isNumbered && !taken.has(name.toLowerCase())) return name;
  for (let number = 1; ; number++)
    if (!taken.has(`${name} ${number}`.toLowerCase())) return `${name} ${number}`;
}

export function roomsOfList({ rooms }: PastedList, newId: () => string): RoomToAdd[] {
  return rooms.map((room) => ({ id: newId(), ...room }));
}

/** What a list comes to, before anything is changed: `3 rooms with 12 things; 1 as such a room usually is.` */
export function listWords({ rooms, unread }: PastedList): string {
  if (rooms.length === 0)
    return 'No room is named in it. Write one like “Kitchen: oven, fridge, two windows”.';
  const things = rooms.reduce((sum, room) => sum + room.things.length, 0);
  const usual = rooms.filter((room) => room.things.length === 0).length;
  const words = [
    `${count(rooms.length, 'room', 'rooms')} with ${count(things, 'thing', 'things')}`,
    ...(usual > 0 ? [`${usual} of them as such a room usually is`] : []),
    ...(unread.length > 0 ? [`${count(unread.length, 'word', 'words')} not understood`] : []),
  ];
  return `${words.join(', ')}.`;
}
