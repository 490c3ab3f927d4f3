import { type Counted, MOST } from '../basics/limits';
import { fixturesOf, roomsOf } from '../home/room';
import type { Editable } from './editable';

export type Sized = Pick<Editable, 'home' | 'people' | 'machines' | 'catalogue' | 'rules' | 'marks'>;

const COUNTED_IN = ['home', 'people', 'machines', 'catalogue', 'rules', 'marks'] as const;

/** How much a household holds of what there is a limit for. */
export function sizeOf({ home, people, machines, catalogue, rules, marks }: Sized): Record<Counted, number> {
  const rooms = roomsOf(home);
  return {
    floors: home.floors.length,
    rooms: rooms.length,
    stops: rooms.reduce((sum, room) => sum + room.stops.length, 0),
    fixtures: rooms.reduce((sum, room) => sum + fixturesOf(room).length, 0),
    people: people.length,
    machines: machines.length,
    ownMethods: catalogue.own.length,
    ownRules: rules.own.length,
    marks: marks.length,
  };
}

/** What a household holds too much of. */
export function tooMuchOf(household: Sized): Counted[] {
  const size = sizeOf(household);
  return (Object.keys(MOST) as Counted[]).filter((counted) => size[counted] > MOST[counted]);
}

/** Whether a change makes a household hold more of something than it may; one that holds too much already may shrink. */
export function outgrows(before: Sized, after: Sized): boolean {
  if (COUNTED_IN.every((part) => before[part] === after[part])) return false;
  const [old, now] = [sizeOf(before), sizeOf(after)];
  return tooMuchOf(after).some((counted) => now[counted] > old[counted]);
}
