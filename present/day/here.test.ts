import { describe, expect, it } from 'vitest';
import { roomsOf } from '@/core/home/room';
import { DOZEN_HOMES } from '@/demo/dozen-homes';
import { roomInLittle } from './here';

describe('a room in little', () => {
  it('has each stop with its part of the walls, in every home, together as long as the walls are', () => {
    for (const { home } of DOZEN_HOMES)
      for (const room of roomsOf(home)) {
        const { stops, metres } = roomInLittle(room, home.wayRound);
        expect(stops).toHaveLength(metres.length);
        expect(new Set(stops)).toEqual(new Set(room.stops.filter(({ shell }) => !shell).map(({ id }) => id)));
        if (stops.length === 0) continue;
        const round = 2 * (room.lengthM + room.widthM);
        const all = metres.reduce((sum, own) => sum + own, 0);
        expect(Math.abs(all - round), room.name).toBeLessThanOrEqual(0.06 * stops.length + 0.1);
      }
  });
});
