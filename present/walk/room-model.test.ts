import { describe, expect, it } from 'vitest';
import { roomsOf } from '@/core/home/room';
import { juniperRow } from '@/demo/juniper-row';
import { fixtureMoved, placeOf, roomAfter, stopMoved } from './room-model';
import { openStops } from './strip-model';

const room = roomsOf(juniperRow('2027-03-01').home).find((found) => found.id === 'bathroom')!;
const stops = openStops(room, 'clockwise');
const names = (changed: typeof room) => openStops(changed, 'clockwise').map((stop) => stop.name);

describe('moving on the strip', () => {
  it('takes a stop one place along, and stops at the ends', () => {
    const [first, second] = stops;
    const right = stopMoved(stops, first!.id, 'right')!;
    expect(names(roomAfter(room, right)).slice(0, 2)).toEqual([second!.name, first!.name]);
    expect(stopMoved(stops, first!.id, 'left')).toBeUndefined();
    expect(stopMoved(stops, stops.at(-1)!.id, 'right')).toBeUndefined();
    const back = stopMoved(stops, second!.id, 'left')!;
    expect(names(roomAfter(room, back)).slice(0, 2)).toEqual([second!.name, first!.name]);
  });

  it('takes a thing to the next stop or height, and never off the strip', () => {
    const mirror = placeOf(room, 'bathroom-2-mirror')!;
    const lower = roomAfter(room, fixtureMoved(stops, mirror, 'down')!);
    expect(placeOf(lower, 'bathroom-2-mirror')?.fixture.height).toBe('middle');
    const along = roomAfter(room, fixtureMoved(stops, mirror, 'right')!);
    expect(placeOf(along, 'bathroom-2-mirror')?.stop.name).toBe('Toilet');
    const lamp = placeOf(room, 'bathroom-8-ceiling-light')!;
    expect(fixtureMoved(stops, lamp, 'up')).toBeUndefined();
    expect(fixtureMoved(stops, lamp, 'right')).toBeUndefined();
    const ceiling = placeOf(room, 'bathroom-0-ceiling')!;
    expect(fixtureMoved(stops, ceiling, 'right')).toBeUndefined();
  });

  it('leaves the room as it is where a change can not be made', () => {
    expect(roomAfter(room, { do: 'rename-stop', id: 'nowhere', name: 'X' })).toBe(room);
  });
});
