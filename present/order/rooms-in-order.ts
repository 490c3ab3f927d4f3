import type { RoomWay } from '@/core/clean/rule';
import type { RoomKind } from '@/core/home/room';
import { inRoomOrder } from '@/core/order/room-order';
import { FLOORS } from '@/core/order/rules';
import type { Current } from '@/core/problem/campaign';
import { listedFor } from '@/core/problem/first-job';
import { duration } from '../words/words';

/** The rooms one after the other and how each is gone through, as plain data for the screen. */

export type RoomInOrder = {
  readonly id: string;
  readonly name: string;
  readonly floor: string;
  readonly way: RoomWay | '';
  /** What the way costs, where it costs something. */
  readonly cost: string | undefined;
};

/** Orders that are one press: what is said, and the rooms. */
export type RoomOrderPreset = { readonly words: string; readonly rooms: readonly string[] };

export type RoomsInOrderScreen = {
  readonly rows: readonly RoomInOrder[];
  readonly presets: readonly RoomOrderPreset[];
  /** Whether somebody has said an order. */
  readonly isSaid: boolean;
};

export const WAY_WORDS: Record<RoomWay | '', string> = {
  '': 'By layers, all round',
  sections: 'Section by section, each from top to bottom',
  'floor-first': 'The floor first',
  together: 'By layers, together with the other rooms that say so',
};

type Of = Pick<Current, 'household' | 'tasks'>;

export function roomsInOrder({ household, tasks }: Of): RoomsInOrderScreen {
  const { home, rules } = household;
  const rooms = home.floors.flatMap((floor) => floor.rooms.map((room) => ({ ...room, floor: floor.name })));
  const ways = new Map(rules.ways.map(({ room, way }) => [room, way]));
  return {
    rows: inRoomOrder(rooms, rules.rooms, ({ id }) => id).map(({ id, name, floor }) => ({
      id,
      name,
      floor,
      way: ways.get(id) ?? '',
      cost: ways.get(id) === 'floor-first' ? floorTwice(id, tasks) : undefined,
    })),
    presets: presetsOf(home.floors, rooms),
    isSaid: rules.rooms.length > 0,
  };
}

type Listed = { readonly id: string; readonly kind: RoomKind };

function presetsOf(floors: Of['household']['home']['floors'], rooms: readonly Listed[]): RoomOrderPreset[] {
  const ids = (some: readonly Listed[]) => some.map(({ id }) => id);
  return [
    { words: 'Top floor down', rooms: ids([...floors].reverse().flatMap((floor) => floor.rooms)) },
    { words: 'From the way in', rooms: ids(listedFor('way-in', rooms, ({ kind }) => kind)) },
  ];
}

/** Dust falls: done first, a floor is done once more in the end. */
function floorTwice(room: string, tasks: Of['tasks']): string {
  const minutes = tasks
    .filter((task) => task.room.id === room && FLOORS.includes(task.method.id))
    .reduce((sum, task) => sum + task.estimate.hands.minutes, 0);
  return minutes < 1
    ? 'Dust falls on it while the rest is done.'
    : `Dust falls on it while the rest is done. To have it clean in the end, plan another ${duration(Math.round(minutes))} for it.`;
}
