import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { tasksOf } from '@/core/clean/tasks';
import { workOf } from '@/core/clean/work';
import { type Room, roomsOf } from '@/core/home/room';
import { orderWork } from '@/core/order/ordered';
import { tasksInOrder } from '@/core/order/working-order';
import { juniperRow } from '@/demo/juniper-row';
import { bandsAt, fixtureOrder, fixturesAt, openStops, rowsOf, wallsOf } from './strip-model';

const household = juniperRow('2027-03-01');
const { home } = household;
const room = (id: string): Room => roomsOf(home).find((found) => found.id === id)!;

describe('the unrolled room', () => {
  it('has a column a stop and a band for what belongs to the room itself', () => {
    expect(openStops(room('bedroom'), 'clockwise').map((stop) => stop.name)).toEqual([
      'Door',
      'Wardrobe',
      'Window',
      'Radiator',
      'Bed',
      'Bedsides',
      'Chest of drawers',
      'Lamp',
    ]);
    expect(bandsAt(room('bedroom'), 'floor').map((fixture) => fixture.kind)).toEqual(['carpet']);
    expect(
      fixturesAt(openStops(room('bedroom'), 'clockwise')[4]!, 'low').map((fixture) => fixture.kind),
    ).toEqual(['bed', 'mattress', 'duvet']);
  });

  it('lays four walls over the stops, from the door on, and loses no stop', () => {
    for (const { stops, ...rest } of roomsOf(home)) {
      const columns = openStops({ stops, ...rest }, 'clockwise').length;
      const walls = wallsOf(rest, columns);
      expect(walls.reduce((sum, wall) => sum + wall.stops, 0)).toBe(columns);
      expect(walls[0]?.name).toBe('Door wall');
    }
    expect(wallsOf(room('hall'), 0)).toEqual([]);
  });

  it('draws the rows that hold something, and ceiling, middle and floor always', () => {
    expect(rowsOf({ ...room('hall'), stops: [] })).toEqual(['ceiling', 'middle', 'floor']);
    expect(rowsOf(room('bedroom'))).toEqual(['ceiling', 'high', 'middle', 'low', 'floor']);
  });

  it('numbers each fixture once, where its first job comes', () => {
    const tasks = tasksOf(workOf(household, CATALOGUE));
    const { steps } = orderWork(tasks, home, household.rules, 'room');
    const order = fixtureOrder(tasksInOrder(steps).filter((task) => task.room.id === 'bedroom'));
    expect(new Set(order).size).toBe(order.length);
    // The curtains come down and go into the wash before dust flies.
    expect(order.slice(0, 3)).toEqual(['bedroom-3-curtains', 'bedroom-5-bed', 'bedroom-0-ceiling']);
    expect(order.at(-1)).toBe('bedroom-0-carpet');
  });
});
