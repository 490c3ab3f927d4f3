import { type Counted, MOST } from '../basics/limits';
import { fixturesOf, roomsOf } from '../home/room';
import type { Editable } from './editable';

export type Sized = Pick<Editable, 'home' | 'people' | 'machines'>;

/** How much a household holds of what there is a limit for. */
export function sizeOf({ home, people, machines }: Sized): Record<Counted, number> {
  const rooms = roomsOf(home);
  return {
    floors: home.floors.length,
    rooms: rooms.length,
    stops: rooms.reduce((sum, room) => sum + room.stops.length, 0),
    fixtures: rooms.reduce((sum, room) => sum + fixturesOf(room).length, 0),
    people: people.length,
    machines: machines.length,
  };
}

/** What a household holds too much of. */
export function tooMuchOf(household: Sized): Counted[] {
  const size = sizeOf(household);
  return (Object.keys(MOST) as Counted[]).filter((counted) => size[counted] > MOST[counted]);
}

/** Whether a change makes a household hold more of something than it may; one that holds too much already may shrink. */
export function outgrows(before: Sized, after: Sized): boolean {
  if (before.home === after.home && before.people === after.people && before.machines === after.machines)
    return false;
  const [old, now] = [sizeOf(before), sizeOf(after)];
  return tooMuchOf(after).some((counted) => now[counted] > old[counted]);
}
