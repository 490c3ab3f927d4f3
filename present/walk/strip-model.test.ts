import { describe, expect, it } from 'vitest';
import { alongWalls } from '@/core/furnish/along-walls';
import { type Room, roomsOf } from '@/core/home/room';
import { juniperRow } from '@/demo/juniper-row';
import { bandsAt, cornersOf, fixturesAt, openingOf, openStops, rowsOf, wallsOf } from './strip-model';
import { usualWidthM } from './usual-width';

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
      const open = openStops({ stops, ...rest }, 'clockwise');
      const walls = wallsOf(rest, alongWalls(rest, open, usualWidthM));
      expect(walls.reduce((sum, wall) => sum + wall.stops, 0)).toBe(open.length);
      expect(walls[0]?.name).toBe('Door wall');
      const corners = cornersOf(walls, open);
      expect(corners.size).toBe(walls.length);
      expect(corners.has(open[0]!.id)).toBe(true);
    }
    expect(wallsOf(room('hall'), [])).toEqual([]);
  });

  it('has openings where one sees or goes through a wall', () => {
    const kinds = openStops(room('bedroom'), 'clockwise').flatMap(({ fixtures }) => fixtures);
    const openings = kinds.flatMap((fixture) => openingOf(fixture) ?? []);
    expect(openings.toSorted()).toEqual(['door', 'window']);
  });

  it('draws the rows that hold something, and ceiling, middle and floor always', () => {
    expect(rowsOf({ ...room('hall'), stops: [] })).toEqual(['ceiling', 'middle', 'floor']);
    expect(rowsOf(room('bedroom'))).toEqual(['ceiling', 'high', 'middle', 'low', 'floor']);
  });
});
