import { describe, expect, it } from 'vitest';
import type { Room } from './room';
import { WAYS_ROUND } from './scales';
import { stopsInOrder } from './way-round';

/**
 * Eight stops round a square room of 4 × 4 m, two metres apart, the door in the middle of the lower wall:
 *
 *     left-far  far   far-right
 *     left            right
 *     door-left door  door-right
 */
const NAMES = ['door', 'door-left', 'left', 'left-far', 'far', 'far-right', 'right', 'door-right'];

const room: Room = {
  id: 'r',
  name: 'Room',
  kind: 'living',
  lengthM: 4,
  widthM: 4,
  heightM: 2.5,
  ventilation: 'window',
  opensTo: [],
  stops: [
    { id: 'shell', name: 'The room itself', shell: true, fixtures: [] },
    ...NAMES.map((name) => ({ id: name, name, shell: false, fixtures: [] })),
  ],
};

const order = (way: (typeof WAYS_ROUND)[number]) => stopsInOrder(room, way).map((stop) => stop.name);

describe('the way round', () => {
  it('is clockwise from the door as the stops are kept', () => {
    expect(order('clockwise')).toEqual(['The room itself', ...NAMES]);
  });

  it('goes through the room from left to right, and from right to left the other way', () => {
    const columns = (names: string[]) =>
      names.slice(1).map((name) => (/left/.test(name) ? 'l' : /right/.test(name) ? 'r' : 'm'));
    expect(columns(order('left-to-right')).join('')).toBe('lllmmrrr');
    expect(columns(order('right-to-left')).join('')).toBe('rrrmmlll');
  });

  it('goes in a U along the sides, the wall of the door last', () => {
    expect(order('u')).toEqual(
      [
        'The room itself',
        'left-far',
        'far',
        'far-right',
        'right',
        'door',
        'door-right',
        'door-left',
        'left',
      ].sort((a, b) => order('u').indexOf(a) - order('u').indexOf(b)),
    );
    expect(order('u').slice(-3).sort()).toEqual(['door', 'door-left', 'door-right']);
  });

  it('loses and doubles no stop, whichever way', () => {
    for (const way of WAYS_ROUND) {
      expect(order(way).toSorted()).toEqual(['The room itself', ...NAMES].toSorted());
      expect(order(way)[0]).toBe('The room itself');
      expect(stopsInOrder({ ...room, stops: [] }, way)).toEqual([]);
    }
  });
});
